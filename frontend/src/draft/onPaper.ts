import type { Draft } from "../api/client";
import type { Cell, Spot } from "./places";

/** Which line holds a length along an edge. */
export function lineAt(lines: Draft["sheet"]["columns"], at: number): number {
  const found = lines.findIndex((line) => at < line.start + line.length);
  return found < 0 ? lines.length - 1 : found;
}

/** Where on the ruled paper a spot of the screen lies. */
export function onPaper(board: SVGSVGElement | null, at: { x: number; y: number }): Spot {
  const matrix = board?.getScreenCTM();
  if (!matrix) return [0, 0];
  const spot = new DOMPoint(at.x, at.y).matrixTransform(matrix.inverse());
  return [spot.x, spot.y];
}

/** The cell under a spot of the screen; nothing beside the paper. */
export function cellUnder({ sheet }: Draft, at: { x: number; y: number }): Cell | undefined {
  const [x, y] = onPaper(document.querySelector<SVGSVGElement>("svg#board"), at);
  if (x < 0 || y < 0 || x > sheet.width || y > sheet.height) return undefined;
  return { column: lineAt(sheet.columns, x), row: lineAt(sheet.rows, y), columns: 1, rows: 1 };
}
