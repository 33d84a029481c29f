import "../cut/cut.scss";
import "./sew.scss";

import type { ReactNode } from "react";
import { useHotkeys } from "react-hotkeys-hook";

import { Said } from "../common/Notices";
import { say } from "../language/say";
import { type Clock, span } from "./useClock";

interface Props {
  /** The step in hand: its number among how many, how many of it are done and are to be done. */
  step: { number: number; done: number; total: number };
  steps: number;
  /** How many are sewn one after the other without a stop. */
  batch: number;
  clock: Clock;
  fault: string | undefined;
  /** What stands on the key when the last step is done. */
  allSewn: string;
  onDone: (done: number) => void;
  onStep: (number: number) => void;
  onClose: () => void;
  children: ReactNode;
}

/** At the machine: one step in large type; a chain is done with the space bar, a tap or the arrow to the right. */
export function MachineFrame({ step, steps, batch, clock, fault, allSewn, onDone, onStep, onClose, children }: Props) {
  const finished = step.done >= step.total;
  const last = step.number === steps;
  const forth = () => {
    const done = Math.min(step.total, step.done + batch);
    if (!finished) onDone(done);
    if (done >= step.total && !last) onStep(step.number + 1);
  };
  const back = () => {
    if (step.done > 0 && !finished) onDone(Math.max(0, step.done - batch));
    else if (step.number > 1) onStep(step.number - 1);
  };
  useHotkeys("space, right", forth, { preventDefault: true }, [step, batch, last]);
  useHotkeys("left", back, { preventDefault: true }, [step, batch]);
  useHotkeys("escape", onClose, [onClose]);
  const chain = Math.min(batch, step.total - step.done);
  return (
    <main className="at-the-table at-the-machine">
      <header>
        <h1>
          {step.number} <small>{say("sew-of-steps", { steps })}</small>
        </h1>
        <span className="so-far">{say("common-done-of-total", { done: step.done, total: step.total })}</span>
        <span className="spring" />
        {clock.running || clock.seconds > 0 ? (
          <span className="clock">
            {span(clock.seconds)}
            {clock.left !== undefined && say("sew-about-left", { span: span(clock.left) })}
          </span>
        ) : null}
        <button type="button" className="small" onClick={clock.running ? clock.stop : clock.start}>
          {clock.running ? say("sew-stop-the-clock") : say("sew-start-the-clock")}
        </button>
        <button type="button" disabled={step.number === 1 && step.done === 0} onClick={back}>
          {say("common-back")}
        </button>
        <button type="button" onClick={onClose}>
          {say("common-close")}
        </button>
      </header>
      {fault && <Said text={fault} />}
      {children}
      <div className={batch > 1 ? "sewn-keys" : "sewn-keys one-by-one"}>
        {batch > 1 && (
          <button type="button" className="few" disabled={finished} onClick={() => onDone(step.done + 1)}>
            {say("sew-just-one-more")}
          </button>
        )}
        <button type="button" className="forth" disabled={finished && last} onClick={forth}>
          {finished ? (last ? allSewn : say("sew-next-step")) : say("sew-these-are-sewn", { chain })}
          <small>{say("sew-space-bar")}</small>
        </button>
      </div>
    </main>
  );
}
