import type { Schemas } from "../api/client";

interface Props {
  plan: Schemas["TopSewOut"];
  picture: Schemas["QuiltPictureOut"];
  step: number | undefined;
}

/** What is drawn over a top: the numbers of its rows, where each seam is pressed, which blocks are pressed by plan 2. */
export function TopOverlay({ plan, picture, step }: Props) {
  const size = Math.min(...picture.side) / 5;
  const second = new Set(plan.second.map((at) => at.join(" ")));
  return (
    <g className="top-overlay" aria-hidden="true">
      {plan.seams.map((seam, index) => {
        const [[ax, ay], [bx, by]] = seam.arrow;
        const mine = seam.step === step;
        return (
          <g key={index} className={mine ? "seam lit" : "seam"}>
            {mine &&
              seam.stretches.map(([from, to], number) => (
                <line key={number} x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} className="sewn-line" />
              ))}
            {seam.open ? (
              <circle cx={ax} cy={ay} r={size / 8} />
            ) : (
              <>
                {!mine && <line x1={ax} y1={ay} x2={bx} y2={by} className="halo" />}
                <line x1={ax} y1={ay} x2={bx} y2={by} />
                <circle cx={bx} cy={by} r={size / 9} className="tip" />
              </>
            )}
          </g>
        );
      })}
      {plan.bulky.map(([x, y], index) => (
        <circle key={index} cx={x} cy={y} r={size / 4} className="bulky" />
      ))}
      {picture.uses
        .filter((use) => second.has(`${String(use.row)} ${String(use.column)}`))
        .map((use) => (
          <g key={`${String(use.row)} ${String(use.column)}`} className="plan-two">
            <circle cx={use.x} cy={use.y} r={size * 0.62} />
            <text x={use.x} y={use.y} fontSize={size * 0.9} textAnchor="middle" dominantBaseline="central">
              2
            </text>
          </g>
        ))}
      {plan.labels.map((label) => (
        <g key={label.number} className="row-label">
          <circle cx={label.at[0]} cy={label.at[1]} r={size * 0.62} />
          <text x={label.at[0]} y={label.at[1]} fontSize={size * 0.9} textAnchor="middle" dominantBaseline="central">
            {label.number}
          </text>
        </g>
      ))}
    </g>
  );
}
