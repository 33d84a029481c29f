import { Form } from "react-bootstrap";

interface Props {
  label: string;
  value: string;
  onChange: (value: string) => void;
  fault?: string | undefined;
  width?: string;
}

/** A field of a question, with what is wrong in it said below. */
export function Field({ label, value, onChange, fault, width = "6rem" }: Props) {
  const id = `field-${label.replaceAll(/\W+/g, "-")}`;
  return (
    <Form.Group controlId={id} style={{ width }} className="field">
      <Form.Label>{label}</Form.Label>
      <Form.Control
        value={value}
        autoComplete="off"
        isInvalid={Boolean(fault)}
        onChange={(event) => onChange(event.target.value)}
      />
      <Form.Control.Feedback type="invalid">{fault}</Form.Control.Feedback>
    </Form.Group>
  );
}

/** What is wrong that belongs to none of the fields in sight. */
export function Faulty({
  faults,
  elsewhere,
  fields,
}: {
  faults: { place: string; where: string; message: string }[];
  elsewhere: string | undefined;
  fields: string[];
}) {
  const rest = faults
    .filter((fault) => !fields.includes(fault.place))
    .map((fault) => `${fault.where} ${fault.message}`);
  const said = [...rest, ...(elsewhere ? [elsewhere] : [])];
  return said.length ? (
    <p role="alert" className="said">
      {said.join("\n")}
    </p>
  ) : null;
}
