import "./guild.scss";

import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type SubmitEvent, useEffect, useState } from "react";
import { Button } from "react-bootstrap";
import { Link, useLocation, useNavigate } from "react-router";

import { client, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Brand } from "../common/Brand";
import { NameField } from "./NameField";
import { Secret } from "./Secret";
import type { Who } from "./useWho";

/** Where an invitation leads: a name and a password are chosen. */
export function InvitationPage() {
  const token = useLocation().hash.slice(1);
  const go = useNavigate();
  const queries = useQueryClient();
  const [name, setName] = useState("");
  const [password, setPassword] = useState("");
  useEffect(() => {
    document.title = "Yonk: an invitation";
  }, []);
  const inviting = useQuery({
    queryKey: ["invitation", token],
    queryFn: () => settled<Schemas["InvitingOut"]>(client.POST("/api/invitation", { body: { token } })),
    retry: false,
  });
  const accepting = useChange(
    () => settled<Who>(client.POST("/api/invitation/accept", { body: { token, name, password } })),
    {
      refresh: [],
      onDone: (who) => {
        queries.clear();
        queries.setQueryData(["who"], who);
        void go("/", { replace: true });
      },
    },
  );
  const faultAt = (place: string) =>
    accepting.error ? faultsOf(accepting.error).find((one) => one.place === place)?.message : undefined;
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    accepting.mutate(undefined);
  };
  return (
    <div className="guild-page">
      <header className="top">
        <Brand />
      </header>
      <main className="alone">
        <h1>{inviting.data?.whom ? "A new password" : "An invitation"}</h1>
        {inviting.error && (
          <p role="alert">
            {inviting.error.message} <Link to="/">To Yonk</Link>
          </p>
        )}
        {inviting.data && (
          <form onSubmit={submit} className="guild-form">
            {inviting.data.whom ? (
              <p>
                <b>{inviting.data.by}</b> gives you a new start, {inviting.data.whom}. Choose a new password.
              </p>
            ) : (
              <>
                <p>
                  <b>{inviting.data.by}</b> invites you to sew along. Choose a name that the others know you by, and a
                  password.
                </p>
                <NameField most={40} value={name} onChange={setName} fault={faultAt("name")} />
              </>
            )}
            <Secret
              label="Password"
              complete="new-password"
              value={password}
              onChange={setPassword}
              fault={faultAt("password")}
            />
            <p className="quiet-text">A few words that you remember and nobody guesses, at least 12 letters.</p>
            {faultAt("") && <p role="alert">{faultAt("")}</p>}
            <Button type="submit" disabled={accepting.isPending}>
              Come in
            </Button>
          </form>
        )}
      </main>
    </div>
  );
}
