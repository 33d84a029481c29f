import { Button } from "react-bootstrap";

import { say } from "../language/say";
import { Fr } from "./Fr";

interface Props {
  text: string;
  onClose?: () => void;
  action?: { words: string; onClick: () => void };
}

/** Something that went wrong, or can be undone, said where it happened. */
export function Said({ text, onClose, action }: Props) {
  return (
    <div className="said" role="alert">
      <span>
        <Fr>{text}</Fr>
      </span>
      {action && (
        <Button size="sm" variant="outline-primary" onClick={action.onClick}>
          {action.words}
        </Button>
      )}
      {onClose && <button type="button" className="btn-close" aria-label={say("common-close")} onClick={onClose} />}
    </div>
  );
}
