import "./shelf.scss";

import { useQuery } from "@tanstack/react-query";
import { type DragEvent, useEffect, useRef, useState } from "react";
import { Button, Spinner } from "react-bootstrap";
import { Link, useNavigate } from "react-router";

import { type Block, client, type Schemas, settled, words } from "../api/client";
import { useChange } from "../api/useChange";
import { type Change, useInAddress } from "../common/useInAddress";
import { Brand } from "../common/Brand";
import { Said } from "../common/Notices";
import { useWho } from "../guild/useWho";
import { NewBlock } from "./NewBlock";
import { type ShelfBlock, ShelfCard } from "./ShelfCard";

const ORDERS = [
  ["changed", "last changed first"],
  ["name", "by name"],
  ["oldest", "longest untouched first"],
] as const;

const SHELF = [["shelf"]];

/** Takes block files in one after the other: the blocks that came of them, and what was wrong with the others. */
async function takeFiles(files: File[]): Promise<{ taken: Block[]; wrong: string[] }> {
  const taken: Block[] = [];
  const wrong: string[] = [];
  for (const one of files) {
    try {
      const block = await settled<Block>(
        client.POST("/api/blocks/import", {
          body: one as never,
          bodySerializer: (file: unknown) => file as File,
          headers: { "Content-Type": "application/octet-stream" },
        }),
      );
      taken.push(block);
    } catch (reason) {
      wrong.push(`${one.name} was not taken. ${words(reason)}`);
    }
  }
  return { taken, wrong };
}

/** The shelf of blocks: small pictures, names, finished sizes. */
export function ShelfPage() {
  const go = useNavigate();
  const who = useWho();
  const [params, inAddress] = useInAddress();
  const page = Math.max(1, Number(params.get("page")) || 1);
  const search = params.get("search") ?? "";
  const order = ORDERS.find(([name]) => name === params.get("order"))?.[0] ?? "changed";
  const label = params.get("label") ?? "";
  const labels = useQuery({
    queryKey: ["labels"],
    queryFn: () => settled<Schemas["ShelfLabelOut"][]>(client.GET("/api/labels")),
  });
  const known = (labels.data ?? []).map((one) => one.label);
  const shelf = useQuery({
    queryKey: ["shelf", page, search, order, label],
    queryFn: () =>
      settled<Schemas["ShelfOut"]>(client.GET("/api/blocks", { params: { query: { page, search, order, label } } })),
    placeholderData: (before) => before,
  });
  const look = (change: Change) => inAddress({ page: undefined, ...change });
  const [starting, setStarting] = useState(false);
  const [deleted, setDeleted] = useState<ShelfBlock>();
  const [over, setOver] = useState(false);
  const file = useRef<HTMLInputElement>(null);

  useEffect(() => {
    document.title = "Yonk: the shelf of blocks";
  }, []);

  const taking = useChange(takeFiles, {
    refresh: SHELF,
    onDone: ({ taken, wrong }) => {
      if (!wrong.length && taken.length === 1) void go(`/blocks/${taken[0]?.id ?? ""}/draft`);
    },
  });
  const removing = useChange(
    (block: ShelfBlock) =>
      settled(client.DELETE("/api/blocks/{block_id}", { params: { path: { block_id: block.id } } })),
    { refresh: SHELF, onDone: (_, block) => setDeleted(block) },
  );
  const bringingBack = useChange(
    (block: ShelfBlock) =>
      settled(client.POST("/api/blocks/{block_id}/restore", { params: { path: { block_id: block.id } } })),
    { refresh: SHELF, onDone: () => setDeleted(undefined) },
  );
  const wrong = taking.data?.wrong.join("\n");
  const fault = removing.error ? `The block was not deleted. ${removing.error.message}` : wrong;
  const take = (files: FileList | null) => taking.mutate(Array.from(files ?? []));
  const dismiss = () => {
    taking.reset();
    removing.reset();
  };

  function drop(event: DragEvent) {
    event.preventDefault();
    setOver(false);
    take(event.dataTransfer.files);
  }

  return (
    <div
      className={over ? "shelf-page dropping" : "shelf-page"}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={(event) => {
        if (event.currentTarget === event.target) setOver(false);
      }}
      onDrop={drop}
    >
      <header className="top">
        <Brand />
        <span className="top-line">from a drafted block to fabric on the table</span>
        <span className="spring" />
        <Link to="/quilts">Quilts</Link>
        <Link to="/fabrics">Fabric shelf</Link>
        <Link to="/seam-log">Seam log</Link>
        <Link to="/finder">Size finder</Link>
        <Link to="/words">Words</Link>
        {who?.here === "in" && <Link to="/account">{who.name}</Link>}
        <Button variant="outline-primary" onClick={() => file.current?.click()}>
          Open a block file
        </Button>
        <Button variant="primary" onClick={() => setStarting(true)}>
          Start a block
        </Button>
        <input
          ref={file}
          type="file"
          accept=".json,application/json,.zip,application/zip"
          multiple
          hidden
          aria-label="Block file"
          onChange={(event) => {
            take(event.target.files);
            event.target.value = "";
          }}
        />
      </header>
      <main>
        <h1>The shelf of blocks</h1>
        {fault && <Said text={fault} onClose={dismiss} />}
        {deleted && (
          <Said
            text={`${deleted.name} is off the shelf.`}
            action={{ words: "Bring it back", onClick: () => bringingBack.mutate(deleted) }}
            onClose={() => setDeleted(undefined)}
          />
        )}
        {shelf.isPending && (
          <p role="status">
            <Spinner size="sm" /> Looking at the shelf …
          </p>
        )}
        {shelf.isError && (
          <Said
            text="The shelf cannot be read: Yonk's server or its database does not answer."
            action={{ words: "Try again", onClick: () => void shelf.refetch() }}
          />
        )}
        {shelf.data && (shelf.data.total > 12 || search || known.length > 0) && (
          <div className="shelf-search" role="search">
            <input
              type="search"
              value={search}
              aria-label="Find a block by its name"
              placeholder="Find by name"
              onChange={(event) => look({ search: event.target.value })}
            />
            <select value={order} aria-label="In which order" onChange={(event) => look({ order: event.target.value })}>
              {ORDERS.map(([name, words]) => (
                <option key={name} value={name}>
                  {words}
                </option>
              ))}
            </select>
            {known.length > 0 && (
              <select
                value={label}
                aria-label="Of which label"
                onChange={(event) => look({ label: event.target.value })}
              >
                <option value="">all labels</option>
                {(labels.data ?? []).map((one) => (
                  <option key={one.label} value={one.label}>
                    {one.label} ({one.blocks})
                  </option>
                ))}
              </select>
            )}
            <span className="quiet-text" role="status">
              {shelf.data.total} {shelf.data.total === 1 ? "block" : "blocks"}
            </span>
          </div>
        )}
        {shelf.data?.total === 0 && (search || label) && <p>No block is called or labelled so.</p>}
        {shelf.data?.total === 0 && !search && !label && (
          <EmptyShelf onStart={() => setStarting(true)} onOpen={() => file.current?.click()} />
        )}
        <ul className="shelf">
          {shelf.data?.blocks.map((block) => (
            <ShelfCard key={block.id} block={block} known={known} onDelete={() => removing.mutate(block)} />
          ))}
        </ul>
        {shelf.data && shelf.data.pages > 1 && (
          <nav className="pages" aria-label="Pages of the shelf">
            <Button
              variant="outline-primary"
              size="sm"
              disabled={page <= 1}
              onClick={() => look({ page: String(page - 1) })}
            >
              Back
            </Button>
            <span>
              page {shelf.data.page} of {shelf.data.pages}
            </span>
            <Button
              variant="outline-primary"
              size="sm"
              disabled={page >= shelf.data.pages}
              onClick={() => look({ page: String(page + 1) })}
            >
              On
            </Button>
          </nav>
        )}
        <p className="hint">
          <Link to="/bin">The bin</Link> keeps what was deleted. A block file can also be dropped anywhere on this page.
        </p>
      </main>
      <NewBlock show={starting} onClose={() => setStarting(false)} />
    </div>
  );
}

function EmptyShelf({ onStart, onOpen }: { onStart: () => void; onOpen: () => void }) {
  return (
    <section className="empty">
      <h2>The shelf is empty. Begin with a block.</h2>
      <ol>
        <li>
          <strong>Start a block</strong>: give it a name, a finished size (what will show in the quilt) and a grid.
        </li>
        <li>
          <strong>Draft it</strong>: choose a unit from the tray and touch the cells it goes into; paint the fabrics.
        </li>
        <li>
          <strong>Read the cutting list</strong> beside it. It changes with every touch.
        </li>
      </ol>
      <Button variant="primary" onClick={onStart}>
        Start a block
      </Button>{" "}
      <Button variant="outline-primary" onClick={onOpen}>
        Open a block file
      </Button>
    </section>
  );
}
