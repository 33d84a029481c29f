import { useChange } from "../api/useChange";
import { type Act, client, settled } from "../api/client";
import type { Measuring } from "../api/useMeasuring";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { say } from "../language/say";

type Remedy = Measuring["remedies"][number];

interface Props {
  id: string;
  measuring: Measuring;
  /** What is noted before it: the verdict, where there is one. */
  why: string;
  onTake: (acts: Act[]) => void;
}

/** What can be done for the rest, each with the share of good blocks before and after it; the first is proposed. */
export function Remedies({ id, measuring, why, onTake }: Props) {
  const noting = useChange(
    (text: string) =>
      settled(
        client.POST("/api/blocks/{block_id}/notes", {
          params: { path: { block_id: id } },
          body: { kind: "decided", text },
        }),
      ),
    { refresh: [["block-log", id]] },
  );
  const take = (one: Remedy) => {
    noting.mutate(`${why} ${one.words}`.trim());
    const acts = actsOf(one);
    if (acts.length > 0) onTake(acts);
  };
  return (
    <section className="remedies" aria-labelledby="remedies-head">
      <h2 id="remedies-head">{measuring.remedies_head}</h2>
      <ol>
        {measuring.remedies.map((one, number) => (
          <li key={one.words} className={number === 0 ? "proposed" : ""}>
            <p>
              <Fr>{one.words}</Fr>
            </p>
            <Shares one={one} />
            {one.do !== "nothing" && (
              <button
                type="button"
                className={`btn btn-sm ${number === 0 ? "btn-primary" : "btn-outline-primary"}`}
                onClick={() => take(one)}
              >
                {actsOf(one).length > 0 ? say("measure-do-so") : say("measure-note-that-i-do-so")}
              </button>
            )}
          </li>
        ))}
      </ol>
      {noting.isSuccess && (
        <p role="status" className="quiet-text">
          {say("measure-noted-in-the-log")}
        </p>
      )}
      {noting.error && <Said text={noting.error.message} />}
    </section>
  );
}

/** What makes the plan so; nothing where it is done at the machine or the iron. */
function actsOf(one: Remedy): Act[] {
  const acts = Object.entries(one.methods).map(([kind, method]): Act => ({ do: "method", kind, method }));
  if (Object.keys(one.settings).length > 0) acts.push({ do: "making", settings: one.settings });
  return acts;
}

/** How many blocks come out good before and after a remedy, as two bars with their numbers. */
function Shares({ one }: { one: Remedy }) {
  return (
    <dl className="shares">
      {one.do !== "nothing" && (
        <div>
          <dt>{say("measure-good-before")}</dt>
          <dd>
            <Bar share={one.good_before} /> {one.before}
          </dd>
        </div>
      )}
      <div>
        <dt>{one.do === "nothing" ? say("measure-good-as-it-is") : say("measure-good-after")}</dt>
        <dd>
          <Bar share={one.good_after} /> {one.after}
        </dd>
      </div>
    </dl>
  );
}

/** A share as a bar; the number stands beside it. */
export function Bar({ share }: { share: number }) {
  return (
    <svg className="share" viewBox="0 0 50 8" width="50" height="8" aria-hidden>
      <rect width="50" height="8" className="ground" />
      <rect width={50 * share} height="8" />
    </svg>
  );
}
