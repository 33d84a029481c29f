import "./draft.scss";

import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";

import type { Act, Draft, MatesName } from "../api/client";
import { useUsual } from "../api/useUsual";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { goTo } from "../common/SkipLinks";
import { useRemembered } from "../common/useRemembered";
import { PointerMenu } from "../common/PointerMenu";
import { useCarry } from "../common/useCarry";
import { useHandsZoom } from "../common/useHandsZoom";
import { useNewest } from "../common/useNewest";
import { trueSize, Zoom } from "../common/Zoom";
import { rich, say } from "../language/say";
import { Board } from "./Board";
import { cellWords, unitOf } from "./places";
import { type MovedLine, warped } from "./warp";
import { CuttingList, cutsOf } from "./CuttingList";
import { Colourings } from "./Colourings";
import { asAct, Edges } from "./Edges";
import { Fabrics } from "./Fabrics";
import { KeysSheet } from "./KeysSheet";
import { Mates } from "./Mates";
import { PaperEdge } from "./PaperEdge";
import { SizeChart } from "./SizeChart";
import { Tools } from "./Tools";
import { cellUnder } from "./onPaper";
import { type InHand, Tray, useInHand, useTray } from "./Tray";
import { LayPicture } from "./LayPicture";
import { seamAct, seamsSaid, UnderBar } from "./UnderBar";
import { useUnderPicture } from "./useUnderPicture";
import { useBoardKeys } from "./useBoardKeys";
import { useNewFabrics } from "./useNewFabrics";
import type { StepProps } from "../block/step";

/** What is wrong with these is said where they are typed. */
const AT_THEIR_FIELDS = new Set(["width", "height", "blocks", "trim_margin", "seam", "ruler_step"]);

const NONE: Act[] = [];

interface Wanted {
  acts: Act[];
  at: MatesName;
}

/** What can be drawn before it is answered. */
const AHEAD = new Set<Act["do"]>(["paint", "put", "sew"]);

/** What is drawn before it is answered: all of it while the server is gone. */
function shownAhead(untold: Act[], gone: boolean): Act[] {
  return gone || untold.some((act) => AHEAD.has(act.do)) ? untold : NONE;
}

/** The Draft step: the ruled paper with its tray and fabrics, and the cutting list beside it. */
export function DraftStep({ id, view, drafting, board }: StepProps) {
  const { tool, setTool, held, hold, show, setShow, announce, keys, setKeys, said } = board;
  const { sheet } = view;
  const gone = drafting.saving.state === "unsaved";
  const shown = shownAhead(drafting.untold, gone);
  const now = useMemo(() => ({ drawn: view, untold: shown }), [view, shown]);
  const { drawn: settled, untold } = useDeferredValue(now); // the list first, the drawing a blink later
  const stamps = useTray();
  const usual = useUsual();
  const { taken, slot, parts, spread, whole, zoom } = held;
  const unit = held.unit ?? { unit: usual.kind, turn: 0, flip: false, divide: {} };
  const setUnit = (next: InHand) => hold({ unit: next });
  const setZoom = (next: number) => hold({ zoom: next });
  const stamp = useInHand(unit);
  const [matesName, setMates] = useRemembered(`mates of ${id}`);
  const [hovered, setHovered] = useState<number>();
  const [lit, setLit] = useState<number[]>([]);
  const [chart, setChart] = useState(false);
  const [colourings, setColourings] = useState(false);
  const [movedLine, setMovedLine] = useState<MovedLine>();
  const [menu, setMenu] = useState<{ at: { x: number; y: number }; face: number | undefined }>();
  const under = useUnderPicture(id, view);
  const [photo, setPhoto] = useState<File>();
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
  const take = (key: string) => hold({ taken: { ...taken, [slot]: key } });
  const uses = Math.max(1, ...(stamp?.parts ?? []).map((part) => part.fabric + 1));
  const { addNext, addFromShelf } = useNewFabrics({
    fabrics: view.fabrics,
    taken,
    slot,
    uses: tool === "put" ? uses : undefined,
    hold,
    act: plainAct,
  });
  const {
    newest,
    show: showLive,
    forget,
  } = useNewest<Wanted, Draft>(view.document, ({ acts, at }) => drafting.wouldBe(acts, at));
  const [draggedSeam, setDraggedSeam] = useState(false);
  // what was let go is seen as it lies till the answer is here
  const live = movedLine || draggedSeam || drafting.waiting > 0 ? newest : undefined;
  const drawn = useMemo(
    () => (movedLine ? warped(live ?? settled, movedLine) : (live ?? settled)),
    [movedLine, live, settled],
  );
  const dragLine = (moved: MovedLine | undefined) => {
    setMovedLine(moved);
    if (moved) showLive({ acts: [asAct(moved)], at: "none" });
  };
  useEffect(() => {
    if (drafting.faults.length > 0) forget(); // it could not be so
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [drafting.faults]);

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
            setParts={(next) => hold({ parts: next })}
            spread={spread}
            setSpread={(next) => hold({ spread: next })}
            show={show}
            setShow={setShow}
            unit={unit}
            setUnit={setUnit}
            whole={whole}
            setWhole={(next) => hold({ whole: next })}
            cells={does.cellActs}
            onPhoto={setPhoto}
          />
          <div className="board-frame">
            <div className="board-said">
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
            </div>
            <div className="board-room" ref={room}>
              <div
                className="board-place"
                style={{ width: `${String(100 * zoom)}%`, height: `${String(100 * zoom)}%` }}
              >
                <Edges
                  view={live || movedLine ? drawn : view}
                  grips={tool !== "seam"}
                  act={plainAct}
                  onDrag={dragLine}
                />
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
                  unit={unit}
                  stamp={stamp}
                  stampOf={(kind, divide) =>
                    kind === unit.unit && divide === (unit.divide[unit.unit] ?? "")
                      ? stamp
                      : stamps.find((one) => one.kind === kind && !divide)
                  }
                  fabrics={hand}
                  carried={Boolean(carried)}
                  seam={does.seam}
                  onChooseSeam={does.setSeam}
                  onDragSeam={(seam, to) => {
                    setDraggedSeam(Boolean(seam));
                    if (!seam) return;
                    const [start, end] = seam;
                    showLive({ acts: [{ do: "move-seam", start, end, to }], at: mates?.name ?? "none" });
                  }}
                  onMoveSeam={does.moveSeam}
                  under={under}
                  onTakeSeam={(seam) => {
                    plainAct([seamAct(seam)]);
                    under.leave([seam]);
                  }}
                  onCursor={does.setCursor}
                  onDown={(cell, face) => drafting.foresee(does.aboutTo(cell, face), mates?.name ?? "none")}
                  onCells={does.onCells}
                  onFace={does.onFace}
                  onSeam={(start, end) => act([{ do: "sew", start, end }])}
                  onRub={(stretch) => act([{ do: "rub", start: stretch.start_at, end: stretch.end_at, whole }])}
                  onDropFabric={(face, fabric) => does.onFace(face, fabric)}
                  onHover={(face) => setHovered(face)}
                  onMenu={(at, face) => setMenu({ at, face })}
                  onKey={does.onKey}
                  onKeyUp={does.onKeyUp}
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
            <UnderBar under={under} parts={parts} act={plainAct} />
            <span className="spring" />
            <Zoom
              zoom={zoom}
              onZoom={setZoom}
              atTrueSize={() => trueSize(document.querySelector<SVGSVGElement>("svg#board"), zoom, sheet.unit)}
            />
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
              <span className="quiet-text">{seamsSaid(under) || does.hint}</span>
            )}
          </p>
          <Fabrics
            view={view}
            hand={hand}
            slot={slot}
            onSlot={(next) => hold({ slot: next })}
            onNew={addNext}
            onFromShelf={addFromShelf}
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
          onPhoto={setPhoto}
        />
      </main>
      {photo && <LayPicture photo={photo} sheet={sheet} onLaid={under.lay} onClose={() => setPhoto(undefined)} />}
      {chart && <SizeChart view={view} onClose={() => setChart(false)} act={plainAct} />}
      {colourings && <Colourings view={view} onClose={() => setColourings(false)} act={plainAct} />}
      <KeysSheet show={keys} onClose={() => setKeys(false)} />
    </>
  );
}
