import type { Schemas } from "../api/client";
import { Costs } from "../common/Costs";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { SwatchOf } from "../cut/SwatchOf";
import { say } from "../language/say";
import type { QuiltAct } from "./useQuilt";

interface Props {
  plan: Schemas["TopCutOut"];
  said: string[];
  act: (acts: QuiltAct[]) => void;
  onFabric: (key: string) => void;
  onDismiss: () => void;
}

/** The whole top on one page: what to buy of each cloth, and how long lengths, binding and backing are made. */
export function WholeTop({ plan, said, act, onFabric, onDismiss }: Props) {
  return (
    <section className="cloth-list whole-top" aria-labelledby="whole-top">
      {said.length > 0 && <Said text={said.join("\n")} onClose={onDismiss} />}
      <h1 id="whole-top">{say("quilts-cloth-for-the-whole-top")}</h1>
      <p>
        <Fr>{plan.summary}</Fr>
      </p>
      {plan.changed.length > 0 && (
        <ul className="changed">
          {plan.changed.map((one) => (
            <li key={one.words}>
              <Fr>{one.words}</Fr>
            </li>
          ))}
        </ul>
      )}
      <table className="to-buy">
        <thead>
          <tr>
            <th scope="col">{say("common-cloth")}</th>
            <th scope="col">{say("common-buy")}</th>
            <th scope="col">{say("quilts-from-the-shelf-first")}</th>
            <th scope="col">{say("common-pieces")}</th>
          </tr>
        </thead>
        <tbody>
          {plan.fabrics.map((one) => (
            <tr key={one.key}>
              <th scope="row">
                <SwatchOf fabrics={plan.swatches} name={one.key} />{" "}
                <button type="button" className="quiet" onClick={() => onFabric(one.key)}>
                  {one.name}
                </button>
              </th>
              <td>
                <b>
                  <Fr>{one.buy}</Fr>
                </b>
                {one.fat_quarters && <small> {say("common-or", { fat_quarters: one.fat_quarters })}</small>}
                {one.too_large.length > 0 && <small className="doubt"> {say("quilts-some-is-wider-than-the")}</small>}
              </td>
              <td>
                <Fr>{one.from_shelf.join(", ")}</Fr>
                {one.cost && <small className="quiet-text"> {one.cost}</small>}
              </td>
              <td>{one.lines.reduce((sum, line) => sum + line.count, 0)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Costs costs={plan.costs} />
      <h2>{say("quilts-how-it-is-made")}</h2>
      <ul>
        {plan.said.map((words) => (
          <li key={words}>
            <Fr>{words}</Fr>
          </li>
        ))}
      </ul>
      <label>
        {say("quilts-long-strips")}{" "}
        <select
          value={plan.joins}
          onChange={(event) => {
            const joins = plan.ways_to_join.find((one) => one.joins === event.target.value)?.joins;
            if (joins) act([{ do: "joins", joins }]);
          }}
        >
          {plan.ways_to_join.map((one) => (
            <option key={one.joins} value={one.joins}>
              {one.words}
            </option>
          ))}
        </select>
      </label>
      {plan.backing.length > 1 && (
        <fieldset>
          <legend>{say("quilts-backing")}</legend>
          {plan.backing.map((way) => (
            <label key={way.words}>
              <input
                type="radio"
                name="backing"
                checked={way.taken}
                onChange={() => act([{ do: "backing", lay: way.lay }])}
              />{" "}
              <Fr>{way.words}</Fr>
            </label>
          ))}
        </fieldset>
      )}
    </section>
  );
}
