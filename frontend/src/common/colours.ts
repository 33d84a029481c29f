/** Colours of the page for drawings in it; `styles/_theme.scss` has their values. */
export const SHEET = "var(--sheet)";
export const INK = "var(--ink)";
