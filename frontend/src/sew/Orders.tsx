import type { Act } from "../api/client";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import type { Sewing } from "./plan";

type Order = Sewing["order"];
const WORDS: Record<Order, string> = {
  rows: say("quilts-rows"),
  columns: say("quilts-columns"),
  quarters: say("sew-quarters"),
  chained: say("sew-chained"),
};
const ROWS = [
  ["joins", say("sew-joins")],
  ["longest", say("sew-longest-seam")],
  ["across", say("sew-seams-as-long")],
  ["to_match", say("sew-places-to-match")],
  ["checkpoints", say("sew-checkpoints-before-the-last")],
  ["nested", say("sew-meetings-that-nest")],
  ["bulky", say("sew-bulky-meetings")],
] as const;

/** The orders of joining side by side in the same figures; one is proposed, the choice is hers. */
export function Orders({ plan, act }: { plan: Sewing; act: (acts: Act[]) => void }) {
  return (
    <section className="orders" aria-labelledby="orders-head">
      <h2 id="orders-head">{say("sew-joined-by")}</h2>
      <table>
        <thead>
          <tr>
            <td />
            {plan.orders.map((one) => (
              <th key={one.order} scope="col" className={one.taken ? "taken" : ""}>
                <button
                  type="button"
                  className="way-name"
                  aria-pressed={one.taken}
                  onClick={() => act([{ do: "order", order: one.order }])}
                >
                  {WORDS[one.order]}
                </button>
                <small>
                  {one.taken
                    ? plan.chosen
                      ? say("common-your-choice")
                      : say("common-proposed-taken")
                    : one.proposed
                      ? say("common-proposed")
                      : ""}
                </small>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ROWS.map(([name, words]) => (
            <tr key={name}>
              <th scope="row">{words}</th>
              {plan.orders.map((one) => (
                <td key={one.order} className={name === "bulky" && one.bulky ? "doubt" : ""}>
                  <Fr>{String(one[name])}</Fr>
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="quiet-text">
        {plan.proposal}{" "}
        {plan.chosen && (
          <button type="button" className="quiet" onClick={() => act([{ do: "order", order: null }])}>
            {say("sew-take-the-proposal")}
          </button>
        )}
      </p>
      {plan.parts.length > 1 && (
        <ul className="part-orders">
          {plan.parts.map((part) => (
            <li key={[...part.corner, ...part.opposite].join(" ")}>
              <label className="typed">
                <span>
                  {say("sew-the-part-from-column-row", {
                    column: part.corner[0],
                    row: part.corner[1],
                    order: part.words,
                  })}
                </span>
                <select
                  value={part.chosen ?? ""}
                  onChange={(event) => {
                    const order = part.orders.find((one) => one === event.target.value) ?? null;
                    act([{ do: "order", order, corner: part.corner, opposite: part.opposite }]);
                  }}
                >
                  <option value="">{say("sew-as-the-block")}</option>
                  {part.orders.map((order) => (
                    <option key={order} value={order}>
                      {WORDS[order]}
                    </option>
                  ))}
                </select>
              </label>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
