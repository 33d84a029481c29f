import { Button, Modal, Spinner } from "react-bootstrap";
import { useNavigate } from "react-router";

import { say } from "../language/say";
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
    saved: say("block-saved"),
    saving: say("block-saving"),
    unsaved: waiting ? say("block-not-saved-waiting", { waiting }) : say("block-not-saved"),
    conflict: say("block-not-saved"),
    deleted: say("block-not-saved"),
    "not-hers": say("block-not-saved"),
  }[saving.state];
  const copy = () => void drafting.keepMineAsCopy().then((id) => go(copyTo(id)));
  return (
    <>
      {busy && (
        <span className="save-sign busy" role="status" title={say("block-you-can-leave-this-page")}>
          <Spinner size="sm" /> {say("block-working")}
        </span>
      )}
      <span className={`save-sign ${saving.state}`} role="status" title={"why" in saving ? saving.why : undefined}>
        {words}
      </span>
      {saving.state === "not-hers" && (
        <Modal show backdrop="static" keyboard={false} aria-labelledby="not-hers-head">
          <Modal.Header>
            <Modal.Title id="not-hers-head">{say("block-this-is-s", { owner: drafting.owner })}</Modal.Title>
          </Modal.Header>
          <Modal.Body>{saving.why}</Modal.Body>
          <Modal.Footer>
            <Button variant="outline-primary" onClick={() => void drafting.letGo()}>
              {say("block-let-mine-go")}
            </Button>
            {drafting.right !== "see" && <Button onClick={copy}>{say("block-keep-mine-as-a-copy")}</Button>}
          </Modal.Footer>
        </Modal>
      )}
      {saving.state === "conflict" && (
        <Modal show backdrop="static" keyboard={false} aria-labelledby="conflict-head">
          <Modal.Header>
            <Modal.Title id="conflict-head">{say("block-this-block-was-changed-elsewhere")}</Modal.Title>
          </Modal.Header>
          <Modal.Body>
            {say("block-another-window-saved-as-revision", {
              name: saving.theirs.name,
              revision: saving.theirs.revision,
            })}
          </Modal.Body>
          <Modal.Footer>
            <Button variant="outline-primary" onClick={() => void drafting.takeTheirs()}>
              {say("block-take-theirs")}
            </Button>
            <Button onClick={copy}>{say("block-keep-mine-as-a-copy")}</Button>
          </Modal.Footer>
        </Modal>
      )}
      {saving.state === "deleted" && (
        <Modal show backdrop="static" keyboard={false} aria-labelledby="deleted-head">
          <Modal.Header>
            <Modal.Title id="deleted-head">{say("block-this-block-was-deleted-elsewhere")}</Modal.Title>
          </Modal.Header>
          <Modal.Body>{say("block-your-draft-is-still-here")}</Modal.Body>
          <Modal.Footer>
            <Button variant="outline-primary" onClick={copy}>
              {say("block-keep-mine-as-a-copy")}
            </Button>
            <Button onClick={() => void drafting.bringBack()}>{say("common-bring-it-back")}</Button>
          </Modal.Footer>
        </Modal>
      )}
    </>
  );
}
