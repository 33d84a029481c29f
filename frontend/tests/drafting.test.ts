import { beforeEach, describe, expect, it, vi } from "vitest";

import { type Act, type Block, type Document, type Draft, Refused, Unreachable } from "../src/api/client";
import { Drafting, SAVE_AFTER, type Server, TRY_AGAIN_AFTER } from "../src/block/drafting";
import type { History, Standing } from "../src/block/history";

const document = (step: number) => ({ name: "Weir Gate", step }) as unknown as Document;
const drawn = (of: Document) => ({ document: of, sheet: { name: "Weir Gate" } }) as unknown as Draft;
const block = (revision: number, of: Document = document(0)) =>
  ({ id: "one", name: "Weir Gate", revision, document: of }) as unknown as Block;
const named = (name: string): Act => ({ do: "rename", name });

/** A server of one block that counts what is asked of it; acts make the next step. */
class Shelf implements Server {
  revision = 1;
  step = 0;
  gone = false;
  refuse: Refused | undefined;
  readonly saved: { document: Document; revision: number; key: string }[] = [];
  readonly done: Act[] = [];

  private answer<T>(value: () => T): Promise<T> {
    if (this.gone) return Promise.reject(new Unreachable());
    if (this.refuse) return Promise.reject(this.refuse);
    return Promise.resolve(value());
  }

  draft: Server["draft"] = (of, acts) =>
    this.answer(() => {
      this.done.push(...acts);
      return drawn(acts.length > 0 ? document((this.step += 1)) : of);
    });
  block: Server["block"] = () => this.answer(() => block(this.revision));
  save: Server["save"] = (_, of, revision, key) =>
    this.answer(() => {
      this.saved.push({ document: of, revision, key });
      return block((this.revision += 1), of);
    });
  copy: Server["copy"] = (of) => this.answer(() => ({ ...block(1, of), id: "copy" }));
  restore: Server["restore"] = () => this.answer(() => undefined);
  newest: Server["newest"] = () => this.answer(() => ({ revision: this.revision, by: "Rhona" }));
}

/** What a browser keeps, in memory. */
function memory(): History & { standing: Standing | undefined } {
  const steps = new Map<number, Document>();
  const kept: History & { standing: Standing | undefined } = {
    standing: undefined,
    readStanding: () => Promise.resolve(kept.standing),
    writeStanding: (_, standing) => Promise.resolve(void (kept.standing = standing)),
    readStep: (_, position) => Promise.resolve(steps.get(position)),
    writeStep: (_, position, of) => Promise.resolve(void steps.set(position, of)),
    forget: () => {
      steps.clear();
      kept.standing = undefined;
      return Promise.resolve();
    },
  };
  return kept;
}

function refusal(status: number, theirs?: Block): Refused {
  const faults = [{ place: "name", where: "name", message: "is missing" }];
  return new Refused(status, { code: "bad-request", faults, theirs: theirs ?? null });
}

describe("the drafting of a block", () => {
  let shelf: Shelf;
  let history: ReturnType<typeof memory>;
  let drafting: Drafting;

  beforeEach(async () => {
    vi.useFakeTimers();
    shelf = new Shelf();
    history = memory();
    drafting = new Drafting("one", shelf, history);
    await drafting.enter();
  });

  const settle = () => vi.advanceTimersByTimeAsync(0);
  const act = async (name: string) => {
    drafting.act([named(name)]);
    await settle();
  };

  it("does what was foreseen with the answer that is on its way, and anything else anew", async () => {
    const shelf = new Shelf();
    const drafting = new Drafting("one", shelf, memory());
    await drafting.enter();
    drafting.foresee([named("Cairn")]);
    drafting.act([named("Cairn")]);
    await vi.waitFor(() => expect(drafting.state.waiting).toBe(0));
    expect(shelf.done).toEqual([named("Cairn")]);
    expect(drafting.state.canUndo).toBe(true);
    drafting.foresee([named("Stile")]);
    drafting.act([named("Peg")]);
    await vi.waitFor(() => expect(drafting.state.waiting).toBe(0));
    expect(shelf.done).toEqual([named("Cairn"), named("Stile"), named("Peg")]);
    expect(drafting.state.view?.document).toEqual(document(3));
  });

  it("shows the block and tells who listens", async () => {
    const heard = vi.fn();
    const stop = drafting.subscribe(heard);
    expect(drafting.state.view?.document).toEqual(document(0));
    await act("Stile");
    expect(heard).toHaveBeenCalled();
    stop();
    heard.mockClear();
    await act("Stile again");
    expect(heard).not.toHaveBeenCalled();
  });

  it("does acts in their order and saves once, a moment after the last", async () => {
    drafting.act([named("a")]);
    drafting.act([named("b")]);
    await settle();
    expect(shelf.done).toEqual([named("a"), named("b")]);
    await vi.advanceTimersByTimeAsync(SAVE_AFTER - 1);
    expect(shelf.saved).toHaveLength(0);
    await vi.advanceTimersByTimeAsync(1);
    expect(shelf.saved.map((one) => [one.document, one.revision])).toEqual([[document(2), 1]]);
    expect(drafting.state).toMatchObject({ saving: { state: "saved" }, revision: 2, waiting: 0 });
  });

  it("undoes and redoes without end, and a new act takes the place of what was undone", async () => {
    await act("a");
    await act("b");
    drafting.undo();
    await settle();
    expect(drafting.state).toMatchObject({ view: { document: document(1) }, canUndo: true, canRedo: true });
    drafting.redo();
    await settle();
    expect(drafting.state).toMatchObject({ view: { document: document(2) }, canRedo: false });
    drafting.undo();
    await settle();
    drafting.undo();
    await settle();
    expect(drafting.state).toMatchObject({ view: { document: document(0) }, canUndo: false });
    drafting.undo();
    await settle();
    expect(drafting.state.view?.document).toEqual(document(0));
    await act("c");
    expect(drafting.state).toMatchObject({ view: { document: document(3) }, canUndo: true, canRedo: false });
  });

  it("keeps what waits while the server is gone, and does it when it is back", async () => {
    shelf.gone = true;
    await act("a");
    await act("b");
    expect(drafting.state).toMatchObject({ waiting: 2, saving: { state: "unsaved" } });
    expect(history.standing?.waiting).toHaveLength(2);
    shelf.gone = false;
    await vi.advanceTimersByTimeAsync(TRY_AGAIN_AFTER + SAVE_AFTER);
    expect(shelf.done).toEqual([named("a"), named("b")]);
    expect(drafting.state).toMatchObject({ waiting: 0, saving: { state: "saved" } });
  });

  it("takes back what waits, the last first, and shows what is left", async () => {
    shelf.gone = true;
    await act("a");
    await act("b");
    expect(drafting.state.untold).toEqual([named("a"), named("b")]);
    drafting.undo();
    expect(drafting.state).toMatchObject({ waiting: 1, untold: [named("a")], saving: { state: "unsaved" } });
    drafting.undo();
    expect(drafting.state).toMatchObject({ waiting: 0, untold: [], canUndo: false, saving: { state: "saved" } });
    shelf.gone = false;
    await vi.advanceTimersByTimeAsync(TRY_AGAIN_AFTER + SAVE_AFTER);
    expect(shelf.done).toEqual([]);
    expect(shelf.saved).toEqual([]);
  });

  it("takes back what is on its way as soon as it has come, and does what was done after that", async () => {
    await act("a");
    drafting.act([named("b")]);
    drafting.undo();
    expect(drafting.state.untold).toEqual([]);
    drafting.act([named("c")]);
    await settle();
    expect(shelf.done).toEqual([named("a"), named("b"), named("c")]);
    expect(drafting.state).toMatchObject({ view: { document: document(3) }, waiting: 0 });
    drafting.undo();
    await settle();
    expect(drafting.state).toMatchObject({ view: { document: document(1) }, canUndo: true });
  });

  it("takes back no further than to the beginning while something is on its way, and does that again", async () => {
    drafting.act([named("a")]);
    for (let times = 0; times < 3; times += 1) drafting.undo();
    await settle();
    expect(drafting.state).toMatchObject({ view: { document: document(0) }, canUndo: false, canRedo: true });
    drafting.redo();
    await settle();
    expect(drafting.state.view?.document).toEqual(document(1));
  });

  it("takes nothing else back where what was on its way is refused or is not answered", async () => {
    await act("a");
    await vi.advanceTimersByTimeAsync(SAVE_AFTER);
    for (const refuses of [true, false]) {
      if (refuses) shelf.refuse = refusal(422);
      else shelf.gone = true;
      drafting.act([named("")]);
      drafting.undo();
      await settle();
      expect(drafting.state).toMatchObject({ view: { document: document(1) }, waiting: 0, canUndo: true });
      expect(drafting.state.saving).toEqual({ state: "saved" });
      shelf.refuse = undefined;
    }
  });

  it("sends the same save under the same key until it is answered", async () => {
    await act("a");
    shelf.gone = true;
    await vi.advanceTimersByTimeAsync(SAVE_AFTER);
    shelf.gone = false;
    await vi.advanceTimersByTimeAsync(TRY_AGAIN_AFTER);
    await act("b");
    await vi.advanceTimersByTimeAsync(SAVE_AFTER);
    expect(new Set(shelf.saved.map((one) => one.key)).size).toBe(2);
    expect(shelf.saved.map((one) => one.revision)).toEqual([1, 2]);
  });

  it("tells what is refused, forgets that act and goes on with the next", async () => {
    shelf.refuse = refusal(422);
    await act("");
    expect(drafting.state.faults).toEqual([{ place: "name", where: "name", message: "is missing" }]);
    expect(drafting.state.waiting).toBe(0);
    drafting.dismiss();
    expect(drafting.state.faults).toEqual([]);
    shelf.refuse = undefined;
    await act("b");
    expect(shelf.done).toEqual([named("b")]);
  });

  it("stops at a conflict; hers goes to a copy or gives way", async () => {
    await act("a");
    const theirs = block(7, document(70));
    shelf.refuse = refusal(409, theirs);
    await vi.advanceTimersByTimeAsync(SAVE_AFTER + 3 * TRY_AGAIN_AFTER);
    expect(drafting.state.saving).toEqual({ state: "conflict", theirs });
    expect(shelf.saved).toHaveLength(0);
    shelf.refuse = undefined;
    shelf.block = () => Promise.resolve(theirs);
    expect(await drafting.keepMineAsCopy()).toBe("copy");
    expect(drafting.state).toMatchObject({ view: { document: document(70) }, revision: 7, canUndo: false });
  });

  it("tells that the block was deleted, and brings it back", async () => {
    await act("a");
    shelf.refuse = refusal(410);
    await vi.advanceTimersByTimeAsync(SAVE_AFTER);
    expect(drafting.state.saving).toEqual({ state: "deleted" });
    shelf.refuse = undefined;
    await drafting.bringBack();
    expect(drafting.state.saving).toEqual({ state: "saved" });
    expect(shelf.saved).toHaveLength(1);
  });

  it("takes up what was left unsaved, and lets it go where the block has moved on", async () => {
    await act("a");
    drafting.leave();
    history.standing = { ...(history.standing as Standing), unsaved: true };
    const again = new Drafting("one", shelf, history);
    await again.enter();
    expect(again.state).toMatchObject({ view: { document: document(1) }, canUndo: true });
    history.standing = { ...history.standing, unsaved: false, revision: 1 };
    shelf.revision = 9;
    const later = new Drafting("one", shelf, history);
    await later.enter();
    expect(later.state).toMatchObject({ view: { document: document(0) }, revision: 9, canUndo: false });
  });

  it("saves when it is left, and does not try again after that", async () => {
    await act("a");
    drafting.leave();
    await settle();
    expect(shelf.saved).toHaveLength(1);
    drafting = new Drafting("one", shelf, memory());
    await drafting.enter();
    await act("b");
    shelf.gone = true;
    drafting.leave();
    await vi.advanceTimersByTimeAsync(10 * TRY_AGAIN_AFTER);
    expect(shelf.saved).toHaveLength(1);
  });

  it("tells once what somebody else saved, and takes it", async () => {
    await drafting.look();
    expect(drafting.state.newer).toBeUndefined();
    shelf.revision = 4;
    await drafting.look();
    expect(drafting.state.newer).toEqual({ revision: 4, by: "Rhona" });
    const told = drafting.state;
    await drafting.look();
    expect(drafting.state).toBe(told);
    await drafting.takeTheirs();
    expect(drafting.state).toMatchObject({ revision: 4, newer: undefined, saving: { state: "saved" } });
  });

  it("takes the newest of theirs, also where more was saved since it was told", async () => {
    await act("a");
    shelf.refuse = refusal(409, block(7, document(70)));
    await vi.advanceTimersByTimeAsync(SAVE_AFTER);
    expect(drafting.state.saving.state).toBe("conflict");
    shelf.refuse = undefined;
    shelf.revision = 8;
    await drafting.takeTheirs();
    expect(drafting.state).toMatchObject({ revision: 8, saving: { state: "saved" } });
  });

  it("takes theirs as they were told where the server is gone", async () => {
    await act("a");
    shelf.refuse = refusal(409, block(7, document(70)));
    await vi.advanceTimersByTimeAsync(SAVE_AFTER);
    shelf.refuse = undefined;
    shelf.block = () => Promise.reject(new Unreachable());
    await drafting.takeTheirs();
    expect(drafting.state).toMatchObject({ revision: 7, view: { document: document(70) } });
  });

  it("keeps what was done while she is signed out, and does it when she is back", async () => {
    shelf.refuse = refusal(401);
    await act("a");
    expect(drafting.state).toMatchObject({ waiting: 1, faults: [], saving: { state: "unsaved" } });
    shelf.refuse = undefined;
    await vi.advanceTimersByTimeAsync(TRY_AGAIN_AFTER + SAVE_AFTER);
    expect(shelf.done).toEqual([named("a")]);
    expect(shelf.saved).toHaveLength(1);
  });

  it("does not go on saving what is somebody else's", async () => {
    await act("a");
    shelf.refuse = refusal(403);
    await vi.advanceTimersByTimeAsync(SAVE_AFTER);
    expect(drafting.state.saving.state).toBe("not-hers");
    shelf.refuse = undefined;
    await vi.advanceTimersByTimeAsync(10 * TRY_AGAIN_AFTER);
    expect(shelf.saved).toHaveLength(0);
    expect(await drafting.keepMineAsCopy()).toBe("copy");
    expect(drafting.state).toMatchObject({ saving: { state: "saved" }, view: { document: document(0) } });
  });

  it("goes on trying while there is no server, and tells a block that is not there", async () => {
    shelf.gone = true;
    const late = new Drafting("one", shelf, memory());
    await late.enter();
    expect(late.state.view).toBeUndefined();
    shelf.gone = false;
    await vi.advanceTimersByTimeAsync(TRY_AGAIN_AFTER);
    expect(late.state.view?.document).toEqual(document(0));
    shelf.refuse = refusal(404);
    const none = new Drafting("none", shelf, memory());
    await none.enter();
    expect(none.state.missing).toContain("is missing");
  });

  it("says that it works where an answer takes longer than a blink", async () => {
    let answer: (drawing: Draft) => void = () => undefined;
    shelf.draft = () => new Promise((resolve) => (answer = resolve));
    await act("a");
    expect(drafting.state.busy).toBe(false);
    await vi.advanceTimersByTimeAsync(500);
    expect(drafting.state.busy).toBe(true);
    answer(drawn(document(1)));
    await settle();
    expect(drafting.state.busy).toBe(false);
  });

  it("asks for what is drawn besides only when it is wanted", async () => {
    const asked: unknown[] = [];
    const draft = shelf.draft;
    shelf.draft = (of, acts, mates, extras) => {
      asked.push(extras);
      return draft(of, acts, mates, extras);
    };
    drafting.want({ stretches: false, outlines: false });
    await settle();
    expect(asked).toEqual([]);
    drafting.want({ stretches: true, outlines: false });
    await settle();
    expect(asked).toEqual([{ stretches: true, outlines: false }]);
  });
});
