import { type QueryKey, useMutation, type UseMutationResult, useQueryClient } from "@tanstack/react-query";

interface Options<Given, Out> {
  /** What is asked for anew when it is done. */
  refresh: QueryKey[];
  onDone?: (out: Out, given: Given) => void;
}

/** A change on the server; once it is made, or refused, what it touches is asked for anew. */
export function useChange<Given, Out>(
  change: (given: Given) => Promise<Out>,
  { refresh, onDone }: Options<Given, Out>,
): UseMutationResult<Out, Error, Given> {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: change,
    onSuccess: onDone,
    onSettled: () => Promise.all(refresh.map((queryKey) => queries.invalidateQueries({ queryKey }))),
  });
}
