import { type FormEvent, useEffect, useState } from "react";
import { Button, Form, Modal, Table } from "react-bootstrap";

import { type Act, client, type Draft, type Faults, Refused, type Schemas, settled } from "../api/client";
import { Fr } from "../common/Fr";

type Row = Schemas["ChartRowOut"];

/** The size chart of this very block: every letter's cut over a range of finished sizes; choosing a row changes it. */
export function SizeChart({ view, onClose, act }: { view: Draft; onClose: () => void; act: (acts: Act[]) => void }) {
  const inches = view.sheet.unit === "in";
  const [range, setRange] = useState({
    start: String(Math.max(1, Math.floor(view.sheet.width / 2))),
    end: String(Math.ceil(view.sheet.width * 1.5)),
    step: inches ? "1/2" : "1",
  });
  const [rows, setRows] = useState<Row[]>([]);
  const [faults, setFaults] = useState<Faults["faults"]>([]);

  async function work() {
    try {
      setRows(await settled<Row[]>(client.POST("/api/draft/sizes", { body: { document: view.document, ...range } })));
      setFaults([]);
    } catch (reason) {
      if (reason instanceof Refused) setFaults(reason.faults.faults);
      else setFaults([{ place: "", message: "Yonk's server does not answer." }]);
    }
  }
  useEffect(() => {
    void work();
    // worked out once when it is opened; after that on asking
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  const letters = [...new Map(rows.flatMap((row) => row.cells.map((cell) => [`${cell.letter} ${cell.further}`, cell]))).keys()];
  return (
    <Modal show onHide={onClose} size="xl" scrollable aria-labelledby="chart-head">
      <Modal.Header closeButton>
        <Modal.Title id="chart-head">Size chart of {view.sheet.name}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <Form
          className="side-by-side end"
          onSubmit={(event: FormEvent) => {
            event.preventDefault();
            void work();
          }}
        >
          {(["start", "end", "step"] as const).map((name) => (
            <Form.Group key={name} controlId={`chart-${name}`}>
              <Form.Label>{{ start: "Finished width from", end: "to", step: "in steps of" }[name]}</Form.Label>
              <Form.Control
                value={range[name]}
                isInvalid={faults.some((fault) => fault.place === name)}
                onChange={(event) => setRange({ ...range, [name]: event.target.value })}
              />
              <Form.Control.Feedback type="invalid">
                {faults.find((fault) => fault.place === name)?.message}
              </Form.Control.Feedback>
            </Form.Group>
          ))}
          <Button type="submit" variant="outline-primary">
            Work it out
          </Button>
        </Form>
        <Table size="sm" className="chart">
          <caption>Cut sizes by letter. A size is marked where every cut lies on the ruler.</caption>
          <thead>
            <tr>
              <th scope="col">Finished</th>
              <th scope="col">On the ruler</th>
              {letters.map((letter) => (
                <th scope="col" key={letter}>
                  {letter}
                </th>
              ))}
              <th scope="col">
                <span className="visually-hidden">Take this size</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.width} className={row.chosen ? "chosen" : ""} aria-current={row.chosen || undefined}>
                <th scope="row">
                  <Fr>{row.finished}</Fr>
                </th>
                <td>{row.on_the_ruler ? "● all" : ""}</td>
                {letters.map((letter) => (
                  <td key={letter}>
                    {row.cells
                      .filter((cell) => `${cell.letter} ${cell.further}` === letter)
                      .map((cell) => (
                        <span key={cell.cut} className="chart-cut">
                          <Fr>{cell.cut}</Fr>
                          {cell.off && <small> {cell.off} off</small>}
                        </span>
                      ))}
                  </td>
                ))}
                <td>
                  {!row.chosen && (
                    <button
                      type="button"
                      className="quiet"
                      aria-label={`Take ${row.finished} finished`}
                      onClick={() => {
                        act([{ do: "resize", width: row.width, height: row.height }]);
                        onClose();
                      }}
                    >
                      take
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </Modal.Body>
    </Modal>
  );
}
