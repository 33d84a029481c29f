import type { Schemas } from "../api/client";

export type CutPlan = Schemas["CutOutPlan"];
export type CutFabric = Schemas["CutFabricOut"];
export type CutLine = Schemas["CutLineOut"];
export type Stage = CutPlan["stage"];

/** A list with one of its lines ticked or not, as it will be. */
export function ticked<Plan extends { fabrics: CutFabric[] }>(plan: Plan, key: string, on: boolean): Plan {
  const fabrics = plan.fabrics.map((fabric) => {
    const lines = fabric.lines.map((line) => (line.key === key ? { ...line, ticked: on } : line));
    return { ...fabric, lines, done: lines.every((line) => line.ticked) };
  });
  return { ...plan, fabrics };
}
