import { Link } from "react-router";

import { say } from "../language/say";
import { SkipLinks } from "./SkipLinks";

const PAST_THE_HEADER: [string, string][] = [["main", say("common-to-the-page")]];

/** The way back to the shelf, and before it those over the header. */
export function Brand({ skips }: { skips?: [string, string][] | undefined }) {
  return (
    <>
      <SkipLinks to={skips ?? PAST_THE_HEADER} />
      <Link to="/" className="brand" aria-label={say("common-yonk-the-shelf-of-blocks")}>
        Yonk
      </Link>
    </>
  );
}
