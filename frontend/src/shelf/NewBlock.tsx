import { type SyntheticEvent, useState } from "react";
import { Button, Form, Modal } from "react-bootstrap";
import { useNavigate } from "react-router";

import { type Block, client, faultsOf, settled } from "../api/client";
import { useBeginning, useUsual } from "../api/useUsual";
import { useChange } from "../api/useChange";
import { say } from "../language/say";

const LABELS = {
  name: say("common-name"),
  width: say("common-finished-width"),
  height: say("common-finished-height"),
  columns: say("common-columns"),
  rows: say("common-rows"),
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
          <Modal.Title id="new-block">{say("shelf-start-a-block")}</Modal.Title>
        </Modal.Header>
        <Modal.Body className="stack">
          {field("name", { placeholder: usual.name, autoFocus: true })}
          <div className="side-by-side">
            {field("width", { inputMode: "text", "aria-describedby": "size-help" })}
            {field("height", { placeholder: shown("width"), "aria-describedby": "size-help" })}
            <Form.Group controlId="new-unit">
              <Form.Label>{say("shelf-in")}</Form.Label>
              <Form.Select value={unit} onChange={(event) => setUnit(event.target.value === "cm" ? "cm" : "in")}>
                <option value="in">{say("common-inches")}</option>
                <option value="cm">{say("common-centimetres")}</option>
              </Form.Select>
            </Form.Group>
          </div>
          {kept && (
            <p className="quiet-text unit-said" role="status">
              {say("shelf-the-numbers-you-type-are", {
                unit: unit === "cm" ? say("common-centimetres") : say("common-inches"),
              })}
            </p>
          )}
          <Form.Text id="size-help">{say("shelf-what-shows-once-it-is")}</Form.Text>
          <div className="side-by-side">
            {field("columns", { "aria-describedby": "grid-help" })}
            {field("rows", { "aria-describedby": "grid-help" })}
          </div>
          <Form.Text id="grid-help">{say("shelf-how-many-such-as-3")}</Form.Text>
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
            {say("common-not-now")}
          </Button>
          <Button type="submit">{say("shelf-draft-it")}</Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
