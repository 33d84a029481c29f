import type { Draft } from "../api/client";

/** The fabrics that units are pictured in where no block is asked about. */
export const SAMPLE: Draft["fabrics"] = (
  [
    ["first", "#4c5b66", "#fbf7ec"],
    ["second", "#e7e6df", "#14312c"],
    ["third", "#d9a520", "#14312c"],
  ] as const
).map(([key, colour, ink]) => ({
  key,
  name: key,
  colour,
  ink,
  value: "medium",
  print: "solid",
  direction: 0,
  right_side: "seen",
  shelf: "",
  patches: 0,
}));
