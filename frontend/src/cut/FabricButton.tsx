import type { Draft } from "../api/client";
import { Fr } from "../common/Fr";
import { say } from "../language/say";
import type { CutFabric } from "./plan";
import { SwatchOf } from "./SwatchOf";

interface Props {
  one: CutFabric;
  fabrics: Draft["fabrics"];
  open: boolean;
  onOpen: () => void;
}

/** A fabric to cut: how much of it is bought, how much of it is done. */
export function FabricButton({ one, fabrics, open, onOpen }: Props) {
  const done = one.lines.filter((line) => line.ticked).length;
  return (
    <button type="button" className="unit-card cloth-card" aria-current={open || undefined} onClick={onOpen}>
      <SwatchOf fabrics={fabrics} name={one.key} size={44} />
      <span>
        <b>{one.name}</b>
        <small>
          <Fr>
            {one.buy_exact === 0
              ? one.limited
                ? say("table-only-what-there-is")
                : say("cut-all-from-the-shelf")
              : one.buy}
          </Fr>
        </small>
        <small>{one.done ? say("cut-all-cut") : say("cut-of-lines-cut", { done, lines: one.lines.length })}</small>
      </span>
    </button>
  );
}
