import { useContext, useState } from "react";

import { Typed } from "../common/Typed";
import { say } from "../language/say";
import { Fabric, FabricOrBlock, LastTried, Row } from "./SettingRow";
import type { Quilt, QuiltAct } from "./useQuilt";

interface Props {
  number: number;
  view: Quilt;
  act: (acts: QuiltAct[]) => void;
}

/** A border: what it is made of, how wide it is at the sides and above and below, its corners. */
export function BorderRow({ number, view, act }: Props) {
  const [wanted, setWanted] = useState(""); // the block that did not fit, perhaps
  const border = view.setting.borders[number - 1];
  const tried = useContext(LastTried);
  const name = say("quilts-border", { number });
  const now = { do: "border" as const, number };
  const { suffix } = view.sheet;
  if (!border) return null;
  return (
    <Row name={name}>
      <FabricOrBlock
        label={say("quilts-fabric-of-border", { number })}
        fabric={border.fabric}
        block={border.block}
        view={view}
        pieced={say("quilts-pieced-from")}
        onFabric={(fabric) => act([{ ...now, fabric }])}
        onBlock={(block) => {
          setWanted(block);
          act([{ ...now, block }]);
        }}
      />
      {wanted && tried?.row === name && tried.fault && (
        <button
          type="button"
          className="quiet"
          onClick={() => {
            tried.onDismiss();
            act([{ do: "fit-border", number, block: wanted }]);
          }}
        >
          {say("quilts-with-a-spacer-that-makes-it-fit")}
        </button>
      )}
      {border.block && (
        <Fabric
          label={say("quilts-corners-of-pieced-border", { number })}
          none={say("quilts-a-block-in-each-corner")}
          value={border.fabric}
          view={view}
          onChange={(corners) => act([{ ...now, corners }])}
        />
      )}
      <Typed
        label={say("quilts-wide")}
        spoken={say("quilts-width-of-border", { number })}
        value={border.width}
        width="3rem"
        suffix={suffix}
        onKeep={(width) => act([{ ...now, width }])}
      />
      {!border.block && border.corner !== "mitred" && (
        <Typed
          label={say("quilts-above-and-below")}
          spoken={say("quilts-width-of-border-above-and-below", { number })}
          value={border.ends || border.width}
          width="3rem"
          suffix={suffix}
          onKeep={(ends) => act([{ ...now, ends }])}
        />
      )}
      <select
        aria-label={say("quilts-corners-of-border", { number })}
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
        <option value="sides">{say("quilts-sides-first")}</option>
        <option value="top">{say("quilts-top-first")}</option>
        <option value="mitred">{say("quilts-mitred")}</option>
      </select>
      <button type="button" className="quiet" onClick={() => act([{ do: "border-off", number }])}>
        {say("quilts-take-off")}
      </button>
    </Row>
  );
}
