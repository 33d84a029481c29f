import { Link } from "react-router";

/** The way back to the shelf. */
export function Brand() {
  return (
    <Link to="/" className="brand" aria-label="Yonk: the shelf of blocks">
      Yonk
    </Link>
  );
}
