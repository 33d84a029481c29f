import { type KeyboardEvent, type PointerEvent, useState } from "react";

import type { Schemas } from "../api/client";
import { say } from "../language/say";

type Picture = Schemas["QuiltPictureOut"];
type Size = [number, number];

interface Props {
  picture: Picture;
  /** How many columns and rows there are. */
  size: Size;
  onLive: (size: Size | undefined) => void;
  onSize: (size: Size) => void;
}

/** The lower right corner of a top: dragged, or moved by arrows, it makes more or fewer columns and rows. */
export function CornerGrip({ picture, size, onLive, onSize }: Props) {
  const [drag, setDrag] = useState<Size>();
  const [left, top, wide, high] = picture.top;
  const [x, y] = [left + wide, top + high];
  const reach = Math.max(picture.width, picture.height) / 45;
  const [columns, rows] = drag ?? size;
  const move = (event: PointerEvent<SVGGElement>) => {
    const matrix = event.currentTarget.ownerSVGElement?.getScreenCTM();
    if (!matrix || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const spot = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    const next: Size = [
      Math.max(1, Math.round((size[0] * (spot.x - left)) / wide)),
      Math.max(1, Math.round((size[1] * (spot.y - top)) / high)),
    ];
    if (next.join() === (drag ?? size).join()) return;
    setDrag(next);
    onLive(next);
  };
  const end = (event: PointerEvent<SVGGElement>) => {
    setDrag(undefined);
    if (event.type === "pointerup" && drag && drag.join() !== size.join()) onSize(drag);
    else onLive(undefined);
  };
  const key = (event: KeyboardEvent) => {
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (!step) return;
    event.preventDefault();
    event.stopPropagation();
    onSize([Math.max(1, size[0] + (step[0] ?? 0)), Math.max(1, size[1] + (step[1] ?? 0))]);
  };
  return (
    <g
      className="corner-grip"
      role="button"
      tabIndex={0}
      aria-label={say("quilts-columns-and-rows-by-arrows", { columns: size[0], rows: size[1] })}
      onKeyDown={key}
      onClick={(event) => event.stopPropagation()}
      onPointerDown={(event) => {
        if (event.button !== 0) return;
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={move}
      onPointerUp={end}
      onPointerCancel={end}
    >
      <circle cx={x} cy={y} r={reach} className="reach" />
      <path d={`M${String(x)} ${String(y - reach)}V${String(y)}H${String(x - reach)}`} />
      {drag && (
        <text x={x} y={y} fontSize={reach * 1.6} textAnchor="end">
          {columns} × {rows}
        </text>
      )}
    </g>
  );
}
