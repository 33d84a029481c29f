import { useQuery } from "@tanstack/react-query";

import { client, type Document, type Schemas, settled } from "../api/client";
import { rich, say } from "../language/say";
import { asTaken } from "./shelfFabric";

type Taken = ReturnType<typeof asTaken> & { do: "fabric"; key: string };

interface Props {
  document: Document;
  fabrics: { shelf: string }[];
  act: (acts: Taken[]) => void;
}

/** Which fabrics are another on the shelf by now; they stay as they were till she takes them so. */
export function ChangedOnShelf({ document, fabrics, act }: Props) {
  const changed = useQuery({
    queryKey: ["fabrics", "changed", JSON.stringify(fabrics)],
    queryFn: ({ signal }) =>
      settled<Schemas["ChangedFabricOut"][]>(client.POST("/api/fabrics/changed", { body: { document }, signal })),
    enabled: fabrics.some((one) => one.shelf),
  });
  const found = changed.data ?? [];
  if (!found.length) return null;
  return (
    <p className="changed-on-shelf" role="status">
      {rich("fabrics-changed-on-the-shelf", {
        names: <b>{found.map((one) => one.name).join(", ")}</b>,
        count: found.length,
      })}{" "}
      <button
        type="button"
        className="quiet"
        onClick={() => act(found.map((one) => ({ do: "fabric", key: one.key, ...asTaken(one.fabric) })))}
      >
        {say("fabrics-take-as-on-the-shelf", { count: found.length })}
      </button>
    </p>
  );
}
