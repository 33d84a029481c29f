import type { Schemas } from "../api/client";
import type { Change } from "./useTable";

type Line = Schemas["CutLineOut"];

/** So many of a line are there, whatever was told of it before. */
export function soMany(line: Line, count: number): Change[] {
  if (count >= line.there) return [{ kind: "cut", thing: line.thing, amount: count - line.there }];
  return [...line.off, { kind: "cut", thing: line.thing, amount: Math.max(0, count - line.in_units - line.in_lots) }];
}

/** One of the pieces of a line or a strip went wrong: it is gone, and there is what is left of it, if anything. */
export function wentWrong(
  one: { gone: Change[]; piece: string },
  left: { width: string; height: string } | undefined,
): Change[] {
  return left ? [...one.gone, { kind: "spoiled", thing: resized(one.piece, left), amount: 1 }] : one.gone;
}

/** A piece of a fabric as text, in another size as typed. */
function resized(piece: string, size: { width: string; height: string }): string {
  return JSON.stringify({ ...(JSON.parse(piece) as object), ...size });
}
