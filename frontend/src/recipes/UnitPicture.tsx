import { useId } from "react";

import { SHEET } from "../common/colours";
import type { Draft, Schemas } from "../api/client";
import { ClothPattern } from "../common/Cloth";

interface Props {
  parts: Schemas["PartOut"][];
  width: number;
  height: number;
  fabrics: Draft["fabrics"];
  size: number;
}

/** A unit as it is drafted, in its own fabrics. */
export function UnitPicture({ parts, width, height, fabrics, size }: Props) {
  const id = useId();
  const pad = Math.max(width, height) * 0.02;
  return (
    <svg
      className="unit-picture"
      width={size}
      height={size}
      viewBox={[-pad, -pad, width + 2 * pad, height + 2 * pad].join(" ")}
      aria-hidden="true"
    >
      <defs>
        {fabrics.map((fabric, index) => (
          <ClothPattern
            key={fabric.key}
            fabric={fabric}
            index={index}
            id={`${id}-${fabric.key}`}
            scale={Math.max(width, height) / 80}
          />
        ))}
      </defs>
      {parts.map((part) => (
        <polygon
          key={part.outline.join(" ")}
          points={part.outline.map((spot) => spot.join(",")).join(" ")}
          fill={fabrics.some((fabric) => fabric.key === part.fabric) ? `url(#${id}-${part.fabric})` : SHEET}
          className="cloth"
        />
      ))}
    </svg>
  );
}
