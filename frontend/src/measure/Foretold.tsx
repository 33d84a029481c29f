import { Link } from "react-router";

import type { Measuring } from "../api/useMeasuring";
import { Fr } from "../common/Fr";
import { Help } from "../common/Help";

interface Props {
  id: string;
  told: Measuring["foretold"];
  onTake: (settings: Record<string, string>) => void;
}

/** What the block will come out as, checkpoint by checkpoint, and what would help most. */
export function Foretold({ id, told, onTake }: Props) {
  return (
    <div className="foretold">
      <section>
        <h1>
          {told.chance ? (
            <Fr>{`${told.chance} of the blocks will be within ${told.within}`}</Fr>
          ) : (
            "There is nothing to sew"
          )}
        </h1>
        {told.width && (
          <p>
            Nine of ten measure <Fr>{`${told.width} across and ${told.height} down`}</Fr>.
          </p>
        )}
        <p className="advice">
          <Fr>{told.advice}</Fr>
        </p>
        {told.mismatch && (
          <p>
            <Fr>{told.mismatch}</Fr>{" "}
            <Link to={`/blocks/${id}/sew?step=${String(told.mismatch_step)}`}>See that step</Link>
          </p>
        )}
        {told.cut_for && (
          <p className="cut-for">
            <Fr>{told.cut_for.words}</Fr>{" "}
            <button
              type="button"
              className="btn btn-primary btn-sm"
              onClick={() => told.cut_for && onTake(told.cut_for.settings)}
            >
              Do so
            </button>
          </p>
        )}
        {told.checkpoints.length > 0 && (
          <table>
            <caption>
              What each checkpoint will measure, unfinished <Help word="checkpoint" />
            </caption>
            <thead>
              <tr>
                <th scope="col">Step</th>
                <th scope="col">What is made</th>
                <th scope="col">Must be</th>
                <th scope="col">Nine of ten are, across</th>
                <th scope="col">and down</th>
                <th scope="col">
                  Within <Fr>{told.within}</Fr>
                </th>
              </tr>
            </thead>
            <tbody>
              {told.checkpoints.map((one, number) => (
                <tr key={number}>
                  <td>
                    <Link to={`/blocks/${id}/sew?step=${String(one.step)}`}>{one.step}</Link>
                  </td>
                  <th scope="row">{one.words}</th>
                  <td>
                    <Fr>{one.must}</Fr>
                  </td>
                  <td>
                    <Fr>{one.width}</Fr>
                  </td>
                  <td>
                    <Fr>{one.height}</Fr>
                  </td>
                  <td>
                    <Bar share={one.likely} /> {one.chance}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </section>
      <aside>
        <h2>What this stands on</h2>
        <ul>
          {told.figures.map((words) => (
            <li key={words}>
              <Fr>{words}</Fr>
            </li>
          ))}
        </ul>
        <p>
          {told.all_guesses
            ? "Nothing of this was measured. Sew a test strip, and it is yours: "
            : "Test again in the "}
          <Link to="/seam-log">seam log</Link>.
        </p>
      </aside>
    </div>
  );
}

/** A share as a bar; the number stands beside it. */
function Bar({ share }: { share: number }) {
  return (
    <svg className="share" viewBox="0 0 50 8" width="50" height="8" aria-hidden>
      <rect width="50" height="8" className="ground" />
      <rect width={50 * share} height="8" />
    </svg>
  );
}
