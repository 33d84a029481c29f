import { useRef, useState } from "react";

import { client, type Schemas, settled } from "../api/client";
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

/**
 * The picture of a quilt while a side is dragged: the server draws it for one width after the other, the newest first;
 * a late answer holds no hand, the line under the pointer goes on without it.
 */
export function useLive(document: Quilt["document"]) {
  const [live, setLive] = useState<Live & { of: Quilt["document"] }>();
  const next = useRef<Wanted>(undefined);
  const asking = useRef(false);
  const ask = async () => {
    if (asking.current) return;
    asking.current = true;
    for (let wanted = next.current; wanted; wanted = next.current) {
      const { act, shift } = wanted;
      next.current = undefined;
      // what cannot be so wide is said when it is let go
      const found = await settled<Quilt>(client.POST("/api/quilt", { body: { document, acts: [act] } })).catch(
        () => undefined,
      );
      const moved = found && shift(found.picture);
      if (moved) setLive({ picture: found.picture, shift: moved, of: document });
    }
    asking.current = false;
  };
  return {
    live: live?.of === document ? live : undefined,
    show: (wanted: Wanted) => {
      next.current = wanted;
      void ask();
    },
    forget: () => {
      next.current = undefined;
      setLive(undefined);
    },
  };
}
