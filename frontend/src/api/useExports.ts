import { useQuery } from "@tanstack/react-query";

import { client, type Schemas, settled } from "./client";

type Menus = Record<string, Schemas["ExportOut"][]>;
export type Menu = "draft" | "recipes" | "cut" | "sew" | "measure" | "top-cut" | "top-sew";

/** The files that can be taken along from a step, in the order of its menu. */
export function useExports(menu: Menu): Schemas["ExportOut"][] {
  const found = useQuery({
    queryKey: ["exports"],
    queryFn: () => settled<Menus>(client.GET("/api/exports")),
    staleTime: Infinity,
  });
  return found.data?.[menu] ?? [];
}
