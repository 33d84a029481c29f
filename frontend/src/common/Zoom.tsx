import { say } from "../language/say";
import { Stepper } from "./Stepper";

export const ZOOMS = [1, 1.5, 2, 3, 4, 6] as const;

const SMALLER = { sign: "−", words: say("common-smaller") };
const LARGER = { sign: "+", words: say("common-larger") };

interface Props {
  zoom: number;
  onZoom: (zoom: number) => void;
}

/** Larger and smaller, in steps; `zoom` is which of them. */
export function Zoom({ zoom, onZoom }: Props) {
  return (
    <Stepper
      name={say("common-zoom")}
      at={zoom}
      last={ZOOMS.length - 1}
      onStep={onZoom}
      before={SMALLER}
      after={LARGER}
    >
      {Math.round(100 * (ZOOMS[zoom] ?? 1))} %
    </Stepper>
  );
}
