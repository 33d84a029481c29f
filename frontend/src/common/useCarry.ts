import { type PointerEvent, useEffect, useRef, useState } from "react";

/** Something that is carried from a tray over the page, and where it is. */
export interface Carried<Hand> {
  hand: Hand;
  x: number;
  y: number;
}

interface Told<Hand> {
  onTap?: (hand: Hand) => void;
  /** It is taken up; over what it is carried since; it is turned, by the wheel or the key R. */
  onLift?: (hand: Hand) => void;
  onOver?: (at: { x: number; y: number }) => void;
  onTurn?: () => void;
  onDrop: (hand: Hand, under: Element, at: { x: number; y: number }) => void;
}

const FAR = 8; // pixels after which a touch is a drag and no longer a tap

/** Carry something from a tray to where it is let go; a tap is told as such. Escape puts it back. */
export function useCarry<Hand>(told: Told<Hand>) {
  const [carried, setCarried] = useState<Carried<Hand>>();
  const now = useRef(told);
  useEffect(() => {
    now.current = told;
  });
  const begin = (event: PointerEvent, hand: Hand) => {
    if (event.button !== 0) return;
    const { clientX, clientY, pointerId } = event;
    let far = false;
    const move = (moved: globalThis.PointerEvent) => {
      if (moved.pointerId !== pointerId) return;
      const at = { x: moved.clientX, y: moved.clientY };
      if (!far && Math.hypot(at.x - clientX, at.y - clientY) > FAR) {
        far = true;
        now.current.onLift?.(hand);
      }
      if (!far) return;
      setCarried({ hand, ...at });
      now.current.onOver?.(at);
    };
    const wheel = (turned: WheelEvent) => {
      if (!far || !now.current.onTurn) return;
      turned.preventDefault();
      now.current.onTurn();
    };
    const key = (pressed: KeyboardEvent) => {
      if (!far) return;
      if (pressed.key === "Escape") leave();
      else if (pressed.key.toLowerCase() === "r") now.current.onTurn?.();
      else return;
      pressed.preventDefault();
      pressed.stopPropagation();
    };
    const end = (ended: globalThis.PointerEvent) => {
      if (ended.pointerId !== pointerId) return;
      leave();
      if (ended.type === "pointercancel") return;
      if (!far) now.current.onTap?.(hand);
      const at = { x: ended.clientX, y: ended.clientY };
      const under = far ? document.elementFromPoint(at.x, at.y) : null;
      if (under) now.current.onDrop(hand, under, at);
    };
    const listening = new AbortController();
    const { signal } = listening;
    const leave = () => {
      listening.abort();
      setCarried(undefined);
    };
    window.addEventListener("pointermove", move, { signal });
    window.addEventListener("pointerup", end, { signal });
    window.addEventListener("pointercancel", end, { signal });
    window.addEventListener("wheel", wheel, { passive: false, signal });
    window.addEventListener("keydown", key, { capture: true, signal });
  };
  return { carried, begin };
}
