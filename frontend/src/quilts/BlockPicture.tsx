import { useId } from "react";

import { ClothPattern } from "../common/Cloth";
import type { Quilt } from "./useQuilt";

const MARKS_ACROSS = 100; // how fine the cloth's marks are, so that they are seen in a picture of a thumb's size

/** A small picture of a block of the quilt, in its fabrics. */
export function BlockPicture({ view, block, size }: { view: Quilt; block: string; size: number }) {
  const id = useId();
  const symbol = view.picture.symbols.find((one) => one.key === block);
  if (!symbol) return null;
  const spots = symbol.faces.flatMap((face) => face.outline);
  const wide = Math.max(...spots.map(([x]) => x));
  const high = Math.max(...spots.map(([, y]) => y));
  const span = Math.max(wide, high);
  const used = new Set(symbol.faces.map((face) => face.cloth));
  return (
    <svg
      width={size}
      height={size}
      viewBox={[-span, -span, 2 * span, 2 * span].join(" ")}
      aria-hidden="true"
      className="block-picture"
    >
      <defs>
        {view.fabrics.map(
          (fabric, index) =>
            used.has(index) && (
              <ClothPattern
                key={fabric.key}
                fabric={fabric}
                index={index}
                id={`${id}-${String(index)}`}
                scale={span / MARKS_ACROSS}
              />
            ),
        )}
      </defs>
      {symbol.faces.map((face, index) => (
        <polygon
          key={index}
          points={face.outline.map((spot) => spot.join(",")).join(" ")}
          fill={face.cloth == null ? face.colour : `url(#${id}-${String(face.cloth)})`}
        />
      ))}
    </svg>
  );
}
