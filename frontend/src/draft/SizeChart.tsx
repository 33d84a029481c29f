import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Form, Modal, Table } from "react-bootstrap";

import { type Act, client, type Draft, faultsOf, type Schemas, settled } from "../api/client";
import { Fr } from "../common/Fr";
import { say } from "../language/say";

type Row = Schemas["ChartRowOut"];

/** The size chart of this very block: every letter's cut over a range of finished sizes; choosing a row changes it. */
export function SizeChart({ view, onClose, act }: { view: Draft; onClose: () => void; act: (acts: Act[]) => void }) {
  const [range, setRange] = useState(view.sheet.sizes);
  const [asked, setAsked] = useState(range);
  const chart = useQuery({
    queryKey: ["sizes", view.document, asked],
    queryFn: ({ signal }) =>
      settled<Row[]>(client.POST("/api/draft/sizes", { body: { document: view.document, ...asked }, signal })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const rows = chart.data ?? [];
  const faults = chart.error ? faultsOf(chart.error) : [];

  const letters = [
    ...new Map(rows.flatMap((row) => row.cells.map((cell) => [`${cell.letter} ${cell.further}`, cell]))).keys(),
  ];
  return (
    <Modal show onHide={onClose} size="xl" scrollable aria-labelledby="chart-head">
      <Modal.Header closeButton>
        <Modal.Title id="chart-head">{say("draft-size-chart-of", { name: view.sheet.name })}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <Form
          className="side-by-side end"
          onSubmit={(event) => {
            event.preventDefault();
            setAsked(range);
          }}
        >
          {(["start", "end", "step"] as const).map((name) => (
            <Form.Group key={name} controlId={`chart-${name}`}>
              <Form.Label>
                {
                  { start: say("draft-finished-width-from"), end: say("common-to"), step: say("common-in-steps-of") }[
                    name
                  ]
                }
              </Form.Label>
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
            {say("draft-work-it-out")}
          </Button>
        </Form>
        <Table size="sm" className="chart">
          <caption>{say("draft-cut-sizes-by-letter-a")}</caption>
          <thead>
            <tr>
              <th scope="col">{say("common-column-finished")}</th>
              <th scope="col">{say("draft-on-the-ruler")}</th>
              {letters.map((letter) => (
                <th scope="col" key={letter}>
                  {letter}
                </th>
              ))}
              <th scope="col">
                <span className="visually-hidden">{say("draft-take-this-size")}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.width} className={row.chosen ? "chosen" : ""} aria-current={row.chosen || undefined}>
                <th scope="row">
                  <Fr>{row.finished}</Fr>
                </th>
                <td>{row.on_the_ruler ? say("draft-all-on-the-ruler") : ""}</td>
                {letters.map((letter) => (
                  <td key={letter}>
                    {row.cells
                      .filter((cell) => `${cell.letter} ${cell.further}` === letter)
                      .map((cell) => (
                        <span key={cell.cut} className="chart-cut">
                          <Fr>{cell.cut}</Fr>
                          {cell.off && <small> {say("draft-off", { off: cell.off })}</small>}
                        </span>
                      ))}
                  </td>
                ))}
                <td>
                  {!row.chosen && (
                    <button
                      type="button"
                      className="quiet"
                      aria-label={say("draft-take-finished", { finished: row.finished })}
                      onClick={() => {
                        act([{ do: "resize", width: row.width, height: row.height }]);
                        onClose();
                      }}
                    >
                      {say("common-take")}
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
