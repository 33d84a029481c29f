import { type PointerEvent, useEffect, useRef, useState } from "react";

/** What is in hand on a quilt's page: a block or a fabric of the quilt by its key, a block of the shelf by its id. */
export type Hand =
  | { block: string; fabric?: never; shelf?: never }
  | { fabric: string; block?: never; shelf?: never }
  | { shelf: string; block?: never; fabric?: never };

/** Whether the same is in hand. */
export function same(one: Hand | undefined, other: Hand) {
  return one?.block === other.block && one?.fabric === other.fabric && one?.shelf === other.shelf;
}

/** Something that is carried from the tray over the page, and where it is. */
export interface Carried {
  hand: Hand;
  x: number;
  y: number;
}

const FAR = 8; // pixels after which a touch is a drag and no longer a tap

/** Carry something from the tray to where it is let go; a tap is told as such. */
export function useCarry(onTap: (hand: Hand) => void, onDrop: (hand: Hand, under: Element) => void) {
  const [carried, setCarried] = useState<Carried>();
  const told = useRef({ onTap, onDrop });
  useEffect(() => {
    told.current = { onTap, onDrop };
  });
  const begin = (event: PointerEvent, hand: Hand) => {
    if (event.button !== 0) return;
    const { clientX, clientY, pointerId } = event;
    let far = false;
    const move = (now: globalThis.PointerEvent) => {
      if (now.pointerId !== pointerId) return;
      far ||= Math.hypot(now.clientX - clientX, now.clientY - clientY) > FAR;
      if (far) setCarried({ hand, x: now.clientX, y: now.clientY });
    };
    const end = (now: globalThis.PointerEvent) => {
      if (now.pointerId !== pointerId) return;
      window.removeEventListener("pointermove", move);
      window.removeEventListener("pointerup", end);
      window.removeEventListener("pointercancel", end);
      setCarried(undefined);
      if (now.type === "pointercancel") return;
      if (!far) told.current.onTap(hand);
      const under = far ? document.elementFromPoint(now.clientX, now.clientY) : null;
      if (under) told.current.onDrop(hand, under);
    };
    window.addEventListener("pointermove", move);
    window.addEventListener("pointerup", end);
    window.addEventListener("pointercancel", end);
  };
  return { carried, begin };
}
