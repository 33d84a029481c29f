import { type QueryKey, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState, useSyncExternalStore } from "react";

import { isAway, keep, keyName } from "../offline/kept";
import { client, type Schemas, settled, words as wordsOf } from "../api/client";
import { device, newName } from "../api/names";
import { useChange } from "../api/useChange";
import { say } from "../language/say";
import { type Entry, waiting } from "./waiting";

export type Change = Schemas["ThingChangeInOut"];
type Last = Schemas["LastEntryOut"];
type Made = Omit<Schemas["MadeUnitsIn"], "name" | "device">;

/** Something that happened: what changes, in words; or units that are made. */
interface Happened<Plan> {
  words: string;
  changes?: Change[];
  made?: Made;
  /** The plan as it is then, shown before the server has answered. */
  show?: (plan: Plan) => Plan;
}

export interface TableInHand<Plan> {
  tell: (happened: Happened<Plan>) => void;
  takeBack: () => void;
  /** What is taken back next at this place, in words. */
  last: string | undefined;
  /** How many entries wait for the server. */
  waits: number;
  fault: string | undefined;
  reset: () => void;
}

/**
 * The table of a block or a quilt at one place: what happens there is seen at once, kept on the server as an entry, and
 * waits where the server is away. `key` is that of the plan that is shown; its first two parts tell what is asked anew.
 */
export function useTable<Plan>(id: string, place: Entry["place"], key: QueryKey): TableInHand<Plan> {
  const queries = useQueryClient();
  const [mine] = useState(device);
  const lastKey = ["table", id, place];
  const last = useQuery({
    queryKey: lastKey,
    queryFn: ({ signal }) =>
      settled<Last>(
        client.GET("/api/tables/{block_id}/last", {
          params: { path: { block_id: id }, query: { place, device: mine } },
          signal,
        }),
      ),
  });
  const list = useSyncExternalStore(waiting.subscribe, waiting.all);
  const refused = useSyncExternalStore(waiting.subscribe, waiting.refused);
  const waits = list.filter((one) => one.table === id).length;
  const refresh = [key.slice(0, 2), ["table", id]];
  const told = useSyncExternalStore(waiting.subscribe, () => waiting.told(id));
  const [plan, part] = key;
  useEffect(() => {
    if (told === 0) return;
    void queries.invalidateQueries({ queryKey: [plan, part] });
    void queries.invalidateQueries({ queryKey: ["table", id] });
  }, [queries, told, plan, part, id]);
  const telling = useChange(
    ({ words, changes = [], made }: Happened<Plan>) => {
      const name = newName();
      if (made) {
        return settled<undefined>(
          client.POST("/api/tables/{block_id}/made", {
            params: { path: { block_id: id } },
            body: { ...made, name, device: mine },
          }),
        );
      }
      return waiting.tell(id, { name, place, device: mine, words, changes });
    },
    {
      refresh,
      inOrder: `table ${id}`,
      show: ({ show }) => {
        if (!show) return;
        const shown = queries.setQueryData<Plan>(key, (before) => before && show(before));
        // opened again while the server is away it stands as it was left
        if (isAway()) keep(keyName(key), shown);
      },
    },
  );
  const taking = useChange(
    async () => {
      if (waiting.takeBack(id, place)) return;
      await settled<Last>(
        client.POST("/api/tables/{block_id}/take-back", {
          params: { path: { block_id: id } },
          body: { name: newName(), place, device: mine },
        }),
      );
    },
    { refresh, inOrder: `table ${id}` },
  );
  const waitsHere = list.filter((one) => one.table === id && one.entry.place === place).at(-1);
  const error = telling.error ?? taking.error;
  return {
    tell: (happened) => telling.mutate(happened),
    takeBack: () => taking.mutate(undefined),
    last: waitsHere?.entry.words ?? last.data?.words ?? undefined,
    waits,
    fault: error ? say("table-was-not-kept", { message: wordsOf(error) }) : refused,
    reset: () => {
      telling.reset();
      taking.reset();
    },
  };
}
