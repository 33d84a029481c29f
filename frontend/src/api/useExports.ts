import { useQuery } from "@tanstack/react-query";

import { client, type Schemas, settled } from "./client";

export type Menu = Schemas["MenuOut"]["menu"];

/** The files that can be taken along from a step, in the order of its menu. */
export function useExports(menu: Menu): Schemas["ExportOut"][] {
  const found = useQuery({
    queryKey: ["exports"],
    queryFn: () => settled<Schemas["MenuOut"][]>(client.GET("/api/exports")),
    staleTime: Infinity,
  });
  return found.data?.find((one) => one.menu === menu)?.files ?? [];
}
