import { useQuery } from "@tanstack/react-query";

import { client, type Schemas, settled } from "../api/client";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import type { Quilt, QuiltAct } from "./useQuilt";
import { useShelf } from "./useShelf";

type Origin = Schemas["OriginOut"];

/** The blocks of a quilt, which of them were changed on the shelf since, and one more of it. */
export function Blocks({ view, act }: { view: Quilt; act: (acts: QuiltAct[]) => void }) {
  const taken = view.blocks.filter((one) => one.origin).map((one): [string, number] => [one.origin, one.revision]);
  const changed = useQuery({
    queryKey: ["origins", taken],
    queryFn: () => settled<Origin[]>(client.POST("/api/quilt/origins", { body: { blocks: taken } })),
    enabled: taken.length > 0,
  });
  const shelf = useShelf();
  return (
    <section className="quilt-blocks" aria-label={say("quilts-blocks-of-the-quilt")}>
      <ul>
        {view.blocks.map((one) => (
          <li key={one.key}>
            <b>{one.count}</b> {one.name}{" "}
            <small>
              <Fr>{one.finished}</Fr>
            </small>
          </li>
        ))}
      </ul>
      {(changed.data ?? []).map((one) => (
        <p key={one.origin} className="changed-origin">
          {one.words}{" "}
          {!one.gone && (
            <button type="button" className="quiet" onClick={() => act([{ do: "take-anew", origin: one.origin }])}>
              {say("quilts-take-it-anew")}
            </button>
          )}
        </p>
      ))}
      <select
        aria-label={say("quilts-take-one-more-block-in")}
        value=""
        onChange={(event) => {
          if (event.target.value) act([{ do: "add-block", origin: event.target.value }]);
        }}
      >
        <option value="">{say("quilts-a-block")}</option>
        {shelf.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}
          </option>
        ))}
      </select>
    </section>
  );
}
