import { useId } from "react";

import { SHEET } from "../common/colours";
import type { Draft, Schemas } from "../api/client";
import { ClothPattern } from "../common/Cloth";

type Picture = Schemas["StepPictureOut"];
type Place = [number, number];

interface Props {
  picture: Picture;
  fabrics: Draft["fabrics"];
  size: number;
  scale: number;
}

/** One picture of a step, to scale: right sides patterned, wrong sides pale, lines drawn dashed, seams, cuts, sizes. */
export function StepPicture({ picture, fabrics, size, scale }: Props) {
  const id = useId();
  const [left, top, width, height] = picture.box;
  const unit = scale / size; // one pixel, in the draft's unit
  const [before, room] = [(picture.labels.length ? 18 : 6) * unit, 6 * unit];
  const turns = [...new Map(picture.cloths.map((cloth) => [`${cloth.fabric} ${String(cloth.turn)}`, cloth])).values()];
  const known = (key: string) => fabrics.findIndex((fabric) => fabric.key === key);
  const wide = width + before + room;
  const high = height + before + room;
  return (
    <svg
      className="step-picture"
      width={wide / unit}
      height={high / unit}
      viewBox={[left - before, top - before, wide, high].join(" ")}
      aria-hidden="true"
    >
      <defs>
        <marker
          id={`${id}-tip`}
          viewBox="0 0 8 8"
          refX="6"
          refY="4"
          markerWidth="7"
          markerHeight="7"
          orient="auto-start-reverse"
          overflow="visible"
        >
          <path d="M0 1 7 4 0 7z" className="tip" />
        </marker>
        {turns.map((cloth) => {
          const index = known(cloth.fabric);
          const fabric = fabrics[index];
          return (
            fabric && (
              <ClothPattern
                key={`${fabric.key} ${String(cloth.turn)}`}
                fabric={{ ...fabric, direction: fabric.direction + cloth.turn }}
                index={index}
                id={`${id}-${fabric.key}-${String(cloth.turn)}`}
                scale={unit * 1.3}
              />
            )
          );
        })}
      </defs>
      {picture.cloths.map((cloth, index) => {
        const fabric = fabrics[known(cloth.fabric)];
        const points = cloth.outline.map((spot) => spot.join(",")).join(" ");
        return (
          <g key={index} className={`cloth ${cloth.side}`}>
            <polygon points={points} fill={SHEET} />
            {fabric && (
              <polygon
                points={points}
                fill={cloth.side === "right" ? `url(#${id}-${fabric.key}-${String(cloth.turn)})` : fabric.colour}
                fillOpacity={cloth.side === "right" ? 1 : 0.26}
                strokeWidth={unit}
              />
            )}
          </g>
        );
      })}
      {picture.marks
        .filter((mark) => mark.mark === "press")
        .map((mark, index) => (
          <line
            key={index}
            className="press-ground"
            x1={mark.start[0]}
            y1={mark.start[1]}
            x2={mark.end[0]}
            y2={mark.end[1]}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      {picture.marks.map((mark, index) => (
        <line
          key={index}
          className={mark.mark}
          x1={mark.start[0]}
          y1={mark.start[1]}
          x2={mark.end[0]}
          y2={mark.end[1]}
          vectorEffect="non-scaling-stroke"
          markerEnd={mark.mark === "press" ? `url(#${id}-tip)` : undefined}
        />
      ))}
      {picture.labels.map((label, index) =>
        label.of === "mark" ? (
          <RulerNumber key={index} start={label.start} end={label.end} words={label.words} unit={unit} />
        ) : (
          <Measured key={index} start={label.start} end={label.end} words={label.words} unit={unit} />
        ),
      )}
    </svg>
  );
}

/** The number of a ruler's mark, beyond the end of the mark. */
function RulerNumber({ start, end, words, unit }: { start: Place; end: Place; words: string; unit: number }) {
  const [dx, dy] = [end[0] - start[0], end[1] - start[1]];
  const long = Math.hypot(dx, dy) || 1;
  const beyond = (8 * unit) / long;
  return (
    <text
      className="ruler-number"
      x={end[0] + dx * beyond}
      y={end[1] + dy * beyond + 4 * unit}
      fontSize={11 * unit}
      strokeWidth={3.5 * unit}
      textAnchor="middle"
    >
      {words}
    </text>
  );
}

/** A size outside the span that it measures. */
function Measured({ start, end, words, unit }: { start: Place; end: Place; words: string; unit: number }) {
  const level = Math.abs(end[0] - start[0]) > Math.abs(end[1] - start[1]);
  const off = 7 * unit;
  const x = (start[0] + end[0]) / 2 - (level ? 0 : off);
  const y = (start[1] + end[1]) / 2 - (level ? off : 0);
  return (
    <text
      x={x}
      y={y}
      fontSize={13 * unit}
      textAnchor="middle"
      transform={level ? undefined : `rotate(-90 ${String(x)} ${String(y)})`}
    >
      {words}
    </text>
  );
}
