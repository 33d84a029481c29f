import { useQuery } from "@tanstack/react-query";
import { Button, Modal } from "react-bootstrap";

import { client, type Document, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Said } from "../common/Notices";
import { moment, say } from "../language/say";

interface Props {
  id: string;
  onOpen: (document: Document) => Promise<void>;
  onClose: () => void;
}

/** The saved states of a block or a quilt: open one as its next step, name those to be kept for good. */
export function States({ id, onOpen, onClose }: Props) {
  const key = ["states", id];
  const found = useQuery({
    queryKey: key,
    queryFn: () =>
      settled<Schemas["StatesOut"]>(
        client.GET("/api/blocks/{block_id}/states", { params: { path: { block_id: id } } }),
      ),
  });
  const opening = useChange(
    async (revision: number) => {
      const path = { block_id: id, revision };
      const { document } = await settled<Schemas["StateDocumentOut"]>(
        client.POST("/api/blocks/{block_id}/states/{revision}/open", { params: { path } }),
      );
      await onOpen(document);
    },
    { refresh: [key], onDone: onClose },
  );
  const naming = useChange(
    ({ revision, title }: { revision: number; title: string }) =>
      settled(
        client.PUT("/api/blocks/{block_id}/states/{revision}", {
          params: { path: { block_id: id, revision } },
          body: { title },
        }),
      ),
    { refresh: [key] },
  );
  const fault = (opening.error ?? naming.error)?.message;
  const dismiss = () => {
    opening.reset();
    naming.reset();
  };

  return (
    <Modal show onHide={onClose} scrollable aria-labelledby="states-head">
      <Modal.Header closeButton>
        <Modal.Title id="states-head">{say("common-earlier-states")}</Modal.Title>
      </Modal.Header>
      <Modal.Body className="stack">
        {fault && <Said text={fault} onClose={dismiss} />}
        {found.error && <Said text={found.error.message} />}
        <p className="quiet-text">{found.data?.rule}</p>
        <ul className="states">
          {found.data?.states.map((one) => (
            <li key={one.revision}>
              <time dateTime={one.saved}>{moment(`${one.saved}Z`)}</time>
              <input
                defaultValue={one.title}
                maxLength={120}
                placeholder={say("block-name-it-to-keep-it")}
                aria-label={say("block-name-of-state", { revision: one.revision })}
                onBlur={(event) => {
                  if (event.target.value !== one.title)
                    naming.mutate({ revision: one.revision, title: event.target.value });
                }}
              />
              <Button
                size="sm"
                variant="outline-primary"
                aria-label={say("block-open-state", { revision: one.revision })}
                onClick={() => opening.mutate(one.revision)}
              >
                {say("block-open")}
              </Button>
            </li>
          ))}
        </ul>
      </Modal.Body>
    </Modal>
  );
}
