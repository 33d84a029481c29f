import "./shelf.scss";

import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Button, Spinner } from "react-bootstrap";
import { Link } from "react-router";

import { client, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { Brand } from "../common/Brand";
import { Said } from "../common/Notices";

type Binned = Schemas["BinnedOut"];

/** What was taken off the shelves, the last first; it is kept and can be brought back. */
export function BinPage() {
  const bin = useQuery({ queryKey: ["bin"], queryFn: () => settled<Binned[]>(client.GET("/api/bin")) });
  const back = useChange(
    (one: Binned) => settled(client.POST("/api/blocks/{block_id}/restore", { params: { path: { block_id: one.id } } })),
    { refresh: [["bin"], ["shelf"], ["quilts"]] },
  );
  useEffect(() => {
    document.title = "Yonk: the bin";
  }, []);
  const fault = bin.error ?? back.error;
  return (
    <div className="shelf-page">
      <header className="top">
        <Brand />
        <span className="spring" />
        <Link to="/">Blocks</Link>
        <Link to="/quilts">Quilts</Link>
      </header>
      <main>
        <h1>The bin</h1>
        {fault && <Said text={fault.message} />}
        {bin.isPending && (
          <p role="status">
            <Spinner size="sm" /> Looking into the bin …
          </p>
        )}
        {bin.data?.length === 0 && <p>Nothing was deleted.</p>}
        <ul className="binned">
          {bin.data?.map((one) => (
            <li key={one.id}>
              <span>
                <b>{one.name}</b> <small>{one.kind}</small>
              </span>
              <time dateTime={one.deleted}>{new Date(`${one.deleted}Z`).toLocaleString()}</time>
              <Button
                size="sm"
                variant="outline-primary"
                aria-label={`Bring ${one.name} back`}
                onClick={() => back.mutate(one)}
              >
                Bring it back
              </Button>
            </li>
          ))}
        </ul>
      </main>
    </div>
  );
}
