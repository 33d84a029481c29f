"""Strip set: long strips sewn side by side, then cut across into segments; each segment is one unit
(rails).
"""

from collections.abc import Sequence
from dataclasses import replace
from fractions import Fraction
from functools import partial

from yonk.core.drawing import Region
from yonk.core.paper import Length, Text, message
from yonk.core.sewing import Motion, SewnWork, bounds
from yonk.core.units.divided import bars
from yonk.core.units.foundation import FOUNDATION
from yonk.core.units.needs import NOUGHT, Cloth, Need, Terms, about_mark, rectangle_need
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    Counted,
    FoundPart,
    MakingJob,
    Method,
    Part,
    RecognisedUnit,
    Unit,
    UnitKind,
    in_batches_of,
)


def strip(
    cloth: Cloth,
    width: Length,
    segment: Length,
    segments: int,
    terms: Terms,
    larger: Fraction = NOUGHT,
    longer: Fraction = NOUGHT,
) -> Need:
    """One strip of a strip set, as long as all its segments need with the ends squared up; so much
    wider and its segments so much longer to be trimmed.
    """
    across = Length(on_ruler(segment, terms, longer))
    long = across * segments + terms.squaring
    return Need(
        fabric=cloth.fabric,
        letter=cloth.letter,
        role=cloth.role,
        shape="strip",
        width=long,
        height=width + terms.both_seams + larger,
        rounding="up" if larger else "nearest",
        pieces=1,
        segment=across,
        working=(
            message(
                "work-strip-wide",
                finished=terms.show(width),
                seam=terms.show(terms.seam),
                wide=terms.show(width + terms.both_seams),
            ),
            *([_to_trim(cloth, larger, width, terms)] if larger else []),
            message(
                "work-strip-long",
                segments=segments,
                across=terms.show(across),
                squaring=terms.show(terms.squaring),
                long=terms.show(long),
            ),
        ),
    )


def _to_trim(cloth: Cloth, larger: Fraction, width: Length, terms: Terms) -> Text:
    return message(
        "work-to-trim-gives",
        trim=terms.show(larger),
        set=terms.margin(cloth.role).set_for,
        sum=terms.show(width + terms.both_seams + larger),
    )


def segments_in_a_set(segment: Length, terms: Terms, longer: Fraction = NOUGHT) -> int:
    """How many segments a strip set as long as the width of fabric gives, its ends squared up."""
    across = on_ruler(segment, terms, longer)
    return max(1, int((terms.settings.usable - terms.squaring) / max(across, terms.step)))


def _sets(unit: Unit, terms: Terms, lots: int) -> list[int]:
    first = unit.parts[0]
    count = segments_in_a_set(first.height, terms, terms.own_trim_of(first.cloth.role))
    return in_batches_of(count)(unit, terms, lots)


def _to_be_trimmed(unit: Unit, terms: Terms) -> list[tuple[Part, Fraction, Fraction]]:
    """The strips with how much wider and longer each is cut, where that is set for them: longer are
    all, wider those on the outside, by half of it each, so that what is trimmed is even.
    """
    margin = terms.own_trim_of(unit.parts[0].cloth.role)
    outer = unit.parts[0], unit.parts[-1]
    return [(part, margin / 2 if part in outer else NOUGHT, margin) for part in unit.parts]


def _strips(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [
        strip(part.cloth, part.width, part.height, lots, terms, larger, longer)
        for part, larger, longer in _to_be_trimmed(unit, terms)
    ]


def _single(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [
        _larger(rectangle_need(part.cloth, part.width, part.height, terms, lots), part, by, terms)
        for part, *by in _to_be_trimmed(unit, terms)
    ]


def _larger(need: Need, part: Part, by: Sequence[Fraction], terms: Terms) -> Need:
    """A strip cut singly, so much wider and longer."""
    if not any(by):
        return need
    sides = [
        side + terms.both_seams + more
        for side, more in zip((part.width, part.height), by, strict=True)
    ]
    wide, high = max(sides), min(sides)
    return replace(
        need,
        shape="square" if wide == high else "rectangle",
        width=wide,
        height=high,
        rounding="up",
        working=(
            *need.working,
            message(
                "work-to-trim-gives",
                trim=terms.show(by[1]),
                set=terms.margin(part.cloth.role).set_for,
                sum=message("work-by", width=terms.show(wide), height=terms.show(high)),
            ),
        ),
    )


def sew_side_by_side(
    job: MakingJob, pieces: Sequence[SewnWork], words: Text, *, again: bool = False
) -> SewnWork:
    """Pieces of one length sewn one below the other along their long edges."""
    work = pieces[0]
    for number, piece in enumerate(pieces[1:]):
        left, _, right, bottom = bounds(work.outlines)
        its_left, top, its_right, _ = bounds(piece.outlines)
        edge, along = ((right, bottom), (left, bottom)), ((its_left, top), (its_right, top))
        work = job.table.join(work, edge, piece, along, words=words, again=again or number > 0)
    return work


def lying_rectangle(piece: SewnWork, width: float) -> SewnWork:
    """A rectangle lying with `width` across; a cut is listed long side first."""
    left, top, right, bottom = bounds(piece.outlines)
    if abs(right - left - width) <= abs(bottom - top - width):
        return piece
    return piece.moved(Motion.turning((1.0, 0.0), (0.0, 1.0)))


def cut_segments(job: MakingJob, strip_set: SewnWork, count: int) -> list[SewnWork]:
    """A strip set squared up and cut across into as many segments as its length was planned for."""
    left, _, right, _ = bounds(strip_set.outlines)
    every = (right - left - float(job.terms.squaring)) / count
    said = about_mark(every, job.terms)
    return job.table.cut_across(strip_set, every, count, message("cut-across-every", size=said))


def _sew_strips(job: MakingJob) -> list[SewnWork]:
    strips = [pieces[0] for pieces in job.pieces]
    work = sew_side_by_side(job, strips, message("sew-strips"))
    return cut_segments(job, work, job.lots)


def _sew_single(job: MakingJob) -> list[SewnWork]:
    first = job.unit.parts[0]
    long = float(on_ruler(first.height, job.terms, job.terms.own_trim_of(first.cloth.role)))
    pieces = [lying_rectangle(pieces[0], long) for pieces in job.pieces]
    return [sew_side_by_side(job, pieces, message("sew-pieces"))]


def row_length(sides: Sequence[tuple[float, float]], terms: Terms) -> tuple[float, float]:
    """How long pieces that are cut so wide along and across a row lie when sewn, and how high."""
    inside = 2 * float(terms.seam)
    wide, high = zip(*sides, strict=True)
    return sum(wide) - inside * (len(wide) - 1), min(high)


def on_ruler(finished: Length, terms: Terms, larger: Fraction = NOUGHT) -> Fraction:
    """What a plain side is listed as, its seam allowances with it; what is larger to be trimmed is
    rounded up.
    """
    exact = finished + terms.both_seams + larger
    return max(terms.step, exact.up(terms.step) if larger else exact.nearest(terms.step))


def strip_set_oversize(unit: Unit, wide: float, high: float, terms: Terms) -> tuple[float, float]:
    """How much larger than unfinished; across and down as the unit lies."""
    both = float(terms.both_seams)
    return wide - float(unit.region.length(unit.region.width, unit.scale)) - both, high - float(
        unit.region.length(unit.region.height, unit.scale)
    ) - both


def _counted(unit: Unit, terms: Terms, lots: int, *, in_strips: bool) -> Counted:
    seams = len(unit.parts) - 1
    sides = [
        (float(on_ruler(part.width, terms, wider)), float(on_ruler(part.height, terms, longer)))
        for part, wider, longer in _to_be_trimmed(unit, terms)
    ]
    across, long = row_length(sides, terms)
    whole = long * lots + float(terms.squaring)
    upright = unit.region.upright_cuts  # of the bands, so they stand
    return Counted(
        seams=seams if in_strips else seams * lots,
        cuts=lots + 1 if in_strips else 0,
        length=seams * (whole if in_strips else long * lots),
        kept=sum(a * b for a, b in sides),
        oversize=strip_set_oversize(unit, *((across, long) if upright else (long, across)), terms),
        prints="upright",
        strips_level=not upright if in_strips else None,
    )


class StripSet(UnitKind):
    kind = "strip-set"
    words = message("kind-strip-set")
    part_names = ("strip",)
    usual_division = "1 1 1"
    stamp = Stamp("0 1/3 1 1/3, 0 2/3 1 2/3", "1/2 1/6 0, 1/2 1/2 1, 1/2 5/6 2")
    methods = (
        Method(
            name="strip-piecing",
            words=message("way-long-strips"),
            lot=1,
            needs=_strips,
            sew=_sew_strips,
            together=True,
            batches=_sets,
            counted=partial(_counted, in_strips=True),
        ),
        Method(
            name="cut-and-sew",
            words=message("way-singly"),
            lot=1,
            needs=_single,
            sew=_sew_single,
            counted=partial(_counted, in_strips=False),
        ),
        FOUNDATION,
    )

    def divided(self, text: str) -> Stamp | None:
        return bars(text)

    def recognise(self, region: Region) -> RecognisedUnit | None:
        one_way = bool(region.upright_cuts) != bool(region.level_cuts)
        bands = len(region.upright_cuts) + len(region.level_cuts) + 1
        if (
            not one_way
            or len(region.pieces) != bands
            or not all(piece.fills_its_box for piece in region.pieces)
        ):
            return None
        parts = []
        for place, piece in enumerate(sorted(region.pieces, key=lambda piece: piece.box)):
            left, top, right, bottom = piece.box
            wide, long = (
                (right - left, bottom - top)
                if region.upright_cuts
                else (bottom - top, right - left)
            )
            parts.append(FoundPart(piece, "strip", wide, long, spot=(0, place)))
        return RecognisedUnit(tuple(parts))
