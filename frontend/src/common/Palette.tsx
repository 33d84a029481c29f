import { useQuery } from "@tanstack/react-query";
import { useId, useRef, useState } from "react";
import { Modal } from "react-bootstrap";
import { useNavigate } from "react-router";

import { client, type Schemas, settled } from "../api/client";
import { say } from "../language/say";
import { PLACES } from "./places";

/** Something that is found by its words: of which sort it is, and what is done when it is taken. */
interface Found {
  sort: string;
  words: string;
  take: () => void;
}

const MOST = 12; // that are listed: more are not read, another letter finds them

/** What can be done on the page as it is: its buttons and its steps, by their own names. */
function actsOf(page: Document): Found[] {
  const found: Found[] = [];
  const named = new Set<string>();
  for (const one of page.querySelectorAll<HTMLElement>("main button, header button, header nav a")) {
    const words = (one.getAttribute("aria-label") ?? one.textContent).trim();
    const seen = one.getClientRects().length > 0 && !(one as HTMLButtonElement).disabled;
    if (words.length < 2 || !seen || named.has(words) || one.closest(".house")) continue;
    named.add(words);
    found.push({ sort: say("common-found-here"), words, take: () => one.click() });
  }
  return found;
}

/** Finds every act of the page, every page, block, quilt, fabric and word by typing; taken by Enter or a touch. */
export function Palette({ onClose }: { onClose: () => void }) {
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  const go = useNavigate();
  const [typed, setTyped] = useState("");
  const [at, setAt] = useState(0);
  const [acts] = useState(() => actsOf(document));
  const blocks = useQuery({
    queryKey: ["shelf", "found by typing", typed],
    queryFn: () =>
      settled<Schemas["ShelfOut"]>(client.GET("/api/blocks", { params: { query: { search: typed, order: "name" } } })),
    placeholderData: (before) => before,
  });
  const quilts = useQuery({
    queryKey: ["quilts", "found by typing"],
    queryFn: () => settled<Schemas["QuiltShelfOut"]>(client.GET("/api/quilts")),
  });
  const fabrics = useQuery({
    queryKey: ["fabrics"],
    queryFn: () => settled<Schemas["ShelfFabricOut"][]>(client.GET("/api/fabrics")),
  });
  const words = useQuery({
    queryKey: ["words"],
    queryFn: () => settled<Schemas["WordsOut"]>(client.GET("/api/words")),
  });
  const leading = (sort: string, to: string, called: string): Found => ({
    sort,
    words: called,
    take: () => void go(to),
  });
  const all = [
    ...acts,
    ...PLACES.map((one) => leading(say("common-found-page"), one.path, one.words)),
    ...(blocks.data?.blocks ?? []).map((one) => leading(say("common-found-block"), `/blocks/${one.id}`, one.name)),
    ...(quilts.data?.quilts ?? []).map((one) => leading(say("common-found-quilt"), `/quilts/${one.id}`, one.name)),
    ...(fabrics.data ?? []).map((one) => leading(say("common-found-fabric"), "/fabrics", one.name)),
    ...(words.data?.words ?? []).map((one) => leading(say("common-found-word"), `/words#${one.key}`, one.word)),
  ];
  const wanted = typed.trim().toLowerCase();
  const begins = (one: Found) => (one.words.toLowerCase().startsWith(wanted) ? 0 : 1);
  const found = all
    .filter((one) => one.words.toLowerCase().includes(wanted))
    .sort((one, other) => begins(one) - begins(other))
    .slice(0, MOST);
  const chosen = Math.min(at, found.length - 1);
  const take = (one: Found | undefined) => {
    if (!one) return;
    onClose();
    // after the dialog has given the focus back, so that what opens may take it
    window.setTimeout(one.take);
  };
  return (
    <Modal
      show
      onHide={onClose}
      onEntered={() => input.current?.focus()}
      aria-label={say("common-find-anything")}
      className="palette"
    >
      <Modal.Body>
        <input
          ref={input}
          role="combobox"
          aria-label={say("common-find-anything")}
          aria-expanded
          aria-controls={id}
          aria-activedescendant={found.length > 0 ? `${id}-${String(chosen)}` : undefined}
          placeholder={say("common-find-anything")}
          value={typed}
          onChange={(event) => {
            setTyped(event.target.value);
            setAt(0);
          }}
          onKeyDown={(event) => {
            const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
            if (by) setAt(Math.min(Math.max(chosen + by, 0), found.length - 1));
            if (event.key === "Enter") take(found[chosen]);
            if (by || event.key === "Enter") event.preventDefault();
          }}
        />
        <ul id={id} role="listbox" aria-label={say("common-what-was-found")}>
          {found.map((one, number) => (
            <li
              key={`${one.sort} ${one.words} ${String(number)}`}
              id={`${id}-${String(number)}`}
              role="option"
              aria-selected={number === chosen}
              onPointerMove={() => setAt(number)}
              onPointerUp={() => take(one)}
            >
              {one.words} <small>{one.sort}</small>
            </li>
          ))}
        </ul>
        {found.length === 0 && <p className="quiet-text">{say("common-nothing-is-called-so")}</p>}
      </Modal.Body>
    </Modal>
  );
}
