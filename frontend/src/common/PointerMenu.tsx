import { useEffect, useLayoutEffect, useRef, useState } from "react";

import { say } from "../language/say";

/** What can be done at a spot: in the words of the tools, with its key. */
export interface MenuAct {
  words: string;
  keys?: string;
  run: () => void;
}

interface Props {
  at: { x: number; y: number };
  acts: MenuAct[];
  onClose: () => void;
}

const EDGE = 8; // pixels that it keeps from the edge of the screen

/** The menu of the thing under the pointer: opened by the right button, a long touch or the menu key. */
export function PointerMenu({ at, acts, onClose }: Props) {
  const menu = useRef<HTMLDivElement>(null);
  const before = useRef(document.activeElement as HTMLElement | SVGElement | null);
  const [spot, setSpot] = useState(at);
  useLayoutEffect(() => {
    const box = menu.current?.getBoundingClientRect();
    if (!box) return;
    setSpot({
      x: Math.max(EDGE, Math.min(at.x, window.innerWidth - box.width - EDGE)),
      y: Math.max(EDGE, Math.min(at.y, window.innerHeight - box.height - EDGE)),
    });
    menu.current?.querySelector("button")?.focus();
  }, [at]);
  useEffect(() => {
    const outside = (event: Event) => {
      if (!menu.current?.contains(event.target as Node)) onClose();
    };
    window.addEventListener("pointerdown", outside, { capture: true });
    window.addEventListener("blur", onClose);
    return () => {
      window.removeEventListener("pointerdown", outside, { capture: true });
      window.removeEventListener("blur", onClose);
    };
  }, [onClose]);
  const close = () => {
    onClose();
    before.current?.focus();
  };
  const go = (by: number) => {
    const all = [...(menu.current?.querySelectorAll("button") ?? [])];
    const here = all.indexOf(document.activeElement as HTMLButtonElement);
    all[(here + by + all.length) % all.length]?.focus();
  };
  return (
    <div
      ref={menu}
      role="menu"
      tabIndex={-1}
      aria-label={say("common-what-can-be-done-here")}
      className="pointer-menu"
      style={{ left: spot.x, top: spot.y }}
      onContextMenu={(event) => event.preventDefault()}
      onKeyDown={(event) => {
        const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
        if (by) go(by);
        else if (event.key === "Escape" || event.key === "Tab") close();
        else return;
        event.preventDefault();
        event.stopPropagation();
      }}
    >
      {acts.map((one) => (
        <button
          key={one.words}
          type="button"
          role="menuitem"
          onClick={() => {
            close();
            one.run();
          }}
        >
          {one.words} {one.keys && <kbd>{one.keys}</kbd>}
        </button>
      ))}
    </div>
  );
}
