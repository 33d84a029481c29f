import { useEffect, useState, useSyncExternalStore } from "react";

import { type Block, client, type Draft, settled } from "../api/client";
import { Drafting, type DraftingState, type Extras, type Server } from "./drafting";
import { history } from "./history";

/** How a block's drafting stands, and what can be done. */
export type DraftInHand = DraftingState &
  Pick<Drafting, "act" | "take" | "undo" | "redo" | "dismiss" | "takeTheirs" | "keepMineAsCopy" | "bringBack">;

const server: Server = {
  draft: (document, acts, mates, extras) =>
    settled<Draft>(client.POST("/api/draft", { body: { document, acts, mates, ...extras } })),
  block: (id) => settled<Block>(client.GET("/api/blocks/{block_id}", { params: { path: { block_id: id } } })),
  save: (id, document, revision, save_key) =>
    settled<Block>(
      client.PUT("/api/blocks/{block_id}", {
        params: { path: { block_id: id } },
        body: { document, revision, save_key },
      }),
    ),
  copy: (document) => settled<Block>(client.POST("/api/blocks", { body: { document } })),
  restore: (id) => settled(client.POST("/api/blocks/{block_id}/restore", { params: { path: { block_id: id } } })),
};

/** The drafting of a block, for as long as its page is open. */
export function useDraft(id: string, { stretches, outlines }: Extras): DraftInHand {
  const [drafting] = useState(() => new Drafting(id, server, history));
  const state = useSyncExternalStore(drafting.subscribe, () => drafting.state);
  useEffect(() => {
    void drafting.enter();
    return drafting.leave;
  }, [drafting]);
  useEffect(() => {
    drafting.want({ stretches, outlines });
  }, [drafting, stretches, outlines]);
  const { act, take, undo, redo, dismiss, takeTheirs, keepMineAsCopy, bringBack } = drafting;
  return { ...state, act, take, undo, redo, dismiss, takeTheirs, keepMineAsCopy, bringBack };
}
