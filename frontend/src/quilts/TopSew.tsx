import "../common/cards.scss";
import "../sew/sew.scss";

import { useMutation, useQuery } from "@tanstack/react-query";
import { Button } from "react-bootstrap";
import { Link } from "react-router";

import { contentKey } from "../api/contentKey";
import { client, takeAlong, type Schemas, settled } from "../api/client";
import { useInAddress } from "../common/useInAddress";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { Unready } from "../common/Waiting";
import { TakeAlong } from "../common/TakeAlong";
import { Typed } from "../common/Typed";
import { say } from "../language/say";
import { keyName, orKept } from "../offline/kept";
import { TakeBack } from "../table/TakeBack";
import { usePaperDrop } from "../table/usePaperDrop";
import { useTable } from "../table/useTable";
import { Evenings } from "../sew/Evenings";
import { OtherSteps } from "../sew/OtherSteps";
import { nameOf, QuiltPicture } from "./QuiltPicture";
import { TopAtTheMachine } from "./TopAtTheMachine";
import { TopOverlay } from "./TopOverlay";
import type { Quilt, QuiltInHand } from "./useQuilt";

export type TopSewing = Schemas["TopSewOut"];
export type TopStep = TopSewing["steps"][number];

/** The plan with so many of a step done. */
function withDone(plan: TopSewing, mark: string, done: number): TopSewing {
  const steps = plan.steps.map((one) => (one.mark === mark ? { ...one, done } : one));
  return { ...plan, steps, done: steps.reduce((sum, one) => sum + one.done, 0) };
}

/** The Sew step of a quilt: its steps from the blocks to the binding, ticked off, beside the top with every seam's pressing. */
export function TopSew({ id, view, quilting }: { id: string; view: Quilt; quilting: QuiltInHand }) {
  const [params, change] = useInAddress();
  const key = ["top-sewing", id, contentKey(view.document)];
  const found = useQuery({
    queryKey: key,
    queryFn: ({ signal }) =>
      orKept(keyName(key), () =>
        settled<TopSewing>(client.POST("/api/quilt/sew", { body: { document: view.document, quilt_id: id }, signal })),
      ),
    placeholderData: (before) => before,
  });
  const plan = found.data;
  const table = useTable<TopSewing>(id, "sew", key);
  const onDone = (step: TopStep, done: number) =>
    table.tell({
      words: step.label,
      changes: [{ kind: "joined", thing: step.mark, amount: done, to: true, words: step.label }],
      show: (before) => withDone(before, step.mark, done),
    });
  usePaperDrop();
  const taking = useMutation({
    mutationFn: (path: string) => takeAlong(path, { document: view.document }),
  });
  if (!plan) {
    return (
      <Unready fault={found.error} onAgain={() => void found.refetch()}>
        {say("quilts-looking-for-the-best-pressing")}
      </Unready>
    );
  }
  const go = (number: number | undefined) => change({ step: number ? String(number) : undefined, look: undefined });
  const step = plan.steps.find((one) => String(one.number) === params.get("step"));
  const planning = params.get("look") === "evening" && !step;
  const next = plan.steps.find((one) => one.done < one.total) ?? plan.steps.at(-1);
  const sewing = step ?? next;
  if (params.get("machine") && sewing) {
    return (
      <TopAtTheMachine
        plan={plan}
        step={sewing}
        view={view}
        fault={table.fault}
        onDone={(done) => onDone(sewing, done)}
        onStep={(number) => change({ step: String(number) })}
        onClose={() => change({ machine: undefined })}
      />
    );
  }
  const fault = table.fault ?? taking.error?.message;
  const said = [...(fault ? [fault] : []), ...quilting.faults.map((one) => `${one.where}: ${one.message}`)];
  return (
    <main className="sewing">
      <nav className="cards" aria-label={say("common-steps-of-sewing")}>
        <button
          type="button"
          className="sew-step"
          aria-current={(!step && !planning) || undefined}
          onClick={() => go(undefined)}
        >
          <span>{say("quilts-the-whole-top")}</span>
        </button>
        <button
          type="button"
          className="sew-step"
          aria-current={planning || undefined}
          onClick={() => change({ step: undefined, look: "evening" })}
        >
          <span>{say("sew-what-can-be-done-this-evening")}</span>
        </button>
        <ol>
          {plan.steps.map((one) => (
            <li key={one.mark}>
              <button
                type="button"
                className={one.done >= one.total ? "sew-step done" : "sew-step"}
                aria-current={one === step || undefined}
                onClick={() => go(one.number)}
              >
                <b className="number">{one.done >= one.total ? "✓" : one.number}</b>
                <span>
                  {one.label}
                  {one.total > 1 && <small>{say("common-done-of-total", { done: one.done, total: one.total })}</small>}
                </span>
              </button>
            </li>
          ))}
        </ol>
        <p className="quiet-text">{plan.progress}</p>
        <Button variant="primary" size="sm" onClick={() => change({ machine: "1" })}>
          {say("sew-at-the-machine")}
        </Button>
        <TakeAlong
          comesBack
          paper="letter"
          menu="top-sew"
          onPaper={() => undefined}
          onTake={(path) => taking.mutate(path)}
        />
      </nav>
      <div className="sew-main top-sewing" aria-busy={found.isFetching}>
        {said.length > 0 && (
          <Said
            text={said.join("\n")}
            onClose={() => {
              table.reset();
              taking.reset();
              quilting.dismiss();
            }}
          />
        )}
        <TakeBack table={table} />
        {plan.changed.length > 0 && (
          <ul className="changed">
            {plan.changed.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        )}
        {step ? (
          <Step step={step} plan={plan} view={view} onStep={go} onDone={(done) => onDone(step, done)} />
        ) : planning ? (
          <Evenings id={id} document={view.document} paper="letter" onStep={go} />
        ) : (
          <header className="one-step">
            <h1>{say("quilts-sewing-the-top")}</h1>
            <p>{plan.pressed}</p>
            {plan.quarters && (
              <label>
                {say("common-sewn")}{" "}
                <select
                  value={plan.together}
                  onChange={(event) =>
                    quilting.act([
                      { do: "together", together: event.target.value === "quarters" ? "quarters" : "rows" },
                    ])
                  }
                >
                  <option value="rows">{say("quilts-by-rows")}</option>
                  <option value="quarters">{say("quilts-by-quarters-smaller-pieces-at")}</option>
                </select>
              </label>
            )}
            {plan.cautions.map((words) => (
              <p key={words} className="caution">
                {words}
              </p>
            ))}
          </header>
        )}
        {!planning && (
          <QuiltPicture
            picture={view.picture}
            label={say("quilts-the-top-as-it-is")}
            lit={step?.places.map(([row, column]) => nameOf({ row, column })) ?? []}
          >
            <TopOverlay plan={plan} picture={view.picture} step={step?.number} />
          </QuiltPicture>
        )}
      </div>
    </main>
  );
}

interface StepProps {
  step: TopStep;
  plan: TopSewing;
  view: Quilt;
  onStep: (number: number) => void;
  onDone: (done: number) => void;
}

function Step({ step, plan, view, onStep, onDone }: StepProps) {
  const block = view.blocks.find((one) => one.key === step.block);
  return (
    <section className="one-step" aria-labelledby="step-head">
      <header>
        <h1 id="step-head">
          <span className="number">{step.number}</span> <Fr>{step.words}</Fr>
        </h1>
        <OtherSteps at={step.number} last={plan.steps.length} onStep={onStep} />
      </header>
      {step.press && <p>{step.press}</p>}
      {step.check && (
        <p>
          <b>
            <Fr>{step.check}</Fr>
          </b>
        </p>
      )}
      {block?.origin && (
        <p>
          <Link to={`/blocks/${block.origin}/sew`}>{say("quilts-how-is-sewn", { name: block.name })}</Link>
        </p>
      )}
      <div className="progress-field">
        <label>
          <input
            type="checkbox"
            checked={step.done >= step.total}
            onChange={(event) => onDone(event.target.checked ? step.total : 0)}
          />{" "}
          {say("quilts-all-done", { total: step.total })}
        </label>
        {step.total > 1 && (
          <Typed
            label={say("quilts-done-so-far")}
            value={String(step.done)}
            width="4rem"
            suffix={say("common-of-total", { total: step.total })}
            onKeep={(text) => {
              const done = Number(text);
              if (Number.isInteger(done) && done >= 0) onDone(Math.min(done, step.total));
            }}
          />
        )}
      </div>
    </section>
  );
}
