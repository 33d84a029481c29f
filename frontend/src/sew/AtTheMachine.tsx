import { useHotkeys } from "react-hotkeys-hook";

import type { Draft } from "../api/client";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { say } from "../language/say";
import { Steps } from "../recipes/Steps";
import { JoinPictures } from "./JoinPictures";
import type { Sewing, SewingStep } from "./plan";
import { type Clock, span } from "./useClock";

interface Props {
  plan: Sewing;
  step: SewingStep;
  view: Draft;
  colouring: number | null;
  clock: Clock;
  fault: string | undefined;
  onDone: (step: SewingStep, done: number) => void;
  onStep: (number: number) => void;
  onClose: () => void;
}

/** At the machine: one join in large type; a chain is done with the space bar, a tap or the arrow to the right. */
export function AtTheMachine({ plan, step, view, colouring, clock, fault, onDone, onStep, onClose }: Props) {
  const { batch } = plan;
  const finished = step.done >= step.total;
  const last = step.number === plan.steps.length;
  const forth = () => {
    const done = Math.min(step.total, step.done + batch);
    if (!finished) onDone(step, done);
    if (done >= step.total && !last) onStep(step.number + 1);
  };
  const back = () => {
    if (step.done > 0 && !finished) onDone(step, Math.max(0, step.done - batch));
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
          {step.number} <small>{say("sew-of-steps", { steps: plan.steps.length })}</small>
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
      {step.caution && <p className="caution">{step.caution}</p>}
      <p className="what-to-sew">{step.words}</p>
      {step.kind === "join" && (
        <JoinPictures
          document={view.document}
          colouring={colouring}
          join={step.join}
          fabrics={view.fabrics}
          size={260}
        />
      )}
      <div className="large">
        {step.start && (
          <p>
            <b>{say("sew-start")}</b> {step.start}
          </p>
        )}
        {step.why.slice(0, 2).map((words) => (
          <p key={words}>
            <Fr>{words}</Fr>
          </p>
        ))}
        {step.stacks && <p>{step.stacks}</p>}
        {step.iron && <p>{step.iron}</p>}
        {step.checkpoint && (
          <p className="checkpoint">
            <small>{say("sew-measure-it")}</small> <Fr>{step.checkpoint}</Fr>
          </p>
        )}
      </div>
      {step.unit && (
        <Steps
          document={view.document}
          label={step.label}
          colouring={colouring}
          fabrics={view.fabrics}
          size={104}
          {...(step.kind === "join" ? { only: "trim" } : {})}
        />
      )}
      <div className="sewn-keys">
        <button type="button" className="few" disabled={finished} onClick={() => onDone(step, step.done + 1)}>
          {say("sew-just-one-more")}
        </button>
        <button type="button" className="forth" disabled={finished && last} onClick={forth}>
          {finished
            ? last
              ? say("sew-the-blocks-are-sewn")
              : say("sew-next-step")
            : say("sew-these-are-sewn", { chain })}
          <small>{say("sew-space-bar")}</small>
        </button>
      </div>
    </main>
  );
}
