import "./cutting-table.scss";

import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";

import type { Draft, Schemas } from "../api/client";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { LayoutPicture } from "../cut/LayoutPicture";
import type { CutFabric } from "../cut/plan";
import { SwatchOf } from "../cut/SwatchOf";
import { rich, say } from "../language/say";
import { span, useClock } from "../sew/useClock";
import { usePace } from "../sew/usePace";
import { wentWrong } from "./happenings";
import { OnThePhone } from "./OnThePhone";
import { TakeBack } from "./TakeBack";
import type { Change, TableInHand } from "./useTable";

type Step = Schemas["TableStepOut"];
type Pieces = Step["pieces"][number];

export interface TablePlan {
  fabrics: CutFabric[];
  steps: Step[];
  caution: string;
}

interface Props<Plan extends TablePlan> {
  plan: Plan;
  fabrics: Draft["fabrics"];
  table: TableInHand<Plan>;
  layers: number;
  onLayers: (layers: number) => void;
  /** The step that is shown, by its key; nothing for the first that is not done. */
  at: string | undefined;
  onStep: (key: string) => void;
  onClose: () => void;
}

const LAYERS = [1, 2, 3, 4, 5, 6];

/** Strip by strip at the cutting table: one step in large type, its strip in the picture of its cloth; by touch, keys and space. */
export function AtTheCuttingTable<Plan extends TablePlan>(props: Props<Plan>) {
  const { plan, fabrics, table, layers, onLayers, at, onStep, onClose } = props;
  const [asking, setAsking] = useState<"few" | "wrong">();
  const found = plan.steps.findIndex((one) => one.key === at);
  const next = plan.steps.findIndex((one) => !one.done);
  const place = found >= 0 ? found : next >= 0 ? next : plan.steps.length - 1;
  const step = plan.steps[place];
  const done = plan.steps.filter((one) => one.done).length;
  const clock = useClock(done, plan.steps.length);
  usePace(clock, plan.steps, (seconds, before) => {
    const cut = plan.steps.filter((one) => one.done && before.some((old) => old.key === one.key && !old.done));
    const pieces = cut.reduce((sum, one) => sum + one.pieces.reduce((all, each) => all + each.count, 0), 0);
    return cut.length > 0 ? { seconds, strips: cut.length, pieces } : undefined;
  });
  const go = (by: number) => {
    const to = plan.steps[place + by];
    setAsking(undefined);
    if (to) onStep(to.key);
  };
  const tellDone = () => {
    if (!step) return;
    if (!step.done)
      table.tell({ words: step.words, changes: changesOf(step), show: (before) => withDone(before, step) });
    go(1);
  };
  useHotkeys("right", () => go(1), [plan, place]);
  useHotkeys("left", () => go(-1), [plan, place]);
  useHotkeys("space", tellDone, { preventDefault: true, enabled: asking === undefined }, [plan, place, table]);
  useHotkeys("escape", () => (asking ? setAsking(undefined) : onClose()), [asking, onClose]);
  return (
    <main className="cutting-table">
      <header>
        <span className="place">{say("table-step-of", { place: place + 1, steps: plan.steps.length, done })}</span>
        <label>
          {say("table-layers")}{" "}
          <select value={layers} onChange={(event) => onLayers(Number(event.target.value))}>
            {LAYERS.map((one) => (
              <option key={one} value={one}>
                {one}
              </option>
            ))}
          </select>
        </label>
        <button type="button" onClick={clock.running ? clock.stop : clock.start}>
          {clock.running ? `${say("sew-stop-the-clock")} (${span(clock.seconds)})` : say("sew-start-the-clock")}
        </button>
        <OnThePhone />
        <button type="button" onClick={onClose}>
          {say("common-close")}
        </button>
      </header>
      {table.fault && <Said text={table.fault} onClose={table.reset} />}
      {place === 0 && <p className="caution">{plan.caution}</p>}
      {step ? (
        <OneStrip
          key={step.key}
          step={step}
          plan={plan}
          fabrics={fabrics}
          asking={asking}
          onAsk={setAsking}
          onTell={(words, changes) => {
            table.tell({ words, changes });
            setAsking(undefined);
          }}
        />
      ) : (
        <p role="status">{say("table-nothing-to-cut")}</p>
      )}
      <TakeBack table={table} />
      <nav className="hands" aria-label={say("table-from-strip-to-strip")}>
        <button type="button" disabled={place <= 0} onClick={() => go(-1)} aria-label={say("common-back")}>
          ←
        </button>
        <button type="button" className="done" disabled={!step} onClick={tellDone}>
          {step?.done ? say("table-is-done-next") : say("table-done")}
          <small>{say("table-space-bar")}</small>
        </button>
        <button
          type="button"
          disabled={place >= plan.steps.length - 1}
          onClick={() => go(1)}
          aria-label={say("table-next-step")}
        >
          →
        </button>
      </nav>
      <SwatchesOf step={step} fabrics={fabrics} />
    </main>
  );
}

/** How many layers she has chosen, kept in this browser. */
export function useLayers(): [number, (layers: number) => void] {
  const [layers, setLayers] = useState(() => Number(localStorage.getItem("yonk-layers")) || 1);
  return [
    layers,
    (next) => {
      localStorage.setItem("yonk-layers", String(next));
      setLayers(next);
    },
  ];
}

function SwatchesOf({ step, fabrics }: { step: Step | undefined; fabrics: Draft["fabrics"] }) {
  if (!step || step.fabrics.length < 2) return null;
  return (
    <p className="stacked">
      {step.fabrics.map((key, index) => (
        <SwatchOf key={index} fabrics={fabrics} name={key} size={40} />
      ))}
    </p>
  );
}

interface StripProps {
  step: Step;
  plan: TablePlan;
  fabrics: Draft["fabrics"];
  asking: "few" | "wrong" | undefined;
  onAsk: (what: "few" | "wrong" | undefined) => void;
  onTell: (words: string, changes: Change[]) => void;
}

function OneStrip({ step, plan, fabrics, asking, onAsk, onTell }: StripProps) {
  const cloth = plan.fabrics.find((one) => one.key === step.fabrics[0]);
  const layout = cloth?.layouts[step.layout];
  return (
    <section className={step.done ? "one-strip is-done" : "one-strip"} aria-label={step.words}>
      <h1>
        <SwatchOf fabrics={fabrics} name={step.fabrics[0] ?? ""} size={44} />
        <span>
          <Fr>{step.name}</Fr>
        </span>
      </h1>
      <p className="strip-size">
        <Fr>{step.strip_words}</Fr>
      </p>
      <ul>
        {step.pieces.map((one) => (
          <li key={one.thing} className={one.there === one.amount ? "is-done" : ""}>
            <b>{one.count} ×</b>
            <span className="size">
              <Fr>{one.size}</Fr>
            </span>
            <span className="what">
              {step.fabrics.length > 1 && `${one.fabric}: `}
              {one.what}
              {one.further && (
                <>
                  ; <Fr>{one.further}</Fr>
                </>
              )}
              <small>
                {say("table-for", { purpose: one.purpose })}
                {one.there > 0 &&
                  one.there < one.amount &&
                  ` ${say("table-there", { there: one.there, of: one.amount })}`}
              </small>
            </span>
          </li>
        ))}
      </ul>
      <div className="not-so">
        <button
          type="button"
          aria-expanded={asking === "few"}
          onClick={() => onAsk(asking === "few" ? undefined : "few")}
        >
          {say("table-only-so-many")}
        </button>
        <button
          type="button"
          aria-expanded={asking === "wrong"}
          onClick={() => onAsk(asking === "wrong" ? undefined : "wrong")}
        >
          {say("table-one-went-wrong")}
        </button>
      </div>
      {asking === "few" && <SoMany pieces={step.pieces} onTell={onTell} />}
      {asking === "wrong" && <WentWrong step={step} onTell={onTell} />}
      {cloth && layout && (
        <LayoutPicture
          layout={layout}
          lines={cloth.lines}
          fabrics={fabrics}
          fabric={cloth.key}
          strip={step.strip}
          lit={undefined}
          onLit={() => undefined}
        />
      )}
    </section>
  );
}

function SoMany({ pieces, onTell }: { pieces: Pieces[]; onTell: StripProps["onTell"] }) {
  const [counts, setCounts] = useState(() => pieces.map((one) => String(one.count)));
  const tell = () => {
    const told = pieces.map((one, index) => ({
      one,
      count: Math.min(one.count, Math.max(0, Math.floor(Number(counts[index]) || 0))),
    }));
    const words = told.map(({ one, count }) => `${String(count)} ${one.what} ${one.size}`).join(", ");
    const changes = told.map(({ one, count }): Change => ({
      kind: "cut",
      thing: one.thing,
      amount: Math.round((count * one.amount) / one.count),
    }));
    onTell(words, changes);
  };
  return (
    <fieldset className="asked">
      <legend>{say("table-how-many-are-cut")}</legend>
      {pieces.map((one, index) => (
        <label key={one.thing}>
          <Fr>{`${one.what} ${one.size}`}</Fr>{" "}
          <input
            inputMode="numeric"
            value={counts[index]}
            onChange={(event) => setCounts(counts.map((count, at) => (at === index ? event.target.value : count)))}
          />{" "}
          {say("common-of-total", { total: one.count })}
        </label>
      ))}
      <button type="button" onClick={tell}>
        {say("table-tell-so")}
      </button>
    </fieldset>
  );
}

function WentWrong({ step, onTell }: { step: Step; onTell: StripProps["onTell"] }) {
  const [at, setAt] = useState(0);
  const [size, setSize] = useState({ width: "", height: "" });
  const pieces = step.pieces.filter((one) => one.piece);
  const piece = pieces[at];
  if (!piece) return <p>{say("table-nothing-is-left-of-it")}</p>;
  const words = say("table-one-wrong", { words: `${piece.what} ${piece.size}` });
  // the strip is cut then, but for it
  const tell = (left: { width: string; height: string } | undefined) =>
    onTell(words, [...changesOf(step), ...wentWrong(piece, left)]);
  return (
    <fieldset className="asked">
      <legend>{say("table-which-went-wrong")}</legend>
      {pieces.length > 1 && (
        <select
          aria-label={say("table-which-went-wrong")}
          value={at}
          onChange={(event) => setAt(Number(event.target.value))}
        >
          {pieces.map((one, index) => (
            <option key={one.thing} value={index}>{`${one.what} ${one.size}`}</option>
          ))}
        </select>
      )}
      <span>{rich("table-what-is-left", { piece: <Fr>{piece.size}</Fr> })}</span>
      <span>
        <input
          aria-label={say("table-width-of-it")}
          value={size.width}
          onChange={(event) => setSize({ ...size, width: event.target.value })}
        />{" "}
        ×{" "}
        <input
          aria-label={say("table-height-of-it")}
          value={size.height}
          onChange={(event) => setSize({ ...size, height: event.target.value })}
        />
      </span>
      <button type="button" disabled={!size.width.trim() || !size.height.trim()} onClick={() => tell(size)}>
        {say("table-keep-it")}
      </button>
      <button type="button" onClick={() => tell(undefined)}>
        {say("table-of-no-use")}
      </button>
    </fieldset>
  );
}

/** What changes when all of a step is cut that is not there yet. */
function changesOf(step: Step): Change[] {
  return step.pieces
    .filter((one) => one.there < one.amount)
    .map((one) => ({ kind: "cut", thing: one.thing, amount: one.amount - one.there }));
}

function withDone<Plan extends TablePlan>(plan: Plan, step: Step): Plan {
  const steps = plan.steps.map((one) =>
    one.key === step.key
      ? { ...one, done: true, pieces: one.pieces.map((each) => ({ ...each, there: each.amount })) }
      : one,
  );
  return { ...plan, steps };
}
