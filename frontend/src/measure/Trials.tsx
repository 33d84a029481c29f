import { client, settled } from "../api/client";
import { useChange } from "../api/useChange";
import type { Measuring } from "../api/useMeasuring";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { day, say } from "../language/say";

interface Props {
  id: string;
  measuring: Measuring;
  onGo: (trial: number) => void;
}

/** The trial blocks of a block beside each other, each judged by the plan that it was cut by. */
export function Trials({ id, measuring, onGo }: Props) {
  const { trials } = measuring;
  const beginning = useChange(
    () =>
      settled<{ trial: number }>(client.POST("/api/blocks/{block_id}/trials", { params: { path: { block_id: id } } })),
    { refresh: [["measuring", id]], onDone: (begun: { trial: number }) => onGo(begun.trial) },
  );
  if (trials.length === 0) return null;
  return (
    <section className="trials" aria-labelledby="trials-head">
      <h2 id="trials-head">{say("measure-trial-blocks")}</h2>
      <ul>
        {trials.map((one) => (
          <li key={one.number}>
            <button
              type="button"
              className="sew-step"
              aria-current={one.number === measuring.trial || undefined}
              onClick={() => onGo(one.number)}
            >
              <strong>
                {say("measure-trial-block-number", { number: one.number, begun: one.begun ? day(one.begun) : "" })}
              </strong>
              <span>{one.verdict}</span>
              {one.cause && (
                <span>
                  <Fr>{one.cause}</Fr>
                </span>
              )}
              {one.cut && (
                <small>
                  <Fr>{one.cut}</Fr>
                </small>
              )}
            </button>
          </li>
        ))}
      </ul>
      {trials.length < measuring.most_trials && (
        <button type="button" className="btn btn-outline-primary btn-sm" onClick={() => beginning.mutate()}>
          {say("measure-begin-another-trial-block")}
        </button>
      )}
      {beginning.error && <Said text={beginning.error.message} />}
    </section>
  );
}
