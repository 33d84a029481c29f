import { Form } from "react-bootstrap";

import { say } from "../language/say";
import type { Kinds } from "./FinderPage";

export interface Picked {
  kind: Kinds[number]["kind"];
  method: Kinds[number]["methods"][number]["name"];
}

/** Which unit, and how it is made. */
export function KindAndMethod({
  kinds,
  picked,
  onPick,
}: {
  kinds: Kinds;
  picked: Picked;
  onPick: (picked: Picked) => void;
}) {
  const kind = kinds.find((one) => one.kind === picked.kind);
  return (
    <>
      <Form.Group controlId="field-kind">
        <Form.Label>{say("finder-unit")}</Form.Label>
        <Form.Select
          value={picked.kind}
          onChange={(event) => {
            const next = kinds.find((one) => one.kind === event.target.value);
            if (next?.methods[0]) onPick({ kind: next.kind, method: next.methods[0].name });
          }}
        >
          {kinds.map((one) => (
            <option key={one.kind} value={one.kind}>
              {one.words}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <Form.Group controlId="field-method">
        <Form.Label>{say("finder-made")}</Form.Label>
        <Form.Select
          value={picked.method}
          onChange={(event) => {
            const next = kind?.methods.find((one) => one.name === event.target.value);
            if (next) onPick({ ...picked, method: next.name });
          }}
        >
          {kind?.methods.map((one) => (
            <option key={one.name} value={one.name}>
              {one.words}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
    </>
  );
}
