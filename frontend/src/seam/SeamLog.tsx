import "./seam.scss";

import { useQuery, useQueryClient } from "@tanstack/react-query";
import { lazy, type ReactNode, Suspense, useEffect, useState } from "react";
import { Spinner } from "react-bootstrap";

import { client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Brand } from "../common/Brand";
import { House } from "../common/House";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { say } from "../language/say";
import { Figures } from "./Figures";
import { TestForm } from "./TestForm";

const Trend = lazy(async () => ({ default: (await import("./Trend")).Trend }));

type Log = Schemas["SeamLogOut"];
type Test = Log["tests"][number];
const LOG = ["seam-log"];

/** The seam log: tests of the seam, how they go over time, the verdict, and practice until it is right. */
export function SeamLog() {
  const queries = useQueryClient();
  const found = useQuery({ queryKey: LOG, queryFn: () => settled<Log>(client.GET("/api/seam-log")) });
  const [gone, setGone] = useState<Test>();
  const log = found.data;
  const changed = { refresh: [LOG, ["measuring"], ["recipes"]] };
  const takingOut = useChange(
    (one: Test) => settled(client.DELETE("/api/seam-log/tests/{test_id}", { params: { path: { test_id: one.id } } })),
    { ...changed, onDone: (_, one) => setGone(one) },
  );
  const bringingBack = useChange(
    (one: Test) =>
      settled(client.POST("/api/seam-log/tests/{test_id}/restore", { params: { path: { test_id: one.id } } })),
    { ...changed, onDone: () => setGone(undefined) },
  );
  useEffect(() => {
    document.title = say("seam-seam-log-yonk");
  }, []);
  const fault = takingOut.error ?? bringingBack.error;
  return (
    <div className="finder-page">
      <header className="top">
        <Brand />
        <House row />
        <h1 className="visually-hidden">{say("common-seam-log")}</h1>
        <span className="spring" />
      </header>
      <main className="seam-log">
        {found.error && (
          <Said
            text={found.error.message}
            action={{ words: say("common-button-try-again"), onClick: () => void found.refetch() }}
          />
        )}
        {fault && <Said text={fault.message} />}
        {gone && (
          <Said
            text={say("seam-the-test-of-was-taken", { sewn: gone.sewn })}
            action={{ words: say("common-bring-it-back"), onClick: () => bringingBack.mutate(gone) }}
            onClose={() => setGone(undefined)}
          />
        )}
        {!log && !found.error && (
          <p role="status">
            <Spinner size="sm" /> {say("seam-fetching-the-seam-log")}
          </p>
        )}
        {log && (
          <>
            <section className="standing" aria-labelledby="standing-head">
              <h2 id="standing-head" className="visually-hidden">
                {say("seam-how-the-seam-stands")}
              </h2>
              <p className={log.tests.length && !log.good ? "verdict doubt" : "verdict"} role="status">
                <Fr>{log.verdict}</Fr>
              </p>
              <p className="change">
                <Fr>{log.change}</Fr>
              </p>
              {log.tests.length > 0 && (
                <>
                  <Suspense fallback={<Spinner size="sm" />}>
                    <Trend log={log} />
                  </Suspense>
                  <InARow log={log} />
                </>
              )}
              <Tests log={log} onTakeOut={(one) => takingOut.mutate(one)} />
              {log.setups.length > 1 && <Setups log={log} />}
            </section>
            <aside>
              <TestForm
                key={log.tests.length}
                log={log}
                onKept={(next) => {
                  queries.setQueryData(LOG, next);
                }}
              />
              <Figures
                log={log}
                onKept={(next) => {
                  queries.setQueryData(LOG, next);
                }}
              />
            </aside>
          </>
        )}
      </main>
    </div>
  );
}

function InARow({ log }: { log: Log }) {
  const { in_a_row: done, wanted } = log;
  return (
    <p className="in-a-row">
      {Array.from({ length: wanted }, (_, number) => (
        <i key={number} className={number < done ? "good" : ""} aria-hidden />
      ))}
      <span>
        {done >= wanted ? say("seam-in-a-row-are-within", { done }) : say("seam-of-in-a-row-are", { done, wanted })}
      </span>
    </p>
  );
}

function Tests({ log, onTakeOut }: { log: Log; onTakeOut: (one: Test) => void }) {
  if (!log.tests.length) return null;
  return (
    <Wide label={say("seam-the-tests")}>
      <table className="tests">
        <caption>{say("seam-the-tests-the-newest-first")}</caption>
        <thead>
          <tr>
            <th scope="col">{say("seam-sewn-on")}</th>
            <th scope="col">{say("seam-the-seam-takes-up")}</th>
            <th scope="col">{say("seam-measured")}</th>
            <th scope="col">{say("seam-with")}</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {[...log.tests].reverse().map((one) => (
            <tr key={one.id}>
              <th scope="row">{one.sewn}</th>
              <td className={one.good ? "" : "doubt"}>
                <Fr>{`${one.seam}, ${one.off}`}</Fr>
              </td>
              <td>
                <Fr>{one.measured}</Fr>
                {one.cut_otherwise && (
                  <small>
                    <Fr>{say("seam-all-three-say-that-they", { cut_otherwise: one.cut_otherwise })}</Fr>
                  </small>
                )}
              </td>
              <td>
                {one.setup}
                {one.note && <small>{one.note}</small>}
              </td>
              <td>
                <button
                  type="button"
                  className="quiet"
                  aria-label={say("seam-take-out-the-test-of", { sewn: one.sewn })}
                  onClick={() => onTakeOut(one)}
                >
                  {say("common-take-out")}
                </button>
              </td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr>
            <td colSpan={5}>
              <a href="/api/seam-log.csv" download>
                {say("seam-take-the-log-along-csv")}
              </a>
            </td>
          </tr>
        </tfoot>
      </table>
    </Wide>
  );
}

function Setups({ log }: { log: Log }) {
  return (
    <Wide label={say("seam-side-by-side")}>
      <table className="tests">
        <caption>{say("seam-side-by-side-what-was")}</caption>
        <thead>
          <tr>
            <th scope="col">{say("seam-with")}</th>
            <th scope="col">{say("seam-tests")}</th>
            <th scope="col">{say("seam-on-average")}</th>
            <th scope="col">{say("seam-from-seam-to-seam")}</th>
          </tr>
        </thead>
        <tbody>
          {log.setups.map((one, number) => (
            <tr key={number}>
              <th scope="row">{one.setup}</th>
              <td>{one.tests}</td>
              <td>
                <Fr>{`${one.seam}, ${one.off}`}</Fr>
              </td>
              <td>
                <Fr>{one.spread || say("seam-three-tests-tell-it")}</Fr>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Wide>
  );
}

/** A table that may be wider than the page is; it is scrolled by key too. */
function Wide({ label, children }: { label: string; children: ReactNode }) {
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- a region that scrolls must be reachable by key
    <div className="wide" tabIndex={0} role="region" aria-label={label}>
      {children}
    </div>
  );
}
