import { Form } from "react-bootstrap";

import type { Draft } from "../api/client";
import { say } from "../language/say";
import { ColourField } from "./ColourField";
import { ValueOptions } from "./ValueOptions";

type Fabric = Draft["fabrics"][number];
export type Cloth = Pick<Fabric, "colour" | "value" | "print">;

/** Colour, value and print: what every fabric has, in a block and on the shelf. */
export function FabricFields({
  id,
  form,
  onChange,
}: {
  id: string;
  form: Cloth;
  onChange: (part: Partial<Cloth>) => void;
}) {
  return (
    <>
      <ColourField id={`${id}-colour`} value={form.colour} onChange={(colour) => onChange({ colour })} />
      <Form.Group controlId={`${id}-value`}>
        <Form.Label>{say("common-value")}</Form.Label>
        <Form.Select
          value={form.value}
          onChange={(event) => onChange({ value: event.target.value as Fabric["value"] })}
        >
          <ValueOptions />
        </Form.Select>
      </Form.Group>
      <Form.Group controlId={`${id}-print`}>
        <Form.Label>{say("common-print-of-cloth")}</Form.Label>
        <Form.Select
          value={form.print}
          onChange={(event) => onChange({ print: event.target.value as Fabric["print"] })}
        >
          <option value="solid">{say("common-solid")}</option>
          <option value="allover">{say("common-all-over-print")}</option>
          <option value="stripes">{say("common-stripes")}</option>
          <option value="directional">{say("common-directional-print")}</option>
        </Form.Select>
      </Form.Group>
    </>
  );
}
