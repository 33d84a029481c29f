import { createStore, del, get, set } from "idb-keyval";

import type { Act, Document, MatesName } from "../api/client";

/** Acts that were done while the server could not be reached; done on it when it is back. */
export interface Waiting {
  acts: Act[];
  mates: MatesName;
}

/** Where a block's drafting stands in this browser: kept over a reload, and while the server is gone. */
export interface Standing {
  revision: number;
  position: number;
  last: number;
  unsaved: boolean;
  waiting: Waiting[];
}

const kept = createStore("yonk", "drafting");
const standingKey = (block: string) => `standing:${block}`;
const stepKey = (block: string, position: number) => `step:${block}:${String(position)}`;

export const readStanding = (block: string) => get<Standing>(standingKey(block), kept);
export const writeStanding = (block: string, standing: Standing) => set(standingKey(block), standing, kept);
export const readStep = (block: string, position: number) => get<Document>(stepKey(block, position), kept);
export const writeStep = (block: string, position: number, document: Document) =>
  set(stepKey(block, position), document, kept);

/** Forgets all that this browser keeps of a block's drafting. */
export async function forget(block: string): Promise<void> {
  const standing = await readStanding(block);
  for (let position = 0; position <= (standing?.last ?? -1); position += 1) await del(stepKey(block, position), kept);
  await del(standingKey(block), kept);
}
