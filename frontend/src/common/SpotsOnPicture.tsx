import "./spots.scss";

import { type KeyboardEvent, type PointerEvent, type ReactNode, useRef, useState } from "react";

/** A place in a picture, as shares of its width and height. */
export type PictureSpot = [number, number];

const STEP = 0.005; // of the picture, that an arrow key moves a spot
const ARROWS: Record<string, PictureSpot> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
const within = (share: number) => Math.min(1, Math.max(0, share));

interface Props {
  address: string;
  words: string;
  spots: PictureSpot[];
  /** What each spot is called, and whether it is of another sort than those before. */
  names: string[];
  other?: (spot: number) => boolean;
  onSpots: (spots: PictureSpot[]) => void;
  /** What is drawn between the spots, in hundredths of the picture. */
  children: ReactNode;
}

/** A picture with spots that are dragged, or moved by keys. */
export function SpotsOnPicture({ address, words, spots, names, other, onSpots, children }: Props) {
  const [held, setHeld] = useState<number>();
  const picture = useRef<HTMLDivElement>(null);
  const put = (spot: number, [x, y]: PictureSpot) =>
    onSpots(spots.map((one, place) => (place === spot ? [within(x), within(y)] : one)));
  const drag = (event: PointerEvent) => {
    const box = picture.current?.getBoundingClientRect();
    if (held === undefined || !box) return;
    put(held, [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]);
  };
  const key = (spot: number) => (event: KeyboardEvent) => {
    const by = ARROWS[event.key];
    const [x, y] = spots[spot] ?? [0, 0];
    if (!by) return;
    event.preventDefault();
    const step = event.shiftKey ? 8 * STEP : STEP;
    put(spot, [x + by[0] * step, y + by[1] * step]);
  };
  return (
    <div
      ref={picture}
      className="spots-on-picture"
      onPointerMove={drag}
      onPointerUp={() => setHeld(undefined)}
      onPointerCancel={() => setHeld(undefined)}
    >
      <img src={address} alt={words} draggable={false} />
      <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
        {children}
      </svg>
      {spots.map(([x, y], spot) => (
        <button
          key={spot}
          type="button"
          className={other?.(spot) ? "spot other" : "spot"}
          aria-label={names[spot]}
          style={{ left: `${String(100 * x)}%`, top: `${String(100 * y)}%` }}
          onPointerDown={(event) => {
            event.preventDefault();
            event.currentTarget.focus();
            picture.current?.setPointerCapture(event.pointerId);
            setHeld(spot);
          }}
          onKeyDown={key(spot)}
        />
      ))}
    </div>
  );
}
