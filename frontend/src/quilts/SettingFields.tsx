import type { ReactNode } from "react";

import { Typed } from "../common/Typed";
import type { Quilt, QuiltAct } from "./useQuilt";

interface Props {
  view: Quilt;
  act: (acts: QuiltAct[]) => void;
}

/** How the blocks are set, and what goes round them. */
export function SettingFields({ view, act }: Props) {
  const { setting } = view;
  const suffix = view.sheet.unit === "in" ? "″" : "cm";
  const sashing = { do: "sashing" as const };
  const edge = { do: "edge" as const };
  const count = (text: string) => (/^\d+$/.test(text) ? Number(text) : 0);
  return (
    <section className="setting-fields" aria-label="Setting">
      <Row name="Set">
        <select
          aria-label="Straight or on point"
          value={setting.kind}
          onChange={(event) =>
            act([{ do: "places", kind: event.target.value === "on-point" ? "on-point" : "straight" }])
          }
        >
          <option value="straight">straight</option>
          <option value="on-point">on point</option>
        </select>
        <Typed
          label="columns"
          value={String(setting.columns)}
          width="2.5rem"
          onKeep={(text) => act([{ do: "places", columns: count(text) }])}
        />
        <Typed
          label="rows"
          value={String(setting.rows)}
          width="2.5rem"
          onKeep={(text) => act([{ do: "places", rows: count(text) }])}
        />
      </Row>
      <Row name="Everywhere">
        <select
          aria-label="Block everywhere"
          value={setting.fill}
          onChange={(event) => act([{ do: "lay", block: event.target.value }])}
        >
          {view.blocks.map((one) => (
            <option key={one.key} value={one.key}>
              {one.name}
            </option>
          ))}
        </select>
        <label>
          every other{" "}
          <select
            value={setting.alternate_block ? `b ${setting.alternate_block}` : setting.alternate_fabric}
            onChange={(event) => {
              const { value } = event.target;
              act([
                value.startsWith("b ")
                  ? { do: "alternate", block: value.slice(2) }
                  : { do: "alternate", fabric: value },
              ]);
            }}
          >
            <option value="">the same</option>
            {view.blocks.map((one) => (
              <option key={one.key} value={`b ${one.key}`}>
                {one.name}
              </option>
            ))}
            {view.fabrics.map((one) => (
              <option key={one.key} value={one.key}>
                plain {one.name}
              </option>
            ))}
          </select>
        </label>
      </Row>
      <Row name="Sashing">
        <Fabric
          label="Sashing fabric"
          none="none"
          value={setting.sashing_fabric}
          view={view}
          onChange={(fabric) => act([{ ...sashing, fabric }])}
        />
        {setting.sashing_fabric && (
          <>
            <Typed
              label="wide"
              value={setting.sashing_width}
              width="3rem"
              suffix={suffix}
              onKeep={(width) => act([{ ...sashing, width }])}
            />
            <Fabric
              label="Cornerstones"
              none="no cornerstones"
              value={setting.cornerstones}
              view={view}
              onChange={(cornerstones) => act([{ ...sashing, cornerstones }])}
            />
            <label>
              <input
                type="checkbox"
                checked={setting.outer}
                onChange={(event) => act([{ ...sashing, outer: event.target.checked }])}
              />{" "}
              round the outside too
            </label>
          </>
        )}
      </Row>
      {setting.kind === "on-point" && (
        <Row name="Edge">
          <Fabric
            label="Fabric of the setting triangles"
            value={setting.edge_fabric}
            view={view}
            onChange={(fabric) => act([{ ...edge, fabric }])}
          />
          <Typed
            label="blocks float by"
            value={setting.floats || "0"}
            width="3rem"
            suffix={suffix}
            onKeep={(floats) => act([{ ...edge, floats }])}
          />
          <label>
            <input
              type="checkbox"
              checked={setting.half_blocks}
              onChange={(event) => act([{ ...edge, half_blocks: event.target.checked }])}
            />{" "}
            half blocks at the sides, a whole one cut for each
          </label>
        </Row>
      )}
      <Row name="Frame to">
        <Typed
          label="Module"
          showLabel={false}
          value={setting.module || "none"}
          width="3.5rem"
          suffix={setting.module ? suffix : ""}
          onKeep={(text) => act([{ do: "module", module: text === "none" ? "" : text }])}
        />
        {setting.module && (
          <Fabric
            label="Frame fabric"
            value={setting.frame}
            view={view}
            onChange={(fabric) => act([{ do: "module", fabric }])}
          />
        )}
      </Row>
      {setting.borders.map((border, index) => {
        const number = index + 1;
        const now = { do: "border" as const, number };
        return (
          <Row key={number} name={`Border ${String(number)}`}>
            <Fabric
              label={`Fabric of border ${String(number)}`}
              none={border.block ? "pieced" : undefined}
              value={border.fabric}
              view={view}
              onChange={(fabric) => act([{ ...now, fabric }])}
            />
            <Typed
              label="wide"
              spoken={`Width of border ${String(number)}`}
              value={border.width}
              width="3rem"
              suffix={suffix}
              onKeep={(width) => act([{ ...now, width }])}
            />
            <select
              aria-label={`Corners of border ${String(number)}`}
              value={border.corner === "mitred" ? "mitred" : border.first}
              onChange={(event) => {
                const { value } = event.target;
                act([
                  value === "mitred"
                    ? { ...now, corner: "mitred" }
                    : { ...now, corner: "butted", first: value === "top" ? "top" : "sides" },
                ]);
              }}
            >
              <option value="sides">sides first</option>
              <option value="top">top first</option>
              <option value="mitred">mitred</option>
            </select>
            <button type="button" className="quiet" onClick={() => act([{ do: "border-off", number }])}>
              take off
            </button>
          </Row>
        );
      })}
      <Row name="Borders">
        <button type="button" className="quiet" onClick={() => act([{ do: "add-border" }])}>
          + a border
        </button>
      </Row>
      <Row name="Back">
        <Fabric
          label="Backing"
          none="no backing"
          value={setting.backing}
          view={view}
          onChange={(backing) => act([{ do: "backing", fabric: backing }])}
        />
        {setting.backing && (
          <Typed
            label="over on each side"
            value={setting.overhang}
            width="3rem"
            suffix={suffix}
            onKeep={(overhang) => act([{ do: "backing", overhang }])}
          />
        )}
        <Fabric
          label="Binding"
          none="no binding"
          value={setting.binding}
          view={view}
          onChange={(binding) => act([{ do: "binding", fabric: binding }])}
        />
        {setting.binding && (
          <Typed
            label="cut"
            value={setting.binding_width}
            width="3rem"
            suffix={suffix}
            onKeep={(binding_width) => act([{ do: "binding", width: binding_width }])}
          />
        )}
      </Row>
    </section>
  );
}

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <div className="setting-row" role="group" aria-label={name}>
      <span>{name}</span>
      <div>{children}</div>
    </div>
  );
}

interface FabricProps {
  label: string;
  value: string;
  none?: string | undefined;
  view: Quilt;
  onChange: (fabric: string) => void;
}

function Fabric({ label, value, none, view, onChange }: FabricProps) {
  return (
    <select aria-label={label} value={value} onChange={(event) => onChange(event.target.value)}>
      {none !== undefined && <option value="">{none}</option>}
      {view.fabrics.map((one) => (
        <option key={one.key} value={one.key}>
          {one.name}
        </option>
      ))}
    </select>
  );
}
