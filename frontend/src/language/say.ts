import { FluentBundle, FluentNumber, FluentResource } from "@fluent/bundle";
import { createElement, Fragment, type ReactNode } from "react";

/** `xa` is English with each text marked, so that a test sees a text that comes from nowhere. */
export type Language = "en" | "de" | "xa";

type Plain = string | number;

const LOCALES: Record<Language, string> = { en: "en", de: "de", xa: "en" };
const DAYS: Record<Language, string> = { en: "en-GB", de: "de-DE", xa: "en-GB" };
const HELD_OPEN = 0xe000; // the first of the signs that no script has
const PLACES = /[\ue000-\uf8ff]/;

let bundle = new FluentBundle("en");
let now: Language = "en";

/** The language that is spoken. */
export function spoken(): Language {
  return now;
}

/** Speak a language from now on; what comes last in `texts` stands instead of what has the same name before it. */
export function speak(language: Language, texts: string[]) {
  bundle = new FluentBundle(LOCALES[language], { useIsolating: false });
  now = language;
  for (const text of texts) bundle.addResource(new FluentResource(text), { allowOverrides: true });
}

/** The text of that name in the language that is spoken, its places filled. */
export function say(name: string, given?: Record<string, Plain>): string {
  const pattern = bundle.getMessage(name)?.value;
  if (pattern == null) throw new Error(`No text is called ${name}.`);
  const filled = given && Object.fromEntries(Object.entries(given).map(([place, value]) => [place, written(value)]));
  const text = bundle.formatPattern(pattern, filled);
  return now === "xa" ? `⟦${text}⟧` : text;
}

/** The same with elements in its places, for a sentence of which a part is shown otherwise. */
export function rich(name: string, given: Record<string, ReactNode>): ReactNode {
  const elements: ReactNode[] = [];
  const text = say(
    name,
    Object.fromEntries(
      Object.entries(given).map(([place, value]) => {
        if (typeof value === "string" || typeof value === "number") return [place, value];
        elements.push(value);
        return [place, String.fromCharCode(HELD_OPEN + elements.length - 1)];
      }),
    ),
  );
  const parts = text.split(/([\ue000-\uf8ff])/);
  const shown = parts.map((part) => (PLACES.test(part) ? elements[part.charCodeAt(0) - HELD_OPEN] : part));
  return createElement(Fragment, null, ...shown);
}

/** Several, the last joined by a word. */
export function listed(parts: string[]): string {
  return parts.reduce((before, last) => say("common-and", { before, last }));
}

/** A day as it is written in the language that is spoken. */
export function day(iso: string): string {
  return new Date(iso).toLocaleDateString(DAYS[now], { day: "numeric", month: "long", year: "numeric" });
}

/** A day and its hour. */
export function moment(iso: string): string {
  return new Date(iso).toLocaleString(DAYS[now]);
}

// chooses plurals; written as it is, not in groups of three
function written(value: Plain) {
  return typeof value === "number" ? new FluentNumber(value, { useGrouping: false, maximumFractionDigits: 6 }) : value;
}
