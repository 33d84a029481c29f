import { useEffect, useState, useSyncExternalStore } from "react";

import { type Block, client, type Schemas, settled } from "../api/client";
import { contentKey } from "../api/contentKey";
import { orKept } from "../offline/kept";
import { useNewer } from "../block/useNewer";
import { Drafting, type DraftingState, type Server } from "../block/drafting";
import { historyOf } from "../block/history";

export type Quilt = Schemas["QuiltOut"];
export type QuiltAct = NonNullable<Schemas["QuiltActsIn"]["acts"]>[number];
export type QuiltInHand = DraftingState<Quilt, QuiltAct> &
  Pick<
    Drafting<QuiltAct, Quilt>,
    "act" | "take" | "undo" | "redo" | "dismiss" | "takeTheirs" | "keepMineAsCopy" | "bringBack" | "letGo"
  >;

const server: Server<QuiltAct, Quilt> = {
  draft: (document, acts) => {
    const ask = () => settled<Quilt>(client.POST("/api/quilt", { body: { document, acts } }));
    return acts.length > 0 ? ask() : orKept(`quilt ${contentKey(document)}`, ask);
  },
  block: (id) =>
    orKept(`quilt ${id}`, () =>
      settled<Block>(client.GET("/api/quilts/{block_id}", { params: { path: { block_id: id } } })),
    ),
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

/** Work on a quilt, for as long as its page is open. */
export function useQuilt(id: string): QuiltInHand {
  const [drafting] = useState(() => new Drafting<QuiltAct, Quilt>(id, server, historyOf<QuiltAct>()));
  const state = useSyncExternalStore(drafting.subscribe, () => drafting.state);
  useEffect(() => {
    void drafting.enter();
    return drafting.leave;
  }, [drafting]);
  useNewer(drafting);
  const { act, take, undo, redo, dismiss, takeTheirs, keepMineAsCopy, bringBack, letGo } = drafting;
  return { ...state, act, take, undo, redo, dismiss, takeTheirs, keepMineAsCopy, bringBack, letGo };
}
