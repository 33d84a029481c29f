import type { Schemas } from "../api/client";

/** Whether a print shows which way a piece lies. */
export function hasDirection(fabric: Pick<Schemas["PrintOut"], "print">) {
  return fabric.print === "directional" || fabric.print === "stripes";
}
