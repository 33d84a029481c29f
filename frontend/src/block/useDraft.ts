import { useEffect, useState, useSyncExternalStore } from "react";

import { type Block, client, type Draft, settled } from "../api/client";
import { namesOf, type Pieces, piecesOf, together } from "../api/pieces";
import { contentKey } from "../api/contentKey";
import { orKept } from "../offline/kept";
import { useNewer } from "./useNewer";
import { Drafting, type DraftingState, type Extras, type Server } from "./drafting";
import { history } from "./history";

/** How a block's drafting stands, and what can be done. */
export type DraftInHand = DraftingState &
  Pick<
    Drafting,
    "act" | "take" | "undo" | "redo" | "dismiss" | "takeTheirs" | "keepMineAsCopy" | "bringBack" | "letGo"
  >;

const server: Omit<Server, "draft"> = {
  block: (id) =>
    orKept(`block ${id}`, () =>
      settled<Block>(client.GET("/api/blocks/{block_id}", { params: { path: { block_id: id } } })),
    ),
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
};

/** Asks for drafts, and keeps the pieces that the last one came in, so that only what changed is sent. */
function drawing(): Server["draft"] {
  let last: Pieces = new Map();
  return async (document, acts, mates, extras) => {
    const ask = async () => {
      const here = last;
      const body = { document, acts, mates, ...extras, known: namesOf(here) };
      const answer = await settled<Draft>(client.POST("/api/draft", { body }));
      last = piecesOf(answer, here);
      return together(answer, last);
    };
    return acts.length > 0 ? ask() : orKept(`draft ${contentKey(document)}`, ask);
  };
}

/** The drafting of a block, for as long as its page is open. */
export function useDraft(id: string, { stretches, outlines }: Extras): DraftInHand {
  const [drafting] = useState(() => new Drafting(id, { ...server, draft: drawing() }, history));
  const state = useSyncExternalStore(drafting.subscribe, () => drafting.state);
  useEffect(() => {
    void drafting.enter();
    return drafting.leave;
  }, [drafting]);
  useNewer(drafting);
  useEffect(() => {
    drafting.want({ stretches, outlines });
  }, [drafting, stretches, outlines]);
  const { act, take, undo, redo, dismiss, takeTheirs, keepMineAsCopy, bringBack, letGo } = drafting;
  return { ...state, act, take, undo, redo, dismiss, takeTheirs, keepMineAsCopy, bringBack, letGo };
}
