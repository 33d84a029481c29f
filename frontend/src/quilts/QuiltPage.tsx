import "../block/block.scss";
import "./quilts.scss";

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useState } from "react";
import { Dropdown } from "react-bootstrap";
import { useHotkeys } from "react-hotkeys-hook";
import { Link, useNavigate, useParams } from "react-router";

import { type Block, client, download, settled } from "../api/client";
import { Newer } from "../block/Newer";
import { SaveSign } from "../block/SaveSign";
import { States } from "../block/States";
import { Brand } from "../common/Brand";
import { House } from "../common/House";
import { Typed } from "../common/Typed";
import { UndoRedo } from "../common/UndoRedo";
import { Busy, Fetching } from "../common/Waiting";
import { Share } from "../guild/Share";
import { useWho } from "../guild/useWho";
import { rememberOpened } from "../common/opened";
import { say } from "../language/say";
import { QuiltOf } from "./QuiltOf";
import { SetByHand } from "./SetByHand";
import { type Quilt, type QuiltInHand, useQuilt } from "./useQuilt";

const TopCut = lazy(async () => ({ default: (await import("./TopCut")).TopCut }));
const TogetherStep = lazy(async () => ({ default: (await import("../guild/Together")).TogetherStep }));
const TopSew = lazy(async () => ({ default: (await import("./TopSew")).TopSew }));
const STEPS = [
  ["set", say("common-set")],
  ["cut", say("common-cut")],
  ["sew", say("common-sew")],
  ["together", say("quilts-together")],
] as const;
/** A quilt: the top on the left, its list on the right, both live. */
export function QuiltPage() {
  const { id = "", step = "set" } = useParams();
  return <OneQuilt key={id} id={id} step={step} />;
}

function OneQuilt({ id, step }: { id: string; step: string }) {
  const quilting = useQuilt(id);
  const queries = useQueryClient();
  const go = useNavigate();
  const guild = useWho()?.here === "in";
  const { view } = quilting;
  const saved = quilting.saving.state === "saved";
  useEffect(() => {
    if (saved) void queries.invalidateQueries({ queryKey: ["quilts"] });
  }, [queries, saved]);
  useEffect(() => {
    if (!view) return;
    document.title = say("common-yonk", { name: view.sheet.name });
    rememberOpened({ path: `/quilts/${id}`, name: view.sheet.name });
  }, [view, id]);
  const atTheTable = step === "cut" || step === "sew"; // there the keys take back what was told
  useHotkeys("mod+z", () => quilting.undo(), { preventDefault: true, enabled: !atTheTable }, [quilting, atTheTable]);
  useHotkeys("mod+shift+z, mod+y", () => quilting.redo(), { preventDefault: true });
  if (quilting.missing) {
    return (
      <main className="alone">
        <h1>{quilting.missing}</h1>
        <Link to="/quilts">{say("quilts-back-to-the-quilts")}</Link>
      </main>
    );
  }
  if (!view) return <Busy>{say("quilts-fetching-the-quilt")}</Busy>;
  return (
    <div className="draft-page">
      <header className="top">
        <Brand />
        <House />
        <Typed
          label={say("quilts-name-of-the-quilt")}
          showLabel={false}
          value={view.sheet.name}
          width="13rem"
          className="name"
          onKeep={(name) => quilting.act([{ do: "rename", name }])}
        />
        <nav aria-label={say("common-steps")}>
          {STEPS.filter(([name]) => name !== "together" || guild).map(([name, words]) => (
            <Link key={name} to={`/quilts/${id}/${name}`} aria-current={step === name ? "page" : undefined}>
              {words}
            </Link>
          ))}
        </nav>
        <span className="spring" />
        <Share id={id} name={view.sheet.name} owner={quilting.owner} right={quilting.right} />
        <SaveSign drafting={quilting} copyTo={(copy) => `/quilts/${copy}`} />
        <UndoRedo history={quilting} />
        <Take id={id} view={view} quilting={quilting} />
      </header>
      <Newer
        id={id}
        drafting={quilting}
        fetch={(one) => settled<Block>(client.GET("/api/quilts/{block_id}", { params: { path: { block_id: one } } }))}
        picture={(document, label) => <QuiltOf document={document} label={label} />}
        onCopied={(copy) => void go(`/quilts/${copy}`)}
      />
      <Suspense fallback={<Fetching />}>
        {step === "cut" ? (
          <TopCut id={id} view={view} quilting={quilting} />
        ) : step === "together" ? (
          <TogetherStep id={id} />
        ) : step === "sew" ? (
          <TopSew id={id} view={view} quilting={quilting} />
        ) : (
          <SetByHand view={view} quilting={quilting} />
        )}
      </Suspense>
    </div>
  );
}

function Take({ id, view, quilting }: { id: string; view: Quilt; quilting: QuiltInHand }) {
  const [earlier, setEarlier] = useState(false);
  const taking = useMutation({ mutationFn: () => download("/api/files/quilt", { document: view.document }) });
  return (
    <>
      <Dropdown align="end">
        <Dropdown.Toggle variant="outline-primary" size="sm" id="take-away">
          {say("common-files")}
        </Dropdown.Toggle>
        <Dropdown.Menu>
          <Dropdown.Item onClick={() => taking.mutate()}>{say("quilts-quilt-file")}</Dropdown.Item>
          <Dropdown.Item onClick={() => setEarlier(true)}>{say("common-earlier-states")}</Dropdown.Item>
        </Dropdown.Menu>
      </Dropdown>
      {earlier && (
        <States
          id={id}
          onOpen={async (document) =>
            quilting.take(document, await settled<Quilt>(client.POST("/api/quilt", { body: { document, acts: [] } })))
          }
          onClose={() => setEarlier(false)}
        />
      )}
    </>
  );
}
