import type { Schemas } from "../api/client";
import { Fr } from "../common/Fr";

type Way = Schemas["WayOut"];

const ROWS: [string, (way: Way) => string, string][] = [
  ["Cut", (way) => way.cut, "how many, and the size to cut"],
  ["Makes", (way) => String(way.makes), "over all blocks"],
  ["Spare", (way) => way.spare_words, ""],
  ["Cloth used", (way) => way.used, ""],
  ["of it wasted", (way) => `${way.wasted}, ${(100 * way.wasted_share).toFixed(0)} %`, "what ends in no unit"],
  ["Seams", (way) => (way.seams ? `${String(way.seams)}, ${way.sewn}` : "none"), "how many, and their length"],
  ["Pieces, cuts", (way) => `${String(way.pieces)}, ${String(way.cuts)}`, "pieces cut out, and cuts after that"],
  ["Units to trim", (way) => (way.trims ? String(way.trims) : "none"), ""],
  ["Room to trim", (way) => way.oversize, "how much larger than unfinished it comes out"],
  ["Comes out right", (way) => way.accuracy, "how likely a unit is within tolerance, as exactly as you work"],
  ["Bias outside", (way) => way.bias, "outer edges that stretch"],
  ["Prints", (way) => way.prints, "how a print lies in all of them"],
  ["Smallest", (way) => way.smallest, "finished size from which it is reasonable"],
];

interface Props {
  ways: Way[];
  shown: string;
  onShow: (name: string) => void;
  onTake: (name: string | null) => void;
}

/** The ways beside each other, in the same figures. */
export function Ways({ ways, shown, onShow, onTake }: Props) {
  const least = (of: (way: Way) => number) => Math.min(...ways.map(of));
  const best: Record<string, number> = {
    "Cloth used": least((way) => parseFloat(way.used)),
    Seams: least((way) => way.seams),
  };
  const single = ways.length === 1;
  return (
    <table className="ways">
      <caption className="visually-hidden">The ways to make it, side by side</caption>
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
                {way.chosen ? "your choice" : way.taken ? "proposed, taken" : way.proposed ? "proposed" : ""}
              </small>
              {!single &&
                (way.taken ? (
                  way.chosen && (
                    <button type="button" className="quiet small" onClick={() => onTake(null)}>
                      let Yonk propose
                    </button>
                  )
                ) : (
                  <button
                    type="button"
                    className="quiet small"
                    aria-label={`Take ${way.words}`}
                    onClick={() => onTake(way.name)}
                  >
                    take
                  </button>
                ))}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {ROWS.map(([name, text, why]) => (
          <tr key={name}>
            <th scope="row" title={why}>
              {name}
            </th>
            {ways.map((way) => (
              <td
                key={way.name}
                className={[
                  way.name === shown ? "shown" : "",
                  name === "Smallest" && way.too_small ? "doubt" : "",
                  !single && name === "Cloth used" && parseFloat(way.used) === best[name] ? "least" : "",
                  !single && name === "Seams" && way.seams === best[name] ? "least" : "",
                ].join(" ")}
              >
                <Fr>{text(way)}</Fr>
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
