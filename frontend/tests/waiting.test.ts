// @vitest-environment jsdom
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";

import { client } from "../src/api/client";
import { device, newName } from "../src/api/names";
import { type Entry, WaitingEntries } from "../src/table/waiting";

const entry = (name: string, place: Entry["place"] = "table"): Entry => ({
  name,
  place,
  device: "phone",
  words: name,
  changes: [],
});
const taken = { data: undefined, response: new Response(null, { status: 204 }) };
const refused = {
  error: { code: "bad", faults: [{ place: "cut", where: "cut", message: "names no cut" }] },
  response: new Response(null, { status: 400 }),
};
const post = vi.spyOn(client, "POST");

/** What was sent, by the names of the entries. */
const sent = () => post.mock.calls.map((call) => (call[1] as { body: { entries: Entry[] } }).body.entries[0]?.name);

describe("entries", () => {
  beforeEach(() => {
    vi.useFakeTimers();
    post.mockReset();
  });
  afterEach(() => vi.useRealTimers());

  it("wait while nothing answers, and are told in their order when it does", async () => {
    const waiting = new WaitingEntries();
    post.mockRejectedValue(new TypeError("away"));
    await waiting.tell("t", entry("one"));
    await waiting.tell("t", entry("two"));
    expect(waiting.all().map((one) => one.entry.name)).toEqual(["one", "two"]);
    post.mockReset();
    post.mockResolvedValue(taken);
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent()).toEqual(["one", "two"]);
    expect(waiting.all()).toEqual([]);
    expect(waiting.told("t")).toBe(2);
  });

  it("are taken back before they were told, the last of their place first", async () => {
    const waiting = new WaitingEntries();
    post.mockRejectedValue(new TypeError("away"));
    await waiting.tell("t", entry("one"));
    await waiting.tell("t", entry("list", "cut"));
    expect(waiting.takeBack("t", "table")?.name).toBe("one");
    expect(waiting.takeBack("t", "table")).toBeUndefined();
    expect(waiting.all().map((one) => one.entry.name)).toEqual(["list"]);
  });

  it("do not wait for what the server will never take", async () => {
    const waiting = new WaitingEntries();
    post.mockResolvedValue(refused);
    await expect(waiting.tell("t", entry("one"))).rejects.toThrow("names no cut");
    expect(waiting.all()).toEqual([]);
  });

  it("that were refused later are said, and hold up no others", async () => {
    const waiting = new WaitingEntries();
    post.mockRejectedValueOnce(new TypeError("away"));
    await waiting.tell("t", entry("one"));
    await waiting.tell("t", entry("two"));
    post.mockResolvedValueOnce(refused).mockResolvedValue(taken);
    await vi.advanceTimersByTimeAsync(5000);
    expect(waiting.refused()).toContain("names no cut");
    expect(waiting.all()).toEqual([]);
  });
});

it("a device keeps its name, and no two things have one", () => {
  expect(device()).toBe(device());
  expect(newName()).not.toBe(newName());
});
