import "./cut.scss";

import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { Button, Spinner } from "react-bootstrap";
import { useSearchParams } from "react-router";

import { type Act, client, download, type Draft, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import type { DraftInHand } from "../block/useDraft";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { PAPERS, TakeAlong } from "../common/TakeAlong";
import { SettingField } from "../common/SettingField";
import { set, shownOn } from "../common/settings";
import { BlockPicture } from "./BlockPicture";
import { LayoutPicture } from "./LayoutPicture";
import type { CutFabric, CutLine, CutPlan, Stage } from "./plan";
import { SwatchOf } from "./SwatchOf";
import { FromTheTrial } from "./FromTheTrial";
import { TableView } from "./TableView";

const STAGES: [Stage, string][] = [
  ["trial", "one trial block"],
  ["rest", "the rest after it"],
  ["all", "all at once"],
];
const FILES = [
  ["/api/files/cutting.pdf", "Cutting list with layouts (PDF)"],
  ["/api/files/steps.pdf", "Step sheets of the recipes (PDF)"],
  ["/api/files/templates.pdf", "Templates at true size (PDF)"],
  ["/api/files/labels.pdf", "Labels for the stacks (PDF)"],
  ["/api/files/cutting.xlsx", "Cutting list (XLSX)"],
  ["/api/files/cutting.csv", "Cutting list (CSV)"],
  ["/api/files/layouts.svg", "Layouts (SVG)"],
  ["/api/files/templates.svg", "Templates (SVG)"],
  ["/api/files/templates.dxf", "Templates for a cutting machine (DXF)"],
] as const;

/** The Cut step: by fabric in the order of cutting, each cloth's layout to scale, ticked off as it is done. */
export function CutStep({ id, view, drafting }: { id: string; view: Draft; drafting: DraftInHand }) {
  const [params, setParams] = useSearchParams();
  const stage = (STAGES.find(([name]) => name === params.get("stage"))?.[0] ?? "all") satisfies Stage;
  const queries = useQueryClient();
  const key = ["cut", id, stage, view.document];
  const found = useQuery({
    queryKey: key,
    queryFn: ({ signal }) =>
      settled<CutPlan>(client.POST("/api/cut", { body: { document: view.document, stage, block_id: id }, signal })),
    placeholderData: (before) => before,
  });
  const plan = found.data;
  const fabric = plan?.fabrics.find((one) => one.key === params.get("fabric")) ?? plan?.fabrics[0];
  const paper = PAPERS.find((name) => name === params.get("paper")) ?? view.sheet.paper;
  const go = (change: Record<string, string | undefined>) => {
    const next = new URLSearchParams(params);
    for (const [name, value] of Object.entries(change)) {
      if (value) next.set(name, value);
      else next.delete(name);
    }
    setParams(next, { replace: true });
  };

  const marking = useChange(
    ({ line, on }: { line: CutLine; on: boolean }) =>
      settled(
        client.PUT("/api/blocks/{block_id}/cut-marks", {
          params: { path: { block_id: id } },
          body: { marks: on ? line.on : line.off, revision: drafting.revision },
        }),
      ),
    {
      refresh: [["cut", id]],
      inOrder: "cut",
      show: ({ line, on }) => {
        queries.setQueryData<CutPlan>(key, (before) => before && ticked(before, line.key, on));
      },
    },
  );
  const finishing = useChange(
    (one: CutFabric) =>
      settled(
        client.POST("/api/cut/done", { body: { document: view.document, block_id: id, stage, fabric: one.key } }),
      ),
    { refresh: [["fabrics"], ["cut", id]] },
  );
  const taking = useMutation({
    mutationFn: (path: (typeof FILES)[number][0]) =>
      download(path, { document: view.document, stage, paper, block_id: id }),
  });
  const tick = (line: CutLine, on: boolean) => marking.mutate({ line, on });
  const fault = marking.error
    ? `The tick was not kept. ${marking.error.message}`
    : (finishing.error ?? taking.error)?.message;
  const dismiss = () => {
    marking.reset();
    finishing.reset();
    taking.reset();
    drafting.dismiss();
  };

  if (!plan || !fabric) {
    return (
      <main className="alone" role="status">
        {found.error ? (
          <Said text={found.error.message} action={{ words: "Try again", onClick: () => void found.refetch() }} />
        ) : (
          <Spinner size="sm" />
        )}
        {plan && "Nothing is to be cut at this stage."}
        {plan && (
          <button type="button" className="quiet" onClick={() => go({ stage: "all" })}>
            see all blocks
          </button>
        )}
      </main>
    );
  }
  if (params.get("table")) {
    return (
      <TableView
        view={view}
        plan={plan}
        fabric={fabric}
        fault={fault}
        onTick={(line, on) => tick(line, on)}
        onFabric={(next) => go({ fabric: next })}
        onClose={() => go({ table: undefined })}
      />
    );
  }
  return (
    <main className="cutting">
      <nav className="cards" aria-label="Fabrics to cut">
        <fieldset className="stages">
          <legend className="visually-hidden">For which blocks</legend>
          {STAGES.map(([name, words]) => (
            <label key={name}>
              <input type="radio" name="stage" checked={stage === name} onChange={() => go({ stage: name })} /> {words}
            </label>
          ))}
        </fieldset>
        {plan.fabrics.map((one) => (
          <FabricButton
            key={one.key}
            one={one}
            view={view}
            open={one.key === fabric.key}
            onOpen={() => go({ fabric: one.key })}
          />
        ))}
        <span className="spring" />
        <Button variant="primary" size="sm" onClick={() => go({ table: "1" })}>
          At the cutting table
        </Button>
        <TakeAlong
          paper={paper}
          files={FILES}
          onPaper={(next) => go({ paper: next })}
          onTake={(path) => taking.mutate(path)}
        />
      </nav>
      <OneFabric
        key={fabric.key}
        fabric={fabric}
        plan={plan}
        view={view}
        above={stage === "rest" && <FromTheTrial id={id} document={view.document} />}
        fault={fault}
        faults={drafting.faults}
        act={(acts) => drafting.act(acts)}
        onTick={(line, on) => tick(line, on)}
        onDone={() => finishing.mutate(fabric)}
        onDismiss={dismiss}
      />
    </main>
  );
}

function ticked(plan: CutPlan, key: string, on: boolean): CutPlan {
  const fabrics = plan.fabrics.map((fabric) => {
    const lines = fabric.lines.map((line) => (line.key === key ? { ...line, ticked: on } : line));
    return { ...fabric, lines, done: lines.every((line) => line.ticked) };
  });
  return { ...plan, fabrics };
}

function FabricButton({ one, view, open, onOpen }: { one: CutFabric; view: Draft; open: boolean; onOpen: () => void }) {
  const done = one.lines.filter((line) => line.ticked).length;
  return (
    <button type="button" className="unit-card cloth-card" aria-current={open || undefined} onClick={onOpen}>
      <SwatchOf view={view} name={one.key} size={44} />
      <span>
        <b>{one.name}</b>
        <small>
          <Fr>{one.buy === "nothing" ? "all from the shelf" : one.buy}</Fr>
        </small>
        <small>{one.done ? "all cut" : `${String(done)} of ${String(one.lines.length)} lines cut`}</small>
      </span>
    </button>
  );
}

interface FabricProps {
  fabric: CutFabric;
  plan: CutPlan;
  view: Draft;
  above: ReactNode;
  fault: string | undefined;
  faults: { place: string; message: string }[];
  act: (acts: Act[]) => void;
  onTick: (line: CutLine, on: boolean) => void;
  onDone: () => void;
  onDismiss: () => void;
}

function OneFabric({ fabric, plan, view, above, fault, faults, act, onTick, onDone, onDismiss }: FabricProps) {
  const [lit, setLit] = useState<number>();
  const said = [...(fault ? [fault] : []), ...faults.map((one) => `${one.place}: ${one.message}`)];
  const line = fabric.lines.find((one) => one.number === lit);
  const changed = plan.changed.filter((one) => one.fabric === fabric.key);
  return (
    <>
      <section className="cloth-list" aria-label={`Cutting list of ${fabric.name}`}>
        {said.length > 0 && <Said text={said.join("\n")} onClose={onDismiss} />}
        {above}
        <header>
          <SwatchOf view={view} name={fabric.key} size={40} />
          <div>
            <h1>{fabric.name}</h1>
            <p>
              {fabric.done ? "All cut. " : fabric.buy === "nothing" ? "Nothing to buy" : "Buy "}
              {fabric.buy !== "nothing" && (
                <b>
                  <Fr>{fabric.buy}</Fr>
                </b>
              )}
              {fabric.fat_quarters && ` or ${fabric.fat_quarters}`}
              {fabric.buy !== "nothing" && (
                <small>
                  {" "}
                  the strips need <Fr>{fabric.needed}</Fr>; no layout could do with less than <Fr>{fabric.least}</Fr>
                </small>
              )}
            </p>
            {fabric.from_shelf.length > 0 && (
              <p>
                From the shelf first: <Fr>{fabric.from_shelf.join(", ")}</Fr>
              </p>
            )}
            {fabric.too_large.length > 0 && (
              <p role="alert" className="doubt">
                Wider than the cloth: <Fr>{fabric.too_large.join(", ")}</Fr>. Take wider cloth or join it first.
              </p>
            )}
          </div>
        </header>
        {fabric.key === plan.fabrics[0]?.key && <p className="caution">{plan.caution}</p>}
        {changed.length > 0 && (
          <ul className="changed">
            {changed.map((one) => (
              <li key={one.words}>
                <Fr>{one.words}</Fr>
              </li>
            ))}
          </ul>
        )}
        <ol className="cut-lines">
          {fabric.lines.map((one) => (
            <li
              key={one.key}
              className={one.number === lit ? "lit" : ""}
              onPointerEnter={() => setLit(one.number)}
              onPointerLeave={() => setLit(undefined)}
            >
              <label>
                <input type="checkbox" checked={one.ticked} onChange={(event) => onTick(one, event.target.checked)} />
                <span className="number">{one.number + 1}</span>
                <span className="count">{one.count}</span>
                <span className="what">
                  {one.what}{" "}
                  <b className="size">
                    <Fr>{one.size}</Fr>
                  </b>{" "}
                  <i>
                    <Fr>{one.further}</Fr>
                  </i>
                  <small>
                    {one.strips && (
                      <>
                        from <Fr>{one.strips}</Fr>;{" "}
                      </>
                    )}
                    for {one.purpose}; pieces {one.running}
                    {one.done && !one.ticked && (
                      <>
                        ; <Fr>{one.done}</Fr> cut so far
                      </>
                    )}
                  </small>
                </span>
              </label>
            </li>
          ))}
        </ol>
        {fabric.leftovers.length > 0 && (
          <p className="quiet-text">
            Left over and worth keeping: <Fr>{fabric.leftovers.join(", ")}</Fr>
          </p>
        )}
        {fabric.shelf_name && fabric.put_back && <p className="quiet-text">The leftovers are on the shelf.</p>}
        {fabric.shelf_name && fabric.done && !fabric.put_back && (
          <Button size="sm" variant="outline-primary" onClick={onDone}>
            The cutting is done: put the leftovers on the shelf
          </Button>
        )}
        <ClothSettings view={view} fabric={fabric} act={act} />
      </section>
      <section className="cloth-pictures" aria-label="Layouts">
        <BlockPicture view={view} line={line} fabric={fabric.key} />
        {fabric.layouts.map((layout, index) => (
          <LayoutPicture
            key={index}
            layout={layout}
            lines={fabric.lines}
            view={view}
            fabric={fabric.key}
            lit={lit}
            onLit={setLit}
          />
        ))}
      </section>
    </>
  );
}

/** How the cloth is bought, and to which fabric of the shelf it is tied. */
function ClothSettings({ view, fabric, act }: { view: Draft; fabric: CutFabric; act: (acts: Act[]) => void }) {
  const shelf = useQuery({
    queryKey: ["fabrics"],
    queryFn: () => settled<Schemas["ShelfFabricOut"][]>(client.GET("/api/fabrics")),
  });
  const own = view.fabrics.find((one) => one.key === fabric.key);
  const { sheet } = view;
  return (
    <details className="cloth-settings">
      <summary>How this cloth is bought</summary>
      {own && (
        <label className="typed">
          <span>From the fabric shelf</span>
          <select
            value={own.shelf}
            onChange={(event) =>
              act([
                {
                  do: "fabric",
                  key: own.key,
                  name: own.name,
                  colour: own.colour,
                  value: own.value,
                  print: own.print,
                  direction: own.direction,
                  shelf: event.target.value,
                },
              ])
            }
          >
            <option value="">not tied to any</option>
            {(shelf.data ?? []).map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
      )}
      {shownOn("cloth", sheet.settings).map(([name, setting]) => (
        <SettingField key={name} name={name} setting={setting} onKeep={(text) => act([set(name, text)])} />
      ))}
    </details>
  );
}
