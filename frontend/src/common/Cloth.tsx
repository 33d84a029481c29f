import type { Draft, Schemas } from "../api/client";
import { usePhotographed } from "./photographed";
import { hasDirection } from "./prints";

type Drawn = Schemas["PrintOut"] & Pick<Draft["fabrics"][number], "key">;

const MARKS = [
  "M0 8 8 0",
  "M4 2.4a1.6 1.6 0 1 0 .01 0",
  "M0 0 8 8",
  "M4 1v6M1 4h6",
  "M0 4h8",
  "M1 6 4 2l3 4",
  "M4 0v8",
  "M2 2h4v4H2z",
];

interface PatternProps {
  fabric: Schemas["PrintOut"];
  index: number;
  id: string;
  scale: number;
  /** How long the unit of the block or the quilt is drawn, for a picture of the cloth at its true size. */
  unit?: number;
}

/** How a fabric is drawn: by its picture, by a mark of its own that tells it apart without its colour, or between. */
export function ClothPattern(props: PatternProps) {
  const { fabric, id, unit = 1 } = props;
  const { picture } = fabric;
  const share = usePhotographed();
  if (!picture?.address || share === 0) return <DrawnPattern {...props} />;
  const [width, height] = [picture.width * unit, picture.height * unit];
  const under = `${id}-drawn`;
  return (
    <>
      {share < 1 && <DrawnPattern {...props} id={under} />}
      <pattern
        id={id}
        width={width}
        height={height}
        patternUnits="userSpaceOnUse"
        patternTransform={`rotate(${String(fabric.direction)})`}
      >
        <rect width={width} height={height} fill={share < 1 ? `url(#${under})` : fabric.colour} />
        <image
          href={picture.address}
          width={width}
          height={height}
          opacity={share < 1 ? share : undefined}
          preserveAspectRatio="none"
        />
      </pattern>
    </>
  );
}

function DrawnPattern({ fabric, index, id, scale }: PatternProps) {
  const gap = fabric.print === "solid" ? 16 : 9;
  const turn = hasDirection(fabric) ? fabric.direction : 0;
  return (
    <pattern
      id={id}
      width={gap}
      height={gap}
      patternUnits="userSpaceOnUse"
      patternTransform={`scale(${String(scale)}) rotate(${String(turn)})`}
    >
      <rect width={gap} height={gap} fill={fabric.colour} />
      {fabric.print === "directional" ? (
        <path d="M2 7 4.5 2 7 7M4.5 2v7" stroke={fabric.ink} strokeWidth="0.8" fill="none" opacity="0.55" />
      ) : fabric.print === "stripes" ? (
        <path d="M2.2 0v9M6.7 0v9" stroke={fabric.ink} strokeWidth="1" fill="none" opacity="0.5" />
      ) : (
        <path d={MARKS[index % MARKS.length]} stroke={fabric.ink} strokeWidth="0.7" fill="none" opacity="0.3" />
      )}
    </pattern>
  );
}

const SEEN_IN_A_SWATCH = 4; // of the unit: enough for most prints to be known by

/** A small piece of cloth with pinked edges. */
export function Swatch({ fabric, index, size = 30 }: { fabric: Drawn; index: number; size?: number }) {
  const wide = 32; // of its own drawing
  const id = `swatch-${fabric.key}-${String(index)}-${String(size)}`;
  const teeth = 6;
  const edge: string[] = [];
  for (let side = 0; side < 4; side += 1) {
    for (let tooth = 0; tooth < teeth * 2; tooth += 1) {
      const along = 2 + (tooth * 28) / (teeth * 2);
      const out = tooth % 2 ? 0.4 : 2.4;
      const spots = [
        [along, out],
        [32 - out, along],
        [32 - along, 32 - out],
        [out, 32 - along],
      ];
      edge.push((spots[side] ?? []).map((part) => part.toFixed(2)).join(","));
    }
  }
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true" className="swatch">
      <ClothPattern fabric={fabric} index={index} id={id} scale={1} unit={wide / SEEN_IN_A_SWATCH} />
      <polygon points={edge.join(" ")} fill={`url(#${id})`} />
    </svg>
  );
}
