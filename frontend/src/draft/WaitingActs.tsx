import type { Act, Draft, Point } from "../api/client";
import type { Cell, Spot } from "./places";

interface Props {
  acts: Act[];
  view: Draft;
  /** Whether the server is gone, so that all that waits is marked; else only paint is shown ahead of its answer. */
  gone: boolean;
  px: number;
  spotOf: (at: Spot) => Spot;
  box: (cell: Cell) => { x: number; y: number; width: number; height: number };
}

/** What was done on the board that the server has not answered yet. */
export function WaitingActs({ acts, view, gone, px, spotOf, box }: Props) {
  const spot = (point: Point) => spotOf([asNumber(point[0]), asNumber(point[1])]);
  return (
    <g className="waiting" strokeWidth={2.2 * px} strokeDasharray={`${String(2 * px)} ${String(4 * px)}`}>
      {acts.map((act, index) => {
        if (act.do === "paint") {
          const face = view.faces.find((one) => one.at.join() === act.at.join());
          const known = view.fabrics.some((fabric) => fabric.key === act.fabric);
          return (
            face && (
              <polygon
                key={index}
                points={face.outline.map((at) => at.join(",")).join(" ")}
                style={known ? { fill: `url(#cloth-${act.fabric})` } : {}}
              />
            )
          );
        }
        if (!gone) return null;
        if ("cell" in act) return <rect key={index} {...box({ columns: 1, rows: 1, ...act.cell })} />;
        if ("start" in act) return <path key={index} d={`M${spot(act.start).join(" ")}L${spot(act.end).join(" ")}`} />;
        return null;
      })}
    </g>
  );
}

/** A count of columns or rows as acts write it. */
function asNumber(text: string): number {
  const [over = "0", under = "1"] = text.split("/");
  return Number(over) / Number(under);
}
