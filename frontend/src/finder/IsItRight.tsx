import { useState } from "react";

import { client, type Schemas, settled } from "../api/client";
import { useBeginning, useUsual } from "../api/useUsual";
import { Fr } from "../common/Fr";
import { rich, say } from "../language/say";
import { Faulty, Field } from "./Field";
import type { Kinds, Settings } from "./FinderPage";
import { KindPicture } from "./KindPicture";
import { KindAndMethod, type Picked } from "./KindAndMethod";
import { useAnswer } from "./useAnswer";

type Verdict = Schemas["VerdictOut"];

/** Is this number right? A cut that someone tells is sewn, and what comes out is said. */
export function IsItRight({ settings, kinds }: { settings: Settings; kinds: Kinds }) {
  const usual = useUsual();
  const [picked, setPicked] = useState<Picked>({ kind: usual.kind, method: usual.method });
  const [width, setWidth] = useState(useBeginning(settings.unit).finished);
  const [height, setHeight] = useState("");
  const [given, setGiven] = useState<Record<string, string>>({});
  const two = kinds.find((one) => one.kind === picked.kind)?.two_sizes;
  const body = { settings, ...picked, width, ...(two && height.trim() ? { height } : {}), given };
  const { answer, faults, faultAt, elsewhere, waiting } = useAnswer("check", body, (asked) =>
    settled<Verdict>(client.POST("/api/finder/check", { body: asked })),
  );
  return (
    <section aria-label={say("finder-is-this-number-right")} aria-busy={waiting} className="pictured">
      <KindPicture kinds={kinds} kind={picked.kind} />
      <div className="question">
        <KindAndMethod
          kinds={kinds}
          picked={picked}
          onPick={(next) => {
            setPicked(next);
            setGiven({});
          }}
        />
        <Field
          label={two ? say("common-finished-width") : say("finder-finished-size")}
          value={width}
          onChange={setWidth}
          fault={faultAt("width")}
          width="8rem"
        />
        {two && (
          <Field
            label={say("common-finished-height")}
            value={height}
            onChange={setHeight}
            fault={faultAt("height")}
            width="8rem"
          />
        )}
      </div>
      <Faulty
        faults={faults}
        elsewhere={elsewhere}
        fields={["width", "height", ...Object.keys(given).map((key) => `given.${key}`)]}
      />
      <div className="told">
        {(answer?.pieces ?? []).map((piece, index) => (
          <article key={`${piece.role} ${String(index)}`}>
            <Field
              label={say("finder-you-were-told-to-cut", { role: piece.role })}
              value={given[index] ?? ""}
              onChange={(text) => setGiven({ ...given, [index]: text })}
              width="15rem"
            />
            <p>
              {rich("finder-it-is-right", {
                size: (
                  <b className="size">
                    <Fr>{piece.right}</Fr>
                  </b>
                ),
                what: piece.what,
                further: <i>{piece.further}</i>,
              })}
            </p>
            <ol className="working">
              {piece.working.map((line) => (
                <li key={line}>
                  <Fr>{line}</Fr>
                </li>
              ))}
            </ol>
          </article>
        ))}
        {!answer &&
          Object.keys(given).map((key) => (
            <Field
              key={key}
              label={say("finder-you-were-told-to-cut-piece", { number: Number(key) + 1 })}
              value={given[key] ?? ""}
              width="15rem"
              fault={faultAt(`given.${key}`)}
              onChange={(text) => setGiven({ ...given, [key]: text })}
            />
          ))}
      </div>
      {answer && !answer.verdict && <p className="quiet-text">{say("finder-type-the-number-that-you")}</p>}
      {answer?.verdict && (
        <p className={`verdict ${answer.right ? "right" : "wrong"}`} role="status">
          <Fr>{answer.verdict}</Fr>{" "}
          <small>{rich("finder-it-must-measure-unfinished", { unfinished: <Fr>{answer.unfinished}</Fr> })}</small>
        </p>
      )}
    </section>
  );
}
