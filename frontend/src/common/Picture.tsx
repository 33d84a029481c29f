import { useId } from "react";

import { INK } from "./colours";
import type { Schemas } from "../api/client";
import { say } from "../language/say";
import { ClothPattern } from "./Cloth";

interface Props {
  name: string;
  width: number;
  height: number;
  faces: Schemas["PictureFaceOut"][];
  cloths: Schemas["PrintOut"][];
}

const MARKS_ACROSS = 300; // how fine the cloth's marks are, so that they are seen in a small picture

/** A small picture of a block in its fabrics, each told apart by its mark as well as by its colour. */
export function Picture({ name, width, height, faces, cloths }: Props) {
  const id = useId();
  const span = Math.max(width, height);
  return (
    <svg
      viewBox={`0 0 ${String(width)} ${String(height)}`}
      className="picture"
      role="img"
      aria-label={say("common-picture-of", { name })}
    >
      <defs>
        {cloths.map((cloth, index) => (
          <ClothPattern
            key={index}
            fabric={cloth}
            index={index}
            id={`${id}-${String(index)}`}
            scale={span / MARKS_ACROSS}
          />
        ))}
      </defs>
      {faces.map((face, index) => (
        <polygon
          key={index}
          points={face.outline.map((spot) => spot.join(",")).join(" ")}
          fill={face.cloth == null ? face.colour : `url(#${id}-${String(face.cloth)})`}
          stroke={INK}
          strokeOpacity="0.35"
          strokeWidth={span / 200}
        />
      ))}
    </svg>
  );
}
