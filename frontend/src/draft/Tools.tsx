import { Dropdown } from "react-bootstrap";

import { useOneStop } from "../common/useOneStop";
import type { Draft } from "../api/client";
import type { Tool, View } from "./places";
import type { InHand } from "./Tray";

const TOOLS: [Tool, string, string][] = [
  ["look", "Look", "Touch a patch to see its sizes; nothing is changed (L)"],
  ["put", "Put in", "Put the unit in hand into a cell, or drag over a span of cells (U)"],
  ["turn", "Turn", "Turn what a cell or a dragged span holds (T)"],
  ["cells", "Cells", "Choose cells, to copy, paste, turn, mirror or repeat them (C)"],
  ["paint", "Paint", "Give a patch the fabric in hand (P)"],
  ["seam", "Seam", "Draw a seam from point to point (S)"],
  ["rub", "Rub out", "Rub out a stretch of seam (X)"],
];
const SPREADS = { patch: "this patch", letter: "all of its letter", fabric: "all of its fabric" };
const PARTS: [number, string][] = [
  [1, "corners"],
  [2, "halves"],
  [3, "thirds"],
  [4, "quarters"],
  [8, "eighths"],
];
const SHOWN: [keyof View, string][] = [
  ["letters", "Letters"],
  ["units", "Units outlined"],
  ["apart", "Units apart"],
  ["four", "Four blocks together"],
  ["grey", "Greyscale, to judge values"],
];

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
  cells: { words: string; title: string; run: () => void }[];
}

/** What the hand does on the board. */
export function Tools(props: Props) {
  const { tool, unit } = props;
  const tools = useOneStop<HTMLDivElement>();
  const more = useOneStop<HTMLDivElement>();
  return (
    <div className="tools" role="toolbar" aria-label="Tools">
      <div ref={tools} className="tool-set" role="radiogroup" aria-label="What a touch does">
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
              turn it
            </button>
            <button
              type="button"
              className="quiet"
              onClick={() => props.setUnit({ ...unit, flip: !unit.flip })}
              title="F"
            >
              mirror it
            </button>
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
            aria-label="What is rubbed out"
            value={props.whole ? "whole" : "stretch"}
            onChange={(event) => props.setWhole(event.target.value === "whole")}
          >
            <option value="stretch">a stretch</option>
            <option value="whole">the whole seam</option>
          </select>
        )}
        {tool === "paint" && (
          <select
            aria-label="What is painted"
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
            aria-label="Ruled points"
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
          View
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
        </Dropdown.Menu>
      </Dropdown>
    </div>
  );
}
