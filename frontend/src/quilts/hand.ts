/** What is in hand on a quilt's page: a block or a fabric of the quilt by its key, a block of the shelf by its id. */
export type Hand =
  | { block: string; fabric?: never; shelf?: never }
  | { fabric: string; block?: never; shelf?: never }
  | { shelf: string; block?: never; fabric?: never };

/** Whether the same is in hand. */
export function same(one: Hand | undefined, other: Hand) {
  return one?.block === other.block && one?.fabric === other.fabric && one?.shelf === other.shelf;
}
