import { useState } from "react";

import type { Draft, Schemas } from "../api/client";
import { ClothPattern } from "../common/Cloth";
import { Fr } from "../common/Fr";
import { lighting } from "../common/lighting";
import type { CutLine } from "./plan";

interface Props {
  layout: Schemas["LayoutOut"];
  lines: CutLine[];
  fabrics: Draft["fabrics"];
  fabric: string;
  lit: number | undefined;
  onLit: (line: number | undefined) => void;
}

type Laid = Props["layout"]["laid"][number];

/** Whether a piece is crosscut from a strip. */
function lies(one: Laid, strip: Props["layout"]["strips"][number] | undefined): boolean {
  const middle = one.y + one.height / 2;
  return strip !== undefined && middle > strip.y && middle < strip.y + strip.height;
}

/**
 * One piece of cloth to scale: strips from the top, the pieces numbered by their line, diagonal cuts drawn. The strip
 * being cut stands out: the first that is not ticked off, or the one chosen.
 */
export function LayoutPicture({ layout, lines, fabrics, fabric, lit, onLit }: Props) {
  const index = fabrics.findIndex((one) => one.key === fabric);
  const own = fabrics[index];
  const id = `cloth-${String(index)}-${layout.name.replaceAll(/\W+/g, "-")}`;
  const thin = layout.width / 400;
  const edge = layout.width / 18; // room for the widths of the strips
  const isDone = (one: Laid) => lines.find((each) => each.number === one.line)?.ticked ?? false;
  const inStrip = (place: number) => layout.laid.filter((one) => lies(one, layout.strips[place]));
  const next = layout.strips.findIndex((_, place) => !inStrip(place).every(isDone));
  const [chosen, setChosen] = useState<number>();
  const place = chosen ?? next;
  const strip = layout.strips[place];
  return (
    <figure className="layout">
      <figcaption>
        <Fr>{layout.name}</Fr>{" "}
        <small>
          <Fr>{layout.size}</Fr>
          {layout.shortened && ", strips cut alike drawn once"}
        </small>
      </figcaption>
      <svg
        viewBox={`${String(-edge)} ${String(-thin)} ${String(layout.width + edge + 2 * thin)} ${String(layout.length + 2 * thin)}`}
        className={own?.print === "directional" ? "print-points" : undefined}
        role="img"
        aria-label={`Layout of ${layout.name}`}
      >
        <defs>{own && <ClothPattern fabric={own} index={index} id={id} scale={layout.width / 320} />}</defs>
        <rect width={layout.width} height={layout.length} className="ground" fill={own ? `url(#${id})` : "#fffdf6"} />
        {layout.laid.map((one, number) => {
          const line = lines.find((each) => each.number === one.line);
          const { x, y, width, height } = one;
          const small = Math.min(width, height);
          return (
            <g
              key={number}
              className={`laid${one.line === lit ? " lit" : ""}${line?.ticked ? " ticked" : ""}${lies(one, strip) ? " now" : ""}`}
              {...lighting(
                () => onLit(one.line),
                () => onLit(undefined),
              )}
            >
              <rect x={x} y={y} width={width} height={height} />
              {(one.diagonal === "rising" || one.diagonal === "both") && (
                <line x1={x} y1={y + height} x2={x + width} y2={y} className="diagonal" />
              )}
              {(one.diagonal === "falling" || one.diagonal === "both") && (
                <line x1={x} y1={y} x2={x + width} y2={y + height} className="diagonal" />
              )}
              <text
                x={x + width / 2}
                y={y + height / 2}
                fontSize={Math.min(small * 0.5, layout.width / 22)}
                dominantBaseline="central"
                textAnchor="middle"
              >
                {one.line + 1}
              </text>
            </g>
          );
        })}
        {layout.straightening > 0 && (
          <line
            x1={0}
            x2={layout.width}
            y1={layout.straightening}
            y2={layout.straightening}
            className="strip-cut straightening"
          >
            <title>Straighten the end here first</title>
          </line>
        )}
        {layout.strips.map((one, number) => (
          <g key={one.y} className={number === place ? "strip now" : "strip"} onClick={() => setChosen(number)}>
            <rect x={-edge} y={one.y} width={edge} height={one.height} className="strip-edge" />
            <line x1={-edge} x2={layout.width} y1={one.y + one.height} y2={one.y + one.height} className="strip-cut" />
            <text
              x={-edge / 2}
              y={one.y + one.height / 2}
              fontSize={Math.min(one.height * 0.6, layout.width / 50)}
              dominantBaseline="central"
              textAnchor="middle"
            >
              {one.wide}
            </text>
          </g>
        ))}
        {strip && <rect x={0} y={strip.y} width={layout.width} height={strip.height} className="strip-now" />}
      </svg>
      {strip && (
        <p className="strip-said" aria-live="polite">
          <button
            type="button"
            className="btn btn-sm btn-outline-primary"
            aria-label="The strip before"
            disabled={place === 0}
            onClick={() => setChosen(place - 1)}
          >
            ↑
          </button>
          <button
            type="button"
            className="btn btn-sm btn-outline-primary"
            aria-label="The next strip"
            disabled={place === layout.strips.length - 1}
            onClick={() => setChosen(place + 1)}
          >
            ↓
          </button>
          <span>
            Strip {place + 1} of {layout.strips.length}:{" "}
            <b>
              <Fr>{strip.words}</Fr>
            </b>
          </span>
        </p>
      )}
      <ol className="strip-words">
        {layout.told.map(({ words, count }) => (
          <li key={words} className={words === strip?.words ? "now" : undefined}>
            {count > 1 && <b>{count} × </b>}
            <Fr>{words}</Fr>
          </li>
        ))}
      </ol>
    </figure>
  );
}
