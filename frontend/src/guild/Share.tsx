import "./guild.scss";

import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button, Modal } from "react-bootstrap";

import { client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { rich, say } from "../language/say";
import { useWho } from "./useWho";

type Shared = Schemas["SharedOut"];
type Level = Shared["shares"][number]["level"];

interface Props {
  id: string;
  name: string;
  /** Whose it is, where it is somebody else's. */
  owner: string;
  right: string | undefined;
}

/** Whose something is; and with whom it is shared, where it is hers and there are others. */
export function Share({ id, name, owner, right }: Props) {
  const [open, setOpen] = useState(false);
  if (useWho()?.here !== "in") return null;
  if (owner) return <span className="whose">{rich("guild-whose-and-for-what", { owner, right })}</span>;
  return (
    <>
      <Button
        variant="outline-primary"
        size="sm"
        aria-label={say("guild-share", { name })}
        onClick={() => setOpen(true)}
      >
        {say("guild-share-it")}
      </Button>
      {open && <Sharing id={id} name={name} onClose={() => setOpen(false)} />}
    </>
  );
}

function Sharing({ id, name, onClose }: { id: string; name: string; onClose: () => void }) {
  const path = { params: { path: { thing_id: id } } };
  const shared = useQuery({
    queryKey: ["shared", id],
    queryFn: () => settled<Shared>(client.GET("/api/shared/{thing_id}", path)),
  });
  const sharing = useChange(
    (shares: Shared["shares"]) => settled<Shared>(client.PUT("/api/shared/{thing_id}", { ...path, body: { shares } })),
    { refresh: [["shared", id]], inOrder: `share ${id}` },
  );
  const { shares = [], people = [], groups = [], levels = {} } = shared.data ?? {};
  const keep = (who: string, level: string) => {
    const others = shares.filter((one) => one.who !== who);
    sharing.mutate(level ? [...others, { who, level: level as Level }] : others);
  };
  const fault = shared.error ?? sharing.error;
  const row = (one: Schemas["PersonOut"]) => (
    <li key={one.id}>
      <label>
        {one.name}{" "}
        <select
          aria-label={say("guild-share-with", { name: one.name })}
          value={shares.find((share) => share.who === one.id)?.level ?? ""}
          disabled={sharing.isPending}
          onChange={(event) => keep(one.id, event.target.value)}
        >
          <option value="">{say("guild-not-shared")}</option>
          {Object.keys(levels).map((level) => (
            <option key={level} value={level}>
              {level}
            </option>
          ))}
        </select>
      </label>
    </li>
  );
  return (
    <Modal show onHide={onClose} aria-labelledby="share-head">
      <Modal.Header closeButton>
        <Modal.Title id="share-head">{say("guild-share", { name })}</Modal.Title>
      </Modal.Header>
      <Modal.Body className="sharing-people">
        {fault && <p role="alert">{fault.message}</p>}
        <dl className="levels">
          {Object.entries(levels).map(([level, tells]) => (
            <div key={level}>
              <dt>{level}</dt>
              <dd>{tells}</dd>
            </div>
          ))}
        </dl>
        {groups.length > 0 && (
          <>
            <h2>{say("guild-groups")}</h2>
            <ul className="sharing">{groups.map(row)}</ul>
          </>
        )}
        <h2>{say("guild-people")}</h2>
        {people.length ? <ul className="sharing">{people.map(row)}</ul> : <p>{say("guild-nobody-else-is-here-yet")}</p>}
      </Modal.Body>
    </Modal>
  );
}
