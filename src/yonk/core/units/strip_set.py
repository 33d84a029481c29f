"""Strip set: long strips sewn side by side, then cut across into segments; each segment is one unit
(rails).
"""

from collections.abc import Sequence
from functools import partial

from yonk.core.drawing import Region
from yonk.core.paper import Length, Text, message
from yonk.core.sewing import Motion, SewnWork, bounds
from yonk.core.units.needs import Cloth, Need, Terms, about_mark, rectangle_need
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    Counted,
    FoundPart,
    MakingJob,
    Method,
    RecognisedUnit,
    Unit,
    UnitKind,
    in_batches_of,
)


def strip(cloth: Cloth, width: Length, segment: Length, segments: int, terms: Terms) -> Need:
    """One strip of a strip set, as long as all its segments need with the ends squared up."""
    across = Length((segment + terms.both_seams).nearest(terms.step))
    long = across * segments + terms.squaring
    return Need(
        fabric=cloth.fabric,
        letter=cloth.letter,
        role=cloth.role,
        shape="strip",
        width=long,
        height=width + terms.both_seams,
        rounding="nearest",
        pieces=1,
        segment=across,
        working=(
            message(
                "work-strip-wide",
                finished=terms.show(width),
                seam=terms.show(terms.seam),
                wide=terms.show(width + terms.both_seams),
            ),
            message(
                "work-strip-long",
                segments=segments,
                across=terms.show(across),
                squaring=terms.show(terms.squaring),
                long=terms.show(long),
            ),
        ),
    )


def segments_in_a_set(segment: Length, terms: Terms) -> int:
    """How many segments a strip set as long as the width of fabric gives, its ends squared up."""
    across = (segment + terms.both_seams).nearest(terms.step)
    return max(1, int((terms.settings.usable - terms.squaring) / max(across, terms.step)))


def _sets(unit: Unit, terms: Terms, lots: int) -> list[int]:
    return in_batches_of(segments_in_a_set(unit.parts[0].height, terms))(unit, terms, lots)


def _strips(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [strip(part.cloth, part.width, part.height, lots, terms) for part in unit.parts]


def _single(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [rectangle_need(part.cloth, part.width, part.height, terms, lots) for part in unit.parts]


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
    long = float(job.unit.parts[0].height) + 2 * job.table.seam
    pieces = [lying_rectangle(pieces[0], long) for pieces in job.pieces]
    return [sew_side_by_side(job, pieces, message("sew-pieces"))]


def row_length(parts: Sequence[tuple[Length, Length]], terms: Terms) -> tuple[float, float]:
    """How long pieces of these finished sizes along and across a row lie when sewn, as listed, and
    how high.
    """
    inside = 2 * float(terms.seam)
    wide, high = zip(*((on_ruler(a, terms), on_ruler(b, terms)) for a, b in parts), strict=True)
    return sum(wide) - inside * (len(wide) - 1), min(high)


def on_ruler(finished: Length, terms: Terms) -> float:
    """What a plain side is listed as, its seam allowances with it."""
    return float(max(terms.step, (finished + terms.both_seams).nearest(terms.step)))


def strip_set_oversize(unit: Unit, wide: float, high: float, terms: Terms) -> tuple[float, float]:
    """How much larger than unfinished; across and down as the unit lies."""
    both = float(terms.both_seams)
    return wide - float(unit.region.length(unit.region.width, unit.scale)) - both, high - float(
        unit.region.length(unit.region.height, unit.scale)
    ) - both


def _counted(unit: Unit, terms: Terms, lots: int, *, in_strips: bool) -> Counted:
    seams = len(unit.parts) - 1
    sides = [(part.width, part.height) for part in unit.parts]
    across, long = row_length(sides, terms)
    whole = long * lots + float(terms.squaring)
    upright = unit.region.upright_cuts  # of the bands, so they stand
    return Counted(
        seams=seams if in_strips else seams * lots,
        cuts=lots + 1 if in_strips else 0,
        length=seams * (whole if in_strips else long * lots),
        kept=sum(on_ruler(a, terms) * on_ruler(b, terms) for a, b in sides),
        oversize=strip_set_oversize(unit, *((across, long) if upright else (long, across)), terms),
        prints="upright",
        strips_level=not upright if in_strips else None,
    )


class StripSet(UnitKind):
    kind = "strip-set"
    words = message("kind-strip-set")
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
    )

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
