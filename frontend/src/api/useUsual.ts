import { type QueryClient, queryOptions, useSuspenseQuery } from "@tanstack/react-query";

import { say } from "../language/say";
import { client, type Schemas, settled } from "./client";

type Usual = Schemas["UsualOut"];
type Beginning = Usual["beginnings"][number];

const USUAL = queryOptions({
  queryKey: ["usual"],
  queryFn: () => settled<Usual>(client.GET("/api/usual")),
  staleTime: Infinity,
});

/** Ask for it while the page that needs it is on its way. */
export const askForUsual = (queries: QueryClient) => {
  queries.query(USUAL).catch(() => undefined); // whoever shows it is told
};

/** What pages begin with before anything is typed. */
export function useUsual(): Usual {
  return useSuspenseQuery(USUAL).data;
}

/** The same for one unit of length. */
export function useBeginning(unit: Beginning["settings"]["unit"]): Beginning {
  const found = useUsual().beginnings.find((one) => one.settings.unit === unit);
  if (!found) throw new Error(say("api-nothing-is-usual-in", { unit }));
  return found;
}
