import { client, settled } from "../api/client";
import { useChange } from "../api/useChange";
import type { Measuring } from "../api/useMeasuring";
import { Said } from "../common/Notices";
import { say } from "../language/say";

/** What the finished block looks like, chosen by its picture before anything is measured; once more takes it back. */
export function Looks({ id, measuring }: { id: string; measuring: Measuring }) {
  const keeping = useChange(
    (looks: Measuring["looks"][number]["name"] | null) =>
      settled(
        client.PUT("/api/blocks/{block_id}/looks", {
          params: { path: { block_id: id } },
          body: { looks, trial: measuring.trial },
        }),
      ),
    {
      refresh: [
        ["measuring", id],
        ["recipes", id],
      ],
    },
  );
  return (
    <section className="as-it-looks" aria-labelledby="looks-head">
      <h2 id="looks-head">{say("measure-what-does-it-look-like")}</h2>
      <div role="group" aria-labelledby="looks-head">
        {measuring.looks.map((one) => (
          <button
            key={one.name}
            type="button"
            aria-pressed={measuring.look === one.name}
            onClick={() => keeping.mutate(measuring.look === one.name ? null : one.name)}
          >
            <svg viewBox="-0.15 -0.15 1.3 1.3" aria-hidden>
              <rect width="1" height="1" className="meant" />
              <polygon points={one.picture.map((spot) => spot.join(",")).join(" ")} />
            </svg>
            <span>{one.words}</span>
          </button>
        ))}
      </div>
      {keeping.error && <Said text={keeping.error.message} />}
    </section>
  );
}
