import { type RefObject, useEffect, useRef } from "react";

const STOPS = "button:not(:disabled), a[href]";
const CHOSEN = "[aria-checked=true], [aria-current]";
const STEPS: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** A group that is one Tab stop: arrows, Home and End go from one button or link to the next inside it. */
export function useOneStop<E extends HTMLElement>(): RefObject<E | null> {
  const group = useRef<E>(null);
  useEffect(() => (group.current ? oneStop(group.current) : undefined), []);
  return group;
}

function oneStop(group: HTMLElement): () => void {
  let last: Element | null = null;
  const stops = () => [...group.querySelectorAll<HTMLElement>(STOPS)];
  const settle = () => {
    const all = stops();
    const now = all.find((one) => one === last) ?? all.find((one) => one.matches(CHOSEN)) ?? all[0];
    for (const one of all) one.tabIndex = one === now ? 0 : -1;
  };
  const entered = (event: FocusEvent) => {
    last = event.target as Element;
    settle();
  };
  const pressed = (event: KeyboardEvent) => {
    const all = stops();
    const at = all.indexOf(event.target as HTMLElement);
    const step = STEPS[event.key];
    const to = event.key === "Home" ? 0 : event.key === "End" ? all.length - 1 : step && at + step;
    const next = at < 0 || to === undefined ? undefined : all[(to + all.length) % all.length];
    if (!next) return;
    event.preventDefault();
    next.focus();
    if (next.role === "radio") next.click(); // of radios the one that is gone to is the one chosen
  };
  settle();
  const watch = new MutationObserver(settle);
  watch.observe(group, {
    childList: true,
    subtree: true,
    attributeFilter: ["aria-checked", "aria-current", "disabled"],
  });
  group.addEventListener("focusin", entered);
  group.addEventListener("keydown", pressed);
  return () => {
    watch.disconnect();
    group.removeEventListener("focusin", entered);
    group.removeEventListener("keydown", pressed);
  };
}
