import { lazy, Suspense, type SyntheticEvent, useState } from "react";
import { Button, Form, Modal } from "react-bootstrap";

import { type Cloth, FabricFields } from "../common/FabricFields";
import { SwatchOf } from "../cut/SwatchOf";
import { ChangedOnShelf } from "../fabrics/ChangedOnShelf";
import { asTaken } from "../fabrics/shelfFabric";
import { say } from "../language/say";
import type { Quilt, QuiltAct } from "./useQuilt";

const FromShelf = lazy(async () => ({ default: (await import("../fabrics/FromShelf")).FromShelf }));

interface Props {
  view: Quilt;
  act: (acts: QuiltAct[]) => void;
}

/** The fabrics of a quilt, those of its blocks and its own, and one more for what goes round them. */
export function QuiltFabrics({ view, act }: Props) {
  const [adding, setAdding] = useState(false);
  const [choosing, setChoosing] = useState(false);
  const there = view.fabrics.map((one) => one.shelf);
  return (
    <div className="quilt-fabrics">
      <ChangedOnShelf document={view.document} fabrics={view.fabrics} act={act} />
      {view.fabrics.map((one) => (
        <span key={one.key}>
          <SwatchOf fabrics={view.fabrics} name={one.key} size={20} /> {one.name}
        </span>
      ))}
      <button type="button" className="quiet" onClick={() => setAdding(true)}>
        {say("quilts-a-fabric")}
      </button>
      <button type="button" className="quiet" onClick={() => setChoosing(true)}>
        {say("common-from-the-shelf")}
      </button>
      {adding && <NewFabric next={view.next} act={act} onClose={() => setAdding(false)} />}
      {choosing && (
        <Suspense>
          <FromShelf
            there={there}
            onTake={(taken) => {
              const further = taken.filter((one) => !there.includes(one.id));
              act(further.map((one) => ({ do: "fabric", key: "", ...asTaken(one) })));
            }}
            onClose={() => setChoosing(false)}
          />
        </Suspense>
      )}
    </div>
  );
}

function NewFabric({ next, act, onClose }: { next: Quilt["next"]; act: Props["act"]; onClose: () => void }) {
  const [name, setName] = useState(next.name);
  const [cloth, setCloth] = useState<Cloth>({ colour: next.colour, value: next.value, print: "solid" });
  const keep = (event: SyntheticEvent) => {
    event.preventDefault();
    act([{ do: "fabric", key: "", name, ...cloth }]);
    onClose();
  };
  return (
    <Modal show onHide={onClose} aria-labelledby="quilt-fabric-form">
      <Form onSubmit={keep}>
        <Modal.Header closeButton>
          <Modal.Title id="quilt-fabric-form">{say("quilts-a-fabric-for-the-quilt")}</Modal.Title>
        </Modal.Header>
        <Modal.Body className="stack">
          <Form.Group controlId="quilt-fabric-name">
            <Form.Label>{say("common-name")}</Form.Label>
            <Form.Control
              required
              value={name}
              maxLength={120}
              onChange={(event) => setName(event.target.value)}
              // eslint-disable-next-line jsx-a11y/no-autofocus -- the dialog opens to be typed into
              autoFocus
            />
          </Form.Group>
          <div className="side-by-side">
            <FabricFields id="quilt-fabric" form={cloth} onChange={(part) => setCloth({ ...cloth, ...part })} />
          </div>
        </Modal.Body>
        <Modal.Footer>
          <Button type="submit">{say("common-keep")}</Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
