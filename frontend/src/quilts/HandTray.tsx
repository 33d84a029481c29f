import { type PointerEvent, type ReactNode, useState } from "react";

import { Picture } from "../common/Picture";
import type { Carried } from "../common/useCarry";
import { SwatchOf } from "../cut/SwatchOf";
import { say } from "../language/say";
import { BlockPicture } from "./BlockPicture";
import { type Hand, same } from "./hand";
import type { Quilt } from "./useQuilt";
import { useShelf } from "./useShelf";

interface Props {
  view: Quilt;
  hand: Hand | undefined;
  carried: Carried<Hand> | undefined;
  onBegin: (event: PointerEvent, hand: Hand) => void;
  onHand: (hand: Hand | undefined) => void;
}

/** The blocks and the fabrics of a quilt as pictures, and those of the shelf: dragged onto the top, or taken in hand. */
export function HandTray({ view, hand, carried, onBegin, onHand }: Props) {
  const [more, setMore] = useState(false);
  const kept = useShelf();
  const button = (its: Hand, name: string, picture: ReactNode, words?: string) => {
    const label = words ? say("quilts-block-and-how-many", { name, count: words }) : undefined;
    const pressed = same(hand, its);
    return (
      <button
        key={`${name} ${its.shelf ?? ""}`}
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
  const drawn = (id: string) => {
    const one = kept.find((block) => block.id === id);
    return (
      one && <Picture name={one.name} width={one.width} height={one.height} faces={one.picture} cloths={one.cloths} />
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
      <hr />
      <button type="button" className="more" aria-expanded={more} onClick={() => setMore(!more)}>
        {more ? say("quilts-fewer-blocks") : say("quilts-more-blocks")}
      </button>
      {more && kept.map((one) => button({ shelf: one.id }, one.name, drawn(one.id)))}
      {carried && (
        <div className="carried" style={{ left: carried.x, top: carried.y }} aria-hidden="true">
          {carried.hand.shelf ? (
            drawn(carried.hand.shelf)
          ) : carried.hand.block ? (
            <BlockPicture view={view} block={carried.hand.block} size={56} />
          ) : (
            <SwatchOf fabrics={view.fabrics} name={carried.hand.fabric ?? ""} size={42} />
          )}
        </div>
      )}
    </div>
  );
}
