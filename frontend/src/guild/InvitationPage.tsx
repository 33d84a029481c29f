import "./guild.scss";

import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type SubmitEvent, useEffect, useState } from "react";
import { Button } from "react-bootstrap";
import { Link, useLocation, useNavigate } from "react-router";

import { client, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Brand } from "../common/Brand";
import { rich, say } from "../language/say";
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
    document.title = say("guild-yonk-an-invitation");
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
        <h1>{inviting.data?.whom ? say("guild-a-new-password") : say("guild-an-invitation")}</h1>
        {inviting.error && (
          <p role="alert">
            {inviting.error.message} <Link to="/">{say("guild-to-yonk")}</Link>
          </p>
        )}
        {inviting.data && (
          <form onSubmit={submit} className="guild-form">
            {inviting.data.whom ? (
              <p>{rich("guild-gives-you-a-new-start", { by: <b>{inviting.data.by}</b>, whom: inviting.data.whom })}</p>
            ) : (
              <>
                <p>{rich("guild-invites-you-to-sew-along", { by: <b>{inviting.data.by}</b> })}</p>
                <NameField most={40} value={name} onChange={setName} fault={faultAt("name")} />
              </>
            )}
            <Secret
              label={say("guild-password")}
              complete="new-password"
              value={password}
              onChange={setPassword}
              fault={faultAt("password")}
            />
            <p className="quiet-text">{say("guild-a-few-words-that-you")}</p>
            {faultAt("") && <p role="alert">{faultAt("")}</p>}
            <Button type="submit" disabled={accepting.isPending}>
              {say("guild-come-in")}
            </Button>
          </form>
        )}
      </main>
    </div>
  );
}
