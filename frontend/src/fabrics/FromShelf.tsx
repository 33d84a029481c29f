import "./fabrics.scss";

import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Form, Modal } from "react-bootstrap";
import { Link } from "react-router";

import { client, settled } from "../api/client";
import { Swatch } from "../common/Cloth";
import { useColours } from "../common/ColourField";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { ValueOptions } from "../common/ValueOptions";
import { say } from "../language/say";
import { drawn, markOf, type ShelfFabric } from "./shelfFabric";

interface Props {
  /** Those of the shelf that are there already. */
  there: string[];
  onTake: (fabrics: ShelfFabric[]) => void;
  onClose: () => void;
}

/** Fabrics taken from the shelf by how they look: found by name, by value, or those first that are like a colour. */
export function FromShelf({ there, onTake, onClose }: Props) {
  const [name, setName] = useState("");
  const [value, setValue] = useState("");
  const [pile, setPile] = useState("");
  const [like, setLike] = useState("");
  const dyes = useColours("#ffffff").data?.dyes ?? [];
  const shelf = useQuery({
    queryKey: ["fabrics", "like", like],
    queryFn: () => settled<ShelfFabric[]>(client.GET("/api/fabrics", { params: { query: { like } } })),
    placeholderData: keepPreviousData,
  });
  const piles = [...new Set((shelf.data ?? []).flatMap((one) => one.piles))].sort((a, b) => a.localeCompare(b));
  const found = (shelf.data ?? []).filter(
    (one) =>
      one.name.toLowerCase().includes(name.trim().toLowerCase()) &&
      (value === "" || one.value === value) &&
      (pile === "" || one.piles.includes(pile)),
  );
  const further = found.filter((one) => !there.includes(one.id));
  return (
    <Modal show onHide={onClose} size="lg" aria-labelledby="from-shelf">
      <Modal.Header closeButton>
        <Modal.Title id="from-shelf">{say("fabrics-taken-by-looks")}</Modal.Title>
      </Modal.Header>
      <Modal.Body className="stack">
        <div className="side-by-side end">
          <Form.Group controlId="from-shelf-name">
            <Form.Label>{say("common-name")}</Form.Label>
            {/* eslint-disable-next-line jsx-a11y/no-autofocus -- the dialog opens to be typed into */}
            <Form.Control value={name} onChange={(event) => setName(event.target.value)} autoFocus />
          </Form.Group>
          <Form.Group controlId="from-shelf-value">
            <Form.Label>{say("common-value")}</Form.Label>
            <Form.Select value={value} onChange={(event) => setValue(event.target.value)}>
              <option value="">{say("fabrics-any-value")}</option>
              <ValueOptions />
            </Form.Select>
          </Form.Group>
          {piles.length > 0 && (
            <Form.Group controlId="from-shelf-pile">
              <Form.Label>{say("fabrics-pile")}</Form.Label>
              <Form.Select value={pile} onChange={(event) => setPile(event.target.value)}>
                <option value="">{say("fabrics-any-pile")}</option>
                {piles.map((one) => (
                  <option key={one} value={one}>
                    {one}
                  </option>
                ))}
              </Form.Select>
            </Form.Group>
          )}
        </div>
        <div className="colour-field">
          <div className="dyes" role="group" aria-label={say("fabrics-like-this-colour")}>
            <span className="quiet-text">{say("fabrics-like-this-colour")}</span>
            {dyes.map((dye) => (
              <button
                key={dye.colour}
                type="button"
                style={{ background: dye.colour }}
                aria-label={dye.name}
                title={dye.name}
                aria-pressed={like === dye.colour}
                onClick={() => setLike(like === dye.colour ? "" : dye.colour)}
              />
            ))}
          </div>
        </div>
        {shelf.error && <Said text={shelf.error.message} />}
        {shelf.data?.length === 0 && (
          <p>
            {say("fabrics-the-fabric-shelf-is-empty")} <Link to="/fabrics">{say("common-fabric-shelf")}</Link>
          </p>
        )}
        {shelf.data && shelf.data.length > 0 && found.length === 0 && <p>{say("fabrics-none-is-so")}</p>}
        <ul className="from-shelf">
          {found.map((fabric) => (
            <li key={fabric.id}>
              <button type="button" onClick={() => onTake([fabric])}>
                <Swatch fabric={drawn(fabric)} index={markOf(fabric.name)} size={72} />
                <b>{fabric.name}</b>
                <small>{there.includes(fabric.id) ? say("fabrics-is-in-it") : fabric.value}</small>
                <small>
                  <Fr>{fabric.pieces.map((piece) => piece.words).join(", ")}</Fr>
                </small>
              </button>
            </li>
          ))}
        </ul>
        {pile !== "" && further.length > 0 && (
          <Button variant="outline-primary" onClick={() => onTake(further)}>
            {say("fabrics-take-the-pile", { count: further.length })}
          </Button>
        )}
      </Modal.Body>
    </Modal>
  );
}
