import { useQuery } from "@tanstack/react-query";
import { useState } from "react";

import { client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { rich, say } from "../language/say";

type Member = Schemas["MemberOut"];
const MEMBERS = [["members"]];
const at = (member: Member) => ({ params: { path: { member: member.id } } });

/** The people of the guild, for its keeper: a link for a new password, signing out, suspending, removing. */
export function Members() {
  const found = useQuery({
    queryKey: ["members"],
    queryFn: () => settled<Member[]>(client.GET("/api/members")),
  });
  const [removing, setRemoving] = useState<string>();
  const linking = useChange(
    (one: Member) => settled<Schemas["LinkOut"]>(client.POST("/api/members/{member}/password-link", at(one))),
    { refresh: MEMBERS },
  );
  const acting = useChange(
    ({ member, act }: { member: Member; act: "out" | "suspend" | "remove" }) => {
      if (act === "out") return settled(client.POST("/api/members/{member}/sign-out", at(member)));
      if (act === "remove") return settled(client.DELETE("/api/members/{member}", at(member)));
      const body = { suspended: !member.suspended };
      return settled(client.PUT("/api/members/{member}/suspended", { ...at(member), body }));
    },
    { refresh: MEMBERS, onDone: () => setRemoving(undefined) },
  );
  const fault = found.error ?? linking.error ?? acting.error;
  return (
    <section aria-labelledby="members-head">
      <h2 id="members-head">{say("guild-the-people-of-the-guild")}</h2>
      {fault && <p role="alert">{fault.message}</p>}
      {linking.data && (
        <p role="status" className="guild-link">
          {rich("guild-hand-this-link-on-it-leads", { link: <code>{linking.data.link}</code> })}
        </p>
      )}
      <ul className="guild-list">
        {(found.data ?? []).map((one) => (
          <li key={one.id}>
            <b>{one.name}</b>
            <span>
              {one.keeper
                ? say("guild-keeps-the-guild")
                : one.suspended
                  ? say("guild-may-not-sign-in")
                  : say("guild-signed-in-at", { signed_in: one.signed_in })}
            </span>
            <Act words={say("guild-a-link-for-a-new")} whom={one} onAct={() => linking.mutate(one)} />
            <Act
              words={say("guild-sign-her-out-everywhere")}
              whom={one}
              onAct={() => acting.mutate({ member: one, act: "out" })}
            />
            {!one.keeper && (
              <>
                <Act
                  words={one.suspended ? say("guild-let-in-again") : say("guild-suspend")}
                  whom={one}
                  onAct={() => acting.mutate({ member: one, act: "suspend" })}
                />
                {removing === one.id ? (
                  <Act
                    words={say("guild-yes-remove-her-and-all")}
                    whom={one}
                    onAct={() => acting.mutate({ member: one, act: "remove" })}
                  />
                ) : (
                  <Act words={say("guild-remove")} whom={one} onAct={() => setRemoving(one.id)} />
                )}
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Act({ words, whom, onAct }: { words: string; whom: Member; onAct: () => void }) {
  return (
    <button type="button" className="quiet" aria-label={`${words}: ${whom.name}`} onClick={onAct}>
      {words}
    </button>
  );
}
