import type { Draft } from "../api/client";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import { Steps } from "../recipes/Steps";
import { JoinPictures } from "./JoinPictures";
import { MachineFrame } from "./MachineFrame";
import type { Sewing, SewingStep } from "./plan";
import type { Clock } from "./useClock";

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

/** At the machine: one join of a block in large type, with its pictures. */
export function AtTheMachine({ plan, step, view, colouring, clock, fault, onDone, onStep, onClose }: Props) {
  return (
    <MachineFrame
      step={step}
      steps={plan.steps.length}
      batch={plan.batch}
      clock={clock}
      fault={fault}
      allSewn={say("sew-the-blocks-are-sewn")}
      onDone={(done) => onDone(step, done)}
      onStep={onStep}
      onClose={onClose}
    >
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
    </MachineFrame>
  );
}
