import "./guild.scss";

import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";

import { client, faultsOf, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Said } from "../common/Notices";
import { Typed } from "../common/Typed";
import { Unready } from "../common/Waiting";
import { say } from "../language/say";
import { PeopleTicks } from "./PeopleTicks";

type Together = Schemas["TogetherOut"];
type Part = Together["parts"][number];
type Count = "count" | "cut" | "sewn" | "handed_in";

const COUNTS: [Count, string][] = [
  ["count", say("guild-took-over")],
  ["cut", say("quilts-cut")],
  ["sewn", say("guild-sewn")],
  ["handed_in", say("guild-handed-in")],
];

/** A quilt that several sew: who took over what, how far she is, how far all of it is. */
export function TogetherStep({ id }: { id: string }) {
  const path = { params: { path: { block_id: id } } };
  const key = ["together", id];
  const queries = useQueryClient();
  const found = useQuery({
    queryKey: key,
    queryFn: () => settled<Together>(client.GET("/api/quilts/{block_id}/together", path)),
    refetchInterval: 10_000,
  });
  const options = { refresh: [], onDone: (now: Together) => queries.setQueryData(key, now) };
  const keeping = useChange(
    (part: Schemas["QuiltPartIn"]) =>
      settled<Together>(client.PUT("/api/quilts/{block_id}/together", { ...path, body: part })),
    { ...options, inOrder: `together ${id}` },
  );
  const dealing = useChange(
    (people: string[]) =>
      settled<Together>(client.POST("/api/quilts/{block_id}/together", { ...path, body: { people } })),
    options,
  );
  const { data } = found;
  if (!data)
    return <Unready fault={found.error} onAgain={() => void found.refetch()} children={say("guild-fetching")} />;
  if (data.alone) {
    return (
      <main className="together">
        <h1>{say("guild-sewn-together")}</h1>
        <p>{say("guild-this-yonk-is-for-one-quilter")}</p>
      </main>
    );
  }
  const fault = keeping.error ?? dealing.error;
  const change = (part: Part, name: Count, text: string) => {
    const { person, block, count, cut, sewn, handed_in } = part;
    keeping.mutate({ person, block, count, cut, sewn, handed_in, [name]: Number(text) });
  };
  return (
    <main className="together">
      <h1>{say("guild-sewn-together")}</h1>
      <p role="status">{data.said}</p>
      {fault && (
        <Said
          text={faultsOf(fault)
            .map((one) => (one.where ? `${one.where} ${one.message}` : one.message))
            .join("\n")}
          onClose={() => {
            keeping.reset();
            dealing.reset();
          }}
        />
      )}
      {data.blocks.map((block) => (
        <section key={block.block} aria-label={block.name}>
          <h2>
            {block.name} <small>{say("guild-in-the-quilt", { wanted: block.wanted })}</small>
          </h2>
          <Bar block={block} />
          <div className="table-room">
            <table>
              <thead>
                <tr>
                  <th scope="col">{say("guild-who")}</th>
                  {COUNTS.map(([name, words]) => (
                    <th scope="col" key={name}>
                      {words}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {data.parts
                  .filter((part) => part.block === block.block)
                  .map((part) => (
                    <tr key={part.person} className={part.hers ? "hers" : ""}>
                      <th scope="row">{part.hers ? say("guild-you", { name: part.name }) : part.name}</th>
                      {COUNTS.map(([name, words]) => (
                        <td key={name}>
                          {part.hers || data.may_change ? (
                            <Typed
                              label={`${part.name}: ${words}`}
                              showLabel={false}
                              value={String(part[name])}
                              width="4rem"
                              onKeep={(text) => change(part, name, text)}
                            />
                          ) : (
                            part[name]
                          )}
                        </td>
                      ))}
                    </tr>
                  ))}
              </tbody>
            </table>
          </div>
          <TakeOver data={data} block={block} onTake={keeping.mutate} />
        </section>
      ))}
      {data.may_change && <DealOut data={data} onDeal={dealing.mutate} />}
    </main>
  );
}

function Bar({ block }: { block: Together["blocks"][number] }) {
  const part = (count: number) => `${String((100 * count) / Math.max(block.wanted, 1))}%`;
  const words = say("guild-handed-in-sewn-cut-of", {
    handed_in: block.handed_in,
    sewn: block.sewn,
    cut: block.cut,
    wanted: block.wanted,
  });
  return (
    <svg className="progress-bar" role="img" aria-label={words}>
      <rect width="100%" height="100%" className="wanted" />
      <rect width={part(block.cut)} height="100%" className="cut" />
      <rect width={part(block.sewn)} height="100%" className="sewn" />
      <rect width={part(block.handed_in)} height="100%" className="handed-in" />
    </svg>
  );
}

interface TakeProps {
  data: Together;
  block: Together["blocks"][number];
  onTake: (part: Schemas["QuiltPartIn"]) => void;
}

function TakeOver({ data, block, onTake }: TakeProps) {
  const mine = data.parts.find((part) => part.block === block.block && part.hers);
  if (block.left < 0) return <p role="alert">{say("guild-more-are-taken-over-than", { surplus: -block.left })}</p>;
  if (block.left === 0) return <p className="quiet-text">{say("guild-all-are-taken-over")}</p>;
  if (mine) return <p className="quiet-text">{say("guild-are-left-to-take-over", { left: block.left })}</p>;
  return (
    <p className="guild-row">
      <span>{say("guild-are-left", { left: block.left })}</span>
      <Button
        size="sm"
        variant="outline-primary"
        onClick={() => onTake({ person: data.me, block: block.block, count: 1, cut: 0, sewn: 0, handed_in: 0 })}
      >
        {say("guild-take-one-over")}
      </Button>
    </p>
  );
}

function DealOut({ data, onDeal }: { data: Together; onDeal: (people: string[]) => void }) {
  const [chosen, setChosen] = useState<string[]>(() => [
    ...new Set(data.parts.length ? data.parts.map((part) => part.person) : [data.me]),
  ]);
  return (
    <details className="deal">
      <summary>{say("guild-share-it-out-anew")}</summary>
      <PeopleTicks
        legend={say("guild-who-sews-each-as-many")}
        people={data.people}
        chosen={chosen}
        onChoose={setChosen}
      />
      <p>{say("guild-what-was-told-of-so")}</p>
      <Button size="sm" disabled={!chosen.length} onClick={() => onDeal(chosen)}>
        {say("guild-share-it-out")}
      </Button>
    </details>
  );
}
