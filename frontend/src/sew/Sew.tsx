import "../common/cards.scss";
import "./sew.scss";

import { useMutation, useQuery } from "@tanstack/react-query";
import { Button, Spinner } from "react-bootstrap";

import { contentKey } from "../api/contentKey";
import { type Act, client, takeAlong, type Draft, settled } from "../api/client";
import { useInAddress } from "../common/useInAddress";
import type { DraftInHand } from "../block/useDraft";
import { Said } from "../common/Notices";
import { Unready } from "../common/Waiting";
import { PAPERS, TakeAlong } from "../common/TakeAlong";
import { say } from "../language/say";
import { keyName, orKept } from "../offline/kept";
import { TakeBack } from "../table/TakeBack";
import { usePaperDrop } from "../table/usePaperDrop";
import { useTable } from "../table/useTable";
import { AtTheMachine } from "./AtTheMachine";
import { Evenings } from "./Evenings";
import { LayOut } from "./LayOut";
import { OneStep } from "./OneStep";
import { next, type Sewing, sewn, sewnSince, type SewingStep } from "./plan";
import { PressingPlan } from "./PressingPlan";
import { useClock } from "./useClock";
import { usePace } from "./usePace";

/** The Sew step: the order of joining, the pressing, laying out, each join in pictures, progress. */
export function SewStep({ id, view, drafting }: { id: string; view: Draft; drafting: DraftInHand }) {
  const [params, go] = useInAddress();
  const wanted = params.get("colouring");
  const colouring = wanted === null || !/^\d+$/.test(wanted) ? null : Number(wanted);
  const key = ["sewing", id, colouring, contentKey(view.document)];
  const found = useQuery({
    queryKey: key,
    queryFn: ({ signal }) =>
      orKept(keyName(key), () =>
        settled<Sewing>(
          client.POST("/api/sewing", { body: { document: view.document, block_id: id, colouring }, signal }),
        ),
      ),
    placeholderData: (before) => before,
  });
  const plan = found.data;
  const clock = useClock(plan?.sewn ?? 0, plan?.to_sew ?? 0);
  usePace(clock, plan, (seconds, before) => {
    const sewn = plan && before ? sewnSince(before, plan) : [];
    return sewn.length > 0 ? { document: view.document, seconds, sewn } : undefined;
  });
  const table = useTable<Sewing>(id, "sew", key);
  const paper = PAPERS.find((name) => name === params.get("paper")) ?? view.sheet.paper;
  const taking = useMutation({
    mutationFn: (path: string) => takeAlong(path, { document: view.document, block_id: id, colouring, paper }),
  });
  usePaperDrop();
  const act = (acts: Act[]) => drafting.act(acts);
  const onDone = (step: SewingStep, done: number, pieces: "back" | "lost" = "back") => {
    const { words, mark, unit } = step;
    table.tell({
      words,
      ...(unit
        ? { made: { document: view.document, words, unit, step: mark, done, pieces } }
        : { changes: [{ kind: "joined", thing: mark, amount: done, to: true, words }] }),
      show: (before) => sewn(before, mark, done),
    });
  };
  const fault = table.fault ?? taking.error?.message;

  if (!plan) {
    return (
      <Unready fault={found.error} onAgain={() => void found.refetch()}>
        {say("sew-looking-for-the-best-pressing")}
      </Unready>
    );
  }
  const step = plan.steps.find((one) => String(one.number) === params.get("step"));
  if (params.get("machine")) {
    const at = step ?? next(plan) ?? plan.steps[plan.steps.length - 1];
    if (at) {
      return (
        <AtTheMachine
          plan={plan}
          step={at}
          view={view}
          colouring={colouring}
          clock={clock}
          fault={fault}
          onDone={onDone}
          onStep={(number) => go({ step: String(number) })}
          onClose={() => go({ machine: undefined })}
        />
      );
    }
  }
  const laying = params.get("look") === "lay" && !step;
  const planning = params.get("look") === "evening" && !step;
  const dismiss = () => {
    table.reset();
    taking.reset();
    drafting.dismiss();
  };
  const said = [...(fault ? [fault] : []), ...drafting.faults.map((one) => `${one.where}: ${one.message}`)];
  return (
    <main className="sewing">
      <nav className="cards" aria-label={say("common-steps-of-sewing")}>
        {plan.colourings.length > 0 && (
          <label className="typed">
            <span>{say("common-sewn")}</span>
            <select value={wanted ?? ""} onChange={(event) => go({ colouring: event.target.value, step: undefined })}>
              <option value="">{say("sew-as-drafted")}</option>
              {plan.colourings.map((name, index) => (
                <option key={index} value={index}>
                  {name}
                </option>
              ))}
            </select>
          </label>
        )}
        <button
          type="button"
          className="sew-step"
          aria-current={(!step && !laying && !planning) || undefined}
          onClick={() => go({ step: undefined, look: undefined })}
        >
          <span>{say("sew-order-and-pressing")}</span>
        </button>
        <button
          type="button"
          className="sew-step"
          aria-current={laying || undefined}
          onClick={() => go({ step: undefined, look: "lay" })}
        >
          <span>{say("sew-lay-it-out-first")}</span>
        </button>
        <button
          type="button"
          className="sew-step"
          aria-current={planning || undefined}
          onClick={() => go({ step: undefined, look: "evening" })}
        >
          <span>{say("sew-what-can-be-done-this-evening")}</span>
        </button>
        <div className="trips">
          {plan.trips.map((trip) => (
            <section key={trip.number} className="trip" aria-label={trip.words}>
              {plan.trips.length > 1 && <h2>{trip.words}</h2>}
              <ol>
                {plan.steps
                  .filter((one) => trip.steps.includes(one.number))
                  .map((one) => (
                    <li key={one.mark}>
                      <button
                        type="button"
                        className={one.done >= one.total ? "sew-step done" : "sew-step"}
                        aria-current={one === step || undefined}
                        onClick={() => go({ step: String(one.number) })}
                      >
                        <b className="number">{one.done >= one.total ? "✓" : one.number}</b>
                        <span>
                          {one.words}
                          <small>{say("common-done-of-total", { done: one.done, total: one.total })}</small>
                        </span>
                      </button>
                    </li>
                  ))}
              </ol>
            </section>
          ))}
        </div>
        <p className="quiet-text">{say("sew-of-joins-and-units-sewn", { sewn: plan.sewn, to_sew: plan.to_sew })}</p>
        <Button variant="primary" size="sm" onClick={() => go({ machine: "1" })}>
          {say("sew-at-the-machine")}
        </Button>
        <TakeAlong
          paper={paper}
          menu="sew"
          comesBack
          onPaper={(next) => go({ paper: next })}
          onTake={(path) => taking.mutate(path)}
        />
      </nav>
      <div className="sew-main" aria-busy={found.isFetching}>
        {said.length > 0 && <Said text={said.join("\n")} onClose={dismiss} />}
        {found.error && (
          <Said
            text={found.error.message}
            action={{ words: say("common-button-try-again"), onClick: () => void found.refetch() }}
          />
        )}
        {found.isPlaceholderData && (
          <p role="status" className="working-sign">
            <Spinner size="sm" /> {say("sew-solving-the-pressing-anew-what")}
          </p>
        )}
        <TakeBack table={table} />
        {plan.changed.length > 0 && (
          <ul className="changed">
            {plan.changed.map((words) => (
              <li key={words}>{words}</li>
            ))}
          </ul>
        )}
        {!step && <h1 className="visually-hidden">{say("sew-sewing", { name: view.sheet.name })}</h1>}
        {step ? (
          <OneStep
            key={step.mark}
            id={id}
            step={step}
            plan={plan}
            view={view}
            colouring={colouring}
            act={act}
            onDone={onDone}
            onStep={(number) => go({ step: String(number) })}
          />
        ) : planning ? (
          <Evenings id={id} document={view.document} paper={paper} onStep={(number) => go({ step: String(number) })} />
        ) : laying ? (
          <LayOut plan={plan} view={view} />
        ) : (
          <PressingPlan
            plan={plan}
            view={view}
            colouring={colouring}
            act={act}
            onStep={(number) => go({ step: String(number) })}
          />
        )}
      </div>
    </main>
  );
}
