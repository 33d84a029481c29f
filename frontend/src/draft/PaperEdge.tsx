import { useState } from "react";
import { Dropdown } from "react-bootstrap";
import { useHotkeys } from "react-hotkeys-hook";

import type { Act, Draft } from "../api/client";
import { Fr } from "../common/Fr";
import { Help } from "../common/Help";
import { Typed } from "../common/Typed";
import { rich, say } from "../language/say";

interface Props {
  view: Draft;
  act: (acts: Act[]) => void;
  faultAt: (place: string) => string | undefined;
  onDismiss: () => void;
  onChart: () => void;
}

const SIDES = [
  ["width", say("draft-finished-size"), say("common-finished-width")],
  ["height", say("draft-by"), say("common-finished-height")],
] as const;

/** What stands on the paper's edge: the block's size and grid, which open to be changed. */
export function PaperEdge({ view, act, faultAt, onDismiss, onChart }: Props) {
  const { sheet } = view;
  const [open, setOpen] = useState(false);
  const faulty = Boolean(faultAt("width") ?? faultAt("height"));
  const close = () => {
    setOpen(false);
    onDismiss();
  };
  useHotkeys("escape", close, { enabled: open || faulty }); // after a field was left nothing in it has the focus
  return (
    <Dropdown
      drop="up"
      autoClose="outside"
      className="paper-edge"
      show={open || faulty}
      onToggle={(shown) => (shown ? setOpen(true) : close())}
    >
      <Dropdown.Toggle variant="outline-primary" size="sm" id="paper-edge">
        <span className="visually-hidden">{say("draft-size-and-grid")} </span>
        {rich("draft-finished-finished", {
          finished: <Fr>{sheet.finished}</Fr>,
          columns: sheet.columns.length,
          rows: sheet.rows.length,
        })}
      </Dropdown.Toggle>
      <Dropdown.Menu className="paper-menu">
        <Size view={view} act={act} faultAt={faultAt} />
        <p className="quiet-text">
          {rich("draft-unfinished", { unfinished: <Fr>{sheet.unfinished}</Fr> })} <Help word="unfinished" />
        </p>
        <Proportions view={view} act={act} />
        <button type="button" className="quiet" onClick={onChart}>
          {say("draft-size-chart")}
        </button>
      </Dropdown.Menu>
    </Dropdown>
  );
}

function Size({ view, act, faultAt }: Pick<Props, "view" | "act" | "faultAt">) {
  const { sheet } = view;
  const [left, setLeft] = useState<typeof sheet.in_other_unit>();
  const now = { width: sheet.finished_width, height: sheet.finished_height };
  const square = now.width === now.height;
  const other = sheet.in_other_unit;
  return (
    <>
      <div className="paper-line">
        {SIDES.map(([side, label, spoken]) => (
          <Typed
            key={side}
            label={label}
            spoken={spoken}
            value={now[side]}
            fault={faultAt(side)}
            width="4rem"
            onKeep={(text) =>
              act([{ do: "resize", ...now, ...(side === "width" && square ? { height: text } : {}), [side]: text }])
            }
          />
        ))}
        <select
          aria-label={say("common-unit-of-length")}
          value={sheet.unit}
          onChange={() => {
            setLeft(other);
            act([{ do: "resize", ...now, unit: other.unit }]);
          }}
        >
          <option value="in">{say("common-inches")}</option>
          <option value="cm">{say("common-cm")}</option>
        </select>
      </div>
      {left && left.unit === sheet.unit && (
        <p className="paper-unit" role="status">
          <Fr>{left.kept}</Fr>{" "}
          <button
            type="button"
            className="btn btn-sm btn-outline-primary"
            onClick={() => {
              act([{ do: "resize", width: left.width, height: left.height }]);
              setLeft(undefined);
            }}
          >
            <Fr>{left.converted}</Fr>
          </button>
        </p>
      )}
    </>
  );
}

function Proportions({ view, act }: Pick<Props, "view" | "act">) {
  const text = (lines: Draft["sheet"]["columns"]) => lines.map((line) => line.proportion.replace(" ", "-")).join(" ");
  return (
    <div className="paper-line">
      {(["columns", "rows"] as const).map((axis) => (
        <Typed
          key={axis}
          label={axis === "columns" ? say("common-columns") : say("common-rows")}
          value={text(view.sheet[axis])}
          width="6.5rem"
          onKeep={(typed) => act([{ do: "proportions", axis, parts: [typed] }])}
        />
      ))}
    </div>
  );
}
