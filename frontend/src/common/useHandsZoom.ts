import { useEffect, useLayoutEffect, useRef } from "react";

import { withinZoom } from "./Zoom";

const WHEEL = 0.0025; // of the size for a pixel of the wheel: a notch of a mouse is about a quarter

interface Spot {
  x: number;
  y: number;
}

const between = (a: Spot, b: Spot): Spot => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
const apart = (a: Spot, b: Spot) => Math.hypot(a.x - b.x, a.y - b.y);

/**
 * Zoom and pan of a room that scrolls, where hands expect them: the wheel with Ctrl, two fingers, the middle button or
 * the space bar and a drag. What is under the pointer stays there.
 */
export function useHandsZoom(zoom: number, setZoom: (zoom: number) => void) {
  const room = useRef<HTMLDivElement>(null);
  const kept = useRef<{ across: number; down: number; at: Spot }>(undefined);
  const now = useRef({ zoom, setZoom });
  useEffect(() => {
    now.current = { zoom, setZoom };
  });
  useLayoutEffect(() => {
    const element = room.current;
    const still = kept.current;
    kept.current = undefined;
    if (!element || !still) return;
    const box = element.getBoundingClientRect();
    element.scrollLeft = still.across * element.scrollWidth - (still.at.x - box.left);
    element.scrollTop = still.down * element.scrollHeight - (still.at.y - box.top);
  }, [zoom]);
  useEffect(() => {
    const element = room.current;
    if (!element) return;
    const scale = (by: number, at: Spot) => {
      const next = withinZoom(now.current.zoom * by);
      if (next === now.current.zoom) return;
      const box = element.getBoundingClientRect();
      kept.current = {
        across: (element.scrollLeft + at.x - box.left) / element.scrollWidth,
        down: (element.scrollTop + at.y - box.top) / element.scrollHeight,
        at,
      };
      now.current.zoom = next; // the next move may come before the page is drawn
      now.current.setZoom(next);
    };
    const wheel = (event: WheelEvent) => {
      if (!event.ctrlKey) return;
      event.preventDefault();
      scale(Math.exp(-event.deltaY * WHEEL), { x: event.clientX, y: event.clientY });
    };
    const fingers = new Map<number, Spot>();
    let first: EventTarget | null = null;
    let pinched: { apart: number; middle: Spot } | undefined;
    let panned: Spot | undefined;
    let space = false;
    let spaceUsed = false;
    const pan = (from: Spot, to: Spot) => element.scrollBy(from.x - to.x, from.y - to.y);
    const down = (event: PointerEvent) => {
      const spot = { x: event.clientX, y: event.clientY };
      if (event.pointerType === "touch") {
        if (fingers.size === 0) first = event.target;
        fingers.set(event.pointerId, spot);
        const [one, other] = fingers.values();
        if (!one || !other) return;
        event.stopPropagation();
        // the first finger began something, which two do not mean
        const begun = { bubbles: true, pointerId: [...fingers.keys()][0] };
        first?.dispatchEvent(new PointerEvent("pointercancel", begun));
        pinched = { apart: apart(one, other), middle: between(one, other) };
      } else if (event.button === 1 || (space && event.button === 0)) {
        event.preventDefault();
        event.stopPropagation();
        panned = spot;
        spaceUsed = space;
      }
    };
    const move = (event: PointerEvent) => {
      const spot = { x: event.clientX, y: event.clientY };
      if (panned) {
        event.stopPropagation();
        pan(panned, spot);
        panned = spot;
      }
      if (!fingers.has(event.pointerId)) return;
      fingers.set(event.pointerId, spot);
      const [one, other] = fingers.values();
      if (!pinched || !one || !other) return;
      event.stopPropagation();
      const middle = between(one, other);
      pan(pinched.middle, middle);
      const wide = apart(one, other);
      if (wide > 0) scale(wide / pinched.apart, middle);
      pinched = { apart: Math.max(wide, 1), middle };
    };
    const up = (event: PointerEvent) => {
      if (!event.isTrusted) return; // our own, told to the board
      if (panned || pinched) event.stopPropagation();
      panned = undefined;
      fingers.delete(event.pointerId);
      if (fingers.size === 0) pinched = undefined;
    };
    const key = (event: KeyboardEvent) => {
      const writing = (event.target as Element | null)?.closest("input, select, textarea, button, [role=button]");
      if (event.code !== "Space" || writing) return;
      space = event.type === "keydown";
      if (space) spaceUsed &&= event.repeat;
      else if (spaceUsed) event.stopPropagation(); // it was held for a drag and does nothing else
    };
    const listening = new AbortController();
    const { signal } = listening;
    element.addEventListener("wheel", wheel, { passive: false, signal });
    element.addEventListener("pointerdown", down, { capture: true, signal });
    window.addEventListener("pointermove", move, { capture: true, signal });
    window.addEventListener("pointerup", up, { capture: true, signal });
    window.addEventListener("pointercancel", up, { capture: true, signal });
    // before the board, which keeps its keys to itself
    window.addEventListener("keydown", key, { capture: true, signal });
    window.addEventListener("keyup", key, { capture: true, signal });
    return () => listening.abort();
  }, []);
  return room;
}
