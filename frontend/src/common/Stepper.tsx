import "./stepper.scss";

import type { ReactNode } from "react";
import { Button } from "react-bootstrap";

import { useOneStop } from "./useOneStop";

interface Way {
  sign: string;
  words: string;
}

interface Props {
  at: number;
  last: number;
  onStep: (to: number) => void;
  before: Way;
  after: Way;
  name?: string;
  children: ReactNode;
}

/** One step back and one on, from nought to the last, with what they lead to between them. */
export function Stepper({ at, last, onStep, before, after, name, children }: Props) {
  const group = useOneStop<HTMLSpanElement>();
  const button = (way: Way, to: number, end: number) => (
    <Button size="sm" variant="outline-primary" aria-label={way.words} disabled={at === end} onClick={() => onStep(to)}>
      {way.sign}
    </Button>
  );
  return (
    <span ref={group} className="stepper" role="group" aria-label={name}>
      {button(before, at - 1, 0)}
      <output>{children}</output>
      {button(after, at + 1, last)}
    </span>
  );
}
