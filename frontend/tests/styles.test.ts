import { readdirSync, readFileSync } from "node:fs";

import { expect, test } from "vitest";

// All styles lie in one sheet, in no order of pages: a class that two files begin a rule with means two things.
const SHARED: Record<string, string> = {
  ".unit-card": "of cards, which some are wider than",
  ".step-picture": "of recipes; pins and starts of sewing are drawn in it",
  ".draft-page": "of blocks; the cutting table lies over it",
  ".list": "of the draft",
};

const FILES = readdirSync("src", { recursive: true, encoding: "utf8" })
  .filter((one) => one.endsWith(".scss") && !one.startsWith("styles"))
  .map((one) => ({ name: one, text: readFileSync(`src/${one}`, "utf8") }));

test("each class is at home in one file", () => {
  const homes = new Map<string, Set<string>>();
  for (const { name, text } of FILES)
    for (const [own] of text.matchAll(/^\.[\w-]+/gm)) homes.set(own, (homes.get(own) ?? new Set()).add(name));
  const twice = [...homes].filter(([own, files]) => files.size > 1 && !SHARED[own]);
  expect(twice.map(([own, files]) => [own, ...files])).toEqual([]);
});
