"""Sheets that come back: what each box on a printed sheet tells when it is ticked, and what the
ticks tell that the table does not know yet.

Source: *Paper that comes back* in `docs/table.md`.
"""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Collection, Sequence
from dataclasses import asdict, dataclass
from hashlib import sha256
from typing import Literal

from yonk.core.paper import LengthUnit
from yonk.core.planning import StageName

ToldKind = Literal["cut", "joined", "made"]
SheetPaper = Literal["letter", "a4"]
# Digits and letters of which none is taken for another when they are copied by hand.
SIGNS = "0123456789ABCDEFGHJKMNPQRSTVWXYZ"
CODE_SIGNS = 12  # 60 bits: no two sheets of a shelf ever have one code


@dataclass(frozen=True)
class ToldThing:
    """What is told of, as text that is only handed on: a cut for some of the blocks, joins, a unit
    with the mark of its step.
    """

    kind: ToldKind
    thing: str
    stage: StageName = "all"
    step: str = ""

    def is_same(self, other: ToldThing) -> bool:
        """Whether the other is the same: a cut for the same blocks, or for all of them."""
        here = self.stage == other.stage or "all" in (self.stage, other.stage)
        return (self.kind, self.thing) == (other.kind, other.thing) and here


@dataclass(frozen=True)
class BoxChange:
    """So much more of a thing for a line of the sheet, or less where it is cut down to that."""

    line: int
    thing: ToldThing
    amount: int


@dataclass(frozen=True)
class BoxTold:
    """What a box tells when it is ticked: all of a line, or parts of some; in which words."""

    changes: tuple[BoxChange, ...]
    words: str
    whole: bool = False


@dataclass(frozen=True)
class PrintedBox:
    """A box on a page, counted from one: its left upper corner and its side, in points from the
    left upper corner of the paper.
    """

    page: int
    x: float
    y: float
    side: float
    told: BoxTold


@dataclass(frozen=True)
class PrintedSheet:
    """A printed list or sewing sheet of a block or a quilt: what it is called, on which paper,
    after which entry of the table it was printed; its boxes, the names of the fabrics that they
    tell of by key, and the unit.
    """

    owner: str
    title: str
    paper: SheetPaper
    newest: int
    boxes: tuple[PrintedBox, ...]
    fabrics: tuple[tuple[str, str], ...] = ()
    unit: LengthUnit = "in"

    @property
    def code(self) -> str:
        """By what it is known again: alike for what is alike to the point."""
        told = json.dumps(asdict(self), sort_keys=True)
        number = int.from_bytes(sha256(told.encode()).digest())
        signs = []
        for _ in range(CODE_SIGNS):
            number, place = divmod(number, len(SIGNS))
            signs.append(SIGNS[place])
        return "".join(signs)


def typed_code(text: str) -> str:
    """The code of a sheet as it is typed from paper, whatever stands between its parts and however
    signs are taken for others.

    >>> typed_code(" k7m2-qx4d 9tbo ")
    'K7M2QX4D9TB0'
    """
    plain = "".join(sign for sign in text.upper() if sign.isalnum())
    return plain.translate(str.maketrans("OILU", "011V"))


def news_of(
    sheet: PrintedSheet, ticked: Collection[int], since: Sequence[tuple[ToldThing, int]]
) -> list[tuple[ToldThing, int]]:
    """What the ticks of a sheet tell that the table does not know yet, how much more of each thing.

    What was told of the same thing since it was printed, on a screen or by the same sheet before,
    is the same work: of the two the larger counts.

    Args:
        sheet: the sheet.
        ticked: which boxes are ticked, by their places among its boxes.
        since: what was told since it was printed, and holds.
    """
    boxes = [sheet.boxes[number].told for number in sorted(ticked)]
    news = []
    fresh = set()
    for thing, amount in _told_by(boxes).items():
        known = sum(more for other, more in since if thing.is_same(other))
        if known == 0:
            fresh.add(thing)
        if amount > known:
            news.append((thing, amount - known))
    for box in boxes:
        # what was cut down is gone, but for once
        if any(one.thing in fresh for one in box.changes if one.amount > 0):
            news += [(one.thing, one.amount) for one in box.changes if one.amount < 0]
    return news


def _told_by(boxes: Sequence[BoxTold]) -> Counter[ToldThing]:
    """How much boxes tell of each thing: of a line that of its own box, or that of the boxes of its
    strips, which tell of the same pieces.
    """
    lines: Counter[tuple[int, ToldThing]] = Counter()
    parts: Counter[tuple[int, ToldThing]] = Counter()
    for box in boxes:
        for one in box.changes:
            if one.amount > 0:
                (lines if box.whole else parts)[one.line, one.thing] += one.amount
    found: Counter[ToldThing] = Counter()
    for line, thing in lines | parts:
        found[thing] += max(lines[line, thing], parts[line, thing])
    return found
