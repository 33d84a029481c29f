import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";

import { client, download, type Schemas, settled } from "../api/client";
import { useBeginning, useUsual } from "../api/useUsual";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import { Faulty, Field } from "./Field";
import type { Kinds, Settings } from "./FinderPage";
import { KindPicture } from "./KindPicture";
import { KindAndMethod, type Picked } from "./KindAndMethod";
import { useAnswer } from "./useAnswer";

type Chart = Schemas["CutChartOut"];

/** A chart of cut sizes for one unit made in one way, to print or to take along as CSV. */
export function CutChart({ settings, kinds }: { settings: Settings; kinds: Kinds }) {
  const usual = useUsual();
  const [picked, setPicked] = useState<Picked>({ kind: usual.kind, method: usual.method });
  const [range, setRange] = useState(useBeginning(settings.unit).chart);
  const body = { settings, ...picked, ...range };
  const taking = useMutation({ mutationFn: () => download("/api/finder/chart.csv", body) });
  const { answer, faults, faultAt, elsewhere, waiting } = useAnswer("chart", body, (asked) =>
    settled<Chart>(client.POST("/api/finder/chart", { body: asked })),
  );
  return (
    <section aria-label={say("finder-the-chart")} aria-busy={waiting} className="pictured">
      <KindPicture kinds={kinds} kind={picked.kind} />
      <div className="question">
        <KindAndMethod kinds={kinds} picked={picked} onPick={setPicked} />
        {(["start", "end", "step"] as const).map((name) => (
          <Field
            key={name}
            label={{ start: say("finder-finished-from"), end: say("common-to"), step: say("common-in-steps-of") }[name]}
            value={range[name]}
            fault={faultAt(name)}
            onChange={(text) => setRange({ ...range, [name]: text })}
          />
        ))}
        <span className="spring" />
        <Button variant="outline-primary" onClick={() => window.print()}>
          {say("common-print")}
        </Button>
        <Button variant="outline-primary" onClick={() => taking.mutate()}>
          {say("finder-csv")}
        </Button>
      </div>
      <Faulty faults={faults} elsewhere={elsewhere ?? taking.error?.message} fields={["start", "end", "step"]} />
      {answer && (
        <table className="answers">
          <caption>
            {answer.title}: <Fr>{answer.settings}</Fr>
          </caption>
          <thead>
            <tr>
              <th scope="col">{say("common-column-finished")}</th>
              <th scope="col">{say("common-unfinished")}</th>
              {answer.columns.map((column) => (
                <th scope="col" key={column}>
                  {say("finder-cut", { column })}
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
