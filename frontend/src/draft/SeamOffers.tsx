import type { KeyboardEvent } from "react";

import { say } from "../language/say";
import type { SeenSeam } from "./useUnderPicture";

interface Props {
  seams: SeenSeam[];
  px: number;
  onTake: (seam: SeenSeam) => void;
  onLeave: (seam: SeenSeam) => void;
}

/** Seams that are seen in the picture: each is taken by a touch, or left by the right button or the key Delete. */
export function SeamOffers({ seams, px, onTake, onLeave }: Props) {
  const key = (seam: SeenSeam) => (event: KeyboardEvent) => {
    if (event.key === "Enter" || event.key === " ") onTake(seam);
    else if (event.key === "Delete" || event.key === "Backspace") onLeave(seam);
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <g className="seam-offers">
      {seams.map((seam, index) => {
        const [[ax, ay], [bx, by]] = seam.line;
        const line = `M${String(ax)} ${String(ay)}L${String(bx)} ${String(by)}`;
        return (
          <g
            key={[...seam.start, ...seam.end].join(" ")}
            role="button"
            tabIndex={0}
            aria-label={say("draft-seam-offered", { number: index + 1, count: seams.length })}
            onPointerDown={(event) => event.stopPropagation()}
            onPointerUp={(event) => {
              event.stopPropagation();
              if (event.button === 0) onTake(seam);
            }}
            onContextMenu={(event) => {
              event.preventDefault();
              event.stopPropagation();
              onLeave(seam);
            }}
            onKeyDown={key(seam)}
          >
            <path className="reach" d={line} strokeWidth={14 * px} />
            <path d={line} strokeWidth={3.4 * px} strokeDasharray={`${String(6 * px)} ${String(4 * px)}`} />
          </g>
        );
      })}
    </g>
  );
}
