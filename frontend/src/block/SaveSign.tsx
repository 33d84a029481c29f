import { Button, Modal, Spinner } from "react-bootstrap";
import { useNavigate } from "react-router";

import type { DraftingState } from "./drafting";

interface Props {
  drafting: DraftingState<unknown, unknown> & {
    keepMineAsCopy: () => Promise<string>;
    takeTheirs: () => Promise<void>;
    bringBack: () => Promise<void>;
    letGo: () => Promise<void>;
  };
  /** Where a copy is gone to. */
  copyTo?: (id: string) => string;
}

/** A quiet sign: saved, saving, or not saved and why. */
export function SaveSign({ drafting, copyTo = (id) => `/blocks/${id}/draft` }: Props) {
  const { saving, waiting, busy } = drafting;
  const go = useNavigate();
  const words = {
    saved: "Saved",
    saving: "Saving …",
    unsaved: waiting ? `Not saved, ${String(waiting)} waiting` : "Not saved",
    conflict: "Not saved",
    deleted: "Not saved",
    "not-hers": "Not saved",
  }[saving.state];
  const copy = () => void drafting.keepMineAsCopy().then((id) => go(copyTo(id)));
  return (
    <>
      {busy && (
        <span
          className="save-sign saving"
          role="status"
          title="You can leave this page; nothing of your draft is lost."
        >
          <Spinner size="sm" /> Working …
        </span>
      )}
      <span className={`save-sign ${saving.state}`} role="status" title={"why" in saving ? saving.why : undefined}>
        {words}
      </span>
      {saving.state === "not-hers" && (
        <Modal show backdrop="static" keyboard={false} aria-labelledby="not-hers-head">
          <Modal.Header>
            <Modal.Title id="not-hers-head">This is {drafting.owner}’s</Modal.Title>
          </Modal.Header>
          <Modal.Body>{saving.why}</Modal.Body>
          <Modal.Footer>
            <Button variant="outline-primary" onClick={() => void drafting.letGo()}>
              Let mine go
            </Button>
            {drafting.right !== "see" && <Button onClick={copy}>Keep mine as a copy</Button>}
          </Modal.Footer>
        </Modal>
      )}
      {saving.state === "conflict" && (
        <Modal show backdrop="static" keyboard={false} aria-labelledby="conflict-head">
          <Modal.Header>
            <Modal.Title id="conflict-head">This block was changed elsewhere</Modal.Title>
          </Modal.Header>
          <Modal.Body>
            Another window saved {saving.theirs.name} as revision {saving.theirs.revision} while you were drafting.
            Nothing is lost: keep yours as a block of its own, or take theirs and let yours go.
          </Modal.Body>
          <Modal.Footer>
            <Button variant="outline-primary" onClick={() => void drafting.takeTheirs()}>
              Take theirs
            </Button>
            <Button onClick={copy}>Keep mine as a copy</Button>
          </Modal.Footer>
        </Modal>
      )}
      {saving.state === "deleted" && (
        <Modal show backdrop="static" keyboard={false} aria-labelledby="deleted-head">
          <Modal.Header>
            <Modal.Title id="deleted-head">This block was deleted elsewhere</Modal.Title>
          </Modal.Header>
          <Modal.Body>
            Your draft is still here: bring the block back to the shelf with it, or keep it as a block of its own.
          </Modal.Body>
          <Modal.Footer>
            <Button variant="outline-primary" onClick={copy}>
              Keep mine as a copy
            </Button>
            <Button onClick={() => void drafting.bringBack()}>Bring it back</Button>
          </Modal.Footer>
        </Modal>
      )}
    </>
  );
}
