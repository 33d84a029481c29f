import { useState } from "react";
import { Button } from "react-bootstrap";

import type { Schemas } from "../api/client";
import { Fr } from "../common/Fr";
import { rich, say } from "../language/say";
import type { Change } from "./useTable";

type Cloth = Schemas["CutFabricOut"];
type Row = { width: string; length: string; count: string };

const NAMES = {
  width: say("table-piece-width"),
  length: say("table-piece-length"),
  count: say("table-piece-count"),
};
const NO_ROW: Row = { width: "", length: "", count: "1" };

interface Props {
  fabric: Cloth;
  onTell: (words: string, changes: Change[]) => void;
}

/** What there really is of a fabric: its pieces, and no more; or as much as is bought. */
export function NotAsPlanned({ fabric, onTell }: Props) {
  const [rows, setRows] = useState<Row[]>();
  const begin = () => {
    const known = fabric.cloth.map((one) => ({ width: one.width, length: one.length, count: String(one.count) }));
    setRows(known.length > 0 ? known : [NO_ROW]);
  };
  const tell = () => {
    const told = (rows ?? []).filter((row) => row.width.trim() && row.length.trim() && Number(row.count) > 0);
    onTell(say("table-all-there-is-of", { name: fabric.name }), allThereIs(fabric, told));
    setRows(undefined);
  };
  return (
    <section className="not-as-planned" aria-label={say("table-what-there-is-of", { name: fabric.name })}>
      {fabric.limited && (
        <>
          <p>
            {fabric.cloth.length > 0
              ? rich("table-there-is-only", {
                  pieces: <Fr>{fabric.cloth.map((one) => one.words).join(", ")}</Fr>,
                })
              : say("table-used-up", { name: fabric.name })}{" "}
            <button
              type="button"
              className="quiet"
              onClick={() =>
                onTell(say("table-more-of", { name: fabric.name }), [
                  ...without(fabric, []),
                  { kind: "only", thing: fabric.key, amount: 0, to: true },
                ])
              }
            >
              {say("table-there-is-more")}
            </button>
          </p>
          {fabric.missing.length > 0 ? (
            <p role="alert" className="doubt">
              {rich("table-missing", { cuts: <Fr>{fabric.missing.join(", ")}</Fr> })}
            </p>
          ) : (
            <p>{say("table-it-suffices")}</p>
          )}
        </>
      )}
      {fabric.recut.length > 0 && (
        <div>
          {say("table-recut")}
          <ul>
            {fabric.recut.map((one) => (
              <li key={one.words}>
                <Fr>{one.words}</Fr>{" "}
                <button type="button" className="quiet" onClick={() => onTell(one.words, one.changes)}>
                  {say("table-cut-so")}
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
      {rows ? (
        <fieldset className="cloth-rows">
          <legend>{say("table-usable-pieces-of", { name: fabric.name })}</legend>
          {rows.map((row, index) => (
            <div key={index}>
              {(["width", "length", "count"] as const).map((name) => (
                <label key={name}>
                  <span>{NAMES[name]}</span>
                  <input
                    value={row[name]}
                    inputMode={name === "count" ? "numeric" : "text"}
                    onChange={(event) =>
                      setRows(rows.map((one, at) => (at === index ? { ...one, [name]: event.target.value } : one)))
                    }
                  />
                </label>
              ))}
              <button type="button" className="quiet" onClick={() => setRows(rows.filter((_, at) => at !== index))}>
                {say("table-not-there")}
              </button>
            </div>
          ))}
          <button type="button" className="quiet" onClick={() => setRows([...rows, NO_ROW])}>
            {say("table-another-piece")}
          </button>
          <span className="spring" />
          <Button size="sm" variant="primary" onClick={tell}>
            {say("table-that-is-all")}
          </Button>
          <Button size="sm" variant="outline-primary" onClick={() => setRows(undefined)}>
            {say("common-close")}
          </Button>
        </fieldset>
      ) : (
        <Button size="sm" variant="outline-primary" onClick={begin}>
          {say("table-this-is-all-there-is")}
        </Button>
      )}
    </section>
  );
}

function pieceOf(fabric: string, width: string, height: string): string {
  return JSON.stringify({ fabric, width, height });
}

/** None of the pieces that were told, but for those of some texts. */
function without(fabric: Cloth, kept: string[]): Change[] {
  if (!fabric.limited) return [];
  return fabric.cloth
    .map((one) => pieceOf(fabric.key, one.width, one.length))
    .filter((thing) => !kept.includes(thing))
    .map((thing) => ({ kind: "cloth", thing, amount: 0, to: true }));
}

function allThereIs(fabric: Cloth, rows: Row[]): Change[] {
  const counts = new Map<string, number>();
  for (const { width, length, count } of rows) {
    const thing = pieceOf(fabric.key, width.trim(), length.trim());
    counts.set(thing, (counts.get(thing) ?? 0) + Number(count));
  }
  return [
    { kind: "only", thing: fabric.key, amount: 1, to: true },
    ...without(fabric, [...counts.keys()]),
    ...[...counts].map(([thing, amount]): Change => ({ kind: "cloth", thing, amount, to: true })),
  ];
}
