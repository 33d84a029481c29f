import type { Draft } from "../api/client";
import type { Spot } from "./places";

/** A grid line that is dragged: the one before a column or row, and where it is now on the paper. */
export interface MovedLine {
  axis: "columns" | "rows";
  line: number;
  to: number;
}

const THINNEST = 0.02; // of what two lines share, so that a line is never dragged over its neighbour

/** A draft as it is seen while one of its grid lines is dragged: what lies between its neighbours goes along. */
export function warped(view: Draft, { axis, line, to }: MovedLine): Draft {
  const lines = view.sheet[axis];
  const [before, after] = [lines[line - 1], lines[line]];
  if (!before || !after) return view;
  const [low, mid, high] = [before.start, after.start, after.start + after.length];
  const room = (high - low) * THINNEST;
  const at = Math.min(high - room, Math.max(low + room, to));
  const moved = (along: number) => {
    if (along <= low || along >= high) return along;
    return along < mid
      ? low + ((along - low) * (at - low)) / (mid - low)
      : high - ((high - along) * (high - at)) / (high - mid);
  };
  const spot = ([x, y]: Spot): Spot => (axis === "columns" ? [moved(x), y] : [x, moved(y)]);
  const stays = (ring: Spot[]) => ring.every((one) => spot(one).every((part, place) => part === one[place]));
  return {
    ...view,
    sheet: {
      ...view.sheet,
      [axis]: lines.map((one, place) => {
        if (place === line - 1) return { ...one, length: at - low };
        return place === line ? { ...one, start: at, length: high - at } : one;
      }),
    },
    // what is not touched stays the very same, and is not drawn anew
    faces: view.faces.map((face) =>
      stays(face.outline)
        ? face
        : {
            ...face,
            outline: face.outline.map(spot),
            holes: face.holes.map((ring) => ring.map(spot)),
            letter_at: spot(face.letter_at),
          },
    ),
    outlines: view.outlines.map((ring) => ring.map(spot)),
    loose: view.loose.map(([a, b]) => [spot(a), spot(b)]),
  };
}
