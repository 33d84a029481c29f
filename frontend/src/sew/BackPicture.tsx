import { useQuery } from "@tanstack/react-query";
import { memo } from "react";
import { Spinner } from "react-bootstrap";

import { contentKey } from "../api/contentKey";
import { SHEET } from "../common/colours";
import { client, type Document, type Draft, settled } from "../api/client";
import { say } from "../language/say";
import { Arrow } from "./Front";
import { type Back, points, type Seam } from "./plan";

interface Props {
  document: Document;
  colouring: number | null;
  fabrics: Draft["fabrics"];
  seams?: Seam[];
  label: string;
}

/** The back of the pressed block, as one looks at it: allowances where they lie, darker where more cloth lies. */
export const BackPicture = memo(function BackPicture({ document, colouring, fabrics, seams, label }: Props) {
  const found = useQuery({
    queryKey: ["back", colouring, contentKey(document)],
    queryFn: ({ signal }) =>
      settled<Back>(client.POST("/api/sewing/back", { body: { document, colouring, paper: "letter" }, signal })),
    placeholderData: (before) => before,
  });
  if (found.error) return <p role="alert">{found.error.message}</p>;
  const back = found.data;
  if (!back) {
    return (
      <p role="status">
        <Spinner size="sm" /> {say("sew-turning-it-over")}
      </p>
    );
  }
  const unit = Math.max(back.width, back.height) / 460;
  const colour = (key: string) => fabrics.find((one) => one.key === key)?.colour ?? SHEET;
  const most = back.thick[0];
  return (
    <figure className="sew-back">
      <svg
        viewBox={[-20 * unit, -20 * unit, back.width + 40 * unit, back.height + 40 * unit].join(" ")}
        role="img"
        aria-label={say("sew-at-the-thickest-place-layers", { label, most: back.most })}
      >
        <defs>
          <marker id="back-tip" viewBox="0 0 8 8" refX="6" refY="4" markerWidth="5" markerHeight="5" orient="auto">
            <path d="M0 0 8 4 0 8z" className="tip" />
          </marker>
        </defs>
        <g transform={`translate(${String(back.width)} 0) scale(-1 1)`}>
          {[...back.layers]
            .sort((one, other) => Number(one.allowance) - Number(other.allowance))
            .map((layer, index) => (
              <polygon
                key={index}
                points={points(layer.outline)}
                fill={colour(layer.fabric)}
                className={layer.allowance ? "allowance" : "patch"}
              />
            ))}
          {seams?.map((seam) => (
            <Arrow key={seam.join} seam={seam} unit={unit} tip="back-tip" number={false} />
          ))}
        </g>
        {back.thick.map((one, index) => (
          <g key={index} className={one.layers === back.most ? "thick most" : "thick"}>
            <circle cx={back.width - one.at[0]} cy={one.at[1]} r={(one.layers === back.most ? 11 : 8) * unit} />
            <text x={back.width - one.at[0]} y={one.at[1]} fontSize={12 * unit} dy="0.35em">
              {one.layers}
            </text>
          </g>
        ))}
      </svg>
      <figcaption>
        {label}.{" "}
        {most ? say("sew-the-thickest-place-has-layers", { most: back.most }) : say("sew-nowhere-do-seams-lie-over")}
      </figcaption>
    </figure>
  );
});
