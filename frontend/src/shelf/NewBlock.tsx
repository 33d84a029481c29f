import { useState } from "react";
import { Button, Col, Form, Modal, Row } from "react-bootstrap";
import { useNavigate } from "react-router";

import { type Block, client, faultsOf, settled } from "../api/client";
import { useUsual } from "../api/useUsual";
import { useChange } from "../api/useChange";

const LABELS: Record<string, string> = {
  name: "Name",
  width: "Finished width",
  height: "Finished height",
  columns: "Columns",
  rows: "Rows",
};

/** A typed count; what is none is sent as nothing, which the server tells as such. */
const asCount = (text: string) => (/^\d+$/.test(text.trim()) ? Number(text) : 0);

/** Starting a block: name, finished size, grid. */
export function NewBlock({ show, onClose }: { show: boolean; onClose: () => void }) {
  const go = useNavigate();
  const { new_block: usual } = useUsual();
  const [form, setForm] = useState({
    name: "",
    width: usual.width,
    height: usual.height,
    columns: String(usual.columns),
    rows: String(usual.rows),
    unit: usual.unit as string,
  });
  const set = (name: string) => (event: { target: { value: string } }) =>
    setForm({ ...form, [name]: event.target.value });

  const beginning = useChange(
    () =>
      settled<Block>(
        client.POST("/api/blocks", {
          body: {
            ...form,
            name: form.name.trim() || usual.name,
            unit: form.unit === "cm" ? "cm" : "in",
            columns: asCount(form.columns),
            rows: asCount(form.rows),
          },
        }),
      ),
    { refresh: [["shelf"]], onDone: (block) => void go(`/blocks/${block.id}/draft`) },
  );
  const faults = beginning.error ? faultsOf(beginning.error) : [];

  const field = (name: keyof typeof form, more: object = {}) => {
    const fault = faults.find((one) => one.place === name);
    return (
      <Form.Group controlId={`new-${name}`}>
        <Form.Label>{LABELS[name]}</Form.Label>
        <Form.Control value={form[name]} onChange={set(name)} isInvalid={Boolean(fault)} autoComplete="off" {...more} />
        <Form.Control.Feedback type="invalid">{fault?.message}</Form.Control.Feedback>
      </Form.Group>
    );
  };

  return (
    <Modal show={show} onHide={onClose} aria-labelledby="new-block">
      <Form
        onSubmit={(event) => {
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
          <Row>
            <Col>{field("width", { inputMode: "text", "aria-describedby": "size-help" })}</Col>
            <Col>{field("height")}</Col>
            <Col>
              <Form.Group controlId="new-unit">
                <Form.Label>In</Form.Label>
                <Form.Select value={form.unit} onChange={set("unit")}>
                  <option value="in">inches</option>
                  <option value="cm">centimetres</option>
                </Form.Select>
              </Form.Group>
            </Col>
          </Row>
          <Form.Text id="size-help">
            What shows once it is sewn into the quilt. Type 9, 4 7/8, 4-7/8 or 4.875. Seam allowance is added for you.
          </Form.Text>
          <Row>
            <Col>{field("columns", { inputMode: "numeric" })}</Col>
            <Col>{field("rows", { inputMode: "numeric" })}</Col>
          </Row>
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
