import { Dropdown } from "react-bootstrap";

import { useOneStop } from "../common/useOneStop";
import type { Draft } from "../api/client";
import { Typed } from "../common/Typed";
import { Photographed } from "../common/Photographed";
import { say } from "../language/say";
import type { Tool, View } from "./places";
import { TakePhoto } from "./TakePhoto";
import { type InHand, type Kind, useTray } from "./Tray";

const TOOLS: [Tool, string, string][] = [
  ["look", say("draft-look"), say("draft-touch-a-patch-to-see")],
  ["put", say("draft-put-in"), say("draft-put-the-unit-in-hand")],
  ["turn", say("common-turn"), say("draft-turn-what-a-cell-or")],
  ["cells", say("draft-cells"), say("draft-choose-cells-to-copy-paste-turn")],
  ["paint", say("draft-paint"), say("draft-give-a-patch-the-fabric")],
  ["seam", say("draft-seam"), say("draft-draw-a-seam-from-point")],
  ["rub", say("draft-rub-out"), say("draft-rub-out-a-stretch-of-seam")],
];
const SPREADS = {
  patch: say("draft-this-patch"),
  letter: say("draft-all-of-its-letter"),
  fabric: say("draft-all-of-its-fabric"),
};
const PARTS: [number, string][] = [
  [1, say("draft-corners")],
  [2, say("draft-halves")],
  [3, say("draft-thirds")],
  [4, say("draft-quarters")],
  [8, say("draft-eighths")],
];
const SHOWN: [keyof View, string][] = [
  ["letters", say("draft-letters")],
  ["units", say("draft-units-outlined")],
  ["apart", say("draft-units-apart")],
  ["four", say("draft-four-blocks-together")],
  ["grey", say("draft-greyscale-to-judge-values")],
];

/** What is typed of a unit that can be divided in more than one way. */
const DIVISIONS: Partial<Record<Kind, string>> = {
  "strip-set": say("draft-bars"),
  checker: say("draft-columns-by-rows"),
  "square-in-a-square": say("draft-rounds"),
};

interface Props {
  view: Draft;
  tool: Tool;
  setTool: (tool: Tool) => void;
  parts: number;
  setParts: (parts: number) => void;
  spread: "patch" | "letter" | "fabric";
  setSpread: (spread: "patch" | "letter" | "fabric") => void;
  show: View;
  setShow: (show: View) => void;
  unit: InHand;
  setUnit: (unit: InHand) => void;
  whole: boolean;
  setWhole: (whole: boolean) => void;
  onPhoto: (photo: File) => void;
  cells: { words: string; title: string; run: () => void }[];
}

/** What the hand does on the board. */
export function Tools(props: Props) {
  const { tool, unit } = props;
  const tools = useOneStop<HTMLDivElement>();
  const more = useOneStop<HTMLDivElement>();
  const division = useTray().find((stamp) => stamp.kind === unit.unit)?.division;
  return (
    <div className="tools" role="toolbar" aria-label={say("draft-tools")}>
      <div ref={tools} className="tool-set" role="radiogroup" aria-label={say("draft-what-a-touch-does")}>
        {TOOLS.map(([name, words, title]) => (
          <button
            key={name}
            type="button"
            role="radio"
            aria-checked={tool === name}
            className={tool === name ? "chosen" : ""}
            title={title}
            onClick={() => props.setTool(name)}
          >
            {words}
          </button>
        ))}
      </div>
      <div ref={more} className="tool-more">
        {tool === "put" && (
          <>
            <button
              type="button"
              className="quiet"
              onClick={() => props.setUnit({ ...unit, turn: (unit.turn + 1) % 4 })}
              title="R"
            >
              {say("draft-turn-it")}
            </button>
            <button
              type="button"
              className="quiet"
              onClick={() => props.setUnit({ ...unit, flip: !unit.flip })}
              title="F"
            >
              {say("draft-mirror-it")}
            </button>
            {division && (
              <Typed
                label={DIVISIONS[unit.unit] ?? ""}
                value={unit.divide[unit.unit] ?? division}
                width="5.5rem"
                onKeep={(text) => props.setUnit({ ...unit, divide: { ...unit.divide, [unit.unit]: text } })}
              />
            )}
          </>
        )}
        {(tool === "cells" || tool === "turn") &&
          props.cells.map((one) => (
            <button key={one.words} type="button" className="quiet" title={one.title} onClick={one.run}>
              {one.words}
            </button>
          ))}
        {tool === "rub" && (
          <select
            aria-label={say("draft-what-is-rubbed-out")}
            value={props.whole ? "whole" : "stretch"}
            onChange={(event) => props.setWhole(event.target.value === "whole")}
          >
            <option value="stretch">{say("draft-a-stretch")}</option>
            <option value="whole">{say("draft-the-whole-seam")}</option>
          </select>
        )}
        {tool === "paint" && (
          <select
            aria-label={say("draft-what-is-painted")}
            value={props.spread}
            onChange={(event) => props.setSpread(event.target.value as Props["spread"])}
          >
            {Object.entries(SPREADS).map(([name, words]) => (
              <option key={name} value={name}>
                {words}
              </option>
            ))}
          </select>
        )}
        {tool === "seam" && (
          <select
            aria-label={say("draft-ruled-points")}
            value={props.parts}
            onChange={(event) => props.setParts(Number(event.target.value))}
          >
            {PARTS.map(([count, words]) => (
              <option key={count} value={count}>
                {words}
              </option>
            ))}
          </select>
        )}
      </div>
      <span className="spring" />
      <Dropdown align="end" autoClose="outside">
        <Dropdown.Toggle variant="outline-primary" size="sm" id="view-menu">
          {say("draft-view")}
        </Dropdown.Toggle>
        <Dropdown.Menu>
          {SHOWN.map(([name, words]) => (
            <label key={name} className="dropdown-item">
              <input
                type="checkbox"
                checked={props.show[name]}
                onChange={() => props.setShow({ ...props.show, [name]: !props.show[name] })}
              />{" "}
              {words}
            </label>
          ))}
          <Photographed className="dropdown-item" fabrics={props.view.fabrics} />
          <TakePhoto className="dropdown-item" onPhoto={props.onPhoto} />
        </Dropdown.Menu>
      </Dropdown>
    </div>
  );
}
