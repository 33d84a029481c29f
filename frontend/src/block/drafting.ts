import {
  type Act,
  type Block,
  type Document,
  type Draft,
  type Faults,
  type MatesName,
  type Schemas,
  Refused,
  isForLater,
  Unreachable,
} from "../api/client";
import { newName } from "../api/names";
import { say } from "../language/say";
import type { History, Standing, Waiting } from "./history";

export type Saving =
  | { state: "saved" }
  | { state: "saving" }
  | { state: "unsaved"; why: string }
  | { state: "conflict"; theirs: Block }
  | { state: "deleted" }
  | { state: "not-hers"; why: string };

/** What is drawn only now and then, and so asked for only then. */
export interface Extras {
  stretches: boolean;
  outlines: boolean;
}

/** What is drawn of a document: the document itself, and what it is called. */
export interface Drawn {
  document: Document;
  sheet: { name: string };
}

/** What drafting asks of the server. Each call throws `Refused` or `Unreachable`. */
export interface Server<A = Act, V = Draft> {
  draft: (document: Document, acts: A[], mates: MatesName, extras: Extras) => Promise<V>;
  block: (id: string) => Promise<Block>;
  save: (id: string, document: Document, revision: number, key: string) => Promise<Block>;
  copy: (document: Document) => Promise<Block>;
  restore: (id: string) => Promise<void>;
  newest: (id: string) => Promise<Schemas["NewestOut"]>;
}

/** How the drafting of a block stands, as a page shows it. */
export interface DraftingState<V = Draft, A = Act> {
  view: V | undefined;
  missing: string | undefined;
  saving: Saving;
  faults: Faults["faults"];
  waiting: number;
  /** What was done while the server does not answer. */
  untold: A[];
  busy: boolean;
  revision: number;
  /** Whose it is where it is somebody else's, and what may be done with it. */
  owner: string;
  right: Block["right"];
  /** That it was saved elsewhere, and by whom else. */
  newer: Schemas["NewestOut"] | undefined;
  canUndo: boolean;
  canRedo: boolean;
}

export const SAVE_AFTER = 600;
export const TRY_AGAIN_AFTER = 2000;
const BUSY_AFTER = 400;
const VIEWS_KEPT = 60;
const GONE = say("block-yonks-server-does-not-answer");

const FIRST: DraftingState<never, never> = {
  view: undefined,
  missing: undefined,
  saving: { state: "saved" },
  faults: [],
  waiting: 0,
  untold: [],
  busy: false,
  revision: 1,
  owner: "",
  right: "own",
  newer: undefined,
  canUndo: false,
  canRedo: false,
};

/**
 * Drafts one block: does acts one after the other on the server, keeps every step for undo, and saves a moment after
 * each change. Whatever the server cannot take just now is kept in the browser and tried again.
 *
 * It knows nothing of React: `subscribe` and `state` are what a page needs of it.
 */
export class Drafting<A = Act, V extends Drawn = Draft> {
  state: DraftingState<V, A> = FIRST;
  private readonly listeners = new Set<() => void>();
  private standing: Standing<A> | undefined;
  private document: Document | undefined;
  private steps = new Map<number, Document>();
  private readonly views = new Map<Document, V>();
  private extras: Extras = { stretches: false, outlines: false };
  private working = false;
  /** How many steps are to be taken back as soon as what is on its way has come. */
  private owed = 0;
  /** What was asked while the hand that does it was still down. */
  private foreseen: { document: Document; question: string; drawn: Promise<V> } | undefined;
  private isSaving = false;
  private left = true;
  private saveKey = "";
  private saveKeyOf: Document | undefined;
  private readonly timers: Partial<Record<"save" | "again" | "load", ReturnType<typeof setTimeout>>> = {};

  constructor(
    readonly id: string,
    private readonly server: Server<A, V>,
    private readonly history: History<A>,
  ) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Fetches the block, or what this browser keeps of its drafting; goes on trying while the server is gone. */
  readonly enter = async (): Promise<void> => {
    this.left = false;
    const asked = this.server.block(this.id);
    asked.catch(() => undefined); // told below
    const before = await this.history.readStanding(this.id);
    const mine = before && (await this.history.readStep(this.id, before.position));
    try {
      const block = await asked;
      this.tell({ owner: block.owner, right: block.right });
      if (before && mine && (before.unsaved || before.waiting.length > 0 || before.revision === block.revision)) {
        this.stand(before);
        this.show(mine, await this.compute(mine));
        if (before.unsaved) this.saveSoon();
        await this.work();
      } else {
        await this.begin(block);
      }
    } catch (reason) {
      if (reason instanceof Refused) this.tell({ missing: reason.message });
      else this.later("load", TRY_AGAIN_AFTER, this.enter);
    }
  };

  /** Saves what is not saved yet, and stops trying. */
  readonly leave = (): void => {
    this.left = true;
    for (const timer of Object.values(this.timers)) clearTimeout(timer);
    void this.save();
  };

  readonly act = (acts: A[], mates: MatesName = "none"): void => {
    if (!this.standing) return;
    this.stand({ waiting: [...this.standing.waiting, { acts, mates }] });
    void this.work();
  };

  /** Asks what acts would make of the draft while the hand that does them is down; nothing is done. */
  readonly foresee = (acts: A[], mates: MatesName = "none"): void => {
    const { document } = this;
    if (!document || this.working || acts.length === 0) return;
    const drawn = this.server.draft(document, acts, mates, this.extras);
    drawn.catch(() => undefined); // told where it is done
    this.foreseen = { document, question: this.question(acts, mates), drawn };
  };

  private question(acts: A[], mates: MatesName): string {
    return JSON.stringify([acts, mates, this.extras]);
  }

  /** Takes a drawn document as the next step. */
  readonly take = (document: Document, drawn: V): void => {
    this.step(document, drawn, this.standing?.waiting ?? []);
  };

  /** Takes back what still waits for the server, the last first; then what is on its way; then the last step. */
  readonly undo = (): void => {
    const waiting = this.standing?.waiting ?? [];
    if (waiting.length > (this.working ? 1 : 0)) {
      this.leaveWaiting(waiting.slice(0, -1));
    } else if (this.working) {
      if (this.owed <= (this.standing?.position ?? 0)) this.owed += 1; // no further back than the beginning
      this.stand({});
    } else void this.goTo((this.standing?.position ?? 0) - 1);
  };

  readonly redo = (): void => {
    void this.goTo((this.standing?.position ?? 0) + 1);
  };

  /** How the draft would be with some acts done to it; nothing is done. Throws as the server does. */
  readonly wouldBe = async (acts: A[], mates: MatesName = "none"): Promise<V | undefined> => {
    const { document } = this;
    return document && (await this.server.draft(document, acts, mates, this.extras));
  };

  readonly dismiss = (): void => {
    this.tell({ faults: FIRST.faults });
  };

  /** Begins anew with the newest that is kept: more may have been saved since it was told that there is some. */
  readonly takeTheirs = async (): Promise<void> => {
    const { saving, newer } = this.state;
    if (saving.state !== "conflict" && !newer) return;
    try {
      await this.begin(await this.server.block(this.id));
    } catch (reason) {
      if (saving.state !== "conflict" || !(reason instanceof Unreachable)) throw reason;
      await this.begin(saving.theirs);
    }
  };

  /** Looks whether it was saved elsewhere meanwhile. */
  readonly look = async (): Promise<void> => {
    if (!this.standing || this.isSaving) return;
    try {
      const newest = await this.server.newest(this.id);
      const newer = newest.revision > this.standing.revision ? newest : undefined;
      if (newer?.revision !== this.state.newer?.revision) this.tell({ newer });
    } catch {
      // the next save tells what is the matter
    }
  };

  /** Keeps the draft as a block of its own and gives its id; where theirs are known, they are taken here. */
  readonly keepMineAsCopy = async (): Promise<string> => {
    const copy = {
      ...this.document,
      name: say("block-mine-name", { name: this.state.view?.sheet.name ?? say("block-block") }),
    };
    const block = await this.server.copy(copy);
    if (this.state.saving.state === "not-hers") await this.letGo();
    else await this.takeTheirs();
    return block.id;
  };

  /** Lets what was drafted go, and begins anew with what is kept. */
  readonly letGo = async (): Promise<void> => {
    await this.begin(await this.server.block(this.id));
  };

  readonly bringBack = async (): Promise<void> => {
    await this.server.restore(this.id);
    this.tell({ saving: { state: "saving" } });
    await this.save();
  };

  /** What is to be drawn besides, from now on. */
  readonly want = (extras: Extras): void => {
    if (extras.stretches === this.extras.stretches && extras.outlines === this.extras.outlines) return;
    this.extras = extras;
    this.views.clear();
    const { document } = this;
    if (!document || !(extras.stretches || extras.outlines)) return;
    this.compute(document).then(
      (drawn) => {
        if (this.document === document) this.show(document, drawn);
      },
      () => undefined, // the next act asks again
    );
  };

  /** Told only where something changed: each time the whole page is worked out anew. */
  private tell(change: Partial<DraftingState<V, A>>): void {
    const next = { ...this.state, ...change };
    const names = Object.keys(change) as (keyof DraftingState)[];
    if (names.every((name) => next[name] === this.state[name])) return;
    this.state = next;
    for (const listener of this.listeners) listener();
  }

  private stand(change: Partial<Standing<A>>): void {
    const none: Standing<A> = { revision: 1, position: 0, last: 0, unsaved: false, waiting: [] };
    const now = { ...(this.standing ?? none), ...change };
    this.standing = now;
    this.tell({
      waiting: now.waiting.length,
      untold: this.untold(now.waiting),
      revision: now.revision,
      canUndo: now.position > 0 || now.waiting.length > 0,
      canRedo: now.position < now.last,
    });
    void this.history.writeStanding(this.id, now);
  }

  /** What is drawn ahead: not what is taken back as soon as it has come. */
  private untold(waiting: Waiting<A>[]): A[] {
    const shown = this.owed > 0 ? waiting.slice(1) : waiting;
    return shown.length > 0 ? shown.flatMap((one) => one.acts) : FIRST.untold;
  }

  private show(document: Document, drawn: V): void {
    this.views.set(document, drawn);
    const oldest = this.views.keys().next().value;
    if (this.views.size > VIEWS_KEPT && oldest) this.views.delete(oldest);
    this.document = document;
    this.tell({ view: drawn });
  }

  private later(what: "save" | "again" | "load", after: number, work: () => Promise<void>): void {
    clearTimeout(this.timers[what]);
    if (!this.left) this.timers[what] = setTimeout(() => void work(), after);
  }

  private async compute(document: Document, acts: A[] = [], mates: MatesName = "none"): Promise<V> {
    const sign = setTimeout(() => {
      this.tell({ busy: true });
    }, BUSY_AFTER);
    const { foreseen } = this;
    this.foreseen = undefined;
    try {
      if (foreseen?.document === document && foreseen.question === this.question(acts, mates))
        return await foreseen.drawn;
      return await this.server.draft(document, acts, mates, this.extras);
    } finally {
      clearTimeout(sign);
      this.tell({ busy: false });
    }
  }

  private async begin(block: Block): Promise<void> {
    const drawn = this.compute(block.document);
    drawn.catch(() => undefined); // told below
    await this.history.forget(this.id);
    this.steps = new Map([[0, block.document]]);
    await this.history.writeStep(this.id, 0, block.document);
    this.stand({ revision: block.revision, position: 0, last: 0, unsaved: false, waiting: [] });
    this.show(block.document, await drawn);
    this.tell({ saving: { state: "saved" }, newer: undefined });
  }

  private step(document: Document, drawn: V, waiting: Waiting<A>[]): void {
    const position = (this.standing?.position ?? 0) + 1;
    this.steps.set(position, document);
    void this.history.writeStep(this.id, position, document);
    this.stand({ position, last: position, unsaved: true, waiting });
    this.show(document, drawn);
    this.saveSoon();
  }

  /** Does what waits, first things first; stops where the server does not answer and tries again later. */
  private readonly work = async (): Promise<void> => {
    if (this.working) return;
    this.working = true;
    try {
      for (let next = this.standing?.waiting[0]; next && this.document; next = this.standing?.waiting[0]) {
        const done = await this.isDone(this.document, next);
        await this.takeBackOwed();
        if (!done) return;
      }
    } finally {
      this.working = false;
    }
  };

  private async takeBackOwed(): Promise<void> {
    const { owed } = this;
    this.owed = 0;
    if (owed > 0) await this.moveTo((this.standing?.position ?? 0) - owed);
  }

  /** Does one thing that waits, or tells why it cannot be; false where the server does not answer. */
  private async isDone(document: Document, next: Waiting<A>): Promise<boolean> {
    const rest = () => (this.standing?.waiting ?? []).slice(1); // more may have come meanwhile
    try {
      const drawn = await this.compute(document, next.acts, next.mates);
      this.tell({ faults: FIRST.faults });
      this.step(drawn.document, drawn, rest());
    } catch (reason) {
      if (isForLater(reason)) {
        this.tell({ saving: { state: "unsaved", why: reason instanceof Refused ? reason.message : GONE } });
        this.later("again", TRY_AGAIN_AFTER, this.work);
        if (this.owed > 0) this.forget(rest());
        return false;
      }
      if (reason instanceof Refused) this.tell({ faults: reason.faults.faults });
      this.forget(rest());
    }
    return true;
  }

  /** Lets go of what was on its way; where it was to be taken back, that is done by this. */
  private forget(rest: Waiting<A>[]): void {
    if (this.owed > 0) this.owed -= 1;
    this.leaveWaiting(rest);
  }

  private leaveWaiting(waiting: Waiting<A>[]): void {
    this.stand({ waiting });
    if (waiting.length === 0 && !this.standing?.unsaved) this.tell({ saving: { state: "saved" } });
  }

  private async goTo(position: number): Promise<void> {
    if (!this.working && this.standing?.waiting.length === 0) await this.moveTo(position);
  }

  private async moveTo(position: number): Promise<void> {
    const now = this.standing;
    if (!now || position < 0 || position > now.last) return;
    const document = this.steps.get(position) ?? (await this.history.readStep(this.id, position));
    if (!document) return;
    try {
      const drawn = this.views.get(document) ?? (await this.compute(document));
      this.tell({ faults: FIRST.faults });
      this.steps.set(position, document);
      this.stand({ position, unsaved: true });
      this.show(document, drawn);
      this.saveSoon();
    } catch (reason) {
      this.tell({ saving: { state: "unsaved", why: reason instanceof Refused ? reason.message : GONE } });
    }
  }

  private saveSoon(): void {
    const { state } = this.state.saving;
    if (state !== "conflict" && state !== "deleted" && state !== "not-hers") this.tell({ saving: { state: "saving" } });
    this.later("save", SAVE_AFTER, this.save);
  }

  private readonly save = async (): Promise<void> => {
    const { document, standing } = this;
    if (this.isSaving || !document || !standing?.unsaved) return;
    if (this.saveKeyOf !== document) {
      this.saveKeyOf = document;
      this.saveKey = newName();
    }
    this.isSaving = true;
    this.tell({ saving: { state: "saving" } });
    try {
      const block = await this.server.save(this.id, document, standing.revision, this.saveKey);
      const newest = this.document === document;
      this.stand({ revision: block.revision, unsaved: !newest });
      if (this.state.newer) this.tell({ newer: undefined });
      this.tell({ saving: { state: newest ? "saved" : "saving" } });
      if (!newest) this.later("save", SAVE_AFTER, this.save);
    } catch (reason) {
      this.tell({ saving: this.unsaved(reason) });
    } finally {
      this.isSaving = false;
    }
  };

  private unsaved(reason: unknown): Saving {
    if (reason instanceof Refused && reason.status === 409 && reason.faults.theirs) {
      return { state: "conflict", theirs: reason.faults.theirs };
    }
    if (reason instanceof Refused && reason.status === 410) return { state: "deleted" };
    if (reason instanceof Refused && reason.status === 403) return { state: "not-hers", why: reason.message };
    this.later("again", TRY_AGAIN_AFTER, this.save);
    return { state: "unsaved", why: reason instanceof Refused ? reason.message : GONE };
  }
}
