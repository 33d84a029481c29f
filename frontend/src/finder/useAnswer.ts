import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";

import { type Faults, Refused } from "../api/client";

/** An answer that follows what is typed, a moment after; `faultAt` says what is wrong in a field. */
export function useAnswer<Asked, Answer>(
  name: string,
  asked: Asked,
  ask: (asked: Asked) => Promise<Answer>,
  isAsked: (asked: Asked) => boolean = () => true,
) {
  const [settled, setSettled] = useState(asked);
  const text = JSON.stringify(asked);
  useEffect(() => {
    const timer = window.setTimeout(() => setSettled(JSON.parse(text) as Asked), 250);
    return () => window.clearTimeout(timer);
  }, [text]);
  const found = useQuery({
    queryKey: [name, settled],
    queryFn: () => ask(settled),
    placeholderData: keepPreviousData,
    retry: false,
    enabled: isAsked(settled),
  });
  const faults: Faults["faults"] = found.error instanceof Refused ? found.error.faults.faults : [];
  const elsewhere = found.error && !(found.error instanceof Refused) ? found.error.message : undefined;
  return {
    answer: found.error ? undefined : found.data,
    waiting: found.isFetching,
    faults,
    elsewhere,
    faultAt: (place: string) => faults.find((fault) => fault.place === place)?.message,
  };
}
