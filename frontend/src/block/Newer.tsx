import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { Button, Modal } from "react-bootstrap";

import { type Block, type Document } from "../api/client";
import { Said } from "../common/Notices";
import { rich, say } from "../language/say";
import type { DraftingState } from "./drafting";

interface Props {
  id: string;
  drafting: DraftingState<{ document: Document }, unknown> & {
    takeTheirs: () => Promise<void>;
    keepMineAsCopy: () => Promise<string>;
  };
  /** What is kept now. */
  fetch: (id: string) => Promise<Block>;
  picture: (document: Document, label: string) => ReactNode;
  onCopied: (id: string) => void;
}

/** That what is open here was saved elsewhere meanwhile: said at once, theirs beside mine. */
export function Newer({ id, drafting, fetch, picture, onCopied }: Props) {
  const [open, setOpen] = useState(false);
  const [seen, setSeen] = useState(0);
  const { newer, view } = drafting;
  const conflict = drafting.saving.state === "conflict";
  if (!newer || conflict || !view || newer.revision === seen) return null;
  const by = newer.by || say("block-another-window");
  return (
    <>
      <Said
        text={say("block-saved-this-meanwhile", { by })}
        action={{ words: say("block-look-at-both"), onClick: () => setOpen(true) }}
        onClose={() => setSeen(newer.revision)}
      />
      {open && (
        <Both
          id={id}
          by={by}
          revision={newer.revision}
          mine={view.document}
          fetch={fetch}
          picture={picture}
          onTheirs={() => {
            setOpen(false);
            void drafting.takeTheirs();
          }}
          onMine={() => void drafting.keepMineAsCopy().then(onCopied)}
          onClose={() => setOpen(false)}
        />
      )}
    </>
  );
}

interface BothProps {
  id: string;
  by: string;
  revision: number;
  mine: Document;
  fetch: (id: string) => Promise<Block>;
  picture: (document: Document, label: string) => ReactNode;
  onTheirs: () => void;
  onMine: () => void;
  onClose: () => void;
}

function Both({ id, by, revision, mine, fetch, picture, onTheirs, onMine, onClose }: BothProps) {
  const theirs = useQuery({ queryKey: ["theirs", id, revision], queryFn: () => fetch(id) });
  return (
    <Modal show size="lg" onHide={onClose} aria-labelledby="both-head">
      <Modal.Header closeButton>
        <Modal.Title id="both-head">{say("block-theirs-and-mine")}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        {theirs.error && <p role="alert">{theirs.error.message}</p>}
        <div className="both">
          <figure>
            <figcaption>{rich("block-state", { by, name: theirs.data?.name, revision })}</figcaption>
            {theirs.data && picture(theirs.data.document, say("block-theirs"))}
          </figure>
          <figure>
            <figcaption>{say("block-mine-as-it-is-here")}</figcaption>
            {picture(mine, say("block-mine"))}
          </figure>
        </div>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-primary" onClick={onMine}>
          {say("block-keep-mine-as-a-copy")}
        </Button>
        <Button onClick={onTheirs}>{say("block-take-theirs")}</Button>
      </Modal.Footer>
    </Modal>
  );
}
