import { useQuery } from "@tanstack/react-query";

import { contentKey } from "../api/contentKey";
import { client, type Document, settled } from "../api/client";
import { QuiltPicture } from "./QuiltPicture";
import type { Quilt } from "./useQuilt";

/** A quilt's document, drawn small. */
export function QuiltOf({ document, label }: { document: Document; label: string }) {
  const drawn = useQuery({
    queryKey: ["drawn", contentKey(document)],
    queryFn: () => settled<Quilt>(client.POST("/api/quilt", { body: { document, acts: [] } })),
    gcTime: 0,
  });
  return drawn.data ? <QuiltPicture picture={drawn.data.picture} label={label} /> : null;
}
