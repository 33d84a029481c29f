import { useQuery } from "@tanstack/react-query";

import { client, type Schemas, settled } from "../api/client";

type Shelf = Schemas["ShelfOut"];

/** The blocks of the shelf that a quilt may be made of, by name, of those that are called so. */
export function useShelf(search = ""): Shelf["blocks"] {
  const shelf = useQuery({
    queryKey: ["shelf", "for a quilt", search],
    queryFn: () => settled<Shelf>(client.GET("/api/blocks", { params: { query: { search, order: "name" } } })),
    placeholderData: (before) => before,
  });
  return shelf.data?.blocks ?? [];
}
