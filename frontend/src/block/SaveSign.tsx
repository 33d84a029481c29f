import { Button, Modal } from "react-bootstrap";
import { useNavigate } from "react-router";

import type { Drafting } from "./useDraft";

/** A quiet sign: saved, saving, or not saved and why. */
export function SaveSign({ drafting }: { drafting: Drafting }) {
  const { saving, waiting } = drafting;
  const go = useNavigate();
  const words = {
    saved: "Saved",
    saving: "Saving …",
    unsaved: waiting ? `Not saved, ${String(waiting)} waiting` : "Not saved",
    conflict: "Not saved",
  }[saving.state];
  return (
    <>
      <span className={`save-sign ${saving.state}`} role="status" title={saving.state === "unsaved" ? saving.why : undefined}>
        {words}
      </span>
      {saving.state === "conflict" && (
        <Modal show backdrop="static" keyboard={false} aria-labelledby="conflict-head">
          <Modal.Header>
            <Modal.Title id="conflict-head">This block was changed elsewhere</Modal.Title>
          </Modal.Header>
          <Modal.Body>
            Another window saved {saving.theirs.name} as revision {saving.theirs.revision} while you were drafting. Nothing is
            lost: keep yours as a block of its own, or take theirs and let yours go.
          </Modal.Body>
          <Modal.Footer>
            <Button variant="outline-primary" onClick={() => void drafting.takeTheirs()}>
              Take theirs
            </Button>
            <Button onClick={() => void drafting.keepMineAsCopy().then((id) => go(`/blocks/${id}/draft`))}>Keep mine as a copy</Button>
          </Modal.Footer>
        </Modal>
      )}
    </>
  );
}
