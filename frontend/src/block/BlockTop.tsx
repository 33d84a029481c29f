import { Button } from "react-bootstrap";
import { Link } from "react-router";

import type { Draft } from "../api/client";
import { Brand } from "../common/Brand";
import { Typed } from "../common/Typed";
import { useOneStop } from "../common/useOneStop";
import { Files } from "../draft/Files";
import { Share } from "../guild/Share";
import { SaveSign } from "./SaveSign";
import type { DraftInHand } from "./useDraft";

export const STEPS = [
  ["draft", "Draft"],
  ["recipes", "Recipes"],
  ["cut", "Cut"],
  ["sew", "Sew"],
  ["measure", "Measure"],
  ["set", "Set"],
] as const;

interface Props {
  id: string;
  step: string;
  view: Draft;
  drafting: DraftInHand;
  say: (words?: string) => void;
  onUndo: () => void;
  /** What is taken back, where that is no change of the draft. */
  undoes: string | undefined;
  onKeys?: (() => void) | undefined;
}

/** Along the top of a block: its name, the steps in their order, whether it is saved, undo and redo, its files. */
export function BlockTop({ id, step, view, drafting, onUndo, undoes, say, onKeys }: Props) {
  const steps = useOneStop<HTMLElement>();
  return (
    <header className="top">
      <Brand
        skips={
          step === "draft"
            ? [
                ["#board", "To the board"],
                ["#cutting-list", "To the cutting list"],
              ]
            : undefined
        }
      />
      <Typed
        label="Name of the block"
        showLabel={false}
        value={view.sheet.name}
        width="13rem"
        className="name"
        onKeep={(name) => drafting.act([{ do: "rename", name }])}
      />
      <nav ref={steps} aria-label="Steps">
        {STEPS.map(([name, words]) => (
          <Link key={name} to={`/blocks/${id}/${name}`} aria-current={step === name ? "page" : undefined}>
            {words}
          </Link>
        ))}
      </nav>
      <span className="spring" />
      <Share id={id} name={view.sheet.name} owner={drafting.owner} right={drafting.right} />
      <SaveSign drafting={drafting} />
      <Button
        variant="outline-primary"
        size="sm"
        onClick={onUndo}
        disabled={!undoes && !drafting.canUndo}
        title={`Takes back ${undoes ?? "the last change of the draft"} (Ctrl + Z)`}
      >
        Undo{undoes ? " the tick" : ""}
      </Button>
      <Button
        variant="outline-primary"
        size="sm"
        onClick={drafting.redo}
        disabled={!drafting.canRedo}
        title="Ctrl + Shift + Z"
      >
        Redo
      </Button>
      <Files id={id} view={view} onTaken={drafting.take} say={say} />
      {onKeys && (
        <Button variant="outline-primary" size="sm" onClick={onKeys} aria-label="Keys" title="Keys (?)">
          ?
        </Button>
      )}
    </header>
  );
}
