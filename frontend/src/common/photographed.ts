import { useSyncExternalStore } from "react";

const PLACE = "yonk photographed";
const watching = new Set<() => void>();

function kept(): number {
  const told = Number(localStorage.getItem(PLACE) ?? "1");
  return told >= 0 && told <= 1 ? told : 1;
}

/** How much of a cloth's picture is seen over how it is drawn, nought to one; everywhere in this browser. */
export const usePhotographed = (): number =>
  useSyncExternalStore((changed) => {
    watching.add(changed);
    return () => watching.delete(changed);
  }, kept);

/** Show so much of the pictures. */
export function showPhotographed(share: number): void {
  localStorage.setItem(PLACE, String(share));
  for (const changed of watching) changed();
}
