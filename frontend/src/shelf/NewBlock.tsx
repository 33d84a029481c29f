import { type SyntheticEvent, useState } from "react";
import { Button, Form, Modal } from "react-bootstrap";
import { useNavigate } from "react-router";

import { type Block, client, faultsOf, settled } from "../api/client";
import { useBeginning, useUsual } from "../api/useUsual";
import { useChange } from "../api/useChange";

const LABELS = {
  name: "Name",
  width: "Finished width",
  height: "Finished height",
  columns: "Columns",
  rows: "Rows",
} as const;
type Field = keyof typeof LABELS;

/** Starting a block: name, finished size, grid. What is not typed stays as it usually is in the unit chosen. */
export function NewBlock({ show, onClose }: { show: boolean; onClose: () => void }) {
  const go = useNavigate();
  const [unit, setUnit] = useState<"in" | "cm">(useUsual().unit);
  const { block: usual } = useBeginning(unit);
  const [typed, setTyped] = useState<Partial<Record<Field, string>>>({});
  const kept = Object.keys(typed).some((name) => name === "width" || name === "height");

  const beginning = useChange(
    () =>
      settled<Block>(
        client.POST("/api/blocks", {
          body: { beginning: { ...usual, ...typed, name: typed.name?.trim() || usual.name, unit } },
        }),
      ),
    { refresh: [["shelf"]], onDone: (block) => void go(`/blocks/${block.id}/draft`) },
  );
  const faults = beginning.error ? faultsOf(beginning.error) : [];
  const shown = (name: Field) => {
    if (name === "name") return typed.name ?? "";
    if (name === "height") return typed.height ?? usual.height;
    return typed[name] ?? usual[name];
  };

  const field = (name: Field, more: object = {}) => {
    const fault = faults.find((one) => one.place === name);
    return (
      <Form.Group controlId={`new-${name}`}>
        <Form.Label>{LABELS[name]}</Form.Label>
        <Form.Control
          value={shown(name)}
          onChange={(event: { target: { value: string } }) => setTyped({ ...typed, [name]: event.target.value })}
          isInvalid={Boolean(fault)}
          autoComplete="off"
          {...more}
        />
        <Form.Control.Feedback type="invalid">{fault?.message}</Form.Control.Feedback>
      </Form.Group>
    );
  };

  return (
    <Modal show={show} onHide={onClose} aria-labelledby="new-block">
      <Form
        onSubmit={(event: SyntheticEvent) => {
          event.preventDefault();
          beginning.mutate();
        }}
        noValidate
      >
        <Modal.Header closeButton>
          <Modal.Title id="new-block">Start a block</Modal.Title>
        </Modal.Header>
        <Modal.Body className="stack">
          {field("name", { placeholder: usual.name, autoFocus: true })}
          <div className="side-by-side">
            {field("width", { inputMode: "text", "aria-describedby": "size-help" })}
            {field("height", { placeholder: shown("width"), "aria-describedby": "size-help" })}
            <Form.Group controlId="new-unit">
              <Form.Label>In</Form.Label>
              <Form.Select value={unit} onChange={(event) => setUnit(event.target.value === "cm" ? "cm" : "in")}>
                <option value="in">inches</option>
                <option value="cm">centimetres</option>
              </Form.Select>
            </Form.Group>
          </div>
          {kept && (
            <p
              className="quiet-text unit-said"
              role="status"
            >{`The numbers you type are in ${unit === "cm" ? "centimetres" : "inches"}; they are not converted.`}</p>
          )}
          <Form.Text id="size-help">
            What shows once it is sewn into the quilt; the height is the width unless you type one. Type 9, 4 7/8, 4-7/8
            or 4.875. Seam allowance is added for you.
          </Form.Text>
          <div className="side-by-side">
            {field("columns", { "aria-describedby": "grid-help" })}
            {field("rows", { "aria-describedby": "grid-help" })}
          </div>
          <Form.Text id="grid-help">How many, such as 3; or how wide against each other, such as 1 2 1.</Form.Text>
          {faults
            .filter((fault) => !(fault.place in LABELS))
            .map((fault) => (
              <p key={fault.message} className="text-danger" role="alert">
                {fault.message}
              </p>
            ))}
        </Modal.Body>
        <Modal.Footer>
          <Button variant="outline-primary" onClick={onClose}>
            Not now
          </Button>
          <Button type="submit">Draft it</Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
