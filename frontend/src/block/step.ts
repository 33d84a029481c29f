import type { ComponentType } from "react";

import type { Draft } from "../api/client";
import type { Board } from "../draft/places";
import type { DraftInHand } from "./useDraft";

/** What every step of a block is given. */
export interface StepProps {
  id: string;
  view: Draft;
  drafting: DraftInHand;
  board: Board;
}

/** A step of a block: its name in the address, what it is called, and its page. */
export interface Step {
  name: string;
  words: string;
  /** Whether the undo of the keyboard takes back what was told at the table, and not what was drafted. */
  atTheTable?: boolean;
  Page: ComponentType<StepProps>;
}
