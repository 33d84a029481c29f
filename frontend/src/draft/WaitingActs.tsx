import type { Act, Draft, Point } from "../api/client";
import { asNumber, type Cell, type Spot } from "./places";
import { StampIn } from "./StampIn";
import type { Stamp } from "./Tray";

interface Props {
  acts: Act[];
  view: Draft;
  /** Whether the server is gone, so that all that waits is marked; else only what can be drawn ahead of its answer. */
  gone: boolean;
  px: number;
  /** How a unit that is put in is drawn, where that is known. */
  stampOf: (unit: string, divide: string) => Stamp | undefined;
  /** From columns and rows to the paper, at each of the mates. */
  places: ((at: Spot) => Spot)[];
  box: (cell: Cell) => { x: number; y: number; width: number; height: number };
}

/** What was done on the board that the server has not answered yet. */
export function WaitingActs({ acts, view, gone, px, stampOf, places, box }: Props) {
  const spot = (place: (at: Spot) => Spot, point: Point) => place([asNumber(point[0]), asNumber(point[1])]);
  const known = new Set(view.fabrics.map((fabric) => fabric.key));
  return (
    <g className="waiting" strokeWidth={2.2 * px} strokeDasharray={`${String(2 * px)} ${String(4 * px)}`}>
      {acts.map((act, index) => {
        if (act.do === "paint") {
          return (
            <path
              key={index}
              d={painted(view, act)}
              style={known.has(act.fabric) ? { fill: `url(#cloth-${act.fabric})` } : {}}
            />
          );
        }
        if (act.do === "put") {
          const { column, row, columns = 1, rows = 1 } = act.cell;
          const cell = { column, row, columns, rows };
          const stamp = stampOf(act.unit, act.divide ?? "");
          if (!stamp) return <rect key={index} {...box(cell)} />;
          const { turn = 0, flip = false, fabrics } = act;
          return <StampIn key={index} {...{ stamp, turn, flip, fabrics, known, cell, places }} strokeWidth={px} />;
        }
        if (act.do === "sew") {
          return places.map((place, mate) => (
            <path
              key={`${String(index)} ${String(mate)}`}
              d={`M${spot(place, act.start).join(" ")}L${spot(place, act.end).join(" ")}`}
            />
          ));
        }
        if (!gone) return null;
        if ("cell" in act) return <rect key={index} {...box({ columns: 1, rows: 1, ...act.cell })} />;
        return null;
      })}
    </g>
  );
}

/** The patches that one touch paints, as far as that is known here: its own, or all of its letter or fabric. */
function painted(view: Draft, { at, spread }: Extract<Act, { do: "paint" }>): string {
  const touched = view.faces.findIndex((face) => face.at.join() === at.join());
  const there = view.faces[touched];
  if (!there) return "";
  const letter = view.face_letters[touched];
  const all = view.faces.filter((face, index) => {
    if (spread === "fabric") return face.fabric === there.fabric;
    return spread === "letter" ? view.face_letters[index] === letter : index === touched;
  });
  return all.map((face) => `M${face.outline.map((one) => one.join(" ")).join("L")}Z`).join("");
}
