import { type QueryClient, queryOptions, useQuery, type UseQueryResult } from "@tanstack/react-query";

import { orKept } from "../offline/kept";
import { client, type Schemas, settled } from "../api/client";

export type Who = Schemas["WhoOut"];

const WHO = queryOptions({
  queryKey: ["who"],
  queryFn: () => orKept("who", () => settled<Who>(client.GET("/api/who"))),
  staleTime: 60_000,
});

/** Asks who is here before anything shows it. */
export const askForWho = (queries: QueryClient): void => void queries.query(WHO).catch(() => undefined);

/** Who is here, and whether that is known yet. */
export function useWhoAsked(): UseQueryResult<Who> {
  return useQuery(WHO);
}

/** Who is here; undefined until it is known, and while the server does not answer. */
export function useWho(): Who | undefined {
  return useWhoAsked().data;
}
