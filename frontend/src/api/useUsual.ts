import { useSuspenseQuery } from "@tanstack/react-query";

import { say } from "../language/say";
import { client, type Schemas, settled } from "./client";

type Usual = Schemas["UsualOut"];
type Beginning = Usual["beginnings"][number];

/** What pages begin with before anything is typed. */
export function useUsual(): Usual {
  const usual = useSuspenseQuery({
    queryKey: ["usual"],
    queryFn: () => settled<Usual>(client.GET("/api/usual")),
    staleTime: Infinity,
  });
  return usual.data;
}

/** The same for one unit of length. */
export function useBeginning(unit: Beginning["settings"]["unit"]): Beginning {
  const found = useUsual().beginnings.find((one) => one.settings.unit === unit);
  if (!found) throw new Error(say("api-nothing-is-usual-in", { unit }));
  return found;
}
