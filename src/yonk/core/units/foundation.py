"""Foundation: rough pieces sewn one after the other on a printed foundation, trimmed to its lines.

No formula tells what is cut: each piece is the box of its patch, as it lies best, and so much more
on every side. The seams lie on printed lines, so nothing that is cut moves them.

Source: foundation piecing in `docs/units.md`.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from math import hypot

import shapely

from yonk.core.drawing import Ring, Spot
from yonk.core.paper import (
    XY,
    Decimal,
    Length,
    LengthUnit,
    Polygon,
    Rational,
    Text,
    listed,
    message,
    suffix_of,
)
from yonk.core.sewing import (
    Layers,
    Motion,
    SewnWork,
    TableLine,
    TableSegment,
    area,
    common,
    length,
    split,
)
from yonk.core.units.needs import Need, Terms
from yonk.core.units.sections import SeamLine, Sections, SectionStep, sections_of
from yonk.core.units.unit import Counted, MakingJob, Method, Part, Prints, Unit

# Beyond the seam allowance, on every side: room for a piece that is laid askew.
MORE: dict[LengthUnit, Fraction] = {"in": Fraction(1, 4), "cm": Fraction(3, 5)}
WORTH_TURNING = 0.8  # of the upright box's cloth: only so much less is worth cutting off the grain
_FINEST = 10**9  # a box is told to so fine a part of a unit
_SHARPEST = 4.0  # allowances that a point of a section may reach out before it is cut off


@dataclass(frozen=True)
class RoughPiece:
    """The rectangle that a patch is cut from: the middle of the patch's box as it lies in the unit,
    which way its longer side lies, and the finished sides of the box, in the draft's unit.
    """

    middle: XY
    along: XY
    sides: tuple[float, float]

    @property
    def upright(self) -> bool:
        """Whether its sides lie along the unit's."""
        return min(map(abs, self.along)) < 1e-9


def sectioned(unit: Unit) -> Sections | None:
    """The sections of a unit by the numbers of its region's pieces; None where it has none."""
    if "sections" not in unit.worked_out:
        found = None if unit.has_middle else sections_of(unit.region.pieces)
        unit.worked_out["sections"] = found
    sections: Sections | None = unit.worked_out["sections"]
    return sections


def rough_piece(unit: Unit, part: Part) -> RoughPiece:
    """How a patch of a unit is roughly cut: along the unit's sides where it lies on its outside, so
    that the straight grain does, or where that costs hardly more; else as its box is least.
    """
    known: dict[int, RoughPiece] = unit.worked_out.setdefault("rough pieces", {})
    face = part.piece.face
    if face not in known:
        known[face] = _roughly(unit, part)
    return known[face]


def _roughly(unit: Unit, part: Part) -> RoughPiece:
    by, ring = _to_length(unit), _ring(unit, part)
    spots = [(x * by, y * by) for x, y in ring]
    ways = [(1.0, 0.0), *(_way(a, b) for a, b in zip(spots, spots[1:] + spots[:1], strict=True))]
    boxes = [_box(spots, way) for way in ways]
    best = min(boxes, key=lambda box: round(box.sides[0] * box.sides[1], 9))
    upright = boxes[0]
    cloth = [box.sides[0] * box.sides[1] for box in (best, upright)]
    outside = _lies_outside(ring, unit)
    return upright if outside or cloth[0] > WORTH_TURNING * cloth[1] else best


def _way(start: XY, end: XY) -> XY:
    long = hypot(end[0] - start[0], end[1] - start[1])
    return (end[0] - start[0]) / long, (end[1] - start[1]) / long


def _box(spots: Sequence[XY], way: XY) -> RoughPiece:
    (dx, dy), along, across = way, [], []
    for x, y in spots:
        along.append(x * dx + y * dy)
        across.append(y * dx - x * dy)
    wide, high = max(along) - min(along), max(across) - min(across)
    a, b = (max(along) + min(along)) / 2, (max(across) + min(across)) / 2
    middle = a * dx - b * dy, a * dy + b * dx
    return RoughPiece(
        middle, way if wide >= high else (-dy, dx), (max(wide, high), min(wide, high))
    )


def _lies_outside(ring: Sequence[Spot], unit: Unit) -> bool:
    """Whether a side of a patch lies on the outside of its unit."""
    wide, high = unit.region.width, unit.region.height
    return any(
        a[axis] == b[axis] and a[axis] in (0, (wide, high)[axis])
        for a, b in zip(ring, (*ring[1:], ring[0]), strict=True)
        for axis in (0, 1)
    )


def _ring(unit: Unit, part: Part) -> Ring:
    """The outline of a part as it lies in the unit: it is recognised in a frame of its own."""
    rings: dict[int, Ring] = {piece.face: piece.ring for piece in unit.region.pieces}
    return rings[part.piece.face]


def _to_length(unit: Unit) -> float:
    if "to length" not in unit.worked_out:
        region = unit.region
        whole = float(region.length(region.width, unit.scale))
        unit.worked_out["to length"] = whole / region.width
    found: float = unit.worked_out["to length"]
    return found


def _needs(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [_rough_need(unit, part, terms, lots) for part in unit.parts]


def _rough_need(unit: Unit, part: Part, terms: Terms, lots: int) -> Need:
    each = terms.seam + MORE[terms.unit]
    size = [Length(side) for side in _rough_sides(unit, part, terms)]
    box = [side - 2 * each for side in size]
    square = abs(float(box[0]) - float(box[1])) < 1e-6
    shown = [
        message("work-by", width=_shown(a, terms), height=_shown(b, terms)) for a, b in (box, size)
    ]
    return Need(
        fabric=part.cloth.fabric,
        letter=part.cloth.letter,
        role=part.cloth.role,
        shape="square" if square else "rectangle",
        width=size[0],
        height=size[0] if square else size[1],
        rounding="up",
        pieces=lots,
        working=(
            message("work-box-of-patch", size=shown[0]),
            message("work-rough-all-round", more=terms.show(each), size=shown[1]),
        ),
    )


def _rough_sides(unit: Unit, part: Part, terms: Terms) -> tuple[Fraction, Fraction]:
    """The sides of a rough piece before the ruler, the longer first."""
    each = terms.seam + MORE[terms.unit]
    long, short = (
        Fraction(round(side * _FINEST), _FINEST) + 2 * each
        for side in rough_piece(unit, part).sides
    )
    return long, short


def _shown(length: Length | Rational, terms: Terms) -> Text:
    """A length as a fraction where a ruler may have it, else as decimals."""
    exact = Length.of(length).rational
    if (exact * 64).denominator == 1 or terms.unit == "cm":
        return terms.show(length)
    return listed((Decimal(float(exact), 3), suffix_of(terms.unit)), "nothing")


def _sew(job: MakingJob) -> list[SewnWork]:
    """Section by section, from its first patch on; then the sections."""
    sections = sectioned(job.unit)
    assert sections is not None, "only what has sections is made so"
    made = [_section(job, steps) for steps in sections.sections]
    for number, (one, other, seam) in enumerate(sections.joins):
        work = _sewn_on(
            job, made[one], made[other], seam, message("foundation-join"), again=number > 0
        )
        made += job.table.open([work], outward=True, again=number > 0)
    return [made[-1]]


def _section(job: MakingJob, steps: Sequence[SectionStep]) -> SewnWork:
    table = job.table
    work = _laid(job, steps[0])
    for step in steps[1:]:
        assert step.seam is not None
        again = step is not steps[1]
        sewn = _sewn_on(
            job, work, _laid(job, step), step.seam, message("foundation-sew"), again=again
        )
        bits = table.cut_apart(
            [sewn],
            [_beyond(job, step)],
            message("foundation-trim-seam", allowance=job.terms.show(job.terms.seam)),
            again=again,
        )
        main = next(bit for bit in bits if bit.sewn)
        words = message("foundation-press")
        (work,) = table.open([main], words, outward=True, again=again)
    outline = section_outline(job.unit, [step.piece for step in steps], table.seam)
    return table.cut_round(work, outline, message("foundation-trim-round"))


def _laid(job: MakingJob, step: SectionStep) -> SewnWork:
    """A rough piece right side up where it comes to lie."""
    number = _part_number(job.unit, step.piece)
    rough = rough_piece(job.unit, job.unit.parts[number])
    return job.pieces[number][0].moved(Motion.turning((1.0, 0.0), rough.along, onto=rough.middle))


def _part_number(unit: Unit, piece: int) -> int:
    face = unit.region.pieces[piece].face
    return next(n for n, part in enumerate(unit.parts) if part.piece.face == face)


def _sewn_on(
    job: MakingJob, work: SewnWork, piece: SewnWork, seam: SeamLine, words: Text, *, again: bool
) -> Layers:
    """What comes to lie on the other side of a seam, folded over it and sewn."""
    line = TableLine.between(*_stretch(job.unit, seam))
    down = piece.moved(Motion.folding(line))
    along = _stretch(job.unit, seam, job.table.seam)
    return job.table.sew_along(Layers(work, (down,)), along, words, again=again)


def _beyond(job: MakingJob, step: SectionStep) -> TableLine:
    """Where both allowances of a seam are cut: on the side of the patch that it brings."""
    assert step.seam is not None
    line = TableLine.between(*_stretch(job.unit, step.seam))
    return line.beside(job.table.seam if _on_the_right(job.unit, step) else -job.table.seam)


def _on_the_right(unit: Unit, step: SectionStep) -> bool:
    """Whether a patch lies on the right of the seam that it is sewn along."""
    assert step.seam is not None
    ring = unit.region.pieces[step.piece].ring
    return max((step.seam.side(spot) for spot in ring), key=abs) > 0


def _stretch(unit: Unit, seam: SeamLine, beyond: float = 0.0) -> TableSegment:
    """A seam at its true size, so far sewn beyond its ends."""
    by = _to_length(unit)
    (ax, ay), (bx, by_) = seam.start, seam.end
    line = TableLine.between((ax * by, ay * by), (bx * by, by_ * by))
    return line.at(-beyond), line.at(hypot(bx - ax, by_ - ay) * by + beyond)


def patch_outline(unit: Unit, piece: int) -> Polygon:
    """The finished outline of a patch, by its number among the pieces of the unit's region, in the
    draft's unit from the corner of the unit.
    """
    by = _to_length(unit)
    return tuple((x * by, y * by) for x, y in unit.region.pieces[piece].ring)


def section_outline(unit: Unit, pieces: Sequence[int], allowance: float) -> Polygon:
    """The outline of a section with an allowance round it, clockwise as seen, in the draft's unit
    from the corner of the unit.
    """
    by = _to_length(unit)
    rings = [[(x * by, y * by) for x, y in unit.region.pieces[one].ring] for one in pieces]
    whole = shapely.unary_union([shapely.Polygon(ring) for ring in rings])
    grown = whole.buffer(allowance, join_style="mitre", mitre_limit=_SHARPEST).simplify(1e-9)
    spots = [(float(x), float(y)) for x, y in shapely.normalize(grown).exterior.coords[:-1]]
    twice = sum(
        a[0] * b[1] - b[0] * a[1] for a, b in zip(spots, spots[1:] + spots[:1], strict=True)
    )
    return tuple(spots if twice > 0 else spots[::-1])


def _counted(unit: Unit, terms: Terms, lots: int) -> Counted:
    """Foundations by counting: a seam for every patch but one, cut once; each section cut round."""
    key = "on a foundation", terms.seam, terms.step
    if key not in unit.worked_out:
        unit.worked_out[key] = _counted_once(unit, terms)
    one: Counted = unit.worked_out[key]
    return replace(one, seams=one.seams * lots, cuts=one.cuts * lots, length=one.length * lots)


def _counted_once(unit: Unit, terms: Terms) -> Counted:
    sections = sectioned(unit)
    assert sections is not None, "only what has sections is made so"
    allowance = float(terms.seam)
    outlines = [
        section_outline(unit, [step.piece for step in steps], allowance)
        for steps in sections.sections
    ]
    seams = [step.seam for steps in sections.sections for step in steps if step.seam]
    cuts = len(seams) + sum(map(len, outlines))
    seams += [seam for *_, seam in sections.joins]
    turned = any(not rough_piece(unit, part).upright for part in unit.parts)
    prints: Prints = "turned" if turned else "upright"
    return Counted(
        seams=len(seams),
        cuts=cuts,
        length=sum(length(_stretch(unit, seam, allowance)) for seam in seams),
        kept=sum(
            _kept(unit, terms, steps, outline)
            for steps, outline in zip(sections.sections, outlines, strict=True)
        ),
        oversize=(0.0, 0.0),
        prints=prints,
    )


def _kept(unit: Unit, terms: Terms, steps: Sequence[SectionStep], outline: Polygon) -> float:
    """The cloth of a section that stays: of each piece what lies inside the section's outline, and
    neither beyond its own seam's allowance nor beyond those of the seams after it.
    """
    left, total, allowance = outline, 0.0, float(terms.seam)
    for step in reversed(steps):
        part = unit.parts[_part_number(unit, step.piece)]
        sides = tuple(
            float(Length(Fraction(side)).up(terms.step)) for side in _rough_sides(unit, part, terms)
        )
        piece = _rectangle(rough_piece(unit, part), sides)
        if step.seam is None:
            total += area(common(piece, left))
            continue
        ends = _stretch(unit, step.seam)
        line = TableLine.between(*(ends if _on_the_right(unit, step) else ends[::-1]))
        shown, beyond = split(piece, line)
        behind = split(beyond, line.beside(-allowance))[0] if beyond else ()
        total += area(common(shown, left))
        if behind:
            total += area(common(Motion.folding(line).outline(behind), left))
        left = split(left, line.beside(allowance))[1]
    return total


def _rectangle(rough: RoughPiece, sides: tuple[float, ...]) -> Polygon:
    """A rough piece as it is cut, where it comes to lie."""
    (x, y), (dx, dy) = rough.middle, rough.along
    long, short = sides[0] / 2, sides[1] / 2
    return tuple(
        (x + a * long * dx - b * short * dy, y + a * long * dy + b * short * dx)
        for a, b in ((-1, -1), (1, -1), (1, 1), (-1, 1))
    )


FOUNDATION = Method(
    name="foundation",
    words=message("way-foundation"),
    lot=1,
    needs=_needs,
    sew=_sew,
    counted=_counted,
    suits=lambda unit: sectioned(unit) is not None,
    on_lines=True,
)
