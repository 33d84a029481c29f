import "./shelf.scss";

import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Button, Spinner } from "react-bootstrap";

import { client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { ShelvesTop } from "../common/ShelvesTop";
import { Said } from "../common/Notices";
import { moment, say } from "../language/say";

type Binned = Schemas["BinnedOut"];

/** What was taken off the shelves, the last first; it is kept and can be brought back. */
export function BinPage() {
  const bin = useQuery({ queryKey: ["bin"], queryFn: () => settled<Binned[]>(client.GET("/api/bin")) });
  const back = useChange(
    (one: Binned) => settled(client.POST("/api/blocks/{block_id}/restore", { params: { path: { block_id: one.id } } })),
    { refresh: [["bin"], ["shelf"], ["quilts"]] },
  );
  useEffect(() => {
    document.title = say("shelf-yonk-the-bin");
  }, []);
  const fault = bin.error ?? back.error;
  return (
    <div className="shelf-page">
      <ShelvesTop />
      <main>
        <h1>{say("shelf-the-bin")}</h1>
        {fault && <Said text={fault.message} />}
        {bin.isPending && (
          <p role="status">
            <Spinner size="sm" /> {say("shelf-looking-into-the-bin")}
          </p>
        )}
        {bin.data?.length === 0 && <p>{say("shelf-nothing-was-deleted")}</p>}
        <ul className="binned">
          {bin.data?.map((one) => (
            <li key={one.id}>
              <span>
                <b>{one.name}</b> <small>{one.kind}</small>
              </span>
              <time dateTime={one.deleted}>{moment(`${one.deleted}Z`)}</time>
              <Button
                size="sm"
                variant="outline-primary"
                aria-label={say("shelf-bring-back", { name: one.name })}
                onClick={() => back.mutate(one)}
              >
                {say("common-bring-it-back")}
              </Button>
            </li>
          ))}
        </ul>
      </main>
    </div>
  );
}
