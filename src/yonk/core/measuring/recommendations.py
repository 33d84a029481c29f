"""What a trial block says for the rest: each remedy with how likely the blocks come out good before
and after it, by the same figures as all else that is foretold; none that makes it worse.

Source: *What follows for the rest* in `docs/measuring.md`.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, field, replace
from fractions import Fraction
from typing import Literal

from yonk.core.measuring.diagnosis import Diagnosis, FoundCause
from yonk.core.measuring.errors import Errors, first_guess
from yonk.core.measuring.prediction import chance_of_block, percent
from yonk.core.measuring.seam_log import STEP, nearest
from yonk.core.measuring.unit_chance import chance_of_units, tolerance_of
from yonk.core.measuring.weighing import Evidence
from yonk.core.paper import (
    SETTINGS,
    USUAL,
    Draft,
    DraftError,
    LengthUnit,
    Message,
    convert,
    kept,
    listed,
    message,
    show,
    write_typed,
)
from yonk.core.planning import FINEST_RULER, Way, make_plan, ways_side_by_side
from yonk.core.pressing import sewing_plan
from yonk.core.units import BY_NAME, UnitKindName

TAKEN_BACK = 2  # how often a seam is taken back at most, usually: the holes weaken the cloth
RemedyName = Literal["needle", "cut-for-seam", "margin", "method", "press", "nothing"]
# What is the least trouble comes first where two help as much: turning a screw, cutting the rest
# otherwise, trimming each unit.
_TROUBLE: tuple[RemedyName, ...] = (
    "nothing",
    "press",
    "needle",
    "cut-for-seam",
    "margin",
    "method",
)
_AS_GOOD = 0.005  # of the blocks, by which a remedy must help to be one


@dataclass(frozen=True)
class Remedy:
    """Something to do for the rest: by how much, in the draft's unit; the chance that a block comes
    out good before and after it; the settings that do it, as typed, where a plan can be made so at
    one touch.
    """

    do: RemedyName
    by: Fraction
    good_before: float
    good_after: float
    settings: Mapping[str, str] = field(default_factory=dict)
    seam: Fraction = Fraction(0)  # of a cut for the seam: the one that is sewn
    ways: Mapping[UnitKindName, Way] = field(default_factory=dict)  # of another way: by kind

    @property
    def helps(self) -> bool:
        """Whether more blocks come out good."""
        return self.good_after - self.good_before >= _AS_GOOD


def by_her_rule(found: Diagnosis, taken_back: int, limit: int) -> Diagnosis:
    """A diagnosis by her rule of how often a seam is taken back: after that, pieces are cut
    again.

    Args:
        taken_back: how often the seams of this block were taken back.
        limit: how often she does.
    """
    if found.verdict == "take back" and taken_back >= limit:
        return replace(found, verdict="cut again")
    return found


def with_trial(errors: Errors, found: Diagnosis | None, cut: Draft, draft: Draft) -> Errors:
    """How exactly she works by her log and by what a trial block told of her seam or her folds, as
    far as that is likelier than not: then the block counts, which was sewn last.

    Args:
        errors: by her log, for `draft`.
        found: why the trial block came out as it did; None where none was measured.
        cut: what the trial block was cut by.
        draft: as the rest is cut, which may be for the seam that the trial showed.
    """
    seam = next((one.by for one in _everywhere(found) if one.kind == "seam"), None)
    if seam is not None:
        sewn = convert(cut.making.seam + seam, cut.unit, draft.unit)
        errors = replace(errors, seam_error=sewn - draft.making.seam)
    folds = _folds(found, cut, draft)  # a fold takes up as a seam does
    return replace(errors, seam_error=errors.seam_error + folds)


def _folds(found: Diagnosis | None, cut: Draft, draft: Draft) -> Fraction:
    """By how much folds that were not opened take up too much, in the unit of `draft`."""
    by = next((one.by for one in _everywhere(found) if one.kind == "press"), Fraction(0))
    return convert(by, cut.unit, draft.unit)


def errors_of_evidence(evidence: Evidence, unit: LengthUnit) -> Errors:
    """How exactly she works, as far as what is told with a trial block says it: her seam."""
    guess, seam = first_guess(unit), evidence.seam
    if seam is None:
        return guess
    error, spread = (Fraction(one).limit_denominator(10_000) for one in (seam.error, seam.spread))
    return replace(guess, seam_error=error, seam_spread=spread)


def _everywhere(found: Diagnosis | None) -> tuple[FoundCause, ...]:
    """The causes, likelier than not, that will be in the rest as well."""
    if found is None:
        return ()
    return tuple(one for one in found.causes if one.kind in ("seam", "press") and one.chance > 0.5)


def remedies(
    found: Diagnosis | None, draft: Draft, errors: Errors, cut: Draft | None = None
) -> tuple[Remedy, ...]:
    """What can be done for the rest: those that help, the best first, and to do nothing.

    Args:
        found: why the trial block came out as it did; None where none was measured.
        draft: as the rest is cut and sewn.
        errors: how exactly she works, by her log and the trial block (`with_trial`).
        cut: what the trial block was cut by, where that is another draft.

    Returns: each foretold; the first is proposed. Where nothing helps that is to do nothing.
    """
    before = chance_good(draft, draft, errors)
    tried = [*_tried(draft, errors, before, _folds(found, cut or draft, draft))]
    offered = [one for one in tried if one.helps]
    offered.sort(key=lambda one: (-round(one.good_after, 2), _TROUBLE.index(one.do)))
    return *offered, Remedy("nothing", Fraction(0), before, before)


def _tried(draft: Draft, errors: Errors, before: float, folds: Fraction) -> Iterator[Remedy]:
    if folds:
        opened = replace(errors, seam_error=errors.seam_error - folds)
        yield Remedy("press", folds, before, chance_good(draft, draft, opened))
        return
    yield from _needle(draft, errors, before)
    yield from _cut_for_seam(draft, errors, before)
    yield from _margin(draft, errors, before)
    yield from _method(draft, errors, before)


def _needle(draft: Draft, errors: Errors, before: float) -> Iterator[Remedy]:
    """The needle or the guide set by what the seam is off, as finely as it can be told."""
    by = nearest(errors.seam_error, STEP[draft.unit])
    if by:
        after = replace(errors, seam_error=errors.seam_error - by)
        yield Remedy("needle", by, before, chance_good(draft, draft, after))


def _cut_for_seam(draft: Draft, errors: Errors, before: float) -> Iterator[Remedy]:
    """Everything cut for the seam that is sewn: by the ruler's step, and by the finest that she
    may have.
    """
    unit, seam = draft.unit, draft.making.seam
    real = nearest(seam + errors.seam_error, STEP[unit])
    if real == seam or SETTINGS["seam"].fault(real, unit):
        return
    after = replace(errors, seam_error=seam + errors.seam_error - real)
    steps = [draft.making.ruler_step]
    if FINEST_RULER[unit] < draft.making.ruler_step:
        steps.append(FINEST_RULER[unit])
    for step in steps:
        other = replace(draft, making=replace(draft.making, seam=real, ruler_step=step))
        settings = {"seam": write_typed(real, unit)}
        if step != draft.making.ruler_step:
            settings["ruler_step"] = write_typed(step, unit)
        yield Remedy(
            "cut-for-seam", real - seam, before, chance_good(draft, other, after), settings, real
        )


def _margin(draft: Draft, errors: Errors, before: float) -> Iterator[Remedy]:
    """Units cut larger and trimmed: they forgive what is cut or sewn a little off."""
    margin, unit = SETTINGS["trim_margin"], draft.unit
    usual = margin.usual[unit]
    for by in (usual, 2 * usual):
        if by <= draft.making.trim_margin or margin.fault(by, unit):
            continue
        other = replace(draft, making=replace(draft.making, trim_margin=by))
        settings = {"trim_margin": margin.write(by, unit)}
        yield Remedy("margin", by, before, chance_good(draft, other, errors), settings)


def _method(draft: Draft, errors: Errors, before: float) -> Iterator[Remedy]:
    """Each kind of unit made in the way that is likeliest right, where that is another one."""
    ways: dict[UnitKindName, Way] = {}
    for recipe, compared in ways_side_by_side(make_plan(draft)):
        group = recipe.group
        if group.is_plain or len(compared.ways) < 2 or not group.as_drafted:
            continue
        good = tolerance_of(group.unit, draft, errors)
        taken, *others = (
            (chance_of_units(figures, group.unit, errors, good), figures.way)
            for figures in compared.ways
        )
        chance, way = max(others, key=lambda one: round(one[0], 2))
        if chance - taken[0] >= _AS_GOOD:
            ways.setdefault(group.kind, way)
    if ways:
        methods = {**draft.making.methods, **{kind: way.name for kind, way in ways.items()}}
        other = replace(draft, making=replace(draft.making, methods=methods))
        yield Remedy("method", Fraction(0), before, chance_good(draft, other, errors), ways=ways)


@kept()
def chance_good(draft: Draft, cut: Draft, errors: Errors) -> float:
    """How likely a block is good, as it is foretold.

    Args:
        draft: as it is drawn and joined.
        cut: the same, but for what its making says of cutting; one that cannot be cut is never
            good.
        errors: how exactly she works, for what is cut so.
    """
    try:
        return chance_of_block(sewing_plan(draft), make_plan(cut), errors)
    except DraftError:
        return 0.0


def remedy_words(one: Remedy, draft: Draft) -> Message:
    """A remedy in a sentence, without its chances."""
    unit = draft.unit
    step = one.settings.get("ruler_step")
    return message(
        "remedy",
        do=one.do,
        by=show(abs(one.by), unit),
        way="right" if one.by > 0 else "left",
        sewn=show(one.seam, unit),
        seam=show(draft.making.seam, unit),
        step=show(FINEST_RULER[unit], unit) if step else "",
        finer="finer" if step else "same",
        ways=listed(map(_way_words, one.ways.items()), "each-and") if one.ways else "",
    )


def _way_words(way: tuple[UnitKindName, Way]) -> Message:
    return message("remedy-way", kind=BY_NAME[way[0]].words, way=way[1].words)


def chances_words(one: Remedy) -> Message:
    """How likely the blocks come out good before and after a remedy."""
    before = percent(one.good_before)
    if one.do == "nothing":
        return message("remedy-nothing", before=before)
    return message("remedy-good", before=before, after=percent(one.good_after))


def care_words(found: Diagnosis) -> list[Message]:
    """What to mind with the rest, by what was wrong with the trial block alone."""
    kinds = dict.fromkeys(one.kind for one in found.causes)
    return [message("rest-mind", kind=kind) for kind in kinds if kind not in ("seam", "press")]


@dataclass(frozen=True, kw_only=True)
class LeftOver:
    """What was left of a strip of the trial: its length, how many pieces it gave, what was left;
    lengths in the draft's unit.
    """

    length: Fraction
    pieces: int
    left: Fraction

    def next_length(self, pieces: int, step: Fraction, squaring: Fraction) -> Fraction:
        """How long the next strip must be for so many pieces: what each took, and once what
        squaring up the ends takes, up to the ruler's next step. A strip that took no more than that
        was not squared up.

        >>> LeftOver(length=Fraction(20), pieces=8, left=Fraction(1)).next_length(
        ...     16, Fraction(1, 8), Fraction(1)
        ... )
        Fraction(37, 1)
        """
        took = self.length - self.left
        once = squaring if took > squaring else Fraction(0)
        wanted = (took - once) * pieces / self.pieces + squaring
        return -(-wanted // step) * step


def left_over_words(left: LeftOver, wanted: int, step: Fraction, unit: LengthUnit) -> Message:
    """What was left, and how long the next strip must be for so many pieces, in a sentence."""
    squaring = USUAL[unit].squaring
    longer = show(left.next_length(wanted, step, squaring), unit)
    return message(
        "strip-left-over",
        length=show(left.length, unit),
        pieces=left.pieces,
        left=show(left.left, unit),
        next=longer,
        wanted=wanted,
        squaring=show(squaring, unit),
    )
