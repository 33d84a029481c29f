import { expect, it } from "vitest";

import { contentKey } from "../src/api/contentKey";

it("is the same for the same content, and short", () => {
  const seams = Array.from({ length: 5000 }, (_, at) => [String(at), "0"]);
  expect(contentKey({ seams })).toBe(contentKey({ seams: seams.map((one) => [...one]) }));
  expect(contentKey({ seams }).length).toBeLessThan(30);
});

it("is another where anything is another", () => {
  const documents = [{}, { a: 1 }, { a: "1" }, { a: true }, { b: 1 }, { a: [1, 2] }, { a: [2, 1] }, { a: [[1], 2] }];
  for (let at = 0; at < 3000; at++) documents.push({ a: String(at) }, { a: `${String(at)}/8` });
  expect(new Set(documents.map(contentKey)).size).toBe(new Set(documents.map((one) => JSON.stringify(one))).size);
});
