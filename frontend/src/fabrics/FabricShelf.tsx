import "./fabrics.scss";

import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Button, Form, Modal } from "react-bootstrap";

import { client, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Brand } from "../common/Brand";
import { House } from "../common/House";
import { Swatch } from "../common/Cloth";
import { FabricFields } from "../common/FabricFields";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { Share } from "../guild/Share";
import { say } from "../language/say";
import { PictureOfCloth } from "./PictureOfCloth";
import { drawn, markOf, type ShelfFabric } from "./shelfFabric";
import { Shopping } from "./Shopping";

const SHELF = [["fabrics"]];

/** The fabric shelf: what there is, in which pieces; and what to buy for chosen blocks. */
export function FabricShelf() {
  const shelf = useQuery({ queryKey: ["fabrics"], queryFn: () => settled<ShelfFabric[]>(client.GET("/api/fabrics")) });
  const next = useQuery({
    queryKey: ["fabrics", "next"],
    queryFn: () => settled<Schemas["DyeOut"]>(client.GET("/api/fabrics/next")),
  });
  const [editing, setEditing] = useState<ShelfFabric | "new">();
  const [gone, setGone] = useState<ShelfFabric>();
  const lastCurrency = shelf.data?.find((one) => one.price)?.currency ?? "";
  const bringingBack = useChange(
    (one: ShelfFabric) =>
      settled(client.POST("/api/fabrics/{fabric_id}/restore", { params: { path: { fabric_id: one.id } } })),
    { refresh: SHELF, onDone: () => setGone(undefined) },
  );
  useEffect(() => {
    document.title = say("fabrics-fabric-shelf-yonk");
  }, []);
  return (
    <div className="finder-page">
      <header className="top">
        <Brand />
        <House row />
        <h1 className="visually-hidden">{say("common-fabric-shelf")}</h1>
        <span className="spring" />
        <Button variant="primary" onClick={() => setEditing("new")}>
          {say("fabrics-put-a-fabric-on-the")}
        </Button>
      </header>
      <main className="finder">
        {gone && (
          <Said
            text={say("fabrics-was-taken-off-the-shelf", { name: gone.name })}
            action={{
              words: say("common-bring-it-back"),
              onClick: () => bringingBack.mutate(gone),
            }}
            onClose={() => setGone(undefined)}
          />
        )}
        {shelf.error && (
          <Said
            text={shelf.error.message}
            action={{ words: say("common-button-try-again"), onClick: () => void shelf.refetch() }}
          />
        )}
        {shelf.data && !shelf.data.length && <p>{say("fabrics-the-fabric-shelf-is-empty")}</p>}
        <ul className="shelf-fabrics">
          {(shelf.data ?? []).map((fabric) => (
            <li key={fabric.id}>
              <Swatch fabric={drawn(fabric)} index={markOf(fabric.name)} size={52} />
              <div>
                <b>{fabric.name}</b> {fabric.owner && <small>{say("common-whose", { owner: fabric.owner })}</small>}{" "}
                <small>{[fabric.value, fabric.print, fabric.fibre, ...fabric.piles].filter(Boolean).join(", ")}</small>
                <p>
                  {fabric.pieces.length ? (
                    <Fr>{fabric.pieces.map((piece) => piece.words).join(", ")}</Fr>
                  ) : (
                    <i>{say("fabrics-no-pieces-on-hand")}</i>
                  )}
                </p>
                {(fabric.price || fabric.bought_at) && (
                  <p className="quiet-text">
                    {[
                      fabric.price &&
                        say("fabrics-so-much", { price: fabric.price, currency: fabric.currency, unit: fabric.unit }),
                      fabric.bought_at,
                    ]
                      .filter(Boolean)
                      .join(", ")}
                  </p>
                )}
                {fabric.note && <p className="quiet-text">{fabric.note}</p>}
              </div>
              {!fabric.owner && <Share id={fabric.id} name={fabric.name} owner="" right="own" />}
              <button
                type="button"
                className="quiet"
                aria-label={say("common-change", { name: fabric.name })}
                onClick={() => setEditing(fabric)}
              >
                {say("common-change-it")}
              </button>
            </li>
          ))}
        </ul>
        <Shopping />
      </main>
      {editing && (
        <FabricForm
          fabric={editing === "new" ? undefined : editing}
          next={{ colour: "#8a9a8e", value: "medium", ...next.data, currency: lastCurrency }}
          onClose={() => setEditing(undefined)}
          onKept={() => {
            setEditing(undefined);
          }}
          onGone={(fabric) => {
            setEditing(undefined);
            setGone(fabric);
          }}
        />
      )}
    </div>
  );
}

interface FormProps {
  fabric: ShelfFabric | undefined;
  /** What a new one begins as. */
  next: Pick<ShelfFabric, "colour" | "value" | "currency">;
  onClose: () => void;
  onKept: () => void;
  onGone: (fabric: ShelfFabric) => void;
}

function FabricForm({ fabric, next, onClose, onKept, onGone }: FormProps) {
  const [form, setForm] = useState({
    name: fabric?.name ?? "",
    colour: fabric?.colour ?? next.colour,
    value: fabric?.value ?? next.value,
    print: fabric?.print ?? ("solid" as const),
    fibre: fabric?.fibre ?? "cotton",
    note: fabric?.note ?? "",
    piles: fabric?.piles.join(", ") ?? "",
    unit: fabric?.unit ?? ("in" as const),
    price: fabric?.price ?? "",
    currency: fabric?.currency ?? next.currency,
    bought_at: fabric?.bought_at ?? "",
    picture: fabric?.picture ?? null,
  });
  const [photo, setPhoto] = useState<File>();
  const [pieces, setPieces] = useState(
    fabric?.pieces.map(({ width, length, count }) => ({ width, length, count: String(count) })) ?? [],
  );
  const sizes = useQuery({
    queryKey: ["cloth-sizes", form.unit],
    queryFn: () =>
      settled<Schemas["PresetOut"][]>(client.GET("/api/cloth-sizes/{unit}", { params: { path: { unit: form.unit } } })),
  });
  const change = (part: Partial<typeof form>) => setForm({ ...form, ...part });

  const keeping = useChange(
    () => {
      const { picture } = form;
      const body = {
        ...form,
        piles: form.piles.split(","),
        picture: picture && { file: picture.file, width: picture.exact[0], height: picture.exact[1] },
        pieces: pieces.map((piece) => ({ ...piece, count: Number(piece.count) || 0 })),
        revision: fabric?.revision ?? null,
      };
      return settled(
        fabric
          ? client.PUT("/api/fabrics/{fabric_id}", { params: { path: { fabric_id: fabric.id } }, body })
          : client.POST("/api/fabrics", { body }),
      );
    },
    { refresh: SHELF, onDone: onKept },
  );
  const takingAway = useChange(
    (one: ShelfFabric) =>
      settled(client.DELETE("/api/fabrics/{fabric_id}", { params: { path: { fabric_id: one.id } } })),
    { refresh: SHELF, onDone: (_, one) => onGone(one) },
  );
  const wrong = keeping.error ?? takingAway.error;
  const faults = wrong ? faultsOf(wrong) : [];
  const said = (place: string) => faults.find((fault) => fault.place.endsWith(place))?.message;

  return (
    <Modal show onHide={onClose} size="lg" aria-labelledby="shelf-form">
      <Form
        onSubmit={(event) => {
          event.preventDefault();
          keeping.mutate();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id="shelf-form">{fabric ? fabric.name : say("fabrics-a-fabric-for-the-shelf")}</Modal.Title>
        </Modal.Header>
        <Modal.Body className="stack">
          {faults.length > 0 && <Said text={faults.map((fault) => `${fault.where} ${fault.message}`).join("\n")} />}
          <div className="side-by-side">
            <Form.Group controlId="shelf-name">
              <Form.Label>{say("common-name")}</Form.Label>
              <Form.Control
                value={form.name}
                maxLength={120}
                isInvalid={Boolean(said("name"))}
                onChange={(event) => change({ name: event.target.value })}
              />
            </Form.Group>
            <FabricFields id="shelf" form={form} onChange={change} />
            <Form.Group controlId="shelf-fibre">
              <Form.Label>{say("fabrics-fibre")}</Form.Label>
              <Form.Control
                value={form.fibre}
                maxLength={120}
                onChange={(event) => change({ fibre: event.target.value })}
              />
            </Form.Group>
          </div>
          <Form.Group controlId="shelf-piles">
            <Form.Label>{say("fabrics-piles")}</Form.Label>
            <Form.Control
              value={form.piles}
              isInvalid={Boolean(said("piles"))}
              onChange={(event) => change({ piles: event.target.value })}
            />
          </Form.Group>
          <div className="side-by-side">
            <Form.Group controlId="shelf-price">
              <Form.Label>{say("fabrics-price", { unit: form.unit })}</Form.Label>
              <Form.Control
                value={form.price}
                inputMode="decimal"
                maxLength={20}
                isInvalid={Boolean(said("price"))}
                onChange={(event) => change({ price: event.target.value })}
              />
            </Form.Group>
            <Form.Group controlId="shelf-currency">
              <Form.Label>{say("fabrics-currency")}</Form.Label>
              <Form.Control
                value={form.currency}
                maxLength={8}
                onChange={(event) => change({ currency: event.target.value })}
              />
            </Form.Group>
            <Form.Group controlId="shelf-bought-at">
              <Form.Label>{say("fabrics-bought-at")}</Form.Label>
              <Form.Control
                value={form.bought_at}
                maxLength={120}
                onChange={(event) => change({ bought_at: event.target.value })}
              />
            </Form.Group>
          </div>
          <Form.Group controlId="shelf-note">
            <Form.Label>{say("common-note")}</Form.Label>
            <Form.Control
              value={form.note}
              maxLength={2000}
              onChange={(event) => change({ note: event.target.value })}
            />
          </Form.Group>
          <div className="cloth-picture">
            <Swatch fabric={drawn({ ...form, ink: "#000000" })} index={markOf(form.name)} size={96} />
            <div>
              <Form.Group controlId="shelf-photo">
                <Form.Label>{say("fabrics-a-photo-of-it")}</Form.Label>
                <Form.Control
                  type="file"
                  accept="image/jpeg,image/png,image/webp"
                  onChange={(event) => setPhoto((event.target as HTMLInputElement).files?.[0])}
                />
              </Form.Group>
              {form.picture && (
                <button type="button" className="quiet" onClick={() => change({ picture: null })}>
                  {say("fabrics-without-the-picture")}
                </button>
              )}
            </div>
          </div>
          {photo && (
            <PictureOfCloth
              photo={photo}
              unit={form.unit}
              onSeen={({ picture, colour, value }) => {
                change({ picture, colour, value });
                setPhoto(undefined);
              }}
              onClose={() => setPhoto(undefined)}
            />
          )}
          <fieldset className="pieces">
            <legend>{say("fabrics-pieces-on-hand-usable-all")}</legend>
            <Form.Select
              aria-label={say("common-unit-of-length")}
              value={form.unit}
              onChange={(event) => change({ unit: event.target.value === "cm" ? "cm" : "in" })}
            >
              <option value="in">{say("common-inches")}</option>
              <option value="cm">{say("common-cm")}</option>
            </Form.Select>
            {pieces.map((piece, index) => (
              <div key={index}>
                {(["count", "width", "length"] as const).map((side) => (
                  <Form.Control
                    key={side}
                    aria-label={say("fabrics-of-piece", {
                      side: {
                        count: say("common-how-many"),
                        width: say("fabrics-width"),
                        length: say("fabrics-length"),
                      }[side],
                      number: index + 1,
                    })}
                    value={piece[side]}
                    isInvalid={Boolean(said(`pieces.${String(index)}.${side}`))}
                    onChange={(event) =>
                      setPieces(pieces.map((one, at) => (at === index ? { ...one, [side]: event.target.value } : one)))
                    }
                  />
                ))}
                <button
                  type="button"
                  className="quiet"
                  onClick={() => setPieces(pieces.filter((_, at) => at !== index))}
                >
                  {say("common-take-out")}
                </button>
              </div>
            ))}
            <div className="presets">
              {(sizes.data ?? []).map((size) => (
                <button
                  key={size.name}
                  type="button"
                  className="quiet"
                  onClick={() => setPieces([...pieces, { width: size.width, length: size.length, count: "1" }])}
                >
                  + {size.name}
                </button>
              ))}
              <button
                type="button"
                className="quiet"
                onClick={() => setPieces([...pieces, { width: "", length: "", count: "1" }])}
              >
                {say("fabrics-another-size")}
              </button>
            </div>
          </fieldset>
        </Modal.Body>
        <Modal.Footer>
          {fabric && (
            <Button variant="outline-primary" className="me-auto" onClick={() => takingAway.mutate(fabric)}>
              {say("fabrics-take-it-off-the-shelf")}
            </Button>
          )}
          <Button type="submit">{say("common-keep")}</Button>
        </Modal.Footer>
      </Form>
    </Modal>
  );
}
