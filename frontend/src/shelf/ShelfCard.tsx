import { useState } from "react";
import { Link } from "react-router";

import { type Block, client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { Picture } from "../common/Picture";
import { rich, say } from "../language/say";

export type ShelfBlock = Schemas["ShelfBlockOut"];

const SHELF = [["shelf"], ["labels"]];

interface Props {
  block: ShelfBlock;
  known: string[];
  onDelete: () => void;
}

/** A block on the shelf: its picture, its labels and note, what can be done with it. */
export function ShelfCard({ block, known, onDelete }: Props) {
  const [open, setOpen] = useState(false);
  const copying = useChange(
    () =>
      settled<Block>(
        client.POST("/api/blocks/{block_id}/copy", { params: { path: { block_id: block.id } }, body: {} as never }),
      ),
    { refresh: SHELF },
  );
  return (
    <li>
      <Link to={`/blocks/${block.id}/draft`} className="shelf-block">
        <Picture
          name={block.name}
          width={block.width}
          height={block.height}
          faces={block.picture}
          cloths={block.cloths}
        />
        <span className="shelf-name">{block.name}</span>
        <span className="shelf-size">{rich("shelf-finished", { finished: <Fr>{block.finished}</Fr> })}</span>
        <span className="shelf-more">
          {say("shelf-patches", { patches: block.patches })}
          {block.blocks > 1 && ` ${say("shelf-blocks", { blocks: block.blocks })}`}
        </span>
        {block.owner && <span className="shelf-more">{say("common-whose", { owner: block.owner })}</span>}
        {block.labels.length > 0 && <span className="shelf-labels">{block.labels.join(" · ")}</span>}
        {block.note && <span className="shelf-note">{block.note}</span>}
      </Link>
      {copying.error && <Said text={copying.error.message} onClose={copying.reset} />}
      <div className="shelf-acts">
        <button
          type="button"
          className="quiet"
          aria-expanded={open}
          aria-label={say("shelf-label", { name: block.name })}
          onClick={() => setOpen(!open)}
        >
          {say("shelf-label-it")}
        </button>
        <button
          type="button"
          className="quiet"
          disabled={copying.isPending}
          aria-label={say("shelf-duplicate", { name: block.name })}
          onClick={() => copying.mutate(undefined)}
        >
          {say("shelf-duplicate-it")}
        </button>
        <button
          type="button"
          className="quiet"
          aria-label={say("common-delete", { name: block.name })}
          onClick={onDelete}
        >
          {say("common-delete-it")}
        </button>
      </div>
      {open && <About block={block} known={known} onClose={() => setOpen(false)} />}
    </li>
  );
}

/** What she says of a block: labels, one beside the other, and a note. */
function About({ block, known, onClose }: { block: ShelfBlock; known: string[]; onClose: () => void }) {
  const [labels, setLabels] = useState(block.labels.join(", "));
  const [note, setNote] = useState(block.note);
  const keeping = useChange(
    () =>
      settled(
        client.PUT("/api/blocks/{block_id}/about", {
          params: { path: { block_id: block.id } },
          body: { labels: labels.split(","), note },
        }),
      ),
    { refresh: SHELF, onDone: onClose },
  );
  return (
    <form
      className="shelf-about"
      onSubmit={(event) => {
        event.preventDefault();
        keeping.mutate(undefined);
      }}
    >
      <label>
        {say("shelf-labels-a-comma-between-them")}
        <input
          value={labels}
          maxLength={400}
          list="known-labels"
          // eslint-disable-next-line jsx-a11y/no-autofocus -- it was opened to be typed into
          autoFocus
          onChange={(event) => setLabels(event.target.value)}
        />
      </label>
      <datalist id="known-labels">
        {known.map((one) => (
          <option key={one} value={one} />
        ))}
      </datalist>
      <label>
        {say("common-note")}
        <textarea value={note} maxLength={1000} rows={2} onChange={(event) => setNote(event.target.value)} />
      </label>
      {keeping.error && <Said text={keeping.error.message} onClose={keeping.reset} />}
      <button type="submit" className="btn btn-sm btn-primary">
        {say("common-keep")}
      </button>
    </form>
  );
}
