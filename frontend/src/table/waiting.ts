import { clear, createStore, del, entries, set } from "idb-keyval";

import { client, isForLater, type Schemas, settled, words } from "../api/client";

export type Entry = Schemas["EntryIn"];

/** An entry that the server has not taken yet: at which table, and in which order. */
interface Waiting {
  table: string;
  order: number;
  entry: Entry;
}

const AGAIN_AFTER = 3000;
const kept = typeof indexedDB === "undefined" ? undefined : createStore("yonk-table", "waiting");

/**
 * The entries that wait until the server answers, kept over a reload and told in the order in which they were made. One
 * that was told already is known by its name, so that none counts twice.
 */
export class WaitingEntries {
  private list: readonly Waiting[] = [];
  private fault: string | undefined;
  private readonly counts = new Map<string, number>();
  private readonly listeners = new Set<() => void>();
  private telling = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor() {
    if (kept) void this.fetch(kept);
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly all = (): readonly Waiting[] => this.list;

  /** Why the last one was refused, if it was; such a one does not wait any more. */
  readonly refused = (): string | undefined => this.fault;

  /** How many of a table waited and were told since the page was opened. */
  readonly told = (table: string): number => this.counts.get(table) ?? 0;

  /** Tells an entry, or lets it wait where the server does not answer. Throws `Refused`. */
  async tell(table: string, entry: Entry): Promise<void> {
    if (this.list.length === 0) {
      try {
        await send(table, entry);
        return;
      } catch (reason) {
        if (!isForLater(reason)) throw reason;
      }
    }
    this.put([...this.list, { table, order: Date.now() + Math.random(), entry }]);
    this.later();
  }

  /** Takes the last entry that waits back; gives it, or nothing where none waits there. */
  takeBack(table: string, place: Entry["place"]): Entry | undefined {
    const last = this.list.filter((one) => one.table === table && one.entry.place === place).at(-1);
    if (last) this.put(this.list.filter((one) => one !== last));
    return last?.entry;
  }

  /** Forgets all that waits: who signs in next at this browser tells nothing of it. */
  async forget(): Promise<void> {
    this.list = [];
    if (kept) await clear(kept);
  }

  private async fetch(store: NonNullable<typeof kept>): Promise<void> {
    const found = await entries<string, Waiting>(store);
    const before = found.map(([, one]) => one).sort((one, other) => one.order - other.order);
    this.list = [...before, ...this.list];
    this.say();
    if (this.list.length > 0) await this.work();
  }

  private put(list: readonly Waiting[]): void {
    const gone = this.list.filter((one) => !list.includes(one));
    const fresh = list.filter((one) => !this.list.includes(one));
    this.list = list;
    if (kept) {
      for (const one of gone) void del(one.entry.name, kept);
      for (const one of fresh) void set(one.entry.name, one, kept);
    }
    this.say();
  }

  private say(): void {
    for (const listener of this.listeners) listener();
  }

  private later(): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.work(), AGAIN_AFTER);
  }

  private async work(): Promise<void> {
    if (this.telling) return;
    this.telling = true;
    try {
      for (let first = this.list[0]; first; first = this.list[0]) {
        const here = first;
        try {
          await send(here.table, here.entry);
        } catch (reason) {
          if (isForLater(reason)) {
            this.later();
            return;
          }
          this.fault = words(reason);
        }
        this.counts.set(here.table, this.told(here.table) + 1);
        this.put(this.list.filter((one) => one !== here));
      }
    } finally {
      this.telling = false;
    }
  }
}

function send(table: string, entry: Entry): Promise<void> {
  return settled(
    client.POST("/api/tables/{block_id}/entries", {
      params: { path: { block_id: table } },
      body: { entries: [entry] },
    }),
  );
}

export const waiting = new WaitingEntries();
