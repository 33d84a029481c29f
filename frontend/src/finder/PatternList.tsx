import { useState } from "react";
import { Button, Form } from "react-bootstrap";
import { useNavigate } from "react-router";

import { type Block, client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { DraftPicture } from "../block/DraftPicture";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import { UnitPicture } from "../recipes/UnitPicture";
import { Faulty, Field } from "./Field";
import type { Settings } from "./FinderPage";
import { SAMPLE } from "./sample";
import { useAnswer } from "./useAnswer";

type Pattern = Schemas["PatternOut"];

/** A pattern's list of pieces: each number checked, what they make, and the block that they fill. */
export function PatternList({ settings }: { settings: Settings }) {
  const go = useNavigate();
  const [list, setList] = useState("");
  const [wanted, setWanted] = useState("");
  const typed = list.trim() !== "";
  const name = say("finder-name-from-a-list");
  const { answer, faults, faultAt, elsewhere, waiting } = useAnswer(
    "pattern",
    { list, settings, wanted, name },
    (body) => settled<Pattern>(client.POST("/api/pattern", { body })),
    (asked) => asked.list.trim() !== "",
  );
  const beginning = useChange(
    (document: Schemas["PatternOut"]["draft"]) => settled<Block>(client.POST("/api/blocks", { body: { document } })),
    { refresh: [["shelf"]], onDone: (block) => void go(`/blocks/${block.id}/draft`) },
  );
  return (
    <section aria-label={say("finder-a-patterns-list")} aria-busy={waiting && typed} className="pattern-list">
      <div className="pattern-typed">
        <Form.Group controlId="pattern-pieces">
          <Form.Label>{say("finder-pieces-of-the-pattern")}</Form.Label>
          <Form.Control
            as="textarea"
            rows={9}
            value={list}
            placeholder={say("finder-pattern-example", { unit: settings.unit })}
            aria-describedby="pattern-help"
            onChange={(event) => setList(event.target.value)}
          />
          <Form.Text id="pattern-help">{say("finder-pattern-help")}</Form.Text>
        </Form.Group>
        <Field
          label={say("finder-finished-width-it-tells")}
          value={wanted}
          onChange={setWanted}
          fault={faultAt("wanted")}
          width="12rem"
        />
      </div>
      {typed && <Faulty faults={faults} elsewhere={elsewhere} fields={["wanted"]} />}
      {typed && answer && (
        <div className="pattern-answer" aria-live="polite">
          <p className={answer.right ? "pattern-said" : "pattern-said wrong"}>
            <Fr>{answer.said}</Fr>
          </p>
          <table className="answers">
            <caption>{say("finder-each-line-by-itself")}</caption>
            <thead>
              <tr>
                <th scope="col">{say("finder-as-it-is-read")}</th>
                <th scope="col">{say("finder-what-is-to-say")}</th>
              </tr>
            </thead>
            <tbody>
              {answer.lines.map((one) => (
                <tr key={one.line} className={one.word === "right" ? "" : "wrong"}>
                  <th scope="row">
                    <Fr>{one.read}</Fr>
                  </th>
                  <td>
                    <span aria-hidden="true">{one.word === "right" ? "✓ " : "→ "}</span>
                    <Fr>{one.said}</Fr>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <h2>{say("finder-what-they-make")}</h2>
          <ul className="pattern-made">
            {answer.made.map((one, index) => (
              <li key={index}>
                {one.picture.length > 0 ? (
                  <UnitPicture parts={one.picture} width={one.width} height={one.height} fabrics={SAMPLE} size={48} />
                ) : (
                  <span className="plain-patch" aria-hidden="true" />
                )}
                <span>
                  <Fr>{one.words}</Fr>
                  {one.said && (
                    <b>
                      <Fr>{one.said}</Fr>
                    </b>
                  )}
                </span>
              </li>
            ))}
          </ul>
          {answer.draft && (
            <div className="pattern-draft">
              <DraftPicture document={answer.draft} label={say("finder-one-way-to-lay-them")} />
              <div>
                <p>{say("finder-one-way-to-lay-them")}</p>
                <Button onClick={() => beginning.mutate(answer.draft)} disabled={beginning.isPending}>
                  {say("finder-draft-this-block")}
                </Button>
                {beginning.error && <p role="alert">{beginning.error.message}</p>}
              </div>
            </div>
          )}
        </div>
      )}
    </section>
  );
}
