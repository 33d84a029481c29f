import "./guild.scss";

import { useQueryClient } from "@tanstack/react-query";
import { type SubmitEvent, useEffect, useState } from "react";
import { Button } from "react-bootstrap";
import { Link } from "react-router";

import { client, faultsOf, settled } from "../api/client";
import { forgetAll } from "../block/history";
import { useChange } from "../api/useChange";
import { Brand } from "../common/Brand";
import { Fetching } from "../common/Waiting";
import { Groups } from "./Groups";
import { Invitations } from "./Invitations";
import { Members } from "./Members";
import { Secret } from "./Secret";
import { useWho } from "./useWho";

/** A person's account: signing out, her password, groups, invitations, and leaving. */
export function AccountPage() {
  const who = useWho();
  useEffect(() => {
    document.title = "Yonk: your account";
  }, []);
  if (!who) return <Fetching />;
  return (
    <div className="guild-page">
      <header className="top">
        <Brand />
        <span className="spring" />
        <Link to="/">Blocks</Link>
        <Link to="/quilts">Quilts</Link>
      </header>
      <main>
        <h1>{who.here === "in" ? who.name : "Your account"}</h1>
        {who.here === "alone" ? (
          <p>This Yonk is for one quilter and needs no account.</p>
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
          <h2 id="along-head">Take everything along</h2>
          <p>Your blocks with their logs and photos, quilts, fabrics and seam tests, as a zip of open files.</p>
          <a className="btn btn-outline-primary" href="/api/account/everything.zip" download>
            Everything of mine
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
      void forgetAll().finally(() => window.location.assign("/")); // nothing of hers stays at this browser
    },
  });
  return (
    <p className="guild-row">
      <Button variant="outline-primary" onClick={() => out.mutate(false)}>
        Sign out
      </Button>
      <Button variant="outline-primary" onClick={() => out.mutate(true)}>
        Sign out everywhere
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
      <h2 id="password-head">Change the password</h2>
      <form className="guild-form" onSubmit={submit}>
        <Secret label="Old password" complete="current-password" value={old} onChange={setOld} />
        <Secret
          label="New password"
          complete="new-password"
          value={fresh}
          onChange={setFresh}
          fault={faults.find((one) => one.place === "new")?.message}
        />
        {faults.some((one) => one.place !== "new") && <p role="alert">{faults[0]?.message}</p>}
        <Button type="submit" disabled={changing.isPending}>
          Change it
        </Button>
        {changing.isSuccess && <p role="status">It is changed; every other browser is signed out.</p>}
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
      <h2 id="leave-head">Leave the guild</h2>
      <details>
        <summary>Delete this account and all that is yours</summary>
        <p>
          Blocks, quilts, fabrics and logs of yours go for good, for those you shared them with too. Take everything
          along first.
        </p>
        <form className="guild-form" onSubmit={submit}>
          <Secret label="Password, once more" complete="current-password" value={password} onChange={setPassword} />
          {leaving.error && <p role="alert">{leaving.error.message}</p>}
          <Button type="submit" variant="danger" disabled={leaving.isPending}>
            Delete my account
          </Button>
        </form>
      </details>
    </section>
  );
}
