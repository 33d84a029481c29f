import { useRef, useState } from "react";

/**
 * Asks one thing after the other, always the newest and one at a time, for what a hand holds: a late answer holds no
 * hand. What was answered belongs to a document and is gone with it.
 */
export function useNewest<Question, Answer>(document: unknown, ask: (asked: Question) => Promise<Answer | undefined>) {
  const [answered, setAnswered] = useState<{ answer: Answer; of: unknown }>();
  const next = useRef<{ asked: Question; of: unknown }>(undefined);
  const asking = useRef(false);
  const work = async () => {
    if (asking.current) return;
    asking.current = true;
    for (let wanted = next.current; wanted; wanted = next.current) {
      next.current = undefined;
      // what cannot be so is said when it is let go
      const answer = await ask(wanted.asked).catch(() => undefined);
      if (answer !== undefined) setAnswered({ answer, of: wanted.of });
    }
    asking.current = false;
  };
  return {
    newest: answered?.of === document ? answered?.answer : undefined,
    show: (asked: Question) => {
      next.current = { asked, of: document };
      void work();
    },
    forget: () => {
      next.current = undefined;
      setAnswered(undefined);
    },
  };
}
