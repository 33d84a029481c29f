import { Button } from "react-bootstrap";
import { Link } from "react-router";

import type { Draft } from "../api/client";
import { Brand } from "../common/Brand";
import { House } from "../common/House";
import { Typed } from "../common/Typed";
import { UndoRedo } from "../common/UndoRedo";
import { useOneStop } from "../common/useOneStop";
import { Files } from "../draft/Files";
import { Share } from "../guild/Share";
import { say } from "../language/say";
import { SaveSign } from "./SaveSign";
import { STEPS } from "./steps";
import type { DraftInHand } from "./useDraft";

interface Props {
  id: string;
  step: string;
  view: Draft;
  drafting: DraftInHand;
  announce: (words?: string) => void;
  onKeys?: (() => void) | undefined;
}

/** Along the top of a block: its name, the steps in their order, whether it is saved, undo and redo, its files. */
export function BlockTop({ id, step, view, drafting, announce, onKeys }: Props) {
  const steps = useOneStop<HTMLElement>();
  return (
    <header className="top">
      <Brand
        skips={
          step === "draft"
            ? [
                ["#board", say("block-to-the-board")],
                ["#cutting-list", say("block-to-the-cutting-list")],
              ]
            : undefined
        }
      />
      <House />
      <Typed
        label={say("block-name-of-the-block")}
        showLabel={false}
        value={view.sheet.name}
        width="13rem"
        className="name"
        onKeep={(name) => drafting.act([{ do: "rename", name }])}
      />
      <nav ref={steps} aria-label={say("common-steps")}>
        {STEPS.map(({ name, words }) => (
          <Link key={name} to={`/blocks/${id}/${name}`} aria-current={step === name ? "page" : undefined}>
            {words}
          </Link>
        ))}
      </nav>
      <span className="spring" />
      <Share id={id} name={view.sheet.name} owner={drafting.owner} right={drafting.right} />
      <SaveSign drafting={drafting} />
      <UndoRedo history={drafting} />
      <Files id={id} view={view} onTaken={drafting.take} announce={announce} />
      {onKeys && (
        <Button
          variant="outline-primary"
          size="sm"
          className="keys-sign"
          onClick={onKeys}
          aria-label={say("common-keys")}
          title={say("block-keys")}
        >
          ?
        </Button>
      )}
    </header>
  );
}
