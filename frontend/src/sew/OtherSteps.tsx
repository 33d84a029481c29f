interface Props {
  at: number;
  last: number;
  onStep: (number: number) => void;
}

/** To the step before and to the next one. */
export function OtherSteps({ at, last, onStep }: Props) {
  return (
    <nav aria-label="Other steps">
      <button type="button" className="quiet" disabled={at === 1} onClick={() => onStep(at - 1)}>
        before
      </button>
      <button type="button" className="quiet" disabled={at === last} onClick={() => onStep(at + 1)}>
        next
      </button>
    </nav>
  );
}
