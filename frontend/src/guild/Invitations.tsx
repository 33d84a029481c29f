import { useQuery } from "@tanstack/react-query";
import { type SubmitEvent, useState } from "react";
import { Button } from "react-bootstrap";

import { client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { day, rich, say } from "../language/say";

type Invited = Schemas["InvitedOut"];
const INVITED = [["invitations"]];

/** Invitations that the keeper of the guild makes: a link each, told once. */
export function Invitations() {
  const made = useQuery({
    queryKey: ["invitations"],
    queryFn: () => settled<Invited[]>(client.GET("/api/invitations")),
  });
  const [whom, setWhom] = useState("");
  const [days, setDays] = useState(7);
  const inviting = useChange(
    () => settled<Schemas["LinkOut"]>(client.POST("/api/invitations", { body: { whom, days } })),
    { refresh: INVITED, onDone: () => setWhom("") },
  );
  const taking = useChange(
    (one: Invited) =>
      settled(client.DELETE("/api/invitations/{invitation}", { params: { path: { invitation: one.id } } })),
    { refresh: INVITED },
  );
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    inviting.mutate(undefined);
  };
  const fault = made.error ?? inviting.error ?? taking.error;
  return (
    <section aria-labelledby="invite-head">
      <h2 id="invite-head">{say("guild-invite-somebody")}</h2>
      <form className="guild-form" onSubmit={submit}>
        <label>
          {say("guild-whom")}
          <input
            className="form-control"
            required
            maxLength={120}
            value={whom}
            onChange={(event) => setWhom(event.target.value)}
          />
        </label>
        <label>
          {say("guild-for-how-many-days-the")}
          <input
            className="form-control"
            type="number"
            min={1}
            max={60}
            value={days}
            onChange={(event) => setDays(Number(event.target.value))}
          />
        </label>
        {fault && <p role="alert">{fault.message}</p>}
        <Button type="submit" disabled={inviting.isPending}>
          {say("guild-make-a-link")}
        </Button>
      </form>
      {inviting.data && (
        <p role="status" className="guild-link">
          {rich("guild-hand-this-link-on-it", { link: <code>{inviting.data.link}</code> })}
        </p>
      )}
      <ul className="guild-list">
        {(made.data ?? []).map((one) => (
          <li key={one.id}>
            <b>{one.whom}</b>
            <span>{one.used ? say("guild-came-in") : say("guild-holds-until", { day: day(one.until) })}</span>
            {!one.used && (
              <button
                type="button"
                className="quiet"
                aria-label={say("guild-take-it-back-the-invitation", { whom: one.whom })}
                onClick={() => taking.mutate(one)}
              >
                {say("guild-take-it-back")}
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
