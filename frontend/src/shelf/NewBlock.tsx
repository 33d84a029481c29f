import { type FormEvent, useState } from "react";
import { Button, Col, Form, Modal, Row } from "react-bootstrap";
import { useNavigate } from "react-router";

import { type Block, client, type Faults, Refused, settled } from "../api/client";

const BEGIN = { name: "", width: "9", height: "9", columns: "3", rows: "3", unit: "in" };
const LABELS: Record<string, string> = { name: "Name", width: "Finished width", height: "Finished height", columns: "Columns", rows: "Rows" };

/** Starting a block: name, finished size, grid. */
export function NewBlock({ show, onClose }: { show: boolean; onClose: () => void }) {
  const go = useNavigate();
  const [form, setForm] = useState(BEGIN);
  const [faults, setFaults] = useState<Faults["faults"]>([]);
  const set = (name: string) => (event: { target: { value: string } }) => setForm({ ...form, [name]: event.target.value });

  async function begin(event: FormEvent) {
    event.preventDefault();
    const counts = { columns: Number(form.columns), rows: Number(form.rows) };
    const odd = Object.entries(counts).filter(([, count]) => !Number.isInteger(count) || count < 1);
    if (odd.length) {
      setFaults(odd.map(([place]) => ({ place, message: "must be a whole number from 1 to 64" })));
      return;
    }
    try {
      const block = await settled<Block>(
        client.POST("/api/blocks", {
          body: {
            name: form.name.trim() || "New block",
            unit: form.unit === "cm" ? "cm" : "in",
            width: form.width,
            height: form.height,
            ...counts,
          },
        }),
      );
      await go(`/blocks/${block.id}/draft`);
    } catch (reason) {
      if (reason instanceof Refused) setFaults(reason.faults.faults);
      else setFaults([{ place: "", message: "Yonk's server does not answer; try again in a moment." }]);
    }
  }

  const field = (name: keyof typeof BEGIN, more: object = {}) => {
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
      <Form onSubmit={(event) => void begin(event)} noValidate>
        <Modal.Header closeButton>
          <Modal.Title id="new-block">Start a block</Modal.Title>
        </Modal.Header>
        <Modal.Body className="stack">
          {field("name", { placeholder: "New block", autoFocus: true })}
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
