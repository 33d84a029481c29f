import { type PointerEvent, useState } from "react";

import type { Act, Draft } from "../api/client";
import { Fr } from "../common/Fr";
import { Typed } from "../common/Typed";
import { useOneStop } from "../common/useOneStop";
import { say } from "../language/say";
import type { MovedLine } from "./warp";

type Axis = "columns" | "rows";
const NARROWEST = 0.075;
const MARGIN = 30;
const BOARD = 560;

interface Props {
  view: Draft;
  /** Whether grid lines can be dragged: not while seams are drawn, whose ends lie there too. */
  grips: boolean;
  act: (acts: Act[]) => void;
  /** A grid line is dragged; nothing when it was let go. */
  onDrag: (moved: MovedLine | undefined) => void;
}

/** The act that a grid line that is dragged comes to: the server lays it on the ruler. */
export const asAct = ({ axis, line, to }: MovedLine): Act => ({ do: "move-edge", axis, line, to: to.toFixed(4) });

/** The finished widths along the block's edges, each to be typed over; columns and rows are added and taken out here. */
export function Edges(props: Props) {
  return (
    <>
      <Edge axis="columns" {...props} />
      <Edge axis="rows" {...props} />
    </>
  );
}

function Edge({ axis, view, grips, act, onDrag }: Props & { axis: Axis }) {
  const { sheet } = view;
  const [open, setOpen] = useState<number>();
  const lines = sheet[axis];
  const one = say("draft-column-or-row", { axis });
  const span = Math.max(sheet.width, sheet.height);
  const group = useOneStop<HTMLDivElement>();
  const whole = axis === "columns" ? sheet.width : sheet.height;
  const full = (whole / span) * BOARD + 2 * MARGIN;
  const share = (length: number) => `${String((100 * (MARGIN + (length / span) * BOARD)) / full)}%`;
  return (
    <div ref={group} className={`edge ${axis}`} role="group" aria-label={say("draft-finished-sizes-of", { axis })}>
      {lines.map((line, index) => (
        <span
          key={index}
          className="edge-line"
          style={
            axis === "columns"
              ? { left: share(line.start + line.length / 2) }
              : { top: share(line.start + line.length / 2) }
          }
        >
          {open === index ? (
            <span className="edge-open">
              <Typed
                label={say("draft-finished-size-of", { one, index: index + 1 })}
                showLabel={false}
                value={line.exact}
                width="4rem"
                onKeep={(length) => {
                  act([{ do: "line-length", axis, line: index, length, grow: true }]);
                  setOpen(undefined);
                }}
              />
              <button
                type="button"
                className="quiet small"
                onClick={() => act([{ do: "add-line", axis, line: index + 1 }])}
              >
                {say("draft-add-one-after")}
              </button>
              {index > 0 && (
                <button
                  type="button"
                  className="quiet small"
                  onClick={() => {
                    act([{ do: "move-line", axis, line: index, to: index - 1 }]);
                    setOpen(index - 1);
                  }}
                >
                  {say("draft-move-back", { axis })}
                </button>
              )}
              {index < lines.length - 1 && (
                <button
                  type="button"
                  className="quiet small"
                  onClick={() => {
                    act([{ do: "move-line", axis, line: index, to: index + 1 }]);
                    setOpen(index + 1);
                  }}
                >
                  {say("draft-move-on", { axis })}
                </button>
              )}
              {lines.length > 1 && (
                <button
                  type="button"
                  className="quiet small"
                  onClick={() => {
                    act([{ do: "remove-line", axis, line: index }]);
                    setOpen(undefined);
                  }}
                >
                  {say("common-take-out")}
                </button>
              )}
              <button
                type="button"
                className="quiet small"
                onClick={() => setOpen(undefined)}
                aria-label={say("draft-close", { one, index: index + 1 })}
              >
                ×
              </button>
            </span>
          ) : (
            (line.length / span > NARROWEST || index === 0) && (
              <button
                type="button"
                className="edge-size"
                onClick={() => setOpen(index)}
                aria-label={say("draft-finished-change-it", { one, index: index + 1, finished: line.finished })}
              >
                <Fr>{line.finished}</Fr>
              </button>
            )
          )}
        </span>
      ))}
      {(grips ? lines.slice(1) : []).map((line, index) => (
        <Grip
          key={index}
          axis={axis}
          at={line.start}
          share={share}
          onDrag={(to) => onDrag(to === undefined ? undefined : { axis, line: index + 1, to })}
          onMove={(to) => act([asAct({ axis, line: index + 1, to })])}
        />
      ))}
    </div>
  );
}

/** A grip on a grid line; dropped, the server lays the line on the ruler. */
function Grip({
  axis,
  at,
  share,
  onDrag,
  onMove,
}: {
  axis: Axis;
  at: number;
  share: (length: number) => string;
  onDrag: (to: number | undefined) => void;
  onMove: (to: number) => void;
}) {
  const [moved, setMoved] = useState<{ from: number; to: number }>();
  const place = moved?.to ?? at;
  const along = (event: PointerEvent) => {
    const edge = event.currentTarget.parentElement?.getBoundingClientRect();
    if (!edge) return at;
    const whole = axis === "columns" ? edge.width : edge.height;
    const from = axis === "columns" ? event.clientX - edge.left : event.clientY - edge.top;
    const [low, high] = [Number.parseFloat(share(0)), Number.parseFloat(share(1))];
    return Math.max(0, ((100 * from) / whole - low) / (high - low));
  };
  return (
    <span
      className={moved === undefined ? "grip" : "grip moving"}
      style={axis === "columns" ? { left: share(place) } : { top: share(place) }}
      title={say("draft-drag-the-grid-line-it")}
      aria-hidden="true"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setMoved({ from: at, to: at });
      }}
      onPointerMove={(event) => {
        if (moved === undefined) return;
        const to = along(event);
        setMoved({ ...moved, to });
        onDrag(to);
      }}
      onPointerUp={() => {
        if (moved && moved.to !== moved.from) onMove(moved.to);
        setMoved(undefined);
        onDrag(undefined);
      }}
      onPointerCancel={() => {
        setMoved(undefined);
        onDrag(undefined);
      }}
    />
  );
}
