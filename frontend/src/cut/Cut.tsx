import "../common/cards.scss";
import "./cut.scss";

import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";

import { contentKey } from "../api/contentKey";
import { type Act, client, takeAlong, type Draft, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { useInAddress } from "../common/useInAddress";
import type { DraftInHand } from "../block/useDraft";
import { Unready } from "../common/Waiting";
import { PAPERS, TakeAlong } from "../common/TakeAlong";
import { set } from "../common/settings";
import { rich, say } from "../language/say";
import { BlockPicture } from "./BlockPicture";
import { BlockWaysOut } from "./BlockWaysOut";
import { FabricButton } from "./FabricButton";
import { HowBought } from "./HowBought";
import { OneFabric } from "./OneFabric";
import { type CutFabric, type CutLine, type CutPlan, type Stage, ticking } from "./plan";
import { AtTheCuttingTable, useLayers } from "../table/AtTheCuttingTable";
import { keyName, orKept } from "../offline/kept";
import { TakeBack } from "../table/TakeBack";
import { usePaperDrop } from "../table/usePaperDrop";
import { useTable } from "../table/useTable";
import { takeWay } from "../table/WaysOut";
import { FromTheTrial } from "./FromTheTrial";
import { PrintBlock } from "./PrintBlock";

const STAGES: [Stage, string][] = [
  ["trial", say("cut-one-trial-block")],
  ["rest", say("cut-the-rest-after-it")],
  ["all", say("cut-all-at-once")],
];

interface Props {
  id: string;
  view: Draft;
  drafting: DraftInHand;
}

/** The Cut step: by fabric in the order of cutting, each cloth's layout to scale, ticked off as it is done. */
export function CutStep({ id, view, drafting }: Props) {
  const [params, go] = useInAddress();
  const [printing, setPrinting] = useState(false);
  const stage = (STAGES.find(([name]) => name === params.get("stage"))?.[0] ?? "all") satisfies Stage;
  const [layers, setLayers] = useLayers();
  const key = ["cut", id, stage, layers, contentKey(view.document)];
  const found = useQuery({
    queryKey: key,
    queryFn: ({ signal }) =>
      orKept(keyName(key), () =>
        settled<CutPlan>(
          client.POST("/api/cut", { body: { document: view.document, stage, block_id: id, layers }, signal }),
        ),
      ),
    placeholderData: (before) => before,
  });
  const plan = found.data;
  const fabric = plan?.fabrics.find((one) => one.key === params.get("fabric")) ?? plan?.fabrics[0];
  const paper = PAPERS.find((name) => name === params.get("paper")) ?? view.sheet.paper;

  const table = useTable<CutPlan>(id, params.get("table") ? "table" : "cut", key);
  const finishing = useChange(
    (one: CutFabric) =>
      settled(
        client.POST("/api/cut/done", { body: { document: view.document, block_id: id, stage, fabric: one.key } }),
      ),
    { refresh: [["fabrics"], ["cut", id]] },
  );
  const taking = useMutation({
    mutationFn: (path: string) => takeAlong(path, { document: view.document, stage, paper, block_id: id }),
  });
  const drawing = useMutation({
    mutationFn: (document: Draft["document"]) =>
      settled<Draft>(client.POST("/api/draft", { body: { document, acts: [] } })),
    onSuccess: (drawn) => drafting.take(drawn.document, drawn),
  });
  usePaperDrop();
  const tick = (line: CutLine, on: boolean) => table.tell(ticking(line, on));
  const fault = table.fault ?? (finishing.error ?? taking.error ?? drawing.error)?.message;
  const dismiss = () => {
    table.reset();
    finishing.reset();
    taking.reset();
    drawing.reset();
    drafting.dismiss();
  };

  if (!plan) return <Unready fault={found.error} onAgain={() => void found.refetch()} />;
  if (!fabric) {
    return (
      <main className="alone">
        {rich("cut-nothing-is-to-be-cut", {
          see_all: (
            <button type="button" className="quiet" onClick={() => go({ stage: "all" })}>
              {say("cut-see-all-blocks")}
            </button>
          ),
        })}
      </main>
    );
  }
  if (params.get("table")) {
    return (
      <AtTheCuttingTable
        plan={plan}
        fabrics={view.fabrics}
        table={table}
        layers={layers}
        onLayers={setLayers}
        at={params.get("at") ?? undefined}
        onStep={(at) => go({ at })}
        onClose={() => go({ table: undefined, at: undefined })}
      />
    );
  }
  return (
    <main className="cutting">
      <nav className="cards" aria-label={say("common-fabrics-to-cut")}>
        <fieldset className="stages">
          <legend className="visually-hidden">{say("common-for-which-blocks")}</legend>
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
            fabrics={view.fabrics}
            open={one.key === fabric.key}
            onOpen={() => go({ fabric: one.key })}
          />
        ))}
        <span className="spring" />
        <Button variant="primary" size="sm" onClick={() => go({ table: "1" })}>
          {say("common-at-the-cutting-table")}
        </Button>
        <TakeAlong
          paper={paper}
          menu="cut"
          onPaper={(next) => go({ paper: next })}
          onTake={(path) => taking.mutate(path)}
          onAll={() => setPrinting(true)}
          comesBack
        />
      </nav>
      {printing && <PrintBlock id={id} view={view} stage={stage} paper={paper} onClose={() => setPrinting(false)} />}
      <OneFabric
        key={fabric.key}
        fabric={fabric}
        plan={plan}
        fabrics={view.fabrics}
        above={
          <>
            <TakeBack table={table} />
            {stage === "rest" && <FromTheTrial id={id} document={view.document} />}
          </>
        }
        settings={<ClothSettings view={view} fabric={fabric} act={(acts) => drafting.act(acts)} />}
        picture={(line) => <BlockPicture view={view} line={line} fabric={fabric.key} />}
        said={[...(fault ? [fault] : []), ...drafting.faults.map((one) => `${one.where}: ${one.message}`)]}
        ways={
          <BlockWaysOut
            id={id}
            view={view}
            stage={stage}
            standing={plan.fabrics.map((one) => one.missing.join()).join("; ")}
            onTake={(way) => takeWay(way, table.tell, drawing.mutate)}
          />
        }
        onTick={(line, on) => tick(line, on)}
        onTell={(words, changes) => table.tell({ words, changes })}
        onDone={() => finishing.mutate(fabric)}
        onDismiss={dismiss}
      />
    </main>
  );
}

/** How the cloth is bought, and to which fabric of the shelf it is tied. */
function ClothSettings({ view, fabric, act }: { view: Draft; fabric: CutFabric; act: (acts: Act[]) => void }) {
  const own = view.fabrics.find((one) => one.key === fabric.key);
  return (
    <HowBought
      own={own}
      settings={view.sheet.settings}
      onTie={(tied) => {
        if (!own) return;
        const { key, name, colour, value, print, direction, right_side } = own;
        act([{ do: "fabric", key, name, colour, value, print, direction, right_side, shelf: tied }]);
      }}
      onSet={(name, text) => act([set(name, text)])}
    />
  );
}
