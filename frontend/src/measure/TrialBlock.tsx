import { useState } from "react";
import { Link } from "react-router";

import { client, type Draft, faultsOf, settled } from "../api/client";
import { useChange } from "../api/useChange";
import type { Measuring } from "../api/useMeasuring";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { rich, say } from "../language/say";
import { BlockLines } from "./BlockLines";
import { SizeField } from "./SizeField";

type Row = Measuring["card"][number]["rows"][number];

interface Props {
  id: string;
  view: Draft;
  measuring: Measuring;
  onTake: (settings: Record<string, string>) => void;
}

/** The card of a trial block to fill in, and the verdict. */
export function TrialBlock({ id, view, measuring, onTake }: Props) {
  const [at, setAt] = useState<string>();
  const rows = measuring.card.flatMap((group) => group.rows);
  const lit = rows.find((row) => row.what === at);
  const keeping = useChange(
    ({ row, size }: { row: Row; size: string }) =>
      settled(
        client.PUT("/api/blocks/{block_id}/measured", {
          params: { path: { block_id: id } },
          body: { what: row.what, size, expected: row.expected, unit: view.sheet.unit },
        }),
      ),
    { refresh: [["measuring", id]], inOrder: "measured" },
  );
  const emptying = useChange(
    () => settled(client.DELETE("/api/blocks/{block_id}/measured", { params: { path: { block_id: id } } })),
    { refresh: [["measuring", id]] },
  );
  const refused = keeping.error ? faultsOf(keeping.error) : [];
  const elsewhere = refused.filter((one) => one.place !== keeping.variables?.row.what);
  const measured = rows.some((row) => row.size) || measuring.stale.length > 0;
  return (
    <div className="trial">
      <section className="card-of-trial" aria-labelledby="card-head">
        <header>
          <h1 id="card-head">{say("measure-the-trial-block-pressed-and")}</h1>
          {measured && (
            <button type="button" className="quiet" onClick={() => emptying.mutate()}>
              {say("measure-empty-the-card")}
            </button>
          )}
        </header>
        <p className="quiet-text">{say("measure-measure-from-raw-edge-to")}</p>
        {elsewhere.length > 0 && <Said text={elsewhere.map((one) => one.message).join("\n")} />}
        {emptying.error && <Said text={emptying.error.message} />}
        {measuring.card.map((group) => (
          <table key={group.words} className="measures">
            <caption>{group.words}</caption>
            <thead className="visually-hidden">
              <tr>
                <th scope="col">{say("measure-where")}</th>
                <th scope="col">{say("measure-column-must-be")}</th>
                <th scope="col">{say("measure-is")}</th>
                <th scope="col">{say("measure-off-by")}</th>
              </tr>
            </thead>
            <tbody>
              {group.rows.map((row) => {
                const mine = keeping.variables?.row.what === row.what;
                const fault = mine ? refused.find((one) => one.place === row.what)?.message : undefined;
                return (
                  <tr key={row.what} className={row.what === at ? "lit" : ""}>
                    <th scope="row">{row.words}</th>
                    <td>
                      <Fr>{row.must}</Fr>
                    </td>
                    <td>
                      <SizeField
                        name={row.what}
                        label={say("measure-measures", { words: row.words })}
                        value={row.size}
                        fault={fault}
                        onFocus={() => setAt(row.what)}
                        onKeep={(size) => keeping.mutate({ row, size })}
                      />
                    </td>
                    <td className={row.good ? "off" : "off doubt"}>
                      {fault ? (
                        <span role="alert" className="fault">
                          {fault}
                        </span>
                      ) : (
                        <Fr>{row.off}</Fr>
                      )}
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        ))}
      </section>
      <aside>
        <BlockLines view={view} measuring={measuring} lit={lit} />
        <VerdictCard id={id} measuring={measuring} onTake={onTake} />
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

function VerdictCard({ id, measuring, onTake }: { id: string; measuring: Measuring; onTake: Props["onTake"] }) {
  const { verdict } = measuring;
  const noting = useChange(
    (text: string) =>
      settled(
        client.POST("/api/blocks/{block_id}/notes", {
          params: { path: { block_id: id } },
          body: { kind: "decided", text },
        }),
      ),
    { refresh: [["block-log", id]] },
  );
  if (!verdict) {
    return (
      <section className="verdict-card" aria-live="polite">
        <h2>{say("measure-no-verdict-yet")}</h2>
        <p>{say("measure-two-or-three-sizes-tell")}</p>
      </section>
    );
  }
  const focus = () => document.getElementById(`size-${verdict.measure_next}`)?.focus();
  const decide = (words: string, settings: Record<string, string>) => {
    noting.mutate(`${verdict.words} ${verdict.because[0] ?? ""} ${words}`);
    onTake(settings);
  };
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
              <button type="button" className="quiet" onClick={focus}>
                {say("measure-measure", { next_words: verdict.next_words })}
              </button>
            ),
          })}
        </p>
      )}
      {measuring.taken_back > 0 && (
        <p>
          {say("measure-a-seam-was-taken-back", {
            times: say("common-times", { times: measuring.taken_back }),
            most: say("common-times", { times: measuring.taken_back_limit }),
          })}
        </p>
      )}
      {verdict.consequences.length > 0 && (
        <>
          <h3>{say("measure-for-the-rest")}</h3>
          <ul className="consequences">
            {verdict.consequences.map((one) => (
              <li key={one.words}>
                <Fr>{one.words}</Fr>{" "}
                {Object.keys(one.settings).length > 0 && (
                  <button
                    type="button"
                    className="btn btn-primary btn-sm"
                    onClick={() => decide(one.words, one.settings)}
                  >
                    {say("measure-do-so")}
                  </button>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
      {noting.error && <Said text={noting.error.message} />}
      <p>
        <Link to={`/blocks/${id}/cut?stage=rest`}>{say("measure-the-cutting-list-of-the")}</Link>
      </p>
    </section>
  );
}
