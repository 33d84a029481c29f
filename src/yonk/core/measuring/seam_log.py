"""The seam log: what a seam really takes up, worked out from test strips; how steady it is; the one
thing to change.

Source: the seam test of `docs/measuring.md`.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, fields, replace
from datetime import date, timedelta
from fractions import Fraction
from itertools import takewhile
from statistics import fmean

from yonk.core.measuring.errors import READING, Errors, first_guess
from yonk.core.paper import DraftError, LengthUnit, Message, Text, convert, message, show

IN_A_ROW = 5  # tests within what she set, and the practice is over
RECENT = 10  # tests of one setup that the figures are worked out from
STEADY_FROM = 3  # tests from which a spread can be told
_AS_GUESSED = 2  # tests, that the first guess of the spread counts for beside those that were sewn
_FEWEST = 2  # tests on either side of a change; one alone may be a slip
# Standard deviations of the difference that a change must come to. All places in ten tests are
# tried, so that a steady hand is told one in about forty times only.
_CHANGED = 3.2
STRIPS = {"in": Fraction(3, 2), "cm": Fraction(4)}  # cut so wide for a test
# long enough to steady the seam, short enough to spare cloth
STRIP_LENGTH = {"in": Fraction(6), "cm": Fraction(15)}
WITHIN = {"in": Fraction(1, 64), "cm": Fraction(1, 25)}  # usual: a thread
STEP = {"in": Fraction(1, 64), "cm": Fraction(1, 20)}  # how finely a measured seam is told
SAME_SEAM = {"in": Fraction(1, 16), "cm": Fraction(3, 20)}  # so near, a block wants the tested seam


@dataclass(frozen=True, kw_only=True)
class Setup:
    """What a seam was sewn with, in her words."""

    machine: str = ""
    foot: str = ""
    needle: str = ""
    stitch: str = ""
    thread: str = ""
    cloth: str = ""
    starch: str = ""
    pressed: str = ""

    @property
    def words(self) -> Text:
        """What was told of it, in one line."""
        parts = [text for one in fields(self) if (text := getattr(self, one.name))]
        return ", ".join(parts) or message("setup-not-told")


@dataclass(frozen=True, kw_only=True)
class SeamTest:
    """Three strips of a width, sewn side by side and pressed.

    `aimed` is the seam that was meant, `cut` how wide the strips were cut, `middle` what the middle
    one measures between its seams, `outer` what the two others measure to their raw edges, where
    they were measured too; all in `unit`.
    """

    unit: LengthUnit
    aimed: Fraction
    cut: Fraction
    middle: Fraction
    outer: tuple[Fraction, Fraction] | None = None
    setup: Setup = Setup()

    @property
    def really_cut(self) -> Fraction:
        """How wide the strips were: as told, but where all three measure otherwise by more than a
        reading. Each outer one lacks one seam, the middle one both.
        """
        if self.outer is None:
            return self.cut
        summed = sum(self.outer) - self.middle
        return summed if abs(summed - self.cut) > READING[self.unit] else self.cut

    @property
    def seam(self) -> Fraction:
        """What a seam takes up of each of its pieces.

        >>> half = Fraction(1, 2)
        >>> SeamTest(unit="in", aimed=half / 2, cut=3 * half, middle=Fraction(31, 32)).seam
        Fraction(17, 64)
        """
        return (self.really_cut - self.middle) / 2

    @property
    def off(self) -> Fraction:
        """How much more than it should a seam takes up; less than nothing where it is too
        narrow.
        """
        return self.seam - self.aimed

    @property
    def fault(self) -> tuple[str, Message] | None:
        """What cannot be about its sizes: the field, and what would mend it."""
        if 2 * self.aimed >= self.cut:
            return "cut", message("strips-too-narrow")
        if self.outer and abs(self.outer[0] - self.outer[1]) > self.aimed / 2:
            return "right", message("far-from-the-left-one")
        if abs(self.off) > self.aimed / 2:
            said = show(self.cut - 2 * self.aimed, self.unit)
            return "middle", message("far-from-what-is-meant", meant=said)
        return None

    def told_in(self, unit: LengthUnit) -> SeamTest:
        """The same test in a unit."""
        if unit == self.unit:
            return self

        def converted(length: Fraction) -> Fraction:
            return convert(length, self.unit, unit)

        return replace(
            self,
            unit=unit,
            aimed=converted(self.aimed),
            cut=converted(self.cut),
            middle=converted(self.middle),
            outer=self.outer and (converted(self.outer[0]), converted(self.outer[1])),
        )


def check_day(sewn: date, today: date) -> None:
    """Raises `DraftError` for a day to come; where it is later already than here is no fault."""
    if sewn > today + timedelta(days=1):
        raise DraftError("sewn", message("day-to-come"))


@dataclass(frozen=True)
class SeamStatistics:
    """How the seam stands, in the unit of the newest test: its tests, that were all sewn with one
    setup and one seam aimed at; by how much a seam is off on average; the spread from seam to seam,
    None for too few tests; how many tests in a row were within what she set; how many tests before
    them do not count, since something was changed.
    """

    tests: tuple[SeamTest, ...]
    off: Fraction
    spread: Fraction | None
    in_a_row: int
    before_change: int = 0

    @property
    def newest(self) -> SeamTest:
        """The last test."""
        return self.tests[-1]

    @property
    def seam(self) -> Fraction:
        """What a seam takes up on average, as a ruler tells it."""
        unit = self.newest.unit
        return nearest(self.newest.aimed + self.off, STEP[unit])

    @property
    def is_learnt(self) -> bool:
        """Whether the practice is over."""
        return self.in_a_row >= IN_A_ROW


def standing(tests: Sequence[SeamTest], within: Fraction) -> SeamStatistics | None:
    """How the seam stands.

    Args:
        tests: from the oldest to the newest.
        within: how far off a seam may be, in the unit of the newest test.

    Returns: the figures from the last tests that were sewn as the newest was, and since something
    changed where they show that; None without any.
    """
    if not tests:
        return None
    newest = tests[-1]
    alike = takewhile(
        lambda one: one.setup == newest.setup and one.aimed == newest.aimed,
        (one.told_in(newest.unit) for one in reversed(tests)),
    )
    recent = tuple(reversed(list(alike)[:RECENT]))
    before = _before_change(recent)
    mine = recent[before:]
    good = takewhile(lambda one: abs(one.off) <= within, reversed(mine))
    return SeamStatistics(
        mine,
        Fraction(fmean(one.off for one in mine)),
        _spread(mine),
        len(list(good)),
        before,
    )


def _reading_variance(unit: LengthUnit) -> float:
    """The variance that reading off a middle strip brings into a seam: half of what is misread, by
    anything up to a reading either way.
    """
    return (float(READING[unit]) / 2) ** 2 / 3


def _usual_variance(unit: LengthUnit) -> float:
    """The variance from test to test of a hand that is as steady as is first guessed."""
    return float(first_guess(unit).seam_spread) ** 2 / 2 + _reading_variance(unit)


def _before_change(tests: Sequence[SeamTest]) -> int:
    """How many tests lie before the likeliest change, nought where there is none: where those since
    differ from those before by more than the spread within both allows.
    """
    offs, unit = [float(one.off) for one in tests], tests[-1].unit
    best, place = 0.0, 0
    for at in range(_FEWEST, len(offs) - _FEWEST + 1):
        one, other = offs[:at], offs[at:]
        squares = sum((x - fmean(part)) ** 2 for part in (one, other) for x in part)
        wanted = _AS_GUESSED * _usual_variance(unit)
        variance = (squares + wanted) / (len(offs) - 2 + _AS_GUESSED)
        apart = abs(fmean(one) - fmean(other)) / (variance * (1 / at + 1 / len(other))) ** 0.5
        if apart > max(best, _CHANGED):
            best, place = apart, at
    return place


def by_setup(tests: Sequence[SeamTest], within: Fraction) -> tuple[SeamStatistics, ...]:
    """How the seam stands with each setup and seam aimed at, the one used last first."""
    alike: dict[tuple[Setup, Fraction, LengthUnit], list[SeamTest]] = {}
    for test in tests:
        key = test.setup, convert(test.aimed, test.unit, "in"), test.unit
        alike.setdefault(key, []).append(test)
    order = {test: number for number, test in enumerate(tests)}
    last = sorted(alike.values(), key=lambda mine: -order[mine[-1]])
    found = (standing(mine, within) for mine in last)
    return tuple(one for one in found if one)


def _spread(tests: Sequence[SeamTest]) -> Fraction | None:
    """The spread from seam to seam; each test is the mean of two, so that it spreads less, and is
    misread by a little. A few tests that agree do not show that there is none.
    """
    if len(tests) < STEADY_FROM:
        return None
    unit = tests[-1].unit
    offs = [float(one.off) for one in tests]
    squares = sum((one - fmean(offs)) ** 2 for one in offs) + _AS_GUESSED * _usual_variance(unit)
    variance = squares / (len(offs) - 1 + _AS_GUESSED)
    least = (
        float(first_guess(unit).seam_spread) ** 2 / 16
    )  # nobody is steadier than a quarter of it
    return Fraction(max(2 * (variance - _reading_variance(unit)), least) ** 0.5)


def nearest(length: Fraction, step: Fraction) -> Fraction:
    """The nearest multiple of a step."""
    return round(length / step) * step


def errors_of(
    found: SeamStatistics | None, reported: Errors, seam: Fraction, unit: LengthUnit
) -> Errors:
    """How exactly she sews, for a block.

    Args:
        found: how her seam stands; None without a test.
        reported: what she said or what is guessed of all the rest.
        seam: the block's seam allowance, in `unit`.

    Returns: the errors with the seam's from her log. A block whose seam is about the one that was
    tested is sewn as that was; for another the machine is set anew and is off by as much.
    """
    if found is None:
        return reported
    newest = found.newest.told_in(unit)
    off = convert(found.off, found.newest.unit, unit)
    real = newest.aimed + off
    near = min(abs(newest.aimed - seam), abs(real - seam)) <= SAME_SEAM[unit]
    error = Fraction(float(real - seam if near else off)).limit_denominator(10_000)
    if found.spread is None:
        return replace(reported, seam_error=error)
    spread = Fraction(convert(found.spread, found.newest.unit, unit)).limit_denominator(10_000)
    return replace(reported, seam_error=error, seam_spread=spread)


def next_test(found: SeamStatistics | None, unit: LengthUnit, seam: Fraction) -> SeamTest:
    """The next test as it should come out: of the same width and seam as the newest, or of a usual
    width for a seam.
    """
    cut = found.newest.cut if found else max(STRIPS[unit], 4 * seam)
    aimed = found.newest.aimed if found else seam
    unit = found.newest.unit if found else unit
    setup = found.newest.setup if found else Setup()
    return SeamTest(unit=unit, aimed=aimed, cut=cut, middle=cut - 2 * aimed, setup=setup)


def guessed(found: SeamStatistics | None, reported: Sequence[str]) -> tuple[str, ...]:
    """Which of `Errors` are first guesses: those that no test and no word of hers tells."""
    known = {*reported, *(["seam_error"] if found else [])}
    if found and found.spread is not None:
        known.add("seam_spread")
    return tuple(one.name for one in fields(Errors) if one.name not in known)
