import "../common/cards.scss";
import "../cut/cut.scss";

import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";

import { contentKey } from "../api/contentKey";
import { client, takeAlong, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { useTicked } from "../api/useTicked";
import { useInAddress } from "../common/useInAddress";
import { PrintAll } from "../common/PrintAll";
import { Unready } from "../common/Waiting";
import { PAPERS, TakeAlong } from "../common/TakeAlong";
import { FabricButton } from "../cut/FabricButton";
import { HowBought } from "../cut/HowBought";
import { OneFabric } from "../cut/OneFabric";
import { type CutFabric, type CutLine, ticked } from "../cut/plan";
import { TableView } from "../cut/TableView";
import { say } from "../language/say";
import type { Quilt, QuiltInHand } from "./useQuilt";
import { WholeTop } from "./WholeTop";

type TopPlan = Schemas["TopCutOut"];

/** The Cut step of a quilt: everything for the whole top, by fabric, on the cloth, ticked off as it is done. */
export function TopCut({ id, view, quilting }: { id: string; view: Quilt; quilting: QuiltInHand }) {
  const [params, go] = useInAddress();
  const [printing, setPrinting] = useState(false);
  const key = ["top", id, contentKey(view.document)];
  const found = useQuery({
    queryKey: key,
    queryFn: ({ signal }) =>
      settled<TopPlan>(client.POST("/api/quilt/cut", { body: { document: view.document, quilt_id: id }, signal })),
    placeholderData: (before) => before,
  });
  const plan = found.data;
  const fabric = plan?.fabrics.find((one) => one.key === params.get("fabric"));
  const paper = PAPERS.find((name) => name === params.get("paper")) ?? "letter";
  const marking = useTicked<TopPlan, { line: CutLine; on: boolean }>({
    key,
    inOrder: "cut",
    keep: ({ line, on }) =>
      settled(
        client.PUT("/api/quilts/{block_id}/cut-marks", {
          params: { path: { block_id: id } },
          body: { marks: on ? line.on : line.off, revision: quilting.revision },
        }),
      ),
    show: (before, { line, on }) => ticked(before, line.key, on),
  });
  const finishing = useChange(
    (one: CutFabric) =>
      settled(client.POST("/api/quilt/cut/done", { body: { document: view.document, quilt_id: id, fabric: one.key } })),
    { refresh: [["fabrics"], ["top", id]] },
  );
  const taking = useMutation({
    mutationFn: (path: string) => takeAlong(path, { document: view.document, paper, quilt_id: id }),
  });
  const all = { document: view.document, paper, quilt_id: id };
  if (!plan) {
    return <Unready fault={found.error} onAgain={() => void found.refetch()} />;
  }
  const tick = (line: CutLine, on: boolean) => marking.tick({ line, on });
  const fault = marking.fault ?? (finishing.error ?? taking.error)?.message;
  const said = [...(fault ? [fault] : []), ...quilting.faults.map((one) => `${one.where}: ${one.message}`)];
  const first = fabric ?? plan.fabrics[0];
  if (params.get("table") && first) {
    return (
      <TableView
        fabrics={plan.swatches}
        plan={plan}
        fabric={first}
        fault={fault}
        onTick={tick}
        onFabric={(next) => go({ fabric: next })}
        onClose={() => go({ table: undefined })}
      />
    );
  }
  const dismiss = () => {
    marking.reset();
    finishing.reset();
    taking.reset();
    quilting.dismiss();
  };
  return (
    <main className="cutting">
      <nav className="cards" aria-label={say("common-fabrics-to-cut")}>
        <button
          type="button"
          className="unit-card whole"
          aria-current={!fabric || undefined}
          onClick={() => go({ fabric: undefined })}
        >
          <b>{say("quilts-the-whole-top")}</b>
        </button>
        {plan.fabrics.map((one) => (
          <FabricButton
            key={one.key}
            one={one}
            fabrics={plan.swatches}
            open={one === fabric}
            onOpen={() => go({ fabric: one.key })}
          />
        ))}
        <span className="spring" />
        <Button variant="primary" size="sm" onClick={() => go({ table: "1" })}>
          {say("common-at-the-cutting-table")}
        </Button>
        <TakeAlong
          paper={paper}
          menu="top-cut"
          onPaper={(next) => go({ paper: next })}
          onTake={(path) => taking.mutate(path)}
          onAll={() => setPrinting(true)}
        />
      </nav>
      {printing && (
        <PrintAll
          name={view.sheet.name}
          path="/api/files/quilt.pdf"
          asked={all}
          pages={(signal) => settled(client.POST("/api/preview/quilt", { body: all, signal }))}
          onClose={() => setPrinting(false)}
        />
      )}
      {fabric ? (
        <OneFabric
          key={fabric.key}
          fabric={fabric}
          plan={plan}
          fabrics={plan.swatches}
          above={null}
          settings={
            <HowBought
              own={view.fabrics.find((one) => one.key === fabric.key)}
              settings={view.sheet.settings}
              onTie={(shelf) => quilting.act([{ do: "fabric", key: fabric.key, shelf }])}
              onSet={(name, text) => quilting.act([{ do: "making", settings: { [name]: text } }])}
            />
          }
          picture={() => null}
          said={said}
          onTick={tick}
          onDone={() => finishing.mutate(fabric)}
          onDismiss={dismiss}
        />
      ) : (
        <WholeTop
          plan={plan}
          said={said}
          act={(acts) => quilting.act(acts)}
          onFabric={(next) => go({ fabric: next })}
          onDismiss={dismiss}
        />
      )}
    </main>
  );
}
