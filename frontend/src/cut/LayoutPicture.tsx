import type { Draft, Schemas } from "../api/client";
import { ClothPattern } from "../common/Cloth";
import { Fr } from "../common/Fr";
import type { CutLine } from "./plan";

interface Props {
  layout: Schemas["LayoutOut"];
  lines: CutLine[];
  fabrics: Draft["fabrics"];
  fabric: string;
  lit: number | undefined;
  onLit: (line: number | undefined) => void;
}

/** One piece of cloth to scale: strips from the top, the pieces numbered by their line, diagonal cuts drawn. */
export function LayoutPicture({ layout, lines, fabrics, fabric, lit, onLit }: Props) {
  const index = fabrics.findIndex((one) => one.key === fabric);
  const own = fabrics[index];
  const id = `cloth-${String(index)}-${layout.name.replaceAll(/\W+/g, "-")}`;
  const thin = layout.width / 400;
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
        viewBox={`${String(-thin)} ${String(-thin)} ${String(layout.width + 2 * thin)} ${String(layout.length + 2 * thin)}`}
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
              className={`laid${one.line === lit ? " lit" : ""}${line?.ticked ? " ticked" : ""}`}
              onPointerEnter={() => onLit(one.line)}
              onPointerLeave={() => onLit(undefined)}
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
        {layout.strips.map((strip) => (
          <line
            key={strip.y}
            x1={0}
            x2={layout.width}
            y1={strip.y + strip.height}
            y2={strip.y + strip.height}
            className="strip-cut"
          />
        ))}
      </svg>
      <ol className="strip-words">
        {layout.told.map(({ words, count }) => (
          <li key={words}>
            {count > 1 && <b>{count} × </b>}
            <Fr>{words}</Fr>
          </li>
        ))}
      </ol>
    </figure>
  );
}
