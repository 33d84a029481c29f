import { type ReactNode, useState } from "react";
import { Button } from "react-bootstrap";

import type { Draft } from "../api/client";
import { Costs } from "../common/Costs";
import { Fr } from "../common/Fr";
import { Help } from "../common/Help";
import { lighting } from "../common/lighting";
import { Said } from "../common/Notices";
import { hasDirection } from "../common/prints";
import { rich, say } from "../language/say";
import { LineMore } from "../table/LineMore";
import { NotAsPlanned } from "../table/NotAsPlanned";
import type { Change } from "../table/useTable";
import { LayoutPicture } from "./LayoutPicture";
import type { CutFabric, CutLine, CutPlan } from "./plan";
import { SwatchOf } from "./SwatchOf";

interface Props {
  fabric: CutFabric;
  plan: Pick<CutPlan, "fabrics" | "caution" | "changed" | "costs">;
  fabrics: Draft["fabrics"];
  above: ReactNode;
  settings: ReactNode;
  picture: (lit: CutLine | undefined) => ReactNode;
  said: string[];
  onTick: (line: CutLine, on: boolean) => void;
  onTell: (words: string, changes: Change[]) => void;
  /** What can be done where there is not enough. */
  ways?: ReactNode;
  onDone: () => void;
  onDismiss: () => void;
}

/** One fabric of a list: its lines, ticked off as they are cut, and its layouts to scale. */
export function OneFabric({
  fabric,
  plan,
  fabrics,
  above,
  settings,
  picture,
  said,
  ways,
  onTick,
  onTell,
  onDone,
  onDismiss,
}: Props) {
  const [more, setMore] = useState<string>();
  const [lit, setLit] = useState<number>();
  const line = fabric.lines.find((one) => one.number === lit);
  const changed = plan.changed.filter(
    (one) => one.fabric === fabric.key || (!one.fabric && fabric.key === plan.fabrics[0]?.key),
  );
  return (
    <section className="cloth-list" aria-label={say("cut-cutting-list-of", { name: fabric.name })}>
      {said.length > 0 && <Said text={said.join("\n")} onClose={onDismiss} />}
      {above}
      <header>
        <SwatchOf fabrics={fabrics} name={fabric.key} size={40} />
        <div>
          <h1>{fabric.name}</h1>
          {fabrics.some((one) => one.key === fabric.key && hasDirection(one)) && (
            <p>
              {say("cut-the-print-points-arrows-show")} <Help word="directional-print" />
            </p>
          )}
          {fabric.note && (
            <p>
              <b>{fabric.note}</b>
            </p>
          )}
          <p>
            {fabric.done
              ? `${say("cut-all-is-cut")} `
              : fabric.buy_exact === 0
                ? say("cut-nothing-to-buy")
                : `${say("common-buy")} `}
            {fabric.buy_exact > 0 && (
              <b>
                <Fr>{fabric.buy}</Fr>
              </b>
            )}
            {fabric.fat_quarters && ` ${say("common-or", { fat_quarters: fabric.fat_quarters })}`}
            {fabric.buy_exact > 0 && (
              <small>
                {" "}
                {rich("cut-the-strips-need-no-layout", {
                  needed: <Fr>{fabric.needed}</Fr>,
                  least: <Fr>{fabric.least}</Fr>,
                })}
              </small>
            )}
          </p>
          {fabric.from_shelf.length > 0 && (
            <p>{rich("cut-from-the-shelf-first", { pieces: <Fr>{fabric.from_shelf.join(", ")}</Fr> })}</p>
          )}
          {fabric.cost && <p className="quiet-text">{fabric.cost}</p>}
          {plan.fabrics.length > 1 && fabric.key === plan.fabrics[0]?.key && <Costs costs={plan.costs} />}
          {fabric.too_large.length > 0 && (
            <p role="alert" className="doubt">
              {rich("cut-wider-than-the-cloth-take", { cuts: <Fr>{fabric.too_large.join(", ")}</Fr> })}
            </p>
          )}
        </div>
        <span className="spring" />
        {picture(line)}
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
      <section className="cloth-pictures" aria-label={say("cut-layouts")}>
        {fabric.layouts.map((layout, index) => (
          <LayoutPicture
            key={index}
            layout={layout}
            lines={fabric.lines}
            fabrics={fabrics}
            fabric={fabric.key}
            lit={lit}
            onLit={setLit}
          />
        ))}
      </section>
      <ol className="cut-lines">
        {fabric.lines.map((one) => (
          <li
            key={one.key}
            className={one.number === lit ? "lit" : ""}
            {...lighting(
              () => setLit(one.number),
              () => setLit(undefined),
            )}
          >
            <label>
              <input
                type="checkbox"
                disabled={one.in_units + one.in_lots === one.wanted}
                checked={one.ticked}
                onChange={(event) => onTick(one, event.target.checked)}
              />
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
                  {one.strips && <>{rich("cut-out-of", { strips: <Fr>{one.strips}</Fr> })} </>}
                  {say("cut-for-pieces", { purpose: one.purpose, running: one.running })}
                  {one.in_units > 0 && <> {say("table-in-units", { count: one.in_units, wanted: one.wanted })}</>}
                  {one.in_lots > 0 && <> {say("table-in-lots", { count: one.in_lots, wanted: one.wanted })}</>}
                  {one.done && !one.ticked && <>{rich("cut-cut-so-far", { done: <Fr>{one.done}</Fr> })}</>}
                  {one.serves && <> {rich("table-serves", { pieces: <Fr>{one.serves}</Fr> })}</>}
                </small>
              </span>
            </label>
            <button
              type="button"
              className="quiet more"
              aria-expanded={more === one.key}
              aria-label={`${say("table-more")}: ${String(one.count)} ${one.what} ${one.size}`}
              title={say("table-more")}
              onClick={() => setMore(more === one.key ? undefined : one.key)}
            >
              …
            </button>
            {more === one.key && (
              <LineMore line={one} words={`${String(one.count)} ${one.what} ${one.size}`} onTell={onTell} />
            )}
          </li>
        ))}
      </ol>
      {fabric.leftovers.length > 0 && (
        <p className="quiet-text">
          {rich("cut-left-over-and-worth-keeping", { pieces: <Fr>{fabric.leftovers.join(", ")}</Fr> })}
        </p>
      )}
      {fabric.shelf_name && fabric.put_back && <p className="quiet-text">{say("cut-the-leftovers-are-on-the")}</p>}
      {fabric.shelf_name && fabric.done && !fabric.put_back && !fabric.limited && (
        <Button size="sm" variant="outline-primary" onClick={onDone}>
          {say("cut-the-cutting-is-done-put")}
        </Button>
      )}
      <NotAsPlanned fabric={fabric} onTell={onTell} />
      {fabric.missing.length > 0 && ways}
      {settings}
    </section>
  );
}
