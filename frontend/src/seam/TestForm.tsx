import { useState } from "react";
import { Button, Form } from "react-bootstrap";

import { client, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { say } from "../language/say";

type Log = Schemas["SeamLogOut"];

const SIZES = [
  ["aimed", say("seam-seam-aimed-at")],
  ["cut", say("seam-strips-cut")],
  ["middle", say("seam-middle-one-measures")],
] as const;
const OUTER = [
  ["left", say("seam-the-left-one-to-its")],
  ["right", say("seam-the-right-one-to-its")],
] as const;
const SETUP = [
  ["machine", say("seam-machine")],
  ["foot", say("seam-foot")],
  ["needle", say("seam-needle-position")],
  ["stitch", say("seam-stitch-length")],
  ["thread", say("seam-thread")],
  ["cloth", say("common-cloth")],
  ["starch", say("seam-starch")],
  ["pressed", say("seam-pressed")],
] as const;

interface Props {
  log: Log;
  onKept: (log: Log) => void;
}

/** The next test strip, and what it measured; it begins with what the last one was sewn with. */
export function TestForm({ log, onKept }: Props) {
  const { next } = log;
  const [form, setForm] = useState({
    unit: next.unit,
    aimed: next.aimed,
    cut: next.cut,
    middle: "",
    left: "",
    right: "",
    note: "",
  });
  const [setup, setSetup] = useState(next.setup);
  const keeping = useChange(
    () => settled<Log>(client.POST("/api/seam-log/tests", { body: { ...form, setup, sewn: null } })),
    { refresh: [["seam-log"], ["measuring"], ["recipes"]], onDone: onKept },
  );
  const faults = keeping.error ? faultsOf(keeping.error) : [];
  const said = (name: string) => faults.find((one) => one.place === name)?.message;
  const elsewhere = faults.filter((one) => !(one.place in form));
  const field = ([name, label]: (typeof SIZES | typeof OUTER)[number]) => (
    <Form.Group key={name} controlId={`test-${name}`}>
      <Form.Label>{label}</Form.Label>
      <Form.Control
        value={form[name]}
        autoComplete="off"
        isInvalid={Boolean(said(name))}
        onChange={(event) => setForm({ ...form, [name]: event.target.value })}
      />
      {said(name) && (
        <span className="fault" role="alert">
          {said(name)}
        </span>
      )}
    </Form.Group>
  );
  return (
    <Form
      className="next-test"
      onSubmit={(event) => {
        event.preventDefault();
        keeping.mutate();
      }}
    >
      <h2>{say("seam-the-next-test")}</h2>
      <ol>
        {next.words.map((words) => (
          <li key={words}>
            <Fr>{words}</Fr>
          </li>
        ))}
      </ol>
      <p className="caution">{log.caution}</p>
      {elsewhere.length > 0 && <Said text={elsewhere.map((one) => `${one.where} ${one.message}`).join("\n")} />}
      <div className="sizes">
        {SIZES.map(field)}
        <Form.Group controlId="test-unit">
          <Form.Label>{say("seam-told-in")}</Form.Label>
          <Form.Select
            value={form.unit}
            onChange={(event) => setForm({ ...form, unit: event.target.value === "cm" ? "cm" : "in" })}
          >
            <option value="in">{say("common-inches")}</option>
            <option value="cm">{say("common-cm")}</option>
          </Form.Select>
        </Form.Group>
      </div>
      <details open={Boolean(said("left") ?? said("right"))}>
        <summary>{say("seam-measure-all-three-and-how")}</summary>
        <div className="sizes">{OUTER.map(field)}</div>
      </details>
      <details open={!log.tests.length}>
        <summary>{say("seam-sewn-with")}</summary>
        <div className="sizes">
          {SETUP.map(([name, label]) => (
            <Form.Group key={name} controlId={`test-${name}`}>
              <Form.Label>{label}</Form.Label>
              <Form.Control
                value={setup[name]}
                maxLength={120}
                onChange={(event) => setSetup({ ...setup, [name]: event.target.value })}
              />
            </Form.Group>
          ))}
        </div>
        <Form.Group controlId="test-note">
          <Form.Label>{say("common-note")}</Form.Label>
          <Form.Control
            value={form.note}
            maxLength={4000}
            onChange={(event) => setForm({ ...form, note: event.target.value })}
          />
        </Form.Group>
      </details>
      <Button type="submit" disabled={keeping.isPending}>
        {say("seam-note-this-test")}
      </Button>
    </Form>
  );
}
