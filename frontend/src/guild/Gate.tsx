import { useQueryClient } from "@tanstack/react-query";
import { lazy, type ReactNode, Suspense, useEffect, useRef } from "react";

import { onSignedOut } from "../api/client";
import { Fetching } from "../common/Waiting";
import { asked } from "../language/learn";
import { spoken } from "../language/say";
import { useWhoAsked } from "./useWho";

const SignIn = lazy(async () => ({ default: (await import("./SignIn")).SignIn }));

/**
 * Where there are accounts, the pages are for who is signed in. Who was, and is not any more, signs in over the page:
 * what she was drafting stays where it is.
 */
export function Gate({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const { data: who, isPending } = useWhoAsked();
  const was = useRef(false);
  if (who && who.here !== "out") was.current = true;
  useEffect(() => onSignedOut(() => void queries.invalidateQueries({ queryKey: ["who"] })), [queries]);
  // what she chose elsewhere came with the answer
  useEffect(() => {
    if (who && asked() !== spoken()) location.reload();
  }, [who]);
  const out = who?.here === "out";
  if (isPending) return <Fetching />;
  return (
    <>
      {(!out || was.current) && children}
      {out && (
        <Suspense fallback={<Fetching />}>
          <SignIn over={was.current} />
        </Suspense>
      )}
    </>
  );
}
