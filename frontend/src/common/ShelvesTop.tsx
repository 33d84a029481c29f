import { Link } from "react-router";

import { say } from "../language/say";
import { Brand } from "./Brand";

/** The header of a page that is of no block and no quilt: the ways to their shelves. */
export function ShelvesTop() {
  return (
    <header className="top">
      <Brand />
      <span className="spring" />
      <Link to="/">{say("common-blocks")}</Link>
      <Link to="/quilts">{say("common-quilts")}</Link>
    </header>
  );
}
