import { createStore, del, get, set } from "idb-keyval";

/** A picture under the ruled paper: laid straight, and how much of the cloth is seen over it. */
export interface UnderPicture {
  jpeg: Blob;
  /** From nought, the picture alone, to one, the cloth alone. */
  cloth: number;
}

// it is an aid of this browser's: the block is the same without it
const store = typeof indexedDB === "undefined" ? undefined : createStore("yonk-under-paper", "pictures");

/** The picture under a block's paper, where there is one; a browser that keeps nothing has none. */
export const pictureUnder = async (block: string): Promise<UnderPicture | undefined> =>
  store && (await get<UnderPicture>(block, store).catch(() => undefined));

/** Keeps the picture under a block's paper, or takes it away. */
export async function layUnder(block: string, picture: UnderPicture | undefined): Promise<void> {
  if (!store) return;
  await (picture ? set(block, picture, store) : del(block, store)).catch(() => undefined);
}
