import { useHotkeys } from "react-hotkeys-hook";

import type { Draft } from "../api/client";
import { Fr } from "../common/Fr";
import { Said } from "../common/Notices";
import { say } from "../language/say";
import type { CutFabric, CutLine, CutPlan } from "./plan";
import { SwatchOf } from "./SwatchOf";
import { LayoutPicture } from "./LayoutPicture";

interface Props {
  fabrics: Draft["fabrics"];
  plan: Pick<CutPlan, "fabrics" | "caution">;
  fabric: CutFabric;
  fault: string | undefined;
  onTick: (line: CutLine, on: boolean) => void;
  onFabric: (key: string) => void;
  onClose: () => void;
}

/** For the cutting table: one fabric at a time in large type, ticked with one tap, its place kept in the address. */
export function TableView({ fabrics, plan, fabric, fault, onTick, onFabric, onClose }: Props) {
  const place = plan.fabrics.findIndex((one) => one.key === fabric.key);
  const before = plan.fabrics[place - 1];
  const after = plan.fabrics[place + 1];
  useHotkeys("right", () => after && onFabric(after.key), [after]);
  useHotkeys("left", () => before && onFabric(before.key), [before]);
  useHotkeys("escape", onClose, [onClose]);
  return (
    <main className="at-the-table">
      <header>
        <SwatchOf fabrics={fabrics} name={fabric.key} size={72} />
        <h1>{fabric.name}</h1>
        <span>{say("cut-fabric-of-fabrics", { place: place + 1, fabrics: plan.fabrics.length })}</span>
        <span className="spring" />
        <button type="button" disabled={!before} onClick={() => before && onFabric(before.key)}>
          {say("common-back")}
        </button>
        <button type="button" disabled={!after} onClick={() => after && onFabric(after.key)}>
          {say("cut-next")}
        </button>
        <button type="button" onClick={onClose}>
          {say("common-close")}
        </button>
      </header>
      {fault && <Said text={fault} />}
      {place === 0 && <p className="caution">{plan.caution}</p>}
      <ul>
        {fabric.lines.map((line) => (
          <li key={line.key}>
            <button
              type="button"
              aria-pressed={line.ticked}
              className={line.ticked ? "ticked" : ""}
              onClick={() => onTick(line, !line.ticked)}
            >
              <span className="tick" aria-hidden="true">
                {line.ticked ? "✓" : line.number + 1}
              </span>
              <span className="count">{line.count} ×</span>
              <span className="size">
                <Fr>{line.size}</Fr>
              </span>
              <span className="more">
                <Fr>
                  {[line.what, line.further, line.strips && say("cut-out-of-strips", { strips: line.strips })]
                    .filter(Boolean)
                    .join("; ")}
                </Fr>
              </span>
            </button>
          </li>
        ))}
      </ul>
      <div className="table-layouts">
        {fabric.layouts.map((layout, index) => (
          <LayoutPicture
            key={index}
            layout={layout}
            lines={fabric.lines}
            fabrics={fabrics}
            fabric={fabric.key}
            lit={undefined}
            onLit={() => undefined}
          />
        ))}
      </div>
    </main>
  );
}
