"""`./yonk bench`: medians on this machine, each beside its limit; a ratio below 1 keeps it."""

from __future__ import annotations

import contextlib
import json
import os
import re
import shutil
import statistics
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable, Iterator
from dataclasses import replace
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
import shapely

from bench.board_page import LONGEST, SEEN, TOUCHED, Hand, touched
from bench.cloth import report_quality, seconds_for_300, seconds_from_hand
from bench.drawings import SORTS, one_patch_painted, slanted, triangles
from bench.quilt_page import figures, frame_in_cloth
from bench.quilts import (
    cloth_over_bound,
    milliseconds_of_edits,
    seconds_to_sew,
    seconds_to_spread,
)
from bench.spoilt_blocks import judged, summed
from yonk.api.shelf.answers import block_contents
from yonk.core.drawing import draw
from yonk.core.measuring import first_guess, predict
from yonk.core.paper import BENCH, Draft
from yonk.core.planning import (
    UnitGroup,
    WantedUnits,
    Way,
    compare,
    make_plan,
    read,
    steps_of,
    wanted_of,
)
from yonk.core.planning.comparison import comparisons
from yonk.core.planning.recipes import choose_recipes
from yonk.core.pressing import SewingPlan, sewing_plan
from yonk.core.sewing import picture_of
from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples
from yonk.machine.serve import database
from yonk.memory import look_seldom
from yonk.store import blocks
from yonk.store.blocks import lay_out_once
from yonk.store.database import session_maker

if TYPE_CHECKING:
    from playwright.sync_api import Page, Response


def seconds_of(
    work: Callable[[], object],
    times: int,
    before: Callable[[], object] = lambda: None,
    clock: Callable[[], float] = time.perf_counter,
) -> list[float]:
    """How long it takes each time; `before` it something that does not count."""
    taken = []
    for _ in range(times):
        before()
        start = clock()
        work()
        taken.append(clock() - start)
    return taken


def median(work: Callable[[], object], times: int) -> float:
    """Seconds."""
    return statistics.median(seconds_of(work, times))


def fresh_plan(draft: Draft) -> object:
    """A plan with nothing remembered of an earlier one."""
    put_away_drafts()
    return make_plan(draft)


def put_away_drafts() -> None:
    """Put away what follows from drafts; what is known of shapes of units stays on the bench."""
    BENCH.put_away(lambda key: type(key[1][0]).__name__ in ("Draft", "Drawing", "_Lines"))  # type: ignore[index]


def _name_of(key: object) -> str:
    """The function whose answer lies under a key of the bench."""
    return str(key[0].__name__)  # type: ignore[index]


def forget_plans() -> None:
    """Forget what the core remembers of earlier plans, even what was counted or proposed."""
    put_away_drafts()
    BENCH.put_away(lambda key: _name_of(key) in ("_effort", "_proposed"))


def library_alone(draft: Draft) -> Callable[[], object]:
    """What Shapely needs to find the faces of the same seams."""
    count = len(draft.columns)
    edge = [
        [[0, 0], [count, 0]],
        [[0, 0], [0, count]],
        [[count, 0], [count, count]],
        [[0, count], [count, count]],
    ]
    lines = shapely.linestrings(
        np.array([[[float(v) for v in p] for p in s] for s in draft.seams] + edge)
    )
    return lambda: shapely.polygonize([shapely.unary_union(lines)])


def report(name: str, value: float, limit: float, unit: str = "ms", *, exact: bool = False) -> bool:
    """One line: what, how fast, the limit, and their ratio."""
    told = f"{limit:6.2f}" if exact else f"{limit:6.0f}"
    print(f"{name:<58} {value:8.2f} {unit:<3} limit {told}  ratio {value / limit:5.2f}", flush=True)
    return value <= limit


def core() -> list[bool]:
    """Plans in the core."""
    kept = []
    demo = [1000 * median(lambda draft=draft: fresh_plan(draft), 15) for draft in all_samples()]  # type: ignore[misc]
    kept.append(
        report("plan of a demo block, median over all of them", statistics.median(demo), 30)
    )
    kept.append(report("plan of a demo block, the slowest", max(demo), 30))
    for name, make in SORTS.items():
        kept += sort_of_drawing(name, make)
    return kept


def sort_of_drawing(name: str, make: Callable[[int], Draft]) -> list[bool]:
    """The first plan and that after an edit, over growing blocks: 16 × 16 in milliseconds, 64 × 64
    by the library.
    """
    kept, per_patch = [], []
    for count in (8, 16, 32, 64):
        draft, edited = make(count), one_patch_painted(make(count))
        whole, ratio = _beside_the_library(draft)
        edits = iter([edited, draft] * 3)
        edit = median(lambda: make_plan(next(edits)), 4)  # noqa: B023
        patches = len(draw(draft).faces)
        per_patch.append(1e6 * whole / patches)
        print(
            f"  {name}, {count:>2} × {count:<2} {patches:>6} patches: {1000 * whole:7.1f} ms,"
            f" an edit {1000 * edit:6.1f} ms, {per_patch[-1]:5.1f} µs a patch"
        )
        if count == 16:
            kept.append(report(f"plan of 16 × 16 {name}", 1000 * whole, 150))
            kept.append(report(f"one patch painted of 16 × 16 {name}", 1000 * edit, 150))
    kept.append(
        report(
            f"plan of 64 × 64 {name}, times the geometry library",
            ratio,
            10 if make is slanted else 4,  # there each patch is a template of its own
            "×",
        )
    )
    return kept


def _beside_the_library(draft: Draft) -> tuple[float, float]:
    """How long a plan takes at least, in seconds of the processor, and as a multiple of what the
    geometry library takes for the faces alone.

    The two are measured in turns, and the middle of their ratios counts: a shared machine is now
    fast and now slow, for seconds on end.
    """
    alone = library_alone(draft)
    pairs = [
        (
            *seconds_of(lambda: make_plan(draft), 1, forget_plans, time.process_time),
            statistics.median(seconds_of(alone, 5, clock=time.process_time)),
        )
        for _ in range(9)
    ]
    return min(whole for whole, _ in pairs), statistics.median(one / other for one, other in pairs)


def sewing() -> list[bool]:
    """The pressing plan of demo blocks and of each sort of drawing, and whether it is proved."""
    kept = []
    demo = [
        1000 * statistics.median(seconds_of(partial(sewing_plan, draft), 7, put_away_drafts))
        for draft in all_samples()
    ]
    kept.append(report("sewing plan of a demo block, median over all", statistics.median(demo), 60))
    kept.append(report("sewing plan of a demo block, the slowest", max(demo), 250))
    for name, make in SORTS.items():
        for count, limit in ((16, 1.5), (64, 30.0)):
            draft = make(count)
            start = time.perf_counter()
            plan = sewing_plan(draft)
            took = time.perf_counter() - start
            kept.append(
                report(f"sewing plan of {count} × {count} {name}", took, limit, "s", exact=True)
            )
            print(f"  {len(plan.joining.joins)} joins; {_how_good(plan)}", flush=True)
    return kept


def foretelling() -> list[bool]:
    """What blocks will come out as, after their plan and their sewing are known."""
    kept = []
    for name, drafts, limit in (
        ("a demo block, the slowest", list(all_samples()), 150.0),
        ("16 × 16 half-square triangles", [triangles(16)], 2000.0),
    ):
        taken = []
        for draft in drafts:
            plan, planned, errors = sewing_plan(draft), make_plan(draft), first_guess(draft.unit)
            taken.append(1000 * median(lambda: predict(plan, planned, errors), 3))  # noqa: B023
        kept.append(report(f"foretelling of {name}", max(taken), limit))
    return kept


def diagnosing() -> list[bool]:
    """Blocks made of springs with one thing wrong each: what is named first, and how much of what
    is told sure is right.
    """
    every = []
    for name in ("Weir Gate", "Scree", "Cairn Path", "Stile", "Peg"):
        told = judged(name, 90)
        print(f"  {name}: {summed(told)}", flush=True)
        every += told
    figures = summed(every)
    return [
        report("visible faults not named first", 100 * (1 - figures["first"]), 30, "%"),
        report("visible faults not named at all", 100 * (1 - figures["told"]), 20, "%"),
        report("told 95 % sure and wrong", 100 * (1 - figures["sure and right"]), 5, "%"),
    ]


def _how_good(plan: SewingPlan) -> str:
    """Whether a pressing is proved best, else how far from it each wish may be."""
    chosen = plan.pressing.chosen
    if chosen is None or chosen.proved:
        return "proved best"
    open_wishes = [
        f"{name} {chosen.costs[name]}, at least {least:.0f}"
        for name, least in chosen.least.items()
        if chosen.costs[name] - least >= 1
    ]
    return "not proved: " + "; ".join(open_wishes)


def quilts() -> list[bool]:
    """A quilt of 12 × 15 blocks of 72 patches, one of 40 × 40: seen, one turned, spread. How a top
    of 64 × 64 is sewn and pressed; the cloth of quilts at random over the least that it could be.
    """
    kept = []
    for columns, rows, first, edit in ((12, 15, 1000.0, 300.0), (40, 40, 4000.0, 1500.0)):
        seen, turned = milliseconds_of_edits(columns, rows)
        kept.append(report(f"quilt of {columns} × {rows} blocks, first seen", seen, first))
        kept.append(report(f"quilt of {columns} × {rows} blocks, one turned", turned, edit))
    spread = max(seconds_to_spread(corners) for corners in (False, True))
    kept.append(report("12 × 15 blocks in six colourings spread", spread, 2, "s"))
    for kind in ("straight", "on-point"):
        name = f"a top of 64 × 64 blocks, {kind}, sewn and pressed"
        kept.append(report(name, seconds_to_sew(64, kind), 15, "s", exact=True))
    over = cloth_over_bound()
    most = over[int(0.95 * len(over))]
    return [
        *kept,
        report("quilts' cloth over the bound, 95th percentile", most, 1.2, "×", exact=True),
    ]


def recipes() -> list[bool]:
    """Comparing all ways of all groups, and drawing a step."""
    compared, pictures = [], []
    for draft in all_samples():
        reading = read(draft)
        wanted = wanted_of([(reading, draft.making.blocks)])
        choose_recipes(
            [(reading, draft.making.blocks)]
        )  # the plan on screen has proposed its ways before
        compared.append(1000 * median(lambda w=wanted: fresh_comparison(w), 5))  # type: ignore[misc]
        for group in wanted.groups:
            for way in comparisons_ways(group, wanted):
                for _, made in steps_of(way, group, wanted):
                    for step in made.table.steps:
                        pictures += [
                            1000 * median(partial(picture_of, scene), 3) for scene in step.scenes
                        ]
    print(f"  the slowest demo block: {max(compared):.1f} ms")
    return [
        report("all ways of all groups of a demo block, median", statistics.median(compared), 30),
        report("a step's picture, the slowest", max(pictures), 10),
    ]


def cloth() -> list[bool]:
    """Cloth used over the bound, beside plain strips, and the time it takes."""
    middle, most, plain = report_quality()
    return [
        report("cloth used over the lower bound, median", middle, 1.08, "×", exact=True),
        report("cloth used over the lower bound, 95th percentile", most, 1.20, "×", exact=True),
        report("cloth used over plain first-fit strips, the worst", plain, 1.0, "×", exact=True),
        report("a layout of about 300 pieces, the slowest", 1000 * seconds_for_300(), 500),
    ]


def shelf() -> list[bool]:
    """A page of a shelf of ten thousand blocks, and a cutting from two hundred rows of pieces on
    hand.
    """
    form = block_contents(triangles(8))
    with (
        tempfile.TemporaryDirectory() as folder,
        database(Path(folder)) as engine,
        session_maker(engine)() as session,
    ):
        lay_out_once(
            session, "bench", lambda: [replace(form, name=f"Block {n}") for n in range(10_000)]
        )
        pages = [
            1000 * median(lambda: blocks.shelf_page(session, page, search, order), 5)  # type: ignore[arg-type]  # noqa: B023
            for page, search, order in ((1, "", "changed"), (208, "", "name"), (1, "99", "oldest"))
        ]
    return [
        report("a page of a shelf of 10,000 blocks, the slowest", max(pages), 200),
        report("a cutting from 200 rows of pieces on hand", 1000 * seconds_from_hand(), 1000),
    ]


def fresh_comparison(wanted: WantedUnits) -> object:
    """All ways compared with nothing remembered of an earlier comparison."""
    BENCH.put_away(lambda key: _name_of(key) == "_look")
    return comparisons(wanted, {})


def comparisons_ways(group: UnitGroup, wanted: WantedUnits) -> list[Way]:
    """The ways that are compared for a group."""
    return [figures.way for figures in compare(group, wanted, None).ways]


def browser() -> list[bool]:
    """From an edit in the browser to the changed list, in the real program."""
    from playwright.sync_api import sync_playwright

    kept = []
    with running_program() as url, sync_playwright() as playwright:
        flags = [
            "--no-sandbox",
            "--disable-gpu",
            "--disable-background-networking",
            "--no-first-run",
        ]
        chromium = playwright.chromium.launch(executable_path=shutil.which("chromium"), args=flags)
        page = chromium.new_page(viewport={"width": 1280, "height": 800})
        for name, draft, limits in (
            ("Gale Lantern", next(d for d in all_samples() if d.name == "Gale Lantern"), [150]),
            ("16 × 16 half-square triangles", triangles(16), [60, 100]),
        ):
            body = json.dumps({"document": write_block(draft)})
            headers = {"Content-Type": "application/json"}
            block = page.request.post(f"{url}/api/blocks", data=body, headers=headers).json()
            page.goto(f"{url}/blocks/{block['id']}/draft")
            page.get_by_role("application").wait_for()
            page.wait_for_timeout(1000)
            kept += [
                edits(page, name, limit, moves=moves)
                for moves, limit in zip((False, True), limits, strict=False)
            ]
        for name, draft, tool, limit in TOUCHED:
            kept += hand(touched(page, url, draft, tool), name, limit)
        for columns, rows, most in (
            (12, 15, (1000, 100, 300, 34, 34)),
            (40, 40, (4000, 1500, 2000, 200, 200)),
        ):
            found = figures(page, url, columns, rows)
            for (name, taken), limit in zip(found.items(), most, strict=True):
                kept.append(report(f"quilt of {columns} × {rows}: {name}", taken, limit))
        taken = frame_in_cloth(page, url, 12, 15)
        kept.append(report("quilt of 12 × 15 in photographed cloths: a frame panned", taken, 34))
        chromium.close()
    return kept


def hand(felt: Hand, name: str, limit: float) -> list[bool]:
    """What a hand feels on the board."""
    return [
        report(f"{name}: drawn", felt.seen, SEEN),
        report(f"{name}: to the changed list", felt.listed, limit),
        report(f"{name}: longest task", felt.longest, LONGEST),
    ]


def edits(page: Page, name: str, limit: float, *, moves: bool = False) -> bool:
    """From an edit on a page to the changed list: one cell to and fro, or each in a cell of its
    own, which makes a drawing that is new.
    """
    served: list[float] = []
    keep = partial(_keep_served, served)
    page.on("response", keep)
    taken = page.evaluate(EDITS, [21, moves])
    page.remove_listener("response", keep)
    where = f"{name}, each in another cell" if moves else name
    told = report(f"edit to changed list in the browser, {where}", statistics.median(taken), limit)
    print(f"  of which in the server: {statistics.median(served):.1f} ms")
    return told


@contextlib.contextmanager
def running_program() -> Iterator[str]:
    """The program as it is started by hand, on a database of its own; its address."""
    with tempfile.TemporaryDirectory() as folder:
        command = [sys.executable, "-m", "yonk", "start", "--port", "0"]
        environment = os.environ | {"YONK_DATA": folder, "PYTHONUNBUFFERED": "1"}
        process = subprocess.Popen(command, stdout=subprocess.PIPE, text=True, env=environment)
        assert process.stdout
        found = re.search(r"http://\S+", process.stdout.readline())
        assert found, "the program did not start"
        try:
            yield found.group()
        finally:
            process.terminate()
            process.wait()


def _keep_served(served: list[float], answer: Response) -> None:
    if answer.url.endswith("/api/draft"):
        served.append(_served(answer.headers))


def _served(headers: dict[str, str]) -> float:
    return float(headers.get("server-timing", "dur=0").partition("dur=")[2])


EDITS = """async ([times, moves]) => {
  const board = document.querySelector('.board');
  const list = document.querySelector('.list-body');
  const key = name => board.dispatchEvent(
    new KeyboardEvent('keydown', { key: name, bubbles: true }));
  const taken = [];
  const units = [',', '.'];
  for (let edit = 0; edit < times; edit += 1) {
    key(moves ? (edit % 3 ? 'ArrowRight' : 'ArrowDown') : units[edit % 2]);
    await new Promise(done => setTimeout(done, 150));
    const changed = new Promise(done => {
      const seen = new MutationObserver(() => { seen.disconnect();
        requestAnimationFrame(() => done(performance.now())); });
      seen.observe(list, { childList: true, subtree: true, characterData: true });
    });
    const start = performance.now();
    key('Enter');
    taken.push(await changed - start);
    await new Promise(done => setTimeout(done, 900));
  }
  return taken;
}"""

if __name__ == "__main__":
    look_seldom()
    if "--cluster" in sys.argv:
        from bench.cluster import cluster_bench

        cluster_bench()
        sys.exit()
    results = (
        core()
        + sewing()
        + recipes()
        + quilts()
        + cloth()
        + shelf()
        + ([] if "--core" in sys.argv else browser())
    )
    print(f"{sum(results)} of {len(results)} limits kept")
