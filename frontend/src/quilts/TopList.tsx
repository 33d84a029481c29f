import { Fr } from "../common/Fr";
import { say } from "../language/say";
import type { Quilt } from "./useQuilt";

/** The list for the whole top, by fabric. */
export function TopList({ view }: { view: Quilt }) {
  return (
    <section aria-labelledby="top-list">
      <h2 id="top-list">{say("quilts-to-cut-for-the-whole")}</h2>
      {view.cloths.map((cloth) => (
        <table key={cloth.fabric} className="top-list">
          <caption>
            <i style={{ background: view.fabrics.find((one) => one.key === cloth.fabric)?.colour }} aria-hidden />{" "}
            {cloth.name}
          </caption>
          <thead className="visually-hidden">
            <tr>
              <th scope="col">{say("common-how-many")}</th>
              <th scope="col">{say("quilts-cut-size")}</th>
              <th scope="col">{say("quilts-for")}</th>
            </tr>
          </thead>
          <tbody>
            {cloth.lines.map((line, number) => (
              <tr key={number}>
                <td>{line.count}</td>
                <th scope="row">
                  {line.what}{" "}
                  <b>
                    <Fr>{line.size}</Fr>
                  </b>
                  {line.further && <small> {line.further}</small>}
                </th>
                <td>{line.purpose}</td>
              </tr>
            ))}
          </tbody>
        </table>
      ))}
    </section>
  );
}
