import { useMutation } from "@tanstack/react-query";
import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useRef, useState } from "react";
import { Button, Modal, Spinner } from "react-bootstrap";

import { asItIs, client, type Draft, settled } from "../api/client";
import { Said } from "../common/Notices";
import { say } from "../language/say";

type Corner = [number, number];

const CORNERS = [
  say("draft-corner-upper-left"),
  say("draft-corner-upper-right"),
  say("draft-corner-lower-right"),
  say("draft-corner-lower-left"),
];
const FIRST: Corner[] = [
  [0.1, 0.1],
  [0.9, 0.1],
  [0.9, 0.9],
  [0.1, 0.9],
];
const STEP = 0.005; // of the picture, that an arrow key moves a corner
const ARROWS: Record<string, Corner> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};
const within = (share: number) => Math.min(1, Math.max(0, share));

interface Props {
  photo: File;
  sheet: Draft["sheet"];
  onLaid: (straight: Blob) => void;
  onClose: () => void;
}

/** A photo of a block whose four corners are dragged to the block's, to be laid straight under the paper. */
export function LayPicture({ photo, sheet, onLaid, onClose }: Props) {
  const address = useMemo(() => URL.createObjectURL(photo), [photo]);
  useEffect(() => () => URL.revokeObjectURL(address), [address]);
  const [corners, setCorners] = useState(FIRST);
  const [held, setHeld] = useState<number>();
  const picture = useRef<HTMLDivElement>(null);
  const straightening = useMutation({
    mutationFn: () =>
      settled<Blob>(
        client.POST("/api/picture/straight", {
          params: { query: { corners: corners.flat(), ratio: sheet.width / sheet.height } },
          ...asItIs(photo),
          parseAs: "blob",
        }),
      ),
    onSuccess: (straight) => {
      onLaid(straight);
      onClose();
    },
  });
  const put = (corner: number, [x, y]: Corner) =>
    setCorners((before) => before.map((one, place) => (place === corner ? [within(x), within(y)] : one)));
  const drag = (event: PointerEvent) => {
    const box = picture.current?.getBoundingClientRect();
    if (held === undefined || !box) return;
    put(held, [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]);
  };
  const key = (corner: number) => (event: KeyboardEvent) => {
    const by = ARROWS[event.key];
    const [x, y] = corners[corner] ?? [0, 0];
    if (!by) return;
    event.preventDefault();
    const step = event.shiftKey ? 8 * STEP : STEP;
    put(corner, [x + by[0] * step, y + by[1] * step]);
  };
  const ring = corners.map(([x, y]) => `${String(100 * x)},${String(100 * y)}`).join(" ");
  return (
    <Modal show onHide={onClose} size="lg" aria-labelledby="lay-picture">
      <Modal.Header closeButton>
        <Modal.Title id="lay-picture">{say("draft-a-picture-under-the-paper")}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>{say("draft-drag-the-corners")}</p>
        <div
          ref={picture}
          className="lay-picture"
          onPointerMove={drag}
          onPointerUp={() => setHeld(undefined)}
          onPointerCancel={() => setHeld(undefined)}
        >
          <img src={address} alt={say("draft-the-picture")} draggable={false} />
          <svg viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
            <polygon points={ring} vectorEffect="non-scaling-stroke" />
          </svg>
          {corners.map(([x, y], corner) => (
            <button
              key={corner}
              type="button"
              className="corner"
              aria-label={say("draft-corner-of-the-block", { corner: CORNERS[corner] ?? "" })}
              style={{ left: `${String(100 * x)}%`, top: `${String(100 * y)}%` }}
              onPointerDown={(event) => {
                event.preventDefault();
                event.currentTarget.focus();
                picture.current?.setPointerCapture(event.pointerId);
                setHeld(corner);
              }}
              onKeyDown={key(corner)}
            />
          ))}
        </div>
        {straightening.error && <Said text={straightening.error.message} onClose={() => straightening.reset()} />}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-primary" onClick={onClose}>
          {say("common-not-now")}
        </Button>
        <Button onClick={() => straightening.mutate()} disabled={straightening.isPending}>
          {straightening.isPending && <Spinner size="sm" />} {say("draft-lay-it-under")}
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
