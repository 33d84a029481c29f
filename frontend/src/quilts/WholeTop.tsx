import type { Schemas } from "../api/client";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { SwatchOf } from "../cut/SwatchOf";
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
      <h1 id="whole-top">Cloth for the whole top</h1>
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
            <th scope="col">Cloth</th>
            <th scope="col">Buy</th>
            <th scope="col">From the shelf first</th>
            <th scope="col">Pieces</th>
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
                {one.fat_quarters && <small> or {one.fat_quarters}</small>}
                {one.too_large.length > 0 && <small className="doubt"> some is wider than the cloth</small>}
              </td>
              <td>
                <Fr>{one.from_shelf.join(", ")}</Fr>
              </td>
              <td>{one.lines.reduce((sum, line) => sum + line.count, 0)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2>How it is made</h2>
      <ul>
        {plan.said.map((words) => (
          <li key={words}>
            <Fr>{words}</Fr>
          </li>
        ))}
      </ul>
      <label>
        Long strips{" "}
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
          <legend>Backing</legend>
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
