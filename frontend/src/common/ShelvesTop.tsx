import { Brand } from "./Brand";
import { House } from "./House";

/** The header of a page that is of no block and no quilt: the ways to their shelves. */
export function ShelvesTop() {
  return (
    <header className="top">
      <Brand />
      <House row />
    </header>
  );
}
