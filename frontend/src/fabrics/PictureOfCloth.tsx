import { useEffect, useMemo, useState } from "react";
import { Button, Form } from "react-bootstrap";

import { asItIs, client, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Said } from "../common/Notices";
import { type PictureSpot, SpotsOnPicture } from "../common/SpotsOnPicture";
import { say } from "../language/say";

type Seen = Schemas["SeenClothOut"];

const FIRST: PictureSpot[] = [
  [0.25, 0.25],
  [0.75, 0.75],
  [0.1, 0.9],
  [0.9, 0.9],
];
const NAMES = [
  say("fabrics-spot-part-upper-left"),
  say("fabrics-spot-part-lower-right"),
  say("fabrics-spot-line-one"),
  say("fabrics-spot-line-other"),
];
const OF_THE_PART = 2; // spots; those after are the ends of the known length

interface Props {
  photo: File;
  unit: Schemas["ShelfFabricIn"]["unit"];
  onSeen: (seen: Seen) => void;
  onClose: () => void;
}

/** A photo of a cloth: a line in it is drawn over a known length, and which part of it shows the print. */
export function PictureOfCloth({ photo, unit = "in", onSeen, onClose }: Props) {
  const address = useMemo(() => URL.createObjectURL(photo), [photo]);
  useEffect(() => () => URL.revokeObjectURL(address), [address]);
  const [spots, setSpots] = useState(FIRST);
  const [length, setLength] = useState("");
  const making = useChange(
    () => {
      const [part, line] = [spots.slice(0, OF_THE_PART).flat(), spots.slice(OF_THE_PART).flat()];
      return settled<Seen>(
        client.POST("/api/cloth", { params: { query: { part, line, length, unit } }, ...asItIs(photo) }),
      );
    },
    { refresh: [], onDone: onSeen },
  );
  const faults = making.error ? faultsOf(making.error) : [];
  const at = faults.find((one) => one.place === "length")?.message;
  const elsewhere = faults.filter((one) => one.place !== "length").map((one) => one.message);
  const [[x1 = 0, y1 = 0] = [], [x2 = 0, y2 = 0] = [], [x3 = 0, y3 = 0] = [], [x4 = 0, y4 = 0] = []] = spots.map(
    (spot) => spot.map((share) => 100 * share),
  );
  const ring = [`${String(x1)},${String(y1)}`, `${String(x2)},${String(y1)}`, `${String(x2)},${String(y2)}`];
  return (
    <fieldset className="picture-of-cloth">
      <legend>{say("fabrics-a-photo-of-it")}</legend>
      <p className="quiet-text">{say("fabrics-how-to-measure-a-photo")}</p>
      <SpotsOnPicture
        address={address}
        words={say("fabrics-the-photo")}
        spots={spots}
        names={NAMES}
        other={(spot) => spot >= OF_THE_PART}
        onSpots={setSpots}
      >
        <polygon points={[...ring, `${String(x1)},${String(y2)}`].join(" ")} vectorEffect="non-scaling-stroke" />
        <line x1={x3} y1={y3} x2={x4} y2={y4} vectorEffect="non-scaling-stroke" />
      </SpotsOnPicture>
      {elsewhere.length > 0 && <Said text={elsewhere.join("\n")} />}
      <div className="side-by-side end">
        <Form.Group controlId="known-length">
          <Form.Label>{say("fabrics-so-long-is-the-line", { unit })}</Form.Label>
          <Form.Control value={length} isInvalid={Boolean(at)} onChange={(event) => setLength(event.target.value)} />
          {at && (
            <small role="alert" className="fault">
              {at}
            </small>
          )}
        </Form.Group>
        <Button variant="outline-primary" disabled={making.isPending} onClick={() => making.mutate()}>
          {say("fabrics-make-the-picture")}
        </Button>
        <Button variant="outline-primary" onClick={onClose}>
          {say("common-not-now")}
        </Button>
      </div>
    </fieldset>
  );
}
