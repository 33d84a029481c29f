/** A name that no two things have, without the browser's own, which a plain connection does not offer. */
export function newName(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (byte) => byte.toString(16).padStart(2, "0")).join("");
}

const DEVICE = "yonk-device";

/** What this browser is called among those that work at one table; kept as long as its storage is. */
export function device(): string {
  const known = localStorage.getItem(DEVICE);
  if (known) return known;
  const name = newName();
  localStorage.setItem(DEVICE, name);
  return name;
}
