import { type ReactNode, useEffect, useState } from "react";
import { Link } from "react-router";

import { type Act, client, type Draft, settled } from "../api/client";
import { useChange } from "../api/useChange";
import type { Measuring } from "../api/useMeasuring";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { rich, say } from "../language/say";
import { BlockLines } from "./BlockLines";
import { Looks } from "./Looks";
import { MeasuredRows } from "./MeasuredRows";
import { Remedies } from "./Remedies";
import { Trials } from "./Trials";

interface Props {
  id: string;
  view: Draft;
  measuring: Measuring;
  onTake: (acts: Act[]) => void;
  onTrial: (trial: number) => void;
  onAlso: (names: string[]) => void;
}

/** The card of a trial block to fill in, in the order in which it can be measured, and the verdict. */
export function TrialBlock({ id, view, measuring, onTake, onTrial, onAlso }: Props) {
  const [at, setAt] = useState<string>();
  const [next, setNext] = useState<string>();
  const { trial } = measuring;
  const rows = measuring.card.flatMap((group) => group.rows);
  const lit = rows.find((row) => row.what === at);
  const emptying = useChange(
    () =>
      settled(
        client.DELETE("/api/blocks/{block_id}/trials/{number}", {
          params: { path: { block_id: id, number: trial } },
        }),
      ),
    {
      refresh: [
        ["measuring", id],
        ["recipes", id],
      ],
    },
  );
  const wanted = rows.some((row) => row.what === next);
  useEffect(() => {
    if (!next || !wanted) return;
    document.getElementById(`size-${next}`)?.focus();
    setNext(undefined);
  }, [next, wanted]);
  const measureAt = (names: string[]) => {
    onAlso(names);
    setNext(names[0]);
  };
  const known = rows.some((row) => row.size) || measuring.look !== "" || measuring.stale.length > 0;
  const past = measuring.card.some((group) => group.finished && group.rows.some((row) => row.size));
  const groups = (finished: boolean) =>
    measuring.card
      .filter((group) => group.finished === finished)
      .map((group) => (
        <FoldedRows key={group.kind} group={group} past={past} asked={group.rows.some((row) => row.what === next)}>
          <MeasuredRows
            id={id}
            unit={view.sheet.unit}
            trial={trial}
            words={group.words}
            rows={group.rows}
            lit={at}
            onFocus={setAt}
          />
        </FoldedRows>
      ));
  return (
    <div className="trial">
      <section className="card-of-trial" aria-labelledby="card-head">
        <header>
          <h1 id="card-head">{say("measure-the-trial-block-pressed-and")}</h1>
          {known && (
            <button type="button" className="quiet" onClick={() => emptying.mutate()}>
              {say("measure-empty-the-card")}
            </button>
          )}
        </header>
        <p className="quiet-text">{say("measure-measure-from-raw-edge-to")}</p>
        {emptying.error && <Said text={emptying.error.message} />}
        {groups(false)}
        <Looks id={id} measuring={measuring} />
        {groups(true)}
      </section>
      <aside>
        <BlockLines view={view} measuring={measuring} lit={lit} onMeasure={measureAt} />
        <VerdictCard id={id} measuring={measuring} onMeasure={(what) => measureAt([what])} />
        <Remedies id={id} measuring={measuring} why={why(measuring)} onTake={onTake} />
        <Trials id={id} measuring={measuring} onGo={onTrial} />
        {measuring.stale.length > 0 && (
          <section className="stale">
            <h2>{say("measure-measured-before-the-block-was")}</h2>
            <ul>
              {measuring.stale.map((words) => (
                <li key={words}>
                  <Fr>{words}</Fr>
                </li>
              ))}
            </ul>
          </section>
        )}
      </aside>
    </div>
  );
}

/** Some lines of the card under their words: folded where they hold no size and she is past them, unless asked. */
function FoldedRows({
  group,
  past,
  asked,
  children,
}: {
  group: Measuring["card"][number];
  past: boolean;
  asked: boolean;
  children: ReactNode;
}) {
  const noted = group.rows.filter((row) => row.size).length;
  const [open, setOpen] = useState<boolean>();
  const isOpen = asked || (open ?? (!past || group.finished || noted > 0));
  return (
    <details className="folded-rows" open={isOpen} onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>
        <b>{group.words}</b> <small>{say("measure-noted-of", { noted, all: group.rows.length })}</small>
      </summary>
      {children}
    </details>
  );
}

/** Why something is done for the rest, as it is noted in the log. */
function why({ verdict }: Measuring): string {
  return verdict ? `${verdict.words} ${verdict.because[0] ?? ""}`.trim() : "";
}

interface VerdictProps {
  id: string;
  measuring: Measuring;
  onMeasure: (what: string) => void;
}

function VerdictCard({ id, measuring, onMeasure }: VerdictProps) {
  const { verdict } = measuring;
  if (!verdict) {
    return (
      <section className="verdict-card" aria-live="polite">
        <h2>{say("measure-no-verdict-yet")}</h2>
        <p>{say("measure-two-or-three-sizes-tell")}</p>
      </section>
    );
  }
  return (
    <section className="verdict-card" aria-live="polite">
      <h2 className={verdict.verdict === "good" ? "" : "doubt"}>{verdict.words}</h2>
      {verdict.because.map((words) => (
        <p key={words}>
          <Fr>{words}</Fr>
        </p>
      ))}
      {verdict.measure_next && (
        <p>
          {rich("measure-one-more-size-decides", {
            measure_it: (
              <button type="button" className="quiet" onClick={() => onMeasure(verdict.measure_next)}>
                {say("measure-measure", { next_words: verdict.next_words })}
              </button>
            ),
          })}
        </p>
      )}
      {verdict.look && <p>{verdict.look}</p>}
      {verdict.care.map((words) => (
        <p key={words}>{words}</p>
      ))}
      {measuring.taken_back > 0 && (
        <p>
          {say("measure-a-seam-was-taken-back", {
            times: say("common-times", { times: measuring.taken_back }),
            most: say("common-times", { times: measuring.taken_back_limit }),
          })}
        </p>
      )}
      <p>
        <Link to={`/blocks/${id}/cut?stage=rest`}>{say("measure-the-cutting-list-of-the")}</Link>
      </p>
    </section>
  );
}
