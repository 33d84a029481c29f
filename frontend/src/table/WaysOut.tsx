import { type QueryKey, useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { Button, Spinner } from "react-bootstrap";

import type { Document, Schemas } from "../api/client";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import type { Change } from "./useTable";

type Figures = Schemas["TableFiguresOut"];

/** A way out, of a block or of a quilt. */
export interface Way {
  words: string;
  /** What it costs in time. */
  takes: string;
  document: Document | null;
  changes: Change[];
  after: Figures;
}

export interface Ways<W extends Way> {
  enough: boolean;
  before: Figures;
  ways: W[];
}

interface Props<W extends Way> {
  /** Under which name it is held; with what tells this state of the table from others. */
  queryKey: QueryKey;
  ask: (signal: AbortSignal) => Promise<Ways<W>>;
  /** As it is. */
  now: Document;
  /** What it looks like then, where that is seen. */
  shown: (way: W) => Document | null;
  picture: (document: Document, label: string) => ReactNode;
  more?: (way: W) => ReactNode;
  onTake: (way: W) => void;
}

/** What can be done where there is not enough: each a whole plan that was tried, before and after side by side. */
export function WaysOut<W extends Way>({ queryKey, ask, now, shown, picture, more, onTake }: Props<W>) {
  const found = useQuery({ queryKey, queryFn: ({ signal }) => ask(signal) });
  if (found.isLoading) {
    return (
      <p role="status">
        <Spinner size="sm" /> {say("table-looking-for-ways")}
      </p>
    );
  }
  if (!found.data || found.data.enough) return null;
  const { before, ways } = found.data;
  return (
    <section className="ways-out" aria-label={say("table-what-can-be-done")}>
      <h2>{say("table-what-can-be-done")}</h2>
      <ol>
        {ways.map((way) => {
          const then = shown(way);
          return (
            <li key={way.words}>
              <h3>
                <Fr>{way.words}</Fr>
              </h3>
              <div className="before-after">
                <figure>
                  {then && picture(now, say("table-before"))}
                  <figcaption>
                    {say("table-figures", { blocks: before.blocks, pieces: before.to_cut })}
                    <b>{say("table-no-cloth-for", { count: before.missing })}</b>
                  </figcaption>
                </figure>
                <span aria-hidden="true">→</span>
                <figure>
                  {then && picture(then, say("table-after"))}
                  <figcaption>
                    {say("table-figures", { blocks: way.after.blocks, pieces: way.after.to_cut })} {way.takes}
                  </figcaption>
                </figure>
              </div>
              {more?.(way)}
              <Button size="sm" variant="primary" onClick={() => onTake(way)}>
                {say("table-do-so")}
              </Button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

/** Takes a way: the table is told of what changes there, the drawing of what changes in it; either is one step. */
export function takeWay(
  way: Way,
  tell: (happened: { words: string; changes: Change[] }) => void,
  draw: (document: Document) => void,
): void {
  if (way.changes.length > 0) tell({ words: way.words, changes: way.changes });
  if (way.document) draw(way.document);
}
