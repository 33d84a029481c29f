import "../common/cards.scss";
import "./cut.scss";

import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";

import { contentKey } from "../api/contentKey";
import { type Act, client, takeAlong, type Draft, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { useTicked } from "../api/useTicked";
import { useInAddress } from "../common/useInAddress";
import type { DraftInHand } from "../block/useDraft";
import { Unready } from "../common/Waiting";
import { PAPERS, TakeAlong } from "../common/TakeAlong";
import { set } from "../common/settings";
import { rich, say } from "../language/say";
import { BlockPicture } from "./BlockPicture";
import { FabricButton } from "./FabricButton";
import { HowBought } from "./HowBought";
import { OneFabric } from "./OneFabric";
import { type CutFabric, type CutLine, type CutPlan, type Stage, ticked } from "./plan";
import { FromTheTrial } from "./FromTheTrial";
import { PrintBlock } from "./PrintBlock";
import { TableView } from "./TableView";

const STAGES: [Stage, string][] = [
  ["trial", say("cut-one-trial-block")],
  ["rest", say("cut-the-rest-after-it")],
  ["all", say("cut-all-at-once")],
];

interface Props {
  id: string;
  view: Draft;
  drafting: DraftInHand;
  /** A line was ticked or unticked: what it is, and how that is taken back. */
  onTicked: (words: string, back: () => void) => void;
}

/** The Cut step: by fabric in the order of cutting, each cloth's layout to scale, ticked off as it is done. */
export function CutStep({ id, view, drafting, onTicked }: Props) {
  const [params, go] = useInAddress();
  const [printing, setPrinting] = useState(false);
  const stage = (STAGES.find(([name]) => name === params.get("stage"))?.[0] ?? "all") satisfies Stage;
  const key = ["cut", id, stage, contentKey(view.document)];
  const found = useQuery({
    queryKey: key,
    queryFn: ({ signal }) =>
      settled<CutPlan>(client.POST("/api/cut", { body: { document: view.document, stage, block_id: id }, signal })),
    placeholderData: (before) => before,
  });
  const plan = found.data;
  const fabric = plan?.fabrics.find((one) => one.key === params.get("fabric")) ?? plan?.fabrics[0];
  const paper = PAPERS.find((name) => name === params.get("paper")) ?? view.sheet.paper;

  const marking = useTicked<CutPlan, { line: CutLine; on: boolean }>({
    key,
    inOrder: "cut",
    keep: ({ line, on }) =>
      settled(
        client.PUT("/api/blocks/{block_id}/cut-marks", {
          params: { path: { block_id: id } },
          body: { marks: on ? line.on : line.off, revision: drafting.revision },
        }),
      ),
    show: (before, { line, on }) => ticked(before, line.key, on),
  });
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
  const tick = (line: CutLine, on: boolean) => {
    marking.tick({ line, on });
    onTicked(`${line.count} ${line.what} ${line.size}`, () => marking.tick({ line, on: !on }));
  };
  const fault = marking.fault ?? (finishing.error ?? taking.error)?.message;
  const dismiss = () => {
    marking.reset();
    finishing.reset();
    taking.reset();
    drafting.dismiss();
  };

  if (!plan) return <Unready fault={found.error} onAgain={() => void found.refetch()} />;
  if (!fabric) {
    return (
      <main className="alone" role="status">
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
      <TableView
        fabrics={view.fabrics}
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
        />
      </nav>
      {printing && <PrintBlock id={id} view={view} stage={stage} paper={paper} onClose={() => setPrinting(false)} />}
      <OneFabric
        key={fabric.key}
        fabric={fabric}
        plan={plan}
        fabrics={view.fabrics}
        above={stage === "rest" && <FromTheTrial id={id} document={view.document} />}
        settings={<ClothSettings view={view} fabric={fabric} act={(acts) => drafting.act(acts)} />}
        picture={(line) => <BlockPicture view={view} line={line} fabric={fabric.key} />}
        said={[...(fault ? [fault] : []), ...drafting.faults.map((one) => `${one.where}: ${one.message}`)]}
        onTick={(line, on) => tick(line, on)}
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
        const { key, name, colour, value, print, direction } = own;
        act([{ do: "fabric", key, name, colour, value, print, direction, shelf: tied }]);
      }}
      onSet={(name, text) => act([set(name, text)])}
    />
  );
}
