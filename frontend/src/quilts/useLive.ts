import { client, type Schemas, settled } from "../api/client";
import { useNewest } from "../common/useNewest";
import type { Quilt, QuiltAct } from "./useQuilt";

/** A quilt as it would be, and how far it is moved so that the side in hand stays under the pointer. */
export interface Live {
  picture: Schemas["QuiltPictureOut"];
  shift: [number, number];
}

interface Wanted {
  act: QuiltAct;
  /** How far a picture is moved, so that what is in hand stays where it is; nothing where it is no longer there. */
  shift: (picture: Schemas["QuiltPictureOut"]) => [number, number] | undefined;
}

/** The picture of a quilt while a side is dragged: the server draws it for one width after the other. */
export function useLive(document: Quilt["document"]) {
  const { newest, show, forget } = useNewest<Wanted, Live>(document, async ({ act, shift }) => {
    const found = await settled<Quilt>(client.POST("/api/quilt", { body: { document, acts: [act] } }));
    const moved = shift(found.picture);
    return moved && { picture: found.picture, shift: moved };
  });
  return { live: newest, show, forget };
}
