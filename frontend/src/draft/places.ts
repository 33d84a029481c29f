import type { Schemas } from "../api/client";

export type Cell = Required<Schemas["Span"]>;
export type Tool = "put" | "turn" | "cells" | "paint" | "seam" | "rub";
export type Spot = [number, number];

export interface View {
  letters: boolean;
  units: boolean;
  apart: boolean;
  four: boolean;
  grey: boolean;
}

/** A count of lines and parts of a line, as acts write it: a fraction of the parts. */
export function asText(count: number, parts: number): string {
  const over = Math.round(count * parts);
  return over % parts === 0 ? String(over / parts) : `${String(over)}/${String(parts)}`;
}
