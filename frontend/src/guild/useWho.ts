import { useQuery } from "@tanstack/react-query";

import { client, type Schemas, settled } from "../api/client";

export type Who = Schemas["WhoOut"];

/** Who is here; undefined until it is known, and while the server does not answer. */
export function useWho(): Who | undefined {
  return useQuery({ queryKey: ["who"], queryFn: () => settled<Who>(client.GET("/api/who")), staleTime: 60_000 }).data;
}
