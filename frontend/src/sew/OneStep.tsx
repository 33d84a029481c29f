import type { Act, Draft } from "../api/client";
import { useMeasuring } from "../api/useMeasuring";
import { Fr } from "../common/Fr";
import { Typed } from "../common/Typed";
import { say } from "../language/say";
import { MeasuredRows } from "../measure/MeasuredRows";
import { Steps } from "../recipes/Steps";
import { Front } from "./Front";
import { TakenBack } from "./TakenBack";
import { OtherSteps } from "./OtherSteps";
import { JoinPictures } from "./JoinPictures";
import type { Sewing, SewingStep } from "./plan";

interface Props {
  id: string;
  step: SewingStep;
  plan: Sewing;
  view: Draft;
  colouring: number | null;
  act: (acts: Act[]) => void;
  /** So many are done; those that are no longer are taken apart, or lost with their pieces. */
  onDone: (step: SewingStep, done: number, pieces?: "back" | "lost") => void;
  onStep: (number: number) => void;
}

/** One step: its pictures, what it measures, how many are sewn. */
export function OneStep({ id, step, plan, view, colouring, act, onDone, onStep }: Props) {
  const measuring = useMeasuring(id, view.document, Boolean(step.checkpoint)).data;
  const foretold = measuring?.foretold.checkpoints.find((one) => one.step === step.number);
  const rows = measuring?.card.flatMap((group) => group.rows).filter((row) => foretold?.rows.includes(row.what));
  return (
    <section className="one-step" aria-labelledby="step-head">
      <header>
        <h1 id="step-head">
          <span className="number">{step.number}</span> {step.words}
        </h1>
        <OtherSteps at={step.number} last={plan.steps.length} onStep={onStep} />
      </header>
      {step.caution && <p className="caution">{step.caution}</p>}
      {step.kind === "join" ? (
        <JoinPictures
          document={view.document}
          colouring={colouring}
          join={step.join}
          fabrics={view.fabrics}
          size={290}
        />
      ) : (
        <Steps document={view.document} label={step.label} colouring={colouring} fabrics={view.fabrics} size={92} />
      )}
      {step.unit && step.kind === "join" && (
        <Steps
          document={view.document}
          label={step.label}
          colouring={colouring}
          fabrics={view.fabrics}
          size={92}
          only="trim"
        />
      )}
      <div className="progress-field">
        <label>
          <input
            type="checkbox"
            checked={step.done >= step.total}
            onChange={(event) => onDone(step, event.target.checked ? step.total : 0)}
          />{" "}
          {say("sew-all-sewn", { total: step.total })}
        </label>
        <Typed
          label={say("sew-sewn-so-far")}
          value={String(step.done)}
          width="4rem"
          suffix={say("common-of-total", { total: step.total })}
          onKeep={(text) => {
            const done = Number(text);
            if (Number.isInteger(done) && done >= 0) onDone(step, Math.min(done, step.total));
          }}
        />
        <Typed
          label={say("sew-sewn-in-one-chain")}
          value={String(plan.batch)}
          width="4rem"
          onKeep={(text) => act([{ do: "batch", batch: text }])}
        />
        {step.unit && step.done > 0 && (
          <button type="button" className="quiet" onClick={() => onDone(step, step.done - 1, "lost")}>
            {say("sew-one-went-wrong-for-good")}
          </button>
        )}
        {step.kind === "join" && !step.unit && <TakenBack id={id} step={step} />}
      </div>
      {measuring && rows && rows.length > 0 && (
        <div className="measured-now">
          <MeasuredRows
            id={id}
            unit={view.sheet.unit}
            trial={measuring.trial}
            words={say("sew-of-the-trial-block")}
            rows={rows}
          />
        </div>
      )}
      <div className="about">
        <dl>
          {step.why.length > 0 && (
            <>
              <dt>{say("sew-press")}</dt>
              {step.why.map((words) => (
                <dd key={words}>
                  <Fr>{words}</Fr>
                </dd>
              ))}
            </>
          )}
          {step.start && (
            <>
              <dt>{say("sew-start")}</dt>
              <dd>{step.start}</dd>
            </>
          )}
          {step.to_match > 0 && (
            <>
              <dt>{say("sew-match")}</dt>
              <dd>{say("sew-places-where-seams-meet", { to_match: step.to_match })}</dd>
            </>
          )}
          {step.checkpoint && (
            <>
              <dt>{say("sew-measure-it")}</dt>
              <dd className="checkpoint">
                <Fr>{step.checkpoint}</Fr>
              </dd>
              {foretold && (
                <dd>
                  <Fr>
                    {say("sew-nine-of-ten-measure-across", {
                      width: foretold.width,
                      height: foretold.height,
                      chance: foretold.chance,
                    })}
                  </Fr>
                </dd>
              )}
            </>
          )}
          <dt>{say("common-how-many")}</dt>
          <dd>
            {say("sew-over-a-block", {
              total: step.total,
              blocks: say("sew-blocks", { blocks: plan.blocks }),
              per_block: step.per_block,
            })}
            {step.batches && `; ${step.batches}`}
            {step.stacks && `; ${step.stacks}`}
          </dd>
          {step.iron && (
            <>
              <dt>{say("sew-after-it")}</dt>
              <dd>{step.iron}</dd>
            </>
          )}
        </dl>
        <figure>
          <Front
            plan={plan}
            fabrics={view.fabrics}
            label={say("sew-where-the-step-is-in")}
            chosen={undefined}
            lit={step.number}
            numbers={false}
            plain
            onChoose={(seam) => onStep(seam.step)}
          />
          <figcaption>{say("sew-where-it-is-in-the")}</figcaption>
        </figure>
      </div>
    </section>
  );
}
