import { memo, useId } from "react";

import { SHEET } from "../common/colours";
import type { Draft } from "../api/client";
import { ClothPattern } from "../common/Cloth";
import { say } from "../language/say";
import { points, type Seam, type Sewing } from "./plan";

interface Props {
  plan: Sewing;
  fabrics: Draft["fabrics"];
  /** What the picture shows, for those who hear it. */
  label: string;
  chosen: Seam | undefined;
  /** Steps whose seams stand out. */
  lit?: number | undefined;
  numbers: boolean;
  /** Without arrows and signs, where it is only told which seams are meant. */
  plain?: boolean;
  onChoose: (seam: Seam) => void;
}

/** The front of the block with an arrow at each seam; a seam is chosen by a click, or by the arrow keys. */
export function Front({ plan, fabrics, label, chosen, lit, numbers, plain = false, onChoose }: Props) {
  const id = useId();
  const { width, height, seams } = plan;
  const unit = Math.max(width, height) / 460;
  const tabbed = chosen ?? seams[0];
  const step = (by: number) => {
    const at = seams.findIndex((one) => one.join === tabbed?.join);
    const to = seams[(at + by + seams.length) % seams.length];
    if (to) {
      onChoose(to);
      document.getElementById(`${id}-${String(to.join)}`)?.focus();
    }
  };
  const touched = (target: EventTarget) => {
    const join = (target as Element).closest("[data-join]")?.getAttribute("data-join");
    return seams.find((one) => String(one.join) === join);
  };
  return (
    <svg
      className="sew-front"
      viewBox={[-14 * unit, -14 * unit, width + 28 * unit, height + 28 * unit].join(" ")}
      role="group"
      aria-label={label}
      onClick={(event) => {
        const seam = touched(event.target);
        if (seam) onChoose(seam);
      }}
      onKeyDown={(event) => {
        const seam = touched(event.target);
        if (seam && (event.key === "Enter" || event.key === " ")) {
          event.preventDefault();
          onChoose(seam);
        }
        const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
        if (by) {
          event.preventDefault();
          step(by);
        }
      }}
    >
      <defs>
        <marker id={`${id}-tip`} viewBox="0 0 8 8" refX="6" refY="4" markerWidth="5" markerHeight="5" orient="auto">
          <path d="M0 0 8 4 0 8z" className="tip" />
        </marker>
        {fabrics.map((fabric, index) => (
          <ClothPattern key={fabric.key} fabric={fabric} index={index} id={`${id}-${fabric.key}`} scale={unit * 1.4} />
        ))}
      </defs>
      <Patches stacks={plan.stacks} fabrics={fabrics} id={id} />
      {seams.map((seam) => (
        <Line
          key={seam.join}
          seam={seam}
          id={id}
          unit={unit}
          tabbed={seam.join === tabbed?.join}
          chosen={seam.join === chosen?.join}
          lit={seam.step === lit}
        />
      ))}
      {!plain && <Arrows plan={plan} unit={unit} tip={`${id}-tip`} numbers={numbers} />}
    </svg>
  );
}

// What does not change when a seam is chosen is not drawn anew: a large block has thousands of them.
const Patches = memo(function Patches({
  stacks,
  fabrics,
  id,
}: {
  stacks: Sewing["stacks"];
  fabrics: Draft["fabrics"];
  id: string;
}) {
  const known = new Set(fabrics.map((one) => one.key));
  return stacks.flatMap((stack) =>
    stack.parts.map((part) => (
      <polygon
        key={points(part.outline)}
        points={points(part.outline)}
        fill={known.has(part.fabric) ? `url(#${id}-${part.fabric})` : SHEET}
        className="patch"
      />
    )),
  );
});

interface LineProps {
  seam: Seam;
  id: string;
  unit: number;
  tabbed: boolean;
  chosen: boolean;
  lit: boolean;
}

const Line = memo(function Line({ seam, id, unit, tabbed, chosen, lit }: LineProps) {
  return (
    <g
      id={`${id}-${String(seam.join)}`}
      data-join={seam.join}
      role="button"
      tabIndex={tabbed ? 0 : -1}
      aria-pressed={chosen}
      aria-label={say("sew-seam-of-step-pressed", { step: seam.step, toward: seam.toward })}
      className={["seam", lit ? "of-step" : "", seam.by_hand ? "by-hand" : ""].join(" ")}
    >
      {seam.along.map(([a, b], index) => (
        <g key={index}>
          <polygon points={points(strip(a, b, 7 * unit))} className="finger" />
          <line x1={a[0]} y1={a[1]} x2={b[0]} y2={b[1]} className="line" />
        </g>
      ))}
    </g>
  );
});

const Arrows = memo(function Arrows({
  plan,
  unit,
  tip,
  numbers,
}: {
  plan: Sewing;
  unit: number;
  tip: string;
  numbers: boolean;
}) {
  return (
    <g className="arrows" aria-hidden="true">
      {plan.seams.map((seam) => (
        <Arrow key={seam.join} seam={seam} unit={unit} tip={tip} number={numbers} />
      ))}
      {plan.meetings.map((meeting, index) => (
        <Met key={index} at={meeting.at} state={meeting.state} unit={unit} />
      ))}
    </g>
  );
});

/** Where a seam lies pressed: an arrow, several where it is spun, two short ones where it is open. */
export function Arrow({ seam, unit, tip, number }: { seam: Seam; unit: number; tip: string; number: boolean }) {
  const [a, b] = seam.along.reduce((best, one) => (far(one) > far(best) ? one : best));
  const [x, y] = [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  const along = far([a, b]) || 1;
  const [dx, dy] = [((b[1] - a[1]) / along) * 9 * unit, (-(b[0] - a[0]) / along) * 9 * unit];
  const spans = seam.arrows.length
    ? seam.arrows
    : [1, -1].map((sign): [[number, number], [number, number]] => [
        [x, y],
        [x + dx * sign, y + dy * sign],
      ]);
  const [from, to] = spans[0] ?? [a, b];
  const long = far([from, to]) || 1;
  const behind = [from[0] - ((to[0] - from[0]) / long) * 9 * unit, from[1] - ((to[1] - from[1]) / long) * 9 * unit];
  return (
    <g className={seam.by_hand ? "arrow by-hand" : "arrow"}>
      {spans.map(([start, end], index) =>
        ["ground", "shaft"].map((name) => (
          <line
            key={`${name} ${String(index)}`}
            className={name}
            x1={start[0]}
            y1={start[1]}
            x2={end[0]}
            y2={end[1]}
            markerEnd={name === "shaft" ? `url(#${tip})` : undefined}
          />
        )),
      )}
      {number && (
        <text x={behind[0]} y={behind[1]} fontSize={13 * unit} dy="0.35em">
          {seam.step}
        </text>
      )}
    </g>
  );
}

/** The strip along a stretch that a finger can hit. */
function strip(a: [number, number], b: [number, number], half: number): [number, number][] {
  const along = far([a, b]) || 1;
  const [x, y] = [((b[1] - a[1]) / along) * half, (-(b[0] - a[0]) / along) * half];
  return [
    [a[0] + x, a[1] + y],
    [b[0] + x, b[1] + y],
    [b[0] - x, b[1] - y],
    [a[0] - x, a[1] - y],
  ];
}

function far([a, b]: [[number, number], [number, number]]): number {
  return Math.hypot(b[0] - a[0], b[1] - a[1]);
}

/** The sign of a place where seams meet. */
export function Met({ at, state, unit }: { at: [number, number]; state: string; unit: number }) {
  const [x, y] = at;
  const r = 5 * unit;
  if (state === "bulky") return <rect className="met bulky" x={x - r} y={y - r} width={2 * r} height={2 * r} />;
  if (state === "spun") {
    const pinwheel = [
      `M${String(x)} ${String(y - r)}`,
      `A${String(r)} ${String(r)} 0 1 1 ${String(x - r)} ${String(y)}`,
    ];
    return <path className="met spun" d={pinwheel.join(" ")} />;
  }
  return <circle className={`met ${state}`} cx={x} cy={y} r={r * 0.8} />;
}
