import "./zoom.scss";

import { Button } from "react-bootstrap";

import { useOneStop } from "./useOneStop";

export const ZOOMS = [1, 1.5, 2, 3, 4, 6] as const;

interface Props {
  zoom: number;
  onZoom: (zoom: number) => void;
}

/** Larger and smaller, in steps; `zoom` is which of them. */
export function Zoom({ zoom, onZoom }: Props) {
  const group = useOneStop<HTMLSpanElement>();
  return (
    <span ref={group} className="zoom" role="group" aria-label="Zoom">
      <Button
        size="sm"
        variant="outline-primary"
        aria-label="Smaller"
        disabled={zoom === 0}
        onClick={() => onZoom(zoom - 1)}
      >
        −
      </Button>
      <output>{Math.round(100 * (ZOOMS[zoom] ?? 1))} %</output>
      <Button
        size="sm"
        variant="outline-primary"
        aria-label="Larger"
        disabled={zoom === ZOOMS.length - 1}
        onClick={() => onZoom(zoom + 1)}
      >
        +
      </Button>
    </span>
  );
}
