import { UnitPicture } from "../recipes/UnitPicture";
import type { Kinds } from "./FinderPage";
import { SAMPLE } from "./sample";

/** The unit that is asked about, large beside the question. */
export function KindPicture({ kinds, kind }: { kinds: Kinds; kind: string }) {
  const found = kinds.find((one) => one.kind === kind);
  if (!found) return null;
  return (
    <figure className="kind-picture">
      <UnitPicture parts={found.picture} width={found.width} height={found.height} fabrics={SAMPLE} size={300} />
      <figcaption>{found.words}</figcaption>
    </figure>
  );
}
