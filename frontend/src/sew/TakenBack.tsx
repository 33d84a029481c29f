import { useQuery, useQueryClient } from "@tanstack/react-query";

import { type BlockLog, readLog } from "../api/blockLog";
import { client, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { rich, say } from "../language/say";
import type { SewingStep } from "./plan";

/** How often the seams of a step were taken back; a count of its own, since each time weakens the edge. */
export function TakenBack({ id, step }: { id: string; step: SewingStep }) {
  const queries = useQueryClient();
  const key = ["block-log", id];
  const found = useQuery({ queryKey: key, queryFn: () => readLog(id) });
  const times = found.data?.taken_back.find((one) => one.mark === step.mark)?.times ?? 0;
  const counting = useChange(
    (now: number) =>
      settled(
        client.PUT("/api/blocks/{block_id}/taken-back", {
          params: { path: { block_id: id } },
          body: { mark: step.mark, words: step.words, times: now },
        }),
      ),
    {
      refresh: [key, ["measuring", id]],
      inOrder: "taken-back",
      show: (now) => {
        queries.setQueryData<BlockLog>(key, (before) => {
          if (!before) return before;
          const others = before.taken_back.filter((one) => one.mark !== step.mark);
          return { ...before, taken_back: [...others, { mark: step.mark, words: step.words, times: now }] };
        });
      },
    },
  );
  return (
    <span className="taken-back">
      {rich("sew-taken-back", {
        times: times === 0 ? say("sew-never") : say("common-times", { times }),
        buttons: (
          <button type="button" className="quiet" disabled={times >= 99} onClick={() => counting.mutate(times + 1)}>
            {say("sew-once-more")}
          </button>
        ),
      })}
      {times > 0 && (
        <button type="button" className="quiet" onClick={() => counting.mutate(times - 1)}>
          {say("sew-one-less")}
        </button>
      )}
      {counting.error && (
        <span className="fault" role="alert">
          {counting.error.message}
        </span>
      )}
    </span>
  );
}
