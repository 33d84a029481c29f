import { useCallback, useEffect, useRef, useState } from "react";

import {
  type Act,
  type Block,
  client,
  type Document,
  type Draft,
  type Faults,
  type MatesName,
  Refused,
  settled,
  Unreachable,
} from "../api/client";
import { forget, readStanding, readStep, type Standing, type Waiting, writeStanding, writeStep } from "./history";

export type Saving =
  | { state: "saved" }
  | { state: "saving" }
  | { state: "unsaved"; why: string }
  | { state: "conflict"; theirs: Block }
  | { state: "deleted" };

/** What is drawn only now and then, and so asked for only then. */
export interface Extras {
  stretches: boolean;
  outlines: boolean;
}

export interface Drafting {
  view: Draft | undefined;
  missing: string | undefined;
  saving: Saving;
  faults: Faults["faults"];
  waiting: number;
  busy: boolean;
  revision: number;
  canUndo: boolean;
  canRedo: boolean;
  act: (acts: Act[], mates?: MatesName) => void;
  take: (document: Document, drawn: Draft) => void;
  undo: () => void;
  redo: () => void;
  dismiss: () => void;
  takeTheirs: () => Promise<void>;
  keepMineAsCopy: () => Promise<string>;
  bringBack: () => Promise<void>;
}

const SAVE_AFTER = 600;
const TRY_AGAIN_AFTER = 2000;
const VIEWS_KEPT = 60;
const BUSY_AFTER = 400;
const GONE = "Yonk's server does not answer. Your draft waits in this browser and is saved when it is back.";

/**
 * Works on one block: does acts one after the other on the server, keeps every step for undo, and saves a moment
 * after each change. Whatever the server cannot take just now is kept in the browser and tried again.
 */
export function useDraft(id: string, extras: Extras): Drafting {
  const { stretches, outlines } = extras;
  const [view, setView] = useState<Draft>();
  const [missing, setMissing] = useState<string>();
  const [saving, setSaving] = useState<Saving>({ state: "saved" });
  const [faults, setFaults] = useState<Faults["faults"]>([]);
  const [standing, setStanding] = useState<Standing>();
  const [busy, setBusy] = useState(false);
  const state = useRef({
    standing: undefined as Standing | undefined,
    document: undefined as Document | undefined,
    steps: new Map<number, Document>(),
    views: new Map<Document, Draft>(),
    working: false,
    saveTimer: 0,
    againTimer: 0,
    saving: false,
    saveKey: "",
    saveKeyOf: undefined as Document | undefined,
    extras,
    left: false,
  });

  const stand = useCallback(
    (change: Partial<Standing>) => {
      const now = { ...(state.current.standing as Standing), ...change };
      state.current.standing = now;
      setStanding(now);
      void writeStanding(id, now);
    },
    [id],
  );

  const show = useCallback((document: Document, drawn: Draft) => {
    const { views } = state.current;
    views.set(document, drawn);
    const oldest = views.keys().next().value;
    if (views.size > VIEWS_KEPT && oldest) views.delete(oldest);
    state.current.document = document;
    setView(drawn);
  }, []);

  const compute = useCallback(async (document: Document, acts: Act[], mates: MatesName) => {
    const sign = window.setTimeout(() => setBusy(true), BUSY_AFTER);
    try {
      return await settled<Draft>(client.POST("/api/draft", { body: { document, acts, mates, ...state.current.extras } }));
    } finally {
      window.clearTimeout(sign);
      setBusy(false);
    }
  }, []);

  const save = useCallback(async () => {
    const now = state.current;
    if (now.saving || !now.document || !now.standing?.unsaved) return;
    const document = now.document;
    if (now.saveKeyOf !== document) {
      now.saveKeyOf = document;
      now.saveKey = newKey();
    }
    now.saving = true;
    setSaving({ state: "saving" });
    try {
      const body = { document, revision: now.standing.revision, save_key: now.saveKey };
      const block = await settled<Block>(client.PUT("/api/blocks/{block_id}", { params: { path: { block_id: id } }, body }));
      const newest = now.document === document;
      stand({ revision: block.revision, unsaved: !newest });
      setSaving(newest ? { state: "saved" } : { state: "saving" });
      if (!newest) now.saveTimer = window.setTimeout(() => void save(), SAVE_AFTER);
    } catch (reason) {
      if (reason instanceof Refused && reason.status === 409 && reason.faults.theirs) {
        setSaving({ state: "conflict", theirs: reason.faults.theirs });
      } else if (reason instanceof Refused && reason.status === 410) {
        setSaving({ state: "deleted" });
      } else {
        setSaving({ state: "unsaved", why: reason instanceof Refused ? reason.message : GONE });
        window.clearTimeout(now.againTimer);
        if (!now.left) now.againTimer = window.setTimeout(() => void save(), TRY_AGAIN_AFTER);
      }
    } finally {
      now.saving = false;
    }
  }, [id, stand]);

  const saveSoon = useCallback(() => {
    window.clearTimeout(state.current.saveTimer);
    setSaving((before) => (before.state === "conflict" || before.state === "deleted" ? before : { state: "saving" }));
    state.current.saveTimer = window.setTimeout(() => void save(), SAVE_AFTER);
  }, [save]);

  const step = useCallback(
    (document: Document, drawn: Draft, waiting: Waiting[]) => {
      const now = state.current.standing as Standing;
      const position = now.position + 1;
      state.current.steps.set(position, document);
      void writeStep(id, position, document);
      stand({ position, last: position, unsaved: true, waiting });
      show(document, drawn);
      saveSoon();
    },
    [id, saveSoon, show, stand],
  );

  /** Does what waits, first things first; stops where the server does not answer and tries again later. */
  const work = useCallback(async () => {
    const now = state.current;
    if (now.working) return;
    now.working = true;
    try {
      for (let next = now.standing?.waiting[0]; next && now.document; next = now.standing?.waiting[0]) {
        const rest = (now.standing?.waiting ?? []).slice(1);
        try {
          const drawn = await compute(now.document, next.acts, next.mates);
          setFaults([]);
          step(drawn.document, drawn, (now.standing?.waiting ?? []).slice(1));
        } catch (reason) {
          if (reason instanceof Unreachable) {
            setSaving({ state: "unsaved", why: GONE });
            window.clearTimeout(now.againTimer);
            if (!now.left) now.againTimer = window.setTimeout(() => void work(), TRY_AGAIN_AFTER);
            return;
          }
          if (reason instanceof Refused) setFaults(reason.faults.faults);
          stand({ waiting: rest });
        }
      }
    } finally {
      now.working = false;
    }
  }, [compute, stand, step]);

  const act = useCallback(
    (acts: Act[], mates: MatesName = "none") => {
      if (!state.current.standing) return;
      stand({ waiting: [...state.current.standing.waiting, { acts, mates }] });
      void work();
    },
    [stand, work],
  );

  const goTo = useCallback(
    async (position: number) => {
      const now = state.current;
      if (!now.standing || now.working || now.standing.waiting.length) return;
      const document = now.steps.get(position) ?? (await readStep(id, position));
      if (!document) return;
      try {
        const drawn = now.views.get(document) ?? (await compute(document, [], "none"));
        setFaults([]);
        now.steps.set(position, document);
        stand({ position, unsaved: true });
        show(document, drawn);
        saveSoon();
      } catch (reason) {
        setSaving({ state: "unsaved", why: reason instanceof Refused ? reason.message : GONE });
      }
    },
    [compute, id, saveSoon, show, stand],
  );

  const begin = useCallback(
    async (block: Block) => {
      await forget(id);
      state.current.steps = new Map([[0, block.document]]);
      await writeStep(id, 0, block.document);
      state.current.standing = { revision: block.revision, position: 0, last: 0, unsaved: false, waiting: [] };
      stand({});
      show(block.document, await compute(block.document, [], "none"));
      setSaving({ state: "saved" });
    },
    [compute, id, show, stand],
  );

  useEffect(() => {
    const now = state.current;
    now.left = false;
    async function load() {
      const before = await readStanding(id);
      const mine = before && (await readStep(id, before.position));
      try {
        const block = await settled<Block>(client.GET("/api/blocks/{block_id}", { params: { path: { block_id: id } } }));
        if (before && mine && (before.unsaved || before.waiting.length || before.revision === block.revision)) {
          now.standing = before;
          stand({});
          show(mine, await compute(mine, [], "none"));
          void work();
          if (before.unsaved) saveSoon();
        } else {
          await begin(block);
        }
      } catch (reason) {
        if (reason instanceof Refused) setMissing(reason.message);
        else if (!now.left) window.setTimeout(() => void load(), TRY_AGAIN_AFTER);
      }
    }
    void load();
    return () => {
      now.left = true;
      window.clearTimeout(now.againTimer);
      window.clearTimeout(now.saveTimer);
      void save();
    };
    // a block is loaded once for each visit
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id]);

  useEffect(() => {
    state.current.extras = { stretches, outlines };
    state.current.views.clear();
    const { document } = state.current;
    if (!(stretches || outlines) || !document) return;
    compute(document, [], "none").then(
      (drawn) => {
        if (state.current.document === document) show(document, drawn);
      },
      () => undefined,
    );
  }, [compute, show, stretches, outlines]);

  const takeTheirs = useCallback(async () => {
    if (saving.state === "conflict") await begin(saving.theirs);
  }, [begin, saving]);

  const keepMineAsCopy = useCallback(async () => {
    const { document } = state.current;
    const name = `${String(view?.sheet.name ?? "Block")} (mine)`;
    const copy = { ...document, name };
    const block = await settled<Block>(client.POST("/api/blocks", { body: { document: copy } }));
    if (saving.state === "conflict") await begin(saving.theirs);
    return block.id;
  }, [begin, saving, view]);

  const bringBack = useCallback(async () => {
    await settled(client.POST("/api/blocks/{block_id}/restore", { params: { path: { block_id: id } } }));
    setSaving({ state: "saving" });
    await save();
  }, [id, save]);

  return {
    view,
    missing,
    saving,
    faults,
    waiting: standing?.waiting.length ?? 0,
    busy,
    revision: standing?.revision ?? 1,
    canUndo: (standing?.position ?? 0) > 0,
    canRedo: (standing?.position ?? 0) < (standing?.last ?? 0),
    act,
    take: useCallback((document: Document, drawn: Draft) => step(document, drawn, state.current.standing?.waiting ?? []), [step]),
    undo: useCallback(() => {
      const at = state.current.standing?.position ?? 0;
      if (at > 0) void goTo(at - 1);
    }, [goTo]),
    redo: useCallback(() => {
      const now = state.current.standing;
      if (now && now.position < now.last) void goTo(now.position + 1);
    }, [goTo]),
    dismiss: useCallback(() => setFaults([]), []),
    takeTheirs,
    keepMineAsCopy,
    bringBack,
  };
}

/** A name that no other save has, so that the same save sent twice is known to be one. */
function newKey(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(12)), (part) => part.toString(16).padStart(2, "0")).join("");
}
