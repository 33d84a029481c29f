import { useSearchParams } from "react-router";

export type Change = Record<string, string | undefined>;

/** What a step has in its address, so that a reload finds it again, and how it is changed; what is not told goes. */
export function useInAddress(): [URLSearchParams, (change: Change) => void] {
  const [params, setParams] = useSearchParams();
  const go = (change: Change) => {
    const next = new URLSearchParams(params);
    for (const [name, value] of Object.entries(change)) {
      if (value) next.set(name, value);
      else next.delete(name);
    }
    setParams(next, { replace: true });
  };
  return [params, go];
}
