import { useMemo, useState } from "react";
import { Button } from "react-bootstrap";
import { useHotkeys } from "react-hotkeys-hook";

import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { Typed } from "../common/Typed";
import { type MenuAct, PointerMenu } from "../common/PointerMenu";
import { useCarry } from "../common/useCarry";
import { useHandsZoom } from "../common/useHandsZoom";
import { trueSize, Zoom, zoomStep } from "../common/Zoom";
import { Photographed } from "../common/Photographed";
import { rich, say } from "../language/say";
import { Blocks } from "./Blocks";
import { CornerGrip } from "./CornerGrip";
import { HandTray } from "./HandTray";
import { type Handle, Handles } from "./Handles";
import { nameOf, QuiltPicture } from "./QuiltPicture";
import { QuiltFabrics } from "./QuiltFabrics";
import { SettingFields } from "./SettingFields";
import { SizeWanted } from "./SizeWanted";
import { Spreading } from "./Spreading";
import { TopList } from "./TopList";
import { type Hand, same } from "./hand";
import { turnedAhead } from "./turnedAhead";
import { useLive } from "./useLive";
import type { Quilt, QuiltAct, QuiltInHand } from "./useQuilt";

const TURNINGS = [
  ["alike", say("quilts-all-alike")],
  ["quarter-turns", say("quilts-quarter-turns-round-each-four")],
  ["every-other", say("quilts-every-other-one-turned")],
  ["mirrored", say("quilts-mirrored-in-the-middle")],
] as const;

type Spot = [number, number];
const spot = (use: { row: number; column: number }): Spot => [use.row, use.column];
const toPlaces = ([columns, rows]: [number, number]): QuiltAct => ({
  do: "places",
  columns: String(columns),
  rows: String(rows),
});
interface Typing {
  handle: Handle;
  x: number;
  y: number;
}

/** The top to be set by hand: blocks and fabrics put into it, its sides dragged; the panel beside it for typing. */
export function SetByHand({ view, quilting }: { view: Quilt; quilting: QuiltInHand }) {
  const [chosen, setChosen] = useState<string[]>([]);
  const [hand, setHand] = useState<Hand>();
  const [held, setHeld] = useState<string[]>(() => view.spread.held.map(([row, column]) => nameOf({ row, column })));
  const [vanishing, setVanishing] = useState(false);
  const [typing, setTyping] = useState<Typing>();
  const [look, setLook] = useState({ grey: false, far: false, three: false });
  const [zoom, setZoom] = useState(1);
  const [menu, setMenu] = useState<{ at: { x: number; y: number }; part: string | undefined }>();
  const room = useHandsZoom(zoom, setZoom);
  const [row, setRow] = useState<string>();
  const fault = quilting.faults.map((one) => `${one.where}: ${one.message}`).join("\n");
  const act = (acts: QuiltAct[]) => {
    setRow(undefined);
    quilting.act(acts);
  };
  const lay = (its: Hand, places: Spot[]) => {
    if (its.block) act([{ do: "lay", block: its.block, places }]);
    if (its.shelf) {
      act([{ do: "add-block", origin: its.shelf, places }]);
      setHand(undefined); // it is one of the quilt's now
    }
  };
  const put = (places: Spot[]) => {
    if (hand) lay(hand, places);
  };
  const widen = ({ part, ends, inside }: Handle, width: string) => act([{ do: "widen", part, ends, inside, width }]);
  const picture = useMemo(() => turnedAhead(view.picture, quilting.untold), [view.picture, quilting.untold]);
  const { live, show, forget } = useLive(view.document);
  const [dragging, setDragging] = useState(false);
  const putOnto = (its: Hand, part: string) =>
    act([{ do: "put-onto", part, fabric: its.fabric ?? "", block: its.block ?? "" }]);
  const { carried, begin } = useCarry<Hand>({
    onTap: (its) => setHand(same(hand, its) ? undefined : its),
    onDrop: (its, under) => {
      const at = under.closest("[data-at]")?.getAttribute("data-at");
      const part = under.closest("[data-part]")?.getAttribute("data-part");
      const use = view.picture.uses.find((one) => nameOf(one) === at);
      if (use && !its.fabric) lay(its, [spot(use)]);
      else if (use && !use.block) putOnto(its, "alternate");
      else if (!use && part) putOnto(its, part);
    },
  });
  useHotkeys("plus, equal", () => setZoom((before) => zoomStep(before, 1)));
  useHotkeys("minus", () => setZoom((before) => zoomStep(before, -1)));
  useHotkeys("escape", () => {
    setHand(undefined);
    setTyping(undefined);
    setChosen([]);
  });
  const places = view.picture.uses.filter((one) => chosen.includes(nameOf(one)));
  const spots = places.map(spot);
  const [place] = places;
  const pairs = view.vanishing.reduce((sum, one) => sum + one.pairs.length, 0);
  const lit = vanishing
    ? view.vanishing.flatMap((one) => one.pairs.flat().map(([row, column]) => nameOf({ row, column })))
    : [];
  const parts = view.picture.parts ?? [];
  const partName = (part: string) => parts.find((one) => one.part === part)?.words ?? part;
  const fabric = (carried?.hand ?? hand)?.fabric;
  const inHand = carried?.hand ?? hand;
  // what is not there yet: a border outside, sashing between the blocks
  const offered = inHand && !inHand.shelf ? [{ part: "outside", words: say("quilts-a-new-border") }] : [];
  if (fabric && !view.setting.sashing_fabric) offered.push({ part: "sashing", words: say("quilts-new-sashing") });
  const turn = (by: number) => act(spots.map((at) => ({ do: "turn" as const, at, by })));
  const mirror = () => act(spots.map((at) => ({ do: "turn" as const, at, mirror: true })));
  const hold = () => setHeld([...new Set([...held, ...chosen])]);
  const menuActs = (part: string | undefined): MenuAct[] => {
    const offers = part
      ? view.fabrics.map((one) => ({
          words: say("quilts-menu-of-fabric", { fabric: one.name }),
          run: () => putOnto({ fabric: one.key }, part),
        }))
      : [
          ...view.blocks.map((one) => ({
            words: say("quilts-menu-lay", { block: one.name }),
            run: () => lay({ block: one.key }, spots),
          })),
          { words: say("common-turn"), keys: "R", run: () => turn(1) },
          { words: say("quilts-mirror"), keys: "M", run: mirror },
          { words: say("quilts-empty"), run: () => act([{ do: "clear", places: spots }]) },
          ...(view.blocks.length > 1 ? [{ words: say("quilts-hold-it-fast"), run: hold }] : []),
        ];
    const border = /^border-(\d+)$/.exec(part ?? "")?.[1];
    if (!border) return offers;
    return [
      ...offers,
      { words: say("quilts-menu-border-off"), run: () => act([{ do: "border-off", number: Number(border) }]) },
    ];
  };
  return (
    <main className="setting">
      <HandTray view={view} hand={hand} carried={carried} onBegin={begin} onHand={setHand} />
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
          <Photographed fabrics={view.fabrics} />
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
          <Zoom
            zoom={zoom}
            onZoom={setZoom}
            atTrueSize={() =>
              trueSize(room.current?.querySelector<SVGSVGElement>("svg.quilt") ?? null, zoom, view.sheet.unit)
            }
          />
        </div>
        <div className="quilt-room" ref={room}>
          <QuiltPicture
            zoom={zoom}
            picture={picture}
            live={dragging || quilting.waiting > 0 ? live : undefined}
            prints={view.fabrics}
            label={say("quilts-the-quilt-top-arrows-go")}
            {...look}
            lit={lit}
            marks={view.alike.marks}
            chosen={chosen}
            inHand={hand !== undefined}
            offered={offered.map((one) => one.part)}
            onAt={(use, add) => {
              const name = nameOf(use);
              if (!add) setChosen(chosen.length === 1 && chosen[0] === name ? [] : [name]);
              else setChosen(chosen.includes(name) ? chosen.filter((one) => one !== name) : [...chosen, name]);
            }}
            onSpan={(uses) => {
              if (hand?.fabric && uses.some((one) => !one.block)) putOnto(hand, "alternate");
              else put(uses.map(spot));
            }}
            onPart={(part) => {
              if (hand) putOnto(hand, part);
            }}
            onMenu={(at, use, part) => {
              if (use && !chosen.includes(nameOf(use))) setChosen([nameOf(use)]);
              if (use ?? part) setMenu({ at, part: use ? undefined : part });
            }}
            onDrag={(from, to) => act([{ do: "swap", at: spot(from), other: spot(to) }])}
            onKey={(event, use) => {
              const key = event.key.toLowerCase();
              const here = chosen.includes(nameOf(use)) ? spots : [spot(use)];
              if (key === "r") act(here.map((at) => ({ do: "turn", at, by: event.shiftKey ? -1 : 1 })));
              if (key === "m") act(here.map((at) => ({ do: "turn", at, mirror: true })));
              if (key === "delete" || key === "backspace") act([{ do: "clear", places: here }]);
              if (key === "enter" && hand && !hand.fabric) put(here);
              if (key === " ") {
                const name = nameOf(use);
                setChosen(chosen.includes(name) ? chosen.filter((one) => one !== name) : [...chosen, name]);
              }
              if (["r", "m", "delete", "backspace", "enter", " "].includes(key)) event.preventDefault();
            }}
          >
            {!hand && (
              <CornerGrip
                picture={view.picture}
                size={[view.setting.columns, view.setting.rows]}
                onLive={(size) => {
                  setDragging(size !== undefined);
                  if (!size) forget();
                  else
                    show({
                      act: toPlaces(size),
                      shift: (drawn) => [view.picture.top[0] - drawn.top[0], view.picture.top[1] - drawn.top[1]],
                    });
                }}
                onSize={(size) => {
                  setDragging(false);
                  act([toPlaces(size)]);
                }}
              />
            )}
            {!hand && (
              <Handles
                picture={view.picture}
                name={partName}
                onLive={(dragged) => {
                  setDragging(dragged !== undefined);
                  if (!dragged) forget();
                  else {
                    const { handle, at, typed, end } = dragged;
                    const { part, ends, inside } = handle;
                    show({
                      act: { do: "widen", part, ends, inside, width: typed },
                      shift: (drawn) => {
                        const side = drawn.handles?.[at]?.side[0];
                        return side && [end[0] - side[0], end[1] - side[1]];
                      },
                    });
                  }
                }}
                onWiden={(handle, width) => {
                  setDragging(false);
                  widen(handle, width);
                }}
                onType={(handle, x, y) => setTyping({ handle, x, y })}
              />
            )}
          </QuiltPicture>
          {menu && <PointerMenu at={menu.at} acts={menuActs(menu.part)} onClose={() => setMenu(undefined)} />}
          {typing && (
            <div className="typed-here" style={{ left: typing.x, top: typing.y }}>
              <Typed
                label={say("quilts-width-of-part", { part: partName(typing.handle.part) })}
                value={typing.handle.typed}
                width="4rem"
                suffix={view.sheet.suffix}
                onKeep={(width) => {
                  widen(typing.handle, width);
                  setTyping(undefined);
                }}
              />
              <button type="button" className="quiet" onClick={() => setTyping(undefined)}>
                {say("common-close")}
              </button>
            </div>
          )}
        </div>
        <div className="place-tools" role="group" aria-label={say("quilts-what-is-in-hand-and-chosen")}>
          {hand ? (
            <>
              <span>
                {hand.shelf
                  ? say("quilts-a-block-of-the-shelf-in-hand")
                  : hand.block
                    ? rich("quilts-block-in-hand", { name: view.blocks.find((one) => one.key === hand.block)?.name })
                    : rich("quilts-fabric-in-hand", {
                        name: view.fabrics.find((one) => one.key === hand.fabric)?.name,
                      })}
              </span>
              {[...parts, ...offered]
                .filter((one) => hand.fabric || /^border|^alternate|^outside/.test(one.part))
                .filter(() => !hand.shelf)
                .map((one) => (
                  <button key={one.part} type="button" className="quiet" onClick={() => putOnto(hand, one.part)}>
                    {say("quilts-onto-part", { part: one.words })}
                  </button>
                ))}
              <button type="button" className="quiet" onClick={() => setHand(undefined)}>
                {say("quilts-lay-it-down")}
              </button>
            </>
          ) : place ? (
            <>
              <span>
                {places.length === 1
                  ? say("quilts-row-place", { row: place.row + 1, column: place.column + 1 })
                  : say("quilts-places-chosen", { places: places.length })}
              </span>
              <select
                aria-label={say("quilts-block-at-this-place")}
                value={places.every((one) => one.block === place.block) ? place.block : ""}
                onChange={(event) => act([{ do: "lay", block: event.target.value, places: spots }])}
              >
                {!(place.block && places.every((one) => one.block === place.block)) && (
                  <option value="">{place.block ? "…" : say("quilts-plain")}</option>
                )}
                {view.blocks.map((one) => (
                  <option key={one.key} value={one.key}>
                    {one.name}
                  </option>
                ))}
              </select>
              <Button size="sm" variant="outline-primary" onClick={() => turn(1)}>
                {say("common-turn")}
              </Button>
              <Button size="sm" variant="outline-primary" onClick={mirror}>
                {say("quilts-mirror")}
              </Button>
              <Button size="sm" variant="outline-primary" onClick={() => act([{ do: "clear", places: spots }])}>
                {say("quilts-empty")}
              </Button>
              {view.blocks.length > 1 && (
                <label>
                  <input
                    type="checkbox"
                    checked={chosen.every((one) => held.includes(one))}
                    onChange={(event) =>
                      setHeld(
                        event.target.checked
                          ? [...new Set([...held, ...chosen])]
                          : held.filter((one) => !chosen.includes(one)),
                      )
                    }
                  />{" "}
                  {say("quilts-hold-it-fast")}
                </label>
              )}
            </>
          ) : (
            <span className="quiet-text">{say("quilts-touch-a-place-to-turn")}</span>
          )}
        </div>
        <Spreading view={view} held={held} act={act} />
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
