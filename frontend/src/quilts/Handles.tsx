import { type KeyboardEvent, type PointerEvent, useState } from "react";

import type { Schemas } from "../api/client";
import { say } from "../language/say";

type Picture = Schemas["QuiltPictureOut"];
export type Handle = NonNullable<Picture["handles"]>[number];
type Stop = NonNullable<Picture["stops"]>[number];

interface Props {
  picture: Picture;
  name: (part: string) => string;
  /** That a side is dragged: which, to which width, and where its first end is then; or that it is no longer. */
  onLive: (dragged: { handle: Handle; at: number; typed: string; end: [number, number] } | undefined) => void;
  onWiden: (handle: Handle, typed: string) => void;
  onType: (handle: Handle, x: number, y: number) => void;
}

/** Whether a side of a border goes along with another that is dragged. */
function moves(one: Handle, other: Handle | undefined) {
  const border = one.part.startsWith("border") && one.part === other?.part;
  return border && (one.ends === other.ends || one.width === other.width);
}

/** The sides of borders, sashing and frames: dragged to a width on the ruler, moved by keys, or typed where they stand. */
export function Handles({ picture, name, onLive, onWiden, onType }: Props) {
  const [drag, setDrag] = useState<{ at: number; stop: Stop; far: boolean }>();
  const handles = picture.handles ?? [];
  const stops = picture.stops ?? [];
  const nearest = (width: number) =>
    stops.reduce<Stop | undefined>(
      (best, one) => (best && Math.abs(best.width - width) <= Math.abs(one.width - width) ? best : one),
      undefined,
    );
  const move = (event: PointerEvent<SVGGElement>, at: number) => {
    const handle = handles[at];
    const matrix = event.currentTarget.ownerSVGElement?.getScreenCTM();
    if (!handle || !matrix || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const spot = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    const [[x, y]] = handle.side;
    const beyond = (spot.x - x) * handle.toward[0] + (spot.y - y) * handle.toward[1];
    const stop = nearest(handle.width + beyond);
    if (!stop) return;
    if (stop !== drag?.stop && (drag || stop.width !== handle.width)) {
      const by = stop.width - handle.width;
      onLive({ handle, at, typed: stop.typed, end: [x + handle.toward[0] * by, y + handle.toward[1] * by] });
    }
    setDrag({ at, stop, far: Boolean(drag?.far) || stop.width !== handle.width });
  };
  const end = (event: PointerEvent<SVGGElement>, handle: Handle) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const done = drag;
    setDrag(undefined);
    if (event.type !== "pointercancel" && done?.far && done.stop.width !== handle.width) {
      onWiden(handle, done.stop.typed);
      return;
    }
    onLive(undefined);
    if (event.type !== "pointercancel" && !done?.far) onType(handle, event.clientX, event.clientY);
  };
  const key = (event: KeyboardEvent, handle: Handle) => {
    const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    const now = stops.indexOf(nearest(handle.width) as Stop);
    const stop = stops[now + by];
    if (stop) onWiden(handle, stop.typed);
  };
  const first = new Set<string>();
  return (
    <g className="handles">
      {handles.map((handle, at) => {
        const [[x1, y1], [x2, y2]] = handle.side;
        const dragged = drag?.at === at || moves(handle, handles[drag?.at ?? -1]) ? drag?.stop : undefined;
        const by = dragged ? dragged.width - handle.width : 0;
        const [dx, dy] = [handle.toward[0] * by, handle.toward[1] * by];
        const which = `${handle.part} ${String(handle.ends)}`;
        const stands = !first.has(which); // one of each is gone to by keys
        first.add(which);
        return (
          <g
            key={at}
            className={Math.abs(handle.toward[0]) > 0.9 ? "handle sideways" : "handle"}
            role={stands ? "slider" : undefined}
            tabIndex={stands ? 0 : undefined}
            aria-label={stands ? say("quilts-width-of-part", { part: name(handle.part) }) : undefined}
            aria-valuenow={stands ? handle.width : undefined}
            aria-valuetext={stands ? handle.words : undefined}
            onKeyDown={(event) => key(event, handle)}
            onPointerDown={(event) => {
              if (event.button !== 0) return;
              event.stopPropagation();
              event.currentTarget.setPointerCapture(event.pointerId);
            }}
            onPointerMove={(event) => move(event, at)}
            onPointerUp={(event) => end(event, handle)}
            onPointerCancel={(event) => end(event, handle)}
            onClick={(event) => event.stopPropagation()}
          >
            <line className="grip" x1={x1} y1={y1} x2={x2} y2={y2} />
            {dragged && (
              <>
                <polygon
                  className="band"
                  points={[
                    [x1, y1],
                    [x2, y2],
                    [x2 + dx, y2 + dy],
                    [x1 + dx, y1 + dy],
                  ].join(" ")}
                />
                <line className="live" x1={x1 + dx} y1={y1 + dy} x2={x2 + dx} y2={y2 + dy} />
                {drag?.at === at && (
                  <text
                    x={(x1 + x2) / 2 + dx}
                    y={(y1 + y2) / 2 + dy}
                    fontSize={Math.max(picture.width, picture.height) / 28}
                  >
                    {dragged.words}
                  </text>
                )}
              </>
            )}
          </g>
        );
      })}
    </g>
  );
}
