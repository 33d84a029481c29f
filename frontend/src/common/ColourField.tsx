import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Form } from "react-bootstrap";

import { client, faultsOf, type Schemas, settled } from "../api/client";
import { say } from "../language/say";

interface Props {
  id: string;
  value: string;
  onChange: (colour: string) => void;
}

/** As it is kept: what is typed so needs nobody to read it. */
const KEPT = /^#[0-9a-f]{6}$/;

/** What the server knows of a colour as typed: how it is kept, darker and lighter, and the row of dyes. */
export const useColours = (of: string) =>
  useQuery({
    queryKey: ["colours", of.trim().toLowerCase()],
    queryFn: () => settled<Schemas["ColoursOut"]>(client.GET("/api/colours", { params: { query: { of } } })),
    staleTime: Infinity,
    placeholderData: keepPreviousData,
    retry: false, // what is no colour does not become one
  });

/** A colour: one of the dyes, darker or lighter, or as typed. */
export function ColourField({ id, value, onChange }: Props) {
  const [text, setText] = useState(value);
  const field = useRef<HTMLInputElement>(null);
  const tell = useRef(onChange);
  const found = useColours(text);
  const row = found.data;
  const asked = found.isPlaceholderData ? undefined : row?.colour;
  const colour = KEPT.test(text) ? text : asked;
  const fault = found.error ? (faultsOf(found.error)[0]?.message ?? found.error.message) : "";
  useEffect(() => {
    tell.current = onChange;
  });
  useEffect(() => {
    // what is not known to be a colour is not kept
    field.current?.setCustomValidity(colour ? "" : fault || say("common-one-moment"));
    if (colour) tell.current(colour);
  }, [colour, fault]);
  const slip = (dye: string, label: string) => (
    <button
      key={label}
      type="button"
      style={{ background: dye }}
      aria-label={label}
      title={label}
      aria-pressed={dye === value.toLowerCase()}
      onClick={() => setText(dye)}
    />
  );
  return (
    <div className="colour-field">
      <Form.Group controlId={id}>
        <Form.Label>{say("common-colour")}</Form.Label>
        <div className="as-typed">
          <span style={{ background: value }} />
          <Form.Control
            ref={field}
            value={text}
            maxLength={40}
            spellCheck={false}
            isInvalid={fault !== ""}
            aria-describedby={fault ? `${id}-fault` : undefined}
            onChange={(event) => setText(event.target.value.toLowerCase())}
          />
        </div>
        {fault && (
          <small id={`${id}-fault`} role="alert" className="fault">
            {fault}
          </small>
        )}
      </Form.Group>
      <div className="dyes" role="group" aria-label={say("common-dyes")}>
        {row?.dyes.map((dye) => slip(dye.colour, dye.name))}
      </div>
      <div className="shades" role="group" aria-label={say("common-shades")}>
        {row?.shades.map((shade, place) => slip(shade, say("common-shade", { place: place + 1 })))}
      </div>
    </div>
  );
}
