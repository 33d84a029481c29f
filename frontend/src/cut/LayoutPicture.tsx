import { useId, useState } from "react";

import { SHEET } from "../common/colours";
import type { Draft, Schemas } from "../api/client";
import { ClothPattern } from "../common/Cloth";
import { hasDirection } from "../common/prints";
import { Fr } from "../common/Fr";
import { lighting } from "../common/lighting";
import { Stepper } from "../common/Stepper";
import { rich, say } from "../language/say";
import type { CutLine } from "./plan";

const STRIP_BEFORE = { sign: "↑", words: say("cut-the-strip-before") };
const STRIP_AFTER = { sign: "↓", words: say("cut-the-next-strip") };

interface Props {
  layout: Schemas["LayoutOut"];
  lines: CutLine[];
  fabrics: Draft["fabrics"];
  fabric: string;
  lit: number | undefined;
  /** The strip that stands out, where another than the next one; then nothing is said of it. */
  strip?: number;
  onLit: (line: number | undefined) => void;
}

/**
 * One piece of cloth to scale: strips from the top, the pieces with the letters that they have on the board, diagonal cuts drawn. The strip
 * being cut stands out: the first that is not ticked off, or the one chosen.
 */
export function LayoutPicture({ layout, lines, fabrics, fabric, lit, strip: shown, onLit }: Props) {
  const index = fabrics.findIndex((one) => one.key === fabric);
  const own = fabrics[index];
  const id = `cloth${useId()}`;
  const thin = layout.width / 400;
  const edge = layout.width / 18; // room for the widths of the strips
  const left = new Set(lines.filter((one) => !one.ticked).map((one) => one.number));
  const next = layout.laid.find((one) => left.has(one.line))?.strip ?? -1;
  const [chosen, setChosen] = useState<number>();
  const place = shown ?? chosen ?? next;
  const strip = layout.strips[place];
  return (
    <figure className={layout.length > 1.6 * layout.width ? "layout long" : "layout"}>
      <figcaption>
        <Fr>{layout.name}</Fr>{" "}
        <small>
          <Fr>{layout.size}</Fr>
          {layout.shortened && say("cut-strips-cut-alike-drawn-once")}
        </small>
      </figcaption>
      <svg
        viewBox={`${String(-edge)} ${String(-thin)} ${String(layout.width + edge + 2 * thin)} ${String(layout.length + 2 * thin)}`}
        className={own && hasDirection(own) ? "print-points" : undefined}
        role="img"
        aria-label={say("cut-layout-of", { name: layout.name })}
      >
        <defs>{own && <ClothPattern fabric={own} index={index} id={id} scale={layout.width / 320} />}</defs>
        <rect width={layout.width} height={layout.length} className="ground" fill={own ? `url(#${id})` : SHEET} />
        {layout.laid.map((one, number) => {
          const line = lines.find((each) => each.number === one.line);
          const { x, y, width, height } = one;
          const small = Math.min(width, height);
          return (
            <g
              key={number}
              className={`laid${one.line === lit ? " lit" : ""}${line?.ticked ? " ticked" : ""}`}
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
                {line && (line.letters.join(" ") || one.line + 1)}
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
            <title>{say("cut-straighten-the-end-here-first")}</title>
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
      {strip && shown === undefined && (
        <p className="strip-said">
          <Stepper
            at={place}
            last={layout.strips.length - 1}
            onStep={setChosen}
            before={STRIP_BEFORE}
            after={STRIP_AFTER}
          >
            {rich("cut-strip-of", {
              place: place + 1,
              strips: layout.strips.length,
              strip: (
                <b>
                  <Fr>{strip.words}</Fr>
                </b>
              ),
            })}
          </Stepper>
        </p>
      )}
      {shown === undefined && (layout.strips_in_words.length > 1 || !strip) && (
        <ol className="strip-words">
          {layout.strips_in_words
            .filter(({ words }) => words !== strip?.words)
            .map(({ words, count }) => (
              <li key={words}>
                {count > 1 && <b>{count} × </b>}
                <Fr>{words}</Fr>
              </li>
            ))}
        </ol>
      )}
    </figure>
  );
}
