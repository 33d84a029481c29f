import { useQuery } from "@tanstack/react-query";

import { client, type Draft, type Schemas, settled } from "../api/client";
import { Fr } from "../common/Fr";
import { rich, say } from "../language/say";
import { StepPicture } from "./StepPicture";

const RULED = 1.6; // how much larger a work under the ruler is drawn, so that its numbers are read

type Act = Schemas["StepOut"]["act"];
type Made = Schemas["StepsOut"];

interface Props {
  document: Draft["document"];
  label: string;
  /** The one that is taken where none is named. */
  way?: string;
  colouring?: number | null;
  fabrics: Draft["fabrics"];
  /** How large its pictures are. */
  size?: number;
  /** The only sort of step that is shown; all of them where none is named. */
  only?: Act;
}

/** A way step by step: pictures to scale in the block's own fabrics, words, and a caution where one is due. */
export function Steps({ document, label, way = "", colouring = null, fabrics, size = 78, only }: Props) {
  const made = useQuery({
    queryKey: ["steps", document, label, way, colouring],
    queryFn: ({ signal }) =>
      settled<Made>(client.POST("/api/recipes/steps", { body: { document, label, way, colouring }, signal })),
    placeholderData: (before) => before,
  });
  if (made.error) return <p role="alert">{made.error.message}</p>;
  if (!made.data) return <p role="status">{say("recipes-laying-it-out")}</p>;
  return (
    <>
      {made.data.shares.map((share) => (
        <Share
          key={share.method}
          share={share}
          fabrics={fabrics}
          several={made.data.shares.length > 1}
          size={size}
          only={only}
        />
      ))}
      <p className="legend quiet-text">
        {rich("recipes-patterned-cloth-lies-right-side", {
          drawn: <i className="drawn" />,
          sewn: <i className="sewn" />,
          cut: <i className="cut" />,
          guide: <i className="guide" />,
        })}
      </p>
    </>
  );
}

function Share({
  share,
  fabrics,
  several,
  size,
  only,
}: {
  share: Schemas["ShareOut"];
  fabrics: Draft["fabrics"];
  several: boolean;
  size: number;
  only: Act | undefined;
}) {
  const pictures = share.steps.flatMap((step) => step.pictures);
  const said = new Set<string>();
  const widest = (all: typeof pictures) =>
    Math.max(0.1, ...all.map((picture) => Math.max(picture.box[2], picture.box[3])));
  const largest = widest(pictures);
  const scaleOf = (step: (typeof share.steps)[number]) => Math.max(widest(step.pictures), largest / 2);
  return (
    <section aria-label={say("recipes-steps", { words: share.words })}>
      {!only && (
        <p className="lot">
          {several && <b>{share.words}. </b>}
          {share.lot}
        </p>
      )}
      <ol className="steps">
        {share.steps.map((step, index) => {
          const caution = step.caution && !said.has(step.caution) ? step.caution : undefined;
          if (caution) said.add(caution);
          if (only && step.act !== only) return null;
          return (
            <li key={index} className={step.act}>
              <div className="pictures">
                {step.pictures.map((picture, place) => (
                  <figure key={place}>
                    <StepPicture
                      picture={picture}
                      fabrics={fabrics}
                      size={step.act === "trim" ? size * RULED : size}
                      scale={scaleOf(step)}
                    />
                    {picture.count > 1 && <figcaption>× {picture.count}</figcaption>}
                  </figure>
                ))}
              </div>
              <p>
                <b>{index + 1}</b> <Fr>{step.words}</Fr>
              </p>
              {caution && <p className="caution">{caution}</p>}
            </li>
          );
        })}
      </ol>
    </section>
  );
}
