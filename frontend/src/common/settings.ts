import type { Act, Draft } from "../api/client";

export type Setting = Draft["sheet"]["settings"][string];

/** The act that sets one setting, as it was typed. */
export function set(name: string, text: string): Act {
  return { do: "making", settings: { [name]: text } };
}

/** The settings that a page shows, with their names. */
export function shownOn(page: Setting["pages"][number], settings: Draft["sheet"]["settings"]): [string, Setting][] {
  return Object.entries(settings).filter(([, setting]) => setting.pages.includes(page));
}
