import type { Schemas } from "../api/client";
import { say } from "../language/say";
import { showPhotographed, usePhotographed } from "./photographed";

/** Slides from cloth as it is drawn to cloth as it was photographed, where there is a picture of one. */
export function Photographed({ fabrics, className }: { fabrics: Schemas["PrintOut"][]; className?: string }) {
  const share = usePhotographed();
  if (!fabrics.some((one) => one.picture?.address)) return null;
  return (
    <label className={["photographed", className].filter(Boolean).join(" ")}>
      <span>{say("common-drawn")}</span>
      <input
        type="range"
        min={0}
        max={1}
        step={0.1}
        value={share}
        aria-label={say("common-drawn-or-photographed")}
        onChange={(event) => showPhotographed(Number(event.target.value))}
      />
      <span>{say("common-photographed")}</span>
    </label>
  );
}
