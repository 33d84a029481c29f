import { clear, createStore, del, get, set } from "idb-keyval";

import type { Act, Document, MatesName } from "../api/client";

/** Acts that were done while the server could not be reached; done on it when it is back. */
export interface Waiting<A = Act> {
  acts: A[];
  mates: MatesName;
}

/** Where a block's drafting stands in this browser: kept over a reload, and while the server is gone. */
export interface Standing<A = Act> {
  revision: number;
  position: number;
  last: number;
  unsaved: boolean;
  waiting: Waiting<A>[];
}

/** Where the drafting of blocks is kept. */
export interface History<A = Act> {
  readStanding: (block: string) => Promise<Standing<A> | undefined>;
  writeStanding: (block: string, standing: Standing<A>) => Promise<void>;
  readStep: (block: string, position: number) => Promise<Document | undefined>;
  writeStep: (block: string, position: number, document: Document) => Promise<void>;
  forget: (block: string) => Promise<void>;
}

const standingKey = (block: string) => `standing:${block}`;
const stepKey = (block: string, position: number) => `step:${block}:${String(position)}`;
const kept = typeof indexedDB === "undefined" ? undefined : createStore("yonk", "drafting");

/** What this browser keeps of the drafting of blocks and quilts. */
export function historyOf<A>(): History<A> {
  return {
    readStanding: (block) => get<Standing<A>>(standingKey(block), kept),
    writeStanding: (block, standing) => set(standingKey(block), standing, kept),
    readStep: (block, position) => get<Document>(stepKey(block, position), kept),
    writeStep: (block, position, document) => set(stepKey(block, position), document, kept),
    async forget(block) {
      const standing = await get<Standing<A>>(standingKey(block), kept);
      for (let position = 0; position <= (standing?.last ?? -1); position += 1) {
        await del(stepKey(block, position), kept);
      }
      await del(standingKey(block), kept);
    },
  };
}

/** Forgets all of it: the next one at this browser is somebody else. */
export async function forgetAll(): Promise<void> {
  await clear(kept);
}

/** What it keeps of blocks. */
export const history = historyOf<Act>();
