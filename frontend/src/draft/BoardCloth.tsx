import { memo, useMemo } from "react";

import { INK, SHEET } from "../common/colours";
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
  /** The address of a picture under the paper, and how much of the cloth is seen over it. */
  under: string | undefined;
  opacity: number;
}

/** The cloth on the board: every patch with its letter, drawn anew only where it changed. */
export const BoardCloth = memo(function BoardCloth({ view, show, px, viewBox, under, opacity }: Props) {
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
  const faces = useMemo(() => {
    const inks = new Map(view.fabrics.map((fabric) => [fabric.key, fabric.ink]));
    return view.faces.map((face, index) => {
      const place = face.at.join(); // its key, so that a patch more or less leaves the others as they are drawn
      const outline = pathOf([face.outline, ...face.holes]);
      return (
        <Patch
          key={place}
          place={place}
          outline={outline}
          fabric={face.fabric}
          ink={inks.get(face.fabric)}
          strokeWidth={1.1 * px}
          transform={apart?.[view.face_members[index] ?? -1]}
        />
      );
    });
  }, [view, px, apart]);
  const letters = useMemo(() => lettersOf(view, px, apart), [view, px, apart]);

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
      {under && !show.four && !show.apart && (
        <image href={under} width={sheet.width} height={sheet.height} preserveAspectRatio="none" />
      )}
      <g visibility={show.four ? "hidden" : undefined} opacity={opacity < 1 ? opacity : undefined}>
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
          {show.letters && (
            <g className="letters">
              {letters.map(({ key, ...group }) => (
                <Letters key={key} {...group} />
              ))}
            </g>
          )}
        </g>
      </g>
    </svg>
  );
});

interface LettersProps {
  letter: string;
  x: string;
  y: string;
  size: number;
  ink: string;
  halo: string;
  transform: string | undefined;
}

/** The letters of the patches, those that look alike as one text: hundreds of texts take long to lay out. */
function lettersOf(view: Draft, px: number, apart: string[] | undefined): (LettersProps & { key: string })[] {
  const fabrics = new Map(view.fabrics.map((fabric) => [fabric.key, fabric]));
  const groups = new Map<string, { letter: string; transform: string | undefined; faces: Draft["faces"] }>();
  view.faces.forEach((face, index) => {
    const letter = view.face_letters[index] ?? "";
    const transform = apart?.[view.face_members[index] ?? -1];
    // a name of two letters stands alone, since each sign of a text has a place of its own
    const alone = letter.length > 1 ? face.at.join() : "";
    const key = [letter, face.fabric, face.room, transform ?? "", alone].join("|");
    const group = groups.get(key);
    if (group) group.faces.push(face);
    else groups.set(key, { letter, transform, faces: [face] });
  });
  return [...groups].flatMap(([key, { letter, transform, faces }]) => {
    const [{ room, fabric }] = faces as [Draft["faces"][number]];
    const size = Math.min(room * 1.05, 22 * px);
    if (size < 5 * px) return [];
    const { ink = INK, colour: halo = SHEET } = fabrics.get(fabric) ?? {};
    const [x, y] = [0, 1].map((axis) => faces.map((face) => face.letter_at[axis]).join(" ")) as [string, string];
    return [{ key, letter: letter.repeat(faces.length), x, y, size, ink, halo, transform }];
  });
}

const Letters = memo(function Letters({ letter, x, y, size, ink, halo, transform }: LettersProps) {
  return (
    <text
      x={x}
      y={y}
      fontSize={size}
      fill={ink}
      stroke={halo}
      strokeWidth={size / 5}
      className="letter"
      transform={transform}
    >
      {letter}
    </text>
  );
});

type Rings = Draft["faces"][number]["holes"];

function pathOf(rings: Rings): string {
  return rings.map((ring) => `M${ring.map((spot) => spot.join(" ")).join("L")}Z`).join("");
}

interface PatchProps {
  place: string;
  outline: string;
  fabric: string;
  ink: string | undefined;
  strokeWidth: number;
  transform: string | undefined;
}

/** A patch of the drawing, drawn anew only where what is seen of it changed: another letter is none of it. */
const Patch = memo(function Patch({ place, outline, fabric, ink, strokeWidth, transform }: PatchProps) {
  return (
    <path
      data-face={place}
      d={outline}
      fillRule="evenodd"
      fill={fabric === "unassigned" ? SHEET : `url(#cloth-${fabric})`}
      className="face"
      stroke={ink ?? INK}
      strokeWidth={strokeWidth}
      transform={transform}
    />
  );
});
