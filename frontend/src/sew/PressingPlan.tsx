import { useState } from "react";

import type { Act, Document, Draft } from "../api/client";
import { Fr } from "../common/Fr";
import { TradeWord } from "../common/Help";
import { say } from "../language/say";
import { BackPicture } from "./BackPicture";
import { Front } from "./Front";
import { KeptClear } from "./KeptClear";
import { Orders } from "./Orders";
import type { Seam, Sewing } from "./plan";

interface Props {
  plan: Sewing;
  view: Draft;
  colouring: number | null;
  act: (acts: Act[]) => void;
  onStep: (step: number) => void;
}

const STATES = [
  ["nested", say("sew-nested")],
  ["spun", say("sew-spun")],
  ["open", say("sew-open-to-be-pinned")],
  ["bulky", say("sew-bulky")],
] as const;

/** The pressing plan: the front with its arrows, the back with its thickness, what is told of them, and what can be turned. */
export function PressingPlan({ plan, view, colouring, act, onStep }: Props) {
  const [join, setJoin] = useState<number>();
  const [numbers, setNumbers] = useState(true);
  const [second, setSecond] = useState(false);
  const [before, setBefore] = useState<Document>();
  const seam = plan.seams.find((one) => one.join === join);
  const choose = (acts: Act[]) => {
    setBefore(view.document);
    act(acts);
  };
  const seen = STATES.filter(([state]) => plan.meetings.some((meeting) => meeting.state === state));
  return (
    <div className="pressing">
      <section aria-label={say("sew-front-and-back")}>
        <figure>
          <Front
            plan={plan}
            fabrics={view.fabrics}
            label={say("sew-the-front-of-the-block")}
            chosen={seam}
            lit={seam?.step}
            numbers={numbers}
            onChoose={(one) => setJoin(one.join)}
          />
          <figcaption>
            {say("sew-the-front-an-arrow-tells")}{" "}
            <label>
              <input type="checkbox" checked={numbers} onChange={(event) => setNumbers(event.target.checked)} />{" "}
              {say("sew-numbers-of-the-steps")}
            </label>
            <span className="signs">
              {seen.map(([state, words]) => (
                <span key={state}>
                  <i className={state} /> {words}
                </span>
              ))}
            </span>
          </figcaption>
        </figure>
        <div className="backs">
          {before && before !== view.document && (
            <BackPicture
              document={before}
              colouring={colouring}
              fabrics={view.fabrics}
              label={say("sew-the-back-before-your-choice")}
            />
          )}
          <BackPicture
            document={view.document}
            colouring={colouring}
            fabrics={view.fabrics}
            seams={plan.seams}
            label={before && before !== view.document ? say("sew-and-now") : say("sew-the-back")}
          />
        </div>
      </section>
      <aside aria-label={say("sew-about-the-pressing")}>
        <section className="chosen-seam" aria-live="polite">
          {seam ? (
            <OneSeam seam={seam} plan={plan} fixed={colouring !== null} act={choose} onStep={onStep} />
          ) : (
            <p className="quiet-text">{say("sew-no-seam-is-chosen-click")}</p>
          )}
        </section>
        <section className="told" aria-label={say("sew-how-it-lies")}>
          {plan.notes.map((words) => (
            <p key={words}>
              <Fr>{words}</Fr>
            </p>
          ))}
          <p>{plan.best}</p>
          <p className="quiet-text trade-words">
            {["nest", "bulky", "spin"].map((word) => (
              <TradeWord key={word} word={word} />
            ))}
          </p>
          {plan.misplaced > 0 && (
            <p className="doubt">
              {say("sew-about-a-seam-that-the", { choices: say("sew-choices-are", { misplaced: plan.misplaced }) })}
            </p>
          )}
          {[
            ...plan.lots.map((one) => ["lots", one] as const),
            ...plan.openings.map((one) => ["open", one] as const),
          ].map(([kind, one]) => (
            <p key={`${kind} ${one.at.join(" ")}`} className="offer">
              {one.words}{" "}
              {colouring === null && (
                <button
                  type="button"
                  className="quiet"
                  onClick={() =>
                    choose([
                      kind === "lots"
                        ? { do: "lots", at: one.at, two: true }
                        : { do: "press", at: one.at, toward: "open" },
                    ])
                  }
                >
                  {say("sew-do-so")}
                </button>
              )}
            </p>
          ))}
        </section>
        {colouring === null && <KeptClear plan={plan} view={view} act={choose} />}
        <Orders plan={plan} act={act} />
        <section aria-labelledby="beside-head">
          <h2 id="beside-head">{say("sew-block-beside-block")}</h2>
          <p>
            <Fr>{plan.beside.words}</Fr>
          </p>
          {!plan.beside.one_plan && (
            <details onToggle={(event) => setSecond(event.currentTarget.open)}>
              <summary>{say("sew-plan-2-seams-are-pressed", { second: plan.beside.second.length })}</summary>
              {second && (
                <Front
                  plan={{ ...plan, seams: plan.beside.second, meetings: [] }}
                  fabrics={view.fabrics}
                  label={say("sew-plan-2-the-seams-that")}
                  chosen={undefined}
                  numbers
                  onChoose={(one) => setJoin(one.join)}
                />
              )}
            </details>
          )}
        </section>
      </aside>
    </div>
  );
}

function OneSeam({
  seam,
  plan,
  fixed,
  act,
  onStep,
}: {
  seam: Seam;
  plan: Sewing;
  fixed: boolean;
  act: (acts: Act[]) => void;
  onStep: (step: number) => void;
}) {
  const step = plan.steps.find((one) => one.number === seam.step);
  return (
    <>
      <h2>
        {say("sew-seam-of-step", { step: seam.step })}
        {seam.unit && say("sew-in-unit", { unit: seam.unit })}
      </h2>
      <p>
        <Fr>{seam.why}</Fr>
      </p>
      {seam.bare.map((words) => (
        <p key={words} className="doubt">
          {words}.
        </p>
      ))}
      {fixed ? (
        <p className="quiet-text">{say("sew-seams-are-turned-on-the")}</p>
      ) : (
        <div className="ways-to-press" role="group" aria-label={say("sew-press-it")}>
          {seam.ways.map((way) => (
            <button
              key={way}
              type="button"
              aria-pressed={way === seam.toward}
              onClick={() => act([{ do: "press", at: seam.at, toward: way }])}
            >
              {way}
            </button>
          ))}
          {seam.by_hand && (
            <button type="button" className="quiet" onClick={() => act([{ do: "press", at: seam.at, toward: null }])}>
              {say("sew-leave-it-to-the-plan")}
            </button>
          )}
          {seam.in_lots && (
            <button type="button" className="quiet" onClick={() => act([{ do: "lots", at: seam.at, two: false }])}>
              {say("sew-all-in-one-lot-again")}
            </button>
          )}
        </div>
      )}
      {step && (
        <button type="button" className="quiet" onClick={() => onStep(step.number)}>
          {say("sew-see-step", { number: step.number })}
        </button>
      )}
    </>
  );
}
