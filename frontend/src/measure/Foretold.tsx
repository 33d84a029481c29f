import { Link } from "react-router";

import type { Act } from "../api/client";
import type { Measuring } from "../api/useMeasuring";
import { Fr } from "../common/Fr";
import { Help } from "../common/Help";
import { rich, say } from "../language/say";
import { Bar, Remedies } from "./Remedies";

interface Props {
  id: string;
  measuring: Measuring;
  onTake: (acts: Act[]) => void;
}

/** What the block will come out as, checkpoint by checkpoint, and what would help most. */
export function Foretold({ id, measuring, onTake }: Props) {
  const told = measuring.foretold;
  return (
    <div className="foretold">
      <section>
        <h1>
          {told.chance ? (
            <Fr>{say("measure-of-the-blocks-will-be", { chance: told.chance, within: told.within })}</Fr>
          ) : (
            say("measure-there-is-nothing-to-sew")
          )}
        </h1>
        {told.width && (
          <p>
            {rich("measure-nine-of-ten-measure", {
              size: <Fr>{say("measure-across-and-down", { width: told.width, height: told.height })}</Fr>,
            })}
          </p>
        )}
        {told.mismatch && (
          <p>
            <Fr>{told.mismatch}</Fr>{" "}
            <Link to={`/blocks/${id}/sew?step=${String(told.mismatch_step)}`}>{say("measure-see-that-step")}</Link>
          </p>
        )}
        <Remedies id={id} measuring={measuring} why="" onTake={onTake} />
        {told.practice && (
          <p>
            <Fr>{told.practice}</Fr>
          </p>
        )}
        {told.checkpoints.length > 0 && (
          <table>
            <caption>
              {say("measure-what-each-checkpoint-will-measure")} <Help word="checkpoint" />
            </caption>
            <thead>
              <tr>
                <th scope="col">{say("measure-step")}</th>
                <th scope="col">{say("measure-what-is-made")}</th>
                <th scope="col">{say("measure-step-must-be")}</th>
                <th scope="col">{say("measure-nine-of-ten-are-across")}</th>
                <th scope="col">{say("measure-and-down")}</th>
                <th scope="col">{rich("measure-within", { within: <Fr>{told.within}</Fr> })}</th>
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
        <h2>{say("measure-what-this-stands-on")}</h2>
        <ul>
          {told.figures.map((words) => (
            <li key={words}>
              <Fr>{words}</Fr>
            </li>
          ))}
        </ul>
        <p>
          {told.all_guesses
            ? `${say("measure-nothing-of-this-was-measured")} `
            : `${say("measure-test-again-in-the")} `}
          <Link to="/seam-log">{say("measure-seam-log")}</Link>.
        </p>
      </aside>
    </div>
  );
}
