import { lazy, Suspense, type SyntheticEvent, useState } from "react";
import { Button, Form, Modal } from "react-bootstrap";

import type { Act, Draft } from "../api/client";
import { Swatch } from "../common/Cloth";
import { hasDirection } from "../common/prints";
import { FabricFields } from "../common/FabricFields";
import { useOneStop } from "../common/useOneStop";
import { ChangedOnShelf } from "../fabrics/ChangedOnShelf";
import type { ShelfFabric } from "../fabrics/shelfFabric";
import { rich, say } from "../language/say";

const FromShelf = lazy(async () => ({ default: (await import("../fabrics/FromShelf")).FromShelf }));

type Fabric = Draft["fabrics"][number];
const SLOTS = [say("draft-first"), say("draft-second"), say("draft-third")];

interface Props {
  view: Draft;
  hand: string[];
  slot: number;
  onSlot: (slot: number) => void;
  onTake: (key: string) => void;
  act: (acts: Act[]) => void;
  onNew: () => void;
  onFromShelf: (fabrics: ShelfFabric[]) => void;
  onColourings: () => void;
}

/** The fabrics of the block, and which of them are in hand. */
export function Fabrics({ view, hand, slot, onSlot, onTake, act, onNew, onFromShelf, onColourings }: Props) {
  const [editing, setEditing] = useState<Fabric>();
  const [choosing, setChoosing] = useState(false);
  const slots = useOneStop<HTMLDivElement>();
  const shelf = useOneStop<HTMLUListElement>();
  const found = (key: string | undefined) => view.fabrics.findIndex((fabric) => fabric.key === key);
  return (
    <div className="fabrics">
      <div ref={slots} className="slots" role="radiogroup" aria-label={say("draft-fabrics-in-hand")}>
        {SLOTS.map((name, index) => {
          const at = found(hand[index]);
          const fabric = view.fabrics[at];
          return (
            <button
              key={name}
              type="button"
              role="radio"
              aria-checked={slot === index}
              aria-label={say("draft-in-hand", { slot: name, fabric: fabric?.name ?? say("common-none") })}
              className={slot === index ? "slot chosen" : "slot"}
              onClick={() => onSlot(index)}
            >
              {fabric ? <Swatch fabric={fabric} index={at} size={26} /> : <span className="no-swatch" />}
              <span>{index + 1}</span>
            </button>
          );
        })}
      </div>
      <ul ref={shelf} className="shelf-row" aria-label={say("draft-fabrics-of-the-block")}>
        {view.fabrics.map((fabric, index) => (
          <li key={fabric.key}>
            <button
              type="button"
              className="fabric"
              onClick={() => onTake(fabric.key)}
              title={say("draft-take-in-hand", { name: fabric.name })}
              aria-label={say("draft-take-in-hand-patches", {
                name: fabric.name,
                value: fabric.value,
                print: fabric.print,
                patches: fabric.patches,
              })}
              draggable
              onDragStart={(event) => event.dataTransfer.setData("text/x-fabric", fabric.key)}
            >
              <Swatch fabric={fabric} index={index} />
              <span>{fabric.name}</span>
            </button>
            <button
              type="button"
              className="quiet small"
              aria-label={say("common-change", { name: fabric.name })}
              onClick={() => setEditing(fabric)}
            >
              {say("common-change-it")}
            </button>
          </li>
        ))}
        <li>
          <button type="button" className="quiet" title={say("draft-next-fabric")} onClick={onNew}>
            {say("draft-fabric")}
          </button>
          <button type="button" className="quiet" onClick={() => setChoosing(true)}>
            {say("common-from-the-shelf")}
          </button>
          <button type="button" className="quiet" onClick={onColourings}>
            {rich("draft-colourings", { count: view.colourings.length > 0 && ` (${String(view.colourings.length)})` })}
          </button>
        </li>
      </ul>
      <ChangedOnShelf document={view.document} fabrics={view.fabrics} act={act} />
      {choosing && (
        <Suspense>
          <FromShelf
            there={view.fabrics.map((one) => one.shelf)}
            onTake={(taken) => {
              const mine = view.fabrics.find((one) => one.shelf === taken[0]?.id);
              if (mine) onTake(mine.key);
              else onFromShelf(taken);
            }}
            onClose={() => setChoosing(false)}
          />
        </Suspense>
      )}
      {editing && (
        <FabricForm fabric={editing} fabrics={view.fabrics} onClose={() => setEditing(undefined)} act={act} />
      )}
    </div>
  );
}

function FabricForm({
  fabric,
  fabrics,
  onClose,
  act,
}: {
  fabric: Fabric;
  fabrics: Fabric[];
  onClose: () => void;
  act: (acts: Act[]) => void;
}) {
  const [form, setForm] = useState({
    name: fabric.name,
    colour: fabric.colour,
    value: fabric.value,
    print: fabric.print,
    direction: fabric.direction,
    right_side: fabric.right_side,
  });
  const [other, setOther] = useState("");
  const change = (part: Partial<typeof form>) => setForm({ ...form, ...part });

  function keep(event: SyntheticEvent) {
    event.preventDefault();
    act([
      {
        do: "fabric",
        key: fabric.key,
        shelf: fabric.shelf,
        ...form,
        name: form.name.trim() || say("draft-name-of-a-new-fabric"),
      },
    ]);
    onClose();
  }

  return (
    <Modal show onHide={onClose} aria-labelledby="fabric-form">
      <Form onSubmit={keep}>
        <Modal.Header closeButton>
          <Modal.Title id="fabric-form">{fabric.name}</Modal.Title>
        </Modal.Header>
        <Modal.Body className="stack">
          <Form.Group controlId="fabric-name">
            <Form.Label>{say("common-name")}</Form.Label>

            <Form.Control
              value={form.name}
              onChange={(event) => change({ name: event.target.value })}
              // eslint-disable-next-line jsx-a11y/no-autofocus -- the dialog opens to be typed into
              autoFocus
              maxLength={120}
            />
          </Form.Group>
          <div className="side-by-side">
            <FabricFields id="fabric" form={form} onChange={change} />
            {hasDirection(form) && (
              <Form.Group controlId="fabric-direction">
                <Form.Label>{say("draft-points")}</Form.Label>
                <Form.Select
                  value={form.direction}
                  onChange={(event) => change({ direction: Number(event.target.value) })}
                >
                  <option value={0}>{say("draft-up")}</option>
                  <option value={90}>{say("draft-right")}</option>
                  <option value={180}>{say("draft-down")}</option>
                  <option value={270}>{say("draft-left")}</option>
                </Form.Select>
              </Form.Group>
            )}
          </div>
          <Form.Check
            id="fabric-right-side"
            label={say("draft-right-side-is-hard-to-see")}
            checked={form.right_side === "hard-to-see"}
            onChange={(event) => change({ right_side: event.target.checked ? "hard-to-see" : "seen" })}
          />
          {fabrics.length > 1 && (
            <div className="side-by-side end">
              <Form.Group controlId="fabric-swap">
                <Form.Label>{say("draft-swap-everywhere-with")}</Form.Label>
                <Form.Select value={other} onChange={(event) => setOther(event.target.value)}>
                  <option value="">{say("draft-choose-a-fabric")}</option>
                  {fabrics
                    .filter((one) => one.key !== fabric.key)
                    .map((one) => (
                      <option key={one.key} value={one.key}>
                        {one.name}
                      </option>
                    ))}
                </Form.Select>
              </Form.Group>
              <Button
                variant="outline-primary"
                disabled={!other}
                onClick={() => {
                  act([{ do: "swap", fabric: fabric.key, other }]);
                  onClose();
                }}
              >
                {say("draft-swap")}
              </Button>
            </div>
          )}
        </Modal.Body>
        <Modal.Footer>
          <Button
            variant="outline-primary"
            className="me-auto"
            onClick={() => {
              act([{ do: "drop-fabric", key: fabric.key }]);
              onClose();
            }}
          >
            {say("draft-take-it-out-of-the")}
          </Button>
          <Button type="submit">{say("common-keep")}</Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
