/** A block or a quilt that was open in this window: where, and what it is called. */
export interface Opened {
  path: string;
  name: string;
}

const KEPT = "yonk opened";
const MOST = 6;

/** What was open in this window, the latest first. */
export function openedLately(): Opened[] {
  return JSON.parse(sessionStorage.getItem(KEPT) ?? "[]") as Opened[];
}

/** Remember that something is open. */
export function rememberOpened(one: Opened) {
  const others = openedLately().filter((other) => other.path !== one.path);
  sessionStorage.setItem(KEPT, JSON.stringify([one, ...others].slice(0, MOST)));
}
