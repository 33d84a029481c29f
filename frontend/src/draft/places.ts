import type { Draft, Point, Schemas } from "../api/client";
import { say } from "../language/say";
import type { InHand } from "./Tray";

export type Cell = Required<Schemas["Span"]>;
export type Tool = "look" | "put" | "turn" | "cells" | "paint" | "seam" | "rub";
export type Spot = [number, number];

export interface View {
  letters: boolean;
  units: boolean;
  apart: boolean;
  four: boolean;
  grey: boolean;
}

/** What the hand holds at the board; it outlasts a change of step. */
export interface Held {
  /** The unit to put in; none before the usual one is known. */
  unit: InHand | undefined;
  /** The fabrics that were taken, by their slot, and the slot that is filled next. */
  taken: Record<number, string>;
  slot: number;
  /** The ruled points of a cell's side. */
  parts: number;
  spread: "patch" | "letter" | "fabric";
  /** Whether a whole seam is rubbed out, not one stretch. */
  whole: boolean;
  zoom: number;
}

export const EMPTY_HAND: Held = {
  unit: undefined,
  taken: {},
  slot: 0,
  parts: 2,
  spread: "patch",
  whole: false,
  zoom: 1,
};

/** How the board is held: the tool in hand, what is shown, what was said last, whether the keys are shown. */
export interface Board {
  tool: Tool;
  setTool: (tool: Tool) => void;
  held: Held;
  hold: (part: Partial<Held>) => void;
  show: View;
  setShow: (show: View) => void;
  announce: (words?: string) => void;
  said: string | undefined;
  keys: boolean;
  setKeys: (shown: boolean) => void;
}

/** The label of the unit that a patch belongs to. */
export function unitOf(view: Draft, face: number): string | undefined {
  return view.held[view.members[view.face_members[face] ?? -1] ?? -1]?.unit;
}

/** A patch, as it is spoken. */
export function patchWords(view: Draft, face: number): string {
  const there = view.faces[face];
  if (!there) return "";
  const fabric = view.fabrics.find((one) => one.key === there.fabric)?.name ?? say("draft-no-fabric-yet");
  return say("draft-patch-unit", {
    face_letters: view.face_letters[face] ?? "",
    shape: there.shape,
    fabric,
    unit_of: unitOf(view, face) ?? "",
  });
}

/** What a cell holds, as it is spoken. */
export function cellWords(view: Draft, { row, column }: { row: number; column: number }): string {
  const member = view.cells[row]?.[column];
  if (member === undefined) return "";
  const held = member === null ? undefined : view.held[view.members[member] ?? -1];
  return say("draft-row-column", { row: row + 1, column: column + 1, words: held?.words ?? say("draft-a-seam") });
}

/** A count of lines and parts of a line, as acts write it: a fraction of the parts. */
export function asText(count: number, parts: number): string {
  const over = Math.round(count * parts);
  return over % parts === 0 ? String(over / parts) : `${String(over)}/${String(parts)}`;
}

/** A count of columns or rows as acts write it. */
export function asNumber(text: string): number {
  const [over = "0", under = "1"] = text.split("/");
  return Number(over) / Number(under);
}

/** A seam as it was drawn, from point to point. */
export type DrawnSeam = [Point, Point];

/** The seams of a draft as they were drawn. */
export const seamsOf = (view: Draft): DrawnSeam[] => view.document["seams"] as DrawnSeam[];

/** A point of the ruled paper as a spot in columns and rows. */
export const spotOfPoint = ([x, y]: Point): Spot => [asNumber(x), asNumber(y)];
