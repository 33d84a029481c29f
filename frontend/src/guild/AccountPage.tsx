import "./guild.scss";

import { useQueryClient } from "@tanstack/react-query";
import { type SubmitEvent, useEffect, useState } from "react";
import { Button } from "react-bootstrap";

import { client, faultsOf, settled } from "../api/client";
import { forgetAll } from "../block/history";
import { useChange } from "../api/useChange";
import { ShelvesTop } from "../common/ShelvesTop";
import { Fetching } from "../common/Waiting";
import { say } from "../language/say";
import { forgetAnswers } from "../offline/kept";
import { waiting } from "../table/waiting";
import { Groups } from "./Groups";
import { Invitations } from "./Invitations";
import { Members } from "./Members";
import { Secret } from "./Secret";
import { useWho } from "./useWho";

/** A person's account: signing out, her password, groups, invitations, and leaving. */
export function AccountPage() {
  const who = useWho();
  useEffect(() => {
    document.title = say("guild-yonk-your-account");
  }, []);
  if (!who) return <Fetching />;
  return (
    <div className="guild-page">
      <ShelvesTop />
      <main>
        <h1>{who.here === "in" ? who.name : say("guild-your-account")}</h1>
        {who.here === "alone" ? (
          <p>{say("guild-this-yonk-is-for-one")}</p>
        ) : (
          <>
            <SigningOut />
            <Groups me={who.id ?? ""} />
            {who.keeper && <Invitations />}
            {who.keeper && <Members />}
            <NewPassword />
          </>
        )}
        <section aria-labelledby="along-head">
          <h2 id="along-head">{say("guild-take-everything-along")}</h2>
          <p>{say("guild-your-blocks-with-their-logs")}</p>
          <a className="btn btn-outline-primary" href="/api/account/everything.zip" download>
            {say("guild-everything-of-mine")}
          </a>
        </section>
        {who.here === "in" && <Leaving />}
      </main>
    </div>
  );
}

function SigningOut() {
  const queries = useQueryClient();
  const out = useChange((everywhere: boolean) => settled(client.POST("/api/sign-out", { body: { everywhere } })), {
    refresh: [],
    onDone: () => {
      queries.clear();
      void Promise.all([forgetAll(), forgetAnswers(), waiting.forget()]).finally(() => window.location.assign("/")); // nothing of hers stays at this browser
    },
  });
  return (
    <p className="guild-row">
      <Button variant="outline-primary" onClick={() => out.mutate(false)}>
        {say("guild-sign-out")}
      </Button>
      <Button variant="outline-primary" onClick={() => out.mutate(true)}>
        {say("guild-sign-out-everywhere")}
      </Button>
    </p>
  );
}

function NewPassword() {
  const [old, setOld] = useState("");
  const [fresh, setFresh] = useState("");
  const changing = useChange(() => settled(client.PUT("/api/account/password", { body: { old, new: fresh } })), {
    refresh: [],
    onDone: () => {
      setOld("");
      setFresh("");
    },
  });
  const faults = changing.error ? faultsOf(changing.error) : [];
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    changing.mutate(undefined);
  };
  return (
    <section aria-labelledby="password-head">
      <h2 id="password-head">{say("guild-change-the-password")}</h2>
      <form className="guild-form" onSubmit={submit}>
        <Secret label={say("guild-old-password")} complete="current-password" value={old} onChange={setOld} />
        <Secret
          label={say("guild-new-password")}
          complete="new-password"
          value={fresh}
          onChange={setFresh}
          fault={faults.find((one) => one.place === "new")?.message}
        />
        {faults.some((one) => one.place !== "new") && <p role="alert">{faults[0]?.message}</p>}
        <Button type="submit" disabled={changing.isPending}>
          {say("guild-change-it")}
        </Button>
        {changing.isSuccess && <p role="status">{say("guild-it-is-changed-every-other")}</p>}
      </form>
    </section>
  );
}

function Leaving() {
  const [password, setPassword] = useState("");
  const leaving = useChange(() => settled(client.POST("/api/account/leave", { body: { password } })), {
    refresh: [],
    onDone: () => window.location.assign("/"),
  });
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    leaving.mutate(undefined);
  };
  return (
    <section aria-labelledby="leave-head">
      <h2 id="leave-head">{say("guild-leave-the-guild")}</h2>
      <details>
        <summary>{say("guild-delete-this-account-and-all")}</summary>
        <p>{say("guild-blocks-quilts-fabrics-and-logs")}</p>
        <form className="guild-form" onSubmit={submit}>
          <Secret
            label={say("guild-password-once-more")}
            complete="current-password"
            value={password}
            onChange={setPassword}
          />
          {leaving.error && <p role="alert">{leaving.error.message}</p>}
          <Button type="submit" variant="danger" disabled={leaving.isPending}>
            {say("guild-delete-my-account")}
          </Button>
        </form>
      </details>
    </section>
  );
}
