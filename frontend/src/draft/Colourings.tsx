import { Modal } from "react-bootstrap";

import type { Act, Draft } from "../api/client";
import { Picture } from "../common/Picture";
import { Typed } from "../common/Typed";
import { say } from "../language/say";

type Colouring = Draft["colourings"][number];

/** The same draft in several sets of fabrics, side by side, each with its own count of blocks. */
export function Colourings({ view, onClose, act }: { view: Draft; onClose: () => void; act: (acts: Act[]) => void }) {
  // only what is changed is sent: what is shown may be older than what was asked for a moment ago
  const put = ({ number }: Colouring, change: Partial<Omit<Colouring, "blocks">> & { blocks?: string }) => {
    act([{ do: "colouring", number, ...change }]);
  };
  const used = view.fabrics.filter((fabric) => fabric.patches > 0);
  return (
    <Modal show onHide={onClose} size="xl" scrollable aria-labelledby="colourings-head">
      <Modal.Header closeButton>
        <Modal.Title id="colourings-head">{say("draft-colourings-of", { name: view.sheet.name })}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p className="quiet-text">{say("draft-the-same-draft-in-other")}</p>
        <div className="colourings">
          {view.colourings.map((one) => (
            <article key={one.number ?? "drafted"} aria-label={one.name}>
              <Picture
                name={one.name}
                width={view.sheet.width}
                height={view.sheet.height}
                faces={one.picture}
                cloths={one.cloths}
              />
              {one.number === null ? (
                <>
                  <h3>{one.name}</h3>
                  <Typed
                    label={say("draft-blocks")}
                    spoken={say("draft-blocks-as-drafted")}
                    value={String(one.blocks)}
                    width="3rem"
                    onKeep={(text) => act([{ do: "making", blocks: text }])}
                  />
                </>
              ) : (
                <>
                  <Typed
                    label={say("draft-name-of-the-colouring")}
                    showLabel={false}
                    value={one.name}
                    width="100%"
                    onKeep={(name) => put(one, { name })}
                  />
                  <Typed
                    label={say("draft-blocks")}
                    spoken={say("draft-blocks-of", { name: one.name })}
                    value={String(one.blocks)}
                    width="3rem"
                    onKeep={(text) => put(one, { blocks: text })}
                  />
                  <label>
                    <input
                      type="checkbox"
                      checked={one.mirrored}
                      onChange={() => put(one, { mirrored: !one.mirrored })}
                    />{" "}
                    {say("draft-mirror-image")}
                  </label>
                  {used.map((fabric) => (
                    <label key={fabric.key} className="instead">
                      <span>{say("draft-fabric-becomes", { name: fabric.name })}</span>
                      <select
                        aria-label={say("draft-fabric-in-colouring", { fabric: fabric.name, colouring: one.name })}
                        value={one.fabrics[fabric.key] ?? fabric.key}
                        onChange={(event) => put(one, { fabrics: { [fabric.key]: event.target.value } })}
                      >
                        {view.fabrics.map((other) => (
                          <option key={other.key} value={other.key}>
                            {other.name}
                          </option>
                        ))}
                      </select>
                    </label>
                  ))}
                  <button
                    type="button"
                    className="quiet"
                    onClick={() => act([{ do: "drop-colouring", number: one.number ?? 0 }])}
                  >
                    {say("draft-take-it-away")}
                  </button>
                </>
              )}
            </article>
          ))}
          <button type="button" className="add-colouring" onClick={() => act([{ do: "colouring" }])}>
            {say("draft-colouring")}
          </button>
        </div>
      </Modal.Body>
    </Modal>
  );
}
