import { describe, expect, it } from "vitest";

import type { Draft } from "../src/api/client";
import { warped } from "../src/draft/warp";

const line = (start: number, length: number) => ({ start, length });
/** Two by two cells of an oblong block, eight across and four down, a patch in each. */
const view = {
  sheet: { width: 8, height: 4, columns: [line(0, 4), line(4, 4)], rows: [line(0, 2), line(2, 2)] },
  faces: [
    [0, 0],
    [4, 0],
    [0, 2],
    [4, 2],
  ].map(([x = 0, y = 0]) => ({
    outline: [
      [x, y],
      [x + 4, y],
      [x + 4, y + 2],
      [x, y + 2],
    ],
    holes: [],
    letter_at: [x + 2, y + 1],
  })),
  outlines: [],
  loose: [],
} as unknown as Draft;

describe("a grid line that is dragged", () => {
  it("takes along what lies on both sides of a column", () => {
    const now = warped(view, { axis: "columns", line: 1, to: 6 });
    expect(now.sheet.columns.map((one) => [one.start, one.length])).toEqual([
      [0, 6],
      [6, 2],
    ]);
    expect(now.faces[0]?.outline).toEqual([
      [0, 0],
      [6, 0],
      [6, 2],
      [0, 2],
    ]);
    expect(now.faces[1]?.letter_at).toEqual([7, 1]);
    expect(now.sheet.rows).toEqual(view.sheet.rows);
  });

  it("does so for a row, and never goes over its neighbours", () => {
    const now = warped(view, { axis: "rows", line: 1, to: 3 });
    expect(now.faces[2]?.outline[0]).toEqual([0, 3]);
    const far = warped(view, { axis: "rows", line: 1, to: 99 });
    expect(far.sheet.rows[1]?.length).toBeGreaterThan(0);
    expect(far.sheet.rows[0]?.length).toBeGreaterThan(0);
  });

  it("leaves what it does not touch the very same", () => {
    const three = {
      ...view,
      sheet: { ...view.sheet, rows: [line(0, 1), line(1, 1), line(2, 2)] },
    } as unknown as Draft;
    const now = warped(three, { axis: "rows", line: 1, to: 0.5 });
    expect(now.faces[2]).toBe(three.faces[2]);
    expect(now.faces[0]).toBe(three.faces[0]); // its corners lie on lines that stay
  });
});
