import { type KeyboardEvent, type PointerEvent, useMemo, useRef, useState } from "react";
import { say } from "../language/say";
import { lineAt, onPaper } from "./onPaper";
import { asText, type Cell, type DrawnSeam, seamsOf, type Spot, spotOfPoint, type Tool, type View } from "./places";

import type { Act, Draft, Point } from "../api/client";
import { BoardCloth } from "./BoardCloth";
import { SeamOffers } from "./SeamOffers";
import { StampIn } from "./StampIn";
import type { InHand, Stamp } from "./Tray";
import type { SeenSeam, UnderPaper } from "./useUnderPicture";
import { WaitingActs } from "./WaitingActs";

type Map6 = Draft["mates"][number]["maps"][number];

interface Props {
  view: Draft;
  tool: Tool;
  parts: number;
  maps: Map6[];
  show: View;
  lit: Set<number>;
  cursor: Cell;
  pen: { at: Spot; start: Spot | undefined } | undefined;
  picked: number | undefined;
  waiting: Act[];
  gone: boolean;
  /** The unit in hand, as it is drawn in the fabrics in hand, where it is to be put in. */
  unit: InHand;
  stamp: Stamp | undefined;
  stampOf: (unit: string, divide: string) => Stamp | undefined;
  fabrics: string[];
  /** Whether a unit is carried over the board from the tray. */
  carried: boolean;
  /** The seam whose ends can be moved. */
  seam: DrawnSeam | undefined;
  onChooseSeam: (seam: DrawnSeam | undefined) => void;
  /** The second end of a seam is over a point; nothing when it was let go. */
  onDragSeam: (seam: DrawnSeam | undefined, to: Point) => void;
  onMoveSeam: (seam: DrawnSeam, to: Point) => void;
  under: UnderPaper;
  onTakeSeam: (seam: SeenSeam) => void;
  onCursor: (cell: Cell) => void;
  /** A hand comes down on a cell and a patch; what it does is done when it is lifted. */
  onDown: (cell: Cell, face: number | undefined) => void;
  onCells: (cell: Cell) => void;
  onFace: (face: number) => void;
  onSeam: (start: Point, end: Point) => void;
  onRub: (stretch: Draft["stretches"][number]) => void;
  /** The menu of what lies at a spot of the screen is asked for; with the patch there. */
  onMenu: (at: { x: number; y: number }, face: number | undefined) => void;
  onHover: (face: number | undefined) => void;
  onKey: (event: KeyboardEvent) => void;
  onKeyUp: (event: KeyboardEvent) => void;
  onDropFabric: (face: number, fabric: string) => void;
}

function spanOf(a: Spot, b: Spot): Cell {
  return {
    column: Math.min(a[0], b[0]),
    row: Math.min(a[1], b[1]),
    columns: Math.abs(a[0] - b[0]) + 1,
    rows: Math.abs(a[1] - b[1]) + 1,
  };
}

/** Where a count of columns (or rows) lies on the sheet. */
function onSheet(lines: Draft["sheet"]["columns"], count: number): number {
  const line = lines[Math.min(Math.floor(count), lines.length - 1)];
  return line ? line.start + (count - Math.min(Math.floor(count), lines.length - 1)) * line.length : 0;
}

/** The nearest ruled point along an edge, in columns (or rows). */
function nearest(lines: Draft["sheet"]["columns"], at: number, parts: number): number {
  const index = lineAt(lines, Math.max(0, at));
  const line = lines[index];
  if (!line) return 0;
  const inside = Math.min(1, Math.max(0, (at - line.start) / line.length));
  return index + Math.round(inside * parts) / parts;
}

const NEAR = 14; // pixels from a seam, or from its end, at which it is meant
const difference = (a: Spot, b: Spot): Spot => [a[0] - b[0], a[1] - b[1]];

const moved = (map: Map6, [x, y]: Spot): Spot => [map[0] * x + map[1] * y + map[2], map[3] * x + map[4] * y + map[5]];

/** The block on ruled paper. It draws what the server worked out, and tells which cell, patch or point was touched. */
export function Board(props: Props) {
  const { view, tool, parts, maps, show, lit, cursor } = props;
  const { sheet } = view;
  const svg = useRef<SVGSVGElement>(null);
  const [from, setFrom] = useState<Spot>();
  const [over, setOver] = useState<Spot>();
  const [stretch, setStretch] = useState<number>();
  const [end, setEnd] = useState<DrawnSeam>();
  const span = Math.max(sheet.width, sheet.height);
  const px = span / 560;
  const margin = 30 * px;

  const places = useMemo(() => new Map(view.faces.map((face, index) => [face.at.join(), index])), [view]);

  const place = (event: { clientX: number; clientY: number }): Spot =>
    onPaper(svg.current, { x: event.clientX, y: event.clientY });
  const cellAt = ([x, y]: Spot): Spot => [lineAt(sheet.columns, x), lineAt(sheet.rows, y)];
  const pointAt = ([x, y]: Spot): Spot => [nearest(sheet.columns, x, parts), nearest(sheet.rows, y, parts)];
  const spotOf = ([x, y]: Spot): Spot => [onSheet(sheet.columns, x), onSheet(sheet.rows, y)];

  function nearestStretch(at: Spot): number | undefined {
    let best: number | undefined;
    let least = NEAR * px;
    view.stretches.forEach(({ start, end }, index) => {
      const off = away(at, start, end);
      if (off < least) [best, least] = [index, off];
    });
    return best;
  }

  const asPoint = ([x, y]: Spot): Point => [asText(x, parts), asText(y, parts)];

  /** How far a spot lies from a stretch, on the paper. */
  function away([x, y]: Spot, start: Spot, end: Spot): number {
    const [dx, dy] = [end[0] - start[0], end[1] - start[1]];
    const share = Math.min(1, Math.max(0, ((x - start[0]) * dx + (y - start[1]) * dy) / (dx * dx + dy * dy)));
    return Math.hypot(x - start[0] - share * dx, y - start[1] - share * dy);
  }

  function nearestSeam(at: Spot): DrawnSeam | undefined {
    const near = seamsOf(view).map((one) => {
      const [start, end] = one.map((point) => spotOf(spotOfPoint(point))) as [Spot, Spot];
      return { one, off: away(at, start, end) };
    });
    return near.filter(({ off }) => off < NEAR * px).sort((a, b) => a.off - b.off)[0]?.one;
  }

  /** The chosen seam where a spot is at one of its ends, with that end last. */
  function endAt(at: Spot): DrawnSeam | undefined {
    if (!props.seam) return undefined;
    const [a, b] = props.seam;
    const off = ([a, b] as const).map((end) => Math.hypot(...difference(at, spotOf(spotOfPoint(end)))));
    if (Math.min(...off) > NEAR * px) return undefined;
    return (off[0] ?? 0) < (off[1] ?? 0) ? [b, a] : [a, b];
  }

  function down(event: PointerEvent) {
    if (event.button !== 0) return;
    const at = place(event);
    svg.current?.setPointerCapture(event.pointerId);
    props.onHover(faceAt(event)); // a finger tells nothing before it touches
    const taken = tool === "seam" ? endAt(at) : undefined;
    setEnd(taken);
    if (taken) setFrom(spotOfPoint(taken[0]));
    else setFrom(tool === "seam" ? pointAt(at) : cellAt(at));
    props.onDown(spanOf(cellAt(at), cellAt(at)), faceAt(event));
  }

  function move(event: PointerEvent) {
    const at = place(event);
    const now = tool === "seam" ? pointAt(at) : cellAt(at);
    if (end && now.join() !== over?.join()) props.onDragSeam(end, asPoint(now));
    setOver(now);
    setStretch(tool === "rub" ? nearestStretch(at) : undefined);
    props.onHover(faceAt(event));
  }

  function up(event: PointerEvent) {
    const at = place(event);
    const start = from;
    setFrom(undefined);
    setEnd(undefined);
    if (!start) return;
    if (end) {
      props.onDragSeam(undefined, end[1]);
      if (pointAt(at).join() !== spotOfPoint(end[1]).join()) props.onMoveSeam(end, asPoint(pointAt(at)));
    } else if (tool === "seam") {
      const to = pointAt(at);
      if (to[0] !== start[0] || to[1] !== start[1]) props.onSeam(asPoint(start), asPoint(to));
      else props.onChooseSeam(nearestSeam(at));
    } else if (tool === "look") {
      props.onCursor(spanOf(start, cellAt(at)));
    } else if (tool === "paint") {
      const face = faceAt(event);
      if (face !== undefined) props.onFace(face);
    } else if (tool === "rub") {
      const hit = nearestStretch(at);
      const found = hit === undefined ? undefined : view.stretches[hit];
      if (found) props.onRub(found);
    } else {
      const cells = spanOf(start, cellAt(at));
      props.onCursor(cells);
      props.onCells(cells);
    }
  }

  function faceAt(event: { clientX: number; clientY: number }): number | undefined {
    const hit = document
      .elementsFromPoint(event.clientX, event.clientY)
      .find((one) => one instanceof SVGElement && one.dataset["face"] !== undefined);
    return hit instanceof SVGElement ? places.get(hit.dataset["face"] ?? "") : undefined;
  }

  const cells = from && over && tool !== "seam" ? spanOf(from, over) : cursor;
  const seamFrom = from ?? props.pen?.start;
  const seamTo = from ? over : (props.pen?.at ?? over);
  const divided = useMemo(() => {
    if (tool !== "seam" || !seamFrom || !seamTo) return [];
    const found = new Set<number>();
    for (const map of maps) {
      const [a, b] = [spotOf(moved(map, seamFrom)), spotOf(moved(map, seamTo))];
      for (let share = 0.02; share < 1; share += 0.04) {
        const at = new DOMPoint(a[0] + share * (b[0] - a[0]), a[1] + share * (b[1] - a[1]));
        const screen = at.matrixTransform(svg.current?.getScreenCTM() ?? undefined);
        const face = faceAt({ clientX: screen.x, clientY: screen.y });
        if (face !== undefined) found.add(face);
      }
    }
    return [...found];
    // the rest of what it reads changes only with these
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [tool, seamFrom?.join(), seamTo?.join(), maps, view]);
  const rubbed = view.stretches[stretch ?? (tool === "rub" ? (props.picked ?? -1) : -1)];
  const box = (cell: Cell) => {
    const [left, top] = spotOf([cell.column, cell.row]);
    const [right, bottom] = spotOf([cell.column + cell.columns, cell.row + cell.rows]);
    return { x: left, y: top, width: right - left, height: bottom - top };
  };
  const mated = (map: Map6, cell: Cell): Cell => {
    const a = moved(map, [cell.column, cell.row]);
    const b = moved(map, [cell.column + cell.columns, cell.row + cell.rows]);
    return {
      column: Math.min(a[0], b[0]),
      row: Math.min(a[1], b[1]),
      columns: Math.abs(a[0] - b[0]),
      rows: Math.abs(a[1] - b[1]),
    };
  };

  const known = useMemo(() => new Set(view.fabrics.map((fabric) => fabric.key)), [view.fabrics]);
  const atMates = maps.map((map) => (at: Spot) => spotOf(moved(map, at)));
  const every = span > 60 ? 5 : 1;
  const ticks = (length: number) => Array.from({ length: Math.floor(length / every) + 1 }, (_, count) => count * every);

  const viewBox = [-margin, -margin, sheet.width + 2 * margin, sheet.height + 2 * margin].join(" ");

  return (
    <div className="board-layers">
      <BoardCloth
        view={view}
        show={show}
        px={px}
        viewBox={viewBox}
        under={props.under.address}
        opacity={props.under.address ? props.under.cloth : 1}
      />
      <svg
        ref={svg}
        id="board"
        className={`board tool-${tool}`}
        viewBox={viewBox}
        role="application"
        tabIndex={0}
        aria-label={say("draft-draft-of-arrow-keys-move", { name: sheet.name })}
        aria-describedby="cell-said"
        onPointerDown={down}
        onPointerMove={move}
        onPointerUp={up}
        onPointerCancel={() => {
          setFrom(undefined);
          if (end) props.onDragSeam(undefined, end[1]);
          setEnd(undefined);
        }}
        onContextMenu={(event) => {
          event.preventDefault();
          setFrom(undefined); // a long touch has begun something
          const byKey = (event.nativeEvent as globalThis.PointerEvent).pointerType === "";
          const cell = cellAt(place(event));
          const kept = cell[0] >= cursor.column && cell[0] < cursor.column + cursor.columns;
          const inside = kept && cell[1] >= cursor.row && cell[1] < cursor.row + cursor.rows;
          if (!byKey && !inside) props.onCursor({ column: cell[0], row: cell[1], columns: 1, rows: 1 });
          props.onMenu({ x: event.clientX, y: event.clientY }, byKey ? undefined : faceAt(event));
        }}
        onPointerLeave={(event) => {
          setOver(undefined);
          setStretch(undefined);
          if (event.pointerType !== "touch") props.onHover(undefined);
        }}
        onKeyDown={props.onKey}
        onKeyUp={props.onKeyUp}
        onDragOver={(event) => {
          event.preventDefault();
          props.onHover(faceAt(event));
        }}
        onDrop={(event) => {
          event.preventDefault();
          const face = faceAt(event);
          const fabric = event.dataTransfer.getData("text/x-fabric");
          if (face !== undefined && fabric) props.onDropFabric(face, fabric);
        }}
      >
        <rect
          className="focus-ring"
          x={-4 * px}
          y={-4 * px}
          width={sheet.width + 8 * px}
          height={sheet.height + 8 * px}
          strokeWidth={2 * px}
          strokeDasharray={`${String(5 * px)} ${String(3 * px)}`}
        />
        {show.units && !show.apart && !show.four && (
          <g className="outlines" strokeWidth={2.6 * px}>
            {view.outlines.map((ring, index) => (
              <polygon key={index} points={ring.map((spot) => spot.join(",")).join(" ")} />
            ))}
          </g>
        )}
        <g className="ruled" visibility={show.four ? "hidden" : undefined} strokeWidth={0.8 * px}>
          {sheet.columns.slice(1).map((line) => (
            <path key={line.start} d={`M${String(line.start)} 0V${String(sheet.height)}`} />
          ))}
          {sheet.rows.slice(1).map((line) => (
            <path key={line.start} d={`M0 ${String(line.start)}H${String(sheet.width)}`} />
          ))}
        </g>
        <g className="ticks" strokeWidth={px}>
          {ticks(sheet.width).map((at) => (
            <path key={`x${String(at)}`} d={`M${String(at)} 0v${String(-(at % 4 ? 5 : 9) * px)}`} />
          ))}
          {ticks(sheet.height).map((at) => (
            <path key={`y${String(at)}`} d={`M0 ${String(at)}h${String(-(at % 4 ? 5 : 9) * px)}`} />
          ))}
        </g>
        <g className="loose" strokeWidth={3 * px} strokeDasharray={`${String(4 * px)} ${String(3 * px)}`}>
          {view.loose.map(([a, b], index) => (
            <path key={index} d={`M${a.join(" ")}L${b.join(" ")}`} />
          ))}
        </g>
        {divided.length > 0 && (
          <g className="divided">
            {divided.map((index) => (
              <polygon key={index} points={view.faces[index]?.outline.map((spot) => spot.join(",")).join(" ")} />
            ))}
          </g>
        )}
        {lit.size > 0 && (
          <g className="lit" strokeWidth={3 * px}>
            {[...lit].map((index) => {
              const face = view.faces[index];
              return face && <polygon key={index} points={face.outline.map((spot) => spot.join(",")).join(" ")} />;
            })}
          </g>
        )}
        {props.waiting.length > 0 && (
          <WaitingActs
            acts={props.waiting}
            gone={props.gone}
            view={view}
            px={px}
            stampOf={props.stampOf}
            places={atMates}
            box={box}
          />
        )}
        {tool === "put" && props.stamp && (over || props.carried) && !show.four && (
          <g className="ghost">
            <StampIn
              stamp={props.stamp}
              turn={props.unit.turn}
              flip={props.unit.flip}
              fabrics={props.fabrics}
              known={known}
              cell={over && !from && !props.carried ? { column: over[0], row: over[1], columns: 1, rows: 1 } : cells}
              places={atMates}
              strokeWidth={px}
            />
          </g>
        )}
        <g className="mates" strokeWidth={1.6 * px} strokeDasharray={`${String(3 * px)} ${String(3 * px)}`}>
          {tool !== "seam" &&
            tool !== "rub" &&
            maps.slice(1).map((map, index) => <rect key={index} {...box(mated(map, cells))} />)}
        </g>
        {tool !== "seam" && tool !== "rub" && !show.four && (
          <rect
            className="cursor"
            strokeWidth={2.4 * px}
            strokeDasharray={`${String(7 * px)} ${String(4 * px)}`}
            {...box(cells)}
          />
        )}
        {tool === "seam" && (
          <g className="points">
            <Points sheet={sheet} parts={parts} radius={2.4 * px} />
            {props.seam && !end && <SeamEnds seam={props.seam} spotOf={spotOf} px={px} />}
            {seamTo && <circle className="near" cx={spotOf(seamTo)[0]} cy={spotOf(seamTo)[1]} r={5 * px} />}
            {seamFrom &&
              seamTo &&
              maps.map((map, index) => {
                const [a, b] = [spotOf(moved(map, seamFrom)), spotOf(moved(map, seamTo))];
                return (
                  <path key={index} className="seam-to-be" strokeWidth={3 * px} d={`M${a.join(" ")}L${b.join(" ")}`} />
                );
              })}
          </g>
        )}
        {props.under.seams.length > 0 && !show.four && (
          <SeamOffers
            seams={props.under.seams}
            px={px}
            onTake={props.onTakeSeam}
            onLeave={(seam) => props.under.leave([seam])}
          />
        )}
        {tool === "rub" && rubbed && (
          <path className="rubbed" strokeWidth={5 * px} d={`M${rubbed.start.join(" ")}L${rubbed.end.join(" ")}`} />
        )}
      </svg>
    </div>
  );
}

/** A seam that is chosen: its ends can be dragged. */
function SeamEnds({ seam, spotOf, px }: { seam: DrawnSeam; spotOf: (at: Spot) => Spot; px: number }) {
  const ends = seam.map((end) => spotOf(spotOfPoint(end)));
  return (
    <g className="seam-ends" strokeWidth={2.4 * px}>
      <path d={`M${ends.map((end) => end.join(" ")).join("L")}`} />
      {ends.map((end, index) => (
        <circle key={index} cx={end[0]} cy={end[1]} r={7 * px} />
      ))}
    </g>
  );
}

function Points({ sheet, parts, radius }: { sheet: Draft["sheet"]; parts: number; radius: number }) {
  const along = (lines: Draft["sheet"]["columns"]) => [
    ...lines.flatMap((line) => Array.from({ length: parts }, (_, part) => line.start + (part / parts) * line.length)),
    ...lines.slice(-1).map((line) => line.start + line.length),
  ];
  const [across, down] = [along(sheet.columns), along(sheet.rows)];
  if (across.length * down.length > 6000) return null;
  return (
    <>{across.flatMap((x) => down.map((y) => <circle key={`${String(x)},${String(y)}`} cx={x} cy={y} r={radius} />))}</>
  );
}
