import type { Schemas } from "../api/client";
import { Fr } from "../common/Fr";
import { rich, say } from "../language/say";

const HIGH = 230; // pixels, with the numbers below
const [TOP, BOTTOM] = [14, HIGH - 44];
const MOST_NUMBERS = 12; // beside each other, that can be read on a phone

/** How the seam goes from test to test; the band is within what she set. */
export function Trend({ log }: { log: Schemas["SeamLogOut"] }) {
  const good = log.tests.filter((one) => one.good).length;
  const last = Math.max(log.tests.length, log.wanted);
  const most = Math.max(2 * log.band, ...log.tests.map((one) => Math.abs(one.off_by))) * 1.15;
  // across in parts of the width, so that it fits any screen; down in pixels
  const x = (number: number) => `${((number + 0.5) / last) * 100}%`;
  const y = (off: number) => TOP + ((most - off) / (2 * most)) * (BOTTOM - TOP);
  const every = Math.ceil(log.tests.length / MOST_NUMBERS);
  return (
    <figure className="trend">
      <figcaption>
        {rich("seam-how-much-a-seam-is", { band_words: <Fr>{log.band_words}</Fr>, good, tests: log.tests.length })}
      </figcaption>
      <svg width="100%" height={HIGH} aria-hidden="true">
        <rect className="band" width="100%" y={y(log.band)} height={y(-log.band) - y(log.band)} />
        {log.ruled
          .filter((one) => Math.abs(one.at) <= most)
          .map((one) => (
            <g key={one.at} className={one.at === 0 ? "ruled right" : "ruled"}>
              <line x2="100%" y1={y(one.at)} y2={y(one.at)} />
              <text x={-8} y={y(one.at)}>
                {one.words}
              </text>
            </g>
          ))}
        {log.tests.slice(1).map((one, number) => (
          <line
            key={one.id}
            className="way"
            x1={x(number)}
            x2={x(number + 1)}
            y1={y(log.tests[number]?.off_by ?? 0)}
            y2={y(one.off_by)}
          />
        ))}
        {log.tests.map((one, number) => (
          <g key={one.id} className={one.good ? "test" : "test off"}>
            <circle cx={x(number)} cy={y(one.off_by)} r={5} />
            {number % every === 0 && (
              <text x={x(number)} y={BOTTOM + 18}>
                {number + 1}
              </text>
            )}
          </g>
        ))}
        <text className="axis" x="50%" y={HIGH - 6}>
          {say("seam-test")}
        </text>
      </svg>
      <p className="ends">
        <span>{say("seam-above-too-wide")}</span>
        <span>{say("seam-below-too-narrow")}</span>
      </p>
    </figure>
  );
}
