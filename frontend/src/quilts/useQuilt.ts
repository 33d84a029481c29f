import { useEffect, useState, useSyncExternalStore } from "react";

import { useNewer } from "../block/useNewer";
import { Drafting, type DraftingState } from "../block/drafting";
import { historyOf } from "../block/history";
import { type Quilt, type QuiltAct, server } from "./server";

export type { Quilt, QuiltAct };
export type QuiltInHand = DraftingState<Quilt, QuiltAct> &
  Pick<
    Drafting<QuiltAct, Quilt>,
    "act" | "take" | "undo" | "redo" | "dismiss" | "takeTheirs" | "keepMineAsCopy" | "bringBack" | "letGo"
  >;

/** Work on a quilt, for as long as its page is open. */
export function useQuilt(id: string): QuiltInHand {
  const [drafting] = useState(() => new Drafting<QuiltAct, Quilt>(id, server, historyOf<QuiltAct>()));
  const state = useSyncExternalStore(drafting.subscribe, () => drafting.state);
  useEffect(() => {
    void drafting.enter();
    return drafting.leave;
  }, [drafting]);
  useNewer(drafting);
  const { act, take, undo, redo, dismiss, takeTheirs, keepMineAsCopy, bringBack, letGo } = drafting;
  return { ...state, act, take, undo, redo, dismiss, takeTheirs, keepMineAsCopy, bringBack, letGo };
}
