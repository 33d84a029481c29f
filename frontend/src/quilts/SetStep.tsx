import "./quilts.scss";

import { useQuery } from "@tanstack/react-query";
import { Button } from "react-bootstrap";
import { Link, useNavigate } from "react-router";

import { type Block, client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { say } from "../language/say";
import { QuiltPicture } from "./QuiltPicture";
import type { StepProps } from "../block/step";

type Shelf = Schemas["QuiltShelfOut"];

/** The Set step of a block: the quilts that it is in, and a new one of it. */
export function SetStep({ id, view }: StepProps) {
  const { name } = view.sheet;
  const go = useNavigate();
  const found = useQuery({
    queryKey: ["quilts", "with", id],
    queryFn: () => settled<Shelf>(client.GET("/api/quilts", { params: { query: { origin: id } } })),
  });
  const beginning = useChange(
    () =>
      settled<Block>(client.POST("/api/quilts", { body: { name: say("quilts-throw-of", { name }), blocks: [id] } })),
    { refresh: [["quilts"]], onDone: (quilt) => void go(`/quilts/${quilt.id}`) },
  );
  const fault = found.error ?? beginning.error;
  return (
    <main className="quilt-shelf alone-scrolls">
      <h1>{say("quilts-the-quilts-that-is-in", { name })}</h1>
      {fault && <Said text={fault.message} />}
      {found.data?.total === 0 && <p>{say("quilts-none-yet")}</p>}
      <ul>
        {(found.data?.quilts ?? []).map((one) => (
          <li key={one.id}>
            <Link to={`/quilts/${one.id}`}>
              <QuiltPicture picture={one.picture} label={say("common-picture-of", { name: one.name })} />
              <b>{one.name}</b>
              <small>
                <Fr>{one.finished}</Fr>, {say("common-count-of-blocks", { blocks: one.blocks })}
              </small>
            </Link>
          </li>
        ))}
      </ul>
      <Button onClick={() => beginning.mutate()} disabled={beginning.isPending}>
        {say("quilts-set-it-into-a-new")}
      </Button>
    </main>
  );
}
