import type { Draft } from "../api/client";
import { Swatch } from "../common/Cloth";

/** The swatch of a fabric of the block. */
export function SwatchOf({ view, name, size }: { view: Draft; name: string; size?: number }) {
  const index = view.fabrics.findIndex((fabric) => fabric.key === name);
  const fabric = view.fabrics[index];
  return fabric ? <Swatch fabric={fabric} index={index} size={size ?? 30} /> : <span className="no-swatch" />;
}
