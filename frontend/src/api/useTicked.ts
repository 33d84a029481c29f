import { type QueryKey, useQueryClient } from "@tanstack/react-query";

import { say } from "../language/say";
import { useChange } from "./useChange";

interface Options<Plan, Given> {
  /** Under which name the plan is held, the first two parts of which tell what is asked for anew. */
  key: QueryKey;
  /** Ticks of one name are kept in the order of the hands. */
  inOrder: string;
  keep: (given: Given) => Promise<unknown>;
  /** The plan as it is with the tick. */
  show: (plan: Plan, given: Given) => Plan;
}

/** Something that is ticked on a plan: seen at once, kept on the server, and said where it was not. */
export function useTicked<Plan, Given>({ key, inOrder, keep, show }: Options<Plan, Given>) {
  const queries = useQueryClient();
  const { mutate, reset, error } = useChange(keep, {
    refresh: [key.slice(0, 2)],
    inOrder,
    show: (given) => {
      queries.setQueryData<Plan>(key, (before) => before && show(before, given));
    },
  });
  return {
    tick: mutate,
    reset,
    fault: error ? say("api-the-tick-was-not-kept", { message: error.message }) : undefined,
  };
}
