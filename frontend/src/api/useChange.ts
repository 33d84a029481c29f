import { type QueryKey, useMutation, type UseMutationResult, useQueryClient } from "@tanstack/react-query";

interface Options<Given, Out> {
  /** What is asked for anew when it is done. */
  refresh: QueryKey[];
  onDone?: (out: Out, given: Given) => void;
  /** Changes of one such name are made one after the other, in the order of the hands; only after the last is asked anew. */
  inOrder?: string;
  /** What is shown at once, before the server has answered. */
  show?: (given: Given) => void;
}

/** A change on the server; once it is made, or refused, what it touches is asked for anew. */
export function useChange<Given, Out>(
  change: (given: Given) => Promise<Out>,
  { refresh, onDone, inOrder, show }: Options<Given, Out>,
): UseMutationResult<Out, Error, Given> {
  const queries = useQueryClient();
  const each = (some: (queryKey: QueryKey) => Promise<void>) => Promise.all(refresh.map(some));
  return useMutation({
    mutationFn: change,
    mutationKey: inOrder ? [inOrder] : undefined,
    scope: inOrder ? { id: inOrder } : undefined,
    onMutate: async (given) => {
      if (!show) return;
      // an answer that is under way knows nothing of this change and must not overwrite it
      const stopped = each((queryKey) => queries.cancelQueries({ queryKey }, { revert: false }));
      show(given);
      await stopped;
    },
    onSuccess: onDone,
    onSettled: async () => {
      if (inOrder && queries.isMutating({ mutationKey: [inOrder] }) > 1) return;
      await each((queryKey) => queries.invalidateQueries({ queryKey }));
    },
  });
}
