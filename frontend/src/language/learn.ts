import { type Language, speak } from "./say";

const TEXTS: Record<Language, () => Promise<{ default: string[] }>> = {
  en: () => import("./en"),
  de: () => import("./de"),
  xa: () => import("./en"),
};

/** Fetch the texts of the language that this browser asks for with every request, and speak it. */
export async function learn() {
  const language = asked();
  speak(language, (await TEXTS[language]()).default);
  document.documentElement.lang = language === "xa" ? "en" : language;
}

/** The language that this browser asks for: the server sets it, so that pages, files and answers are in one. */
export function asked(): Language {
  const found = /(?:^|; )yonk-language=(de|xa)(?:;|$)/.exec(document.cookie)?.[1];
  return (found as Language | undefined) ?? "en";
}
