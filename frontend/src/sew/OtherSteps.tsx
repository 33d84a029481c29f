import { say } from "../language/say";
interface Props {
  at: number;
  last: number;
  onStep: (number: number) => void;
}

/** To the step before and to the next one. */
export function OtherSteps({ at, last, onStep }: Props) {
  return (
    <nav aria-label={say("sew-other-steps")}>
      <button type="button" className="quiet" disabled={at === 1} onClick={() => onStep(at - 1)}>
        {say("sew-before")}
      </button>
      <button type="button" className="quiet" disabled={at === last} onClick={() => onStep(at + 1)}>
        {say("sew-next")}
      </button>
    </nav>
  );
}
