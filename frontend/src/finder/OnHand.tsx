import { useState } from "react";

import { client, type Schemas, settled } from "../api/client";
import { useBeginning } from "../api/useUsual";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import { UnitPicture } from "../recipes/UnitPicture";
import { Faulty, Field } from "./Field";
import type { Settings } from "./FinderPage";
import { SAMPLE } from "./sample";
import { useAnswer } from "./useAnswer";

type Possible = Schemas["PossibleOut"];

/** What can I make from these? */
export function OnHand({ settings }: { settings: Settings }) {
  const { side, count, fabrics } = useBeginning(settings.unit);
  const [have, setHave] = useState({ width: side, height: "", count: String(count), fabrics: String(fabrics) });
  const set = (name: keyof typeof have) => (value: string) => setHave({ ...have, [name]: value });
  const { answer, faults, faultAt, elsewhere, waiting } = useAnswer(
    "on-hand",
    {
      settings,
      width: have.width,
      ...(have.height.trim() ? { height: have.height } : {}),
      count: Number(have.count) || 0,
      fabrics: Number(have.fabrics) || 0,
    },
    (body) => settled<Possible[]>(client.POST("/api/finder/on-hand", { body })),
  );
  const kinds = [...new Set((answer ?? []).map((one) => one.kind))];
  return (
    <section aria-label={say("finder-what-can-i-make-from")} aria-busy={waiting}>
      <div className="question">
        <Field label={say("common-pieces")} value={have.width} onChange={set("width")} fault={faultAt("width")} />
        <Field
          label={say("finder-by-square-if-empty")}
          value={have.height}
          onChange={set("height")}
          fault={faultAt("height")}
          width="10rem"
        />
        <Field label={say("common-how-many")} value={have.count} onChange={set("count")} fault={faultAt("count")} />
        <Field
          label={say("finder-of-how-many-fabrics")}
          value={have.fabrics}
          onChange={set("fabrics")}
          fault={faultAt("fabrics")}
          width="10rem"
        />
      </div>
      <Faulty faults={faults} elsewhere={elsewhere} fields={["width", "height", "count", "fabrics"]} />
      {answer && (
        <>
          {!answer.length && <p>{say("finder-nothing-the-pieces-are-too")}</p>}
          <table className="answers on-hand">
            <caption>{say("finder-the-largest-finished-size-of")}</caption>
            <thead>
              <tr>
                <th scope="col">{say("finder-unit")}</th>
                <th scope="col">{say("finder-made")}</th>
                <th scope="col">{say("common-column-finished")}</th>
                <th scope="col">{say("finder-gives")}</th>
                <th scope="col">{say("finder-from")}</th>
                <th scope="col">{say("finder-how-to-use-the-pieces")}</th>
                <th scope="col">{say("finder-trimmed")}</th>
              </tr>
            </thead>
            <tbody>
              {kinds.map((kind) => (
                <WaysOfUnit key={kind} ways={answer.filter((one) => one.kind === kind)} />
              ))}
            </tbody>
          </table>
        </>
      )}
    </section>
  );
}

/** What comes of the pieces for one unit: its first way and, unfolded, the others. */
function WaysOfUnit({ ways }: { ways: Possible[] }) {
  const [all, setAll] = useState(false);
  const shown = ways.slice(0, all ? ways.length : 1);
  return shown.map((one, index) => (
    <tr key={one.method} className={index ? "" : "first"}>
      {index === 0 && (
        <th scope="rowgroup" rowSpan={shown.length}>
          <UnitPicture parts={one.picture} width={one.width} height={one.height} fabrics={SAMPLE} size={56} />{" "}
          {one.kind_words}
          {ways.length > 1 && (
            <button type="button" className="quiet small" aria-expanded={all} onClick={() => setAll(!all)}>
              {all ? say("finder-first-way-alone") : say("finder-more-ways", { count: ways.length - 1 })}
            </button>
          )}
        </th>
      )}
      <td className="made">{one.method_words}</td>
      <td className="number">
        <Fr>{one.finished}</Fr>
      </td>
      <td data-of={say("finder-gives")}>{one.makes}</td>
      <td data-of={say("finder-from")}>{say("finder-pieces", { pieces: one.pieces })}</td>
      <td>
        <Fr>{one.cut}</Fr>
      </td>
      <td>
        <Fr>{one.trim}</Fr>
      </td>
    </tr>
  ));
}
