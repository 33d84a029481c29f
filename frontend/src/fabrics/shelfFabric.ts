import type { Schemas } from "../api/client";

export type ShelfFabric = Schemas["ShelfFabricOut"];

/** A shelf fabric as it is drawn. */
export function drawn(fabric: Pick<ShelfFabric, "name" | "colour" | "ink" | "value" | "print" | "picture">) {
  return { ...fabric, key: fabric.name, direction: 0, shelf: "", patches: 0 };
}

/** Which mark a fabric of the shelf has, the same on every list. */
export function markOf(name: string): number {
  return Array.from(name).reduce((sum, letter) => sum + (letter.codePointAt(0) ?? 0), 0) % 8;
}
