import { useId } from "react";

import { SHEET } from "../common/colours";
import type { Draft } from "../api/client";
import type { Measuring } from "../api/useMeasuring";
import { ClothPattern } from "../common/Cloth";
import { say } from "../language/say";

type Row = Measuring["card"][number]["rows"][number];

interface Props {
  view: Draft;
  measuring: Measuring;
  lit: Row | undefined;
  onMeasure: (names: string[]) => void;
}

/** The block with the lines that were measured, the one that is asked for stands out; a patch that is pointed at is measured from seam to seam. */
export function BlockLines({ view, measuring, lit, onMeasure }: Props) {
  const id = useId();
  const { width, height } = measuring;
  const unit = Math.max(width, height) / 300;
  const rows = measuring.card.flatMap((group) => group.rows);
  const line = (row: Row, className: string) => {
    const [[ax, ay], [bx, by]] = row.line;
    return <line key={`${className} ${row.what}`} className={className} x1={ax} y1={ay} x2={bx} y2={by} />;
  };
  return (
    <svg
      className="block-lines"
      viewBox={[-8 * unit, -8 * unit, width + 16 * unit, height + 16 * unit].join(" ")}
      role="group"
      aria-label={lit ? say("measure-the-block-is-marked", { words: lit.words }) : say("common-the-block")}
    >
      <defs>
        {view.fabrics.map((fabric, index) => (
          <ClothPattern key={fabric.key} fabric={fabric} index={index} id={`${id}-${fabric.key}`} scale={unit * 1.2} />
        ))}
      </defs>
      {measuring.parts.map((part, number) => (
        <polygon
          key={number}
          points={part.outline.map((spot) => spot.join(",")).join(" ")}
          fill={part.fabric ? `url(#${id}-${part.fabric})` : SHEET}
        />
      ))}
      {rows.filter((row) => row.size).map((row) => line(row, row.good ? "good" : "off"))}
      {lit && (
        <>
          {line(lit, "ground")}
          {line(lit, "asked")}
        </>
      )}
      {measuring.patches.map((patch, number) => (
        <g
          key={number}
          className="line-letter"
          role="button"
          tabIndex={0}
          aria-label={say("measure-measure-this-patch", { letter: patch.letter, number: number + 1 })}
          onClick={() => onMeasure([patch.across, patch.down])}
          onKeyDown={(event) => {
            if (event.key !== "Enter" && event.key !== " ") return;
            event.preventDefault();
            onMeasure([patch.across, patch.down]);
          }}
        >
          <circle cx={patch.spot[0]} cy={patch.spot[1]} r={Math.min(11 * unit, patch.room * 0.75)} />
          <text
            x={patch.spot[0]}
            y={patch.spot[1]}
            fontSize={Math.min(15 * unit, patch.room)}
            textAnchor="middle"
            dominantBaseline="central"
          >
            {patch.letter}
          </text>
        </g>
      ))}
    </svg>
  );
}
