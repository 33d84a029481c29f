import { useId, useState } from "react";

import { SHEET } from "../common/colours";
import type { Draft } from "../api/client";
import { ClothPattern } from "../common/Cloth";
import { say } from "../language/say";
import { points, type Sewing, type Slip, type Stack } from "./plan";

const FEW = 6; // slips that are pictured at a time
const GAP = 0.12; // of a place's shorter side, between the places

/** Laying out first: the block spread with gaps, its stacks numbered, and what common slips look like. */
export function LayOut({ plan, view }: { plan: Sewing; view: Draft }) {
  const [slip, setSlip] = useState<number>();
  const [stack, setStack] = useState<number>();
  const [all, setAll] = useState(false);
  const shown = slip === undefined ? undefined : plan.slips[slip];
  const slips = plan.slips
    .map((one, index) => ({ one, index }))
    .filter(({ one }) => stack === undefined || one.stacks.includes(stack));
  return (
    <div className="lay-out">
      <section aria-label={say("sew-the-block-laid-out")}>
        <Spread plan={plan} fabrics={view.fabrics} slip={shown} stack={stack} onStack={setStack} />
        <p className="quiet-text">
          {say("sew-lay-one-unit-of-each")}{" "}
          {stack !== undefined && (
            <button type="button" className="quiet" onClick={() => setStack(undefined)}>
              {say("sew-all-stacks")}
            </button>
          )}
        </p>
        <ol className="stack-words">
          {plan.stacks.map((one) => (
            <li key={one.number} value={one.number}>
              {one.words}
            </li>
          ))}
        </ol>
      </section>
      <section aria-labelledby="slips-head">
        <h2 id="slips-head">{say("sew-does-it-look-like-one")}</h2>
        {shown && (
          <p role="status" className="mend">
            <b>{shown.words}</b> {shown.mend}
          </p>
        )}
        {slips.length === 0 && (
          <p>{plan.slips.length === 0 ? say("sew-nothing-in-this-block-looks") : say("sew-no-slip-of-this-stack")}</p>
        )}
        <ul className="slips">
          {(all ? slips : slips.slice(0, FEW)).map(({ one, index }) => (
            <li key={index}>
              <button
                type="button"
                aria-pressed={slip === index}
                onClick={() => setSlip(slip === index ? undefined : index)}
              >
                <SlipPicture plan={plan} slip={one} fabrics={view.fabrics} />
                <span>{one.words}</span>
              </button>
            </li>
          ))}
        </ul>
        {!all && slips.length > FEW && (
          <button type="button" className="quiet" onClick={() => setAll(true)}>
            {say("sew-more-slips", { count: slips.length - FEW })}
          </button>
        )}
      </section>
    </div>
  );
}

function Spread({
  plan,
  fabrics,
  slip,
  stack,
  onStack,
}: {
  plan: Sewing;
  fabrics: Draft["fabrics"];
  slip: Slip | undefined;
  stack: number | undefined;
  onStack: (number: number | undefined) => void;
}) {
  const id = useId();
  const least = Math.min(...plan.stacks.map((one) => Math.min(one.width, one.height)));
  const apart = 1 + (GAP * least) / Math.max(least, 1e-9);
  const unit = Math.max(plan.width, plan.height) / 460;
  const move = (one: Stack) => {
    const [x, y] = [one.at[0] + one.width / 2, one.at[1] + one.height / 2];
    return `translate(${String(x * (apart - 1))} ${String(y * (apart - 1))})`;
  };
  return (
    <svg
      className="spread"
      viewBox={[-6 * unit, -6 * unit, plan.width * apart + 12 * unit, plan.height * apart + 12 * unit].join(" ")}
      role="group"
      aria-label={say("sew-the-block-spread-with-gaps")}
    >
      <defs>
        {fabrics.map((fabric, index) => (
          <ClothPattern key={fabric.key} fabric={fabric} index={index} id={`${id}-${fabric.key}`} scale={unit * 1.4} />
        ))}
      </defs>
      {plan.stacks.map((one) => {
        const wrong = slip?.stacks.includes(one.number);
        const parts = wrong && slip ? slip.parts.filter((part) => inside(part.outline, one)) : one.parts;
        const [x, y] = [one.at[0] + one.width / 2, one.at[1] + one.height / 2];
        return (
          <g
            key={one.number}
            transform={move(one)}
            role="button"
            tabIndex={0}
            aria-pressed={stack === one.number}
            aria-label={say("sew-stack", { number: one.number, words: one.words })}
            className={wrong ? "place wrong" : stack === one.number ? "place taken" : "place"}
            onClick={() => onStack(stack === one.number ? undefined : one.number)}
            onKeyDown={(event) => {
              if (event.key === "Enter" || event.key === " ") {
                event.preventDefault();
                onStack(stack === one.number ? undefined : one.number);
              }
            }}
          >
            {parts.map((part) => (
              <polygon
                key={points(part.outline)}
                points={points(part.outline)}
                fill={fabrics.some((fabric) => fabric.key === part.fabric) ? `url(#${id}-${part.fabric})` : SHEET}
              />
            ))}
            <circle cx={x} cy={y} r={11 * unit} />
            <text x={x} y={y} fontSize={14 * unit} dy="0.35em">
              {one.number}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

function inside(outline: [number, number][], stack: Stack): boolean {
  const x = outline.reduce((sum, spot) => sum + spot[0], 0) / outline.length;
  const y = outline.reduce((sum, spot) => sum + spot[1], 0) / outline.length;
  return x >= stack.at[0] && x <= stack.at[0] + stack.width && y >= stack.at[1] && y <= stack.at[1] + stack.height;
}

/** The whole block, small, with a slip in it. */
function SlipPicture({ plan, slip, fabrics }: { plan: Sewing; slip: Slip; fabrics: Draft["fabrics"] }) {
  const colour = (key: string) => fabrics.find((one) => one.key === key)?.colour ?? SHEET;
  const parts = [
    ...plan.stacks.filter((one) => !slip.stacks.includes(one.number)).flatMap((one) => one.parts),
    ...slip.parts,
  ];
  return (
    <svg viewBox={`0 0 ${String(plan.width)} ${String(plan.height)}`} aria-hidden="true">
      {parts.map((part, index) => (
        <polygon key={index} points={points(part.outline)} fill={colour(part.fabric)} />
      ))}
    </svg>
  );
}
