import { useState } from "react";
import { Button, Form, Modal } from "react-bootstrap";
import { useNavigate } from "react-router";

import { type Block, client, faultsOf, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { Picture } from "../common/Picture";
import { say } from "../language/say";
import { useShelf } from "./useShelf";

/** Starting a quilt: a name, and the blocks that it is made of. */
export function NewQuilt({ onClose }: { onClose: () => void }) {
  const go = useNavigate();
  const [name, setName] = useState("");
  const [search, setSearch] = useState("");
  const [chosen, setChosen] = useState<string[]>([]);
  const shelf = useShelf(search);
  const beginning = useChange(
    () =>
      settled<Block>(
        client.POST("/api/quilts", { body: { name: name.trim() || say("quilts-new-quilt"), blocks: chosen } }),
      ),
    { refresh: [["quilts"]], onDone: (quilt) => void go(`/quilts/${quilt.id}`) },
  );
  const faults = beginning.error ? faultsOf(beginning.error) : [];
  return (
    <Modal show onHide={onClose} aria-labelledby="new-quilt">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          beginning.mutate();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="new-quilt">{say("quilts-a-new-quilt")}</Modal.Title>
        </Modal.Header>
        <Modal.Body className="stack">
          {faults.length > 0 && <Said text={faults.map((one) => `${one.where} ${one.message}`).join("\n")} />}
          <Form.Group controlId="quilt-name">
            <Form.Label>{say("common-name")}</Form.Label>
            <Form.Control value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
          </Form.Group>
          <fieldset className="choose-blocks">
            <legend>{say("quilts-its-blocks")}</legend>
            <Form.Control
              aria-label={say("quilts-search-blocks")}
              placeholder={say("quilts-search")}
              value={search}
              onChange={(event) => setSearch(event.target.value)}
            />
            <div>
              {shelf.map((one) => (
                <Form.Check
                  key={one.id}
                  id={`of-${one.id}`}
                  label={
                    <>
                      <span aria-hidden="true">
                        <Picture
                          name=""
                          width={one.width}
                          height={one.height}
                          faces={one.picture}
                          cloths={one.cloths}
                        />
                      </span>
                      {one.name}{" "}
                      <small>
                        <Fr>{one.finished}</Fr>
                      </small>
                    </>
                  }
                  checked={chosen.includes(one.id)}
                  onChange={(event) =>
                    setChosen(event.target.checked ? [...chosen, one.id] : chosen.filter((id) => id !== one.id))
                  }
                />
              ))}
            </div>
          </fieldset>
        </Modal.Body>
        <Modal.Footer>
          <Button type="submit" disabled={beginning.isPending}>
            {say("quilts-set-them")}
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
