import "./draft.scss";

import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";

import { type Act } from "../api/client";
import { useUsual } from "../api/useUsual";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { goTo } from "../common/SkipLinks";
import { useRemembered } from "../common/useRemembered";
import { PointerMenu } from "../common/PointerMenu";
import { useCarry } from "../common/useCarry";
import { useHandsZoom } from "../common/useHandsZoom";
import { Zoom, ZOOMS } from "../common/Zoom";
import { rich, say } from "../language/say";
import { Board } from "./Board";
import { cellWords, unitOf } from "./places";
import { CuttingList, cutsOf } from "./CuttingList";
import { Colourings } from "./Colourings";
import { Edges } from "./Edges";
import { Fabrics } from "./Fabrics";
import { KeysSheet } from "./KeysSheet";
import { Mates } from "./Mates";
import { PaperEdge } from "./PaperEdge";
import { SizeChart } from "./SizeChart";
import { Tools } from "./Tools";
import { cellUnder } from "./onPaper";
import { type InHand, Tray, useTray } from "./Tray";
import { useBoardKeys } from "./useBoardKeys";
import type { StepProps } from "../block/step";

/** What is wrong with these is said where they are typed. */
const AT_THEIR_FIELDS = new Set(["width", "height", "blocks", "trim_margin", "seam", "ruler_step"]);

const NONE: Act[] = [];

/** What is drawn before it is answered: all of it while the server is gone, else paint. */
function shownAhead(untold: Act[], gone: boolean): Act[] {
  return gone || untold.some((act) => act.do === "paint") ? untold : NONE;
}

/** The Draft step: the ruled paper with its tray and fabrics, and the cutting list beside it. */
export function DraftStep({ id, view, drafting, board }: StepProps) {
  const { tool, setTool, show, setShow, announce, keys, setKeys, said } = board;
  const { sheet } = view;
  const gone = drafting.saving.state === "unsaved";
  const shown = shownAhead(drafting.untold, gone);
  const now = useMemo(() => ({ drawn: view, untold: shown }), [view, shown]);
  const { drawn, untold } = useDeferredValue(now); // the list first, the drawing a blink later
  const stamps = useTray();
  const usual = useUsual();
  const [unit, setUnit] = useState<InHand>({ unit: usual.kind, turn: 0, flip: false, divide: {} });
  const [taken, setTaken] = useState<Record<number, string>>({});
  const [slot, setSlot] = useState(0);
  const [matesName, setMates] = useRemembered(`mates of ${id}`);
  const [parts, setParts] = useState(2);
  const [spread, setSpread] = useState<"patch" | "letter" | "fabric">("patch");
  const [hovered, setHovered] = useState<number>();
  const [lit, setLit] = useState<number[]>([]);
  const [chart, setChart] = useState(false);
  const [colourings, setColourings] = useState(false);
  const [whole, setWhole] = useState(false);
  const [zoom, setZoom] = useState(0);
  const [menu, setMenu] = useState<{ at: { x: number; y: number }; face: number | undefined }>();
  const large = ZOOMS[zoom] ?? 1;
  const room = useHandsZoom(zoom, setZoom);
  const hand = useMemo(() => {
    const known = view.fabrics.map((fabric) => fabric.key);
    return [0, 1, 2].map((place) => {
      const key = taken[place];
      return key && known.includes(key) ? key : (known[Math.min(place, known.length - 1)] ?? "unassigned");
    });
  }, [taken, view.fabrics]);
  const mates = view.mates.find((one) => one.name === matesName) ?? view.mates[0];
  const act = (acts: Act[]) => drafting.act(acts, mates?.name ?? "none");
  const plainAct = (acts: Act[]) => drafting.act(acts);
  const take = (key: string) => setTaken({ ...taken, [slot]: key });

  const does = useBoardKeys({
    view,
    tool,
    setTool,
    parts,
    unit,
    setUnit,
    hand,
    slot,
    spread,
    whole,
    stamps,
    act,
    take,
    maps: mates?.maps ?? [],
    nextMates: () =>
      setMates(
        view.mates[(view.mates.findIndex((one) => one.name === mates?.name) + 1) % view.mates.length]?.name ?? "none",
      ),
    openKeys: () => setKeys(true),
    announce,
  });

  const choose = (kind: InHand["unit"]) => {
    if (kind !== unit.unit) setUnit({ ...unit, unit: kind, turn: 0, flip: false });
    setTool("put");
  };
  const { carried, begin } = useCarry<InHand["unit"]>({
    onLift: choose,
    onTurn: () => setUnit({ ...unit, turn: (unit.turn + 1) % 4 }),
    onOver: (at) => {
      const cell = cellUnder(view, at);
      if (cell) does.setCursor(cell);
    },
    onDrop: (_, under, at) => {
      const cell = under.closest(".board-room") && cellUnder(view, at);
      if (cell) does.putIn(cell);
    },
  });

  useHotkeys("shift+slash", () => setKeys(true), { useKey: false });
  useHotkeys("b", () => goTo("#board"), { preventDefault: true });
  useHotkeys("j", () => goTo("#cutting-list"), { preventDefault: true });
  useEffect(() => {
    if (document.activeElement === document.body) goTo("#board", { preventScroll: true }); // whatever led here is gone
  }, []);

  const seen = hovered ?? (tool === "look" ? does.picked : undefined);
  const over = seen === undefined ? undefined : view.faces[seen];
  const cuts = seen === undefined ? [] : cutsOf(view, seen);
  const litFaces = useMemo(() => new Set(lit), [lit]);
  const faultAt = (place: string) => drafting.faults.find((fault) => fault.place === place)?.message;
  const elsewhere = drafting.faults.filter((fault) => !AT_THEIR_FIELDS.has(fault.place));
  const cellSaid = cellWords(view, does.cursor);
  const unitOver = view.units.find((one) => seen !== undefined && one.label === unitOf(view, seen));

  return (
    <>
      <main className="draft">
        <Tray view={view} hand={unit} fabrics={hand} carried={carried} onBegin={begin} onUnit={choose} />
        <section className="bench" aria-label={say("common-draft")}>
          <h1 className="visually-hidden">{say("draft-drafting", { name: sheet.name })}</h1>
          <Tools
            tool={tool}
            setTool={setTool}
            view={view}
            parts={parts}
            setParts={setParts}
            spread={spread}
            setSpread={setSpread}
            show={show}
            setShow={setShow}
            unit={unit}
            setUnit={setUnit}
            whole={whole}
            setWhole={setWhole}
            cells={does.cellActs}
          />
          {(elsewhere.length > 0 || said) && (
            <Said
              text={[...elsewhere.map((fault) => `${fault.where}: ${fault.message}`), ...(said ? [said] : [])].join(
                "\n",
              )}
              onClose={() => {
                drafting.dismiss();
                announce(undefined);
              }}
            />
          )}
          <div className="board-frame">
            <div className="board-room" ref={room}>
              <div
                className="board-place"
                style={{ width: `${String(100 * large)}%`, height: `${String(100 * large)}%` }}
              >
                <Edges view={view} act={plainAct} />
                <Board
                  view={drawn}
                  tool={tool}
                  parts={parts}
                  maps={mates?.maps ?? []}
                  show={show}
                  lit={litFaces}
                  cursor={does.cursor}
                  pen={does.pen}
                  picked={does.picked}
                  waiting={untold}
                  gone={gone}
                  onCursor={does.setCursor}
                  onCells={does.onCells}
                  onFace={does.onFace}
                  onSeam={(start, end) => act([{ do: "sew", start, end }])}
                  onRub={(stretch) => act([{ do: "rub", start: stretch.start_at, end: stretch.end_at, whole }])}
                  onDropFabric={(face, fabric) => does.onFace(face, fabric)}
                  onHover={(face) => setHovered(face)}
                  onMenu={(at, face) => setMenu({ at, face })}
                  onKey={does.onKey}
                />
              </div>
            </div>
            {menu && <PointerMenu at={menu.at} acts={does.menuActs(menu.face)} onClose={() => setMenu(undefined)} />}
          </div>
          <div className="below-board">
            <PaperEdge
              view={view}
              act={plainAct}
              faultAt={faultAt}
              onDismiss={drafting.dismiss}
              onChart={() => setChart(true)}
            />
            <Mates view={view} mates={mates?.name ?? "none"} setMates={setMates} />
            <span className="spring" />
            <Zoom zoom={zoom} onZoom={setZoom} />
          </div>
          <p id="cell-said" className="visually-hidden" aria-live="polite">
            {cellSaid}
          </p>
          <p className="patch-said">
            {drafting.waiting > 0 && gone ? (
              <span className="doubt">
                {say("draft-for-the-server-marked-on", {
                  changes: say("draft-changes-wait", { waiting: drafting.waiting }),
                })}
              </span>
            ) : over ? (
              <>
                <b>{rich("draft-patch", { face_letters: view.face_letters[seen ?? -1] })}</b>{" "}
                <span>{rich("common-finished", { finished: <Fr>{over.finished}</Fr> })}</span>
                <span>
                  {rich("draft-in-unfinished", {
                    words: unitOver?.words,
                    label: unitOver?.label,
                    unfinished: <Fr>{unitOver?.unfinished ?? ""}</Fr>,
                  })}
                </span>
                {cuts.map((cut) => (
                  <span key={cut.id}>{rich("draft-is-cut", { size: <Fr>{`${cut.size} ${cut.further}`}</Fr> })}</span>
                ))}
              </>
            ) : (
              <span className="quiet-text">{does.hint}</span>
            )}
          </p>
          <Fabrics
            view={view}
            hand={hand}
            slot={slot}
            onSlot={setSlot}
            onTake={take}
            act={plainAct}
            onColourings={() => setColourings(true)}
          />
        </section>
        <CuttingList
          view={view}
          act={plainAct}
          faultAt={faultAt}
          lit={{ cuts: new Set(cuts.map((cut) => cut.id)) }}
          onLight={setLit}
        />
      </main>
      {chart && <SizeChart view={view} onClose={() => setChart(false)} act={plainAct} />}
      {colourings && <Colourings view={view} onClose={() => setColourings(false)} act={plainAct} />}
      <KeysSheet show={keys} onClose={() => setKeys(false)} />
    </>
  );
}
