"""What is measured, in the words of a quilter."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from yonk.core.measuring.diagnosis import Diagnosis, FoundCause, Verdict
from yonk.core.measuring.errors import Errors
from yonk.core.measuring.prediction import Mismatch, Range, percent
from yonk.core.measuring.seam_log import IN_A_ROW, STEADY_FROM, STEP, SeamStatistics, nearest
from yonk.core.paper import LengthUnit, show
from yonk.core.planning import Reading
from yonk.core.units import BY_NAME

_EDGES = {
    "top": "along the top edge",
    "middle": "across the middle",
    "bottom": "along the bottom edge",
    "left": "along the left edge",
    "center": "down the middle",
    "right": "along the right edge",
    "diagonal-down": "from the top left corner to the bottom right",
    "diagonal-up": "from the bottom left corner to the top right",
}
CARD = {"block": "The block", "row": "Rows", "column": "Columns", "unit": "Units"}
_VERDICTS: dict[Verdict, str] = {
    "good": "Good: everything is within a reading of what it must be.",
    "ease": "Ease it: what is off is little enough to be eased where it is joined.",
    "trim": "Trim it: it is too large, and can be trimmed to its size.",
    "take back": "Take the seams back and sew them anew.",
    "press again": "Press it again, folds opened and corners square, and measure anew.",
    "measure again": "Measure once more: nothing explains these sizes yet.",
    "cut again": "Cut these pieces again: what is too small cannot be mended.",
}
_SAID = {
    "seam": ("each seam takes up {} too much", "each seam takes up {} too little"),
    "cut": ("{1} was cut {0} too large", "{1} was cut {0} too small"),
    "trim": ("the units were trimmed {} too large", "the units were trimmed {} too small"),
    "press": ("the folds are not opened, {} at each seam", "the cloth was stretched by {} a seam"),
    "skew": ("the block is {} out of square", "the block is {} out of square, the other way"),
}
_FINEST = {"in": Fraction(1, 64), "cm": Fraction(1, 100)}  # no reading is finer


def measure_words(what: str, reading: Reading) -> str:
    """What a card calls something that can be measured: row 2, unit 1, along the top edge."""
    kind, _, which = what.partition(":")
    if kind == "block":
        return _EDGES[which]
    if kind != "unit":
        return f"{kind} {which}"
    group = next(one for one in reading.groups if one.label == which)
    return f"a {BY_NAME[group.kind].words} {which}, across"


def verdict_words(verdict: Verdict) -> str:
    """A verdict in a sentence."""
    return _VERDICTS[verdict]


def cause_words(one: FoundCause, unit: LengthUnit) -> str:
    """A cause as part of a sentence."""
    where = one.where.replace("letter:", "patch ").replace(":", " ")
    much = show(abs(one.by), unit) if one.by else "a hair"  # less than the finest that is told
    return _SAID[one.kind][one.by < 0].format(much, where)


def because(found: Diagnosis, unit: LengthUnit) -> list[str]:
    """Why a block came out as it did, in sentences: the causes, and what they may be instead."""
    if not found.explained:
        return ["No one or two causes explain these sizes; measure once more."]
    sentences = [_how_sure(found.causes, unit)] if found.causes else []
    for rival in found.undecided:
        said = " and ".join(cause_words(one, unit) for one in rival)
        sentences.append(f"It may also be that {said}; these sizes do not tell them apart.")
    return sentences


def _how_sure(causes: Sequence[FoundCause], unit: LengthUnit) -> str:
    said = " and ".join(cause_words(one, unit) for one in causes)
    return f"{said[0].upper()}{said[1:]}; {percent(causes[0].chance)} sure."


def about_length(length: float, unit: LengthUnit) -> str:
    """A length that was worked out from spreads, as finely as a ruler is read."""
    return show(nearest(Fraction(length), _FINEST[unit]), unit)


def range_words(one: Range, unit: LengthUnit) -> str:
    """Between which sizes nine of ten lie."""
    return f"{about_length(one.low, unit)} to {about_length(one.high, unit)}"


def mismatch_words(one: Mismatch, step: int, unit: LengthUnit) -> str:
    """Where most must be eased."""
    usual, most = about_length(one.expected, unit), about_length(one.high, unit)
    return f"Most must be eased at step {step}: {usual} on average, {most} at most in nine of ten."


def seam_off_words(off: Fraction, unit: LengthUnit) -> str:
    """By how much a seam is off, in words.

    >>> seam_off_words(Fraction(1, 60), "in"), seam_off_words(Fraction(-1, 30), "in")
    ('a thread too wide', '1⁄32″ too narrow')
    """
    rounded = nearest(abs(off), STEP[unit])
    if not rounded:
        return "right"
    size = "a thread" if rounded == STEP[unit] else show(rounded, unit)
    return f"{size} too {'wide' if off > 0 else 'narrow'}"


def size_off_words(off: Fraction, unit: LengthUnit) -> str:
    """By how much a size is off, in words, as finely as a ruler is read.

    >>> size_off_words(Fraction(-1, 8), "in"), size_off_words(Fraction(1, 500), "in")
    ('1⁄8″ short', 'right')
    """
    rounded = nearest(abs(off), _FINEST[unit])
    return f"{show(rounded, unit)} {'over' if off > 0 else 'short'}" if rounded else "right"


def standing_words(found: SeamStatistics | None, within: Fraction) -> str:
    """The last verdict of a seam log, in a sentence."""
    if found is None:
        return "No seam was tested yet; whatever is foretold stands on first guesses."
    unit = found.newest.unit
    said = seam_off_words(found.off, unit)
    count = len(found.tests)
    tests = "one test" if count == 1 else f"the last {count} tests"
    if abs(found.off) > within:
        return f"Each seam is {said}, by {tests}."
    if found.spread is not None and found.spread > 2 * within:
        return f"Right on average, but unsteady: one seam in three is off by {_more(found)}."
    if found.is_learnt:
        return f"Learnt: {IN_A_ROW} in a row are within {show(within, unit)}."
    if said != "right":
        return f"{said[0].upper()}{said[1:]}, which is within {show(within, unit)}, by {tests}."
    return f"The seam is right, by {tests}."


def _more(found: SeamStatistics) -> str:
    assert found.spread is not None
    return f"more than {about_length(float(found.spread), found.newest.unit)}"


def change_words(found: SeamStatistics | None, within: Fraction) -> str:
    """The one thing to change."""
    if found is None:
        return "Sew the first test strip."
    newest = found.newest
    if newest.really_cut != newest.cut:
        was, listed = (show(one, newest.unit) for one in (newest.really_cut, newest.cut))
        return (
            f"The strips were cut {was}, not {listed}: cut them anew before you change the machine."
        )
    if abs(found.off) > within:
        way, guide = ("right", "nearer") if found.off > 0 else ("left", "farther away")
        by = show(nearest(abs(found.off), STEP[newest.unit]), newest.unit)
        return f"Move the needle one step to the {way}, or the guide {by} {guide}; then test again."
    if len(found.tests) < STEADY_FROM:
        return "Change nothing, and test again: three tests tell how steady it is."
    if found.spread is not None and found.spread > 2 * within:
        return "Leave the needle where it is; sew slower along a guide, and watch the guide."
    if nearest(abs(found.off), STEP[newest.unit]):
        return "Change nothing, or cut your blocks for the seam that you sew."
    return "Change nothing."


def guess_words(errors: Errors, guesses: Sequence[str], unit: LengthUnit) -> list[str]:
    """What is taken for how exactly she works, each with whether it is a guess."""
    figures = {
        "seam_error": f"a seam is {seam_off_words(errors.seam_error, unit)}",
        "seam_spread": f"seams spread by {about_length(float(errors.seam_spread), unit)}",
        "cut_spread": f"cuts by {about_length(float(errors.cut_spread), unit)}",
        "trim_spread": f"trimmed sides by {about_length(float(errors.trim_spread), unit)}",
    }
    return [
        f"{said} ({'a first guess' if name in guesses else 'yours'})"
        for name, said in figures.items()
    ]
