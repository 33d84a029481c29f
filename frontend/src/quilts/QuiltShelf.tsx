import "./quilts.scss";

import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { Button, Spinner } from "react-bootstrap";
import { Link, useNavigate } from "react-router";

import { type Block, client, type Document, type Schemas, settled, words } from "../api/client";
import { useChange } from "../api/useChange";
import { Brand } from "../common/Brand";
import { House } from "../common/House";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { say } from "../language/say";
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
        throw new Error(say("quilts-was-not-taken-it-is", { name: chosen.name }));
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
    document.title = say("quilts-quilts-yonk");
  }, []);
  const fault = found.error ?? opening.error ?? deleting.error ?? bringingBack.error;
  return (
    <div className="finder-page">
      <header className="top">
        <Brand />
        <House row />
        <h1 className="visually-hidden">{say("common-quilts")}</h1>
        <span className="spring" />
        <Button variant="outline-primary" onClick={() => file.current?.click()}>
          {say("quilts-open-a-quilt-file")}
        </Button>
        <Button variant="primary" onClick={() => setStarting(true)}>
          {say("quilts-start-a-quilt")}
        </Button>
        <input
          ref={file}
          type="file"
          accept=".json,application/json"
          hidden
          aria-label={say("quilts-quilt-file")}
          onChange={(event) => {
            const [chosen] = event.target.files ?? [];
            event.target.value = "";
            if (chosen) opening.mutate(chosen);
          }}
        />
      </header>
      <main className="quilt-shelf">
        {fault && (
          <Said
            text={words(fault)}
            action={{ words: say("common-button-try-again"), onClick: () => void found.refetch() }}
          />
        )}
        {gone && (
          <Said
            text={say("common-is-off-the-shelf", { name: gone.name })}
            action={{ words: say("common-bring-it-back"), onClick: () => bringingBack.mutate(gone) }}
            onClose={() => setGone(undefined)}
          />
        )}
        {!found.data && !found.error && (
          <p role="status">
            <Spinner size="sm" /> {say("quilts-fetching-the-quilts")}
          </p>
        )}
        {found.data?.total === 0 && <p>{say("quilts-no-quilt-yet-start-one")}</p>}
        <ul>
          {(found.data?.quilts ?? []).map((one) => (
            <li key={one.id}>
              <Link to={`/quilts/${one.id}`}>
                <QuiltPicture picture={one.picture} label={say("common-picture-of", { name: one.name })} />
                <b>{one.name}</b>
                <small>
                  <Fr>{one.finished}</Fr>, {say("common-count-of-blocks", { blocks: one.blocks })}
                  {one.owner && `, ${one.owner}’s`}
                </small>
              </Link>
              <button
                type="button"
                className="quiet"
                aria-label={say("common-delete", { name: one.name })}
                onClick={() => deleting.mutate(one)}
              >
                {say("common-delete-it")}
              </button>
            </li>
          ))}
        </ul>
      </main>
      {starting && <NewQuilt onClose={() => setStarting(false)} />}
    </div>
  );
}
