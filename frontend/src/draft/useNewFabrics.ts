import { useEffect, useRef } from "react";

import type { Act, Draft } from "../api/client";
import { asTaken, type ShelfFabric } from "../fabrics/shelfFabric";
import type { Held } from "./places";

type NewFabric = Omit<Extract<Act, { do: "fabric" }>, "do" | "key">;

interface Asked {
  fabrics: Draft["fabrics"];
  taken: Held["taken"];
  slot: number;
  /** How many fabrics the unit in hand is made of, one after the other; none where patches are painted. */
  uses: number | undefined;
  hold: (part: Partial<Held>) => void;
  act: (acts: Act[]) => void;
}

/**
 * Adds a fabric to the block by one touch: the next of the row, or one of the shelf. It is taken in hand where the next one goes, slot by slot as many as
 * the unit in hand has, so that a unit of new fabrics is as many touches as it has fabrics.
 */
export function useNewFabrics({ fabrics, taken, slot, uses, hold, act }: Asked) {
  const known = useRef<Set<string>>(undefined);
  const awaited = useRef(0);
  useEffect(() => {
    const before = known.current;
    known.current = new Set(fabrics.map((one) => one.key));
    const fresh = fabrics.filter((one) => before && !before.has(one.key)).slice(0, awaited.current);
    if (fresh.length === 0) return;
    awaited.current -= fresh.length;
    const next = (by: number) => (uses ? (slot + by) % uses : slot);
    const slots = fresh.map((one, place) => [next(place), one.key] as const);
    hold({ taken: { ...taken, ...Object.fromEntries(slots) }, slot: next(fresh.length) });
  }, [fabrics, taken, slot, uses, hold]);
  const add = (all: NewFabric[]) => {
    awaited.current += all.length;
    act(all.map((fabric) => ({ do: "fabric" as const, key: "", ...fabric })));
  };
  return {
    /** The next of the row of dyes. */
    addNext: () => add([{ name: "", colour: "" }]),
    /** Some of the shelf, tied to it, by one act. */
    addFromShelf: (all: ShelfFabric[]) => add(all.map(asTaken)),
  };
}
