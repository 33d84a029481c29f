import { askAhead, askedAhead } from "../api/ahead";
import { type Block, client, type Document, type Schemas, settled } from "../api/client";
import { contentKey } from "../api/contentKey";
import type { Server } from "../block/drafting";
import { orKept } from "../offline/kept";

export type Quilt = Schemas["QuiltOut"];
export type QuiltAct = NonNullable<Schemas["QuiltActsIn"]["acts"]>[number];

const kept = (id: string) => `quilt ${id}`;
const drawn = (document: Document) => `quilt ${contentKey(document)}`;

const fetched = (id: string) =>
  orKept(kept(id), () => settled<Block>(client.GET("/api/quilts/{block_id}", { params: { path: { block_id: id } } })));
const worked = (document: Document, acts: QuiltAct[]) =>
  settled<Quilt>(client.POST("/api/quilt", { body: { document, acts } }));
const shown = (document: Document) => orKept(drawn(document), () => worked(document, []));

/** What work on a quilt asks of the server. */
export const server: Server<QuiltAct, Quilt> = {
  draft: (document, acts) =>
    acts.length > 0 ? worked(document, acts) : askedAhead(drawn(document), () => shown(document)),
  block: (id) => askedAhead(kept(id), () => fetched(id)),
  save: (id, document, revision, save_key) =>
    settled<Block>(
      client.PUT("/api/quilts/{block_id}", {
        params: { path: { block_id: id } },
        body: { document, revision, save_key },
      }),
    ),
  copy: (document) => settled<Block>(client.POST("/api/quilts", { body: { document } })),
  restore: (id) => settled(client.POST("/api/quilts/{block_id}/restore", { params: { path: { block_id: id } } })),
  newest: (id) => settled(client.GET("/api/newest/{block_id}", { params: { path: { block_id: id } } })),
};

/** Asks for a quilt and how it is drawn, before its page is there. */
export function askForQuilt(id: string): void {
  const both = settled<Schemas["QuiltSeenOut"]>(
    client.GET("/api/quilts/{block_id}/seen", { params: { path: { block_id: id } } }),
  );
  const block = both.then((one) => one.kept);
  askAhead(kept(id), () => orKept(kept(id), () => block)).then(
    // without a server it is what was seen last
    ({ document }) => askAhead(drawn(document), () => orKept(drawn(document), () => both.then((one) => one.seen))),
    () => undefined, // the page asks itself, and is told
  );
}
