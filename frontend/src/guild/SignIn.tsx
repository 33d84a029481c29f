import "./guild.scss";

import { useQueryClient } from "@tanstack/react-query";
import { type SubmitEvent, useState } from "react";
import { Button, Modal } from "react-bootstrap";

import { client, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Brand } from "../common/Brand";
import { say } from "../language/say";
import { NameField } from "./NameField";
import { Secret } from "./Secret";
import type { Who } from "./useWho";

/** Signing in: a page of its own, or over the page that somebody was signed out from. */
export function SignIn({ over }: { over: boolean }) {
  if (!over) {
    return (
      <div className="guild-page">
        <header className="top">
          <Brand />
        </header>
        <main className="alone">
          <h1>{say("guild-sign-in")}</h1>
          <p>{say("guild-this-yonk-is-a-guilds")}</p>
          <SignInForm />
        </main>
      </div>
    );
  }
  return (
    <Modal show backdrop="static" keyboard={false} aria-labelledby="sign-in-head">
      <Modal.Header>
        <Modal.Title id="sign-in-head">{say("guild-you-are-signed-out")}</Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p>{say("guild-what-you-have-drafted-waits")}</p>
        <SignInForm />
      </Modal.Body>
    </Modal>
  );
}

function SignInForm() {
  const queries = useQueryClient();
  const [name, setName] = useState("");
  const [password, setPassword] = useState("");
  const signing = useChange(() => settled<Who>(client.POST("/api/sign-in", { body: { name, password } })), {
    refresh: [],
    onDone: (who) => {
      const before = queries.getQueryData<Who>(["who"]);
      if (before?.id !== who.id) queries.removeQueries({ predicate: (one) => one.queryKey[0] !== "who" });
      queries.setQueryData(["who"], who);
      void queries.invalidateQueries();
    },
  });
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    signing.mutate(undefined);
  };
  return (
    <form onSubmit={submit} className="guild-form">
      <NameField most={120} value={name} onChange={setName} />
      <Secret label={say("guild-password")} complete="current-password" value={password} onChange={setPassword} />
      {signing.error && <p role="alert">{signing.error.message}</p>}
      <Button type="submit" disabled={signing.isPending}>
        {say("guild-sign-in")}
      </Button>
    </form>
  );
}
