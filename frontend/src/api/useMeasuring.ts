import { useQuery, type UseQueryResult } from "@tanstack/react-query";

import { contentKey } from "./contentKey";
import { client, type Document, type Schemas, settled } from "./client";

export type Measuring = Schemas["MeasuringOut"];

/** What a block should measure, what it did, and what that says. */
export function useMeasuring(id: string, document: Document, enabled = true): UseQueryResult<Measuring> {
  return useQuery({
    queryKey: ["measuring", id, contentKey(document)],
    queryFn: ({ signal }) =>
      settled<Measuring>(client.POST("/api/measuring", { body: { document, block_id: id }, signal })),
    placeholderData: (before) => before,
    enabled,
  });
}
