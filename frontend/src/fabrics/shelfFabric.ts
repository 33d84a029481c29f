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

/** A fabric of the shelf as a block or a quilt takes it: tied to it, with its picture as it is now. */
export function asTaken({ id, name, colour, value, print, picture, unit }: ShelfFabric) {
  const [width, height] = picture?.exact ?? [];
  const shown =
    picture && width && height ? { file: picture.file, width, height, unit } : { file: "", width: "", height: "" };
  return { name, colour, value, print, shelf: id, picture: shown };
}
