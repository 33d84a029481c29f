import { useState } from "react";
import { Button } from "react-bootstrap";

import { client, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import type { Quilt, QuiltAct } from "./useQuilt";

type Way = Schemas["SizeWayOut"];

/** A size to reach, as typed; the ways that reach it, of which one is taken. */
export function SizeWanted({ view, act }: { view: Quilt; act: (acts: QuiltAct[]) => void }) {
  const [size, setSize] = useState({ width: "", height: "" });
  const asking = useChange(
    () => settled<Way[]>(client.POST("/api/quilt/sizes", { body: { document: view.document, ...size } })),
    { refresh: [] },
  );
  const faults = asking.error ? faultsOf(asking.error) : [];
  return (
    <details className="size-wanted">
      <summary>{say("quilts-a-size-to-reach")}</summary>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          asking.mutate();
        }}
      >
        {(["width", "height"] as const).map((side) => (
          <label key={side}>
            {side === "width" ? say("quilts-as-wide-as") : say("quilts-as-long-as")}{" "}
            <input
              value={size[side]}
              autoComplete="off"
              aria-invalid={faults.some((one) => one.place === side) || undefined}
              onChange={(event) => setSize({ ...size, [side]: event.target.value })}
            />
          </label>
        ))}
        <Button type="submit" size="sm" variant="outline-primary" disabled={asking.isPending}>
          {say("quilts-how")}
        </Button>
      </form>
      <p className="quiet-text">{say("quilts-the-bed-and-its-drop")}</p>
      {faults.map((one) => (
        <p key={one.place} className="fault" role="alert">
          {one.where} {one.message}
        </p>
      ))}
      <ul>
        {(asking.data ?? []).map((way) => (
          <li key={way.words}>
            <b>
              <Fr>{way.size}</Fr>
            </b>
            , <Fr>{way.off}</Fr>: <Fr>{way.words}</Fr>; {way.cloth}.{" "}
            <button
              type="button"
              className="quiet"
              aria-label={say("common-take-words", { words: way.words })}
              onClick={() =>
                act([
                  {
                    do: "take-size",
                    columns: way.columns,
                    rows: way.rows,
                    sashing: way.sashing,
                    border: way.border,
                  },
                ])
              }
            >
              {say("common-take")}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}
