import type { Schemas } from "../api/client";
import type { Change } from "../table/useTable";

export type CutPlan = Schemas["CutOutPlan"];
export type CutFabric = Schemas["CutFabricOut"];
export type CutLine = Schemas["CutLineOut"];
export type Stage = CutPlan["stage"];

interface WithFabrics {
  fabrics: CutFabric[];
}

/** What happens when a line is ticked or unticked, and the list as it will be. */
export function ticking<Plan extends WithFabrics>(line: CutLine, on: boolean) {
  const words = `${String(line.count)} ${line.what} ${line.size}`;
  const changes: Change[] = on ? line.on : line.off;
  return { words, changes, show: (plan: Plan) => ticked(plan, line.key, on) };
}

function ticked<Plan extends WithFabrics>(plan: Plan, key: string, on: boolean): Plan {
  const fabrics = plan.fabrics.map((fabric) => {
    const lines = fabric.lines.map((line) => (line.key === key ? { ...line, ticked: on } : line));
    return { ...fabric, lines, done: lines.every((line) => line.ticked) };
  });
  return { ...plan, fabrics };
}
