import { useMutation } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import { Button, Modal, Spinner } from "react-bootstrap";

import { asItIs, client, type Draft, settled } from "../api/client";
import { Said } from "../common/Notices";
import { type PictureSpot, SpotsOnPicture } from "../common/SpotsOnPicture";
import { say } from "../language/say";

const CORNERS = [
  say("draft-corner-upper-left"),
  say("draft-corner-upper-right"),
  say("draft-corner-lower-right"),
  say("draft-corner-lower-left"),
];
const FIRST: PictureSpot[] = [
  [0.1, 0.1],
  [0.9, 0.1],
  [0.9, 0.9],
  [0.1, 0.9],
];
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
  const ring = corners.map(([x, y]) => `${String(100 * x)},${String(100 * y)}`).join(" ");
  return (
    <Modal show onHide={onClose} size="lg" aria-labelledby="lay-picture">
      <Modal.Header closeButton>
        <Modal.Title id="lay-picture">{say("draft-a-picture-under-the-paper")}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>{say("draft-drag-the-corners")}</p>
        <SpotsOnPicture
          address={address}
          words={say("draft-the-picture")}
          spots={corners}
          names={CORNERS.map((corner) => say("draft-corner-of-the-block", { corner }))}
          onSpots={setCorners}
        >
          <polygon points={ring} vectorEffect="non-scaling-stroke" />
        </SpotsOnPicture>
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
