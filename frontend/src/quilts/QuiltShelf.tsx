import "./quilts.scss";

import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Button, Spinner } from "react-bootstrap";
import { Link, useNavigate } from "react-router";

import { type Block, client, type Document, type Schemas, settled, words } from "../api/client";
import { useChange } from "../api/useChange";
import { Brand } from "../common/Brand";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { NewQuilt } from "./NewQuilt";
import { QuiltPicture } from "./QuiltPicture";

type Shelf = Schemas["QuiltShelfOut"];
type Card = Shelf["quilts"][number];
const QUILTS = ["quilts"];

/** The shelf of quilts. */
export function QuiltShelf() {
  const go = useNavigate();
  const file = useRef<HTMLInputElement>(null);
  const [starting, setStarting] = useState(false);
  const [gone, setGone] = useState<Card>();
  const found = useQuery({ queryKey: QUILTS, queryFn: () => settled<Shelf>(client.GET("/api/quilts")) });
  const opening = useChange(
    async (chosen: File) => {
      let document: Document;
      try {
        document = JSON.parse(await chosen.text()) as Document;
      } catch {
        throw new Error(`${chosen.name} was not taken: it is not JSON.`);
      }
      return settled<Block>(client.POST("/api/quilts", { body: { document } }));
    },
    { refresh: [QUILTS], onDone: (quilt) => void go(`/quilts/${quilt.id}`) },
  );
  const deleting = useChange(
    (one: Card) => settled(client.DELETE("/api/quilts/{block_id}", { params: { path: { block_id: one.id } } })),
    { refresh: [QUILTS], onDone: (_, one) => setGone(one) },
  );
  const bringingBack = useChange(
    (one: Card) => settled(client.POST("/api/quilts/{block_id}/restore", { params: { path: { block_id: one.id } } })),
    { refresh: [QUILTS], onDone: () => setGone(undefined) },
  );
  useEffect(() => {
    document.title = "Quilts · Yonk";
  }, []);
  const fault = found.error ?? opening.error ?? deleting.error ?? bringingBack.error;
  return (
    <div className="finder-page">
      <header className="top">
        <Brand />
        <h1>Quilts</h1>
        <span className="spring" />
        <Link to="/">Blocks</Link>
        <Button variant="outline-primary" onClick={() => file.current?.click()}>
          Open a quilt file
        </Button>
        <Button variant="primary" onClick={() => setStarting(true)}>
          Start a quilt
        </Button>
        <input
          ref={file}
          type="file"
          accept=".json,application/json"
          hidden
          aria-label="Quilt file"
          onChange={(event) => {
            const [chosen] = event.target.files ?? [];
            event.target.value = "";
            if (chosen) opening.mutate(chosen);
          }}
        />
      </header>
      <main className="quilt-shelf">
        {fault && <Said text={words(fault)} action={{ words: "Try again", onClick: () => void found.refetch() }} />}
        {gone && (
          <Said
            text={`${gone.name} is off the shelf.`}
            action={{ words: "Bring it back", onClick: () => bringingBack.mutate(gone) }}
            onClose={() => setGone(undefined)}
          />
        )}
        {!found.data && !found.error && (
          <p role="status">
            <Spinner size="sm" /> Fetching the quilts …
          </p>
        )}
        {found.data?.total === 0 && <p>No quilt yet. Start one from the blocks of your shelf.</p>}
        <ul>
          {(found.data?.quilts ?? []).map((one) => (
            <li key={one.id}>
              <Link to={`/quilts/${one.id}`}>
                <QuiltPicture picture={one.picture} label={`Picture of ${one.name}`} />
                <b>{one.name}</b>
                <small>
                  <Fr>{one.finished}</Fr>, {one.blocks} {one.blocks === 1 ? "block" : "blocks"}
                  {one.owner && `, ${one.owner}’s`}
                </small>
              </Link>
              <button
                type="button"
                className="quiet"
                aria-label={`Delete ${one.name}`}
                onClick={() => deleting.mutate(one)}
              >
                Delete
              </button>
            </li>
          ))}
        </ul>
      </main>
      {starting && <NewQuilt onClose={() => setStarting(false)} />}
    </div>
  );
}
