import type { Draft } from "../api/client";
import { Swatch } from "../common/Cloth";

/** The swatch of one of some fabrics. */
export function SwatchOf({ fabrics, name, size }: { fabrics: Draft["fabrics"]; name: string; size?: number }) {
  const index = fabrics.findIndex((fabric) => fabric.key === name);
  const fabric = fabrics[index];
  return fabric ? <Swatch fabric={fabric} index={index} size={size ?? 30} /> : <span className="no-swatch" />;
}
