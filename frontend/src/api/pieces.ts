import type { Draft, Schemas } from "./client";

type Piece = Schemas["PieceOut"];
type Rows = unknown[];

/** The pieces that a view came in, by their names. */
export type Pieces = ReadonlyMap<string, Rows>;

/** The names of the pieces that are here, which need not be sent again. */
export function namesOf(pieces: Pieces): string[] {
  return [...pieces.keys()];
}

/** The pieces of an answer: those that came, and those that were here. */
export function piecesOf(answer: Draft, here: Pieces): Pieces {
  return new Map((answer.pieces ?? []).map((piece) => [piece.name, piece.rows ?? here.get(piece.name) ?? []]));
}

/** The view put together again. Rows that did not change are the very ones that were here before. */
export function together(answer: Draft, pieces: Pieces): Draft {
  const rows = (of: Piece["of"]): Rows =>
    (answer.pieces ?? []).filter((piece) => piece.of === of).flatMap((piece) => pieces.get(piece.name) ?? []);
  return {
    ...answer,
    document: { ...answer.document, seams: rows("seams"), patches: rows("patches") },
    faces: rows("faces") as Draft["faces"],
    cells: rows("cells") as Draft["cells"],
    pieces: [],
  };
}
