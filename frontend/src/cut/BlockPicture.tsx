import { SHEET } from "../common/colours";
import type { Draft } from "../api/client";
import { isOf } from "../draft/CuttingList";
import { say } from "../language/say";
import type { CutLine } from "./plan";

/** The block, with the patches lit that a line of the list is for. */
export function BlockPicture({ view, line, fabric }: { view: Draft; line: CutLine | undefined; fabric: string }) {
  const { width, height } = view.sheet;
  const colour = (key: string) => view.fabrics.find((one) => one.key === key)?.colour ?? SHEET;
  return (
    <svg
      className="cut-picture"
      viewBox={`0 0 ${String(width)} ${String(height)}`}
      role="img"
      aria-label={say("common-the-block")}
    >
      {view.faces.map((face, index) => {
        const mine = face.fabric === fabric;
        const on = mine && (!line || isOf(view, index, line));
        return (
          <polygon
            key={index}
            points={face.outline.map((spot) => spot.join(",")).join(" ")}
            fill={colour(face.fabric)}
            className={on ? (line ? "on lit" : "on") : "off"}
          />
        );
      })}
    </svg>
  );
}
