import { memo, useMemo } from "react";

import type { Draft } from "../api/client";
import { ClothPattern } from "../common/Cloth";
import type { View } from "./places";

const APART = 0.16;

interface Props {
  view: Draft;
  show: View;
  /** A pixel, in the draft's unit. */
  px: number;
  viewBox: string;
}

/** The cloth on the board: every patch with its letter, drawn anew only where it changed. */
export const BoardCloth = memo(function BoardCloth({ view, show, px, viewBox }: Props) {
  const { sheet } = view;
  const apart = useMemo(() => {
    if (!show.apart || !view.outlines.length) return undefined;
    const middles = view.outlines.map((ring) => [
      ring.reduce((sum, spot) => sum + spot[0], 0) / ring.length,
      ring.reduce((sum, spot) => sum + spot[1], 0) / ring.length,
    ]);
    return middles.map(
      ([x = 0, y = 0]) =>
        `translate(${String((x - sheet.width / 2) * APART)} ${String((y - sheet.height / 2) * APART)})`,
    );
  }, [show.apart, view.outlines, sheet]);
  const faces = useMemo(
    () =>
      view.faces.map((face) => (
        <Patch
          key={face.at.join()} // by its place, so that a patch more or less leaves the others as they are drawn
          face={face}
          strokeWidth={1.1 * px}
          transform={apart?.[face.member]}
        />
      )),
    [view, px, apart],
  );
  const letters = useMemo(() => {
    const inks = new Map(view.fabrics.map((fabric) => [fabric.key, fabric]));
    return view.faces.map((face) => {
      const size = Math.min(face.room * 1.05, 22 * px);
      if (size < 5 * px) return null;
      const fabric = inks.get(face.fabric);
      return (
        <text
          key={face.at.join()}
          x={face.letter_at[0]}
          y={face.letter_at[1]}
          fontSize={size}
          fill={fabric?.ink ?? "#14312c"}
          stroke={fabric?.colour ?? "#fffdf6"}
          strokeWidth={size / 5}
          className="letter"
          transform={apart?.[face.member]}
        >
          {face.letter}
        </text>
      );
    });
  }, [view, px, apart]);

  return (
    <svg className={`board-cloth${show.grey ? " grey" : ""}`} viewBox={viewBox} aria-hidden="true">
      <defs>
        {view.fabrics.map((fabric, index) => (
          <ClothPattern key={fabric.key} fabric={fabric} index={index} id={`cloth-${fabric.key}`} scale={px * 1.5} />
        ))}
      </defs>
      {show.four && (
        <g className="together">
          {[0, 1, 2, 3].map((at) => (
            <use
              key={at}
              href="#cloth"
              transform={`translate(${String(((at % 2) * sheet.width) / 2)} ${String((Math.floor(at / 2) * sheet.height) / 2)}) scale(0.5)`}
            />
          ))}
        </g>
      )}
      <g visibility={show.four ? "hidden" : undefined}>
        <g
          id="cloth"
          className="cloth"
          transform={
            apart
              ? `translate(${String((sheet.width * APART) / 2 / (1 + APART))} ${String((sheet.height * APART) / 2 / (1 + APART))}) scale(${String(1 / (1 + APART))})`
              : undefined
          }
        >
          {faces}
          {show.letters && <g className="letters">{letters}</g>}
        </g>
      </g>
    </svg>
  );
});

interface PatchProps {
  face: Draft["faces"][number];
  strokeWidth: number;
  transform: string | undefined;
}

/** A patch of the drawing, drawn anew only where it changed. */
const Patch = memo(function Patch({ face, strokeWidth, transform }: PatchProps) {
  return (
    <path
      data-face={face.at.join()}
      d={[face.outline, ...face.holes].map((ring) => `M${ring.map((spot) => spot.join(" ")).join("L")}Z`).join("")}
      fillRule="evenodd"
      fill={face.fabric === "unassigned" ? "#fffdf6" : `url(#cloth-${face.fabric})`}
      className="face"
      strokeWidth={strokeWidth}
      transform={transform}
    />
  );
});
