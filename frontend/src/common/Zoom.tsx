import { say } from "../language/say";
import { MenuButton } from "./MenuButton";
import { Stepper } from "./Stepper";

const STEPS = [0.5, 0.75, 1, 1.5, 2, 3, 4, 6, 8];
const [LEAST, MOST] = [0.25, 12]; // a large quilt at its true size and no further

const SMALLER = { sign: "−", words: say("common-smaller") };
const LARGER = { sign: "+", words: say("common-larger") };

/** A size within what can be looked at. */
export const withinZoom = (zoom: number): number => Math.min(MOST, Math.max(LEAST, zoom));

/** The step above a size or below it. */
export function zoomStep(zoom: number, by: 1 | -1): number {
  const [lower, higher] = [STEPS.filter((step) => step < zoom - 0.01), STEPS.filter((step) => step > zoom + 0.01)];
  return (by > 0 ? higher[0] : lower.at(-1)) ?? zoom;
}

/** A browser draws 96 of its pixels to the inch; how far that is true the screen knows. */
const PIXELS = { in: 96, cm: 96 / 2.54 } as const;

/** How large a drawing must be shown so that a length in it is as long as it is on the cloth. */
export function trueSize(drawing: SVGGraphicsElement | null, zoom: number, unit: "in" | "cm"): number {
  const now = drawing?.getScreenCTM()?.a ?? 0;
  return now > 0 ? withinZoom((zoom * PIXELS[unit]) / now) : zoom;
}

interface Props {
  zoom: number;
  onZoom: (zoom: number) => void;
  /** How large it is shown at its true size. */
  atTrueSize: () => number;
}

/** Larger and smaller in steps; the size itself opens to fit the page, or to true size. */
export function Zoom({ zoom, onZoom, atTrueSize }: Props) {
  const place = Math.max(0, STEPS.filter((step) => step <= zoom + 0.01).length - 1);
  return (
    <Stepper
      name={say("common-zoom")}
      at={place}
      last={STEPS.length - 1}
      onStep={(to) => onZoom(zoomStep(zoom, to > place ? 1 : -1))}
      before={SMALLER}
      after={LARGER}
    >
      <MenuButton
        title={say("common-zoom-more")}
        acts={[
          { words: say("common-zoom-fit"), run: () => onZoom(1) },
          { words: say("common-zoom-true-size"), run: () => onZoom(atTrueSize()) },
        ]}
      >
        {Math.round(100 * zoom)} %
      </MenuButton>
    </Stepper>
  );
}
