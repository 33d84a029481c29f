"""What is measured, in the words of a quilter."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from yonk.core.measuring.diagnosis import Diagnosis, FoundCause, Verdict
from yonk.core.measuring.errors import Errors
from yonk.core.measuring.places import join_of, measurable, rows_or_columns
from yonk.core.measuring.prediction import Mismatch, Range, percent
from yonk.core.measuring.seam_log import IN_A_ROW, STEADY_FROM, STEP, SeamStatistics, nearest
from yonk.core.paper import (
    Capital,
    LengthUnit,
    Measure,
    Message,
    Text,
    listed,
    message,
    sentences,
    show,
)
from yonk.core.pressing import Line, SewingPlan, line_name, place_of_patches
from yonk.core.units import BY_NAME

_FINEST = {"in": Fraction(1, 64), "cm": Fraction(1, 100)}  # no reading is finer


# what can be measured, in the order in which it can be: as she sews, then of the finished block
CARD_KINDS = ("unit", "row", "column", "part", "block", "between")


def card_heading(kind: str) -> Message:
    """What stands on a card above what can be measured of a kind."""
    return message(f"measure-kind-{kind}")


def measure_words(what: str, plan: SewingPlan) -> Message:
    """What a card calls something that can be measured: the top row, unit 1, along the top edge,
    patch B from seam to seam.
    """
    kind, _, rest = what.partition(":")
    which, _, way = rest.partition(":")
    if kind == "block":
        return message("measure-block", where=which)
    if kind in ("row", "column"):
        return part_words(plan, measurable(plan, what).faces)
    one = measurable(plan, what)
    if kind == "between":
        assert one.patch is not None
        return message("measure-between", patch=patch_words(plan, one.patch), way=way)
    if kind == "part":
        return message("measure-part", part=part_words(plan, one.faces, which), way=way or "none")
    group = next(group for group in plan.reading.groups if group.label == which)
    return message("measure-unit", kind=BY_NAME[group.kind].words, unit=which, way=way or "none")


def gone_words(what: str) -> Text:
    """What is called what the block does not have, or is not joined by, any more."""
    kind, _, number = what.partition(":")
    if kind in ("row", "column"):
        return message("line-of-a-block", kind=kind, number=number, where="inner")
    return what


def patch_words(plan: SewingPlan, face: int) -> Message:
    """A patch by its letter, and where there are several of it by where it lies in the block."""
    letter = plan.reading.patches[face].letter
    faces = [other for other, patch in enumerate(plan.reading.patches) if patch.letter == letter]
    if len(faces) == 1:
        return message("patch-alone", letter=letter)
    return message("patch-there", letter=letter, where=_where(plan, (face,)))


def part_words(plan: SewingPlan, faces: tuple[int, ...], name: str = "") -> Message:
    """A part of the block as practitioners call it: the top row, row 2, the upper left quarter; any
    other by the join that makes it. A block that is one unit has rows of patches.
    """
    place = place_of_patches(plan, faces)
    if place is not None:
        return place
    kinds: tuple[tuple[Line, int], ...] = ("row", 1), ("column", 0)
    for kind, axis in kinds:
        lines = rows_or_columns(plan, axis)
        if len(lines) > 1 and faces in lines:
            number = lines.index(faces) + 1
            return line_name(kind, number, len(lines))
    return message("measure-made", where=_where(plan, faces), join=name or "none")


def _box(plan: SewingPlan, faces: tuple[int, ...]) -> tuple[int, int, int, int]:
    boxes = [plan.joining.faces[face].box for face in faces]
    lows, highs = [box[:2] for box in boxes], [box[2:] for box in boxes]
    left, top = (min(low[axis] for low in lows) for axis in (0, 1))
    right, bottom = (max(high[axis] for high in highs) for axis in (0, 1))
    return left, top, right, bottom


def _where(plan: SewingPlan, faces: tuple[int, ...]) -> Message:
    """Where a part lies in the block, as one looks at it."""
    left, top, right, bottom = _box(plan, faces)
    across, down = _box(plan, tuple(range(len(plan.joining.faces))))[2:]
    column = _third(left + right, across)
    row = _third(top + bottom, down)
    return message("measure-place", place=f"{row}-{column}")


def _third(twice_middle: int, reach: int) -> str:
    """Whether a middle lies in the first, second or last third."""
    if 3 * twice_middle < 2 * reach:
        return "first"
    return "last" if 3 * twice_middle > 4 * reach else "middle"


def verdict_words(verdict: Verdict) -> Message:
    """A verdict in a sentence."""
    return message("verdict", verdict=verdict.replace(" ", "-"))


def cause_words(one: FoundCause, plan: SewingPlan) -> Message:
    """A cause as part of a sentence."""
    unit = plan.draft.unit
    much = show(abs(one.by), unit) if one.by else message("a-hair")  # below the finest reading
    return message(
        "cause",
        kind=f"{one.kind}-somewhere" if one.kind in ("press", "trim") and one.where else one.kind,
        way="less" if one.by < 0 else "more",
        by=much,
        what=_cause_where(one, plan),
        end=_end_words(one, plan) if one.end else message("whole-seam"),
    )


def _cause_where(one: FoundCause, plan: SewingPlan) -> Text:
    kind, _, which = one.where.partition(":")
    if kind == "join":
        return seam_words(plan, join_of(plan, which))
    if kind == "patch":
        face = measurable(plan, f"between:{which}:across").patch
        assert face is not None
        return message("cause-patch", patch=patch_words(plan, face))
    if kind == "line":
        return message("cause-line", line=which)
    return message("cause-where", kind=kind or "none", which=which)


def seam_words(plan: SewingPlan, join: int) -> Message:
    """A seam by what it joins."""
    one, other = (_side_words(plan, part) for part in plan.joining.joins[join].of)
    return message("cause-seam", one=one, other=other)


def _side_words(plan: SewingPlan, part: int) -> Message:
    faces = tuple(sorted(plan.joining.order.faces(part)))
    if part < plan.joining.order.leaves:
        return patch_words(plan, part)
    label = plan.unit_made(part)
    if label:
        return message("unit-there", unit=label, where=_where(plan, faces))
    return part_words(plan, faces)


def _end_words(one: FoundCause, plan: SewingPlan) -> Message:
    """At which end a seam is off, as one looks at the block."""
    join = plan.joining.joins[join_of(plan, one.where.partition(":")[2])]
    spots = sorted((y, x) for stretch in join.along for x, y in stretch)
    (ay, ax), (by, bx) = spots[0], spots[-1]
    level = abs(bx - ax) > abs(by - ay)
    if level:
        left = (one.end == "first") == (ax <= bx)
        return message("seam-end", side="left" if left else "right")
    return message("seam-end", side="top" if one.end == "first" else "bottom")


def because(found: Diagnosis, plan: SewingPlan) -> list[Message]:
    """Why a block came out as it did, in sentences: the causes, what they may be instead, how
    likely it is something else.
    """
    if not found.causes and found.verdict == "measure again":
        said = [message("nothing-explains")]
    else:
        said = [_how_sure(found.causes, plan)] if found.causes else []
    for rival in found.undecided:
        causes = listed((cause_words(one, plan) for one in rival), "each-and")
        said.append(message("may-also-be", causes=causes, chance=percent(rival[0].chance)))
    if found.causes or found.undecided:
        said.append(message("something-else", chance=percent(found.something_else)))
    return said


def look_words(look: str) -> Message:
    """What to look at where no measure decides."""
    return message("look-at", what=look)


def looks_words(looks: str) -> Message:
    """What a block looks like, as one says it."""
    return message("looks", looks=looks)


def _how_sure(causes: Sequence[FoundCause], plan: SewingPlan) -> Message:
    said = listed((cause_words(one, plan) for one in causes), "each-and")
    chance = min(one.chance for one in causes)
    return message("so-sure", causes=Capital(said), chance=percent(chance))


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


def standing_words(found: SeamStatistics | None, within: Fraction) -> Text:
    """The last verdict of a seam log, in a sentence; before it, that something was changed."""
    if found is None:
        return message("seam-never-tested")
    said = _standing_words(found, within)
    if not found.before_change:
        return said
    changed = message("seam-has-changed", before=found.before_change)
    return sentences(changed, said)


def _standing_words(found: SeamStatistics, within: Fraction) -> Message:
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


def guess_words(
    errors: Errors, guesses: Sequence[str], unit: LengthUnit, by_trial: Sequence[str] = ()
) -> list[Message]:
    """What is taken for how exactly she works, each with whether it is a guess, hers, or told by
    the trial block.
    """
    figures: dict[str, Text] = {
        "seam_error": seam_off_words(errors.seam_error, unit),
        "seam_spread": about_length(float(errors.seam_spread), unit),
        "cut_spread": about_length(float(errors.cut_spread), unit),
        "trim_spread": about_length(float(errors.trim_spread), unit),
    }
    return [
        message("guess", what=name, size=size, whose=_whose(name, guesses, by_trial))
        for name, size in figures.items()
    ]


def _whose(name: str, guesses: Sequence[str], by_trial: Sequence[str]) -> str:
    if name in by_trial:
        return "trial"
    return "guess" if name in guesses else "hers"
