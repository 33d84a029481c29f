import type { Act, Draft } from "../api/client";
import { say } from "../language/say";
import type { Sewing } from "./plan";

/** The fabrics under which no seam allowance is to lie, as a pale one that a dark seam would shine through. */
export function KeptClear({ plan, view, act }: { plan: Sewing; view: Draft; act: (acts: Act[]) => void }) {
  const used = view.fabrics.filter((fabric) => fabric.patches > 0);
  if (used.length < 2) return null;
  return (
    <section aria-labelledby="clear-head">
      <h2 id="clear-head">{say("sew-never-under")}</h2>
      <ul className="kept-clear">
        {used.map((fabric) => (
          <li key={fabric.key}>
            <label>
              <input
                type="checkbox"
                checked={plan.kept_clear.includes(fabric.key)}
                onChange={(event) => act([{ do: "keep-clear", key: fabric.key, clear: event.target.checked }])}
              />{" "}
              {fabric.name}
            </label>
          </li>
        ))}
      </ul>
    </section>
  );
}
