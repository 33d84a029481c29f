import { Button } from "react-bootstrap";

import { say } from "../language/say";

interface Props {
  history: { undo: () => void; redo: () => void; canUndo: boolean; canRedo: boolean };
}

/** Taking back and doing again; a thread's turn stands for each where a word is too long. */
export function UndoRedo({ history: { undo, redo, canUndo, canRedo } }: Props) {
  return (
    <>
      <Button variant="outline-primary" size="sm" onClick={undo} disabled={!canUndo} title={say("common-undo-by-key")}>
        <Turn />
        <span className="words">{say("common-undo")}</span>
      </Button>
      <Button variant="outline-primary" size="sm" onClick={redo} disabled={!canRedo} title={say("common-redo-by-key")}>
        <Turn forward />
        <span className="words">{say("common-redo")}</span>
      </Button>
    </>
  );
}

function Turn({ forward = false }: { forward?: boolean }) {
  return (
    <svg className="turn" width="20" height="18" viewBox="0 0 20 18" aria-hidden="true">
      <path
        d="M3 7h9a4 4 0 0 1 0 8H8M7 3 3 7l4 4"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.8"
        strokeLinecap="round"
        transform={forward ? "translate(20 0) scale(-1 1)" : undefined}
      />
    </svg>
  );
}
