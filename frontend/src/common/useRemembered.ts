import { useState } from "react";

/** A word that is remembered in this window when the page is left, under a name; none at first. */
export function useRemembered(name: string): [string | undefined, (word: string) => void] {
  const place = `yonk ${name}`;
  const [word, setWord] = useState(() => sessionStorage.getItem(place) ?? undefined);
  const remember = (next: string) => {
    setWord(next);
    sessionStorage.setItem(place, next);
  };
  return [word, remember];
}
