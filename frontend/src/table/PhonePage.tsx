import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useLocation, useNavigate } from "react-router";

import { client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { say } from "../language/say";

/** Where the square at the cutting table leads: the phone is signed in, and the table opens. */
export function PhonePage() {
  const { pathname, search, hash } = useLocation();
  const go = useNavigate();
  const queries = useQueryClient();
  const to = pathname.replace(/^\/phone/, "") + search;
  const { mutate, error } = useChange(
    (token: string) => settled<Schemas["WhoOut"]>(client.POST("/api/phone/arrive", { body: { token } })),
    {
      refresh: [],
      onDone: (who) => {
        queries.clear();
        queries.setQueryData(["who"], who);
        void go(to, { replace: true });
      },
    },
  );
  useEffect(() => mutate(hash.slice(1)), [mutate, hash]);
  return (
    <main className="alone">
      {error ? (
        <>
          <p role="alert">{error.message}</p>
          <Link to={to}>{say("guild-sign-in")}</Link>
        </>
      ) : (
        <p role="status">{say("table-letting-in")}</p>
      )}
    </main>
  );
}
