import type { Quilt, QuiltAct } from "./useQuilt";

type Picture = Quilt["picture"];

/** A top with the blocks turned that were turned since the server answered: a turn is known without it. */
export function turnedAhead(picture: Picture, untold: QuiltAct[]): Picture {
  const turns = untold.filter((act) => act.do === "turn");
  if (turns.length === 0) return picture;
  const uses = picture.uses.map((use) => {
    const mine = turns.filter(({ at: [row, column] }) => row === use.row && column === use.column);
    const quarters = mine.reduce((sum, act) => sum + (act.mirror ? 0 : (act.by ?? 1)), 0);
    return quarters ? { ...use, angle: use.angle + 90 * quarters } : use;
  });
  return { ...picture, uses };
}
