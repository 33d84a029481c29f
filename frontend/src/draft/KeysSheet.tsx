import { Modal } from "react-bootstrap";
import { say } from "../language/say";

export const KEYS: [string, string][] = [
  ["← → ↑ ↓", say("draft-move-the-cell-cursor-on")],
  [say("draft-shift-arrows"), say("draft-take-in-more-cells")],
  [say("draft-enter-or-space"), say("draft-do-what-the-tool-does")],
  ["B, J", say("draft-go-to-the-board-to")],
  [say("draft-key-brackets"), say("draft-the-step-before-and-after")],
  ["L", say("draft-look-at-a-patch-its")],
  ["U", say("draft-put-units-in")],
  ["T", say("draft-turn-what-is-there")],
  ["C", say("draft-choose-cells-to-copy-paste")],
  ["P", say("draft-keys-paint")],
  ["S", say("draft-draw-a-seam-enter-at")],
  ["X", say("draft-rub-out-a-stretch-of")],
  ["N", say("draft-next-patch-in-the-cell")],
  ["R", say("draft-turn-the-unit-in-hand")],
  ["F", say("draft-mirror-the-unit-in-hand")],
  ["1 – 9", say("draft-take-a-fabric-in-hand")],
  [say("draft-key-comma-and-point"), say("draft-the-unit-before-and-after")],
  ["M", say("draft-next-mates")],
  [say("draft-ctrl-c-ctrl-v"), say("draft-copy-the-cells-put-the")],
  [say("draft-ctrl-z"), say("draft-undo")],
  [say("draft-ctrl-shift-z-ctrl-y"), say("draft-redo")],
  ["?", say("draft-this-sheet")],
];

export function KeysSheet({ show, onClose }: { show: boolean; onClose: () => void }) {
  return (
    <Modal show={show} onHide={onClose} aria-labelledby="keys-head">
      <Modal.Header closeButton>
        <Modal.Title id="keys-head">{say("common-keys")}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <dl className="keys">
          {KEYS.map(([keys, does]) => (
            <div key={keys}>
              <dt>
                <kbd>{keys}</kbd>
              </dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
      </Modal.Body>
    </Modal>
  );
}
