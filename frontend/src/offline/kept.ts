import type { QueryKey } from "@tanstack/react-query";
import { clear, createStore, del, entries, get, set } from "idb-keyval";

import { Unreachable } from "../api/client";

interface Kept {
  answer: unknown;
  at: number;
}

const MOST = 200; // answers that are kept; those that were asked for longest ago go first
const store = typeof indexedDB === "undefined" ? undefined : createStore("yonk-offline", "answers");
const listeners = new Set<() => void>();
let away = false;

/** Whether the last answer was one that was kept, since the server did not answer. */
export const isAway = (): boolean => away;

export function onAway(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

function tellAway(is: boolean): void {
  if (is === away) return;
  away = is;
  for (const listener of listeners) listener();
}

/** Asks, and keeps the answer under a name; where the server does not answer, gives what it said last. */
export async function orKept<T>(name: string, ask: () => Promise<T>): Promise<T> {
  try {
    const answer = await ask();
    tellAway(false);
    keep(name, answer);
    return answer;
  } catch (reason) {
    if (!(reason instanceof Unreachable) || !store) throw reason;
    const kept = await get<Kept>(name, store);
    if (!kept) throw reason;
    tellAway(true);
    return kept.answer as T;
  }
}

/** Under what the answer to a question is kept. */
export function keyName(key: QueryKey): string {
  return JSON.stringify(key);
}

/** Keeps an answer, or what it has become since, in place of the one that was kept under its name. */
export function keep(name: string, answer: unknown): void {
  if (!store) return;
  // a browser that has no room, or keeps nothing, goes on without
  void set(name, { answer, at: Date.now() }, store)
    .then(prune)
    .catch(() => undefined);
}

/** Forgets all answers: who signs in next at this browser finds nothing of them. */
export async function forgetAnswers(): Promise<void> {
  if (store) await clear(store);
}

async function prune(): Promise<void> {
  if (!store || Math.random() > 1 / 16) return; // to look through all of them each time would take long
  const all = await entries<string, Kept>(store);
  const old = all.sort(([, one], [, other]) => other.at - one.at).slice(MOST);
  await Promise.all(old.map(([name]) => del(name, store)));
}
