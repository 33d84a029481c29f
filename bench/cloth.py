"""How well and how fast cloth is laid out: generated lists, beside the lower bound, plain strips
and a packing library.
"""

from __future__ import annotations

import random
import statistics
import time
from collections.abc import Iterator
from fractions import Fraction

import rectpack

from yonk.core.cutting.cloth import Bolt, ClothPiece, plan_cloth
from yonk.core.cutting.strips import WantedRectangles, first_fit, lay_strips, lower_bound
from yonk.core.planning import Cut
from yonk.core.planning.cuts import Purpose
from yonk.core.units import CutKey

WIDTH = 320  # forty inches in eighths
LISTS = 80
Rect = tuple[int, int, int, int]


def lists() -> Iterator[list[WantedRectangles]]:
    """Lists of 5 to 600 pieces in 1 to 30 sizes from 1 1⁄2 to 10 1⁄2 inches, more squares than
    rectangles.
    """
    chance = random.Random(7)
    for _ in range(LISTS):
        kinds = chance.randint(1, 30)
        total = chance.randint(max(5, kinds), 600)
        ends = [0, *sorted(chance.sample(range(1, total), kinds - 1)), total]
        yield [_kind(chance, key, ends[key + 1] - ends[key]) for key in range(kinds)]


def _kind(chance: random.Random, key: int, count: int) -> WantedRectangles:
    wide = chance.randint(12, 84)
    high = wide if chance.random() < 0.6 else chance.randint(12, 84)
    return WantedRectangles(key, max(wide, high), min(wide, high), count)


def length_of(wanted: list[WantedRectangles]) -> int:
    """What our plan needs."""
    return sum(strip.height for strip in lay_strips(wanted, WIDTH)[0])


def packed(wanted: list[WantedRectangles]) -> list[Rect]:
    """Where the packing library lays the pieces, in guillotine cuts."""
    packer = rectpack.newPacker(
        mode=rectpack.PackingMode.Offline,
        bin_algo=rectpack.PackingBin.BBF,
        rotation=True,
        pack_algo=rectpack.GuillotineBssfSas,
        sort_algo=rectpack.SORT_SSIDE,
    )
    for one in wanted:
        for _ in range(one.count):
            packer.add_rect(one.width, one.height)
    packer.add_bin(WIDTH, 100_000)
    packer.pack()
    return [(x, y, w, h) for _, x, y, w, h, _ in packer.rect_list()]


def cut_by_hand(rects: list[Rect]) -> bool:
    """Whether three stages of straight cuts, the first across the whole cloth, take a layout
    apart.
    """
    return all(
        len(_split(column, 1)) == len(column)
        for strip in _split(rects, 1)
        for column in _split(strip, 0)
    )


def _split(rects: list[Rect], axis: int) -> list[list[Rect]]:
    """The groups between the straight cuts that touch no piece."""
    groups: list[list[Rect]] = []
    reach = -1
    for rect in sorted(rects, key=lambda one: one[axis]):
        if rect[axis] >= reach:
            groups.append([])
        groups[-1].append(rect)
        reach = max(reach, rect[axis] + rect[axis + 2])
    return groups


def report_quality() -> tuple[float, float, float]:
    """Prints what there is to say; gives the median and the 95th percentile over the bound, and the
    worst over plain strips.
    """
    over, plain, library, by_hand = [], [], [], []
    for wanted in lists():
        ours = length_of(wanted)
        over.append(ours / lower_bound(wanted, WIDTH))
        plain.append(ours / sum(strip.height for strip in first_fit(wanted, WIDTH)))
        rects = packed(wanted)
        theirs = max(y + h for _, y, _, h in rects)
        library.append(ours / theirs)
        if cut_by_hand(rects):
            by_hand.append(ours / theirs)
    over.sort()
    print(
        f"  {LISTS} lists beside the packing library: ours is {statistics.median(library):.3f} "
        f"of its length at the median;"
    )
    hand = f"{statistics.median(by_hand):.3f} of its length" if by_hand else "none to compare"
    print(f"  its layouts can be cut by hand in {len(by_hand)} of {LISTS}: {hand}")
    return statistics.median(over), over[int(0.95 * len(over))], max(plain)


def seconds_for_300() -> float:
    """The longest time that a list of about 300 pieces takes."""
    taken = []
    for wanted in lists():
        if 250 <= sum(one.count for one in wanted) <= 350:
            start = time.perf_counter()
            lay_strips(wanted, WIDTH)
            taken.append(time.perf_counter() - start)
    return max(taken)


def seconds_from_hand() -> float:
    """A cutting of twelve lines from two hundred rows of pieces on hand."""
    chance = random.Random(3)

    def side(least: int, most: int) -> Fraction:
        return Fraction(chance.randint(least, most), 8)

    cuts = []
    for _ in range(12):
        low, high = sorted((side(12, 90), side(12, 90)))
        count = chance.randint(1, 30)
        what = CutKey(fabric="peat", shape="rectangle", width=high, height=low)
        cuts.append(Cut(what, high, count, (Purpose(("1",), "A", "patch", count, ()),)))
    shelf = [ClothPiece("", side(20, 320), side(20, 300)) for _ in range(200)]
    bolt = Bolt(Fraction(40), Fraction(1), Fraction(0), Fraction(9, 2))
    start = time.perf_counter()
    plan_cloth("peat", cuts, bolt, "in", on_hand=shelf, keep=Fraction(4))
    return time.perf_counter() - start
