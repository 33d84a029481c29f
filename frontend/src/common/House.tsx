import { lazy, Suspense, useEffect, useRef, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Link, useLocation } from "react-router";

import { say } from "../language/say";
import { useWho } from "../guild/useWho";
import { type Ground, groundSeen, showGround } from "./ground";
import { openedLately } from "./opened";
import { PLACES } from "./places";

const Palette = lazy(async () => ({ default: (await import("./Palette")).Palette }));

/** The way about the house, the same on every page: its rooms, what was open lately, and a word to find anything by. */
export function House({ row = false }: { row?: boolean }) {
  const [open, setOpen] = useState(false);
  const [finding, setFinding] = useState(false);
  const { pathname } = useLocation();
  const who = useWho();
  const whole = useRef<HTMLDivElement>(null);
  useHotkeys("mod+k", () => setFinding(true), { preventDefault: true, enableOnFormTags: true });
  useHotkeys("escape", () => setOpen(false), { enabled: open });
  useEffect(() => {
    if (!open) return;
    const outside = (event: Event) => {
      if (!whole.current?.contains(event.target as Node)) setOpen(false);
    };
    document.addEventListener("pointerdown", outside);
    document.addEventListener("focusin", outside);
    return () => {
      document.removeEventListener("pointerdown", outside);
      document.removeEventListener("focusin", outside);
    };
  }, [open]);
  const [ground, setGround] = useState<Ground>(groundSeen);
  const other: Ground = ground === "day" ? "lamp" : "day";
  const account = who?.here === "in" ? [{ path: "/account", words: who.name }] : [];
  const rooms = [...PLACES, ...account].map(({ path, words }) => (
    <Link key={path} to={path} aria-current={pathname === path ? "page" : undefined} onClick={() => setOpen(false)}>
      {words}
    </Link>
  ));
  const light = (
    <button
      type="button"
      className="quiet"
      title={say("common-ground-of-the-page")}
      onClick={() => {
        showGround(other);
        setGround(other);
      }}
    >
      {say("common-ground", { ground: other })}
    </button>
  );
  const lately = openedLately().filter((one) => !pathname.startsWith(one.path));
  return (
    <div ref={whole} className={row ? "house row" : "house"}>
      <button type="button" className="quiet go-to" aria-expanded={open} onClick={() => setOpen(!open)}>
        {say("common-go-to")}
      </button>
      {row && (
        <nav className="rooms" aria-label={say("common-the-house")}>
          {rooms}
          {light}
        </nav>
      )}
      {open && (
        <nav className="house-card" aria-label={say("common-the-house")}>
          {rooms}
          {lately.length > 0 && (
            <>
              <b>{say("common-open-lately")}</b>
              {lately.map((one) => (
                <Link key={one.path} to={one.path} onClick={() => setOpen(false)}>
                  {one.name}
                </Link>
              ))}
            </>
          )}
          {light}
        </nav>
      )}
      <button
        type="button"
        className="quiet"
        title={say("common-find-anything-by-key")}
        onClick={() => setFinding(true)}
      >
        {say("common-find")}
      </button>
      {finding && (
        <Suspense>
          <Palette onClose={() => setFinding(false)} />
        </Suspense>
      )}
    </div>
  );
}
