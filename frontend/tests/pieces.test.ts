import { describe, expect, it } from "vitest";

import type { Draft } from "../src/api/client";
import { namesOf, piecesOf, together } from "../src/api/pieces";

const answer = (...pieces: [string, string, unknown[] | null][]) =>
  ({
    document: { name: "Weir Gate", seams: [], patches: [] },
    faces: [],
    cells: [],
    pieces: pieces.map(([of, name, rows]) => ({ of, name, rows })),
  }) as unknown as Draft;

describe("a view in pieces", () => {
  const [a, b, c] = [{ letter: "A" }, { letter: "B" }, { letter: "C" }];
  const first = answer(
    ["faces", "one", [a, b]],
    ["faces", "two", [c]],
    ["cells", "three", [[0]]],
    ["seams", "four", [1]],
  );

  it("is put together in order, each list from its own", () => {
    const view = together(first, piecesOf(first, new Map()));
    expect(view.faces).toEqual([a, b, c]);
    expect(view.cells).toEqual([[0]]);
    expect(view.document).toEqual({ name: "Weir Gate", seams: [1], patches: [] });
  });

  it("keeps the very rows that did not change, and lets go what is no more", () => {
    const here = piecesOf(first, new Map());
    const d = { letter: "D" };
    const second = answer(["faces", "one", null], ["faces", "five", [d]], ["cells", "three", null]);
    const pieces = piecesOf(second, here);
    const view = together(second, pieces);
    expect(view.faces).toHaveLength(3);
    expect(view.faces[0]).toBe(a);
    expect(view.faces[2]).toBe(d);
    expect(namesOf(pieces)).toEqual(["one", "five", "three"]);
  });
});
