import { useQuery } from "@tanstack/react-query";

import { contentKey } from "../api/contentKey";
import { client, type Document, type Draft, type Schemas, settled } from "../api/client";
import { say } from "../language/say";
import { StepPicture } from "../recipes/StepPicture";

interface Props {
  document: Document;
  colouring: number | null;
  join: number;
  fabrics: Draft["fabrics"];
  size: number;
}

const WORDS = [say("sew-its-two-pieces"), say("sew-right-sides-together-pinned-and"), say("sew-opened-and-pressed")];

/** A join in three pictures, to scale in the block's own fabrics. */
export function JoinPictures({ document, colouring, join, fabrics, size }: Props) {
  const found = useQuery({
    queryKey: ["join", colouring, join, contentKey(document)],
    queryFn: ({ signal }) =>
      settled<Schemas["JoinOut"]>(client.POST("/api/sewing/join", { body: { document, colouring, join }, signal })),
    placeholderData: (before) => before,
  });
  if (found.error) return <p role="alert">{found.error.message}</p>;
  if (!found.data) return <p role="status">{say("sew-drawing-it")}</p>;
  const { pictures } = found.data;
  const scale = Math.max(...pictures.map((one) => Math.max(one.box[2], one.box[3])));
  return (
    <div className="join-pictures">
      {pictures.map((picture, index) => (
        <figure key={index}>
          <StepPicture picture={picture} fabrics={fabrics} size={size} scale={scale} />
          <figcaption>{WORDS[index]}</figcaption>
        </figure>
      ))}
    </div>
  );
}
