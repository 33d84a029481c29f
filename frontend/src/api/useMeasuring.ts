import { useQuery, type UseQueryResult } from "@tanstack/react-query";

import { contentKey } from "./contentKey";
import { client, type Document, type Schemas, settled } from "./client";

export type Measuring = Schemas["MeasuringOut"];

/** Which trial block is looked at, and what is measured of it beside what the card asks for. */
export interface Looked {
  trial?: number;
  also?: string[];
}

/** What a block should measure, what it did, and what that says. */
export function useMeasuring(
  id: string,
  document: Document,
  enabled = true,
  { trial, also = [] }: Looked = {},
): UseQueryResult<Measuring> {
  return useQuery({
    queryKey: ["measuring", id, contentKey(document), trial, ...also],
    queryFn: ({ signal }) =>
      settled<Measuring>(
        client.POST("/api/measuring", { body: { document, block_id: id, trial: trial ?? null, also }, signal }),
      ),
    placeholderData: (before) => before,
    enabled,
  });
}
