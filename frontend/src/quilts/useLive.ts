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
  /** The side that is dragged, by its number, and where its first end is drawn meanwhile. */
  at: number;
  end: [number, number];
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
      const { act, at, end } = wanted;
      next.current = undefined;
      // what cannot be so wide is said when it is let go
      const found = await settled<Quilt>(client.POST("/api/quilt", { body: { document, acts: [act] } })).catch(
        () => undefined,
      );
      const side = found?.picture.handles?.[at]?.side[0];
      if (found && side) {
        setLive({ picture: found.picture, shift: [end[0] - side[0], end[1] - side[1]], of: document });
      }
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
