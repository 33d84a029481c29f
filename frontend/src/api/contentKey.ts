const known = new WeakMap<object, string>();

/**
 * A short name of what a document holds, for the keys of queries: they are compared at every drawing of a page, and a
 * document may have thousands of seams. Worked out once for each document; the same content has the same name.
 */
export function contentKey(document: object): string {
  let name = known.get(document);
  if (name === undefined) {
    const text = JSON.stringify(document);
    name = `${String(text.length)}-${digest(text)}`;
    known.set(document, name);
  }
  return name;
}

/** 64 bits of a text in two sums of 32, each multiplied by a prime at every sign (after FNV-1a). */
function digest(text: string): string {
  let [low, high] = [0x811c9dc5, 0xcbf29ce4];
  for (let at = 0; at < text.length; at++) {
    const sign = text.charCodeAt(at);
    low = Math.imul(low ^ sign, 0x01000193);
    high = Math.imul(high ^ (sign + at), 0x85ebca6b);
  }
  return (low >>> 0).toString(36) + (high >>> 0).toString(36);
}
