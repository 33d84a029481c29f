import { useState } from "react";
import { Button } from "react-bootstrap";

import { client, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import { QuiltPicture } from "./QuiltPicture";
import type { Quilt, QuiltAct } from "./useQuilt";

type Way = Schemas["SizeWayOut"];

function taken({ columns, rows, sashing, border, ends, block }: Way): QuiltAct {
  return { do: "take-size", columns, rows, sashing, border, ends, block };
}

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
      <ul className="size-ways">
        {(asking.data ?? []).map((way) => (
          <li key={way.words}>
            <QuiltPicture picture={way.picture} label={say("quilts-picture-of-way", { words: way.words })} />
            <div>
              <b>
                <Fr>{way.size}</Fr>
              </b>
              , <Fr>{way.off}</Fr>
              <p>
                <Fr>{way.words}</Fr>
              </p>
              <p className="quiet-text">
                {way.cloth}: <Fr>{way.fabrics}</Fr>; {say("quilts-pieces-cut", { pieces: way.pieces })}
              </p>
              {way.lost > 0 && <p className="doubt">{say("quilts-places-let-go", { places: way.lost })}</p>}
              <button
                type="button"
                className="quiet"
                aria-label={say("common-take-words", { words: way.words })}
                onClick={() => act([taken(way)])}
              >
                {say("common-take")}
              </button>
            </div>
          </li>
        ))}
      </ul>
    </details>
  );
}
