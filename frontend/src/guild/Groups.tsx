import { useQuery } from "@tanstack/react-query";
import { type SubmitEvent, useState } from "react";
import { Button } from "react-bootstrap";

import { client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Said } from "../common/Notices";
import { say } from "../language/say";
import { PeopleTicks } from "./PeopleTicks";

type Group = Schemas["GroupOut"];
const GROUPS = [["groups"]];

/** The groups that a person is in; her own she changes. */
export function Groups({ me }: { me: string }) {
  const groups = useQuery({ queryKey: ["groups"], queryFn: () => settled<Group[]>(client.GET("/api/groups")) });
  const [open, setOpen] = useState<string>();
  const dropping = useChange(
    (one: Group) => settled(client.DELETE("/api/groups/{group_id}", { params: { path: { group_id: one.id } } })),
    { refresh: GROUPS },
  );
  const fault = groups.error ?? dropping.error;
  return (
    <section aria-labelledby="groups-head">
      <h2 id="groups-head">{say("guild-groups")}</h2>
      <p className="quiet-text">{say("guild-what-is-shared-with-a")}</p>
      {fault && <Said text={fault.message} />}
      <ul className="guild-list">
        {(groups.data ?? []).map((group) => (
          <li key={group.id}>
            <b>{group.name}</b>
            <span>{group.members.map((one) => one.name).join(", ")}</span>
            {group.hers && (
              <>
                <button
                  type="button"
                  className="quiet"
                  aria-label={say("common-change", { name: group.name })}
                  aria-expanded={open === group.id}
                  onClick={() => setOpen(open === group.id ? undefined : group.id)}
                >
                  {say("common-change-it")}
                </button>
                <button
                  type="button"
                  className="quiet"
                  aria-label={say("guild-take-apart", { name: group.name })}
                  onClick={() => dropping.mutate(group)}
                >
                  {say("guild-take-it-apart")}
                </button>
              </>
            )}
            {open === group.id && <GroupForm me={me} group={group} onDone={() => setOpen(undefined)} />}
          </li>
        ))}
      </ul>
      {open === "new" ? (
        <GroupForm me={me} onDone={() => setOpen(undefined)} />
      ) : (
        <Button variant="outline-primary" onClick={() => setOpen("new")}>
          {say("guild-a-new-group")}
        </Button>
      )}
    </section>
  );
}

function GroupForm({ me, group, onDone }: { me: string; group?: Group; onDone: () => void }) {
  const people = useQuery({
    queryKey: ["people"],
    queryFn: () => settled<Schemas["PersonOut"][]>(client.GET("/api/people")),
  });
  const [name, setName] = useState(group?.name ?? "");
  const [chosen, setChosen] = useState(group?.members.map((one) => one.id) ?? []);
  const keeping = useChange(
    () => {
      const body = { name, people: chosen };
      return settled(
        group
          ? client.PUT("/api/groups/{group_id}", { params: { path: { group_id: group.id } }, body })
          : client.POST("/api/groups", { body }),
      );
    },
    { refresh: GROUPS, onDone },
  );
  const submit = (event: SubmitEvent) => {
    event.preventDefault();
    keeping.mutate(undefined);
  };
  return (
    <form className="guild-form" onSubmit={submit}>
      <label>
        {say("guild-name-of-the-group")}
        <input
          className="form-control"
          required
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <PeopleTicks
        legend={say("guild-who-is-in-it-besides")}
        people={(people.data ?? []).filter((one) => one.id !== me)}
        chosen={chosen}
        onChoose={setChosen}
      />
      {keeping.error && <p role="alert">{keeping.error.message}</p>}
      <p className="guild-row">
        <Button type="submit" disabled={keeping.isPending}>
          {say("common-keep")}
        </Button>
        <Button variant="outline-primary" onClick={onDone}>
          {say("guild-leave-it")}
        </Button>
      </p>
    </form>
  );
}
