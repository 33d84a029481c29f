import { useQuery } from "@tanstack/react-query";

import { contentKey } from "../api/contentKey";
import { SHEET } from "../common/colours";
import { client, type Document, type Draft, settled } from "../api/client";
import { Picture } from "../common/Picture";

/** A block's document, drawn small. */
export function DraftPicture({ document, label }: { document: Document; label: string }) {
  const drawn = useQuery({
    queryKey: ["drawn", contentKey(document)],
    queryFn: () => settled<Draft>(client.POST("/api/draft", { body: { document, acts: [] } })),
    gcTime: 0,
  });
  if (!drawn.data) return null;
  const { sheet, faces, fabrics } = drawn.data;
  const place = new Map(fabrics.map((fabric, index) => [fabric.key, index]));
  return (
    <Picture
      name={label}
      width={sheet.width}
      height={sheet.height}
      faces={faces.map((face) => ({
        outline: face.outline,
        colour: SHEET,
        cloth: place.get(face.fabric) ?? null,
      }))}
      cloths={fabrics}
    />
  );
}
