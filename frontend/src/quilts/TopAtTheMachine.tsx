import { Link } from "react-router";

import { Fr } from "../common/Fr";
import { say } from "../language/say";
import { MachineFrame } from "../sew/MachineFrame";
import { useClock } from "../sew/useClock";
import { nameOf, QuiltPicture } from "./QuiltPicture";
import { TopOverlay } from "./TopOverlay";
import type { TopSewing, TopStep } from "./TopSew";
import type { Quilt } from "./useQuilt";

interface Props {
  plan: TopSewing;
  step: TopStep;
  view: Quilt;
  fault: string | undefined;
  onDone: (done: number) => void;
  onStep: (number: number) => void;
  onClose: () => void;
}

/** At the machine: one step of the top in large type, the top beside it with what is sewn lit. */
export function TopAtTheMachine({ plan, step, view, fault, onDone, onStep, onClose }: Props) {
  // steps of a top are too unlike for a pace: a row is not a block, so nothing is left "at this pace"
  const clock = { ...useClock(0, 0), left: undefined };
  const block = view.blocks.find((one) => one.key === step.block);
  return (
    <MachineFrame
      step={step}
      steps={plan.steps.length}
      batch={1}
      clock={clock}
      fault={fault}
      allSewn={say("quilts-the-quilt-is-sewn")}
      onDone={onDone}
      onStep={onStep}
      onClose={onClose}
    >
      <p className="caution">{plan.cautions.join(" ")}</p>
      <p className="what-to-sew">
        <Fr>{step.words}</Fr>
      </p>
      <div className="machine-top">
        <div className="large">
          {step.press && <p>{step.press}</p>}
          {step.check && (
            <p className="checkpoint">
              <Fr>{step.check}</Fr>
            </p>
          )}
          {block?.origin && (
            <p>
              <Link to={`/blocks/${block.origin}/sew?machine=1`}>
                {say("quilts-how-is-sewn", { name: block.name })}
              </Link>
            </p>
          )}
        </div>
        <QuiltPicture
          picture={view.picture}
          label={say("quilts-the-top-as-it-is")}
          lit={step.places.map(([row, column]) => nameOf({ row, column }))}
        >
          <TopOverlay plan={plan} picture={view.picture} step={step.number} />
        </QuiltPicture>
      </div>
    </MachineFrame>
  );
}
