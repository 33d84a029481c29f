"""What is measured, in the words of a quilter."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from yonk.core.measuring.diagnosis import Diagnosis, FoundCause, Verdict
from yonk.core.measuring.errors import Errors
from yonk.core.measuring.prediction import Mismatch, Range, percent
from yonk.core.measuring.seam_log import IN_A_ROW, STEADY_FROM, STEP, SeamStatistics, nearest
from yonk.core.paper import Capital, LengthUnit, Measure, Message, Text, listed, message, show
from yonk.core.planning import Reading
from yonk.core.units import BY_NAME

_FINEST = {"in": Fraction(1, 64), "cm": Fraction(1, 100)}  # no reading is finer


CARD_KINDS = ("block", "row", "column", "unit")  # what can be measured, in the order of a card


def card_heading(kind: str) -> Message:
    """What stands on a card above what can be measured of a kind."""
    return message(f"measure-kind-{kind}")


def measure_words(what: str, reading: Reading) -> Message:
    """What a card calls something that can be measured: row 2, unit 1, along the top edge."""
    kind, _, which = what.partition(":")
    if kind == "block":
        return message("measure-block", where=which)
    if kind != "unit":
        return message("measure-line", kind=kind, number=which)
    group = next(one for one in reading.groups if one.label == which)
    return message("measure-unit", kind=BY_NAME[group.kind].words, unit=which)


def verdict_words(verdict: Verdict) -> Message:
    """A verdict in a sentence."""
    return message("verdict", verdict=verdict.replace(" ", "-"))


def cause_words(one: FoundCause, unit: LengthUnit) -> Message:
    """A cause as part of a sentence."""
    kind, _, which = one.where.partition(":")
    much = show(abs(one.by), unit) if one.by else message("a-hair")  # below the finest reading
    return message(
        "cause",
        kind=one.kind,
        way="less" if one.by < 0 else "more",
        by=much,
        what=message("cause-where", kind=kind, which=which),
    )


def because(found: Diagnosis, unit: LengthUnit) -> list[Message]:
    """Why a block came out as it did, in sentences: the causes, and what they may be instead."""
    if not found.explained:
        return [message("nothing-explains")]
    said = [_how_sure(found.causes, unit)] if found.causes else []
    for rival in found.undecided:
        causes = listed((cause_words(one, unit) for one in rival), "each-and")
        said.append(message("may-also-be", causes=causes))
    return said


def _how_sure(causes: Sequence[FoundCause], unit: LengthUnit) -> Message:
    said = listed((cause_words(one, unit) for one in causes), "each-and")
    return message("so-sure", causes=Capital(said), chance=percent(causes[0].chance))


def about_length(length: float, unit: LengthUnit) -> Measure:
    """A length that was worked out from spreads, as finely as a ruler is read."""
    return show(nearest(Fraction(length), _FINEST[unit]), unit)


def range_words(one: Range, unit: LengthUnit) -> Message:
    """Between which sizes nine of ten lie."""
    return message("range", low=about_length(one.low, unit), high=about_length(one.high, unit))


def mismatch_words(one: Mismatch, step: int, unit: LengthUnit) -> Message:
    """Where most must be eased."""
    usual, most = about_length(one.expected, unit), about_length(one.high, unit)
    return message("most-to-ease", step=step, usual=usual, most=most)


def seam_off_words(off: Fraction, unit: LengthUnit) -> Message:
    """By how much a seam is off.

    >>> seam_off_words(Fraction(1, 60), "in").parameters[0]
    ('size', Message(code='a-thread', parameters=()))
    """
    rounded = nearest(abs(off), STEP[unit])
    if not rounded:
        return message("off-by-nothing")
    size = message("a-thread") if rounded == STEP[unit] else show(rounded, unit)
    return message("seam-off", size=size, way="wide" if off > 0 else "narrow")


def size_off_words(off: Fraction, unit: LengthUnit) -> Message:
    """By how much a size is off, as finely as a ruler is read.

    >>> size_off_words(Fraction(-1, 8), "in").parameters[1]
    ('way', 'short')
    """
    rounded = nearest(abs(off), _FINEST[unit])
    if not rounded:
        return message("off-by-nothing")
    return message("size-off", size=show(rounded, unit), way="over" if off > 0 else "short")


def standing_words(found: SeamStatistics | None, within: Fraction) -> Message:
    """The last verdict of a seam log, in a sentence."""
    if found is None:
        return message("seam-never-tested")
    unit, tests = found.newest.unit, len(found.tests)
    off = seam_off_words(found.off, unit)
    if abs(found.off) > within:
        return message("seam-each-is", off=off, tests=tests)
    if found.spread is not None and found.spread > 2 * within:
        return message("seam-unsteady", spread=about_length(float(found.spread), unit))
    if found.is_learnt:
        return message("seam-learnt", count=IN_A_ROW, within=show(within, unit))
    if nearest(abs(found.off), STEP[unit]):
        return message("seam-within", off=Capital(off), within=show(within, unit), tests=tests)
    return message("seam-is-right", tests=tests)


def change_words(found: SeamStatistics | None, within: Fraction) -> Message:
    """The one thing to change."""
    if found is None:
        return message("change-sew-the-first")
    newest = found.newest
    if newest.really_cut != newest.cut:
        was, meant = (show(one, newest.unit) for one in (newest.really_cut, newest.cut))
        return message("change-cut-strips-anew", was=was, meant=meant)
    if abs(found.off) > within:
        way = "right" if found.off > 0 else "left"
        by = show(nearest(abs(found.off), STEP[newest.unit]), newest.unit)
        return message("change-move-the-needle", way=way, by=by)
    if len(found.tests) < STEADY_FROM:
        return message("change-nothing-and-test-again")
    if found.spread is not None and found.spread > 2 * within:
        return message("change-sew-slower")
    if nearest(abs(found.off), STEP[newest.unit]):
        return message("change-nothing-or-the-blocks")
    return message("change-nothing")


def guess_words(errors: Errors, guesses: Sequence[str], unit: LengthUnit) -> list[Message]:
    """What is taken for how exactly she works, each with whether it is a guess."""
    figures: dict[str, Text] = {
        "seam_error": seam_off_words(errors.seam_error, unit),
        "seam_spread": about_length(float(errors.seam_spread), unit),
        "cut_spread": about_length(float(errors.cut_spread), unit),
        "trim_spread": about_length(float(errors.trim_spread), unit),
    }
    return [
        message("guess", what=name, size=size, whose="guess" if name in guesses else "hers")
        for name, size in figures.items()
    ]
