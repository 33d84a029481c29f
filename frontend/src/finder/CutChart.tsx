import { useState } from "react";
import { Button } from "react-bootstrap";

import { client, saveAnswer, type Schemas, settled } from "../api/client";
import { Fr } from "../common/Fr";
import { Faulty, Field } from "./Field";
import type { Kinds, Settings } from "./FinderPage";
import { KindAndMethod, type Picked } from "./KindAndMethod";
import { useAnswer } from "./useAnswer";

type Chart = Schemas["CutChartOut"];

/** A chart of cut sizes for one unit made in one way, to print or to take along as CSV. */
export function CutChart({ settings, kinds }: { settings: Settings; kinds: Kinds }) {
  const [picked, setPicked] = useState<Picked>({ kind: "half-square-triangle", method: "two-at-a-time" });
  const [range, setRange] = useState(
    settings.unit === "cm" ? { start: "2", end: "20", step: "1" } : { start: "1", end: "6", step: "1/2" },
  );
  const [fault, setFault] = useState<string>();
  const body = { settings, ...picked, ...range };
  const { answer, faults, faultAt, elsewhere, waiting } = useAnswer("chart", body, (asked) =>
    settled<Chart>(client.POST("/api/finder/chart", { body: asked })),
  );
  return (
    <section aria-label="The chart" aria-busy={waiting}>
      <div className="question">
        <KindAndMethod kinds={kinds} picked={picked} onPick={setPicked} />
        {(["start", "end", "step"] as const).map((name) => (
          <Field
            key={name} label={{ start: "Finished from", end: "to", step: "in steps of" }[name]} value={range[name]}
            fault={faultAt(name)} onChange={(text) => setRange({ ...range, [name]: text })}
          />
        ))}
        <span className="spring" />
        <Button variant="outline-primary" onClick={() => window.print()}>
          Print
        </Button>
        <Button
          variant="outline-primary"
          onClick={() => saveAnswer("/api/finder/chart.csv", body).catch((reason: Error) => setFault(reason.message))}
        >
          CSV
        </Button>
      </div>
      <Faulty faults={faults} elsewhere={elsewhere ?? fault} fields={["start", "end", "step"]} />
      {answer && (
        <table className="answers">
          <caption>
            {answer.title}: <Fr>{answer.settings}</Fr>
          </caption>
          <thead>
            <tr>
              <th scope="col">Finished</th>
              <th scope="col">Unfinished</th>
              {answer.columns.map((column) => (
                <th scope="col" key={column}>
                  Cut {column}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {answer.rows.map((row) => (
              <tr key={row.finished}>
                <th scope="row">
                  <Fr>{row.finished}</Fr>
                </th>
                <td>
                  <Fr>{row.unfinished}</Fr>
                </td>
                {row.cuts.map((cut, index) => (
                  <td key={index} className="number">
                    <Fr>{cut}</Fr>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
