import { Typed } from "../common/Typed";
import { say } from "../language/say";
import { BorderRow } from "./BorderRow";
import { Fabric, FabricOrBlock, LastTried, Row, type Tried } from "./SettingRow";
import type { Quilt, QuiltAct } from "./useQuilt";

interface Props {
  view: Quilt;
  act: (acts: QuiltAct[]) => void;
  tried: Tried;
}

const HALVES = ["all", "sides", "ends"] as const;
const NONE = say("common-none"); // as it is shown where a frame has no module, and as it is typed

/** How the blocks are set, and what goes round them. */
export function SettingFields({ view, act, tried }: Props) {
  const { setting } = view;
  const { suffix } = view.sheet;
  const sashing = { do: "sashing" as const };
  const edge = { do: "edge" as const };
  return (
    <LastTried.Provider value={tried}>
      <section className="setting-fields" aria-label={say("quilts-part-setting")}>
        <Row name={say("quilts-how-it-is-set")} word="on-point">
          <select
            aria-label={say("quilts-straight-or-on-point")}
            value={setting.kind}
            onChange={(event) =>
              act([{ do: "places", kind: event.target.value === "on-point" ? "on-point" : "straight" }])
            }
          >
            <option value="straight">{say("quilts-straight")}</option>
            <option value="on-point">{say("quilts-on-point")}</option>
          </select>
          <Typed
            label={say("quilts-columns")}
            value={String(setting.columns)}
            width="2.5rem"
            onKeep={(text) => act([{ do: "places", columns: text }])}
          />
          <Typed
            label={say("quilts-rows")}
            value={String(setting.rows)}
            width="2.5rem"
            onKeep={(text) => act([{ do: "places", rows: text }])}
          />
        </Row>
        <Row name={say("quilts-everywhere")}>
          <select
            aria-label={say("quilts-block-everywhere")}
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
            {say("quilts-every-other")}{" "}
            <FabricOrBlock
              fabric={setting.alternate_fabric}
              block={setting.alternate_block}
              view={view}
              none={say("quilts-the-same")}
              plain={say("quilts-plain")}
              onFabric={(fabric) => act([{ do: "alternate", fabric }])}
              onBlock={(block) => act([{ do: "alternate", block }])}
            />
          </label>
        </Row>
        <Row name={say("quilts-sashing")} word="sashing">
          <Fabric
            label={say("quilts-sashing-fabric")}
            none={say("common-none")}
            value={setting.sashing_fabric}
            view={view}
            onChange={(fabric) => act([{ ...sashing, fabric }])}
          />
          {setting.sashing_fabric && (
            <>
              <Typed
                label={say("quilts-wide")}
                value={setting.sashing_width}
                width="3rem"
                suffix={suffix}
                onKeep={(width) => act([{ ...sashing, width }])}
              />
              <Fabric
                label={say("quilts-cornerstones")}
                none={say("quilts-no-cornerstones")}
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
                {say("quilts-round-the-outside-too")}
              </label>
            </>
          )}
        </Row>
        {setting.kind === "on-point" && (
          <Row name={say("quilts-edge")} word="setting-triangle">
            <Fabric
              label={say("quilts-fabric-of-the-setting-triangles")}
              value={setting.edge_fabric}
              view={view}
              onChange={(fabric) => act([{ ...edge, fabric }])}
            />
            <Typed
              label={say("quilts-blocks-float-by")}
              value={setting.floats || "0"}
              width="3rem"
              suffix={suffix}
              onKeep={(floats) => act([{ ...edge, floats }])}
            />
            <select
              aria-label={say("quilts-what-fills-the-sides")}
              value={setting.half_blocks ? (setting.pieced ? "pieced" : "cut") : "triangles"}
              onChange={(event) => {
                const { value } = event.target;
                act([{ ...edge, half_blocks: value !== "triangles", pieced: value === "pieced" }]);
              }}
            >
              <option value="triangles">{say("quilts-setting-triangles")}</option>
              <option value="cut">{say("quilts-half-blocks-a-whole-one")}</option>
              <option value="pieced">{say("quilts-half-blocks-pieced-as-drafted")}</option>
            </select>
            {setting.half_blocks && (
              <select
                aria-label={say("quilts-where-half-blocks-lie")}
                value={setting.halves_at}
                onChange={(event) => act([{ ...edge, halves_at: HALVES.find((one) => one === event.target.value) }])}
              >
                <option value="all">{say("quilts-all-round")}</option>
                <option value="sides">{say("quilts-left-and-right")}</option>
                <option value="ends">{say("quilts-above-and-below")}</option>
              </select>
            )}
          </Row>
        )}
        <Row name={say("quilts-frame-to")}>
          <Typed
            label={say("quilts-module")}
            showLabel={false}
            value={setting.module || NONE}
            width="3.5rem"
            suffix={setting.module ? suffix : ""}
            onKeep={(text) => act([{ do: "module", module: text === NONE ? "" : text }])}
          />
          {setting.module && (
            <Fabric
              label={say("quilts-frame-fabric")}
              value={setting.frame}
              view={view}
              onChange={(fabric) => act([{ do: "module", fabric }])}
            />
          )}
        </Row>
        {setting.borders.map((_, index) => (
          <BorderRow key={index} number={index + 1} view={view} act={act} />
        ))}
        <Row name={say("quilts-borders")} word="mitred">
          <button type="button" className="quiet" onClick={() => act([{ do: "add-border" }])}>
            {say("quilts-a-border")}
          </button>
        </Row>
        <Row name={say("quilts-back-of-it")} word="binding">
          <Fabric
            label={say("quilts-backing")}
            none={say("quilts-no-backing")}
            value={setting.backing}
            view={view}
            onChange={(backing) => act([{ do: "backing", fabric: backing }])}
          />
          {setting.backing && (
            <Typed
              label={say("quilts-over-on-each-side")}
              value={setting.overhang}
              width="3rem"
              suffix={suffix}
              onKeep={(overhang) => act([{ do: "backing", overhang }])}
            />
          )}
          <Fabric
            label={say("quilts-binding")}
            none={say("quilts-no-binding")}
            value={setting.binding}
            view={view}
            onChange={(binding) => act([{ do: "binding", fabric: binding }])}
          />
          {setting.binding && (
            <Typed
              label={say("quilts-cut")}
              value={setting.binding_width}
              width="3rem"
              suffix={suffix}
              onKeep={(binding_width) => act([{ do: "binding", width: binding_width }])}
            />
          )}
          {setting.binding && (
            <select
              aria-label={say("quilts-grain-of-the-binding")}
              value={setting.grain}
              onChange={(event) => act([{ do: "binding", grain: event.target.value === "bias" ? "bias" : "straight" }])}
            >
              <option value="straight">{say("quilts-straight-grain")}</option>
              <option value="bias">{say("quilts-on-the-bias")}</option>
            </select>
          )}
        </Row>
        <Row name={say("quilts-how-it-is-sewn")}>
          <Typed
            label={say("common-seam-allowance")}
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
