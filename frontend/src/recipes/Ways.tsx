import { useState } from "react";

import type { Schemas } from "../api/client";
import { Fr } from "../common/Fr";
import { say } from "../language/say";

type Way = Schemas["WayOut"];

type Column = "cloth" | "seams" | "smallest" | "";

const ROWS: [string, (way: Way) => string, string, Column?][] = [
  [say("recipes-cut-from"), (way) => way.cut, say("recipes-how-many-and-the-size")],
  [say("recipes-makes"), (way) => String(way.makes), say("recipes-over-all-blocks")],
  [say("recipes-spare"), (way) => way.spare_words, ""],
  [say("recipes-cloth-used"), (way) => way.used, "", "cloth"],
  [
    say("recipes-of-it-wasted"),
    (way) => `${way.wasted}, ${(100 * way.wasted_share).toFixed(0)} %`,
    say("recipes-what-ends-in-no-unit"),
  ],
  [
    say("recipes-seams"),
    (way) => (way.seams ? `${String(way.seams)}, ${way.sewn}` : say("common-none")),
    say("recipes-how-many-and-their-length"),
    "seams",
  ],
  [
    say("recipes-pieces-cuts"),
    (way) => `${String(way.pieces)}, ${String(way.cuts)}`,
    say("recipes-pieces-cut-out-and-cuts"),
  ],
  [say("recipes-units-to-trim"), (way) => (way.trims ? String(way.trims) : say("common-none")), ""],
  [say("recipes-room-to-trim"), (way) => way.oversize, say("recipes-how-much-larger-than-unfinished")],
  [say("recipes-comes-out-right"), (way) => way.accuracy, say("recipes-how-likely-a-unit-is")],
  [say("recipes-bias-outside"), (way) => way.bias, say("recipes-outer-edges-that-stretch")],
  [say("recipes-prints"), (way) => way.prints, say("recipes-how-a-print-lies-in")],
  [say("recipes-smallest"), (way) => way.smallest, say("recipes-finished-size-from-which-it"), "smallest"],
];

interface Props {
  ways: Way[];
  shown: string;
  onShow: (name: string) => void;
  onTake: (name: string | null) => void;
}

const AT_FIRST = 1; // what is cut: the pictures come before all other figures
let unfolded = false; // outlasts a change of step

/** The ways beside each other, in the same figures: what is cut for each and, unfolded, all that tells them apart. */
export function Ways({ ways, shown, onShow, onTake }: Props) {
  const single = ways.length === 1;
  const [all, setAll] = useState(unfolded);
  const unfold = () => {
    unfolded = !all;
    setAll(unfolded);
  };
  return (
    <table className="ways">
      <caption className="visually-hidden">{say("recipes-the-ways-to-make-it")}</caption>
      <thead>
        <tr>
          <td />
          {ways.map((way) => (
            <th
              scope="col"
              key={way.name}
              className={[way.name === shown ? "shown" : "", way.taken ? "taken" : ""].join(" ")}
            >
              <button
                type="button"
                className="way-name"
                aria-pressed={way.name === shown}
                onClick={() => onShow(way.name)}
              >
                {way.words}
              </button>
              <small>
                {way.chosen
                  ? say("common-your-choice")
                  : way.taken
                    ? say("common-proposed-taken")
                    : way.proposed
                      ? say("common-proposed")
                      : ""}
              </small>
              {!single &&
                (way.taken ? (
                  way.chosen && (
                    <button type="button" className="quiet small" onClick={() => onTake(null)}>
                      {say("recipes-let-yonk-propose")}
                    </button>
                  )
                ) : (
                  <button
                    type="button"
                    className="quiet small"
                    aria-label={say("common-take-words", { words: way.words })}
                    onClick={() => onTake(way.name)}
                  >
                    {say("common-take")}
                  </button>
                ))}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {ROWS.slice(0, all ? ROWS.length : AT_FIRST).map(([name, text, why, column]) => (
          <tr key={name}>
            <th scope="row" title={why}>
              {name}
            </th>
            {ways.map((way) => (
              <td
                key={way.name}
                className={[
                  way.name === shown ? "shown" : "",
                  column === "smallest" && way.too_small ? "doubt" : "",
                  way.least.some((one) => one === column) ? "least" : "",
                ].join(" ")}
              >
                <Fr>{text(way)}</Fr>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <td colSpan={ways.length + 1}>
            <button type="button" className="quiet small" aria-expanded={all} onClick={unfold}>
              {all ? say("recipes-fewer-figures") : say("recipes-all-figures")}
            </button>
          </td>
        </tr>
      </tfoot>
    </table>
  );
}
