import { useEffect, useState, useSyncExternalStore } from "react";

import { useNewer } from "./useNewer";
import { Drafting, type DraftingState, type Extras } from "./drafting";
import { history } from "./history";
import { serverOf } from "./server";

/** How a block's drafting stands, and what can be done. */
export type DraftInHand = DraftingState &
  Pick<
    Drafting,
    | "act"
    | "wouldBe"
    | "foresee"
    | "take"
    | "undo"
    | "redo"
    | "dismiss"
    | "takeTheirs"
    | "keepMineAsCopy"
    | "bringBack"
    | "letGo"
  >;

/** The drafting of a block, for as long as its page is open. */
export function useDraft(id: string, { stretches, outlines }: Extras): DraftInHand {
  const [drafting] = useState(() => new Drafting(id, serverOf(), history));
  const state = useSyncExternalStore(drafting.subscribe, () => drafting.state);
  useEffect(() => {
    void drafting.enter();
    return drafting.leave;
  }, [drafting]);
  useNewer(drafting);
  useEffect(() => {
    drafting.want({ stretches, outlines });
  }, [drafting, stretches, outlines]);
  const { act, wouldBe, foresee, take, undo, redo, dismiss, takeTheirs, keepMineAsCopy, bringBack, letGo } = drafting;
  return { ...state, act, wouldBe, foresee, take, undo, redo, dismiss, takeTheirs, keepMineAsCopy, bringBack, letGo };
}
