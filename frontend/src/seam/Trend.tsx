import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from "recharts";

import type { Schemas } from "../api/client";
import { Fr } from "../common/Fr";

/** How the seam goes from test to test; the band is within what she set. */
export function Trend({ log }: { log: Schemas["SeamLogOut"] }) {
  const rows = log.tests.map((one, number) => ({ number: number + 1, off: one.off_by, good: one.good }));
  const most = Math.max(2 * log.band, ...rows.map((row) => Math.abs(row.off))) * 1.15;
  const good = rows.filter((row) => row.good).length;
  return (
    <figure className="trend">
      <figcaption>
        How much a seam is off, test by test; the band is within <Fr>{log.band_words}</Fr>, and {good} of {rows.length}{" "}
        lie in it.
      </figcaption>
      <ResponsiveContainer width="100%" height={230}>
        <LineChart data={rows} margin={{ top: 14, right: 18, bottom: 18, left: 14 }} accessibilityLayer={false}>
          <CartesianGrid stroke="#d9cdb4" vertical={false} />
          <ReferenceArea y1={-log.band} y2={log.band} fill="#3f6d99" fillOpacity={0.16} />
          <ReferenceLine y={0} stroke="#3f6d99" />
          <XAxis
            dataKey="number"
            type="number"
            domain={[0.5, Math.max(rows.length, log.wanted) + 0.5]}
            ticks={rows.map((row) => row.number)}
            interval="preserveStartEnd"
            stroke="#4d625d"
            label={{ value: "test", position: "insideBottom", offset: -10, fill: "#4d625d" }}
          />
          <YAxis
            domain={[-most, most]}
            ticks={log.ruled.map((one) => one.at)}
            tickFormatter={(value: number) => log.ruled.find((one) => one.at === value)?.words ?? ""}
            width={72}
            stroke="#4d625d"
          />
          <Line
            dataKey="off"
            type="linear"
            stroke="#14312c"
            strokeWidth={1.5}
            isAnimationActive={false}
            dot={(props: { key?: React.Key | null; cx?: number; cy?: number; payload?: { good: boolean } }) => (
              <circle
                key={props.key}
                cx={props.cx}
                cy={props.cy}
                r={5}
                fill={props.payload?.good ? "#fffdf6" : "#9c2f2b"}
                stroke={props.payload?.good ? "#14312c" : "#9c2f2b"}
                strokeWidth={2}
              />
            )}
          />
        </LineChart>
      </ResponsiveContainer>
      <p className="ends">
        <span>above: too wide</span>
        <span>below: too narrow</span>
      </p>
    </figure>
  );
}
