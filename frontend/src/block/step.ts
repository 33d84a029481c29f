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
  /** Something was ticked that the next undo takes back, as long as nothing is drafted. */
  onTicked: (words: string, back: () => void) => void;
}

/** A step of a block: its name in the address, what it is called, and its page. */
export interface Step {
  name: string;
  words: string;
  Page: ComponentType<StepProps>;
}
