import type { PointerEvent } from "react";
import { useQuery } from "@tanstack/react-query";

import { ClothPattern } from "../common/Cloth";
import { INK, SHEET } from "../common/colours";
import type { Carried } from "../common/useCarry";
import { useOneStop } from "../common/useOneStop";
import { client, type Draft, type Schemas, settled } from "../api/client";
import { say } from "../language/say";

export type Stamp = Schemas["StampOut"];
export type Kind = Stamp["kind"];

export interface InHand {
  unit: Kind;
  turn: number;
  flip: boolean;
  /** How it is divided, by kind, where that was typed. */
  divide: Partial<Record<Kind, string>>;
}

interface Props {
  view: Draft;
  hand: InHand;
  fabrics: string[];
  carried: Carried<Kind> | undefined;
  onBegin: (event: PointerEvent, unit: Kind) => void;
  onUnit: (unit: Kind) => void;
}

export function useTray(): Stamp[] {
  const tray = useQuery({
    queryKey: ["tray"],
    queryFn: () => settled<Stamp[]>(client.GET("/api/tray")),
    staleTime: Infinity,
  });
  return tray.data ?? [];
}

/** How a unit in hand is drawn when it is put in, divided as it was typed; as it usually is until that is known. */
export function useInHand({ unit, divide }: InHand): Stamp | undefined {
  const usual = useTray().find((stamp) => stamp.kind === unit);
  const text = divide[unit] ?? "";
  const divided = useQuery({
    queryKey: ["tray", unit, text],
    queryFn: () =>
      settled<Stamp>(client.GET("/api/tray/{unit}", { params: { path: { unit }, query: { divide: text } } })),
    enabled: text !== "",
    staleTime: Infinity,
    retry: false, // what cannot be divided so is told when it is put in
  });
  return (text && divided.data) || usual;
}

/** The tray: each kind of unit as a sample sewn in the fabrics in hand, with its name. */
export function Tray({ view, hand, fabrics, carried, onBegin, onUnit }: Props) {
  const stamps = useTray();
  const inHand = useInHand(hand);
  const group = useOneStop<HTMLDivElement>();
  return (
    <div ref={group} className="tray" role="radiogroup" aria-label={say("draft-units-to-put-in")}>
      <svg className="prints" aria-hidden="true">
        {view.fabrics.map((fabric, index) => (
          <ClothPattern
            key={fabric.key}
            fabric={fabric}
            index={index}
            id={printOf(fabric.key)}
            scale={2 / SAMPLE}
            unit={2 / SEWN}
          />
        ))}
      </svg>
      {stamps.map((stamp) => (
        <button
          key={stamp.kind}
          type="button"
          role="radio"
          aria-checked={hand.unit === stamp.kind}
          className={hand.unit === stamp.kind ? "in-hand" : ""}
          onPointerDown={(event) => onBegin(event, stamp.kind)}
          onClick={() => onUnit(stamp.kind)}
        >
          <StampPicture
            stamp={(hand.unit === stamp.kind && inHand) || stamp}
            view={view}
            fabrics={fabrics}
            turn={hand.unit === stamp.kind ? hand : undefined}
          />
          <span>{stamp.words}</span>
        </button>
      ))}
      {carried && (
        <div className="carried" style={{ left: carried.x, top: carried.y }} aria-hidden="true">
          {inHand && <StampPicture stamp={inHand} view={view} fabrics={fabrics} turn={hand} />}
        </div>
      )}
    </div>
  );
}

const printOf = (key: string): string => `sample-${key}`;

/** How wide a sample is drawn, in pixels. */
const SAMPLE = 38;
const SEWN = 3; // how wide a unit is that a sample shows, in the unit of the block

/** A unit sewn of the fabrics in hand: pinked about, its seams as lines, its prints all to one scale. */
function StampPicture({
  stamp,
  view,
  fabrics,
  turn,
}: {
  stamp: Stamp;
  view: Draft;
  fabrics: string[];
  turn: { turn: number; flip: boolean } | undefined;
}) {
  const colours = new Map(view.fabrics.map((fabric) => [fabric.key, fabric.colour]));
  const { columns, rows } = stamp;
  const scale = 2 / Math.max(columns, rows);
  const mirror = turn?.flip ? "scale(-1 1)" : "";
  const parts = stamp.parts.map((part) => {
    const key = fabrics[Math.min(part.fabric, fabrics.length - 1)] ?? "";
    const points = part.outline.map(([x, y]) => [(x - columns / 2) * scale, (y - rows / 2) * scale].join(","));
    return { points: points.join(" "), colour: colours.get(key), key };
  });
  return (
    <svg width={SAMPLE} height={SAMPLE} viewBox="-1.1 -1.1 2.2 2.2" aria-hidden="true">
      <g transform={`rotate(${String((turn?.turn ?? 0) * 90)}) ${mirror}`}>
        {parts.map(({ points, colour }, index) => (
          <path
            key={index}
            d={`M${points}Z`}
            fill="none"
            stroke={colour ?? INK}
            strokeWidth="0.16"
            strokeDasharray="0.1 0.08"
          />
        ))}
        {parts.map(({ points, colour, key }, index) => (
          <polygon
            key={index}
            points={points}
            fill={colour ? `url(#${printOf(key)})` : SHEET}
            stroke={INK}
            strokeWidth="0.035"
            strokeLinejoin="round"
          />
        ))}
      </g>
    </svg>
  );
}
