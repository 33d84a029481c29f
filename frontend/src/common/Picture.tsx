interface Props {
  name: string;
  width: number;
  height: number;
  faces: { outline: [number, number][]; colour: string }[];
}

/** A small picture of a block in its colours. */
export function Picture({ name, width, height, faces }: Props) {
  return (
    <svg
      viewBox={`0 0 ${String(width)} ${String(height)}`}
      className="picture"
      role="img"
      aria-label={`Picture of ${name}`}
    >
      {faces.map((face, index) => (
        <polygon
          key={index}
          points={face.outline.map((spot) => spot.join(",")).join(" ")}
          fill={face.colour}
          stroke="#14312c"
          strokeOpacity="0.35"
          strokeWidth={Math.max(width, height) / 200}
        />
      ))}
    </svg>
  );
}
