import { INK, SHEET } from "../common/colours";
import type { Cell, Spot } from "./places";
import type { Stamp } from "./Tray";

interface Props {
  stamp: Stamp;
  turn: number;
  flip: boolean;
  fabrics: string[];
  known: Set<string>;
  cell: Cell;
  /** From columns and rows to the paper, at each of the places it is put in. */
  places: ((at: Spot) => Spot)[];
  strokeWidth: number;
}

/** A unit drawn into cells before the server has: as it lies in the hand, or as it was just put in. */
export function StampIn({ stamp, turn, flip, fabrics, known, cell, places, strokeWidth }: Props) {
  const inCell = (spot: Spot): Spot => {
    let [u, v] = [spot[0] / stamp.columns, spot[1] / stamp.rows];
    if (flip) u = 1 - u;
    for (let quarter = 0; quarter < turn; quarter += 1) [u, v] = [1 - v, u];
    return [cell.column + u * cell.columns, cell.row + v * cell.rows];
  };
  const clothOf = (part: number) => {
    const key = fabrics[Math.min(part, fabrics.length - 1)] ?? "";
    return known.has(key) ? `url(#cloth-${key})` : SHEET;
  };
  return places.map((place, index) => (
    <g key={index} className="stamp-in" stroke={INK} strokeWidth={strokeWidth} strokeLinejoin="round">
      {stamp.parts.map((part, number) => (
        <polygon
          key={number}
          points={part.outline.map((spot) => place(inCell(spot)).join(",")).join(" ")}
          fill={clothOf(part.fabric)}
        />
      ))}
    </g>
  ));
}
