import type { Schemas } from "../api/client";

export type Sewing = Schemas["SewingOut"];
export type SewingStep = Schemas["SewingStepOut"];
export type Seam = Schemas["SeamOut"];
export type Meeting = Schemas["MeetingOut"];
export type Back = Schemas["BackOut"];
export type Slip = Schemas["SlipOut"];
export type Stack = Schemas["StackOut"];

type Place = [number, number];

/** Corners as an SVG outline. */
export function points(outline: Place[]): string {
  return outline.map((spot) => spot.join(",")).join(" ");
}

/** The plan with so many of a step sewn. */
export function sewn(plan: Sewing, mark: string, done: number): Sewing {
  const steps = plan.steps.map((step) => (step.mark === mark ? { ...step, done } : step));
  return { ...plan, steps, sewn: steps.reduce((sum, step) => sum + Math.min(step.done, step.total), 0) };
}

/** The first step that is not done. */
export function next(plan: Sewing): SewingStep | undefined {
  return plan.steps.find((step) => step.done < step.total);
}

/** How many of each step were sewn between two states of the plan. */
export function sewnSince(before: Sewing, after: Sewing): { mark: string; count: number }[] {
  const known = new Map(before.steps.map((step) => [step.mark, step.done]));
  return after.steps
    .map((step) => ({ mark: step.mark, count: step.done - (known.get(step.mark) ?? 0) }))
    .filter((one) => one.count > 0);
}
