import { type KeyboardEvent, useState } from "react";

import type { Act, Draft, Point } from "../api/client";
import type { MenuAct } from "../common/PointerMenu";
import { say } from "../language/say";
import { asText, type Cell, type DrawnSeam, seamsOf, type Spot, spotOfPoint, type Tool, patchWords } from "./places";
import type { InHand, Stamp } from "./Tray";

interface Hands {
  view: Draft;
  tool: Tool;
  setTool: (tool: Tool) => void;
  parts: number;
  unit: InHand;
  setUnit: (unit: InHand) => void;
  hand: string[];
  slot: number;
  spread: "patch" | "letter" | "fabric";
  whole: boolean;
  stamps: Stamp[];
  maps: Draft["mates"][number]["maps"];
  act: (acts: Act[]) => void;
  take: (key: string) => void;
  nextMates: () => void;
  openKeys: () => void;
  announce: (text: string | undefined) => void;
}

const TOOL_KEYS: Record<string, Tool> = { l: "look", u: "put", t: "turn", c: "cells", p: "paint", s: "seam", x: "rub" };
const ARROWS: Record<string, Spot> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
const HINTS: Record<Tool, string> = {
  look: say("draft-touch-a-patch-to-see-its"),
  put: say("draft-touch-a-cell-or-drag"),
  turn: say("draft-touch-a-cell-or-drag-over"),
  cells: say("draft-touch-or-drag-over-cells"),
  paint: say("draft-touch-a-patch-to-give"),
  seam: say("draft-drag-from-point-to-point"),
  rub: say("draft-touch-a-stretch-of-seam"),
};

const isAt = (a: Spot, b: Spot) => a[0] === b[0] && a[1] === b[1];
const isSame = (one: DrawnSeam, other: DrawnSeam | undefined) =>
  other !== undefined && (sameEnds(one, other) || sameEnds(one, [other[1], other[0]]));
const sameEnds = (one: DrawnSeam, other: DrawnSeam) =>
  one.every((end, place) => isAt(spotOfPoint(end), spotOfPoint(other[place] ?? end)));

const within = (least: number, at: number, most: number) => Math.min(most, Math.max(least, at));

/** What a touch or a key does on the board; the mouse and the keyboard come to the same acts. */
export function useBoardKeys(hands: Hands) {
  const { view, tool, parts, unit } = hands;
  const [cursor, setCursor] = useState<Cell>({ column: 0, row: 0, columns: 1, rows: 1 });
  const [pen, setPen] = useState<{ at: Spot; start: Spot | undefined; moves?: Point | undefined }>();
  const [picked, setPicked] = useState<number>();
  const [seam, setSeam] = useState<DrawnSeam>();
  const [copied, setCopied] = useState<Cell>();
  // a seam that is gone, or was merged with another, is chosen no more
  const chosen = tool === "seam" ? seamsOf(view).find((one) => isSame(one, seam)) : undefined;
  const size: Spot = [view.sheet.columns.length, view.sheet.rows.length];
  const kept: Cell = {
    column: Math.min(cursor.column, size[0] - 1),
    row: Math.min(cursor.row, size[1] - 1),
    columns: Math.min(cursor.columns, size[0] - Math.min(cursor.column, size[0] - 1)),
    rows: Math.min(cursor.rows, size[1] - Math.min(cursor.row, size[1] - 1)),
  };

  function putting(cell: Cell): Act[] {
    const { unit: kind, turn, flip } = unit;
    return [{ do: "put", cell, unit: kind, turn, flip, divide: unit.divide[kind] ?? "", fabrics: hands.hand }];
  }

  function actsOn(cell: Cell): Act[] {
    if (tool === "put") return putting(cell);
    return tool === "turn" ? [{ do: "turn", cell, quarters: 1 }] : [];
  }

  function painting(face: number, fabric = hands.hand[hands.slot]): Act[] {
    const there = view.faces[face];
    return there && fabric ? [{ do: "paint", at: there.at, fabric, spread: hands.spread }] : [];
  }

  const does = (acts: Act[]) => {
    if (acts.length > 0) hands.act(acts);
  };
  const putIn = (cell: Cell) => {
    does(putting(cell));
  };
  const onCells = (cell: Cell) => {
    does(actsOn(cell));
  };
  const onFace = (face: number, dropped?: string) => {
    does(painting(face, dropped));
  };

  const inCell = () => {
    const column = view.sheet.columns[kept.column];
    const row = view.sheet.rows[kept.row];
    if (!column || !row) return [];
    const holds = ([x, y]: Spot) =>
      x >= column.start && x <= column.start + column.length && y >= row.start && y <= row.start + row.length;
    const found =
      tool === "rub"
        ? view.stretches.map(({ start, end }): Spot => [(start[0] + end[0]) / 2, (start[1] + end[1]) / 2])
        : view.faces.map((face) => face.letter_at);
    return found.flatMap((spot, index) => (holds(spot) ? [index] : []));
  };

  function point(at: Spot): Point {
    return [asText(at[0], parts), asText(at[1], parts)];
  }

  function doIt() {
    if (tool === "look") setPicked(picked ?? inCell()[0]);
    else if (tool === "put" || tool === "turn" || tool === "cells") onCells(kept);
    else if (tool === "paint") onFace(picked ?? inCell()[0] ?? -1);
    else if (tool === "rub") {
      const stretch = view.stretches[picked ?? inCell()[0] ?? -1];
      if (stretch) hands.act([{ do: "rub", start: stretch.start_at, end: stretch.end_at, whole: hands.whole }]);
      setPicked(undefined);
    } else drawOrMove();
  }

  /** Begins a seam or ends it; of a seam that is chosen, takes an end in hand or lets it go. */
  function drawOrMove() {
    const at = pen?.at ?? [kept.column, kept.row];
    const end = chosen?.findIndex((one) => isAt(spotOfPoint(one), at)) ?? -1;
    const stays = chosen?.[1 - end];
    if (!pen?.start && stays) setPen({ at, start: spotOfPoint(stays), moves: chosen[end] });
    else if (!pen?.start) setPen({ at, start: at });
    else {
      if (pen.moves && !isAt(spotOfPoint(pen.moves), at)) moveSeam([point(pen.start), pen.moves], point(at));
      else if (!pen.moves && !isAt(pen.start, at)) {
        hands.act([{ do: "sew", start: point(pen.start), end: point(at) }]);
      }
      setPen({ at, start: undefined });
    }
  }

  /** Moves the second end of a seam, which stays chosen. */
  function moveSeam([start, end]: DrawnSeam, to: Point) {
    hands.act([{ do: "move-seam", start, end, to }]);
    setSeam([start, to]);
  }

  /** The seams that have an end in the cell, or along it. */
  const seamsHere = () =>
    seamsOf(view).filter((one) =>
      one.some((end) => {
        const [x, y] = spotOfPoint(end);
        const across = x >= kept.column && x <= kept.column + kept.columns;
        return across && y >= kept.row && y <= kept.row + kept.rows;
      }),
    );

  function nextSeam() {
    const there = seamsHere();
    const next = there[(there.findIndex((one) => isSame(one, seam)) + 1) % there.length];
    setSeam(next);
    if (next) setPen({ at: spotOfPoint(next[1]), start: undefined });
  }

  function moveBy([dx, dy]: Spot, more: boolean) {
    setPicked(undefined);
    if (tool === "seam") {
      const at = pen?.at ?? [kept.column, kept.row];
      setPen({
        start: pen?.start,
        moves: pen?.moves,
        at: [within(0, at[0] + dx / parts, size[0]), within(0, at[1] + dy / parts, size[1])],
      });
    } else if (more) {
      setCursor({
        ...kept,
        columns: within(1, kept.columns + dx, size[0] - kept.column),
        rows: within(1, kept.rows + dy, size[1] - kept.row),
      });
    } else {
      setCursor({
        column: within(0, kept.column + dx, size[0] - 1),
        row: within(0, kept.row + dy, size[1] - 1),
        columns: 1,
        rows: 1,
      });
    }
  }

  function nextUnit(by: number) {
    const at = hands.stamps.findIndex((stamp) => stamp.kind === unit.unit);
    const next = hands.stamps[(at + by + hands.stamps.length) % hands.stamps.length];
    if (next) {
      hands.setUnit({ ...unit, unit: next.kind, turn: 0, flip: false });
      hands.setTool("put");
    }
  }

  function paste() {
    if (!copied) hands.announce(say("draft-nothing-is-copied-yet"));
    else hands.act([{ do: "copy", source: copied, cell: { ...copied, column: kept.column, row: kept.row } }]);
  }

  function key(event: KeyboardEvent): boolean {
    if (event.ctrlKey || event.metaKey) {
      if (event.key === "c") setCopied(kept);
      else if (event.key === "v") paste();
      else return false;
      return true;
    }
    const arrow = ARROWS[event.key];
    const turned = TOOL_KEYS[event.key.toLowerCase()];
    const fabric = /^[1-9]$/.test(event.key) ? view.fabrics[Number(event.key) - 1] : undefined;
    if (arrow) moveBy(arrow, event.shiftKey);
    else if (event.key === "Enter") doIt();
    else if (event.key === " ")
      return true; // it may be held to drag the paper along: done when it is let go
    else if (event.key === "Escape") {
      setPen(undefined);
      setSeam(undefined);
    } else if (turned) {
      setPicked(undefined);
      setPen(turned === "seam" ? { at: [kept.column, kept.row], start: undefined } : undefined);
      hands.setTool(turned);
    } else if (event.key === "r") hands.setUnit({ ...unit, turn: (unit.turn + 1) % 4 });
    else if (event.key === "f") hands.setUnit({ ...unit, flip: !unit.flip });
    else if (event.key === ",") nextUnit(-1);
    else if (event.key === ".") nextUnit(1);
    else if (event.key === "m") hands.nextMates();
    else if (event.key === "n" && tool === "seam") nextSeam();
    else if (event.key === "n") {
      const there = inCell();
      setPicked(there[(there.indexOf(picked ?? -1) + 1) % there.length]);
    } else if (event.key === "?") hands.openKeys();
    else if (fabric) hands.take(fabric.key);
    else return false;
    return true;
  }

  const change = (quarters: number, flip: boolean) => hands.act([{ do: "turn", cell: kept, quarters, flip }]);
  const always = [
    { words: say("draft-cells-turn"), title: say("draft-turn-the-chosen-cells-by"), run: () => change(1, false) },
    { words: say("draft-cells-mirror"), title: say("draft-mirror-the-chosen-cells-left"), run: () => change(0, true) },
  ];
  const ofCells = [
    { words: say("draft-cells-copy"), title: say("draft-ctrl-c"), run: () => setCopied(kept) },
    { words: say("draft-cells-paste"), title: say("draft-ctrl-v"), run: paste },
    {
      words: say("draft-cells-repeat-quarter"),
      title: say("draft-repeat-the-top-left-quarter"),
      run: () => hands.act([{ do: "repeat-quarter", way: "turned" }]),
    },
    {
      words: say("draft-cells-mirror-quarter"),
      title: say("draft-repeat-the-top-left-quarter-mirrored"),
      run: () => hands.act([{ do: "repeat-quarter", way: "mirrored" }]),
    },
    {
      words: say("draft-cells-unite"),
      title: say("draft-plain-patches-of-one-fabric"),
      run: () => hands.act([{ do: "unite", cell: kept }]),
    },
    {
      words: say("draft-cells-together"),
      title: say("draft-made-as-one-unit"),
      run: () => hands.act([{ do: "together", cell: kept }]),
    },
    {
      words: say("draft-cells-apart"),
      title: say("draft-made-as-they-come"),
      run: () => hands.act([{ do: "together", cell: kept, apart: true }]),
    },
  ];
  const cellActs = tool === "cells" ? [...always, ...ofCells] : always;
  /** What can be done at the chosen cells and at a patch that is touched. */
  const menuActs = (face: number | undefined): MenuAct[] => {
    const fabric = face === undefined ? undefined : view.faces[face]?.fabric;
    return [
      { words: say("draft-menu-put-in"), keys: say("draft-menu-key-enter"), run: () => putIn(kept) },
      ...(face === undefined ? [] : [{ words: say("draft-menu-paint"), run: () => onFace(face) }]),
      ...(fabric ? [{ words: say("draft-menu-take-fabric"), run: () => hands.take(fabric) }] : []),
      ...[...always, ...ofCells].map(({ words, run }) => ({ words, run })),
    ];
  };
  const looks = tool === "paint" || tool === "look";
  const patchSaid = looks && picked !== undefined ? patchWords(view, picked) : "";
  return {
    cursor: kept,
    setCursor,
    pen: tool === "seam" ? pen : undefined,
    picked,
    seam: chosen,
    setSeam,
    moveSeam,
    hint: patchSaid || HINTS[tool],
    onCells,
    putIn,
    onFace,
    /** What a hand that comes down on a cell or a patch is about to do. */
    aboutTo: (cell: Cell, face: number | undefined) =>
      tool === "paint" ? (face === undefined ? [] : painting(face)) : actsOn(cell),
    cellActs,
    menuActs,
    onKey: (event: KeyboardEvent) => {
      if (key(event)) {
        event.preventDefault();
        event.stopPropagation();
      }
    },
    onKeyUp: (event: KeyboardEvent) => {
      if (event.key === " ") doIt();
    },
  };
}
