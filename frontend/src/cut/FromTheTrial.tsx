import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";

import { readLog } from "../api/blockLog";
import type { Document } from "../api/client";
import { useMeasuring } from "../api/useMeasuring";
import { Fr } from "../common/Fr";
import { say } from "../language/say";

/** What the trial block says for the rest, where the rest is cut. */
export function FromTheTrial({ id, document }: { id: string; document: Document }) {
  const [verdict, ...rest] = useMeasuring(id, document).data?.rest ?? [];
  const log = useQuery({ queryKey: ["block-log", id], queryFn: () => readLog(id) });
  const decided = log.data?.notes.find((one) => one.kind === "decided");
  if (!verdict && !decided) return null;
  return (
    <section className="from-the-trial" aria-label={say("cut-from-the-trial-block")}>
      <b>{say("cut-head-from-the-trial-block")}</b> <Fr>{verdict ?? decided?.text ?? ""}</Fr>
      {rest.length > 0 && (
        <ul>
          {rest.map((words) => (
            <li key={words}>
              <Fr>{words}</Fr>
            </li>
          ))}
        </ul>
      )}{" "}
      <Link to={`/blocks/${id}/measure`}>{say("cut-see-what-was-measured")}</Link>
    </section>
  );
}
