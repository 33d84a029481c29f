import "./shelf.scss";

import { useQuery } from "@tanstack/react-query";
import { type DragEvent, lazy, Suspense, useEffect, useRef, useState } from "react";
import { Button, Spinner } from "react-bootstrap";
import { Link, useNavigate } from "react-router";

import { asItIs, type Block, client, type Schemas, settled, words } from "../api/client";
import { useChange } from "../api/useChange";
import { type Change, useInAddress } from "../common/useInAddress";
import { Brand } from "../common/Brand";
import { House } from "../common/House";
import { Said } from "../common/Notices";
import { rich, say } from "../language/say";
import { type ShelfBlock, ShelfCard } from "./ShelfCard";

const NewBlock = lazy(async () => ({ default: (await import("./NewBlock")).NewBlock }));

const ORDERS = [
  ["changed", say("shelf-last-changed-first")],
  ["name", say("shelf-by-name")],
  ["oldest", say("shelf-longest-untouched-first")],
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
          ...asItIs(one),
        }),
      );
      taken.push(block);
    } catch (reason) {
      wrong.push(say("shelf-was-not-taken", { name: one.name, words: words(reason) }));
    }
  }
  return { taken, wrong };
}

/** The shelf of blocks: small pictures, names, finished sizes. */
export function ShelfPage() {
  const go = useNavigate();
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
  const [starting, setStarting] = useState<boolean>(); // not asked for yet
  const [deleted, setDeleted] = useState<ShelfBlock>();
  const [over, setOver] = useState(false);
  const file = useRef<HTMLInputElement>(null);

  useEffect(() => {
    document.title = say("common-yonk-the-shelf-of-blocks");
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
  const fault = removing.error ? say("shelf-the-block-was-not-deleted", { message: removing.error.message }) : wrong;
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
        <House row />
        <span className="spring" />
        <Button variant="outline-primary" onClick={() => file.current?.click()}>
          {say("shelf-open-a-block-file")}
        </Button>
        <Button variant="primary" onClick={() => setStarting(true)}>
          {say("shelf-start-a-block")}
        </Button>
        <input
          ref={file}
          type="file"
          accept=".json,application/json,.zip,application/zip"
          multiple
          hidden
          aria-label={say("common-block-file")}
          onChange={(event) => {
            take(event.target.files);
            event.target.value = "";
          }}
        />
      </header>
      <main>
        <h1>{say("shelf-the-shelf-of-blocks")}</h1>
        {fault && <Said text={fault} onClose={dismiss} />}
        {deleted && (
          <Said
            text={say("common-is-off-the-shelf", { name: deleted.name })}
            action={{ words: say("common-bring-it-back"), onClick: () => bringingBack.mutate(deleted) }}
            onClose={() => setDeleted(undefined)}
          />
        )}
        {shelf.isPending && (
          <p role="status">
            <Spinner size="sm" /> {say("shelf-looking-at-the-shelf")}
          </p>
        )}
        {shelf.isError && (
          <Said
            text={say("shelf-the-shelf-cannot-be-read")}
            action={{ words: say("common-button-try-again"), onClick: () => void shelf.refetch() }}
          />
        )}
        {shelf.data && (shelf.data.total > 12 || search || known.length > 0) && (
          <div className="shelf-search" role="search">
            <input
              type="search"
              value={search}
              aria-label={say("common-find-a-block-by-its")}
              placeholder={say("common-find-by-name")}
              onChange={(event) => look({ search: event.target.value })}
            />
            <select
              value={order}
              aria-label={say("shelf-in-which-order")}
              onChange={(event) => look({ order: event.target.value })}
            >
              {ORDERS.map(([name, words]) => (
                <option key={name} value={name}>
                  {words}
                </option>
              ))}
            </select>
            {known.length > 0 && (
              <select
                value={label}
                aria-label={say("shelf-of-which-label")}
                onChange={(event) => look({ label: event.target.value })}
              >
                <option value="">{say("shelf-all-labels")}</option>
                {(labels.data ?? []).map((one) => (
                  <option key={one.label} value={one.label}>
                    {one.label} ({one.blocks})
                  </option>
                ))}
              </select>
            )}
            <span className="quiet-text" role="status">
              {say("common-count-of-blocks", { blocks: shelf.data.total })}
            </span>
          </div>
        )}
        {shelf.data?.total === 0 && (search || label) && <p>{say("shelf-no-block-is-called-or")}</p>}
        {shelf.data?.total === 0 && !search && !label && (
          <EmptyShelf onStart={() => setStarting(true)} onOpen={() => file.current?.click()} />
        )}
        <ul className="shelf">
          {shelf.data?.blocks.map((block) => (
            <ShelfCard key={block.id} block={block} known={known} onDelete={() => removing.mutate(block)} />
          ))}
        </ul>
        {shelf.data && shelf.data.pages > 1 && (
          <nav className="shelf-pages" aria-label={say("shelf-pages-of-the-shelf")}>
            <Button
              variant="outline-primary"
              size="sm"
              disabled={page <= 1}
              onClick={() => look({ page: String(page - 1) })}
            >
              {say("common-back")}
            </Button>
            <span>{say("shelf-page-of", { page: shelf.data.page, pages: shelf.data.pages })}</span>
            <Button
              variant="outline-primary"
              size="sm"
              disabled={page >= shelf.data.pages}
              onClick={() => look({ page: String(page + 1) })}
            >
              {say("shelf-on")}
            </Button>
          </nav>
        )}
        <p className="hint">
          {rich("shelf-keeps-what-was-deleted-a", { bin: <Link to="/bin">{say("shelf-the-bin")}</Link> })}
        </p>
      </main>
      {starting !== undefined && (
        <Suspense fallback={null}>
          <NewBlock show={starting} onClose={() => setStarting(false)} />
        </Suspense>
      )}
    </div>
  );
}

function EmptyShelf({ onStart, onOpen }: { onStart: () => void; onOpen: () => void }) {
  return (
    <section className="empty">
      <h2>{say("shelf-the-shelf-is-empty-begin")}</h2>
      <ol>
        <li>{rich("shelf-give-it-a-name-a", { start: <strong>{say("shelf-start-a-block")}</strong> })}</li>
        <li>{rich("shelf-choose-a-unit-from-the", { draft: <strong>{say("shelf-draft-it")}</strong> })}</li>
        <li>
          {rich("shelf-beside-it-it-changes-with", { read: <strong>{say("shelf-read-the-cutting-list")}</strong> })}
        </li>
      </ol>
      <Button variant="primary" onClick={onStart}>
        {say("shelf-start-a-block")}
      </Button>{" "}
      <Button variant="outline-primary" onClick={onOpen}>
        {say("shelf-open-a-block-file")}
      </Button>
    </section>
  );
}
