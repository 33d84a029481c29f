import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Modal } from "react-bootstrap";

import { client, type Document, type Draft, type Schemas, settled } from "../api/client";
import { Said } from "../common/Notices";

interface Props {
  id: string;
  onTaken: (document: Document, drawn: Draft) => void;
  onClose: () => void;
}

/** The saved states of a block: open one as the next step of the draft, name those to be kept for good. */
export function States({ id, onTaken, onClose }: Props) {
  const queries = useQueryClient();
  const [fault, setFault] = useState<string>();
  const key = ["states", id];
  const found = useQuery({
    queryKey: key,
    queryFn: () => settled<Schemas["StatesOut"]>(client.GET("/api/blocks/{block_id}/states", { params: { path: { block_id: id } } })),
  });
  const tell = (reason: unknown) => setFault(reason instanceof Error ? reason.message : String(reason));

  async function open(revision: number) {
    const path = { block_id: id, revision };
    const { document } = await settled<Schemas["StateDocumentOut"]>(
      client.POST("/api/blocks/{block_id}/states/{revision}/open", { params: { path } }),
    );
    const drawn = await settled<Draft>(client.POST("/api/draft", { body: { document, acts: [], mates: "none" } }));
    onTaken(document, drawn);
    onClose();
  }

  async function name(revision: number, title: string) {
    const path = { block_id: id, revision };
    await settled(client.PUT("/api/blocks/{block_id}/states/{revision}", { params: { path }, body: { title } }));
    await queries.invalidateQueries({ queryKey: key });
  }

  return (
    <Modal show onHide={onClose} scrollable aria-labelledby="states-head">
      <Modal.Header closeButton>
        <Modal.Title id="states-head">Earlier states</Modal.Title>
      </Modal.Header>
      <Modal.Body className="stack">
        {fault && <Said text={fault} onClose={() => setFault(undefined)} />}
        {found.error && <Said text={found.error.message} />}
        <p className="quiet-text">{found.data?.rule}</p>
        <ul className="states">
          {found.data?.states.map((one) => (
            <li key={one.revision}>
              <time dateTime={one.saved}>{new Date(`${one.saved}Z`).toLocaleString()}</time>
              <input
                defaultValue={one.title} maxLength={120} placeholder="Name it to keep it" aria-label={`Name of state ${String(one.revision)}`}
                onBlur={(event) => {
                  if (event.target.value !== one.title) name(one.revision, event.target.value).catch(tell);
                }}
              />
              <Button size="sm" variant="outline-primary" aria-label={`Open state ${String(one.revision)}`} onClick={() => void open(one.revision).catch(tell)}>
                Open
              </Button>
            </li>
          ))}
        </ul>
      </Modal.Body>
    </Modal>
  );
}
