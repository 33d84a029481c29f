import type { PointerEvent } from "react";

import { SwatchOf } from "../cut/SwatchOf";
import { say } from "../language/say";
import { BlockPicture } from "./BlockPicture";
import type { Carried, Hand } from "./useCarry";
import type { Quilt } from "./useQuilt";

interface Props {
  view: Quilt;
  hand: Hand | undefined;
  carried: Carried | undefined;
  onBegin: (event: PointerEvent, hand: Hand) => void;
  onHand: (hand: Hand | undefined) => void;
}

/** The blocks and the fabrics of a quilt as pictures: dragged onto the top, or taken in hand and put in by touch. */
export function HandTray({ view, hand, carried, onBegin, onHand }: Props) {
  const button = (its: Hand, name: string, picture: React.ReactNode, words?: string) => {
    const label = words ? say("quilts-block-and-how-many", { name, count: words }) : undefined;
    const pressed = hand?.block === its.block && hand?.fabric === its.fabric;
    return (
      <button
        key={name}
        type="button"
        aria-pressed={pressed}
        aria-label={label}
        title={label}
        className={pressed ? "in-hand" : ""}
        onPointerDown={(event) => onBegin(event, its)}
        onClick={(event) => {
          if (event.detail === 0) onHand(pressed ? undefined : its); // by a key; a touch is told where it ends
        }}
      >
        {picture}
        <span aria-hidden={label ? true : undefined}>{words ?? name}</span>
      </button>
    );
  };
  return (
    <div className="hand-tray" role="group" aria-label={say("quilts-blocks-and-fabrics-to-put-in")}>
      {view.blocks.map((one) =>
        button(
          { block: one.key },
          one.name,
          <BlockPicture view={view} block={one.key} size={46} />,
          one.count ? String(one.count) : "–",
        ),
      )}
      <hr />
      {view.fabrics.map((one) =>
        button({ fabric: one.key }, one.name, <SwatchOf fabrics={view.fabrics} name={one.key} size={34} />),
      )}
      {carried && (
        <div className="carried" style={{ left: carried.x, top: carried.y }} aria-hidden="true">
          {carried.hand.block ? (
            <BlockPicture view={view} block={carried.hand.block} size={56} />
          ) : (
            <SwatchOf fabrics={view.fabrics} name={carried.hand.fabric ?? ""} size={42} />
          )}
        </div>
      )}
    </div>
  );
}
