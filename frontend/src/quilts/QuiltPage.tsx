import "../block/block.scss";
import "./quilts.scss";

import { useMutation, useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useState } from "react";
import { Button, Spinner } from "react-bootstrap";
import { useHotkeys } from "react-hotkeys-hook";
import { Link, useNavigate, useParams } from "react-router";

import { type Block, client, download, settled } from "../api/client";
import { Newer } from "../block/Newer";
import { SaveSign } from "../block/SaveSign";
import { States } from "../block/States";
import { Brand } from "../common/Brand";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { Typed } from "../common/Typed";
import { Fetching } from "../common/Waiting";
import { Share } from "../guild/Share";
import { useWho } from "../guild/useWho";
import { Zoom, ZOOMS } from "../common/Zoom";
import { rich, say } from "../language/say";
import { nameOf, QuiltPicture } from "./QuiltPicture";
import { Blocks } from "./Blocks";
import { QuiltFabrics } from "./QuiltFabrics";
import { SettingFields } from "./SettingFields";
import { SizeWanted } from "./SizeWanted";
import { TopList } from "./TopList";
import { QuiltOf } from "./QuiltOf";
import { type Quilt, type QuiltAct, type QuiltInHand, useQuilt } from "./useQuilt";

const TopCut = lazy(async () => ({ default: (await import("./TopCut")).TopCut }));
const TogetherStep = lazy(async () => ({ default: (await import("../guild/Together")).TogetherStep }));
const TopSew = lazy(async () => ({ default: (await import("./TopSew")).TopSew }));
const STEPS = [
  ["set", say("common-set")],
  ["cut", say("common-cut")],
  ["sew", say("common-sew")],
  ["together", say("quilts-together")],
] as const;
const TURNINGS = [
  ["alike", say("quilts-all-alike")],
  ["quarter-turns", say("quilts-quarter-turns-round-each-four")],
  ["every-other", say("quilts-every-other-one-turned")],
  ["mirrored", say("quilts-mirrored-in-the-middle")],
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
    if (view) document.title = say("common-yonk", { name: view.sheet.name });
  }, [view]);
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
  if (!view) {
    return (
      <main className="alone" role="status">
        <Spinner size="sm" /> {say("quilts-fetching-the-quilt")}
      </main>
    );
  }
  return (
    <div className="draft-page">
      <header className="top">
        <Brand />
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
        <Link to="/quilts">{say("common-quilts")}</Link>
        <span className="spring" />
        <Share id={id} name={view.sheet.name} owner={quilting.owner} right={quilting.right} />
        <SaveSign drafting={quilting} copyTo={(copy) => `/quilts/${copy}`} />
        <Button variant="outline-primary" size="sm" onClick={quilting.undo} disabled={!quilting.canUndo}>
          {say("quilts-undo")}
        </Button>
        <Button variant="outline-primary" size="sm" onClick={quilting.redo} disabled={!quilting.canRedo}>
          {say("common-redo")}
        </Button>
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
          <Setting view={view} quilting={quilting} />
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
      <Button variant="outline-primary" size="sm" onClick={() => taking.mutate()}>
        {say("quilts-quilt-file")}
      </Button>
      <Button variant="outline-primary" size="sm" onClick={() => setEarlier(true)}>
        {say("common-earlier-states")}
      </Button>
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

function Setting({ view, quilting }: { view: Quilt; quilting: QuiltInHand }) {
  const [at, setAt] = useState<string>();
  const [held, setHeld] = useState<string[]>([]);
  const [corners, setCorners] = useState(false);
  const [vanishing, setVanishing] = useState(false);
  const [look, setLook] = useState({ grey: false, far: false, three: false });
  const [zoom, setZoom] = useState(0);
  useHotkeys("plus, equal", () => setZoom((before) => Math.min(before + 1, ZOOMS.length - 1)));
  useHotkeys("minus", () => setZoom((before) => Math.max(before - 1, 0)));
  const [row, setRow] = useState<string>();
  const fault = quilting.faults.map((one) => `${one.where}: ${one.message}`).join("\n");
  const act = (acts: QuiltAct[]) => {
    setRow(undefined);
    quilting.act(acts);
  };
  const place = view.picture.uses.find((one) => nameOf(one) === at);
  const spot = (use: { row: number; column: number }): [number, number] => [use.row, use.column];
  const pairs = view.vanishing.reduce((sum, one) => sum + one.pairs.length, 0);
  const lit = vanishing
    ? view.vanishing.flatMap((one) => one.pairs.flat().map(([row, column]) => nameOf({ row, column })))
    : [];
  return (
    <main className="setting">
      <section className="top-of-quilt" aria-label={say("quilts-the-top")}>
        <h1 className="visually-hidden">{say("quilts-setting", { name: view.sheet.name })}</h1>
        <p className="sizes">
          {rich("quilts-finished", {
            size: (
              <b>
                <Fr>{view.sheet.finished}</Fr>
              </b>
            ),
            blocks: say("common-count-of-blocks", { blocks: view.sheet.blocks }),
          })}
          {view.sheet.top !== view.sheet.finished && (
            <>{rich("quilts-without-borders", { top: <Fr>{view.sheet.top}</Fr> })}</>
          )}
        </p>
        <div className="looks" role="group" aria-label={say("quilts-look-at-it")}>
          {(
            [
              ["grey", say("quilts-greys")],
              ["far", say("quilts-far-away")],
              ["three", "3 × 3"],
            ] as const
          ).map(([name, words]) => (
            <label key={name}>
              <input
                type="checkbox"
                checked={look[name]}
                onChange={(event) => setLook({ ...look, [name]: event.target.checked })}
              />{" "}
              {words}
            </label>
          ))}
          <span className="spring" />
          <Zoom zoom={zoom} onZoom={setZoom} />
        </div>
        <div className="quilt-room">
          <QuiltPicture
            zoom={ZOOMS[zoom] ?? 1}
            picture={view.picture}
            label={say("quilts-the-quilt-top-arrows-go")}
            {...look}
            lit={lit}
            at={at}
            onAt={(use) => setAt(nameOf(use))}
            onDrag={(from, to) => act([{ do: "swap", at: spot(from), other: spot(to) }])}
            onKey={(event, use) => {
              const key = event.key.toLowerCase();
              if (key === "r") act([{ do: "turn", at: spot(use), by: event.shiftKey ? -1 : 1 }]);
              if (key === "m") act([{ do: "turn", at: spot(use), mirror: true }]);
              if (["r", "m"].includes(key)) event.preventDefault();
            }}
          />
        </div>
        <div className="place-tools">
          {place ? (
            <>
              <span>{say("quilts-row-place", { row: place.row + 1, column: place.column + 1 })}</span>
              <select
                aria-label={say("quilts-block-at-this-place")}
                value={place.block}
                onChange={(event) => act([{ do: "lay", block: event.target.value, at: spot(place) }])}
              >
                {!place.block && <option value="">{say("quilts-plain")}</option>}
                {view.blocks.map((one) => (
                  <option key={one.key} value={one.key}>
                    {one.name}
                  </option>
                ))}
              </select>
              <Button size="sm" variant="outline-primary" onClick={() => act([{ do: "turn", at: spot(place), by: 1 }])}>
                {say("common-turn")}
              </Button>
              <Button
                size="sm"
                variant="outline-primary"
                onClick={() => act([{ do: "turn", at: spot(place), mirror: true }])}
              >
                {say("quilts-mirror")}
              </Button>
              {view.blocks.length > 1 && at && (
                <label>
                  <input
                    type="checkbox"
                    checked={held.includes(at)}
                    onChange={(event) =>
                      setHeld(event.target.checked ? [...held, at] : held.filter((one) => one !== at))
                    }
                  />{" "}
                  {say("quilts-hold-it-fast")}
                </label>
              )}
            </>
          ) : (
            <span className="quiet-text">{say("quilts-touch-a-place-to-turn")}</span>
          )}
          <span className="spring" />
          <label>
            {say("quilts-turn-them")}{" "}
            <select
              value=""
              onChange={(event) => {
                const turning = TURNINGS.find(([name]) => name === event.target.value)?.[0];
                if (turning) act([{ do: "turn-all", turning }]);
              }}
            >
              <option value="">…</option>
              {TURNINGS.map(([name, words]) => (
                <option key={name} value={name}>
                  {words}
                </option>
              ))}
            </select>
          </label>
        </div>
        {(view.blocks.length > 1 || view.can_colour.length > 0) && (
          <div className="place-tools">
            {view.blocks.length > 1 && (
              <>
                <span role="status">{view.alike}</span>
                <Button
                  size="sm"
                  variant="outline-primary"
                  onClick={() =>
                    act([
                      {
                        do: "spread",
                        corners,
                        held: view.picture.uses.filter((use) => held.includes(nameOf(use))).map(spot),
                      },
                    ])
                  }
                >
                  {say("quilts-spread-them")}
                </Button>
                <label>
                  <input type="checkbox" checked={corners} onChange={(event) => setCorners(event.target.checked)} />{" "}
                  {say("quilts-corners-count-too")}
                </label>
              </>
            )}
            {view.can_colour.map((block) => (
              <button key={block} type="button" className="quiet" onClick={() => act([{ do: "colourings", block }])}>
                {rich("quilts-take-in-the-colourings-of", { name: view.blocks.find((one) => one.key === block)?.name })}
              </button>
            ))}
          </div>
        )}
        {pairs > 0 && (
          <details className="vanishing" onToggle={(event) => setVanishing(event.currentTarget.open)}>
            <summary>{say("quilts-pairs-of-neighbours-nearly-vanish", { pairs })}</summary>
            <ul>
              {view.vanishing.map((one) => (
                <li key={one.words}>{one.words}</li>
              ))}
            </ul>
          </details>
        )}
      </section>
      <section className="setting-side" aria-label={say("quilts-setting-and-list")}>
        {fault && !row && <Said text={fault} onClose={quilting.dismiss} />}
        {view.notices.length > 0 && (
          <ul className="changed">
            {view.notices.slice(0, 6).map((one) => (
              <li key={one.words}>
                <Fr>{one.words}</Fr>{" "}
                {one.mends.map((mend) => (
                  <button key={mend.words} type="button" className="quiet" onClick={() => act([mend.act])}>
                    <Fr>{mend.words}</Fr>
                  </button>
                ))}
              </li>
            ))}
          </ul>
        )}
        <Blocks view={view} act={act} />
        <QuiltFabrics view={view} act={act} />
        <SizeWanted view={view} act={act} />
        <SettingFields
          view={view}
          act={quilting.act}
          tried={{ row, fault, onTried: setRow, onDismiss: quilting.dismiss }}
        />
        <TopList view={view} />
      </section>
    </main>
  );
}
