import "../common/cards.scss";
import "../cut/cut.scss";

import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Button } from "react-bootstrap";

import { contentKey } from "../api/contentKey";
import { client, takeAlong, type Schemas, settled } from "../api/client";
import { useChange } from "../api/useChange";
import { useInAddress } from "../common/useInAddress";
import { PrintAll } from "../common/PrintAll";
import { Unready } from "../common/Waiting";
import { PAPERS, TakeAlong } from "../common/TakeAlong";
import { FabricButton } from "../cut/FabricButton";
import { HowBought } from "../cut/HowBought";
import { OneFabric } from "../cut/OneFabric";
import { type CutFabric, type CutLine, ticking } from "../cut/plan";
import { say } from "../language/say";
import { AtTheCuttingTable, useLayers } from "../table/AtTheCuttingTable";
import { keyName, orKept } from "../offline/kept";
import { TakeBack } from "../table/TakeBack";
import { usePaperDrop } from "../table/usePaperDrop";
import { useTable } from "../table/useTable";
import { takeWay, WaysOut } from "../table/WaysOut";
import type { Quilt, QuiltInHand } from "./useQuilt";
import { QuiltOf } from "./QuiltOf";
import { WholeTop } from "./WholeTop";

type TopPlan = Schemas["TopCutOut"];

/** The Cut step of a quilt: everything for the whole top, by fabric, on the cloth, ticked off as it is done. */
export function TopCut({ id, view, quilting }: { id: string; view: Quilt; quilting: QuiltInHand }) {
  const [params, go] = useInAddress();
  const [printing, setPrinting] = useState(false);
  const [layers, setLayers] = useLayers();
  const key = ["top", id, layers, contentKey(view.document)];
  const found = useQuery({
    queryKey: key,
    queryFn: ({ signal }) =>
      orKept(keyName(key), () =>
        settled<TopPlan>(
          client.POST("/api/quilt/cut", { body: { document: view.document, quilt_id: id, layers }, signal }),
        ),
      ),
    placeholderData: (before) => before,
  });
  const plan = found.data;
  const fabric = plan?.fabrics.find((one) => one.key === params.get("fabric"));
  const paper = PAPERS.find((name) => name === params.get("paper")) ?? "letter";
  const table = useTable<TopPlan>(id, params.get("table") ? "table" : "cut", key);
  const finishing = useChange(
    (one: CutFabric) =>
      settled(client.POST("/api/quilt/cut/done", { body: { document: view.document, quilt_id: id, fabric: one.key } })),
    { refresh: [["fabrics"], ["top", id]] },
  );
  usePaperDrop();
  const taking = useMutation({
    mutationFn: (path: string) => takeAlong(path, { document: view.document, paper, quilt_id: id }),
  });
  const drawing = useMutation({
    mutationFn: (document: Quilt["document"]) =>
      settled<Quilt>(client.POST("/api/quilt", { body: { document, acts: [] } })),
    onSuccess: (drawn) => quilting.take(drawn.document, drawn),
  });
  const all = { document: view.document, paper, quilt_id: id };
  if (!plan) {
    return <Unready fault={found.error} onAgain={() => void found.refetch()} />;
  }
  const tick = (line: CutLine, on: boolean) => table.tell(ticking(line, on));
  const fault = table.fault ?? (finishing.error ?? taking.error ?? drawing.error)?.message;
  const said = [...(fault ? [fault] : []), ...quilting.faults.map((one) => `${one.where}: ${one.message}`)];
  if (params.get("table")) {
    return (
      <AtTheCuttingTable
        plan={plan}
        fabrics={plan.swatches}
        table={table}
        layers={layers}
        onLayers={setLayers}
        at={params.get("at") ?? undefined}
        onStep={(at) => go({ at })}
        onClose={() => go({ table: undefined, at: undefined })}
      />
    );
  }
  const dismiss = () => {
    table.reset();
    finishing.reset();
    taking.reset();
    drawing.reset();
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
          comesBack
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
          above={<TakeBack table={table} />}
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
          ways={
            <WaysOut
              queryKey={[
                "top",
                id,
                "ways-out",
                contentKey(view.document),
                plan.fabrics.map((one) => one.missing).join(),
              ]}
              ask={(signal) =>
                settled<Schemas["QuiltWaysOut"]>(
                  client.POST("/api/quilt/cut/ways-out", {
                    body: { document: view.document, quilt_id: id, layers: 1 },
                    signal,
                  }),
                )
              }
              now={view.document}
              shown={(way) => way.document}
              picture={(document, label) => <QuiltOf document={document} label={label} />}
              onTake={(way) => takeWay(way, table.tell, drawing.mutate)}
            />
          }
          onTick={tick}
          onTell={(words, changes) => table.tell({ words, changes })}
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
