import { Link } from "react-router";

import { SkipLinks } from "./SkipLinks";

const PAST_THE_HEADER: [string, string][] = [["main", "To the page"]];

/** The way back to the shelf, and before it those over the header. */
export function Brand({ skips }: { skips?: [string, string][] | undefined }) {
  return (
    <>
      <SkipLinks to={skips ?? PAST_THE_HEADER} />
      <Link to="/" className="brand" aria-label="Yonk: the shelf of blocks">
        Yonk
      </Link>
    </>
  );
}
