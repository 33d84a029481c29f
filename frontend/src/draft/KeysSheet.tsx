import { Modal } from "react-bootstrap";

export const KEYS: [string, string][] = [
  ["← → ↑ ↓", "move the cell cursor (on the board)"],
  ["Shift + arrows", "take in more cells"],
  ["Enter or Space", "do what the tool does at the cursor"],
  ["B, J", "go to the board, to the cutting list"],
  ["[ and ]", "the step before and after"],
  ["L", "look at a patch: its sizes are said below the board"],
  ["U", "put units in"],
  ["T", "turn what is there"],
  ["C", "choose cells, to copy, paste, turn or mirror them"],
  ["P", "paint"],
  ["S", "draw a seam: Enter at its start, Enter at its end"],
  ["X", "rub out a stretch of seam"],
  ["N", "next patch in the cell (to paint) or next stretch (to rub out)"],
  ["R", "turn the unit in hand"],
  ["F", "mirror the unit in hand"],
  ["1 – 9", "take a fabric in hand"],
  [", and .", "the unit before and after in the tray"],
  ["M", "next mates"],
  ["Ctrl + C, Ctrl + V", "copy the cells, put the copy at the cursor"],
  ["Ctrl + Z", "undo"],
  ["Ctrl + Shift + Z, Ctrl + Y", "redo"],
  ["?", "this sheet"],
];

export function KeysSheet({ show, onClose }: { show: boolean; onClose: () => void }) {
  return (
    <Modal show={show} onHide={onClose} aria-labelledby="keys-head">
      <Modal.Header closeButton>
        <Modal.Title id="keys-head">Keys</Modal.Title>
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
