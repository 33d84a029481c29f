export type Ground = "day" | "lamp";

const PLACE = "yonk ground";

/** The ground that was chosen here; none where the system's is taken. */
export const groundChosen = (): Ground | undefined => {
  const kept = localStorage.getItem(PLACE);
  return kept === "day" || kept === "lamp" ? kept : undefined;
};

/** The ground that is seen: unbleached paper by day, spruce by the lamp at night. */
export const groundSeen = (): Ground =>
  groundChosen() ?? (window.matchMedia("(prefers-color-scheme: dark)").matches ? "lamp" : "day");

/** Shows the ground that was chosen, as the page begins and whenever another is. */
export function showGround(chosen = groundChosen()): void {
  if (chosen) {
    localStorage.setItem(PLACE, chosen);
    document.documentElement.dataset["ground"] = chosen;
  } else delete document.documentElement.dataset["ground"];
}
