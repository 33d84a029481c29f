import { askAhead, askedAhead } from "../api/ahead";
import { type Act, type Block, client, type Document, type Draft, type MatesName, settled } from "../api/client";
import { contentKey } from "../api/contentKey";
import { namesOf, type Pieces, piecesOf, together } from "../api/pieces";
import { orKept } from "../offline/kept";
import type { Extras, Server } from "./drafting";

const kept = (id: string) => `block ${id}`;

const fetched = (id: string) =>
  orKept(kept(id), () => settled<Block>(client.GET("/api/blocks/{block_id}", { params: { path: { block_id: id } } })));

/** What is asked to have a document drawn; `last` are the pieces that are here already. */
const question = (document: Document, acts: Act[], mates: MatesName, extras: Extras, last: Pieces) => ({
  document,
  acts,
  mates,
  ...extras,
  known: namesOf(last),
});
const drawn = (body: ReturnType<typeof question>) => settled<Draft>(client.POST("/api/draft", { body }));

/** Asks for drafts, and keeps the pieces that the last one came in, so that only what changed is sent. */
function drawing(): Server["draft"] {
  let last: Pieces = new Map();
  return async (document, acts, mates, extras) => {
    const ask = async () => {
      const here = last;
      const body = question(document, acts, mates, extras, here);
      const answer = await (acts.length > 0 ? drawn(body) : askedAhead(contentKey(body), () => drawn(body)));
      last = piecesOf(answer, here);
      return together(answer, last);
    };
    return acts.length > 0 ? ask() : orKept(`draft ${contentKey(document)}`, ask);
  };
}

/** What the drafting of one block asks of the server. */
export const serverOf = (): Server => ({
  draft: drawing(),
  block: (id) => askedAhead(kept(id), () => fetched(id)),
  save: (id, document, revision, save_key) =>
    settled<Block>(
      client.PUT("/api/blocks/{block_id}", {
        params: { path: { block_id: id } },
        body: { document, revision, save_key },
      }),
    ),
  copy: (document) => settled<Block>(client.POST("/api/blocks", { body: { document } })),
  restore: (id) => settled(client.POST("/api/blocks/{block_id}/restore", { params: { path: { block_id: id } } })),
  newest: (id) => settled(client.GET("/api/newest/{block_id}", { params: { path: { block_id: id } } })),
});

/** Asks for a block and how it is drawn, before its page is there. */
export function askForBlock(id: string): void {
  askAhead(kept(id), () => fetched(id)).then(
    ({ document }) => {
      const body = question(document, [], "none", { stretches: false, outlines: false }, new Map());
      void askAhead(contentKey(body), () => drawn(body));
    },
    () => undefined, // the page asks itself, and is told
  );
}
