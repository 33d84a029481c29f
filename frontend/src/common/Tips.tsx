import { type CSSProperties, useEffect, useRef, useState } from "react";

const RESTS = 450; // milliseconds: a pointer that only passes asks nothing

const LOWEST = 80; // pixels over the window's lower edge: further down it stands above

interface Tip {
  words: string;
  x: number;
  y: number;
  above: boolean;
}

/**
 * Tips on a card of the house's own: what has a `title` shows it as the pointer rests on it or the keyboard comes to
 * it, until either leaves or Escape is pressed. The title is lent to the card for so long, so that the browser shows no
 * second one.
 */
export function Tips() {
  const [tip, setTip] = useState<Tip>();
  const card = useRef<HTMLDivElement>(null);
  useEffect(() => {
    let of: HTMLElement | undefined;
    let timer: ReturnType<typeof setTimeout> | undefined;
    const give = () => {
      clearTimeout(timer);
      if (!of) return;
      const words = of.dataset["tip"] ?? "";
      if (!of.title) of.title = words; // else it says something new meanwhile
      delete of.dataset["tip"];
      of.removeAttribute("aria-describedby");
      of = undefined;
      setTip(undefined);
    };
    const come = (event: Event) => {
      const at = event.target instanceof Element ? event.target : null;
      if (at && (of?.contains(at) || card.current?.contains(at))) return;
      give();
      const found = at?.closest<HTMLElement>("[title]");
      if (!found?.title || found.hasAttribute("aria-describedby")) return;
      if (event.type === "focusin" && !found.matches(":focus-visible")) return;
      timer = setTimeout(() => {
        if (!found.isConnected || !found.title) return;
        of = found;
        const box = found.getBoundingClientRect();
        of.dataset["tip"] = found.title;
        of.setAttribute("aria-describedby", "tip");
        const above = box.bottom > window.innerHeight - LOWEST;
        setTip({ words: found.title, x: box.left + box.width / 2, y: above ? box.top : box.bottom, above });
        of.removeAttribute("title");
      }, RESTS);
    };
    const escape = (event: KeyboardEvent) => {
      if (event.key === "Escape") give();
    };
    const comes = ["pointerover", "focusin"] as const;
    const goes = ["pointerdown", "wheel", "focusout"] as const;
    for (const name of comes) document.addEventListener(name, come);
    for (const name of goes) document.addEventListener(name, give, { passive: true });
    document.addEventListener("keydown", escape, true); // before the board, which keeps its keys to itself
    return () => {
      give();
      for (const name of comes) document.removeEventListener(name, come);
      for (const name of goes) document.removeEventListener(name, give);
      document.removeEventListener("keydown", escape, true);
    };
  }, []);
  if (!tip) return null;
  const place = { "--at": `${String(tip.x)}px`, top: tip.y } as CSSProperties;
  return (
    // heard as what describes the thing, not a second time by itself
    <div ref={card} id="tip" aria-hidden="true" className={tip.above ? "tip-card above" : "tip-card"} style={place}>
      {tip.words}
    </div>
  );
}
