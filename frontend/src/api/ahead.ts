const ahead = new Map<string, Promise<unknown>>();

/** Asks what a page will ask first, while the page's code is still on its way. */
export function askAhead<T>(name: string, ask: () => Promise<T>): Promise<T> {
  const asked = ask();
  asked.catch(() => undefined); // whoever asks for it is told
  ahead.set(name, asked);
  return asked;
}

/** The answer that was asked for ahead, once; asks where there is none. */
export function askedAhead<T>(name: string, ask: () => Promise<T>): Promise<T> {
  const found = ahead.get(name) as Promise<T> | undefined;
  ahead.delete(name);
  return found ?? ask();
}
