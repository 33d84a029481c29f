"""What is measured of the samples: seam tests over some weeks, a trial block, its log."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from datetime import datetime, timedelta
from fractions import Fraction

from yonk.core.measuring import SeamTest, Setup, measurables
from yonk.core.paper import Draft
from yonk.core.pressing import sewing_plan

_FIRST = Setup(
    machine="the guild's old machine",
    foot="quarter foot",
    needle="middle",
    stitch="2.4",
    thread="50 weight",
    cloth="Fog",
    pressed="to one side",
)
_MOVED = replace(_FIRST, needle="one step to the right")
_TESTS = (
    (_FIRST, "15/16"),
    (_FIRST, "15/16"),
    (_FIRST, "61/64"),
    (_MOVED, "63/64"),
    (_MOVED, "1"),
    (_MOVED, "31/32"),
    (_MOVED, "1"),
)
_EVERY = timedelta(days=3)

MEASURED = {
    "Weir Gate": {
        "row:1": "75/8",
        "row:2": "299/32",
        "block:middle": "299/32",
        "block:left": "75/8",
        "between:3/2,3/2:across": "47/16",
        "unit:1": "7/2",
    }
}
NOTES = {
    "Weir Gate": (
        ("note", "Trial block sewn on the guild's old machine, and pressed in a hurry."),
        ("next-time", "Starch the Fog before it is cut."),
    )
}


def seam_test_samples(now: datetime) -> Iterator[tuple[datetime, SeamTest]]:
    """Seam tests up to yesterday."""
    for number, (setup, middle) in enumerate(_TESTS):
        sewn = now - timedelta(days=1) - _EVERY * (len(_TESTS) - 1 - number)
        yield (
            sewn,
            SeamTest(
                unit="in",
                aimed=Fraction(1, 4),
                cut=Fraction(3, 2),
                middle=Fraction(middle),
                setup=setup,
            ),
        )


def measured_samples(draft: Draft) -> Iterator[tuple[str, str, str]]:
    """What is measured of a sample: its name on the card, the size, what it should be."""
    sizes = MEASURED.get(draft.name)
    if sizes:
        known = measurables(sewing_plan(draft))
        for what, size in sizes.items():
            yield what, size, known[what].expected
