import { memo, type PointerEvent, type ReactNode, useId, useState } from "react";

import type { Schemas } from "../api/client";
import { ClothPattern } from "../common/Cloth";
import { say } from "../language/say";
import type { Live } from "./useLive";

type Picture = Schemas["QuiltPictureOut"];
type Use = Picture["uses"][number];
/** A block on its way from one place to another, under the pointer. */
interface Dragged {
  from: Use;
  to: Use | undefined;
  x: number;
  y: number;
}

interface Props {
  picture: Picture;
  /** The quilt as it would be, seen instead while a side of it is dragged. */
  live?: Live | undefined;
  label: string;
  grey?: boolean;
  far?: boolean;
  three?: boolean;
  zoom?: number;
  lit?: string[];
  /** How the fabrics are drawn, in their order; plain colours where none is told. */
  prints?: Schemas["PrintOut"][];
  chosen?: readonly string[];
  /** Whether something is in hand, which a touch puts in and a drag lays over a span. */
  inHand?: boolean;
  /** Parts that are not there yet and take what is in hand: the outside for one more border, sashing. */
  offered?: readonly string[];
  marks?: [number, number][];
  onAt?: ((use: Use, add: boolean) => void) | undefined;
  onSpan?: ((uses: Use[]) => void) | undefined;
  onPart?: ((part: string) => void) | undefined;
  onDrag?: ((from: Use, to: Use) => void) | undefined;
  onKey?: ((event: React.KeyboardEvent, use: Use) => void) | undefined;
  /** The menu of what lies at a spot of the screen is asked for: a place or a part. */
  onMenu?: ((at: { x: number; y: number }, use: Use | undefined, part: string | undefined) => void) | undefined;
  children?: ReactNode;
}

const NONE: readonly string[] = [];
const ROOM = 16; // round a quilt of 600: what is dropped there is sewn round it

/** A place by its row and column, as a name. */
export function nameOf(use: { row: number; column: number }): string {
  return `${String(use.row)} ${String(use.column)}`;
}

/** The part of the setting that an element is of. */
function partOf(one: Element | null) {
  return one?.closest("[data-part]")?.getAttribute("data-part") ?? undefined;
}

/** A quilt: each block drawn once and laid wherever it lies; places are dragged onto each other, or gone to by arrows. */
export function QuiltPicture({
  picture,
  live,
  label,
  grey,
  far,
  three,
  zoom = 1,
  lit = [],
  prints,
  chosen = NONE,
  inHand = false,
  offered = NONE,
  marks = [],
  onAt,
  onSpan,
  onPart,
  onDrag,
  onKey,
  onMenu,
  children,
}: Props) {
  const id = useId();
  const { width, height, uses, side } = picture;
  const unit = Math.max(width, height) / 600;
  const [left, top, wide, high] = picture.top;
  const box = three
    ? [left, top, Math.min(wide, 3 * side[0]), Math.min(high, 3 * side[1])]
    : [-ROOM * unit, -ROOM * unit, width + 2 * ROOM * unit, height + 2 * ROOM * unit];
  const placeOf = (target: EventTarget | null) => {
    const found = (target as Element | null)?.closest("[data-at]")?.getAttribute("data-at");
    return uses.find((one) => nameOf(one) === found);
  };
  const [dragged, setDragged] = useState<Dragged>();
  const [span, setSpan] = useState<Use[]>([]);
  const [touched, setTouched] = useState<string>(); // the part of the setting that a touch began on
  const move = (event: PointerEvent<SVGSVGElement>) => {
    if (span.length > 0) {
      const found = placeOf(document.elementFromPoint(event.clientX, event.clientY));
      if (found && !span.includes(found)) setSpan([...span, found]);
      return;
    }
    const from = uses.find((one) => nameOf(one) === event.currentTarget.getAttribute("data-from"));
    const matrix = event.currentTarget.getScreenCTM();
    if (!from || !matrix) return;
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    const to = placeOf(document.elementFromPoint(event.clientX, event.clientY));
    if (dragged || to !== from) setDragged({ from, to: to === from ? undefined : to, x: at.x, y: at.y });
  };
  const tabbed = uses.find((one) => nameOf(one) === chosen.at(-1)) ?? uses[0];
  const next = (from: Use, down: number, right: number) =>
    uses.find((one) => one.row === from.row + down && one.column === from.column + right) ??
    uses.find((one) => one.row === from.row + 2 * down && one.column === from.column + right);
  const go = (from: Use, to: Use | undefined, swap: boolean) => {
    if (!to) return;
    if (swap) onDrag?.(from, to);
    onAt?.(to, false);
    document.getElementById(`${id}-${nameOf(to)}`)?.focus();
  };
  return (
    <svg
      className={["quilt", far && "far", zoom !== 1 && "zoomed", inHand && "taking", live && "live"]
        .filter(Boolean)
        .join(" ")}
      style={zoom !== 1 ? { width: `${String(100 * zoom)}%`, height: `${String(100 * zoom)}%` } : undefined}
      viewBox={box.join(" ")}
      role={onAt ? "group" : "img"}
      aria-label={label}
      onClick={(event) => {
        const found = placeOf(event.target);
        if (found && !inHand) onAt?.(found, event.shiftKey || event.ctrlKey || event.metaKey);
      }}
      onPointerDown={(event) => {
        if (inHand) {
          // not what the browser takes a finger for: strips are narrower than one
          const under = document.elementFromPoint(event.clientX, event.clientY);
          const begun = placeOf(under);
          setTouched(begun ? undefined : partOf(under));
          if (begun) setSpan([begun]);
        } else if (onDrag && placeOf(event.target))
          event.currentTarget.setAttribute("data-from", nameOf(placeOf(event.target) as Use));
      }}
      onContextMenu={(event) => {
        if (!onMenu) return;
        event.preventDefault();
        event.currentTarget.removeAttribute("data-from");
        setDragged(undefined);
        setSpan([]);
        // a side that can be dragged lies over what it is the side of
        const under = document.elementsFromPoint(event.clientX, event.clientY);
        const target = under.find((one) => !one.closest(".handle")) ?? (event.target as Element);
        onMenu({ x: event.clientX, y: event.clientY }, placeOf(target), partOf(target));
      }}
      onPointerMove={move}
      onPointerCancel={(event) => {
        event.currentTarget.removeAttribute("data-from");
        setDragged(undefined);
        setSpan([]);
      }}
      onPointerLeave={(event) => {
        event.currentTarget.removeAttribute("data-from"); // let go outside, nothing is swapped
        setDragged(undefined);
        setSpan([]);
      }}
      onPointerUp={(event) => {
        setDragged(undefined);
        if (span.length > 0) onSpan?.(span);
        setSpan([]);
        if (touched && partOf(document.elementFromPoint(event.clientX, event.clientY)) === touched) onPart?.(touched);
        setTouched(undefined);
        const from = uses.find((one) => nameOf(one) === event.currentTarget.getAttribute("data-from"));
        event.currentTarget.removeAttribute("data-from");
        const to = placeOf(document.elementFromPoint(event.clientX, event.clientY));
        if (from && to && from !== to) onDrag?.(from, to);
      }}
      onKeyDown={(event) => {
        const found = placeOf(event.target);
        if (!found) return;
        const step = { ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] }[event.key];
        if (step) {
          event.preventDefault();
          go(found, next(found, step[0] ?? 0, step[1] ?? 0), event.shiftKey);
        } else onKey?.(event, found);
      }}
    >
      <g transform={live && `translate(${live.shift.join(" ")})`}>
        <Cloth
          picture={live?.picture ?? picture}
          id={id}
          grey={Boolean(grey)}
          prints={prints}
          printed={(zoom * side[0]) / Math.max(width, height) > PRINTED}
        />
      </g>
      {uses.map((one) => {
        const name = nameOf(one);
        return (
          <rect
            key={name}
            id={`${id}-${name}`}
            className={[
              "place",
              chosen.includes(name) ? "at" : "",
              span.includes(one) ? "onto" : "",
              lit.includes(name) ? "lit" : "",
              one === dragged?.from ? "from" : "",
              one === dragged?.to ? "onto" : "",
            ].join(" ")}
            data-at={name}
            x={-side[0] / 2}
            y={-side[1] / 2}
            width={side[0]}
            height={side[1]}
            transform={`translate(${String(one.x)} ${String(one.y)}) rotate(${String(one.angle % 90)})`}
            role={onAt ? "button" : undefined}
            tabIndex={onAt ? (one === tabbed ? 0 : -1) : undefined}
            aria-label={onAt ? say("quilts-row-place", { row: one.row + 1, column: one.column + 1 }) : undefined}
            aria-pressed={onAt ? chosen.includes(name) : undefined}
          />
        );
      })}
      {offered.includes("sashing") &&
        uses.map((one) => (
          <rect
            key={nameOf(one)}
            className="offered between"
            data-part="sashing"
            x={-side[0] / 2}
            y={-side[1] / 2}
            width={side[0]}
            height={side[1]}
            strokeWidth={unit * 10}
            transform={`translate(${String(one.x)} ${String(one.y)}) rotate(${String(one.angle % 90)})`}
          />
        ))}
      {offered.includes("outside") && (
        <path
          className="offered"
          data-part="outside"
          fillRule="evenodd"
          d={`${ring(-ROOM * unit, width + ROOM * unit, height + ROOM * unit)}${ring(0, width, height)}`}
        />
      )}
      {dragged && (
        <g className="dragged">
          {laid({ ...dragged.from, x: dragged.x, y: dragged.y }, picture, id)}
          <rect
            x={dragged.x - side[0] / 2}
            y={dragged.y - side[1] / 2}
            width={side[0]}
            height={side[1]}
            transform={`rotate(${String(dragged.from.angle % 90)} ${String(dragged.x)} ${String(dragged.y)})`}
          />
        </g>
      )}
      {marks.map(([x, y], index) => (
        <circle key={index} className="alike" cx={x} cy={y} r={unit * 7} />
      ))}
      {children}
    </svg>
  );
}

/** A box from a corner, as far across and down, as a path. */
function ring(from: number, across: number, down: number) {
  return `M${String(from)} ${String(from)}H${String(across)}V${String(down)}H${String(from)}Z`;
}

/** A block where it lies; nothing for a plain square. */
function laid(one: Use, picture: Picture, id: string) {
  const number = picture.symbols.findIndex((symbol) => symbol.key === one.block);
  if (number < 0) return null;
  return (
    <use
      key={nameOf(one)}
      href={`#${id}-b${String(number)}`}
      transform={`translate(${String(one.x)} ${String(one.y)}) rotate(${String(one.angle)}) scale(${one.mirrored ? "-1" : "1"} 1)`}
    />
  );
}

interface ClothProps {
  picture: Picture;
  id: string;
  grey: boolean;
  prints: Schemas["PrintOut"][] | undefined;
  /** Whether blocks show their prints too, not the setting alone. */
  printed: boolean;
}

const PRINTED = 0.08; // of the picture, of a block's side: in smaller ones the marks of a print are finer than the screen
const MARKS_ACROSS = 900; // how fine the marks of a print are in a picture of a whole quilt

const Cloth = memo(function Cloth({ picture, id, grey, prints, printed }: ClothProps) {
  const [left, top, wide, high] = picture.top;
  const drawn = grey ? undefined : prints;
  const cloth = (one: Picture["cloths"][number], index: number) => {
    return (
      <polygon
        key={index}
        data-part={one.purpose}
        points={one.outline.map((spot) => spot.join(",")).join(" ")}
        fill={grey ? one.grey : drawn && one.cloth != null ? `url(#${id}-p${String(one.cloth)})` : one.colour}
      />
    );
  };
  return (
    <>
      <defs>
        {drawn?.map((print, index) => (
          <ClothPattern
            key={index}
            fabric={print}
            index={index}
            id={`${id}-p${String(index)}`}
            scale={Math.max(picture.width, picture.height) / MARKS_ACROSS}
          />
        ))}
        {picture.symbols.map((symbol, number) => (
          <g key={symbol.key} id={`${id}-b${String(number)}`}>
            {symbol.faces.map((face, index) => (
              <polygon
                key={index}
                points={face.outline.map((spot) => spot.join(",")).join(" ")}
                fill={
                  grey
                    ? symbol.greys[index]
                    : drawn && printed && face.cloth != null
                      ? `url(#${id}-p${String(face.cloth)})`
                      : face.colour
                }
              />
            ))}
          </g>
        ))}
        <clipPath id={`${id}-top`}>
          <rect x={left} y={top} width={wide} height={high} />
        </clipPath>
      </defs>
      {picture.cloths.filter((one) => one.purpose.startsWith("border")).map(cloth)}
      {(picture.border_uses ?? []).map((one) => laid(one, picture, id))}
      <g clipPath={`url(#${id}-top)`}>
        {picture.cloths.filter((one) => !one.purpose.startsWith("border")).map(cloth)}
        {(picture.half_uses ?? []).map((one) => laid(one, picture, id))}
        {picture.uses.map((one) => laid(one, picture, id))}
      </g>
    </>
  );
});
