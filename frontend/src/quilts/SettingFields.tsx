import { createContext, type ReactNode, useContext } from "react";

import { Help } from "../common/Help";
import { Said } from "../common/Notices";
import { Typed } from "../common/Typed";
import type { Quilt, QuiltAct } from "./useQuilt";

interface Props {
  view: Quilt;
  act: (acts: QuiltAct[]) => void;
  tried: Tried;
}

/** In which row something was changed last, and what is wrong with it, to be said there. */
interface Tried {
  row: string | undefined;
  fault: string;
  onTried: (row: string) => void;
  onDismiss: () => void;
}

const LastTried = createContext<Tried | undefined>(undefined);

/** How the blocks are set, and what goes round them. */
export function SettingFields({ view, act, tried }: Props) {
  const { setting } = view;
  const { suffix } = view.sheet;
  const sashing = { do: "sashing" as const };
  const edge = { do: "edge" as const };
  return (
    <LastTried.Provider value={tried}>
      <section className="setting-fields" aria-label="Setting">
        <Row name="Set" word="on point">
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
            onKeep={(text) => act([{ do: "places", columns: text }])}
          />
          <Typed
            label="rows"
            value={String(setting.rows)}
            width="2.5rem"
            onKeep={(text) => act([{ do: "places", rows: text }])}
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
            <FabricOrBlock
              fabric={setting.alternate_fabric}
              block={setting.alternate_block}
              view={view}
              none="the same"
              plain="plain"
              onFabric={(fabric) => act([{ do: "alternate", fabric }])}
              onBlock={(block) => act([{ do: "alternate", block }])}
            />
          </label>
        </Row>
        <Row name="Sashing" word="sashing">
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
          <Row name="Edge" word="setting triangle">
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
            <select
              aria-label="What fills the sides"
              value={setting.half_blocks ? (setting.pieced ? "pieced" : "cut") : "triangles"}
              onChange={(event) => {
                const { value } = event.target;
                act([{ ...edge, half_blocks: value !== "triangles", pieced: value === "pieced" }]);
              }}
            >
              <option value="triangles">setting triangles</option>
              <option value="cut">half blocks, a whole one cut for each</option>
              <option value="pieced">half blocks, pieced as drafted</option>
            </select>
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
              <FabricOrBlock
                label={`Fabric of border ${String(number)}`}
                fabric={border.fabric}
                block={border.block}
                view={view}
                pieced="pieced from"
                onFabric={(fabric) => act([{ ...now, fabric }])}
                onBlock={(block) => act([{ ...now, block }])}
              />
              {border.block && (
                <Fabric
                  label={`Corners of pieced border ${String(number)}`}
                  none="a block in each corner"
                  value={border.fabric}
                  view={view}
                  onChange={(corners) => act([{ ...now, corners }])}
                />
              )}
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
        <Row name="Borders" word="mitred">
          <button type="button" className="quiet" onClick={() => act([{ do: "add-border" }])}>
            + a border
          </button>
        </Row>
        <Row name="Back" word="binding">
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
          {setting.binding && (
            <select
              aria-label="Grain of the binding"
              value={setting.grain}
              onChange={(event) => act([{ do: "binding", grain: event.target.value === "bias" ? "bias" : "straight" }])}
            >
              <option value="straight">straight grain</option>
              <option value="bias">on the bias</option>
            </select>
          )}
        </Row>
        <Row name="Sewn">
          <Typed
            label="seam allowance"
            value={setting.seam}
            width="3rem"
            suffix={suffix}
            onKeep={(seam) => act([{ do: "making", settings: { seam } }])}
          />
        </Row>
      </section>
    </LastTried.Provider>
  );
}

function Row({ name, word, children }: { name: string; word?: string; children: ReactNode }) {
  const tried = useContext(LastTried);
  return (
    <div className="setting-row" role="group" aria-label={name} onChange={() => tried?.onTried(name)}>
      <span>
        {name} {word && <Help word={word} />}
      </span>
      <div>{children}</div>
      {tried?.row === name && tried.fault && <Said text={tried.fault} onClose={tried.onDismiss} />}
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

interface EitherProps {
  label?: string;
  fabric: string;
  block: string;
  none?: string;
  plain?: string;
  pieced?: string;
  view: Quilt;
  onFabric: (fabric: string) => void;
  onBlock: (block: string) => void;
}

/** What is either of one fabric or made of a block. */
function FabricOrBlock({ label, fabric, block, none, plain, pieced, view, onFabric, onBlock }: EitherProps) {
  const named = (words: string | undefined, name: string) => (words ? `${words} ${name}` : name);
  return (
    <select
      aria-label={label}
      value={block ? `b ${block}` : `f ${fabric}`}
      onChange={(event) => {
        const { value } = event.target;
        if (value.startsWith("b ")) onBlock(value.slice(2));
        else onFabric(value.slice(2));
      }}
    >
      {none !== undefined && <option value="f ">{none}</option>}
      {view.blocks.map((one) => (
        <option key={one.key} value={`b ${one.key}`}>
          {named(pieced, one.name)}
        </option>
      ))}
      {view.fabrics.map((one) => (
        <option key={one.key} value={`f ${one.key}`}>
          {named(plain, one.name)}
        </option>
      ))}
    </select>
  );
}
