"""Carrying a method out: its pieces cut at exact, ruler or given sizes, sewn at the table, and laid
under the drafted unit.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from math import sqrt

from yonk.core.paper import Fabric, Length, Polygon, Rational, Text, listed, message
from yonk.core.sewing import (
    Fit,
    Landmarks,
    Practice,
    SewnWork,
    StartPiece,
    Table,
    Target,
    area,
    bias_sides,
    rectangle,
)
from yonk.core.units.needs import YIELDS, Need, Size, Terms
from yonk.core.units.unit import MakingJob, Method, Unit


@dataclass(frozen=True)
class CarriedOut:
    """What came of a number of lots: the needs, the table with its record, and each sewn work under
    the drafted unit.
    """

    target: Target
    needs: tuple[Need, ...]
    table: Table
    works: tuple[SewnWork, ...]
    fits: tuple[Fit, ...]
    in_pairs: bool = False

    @property
    def sound(self) -> bool:
        """Whether every unit, trimmed, is the drafted one; or its mirror image, where the method
        makes such pairs.
        """
        return bool(self.fits) and all(
            one.sound and (self.in_pairs or not one.mirrored) for one in self.fits
        )

    @property
    def bias_sides(self) -> int:
        """On how many of a unit's four outer sides the cloth lies on the bias."""
        return bias_sides(self.fits[0].work, self.target)


def target_of(unit: Unit, seam: Fraction, slack: Fraction = Fraction(0)) -> Target:
    """The drafted unit that a sewn work is laid on.

    Args:
        seam: the allowance that must be left on every outer edge, in the draft's unit.
        slack: how far a seam may lie from where it was drafted.

    Returns: its outlines with their fabrics; a middle that is an assembly of its own is one piece.
    """
    region = unit.region
    to_length = float(region.length(region.width, unit.scale)) / region.width
    fabrics = {part.piece.face: part.cloth.fabric for part in unit.parts}
    parts = [(_outline(piece.ring, to_length), fabrics[piece.face]) for piece in region.pieces]
    wide, high = region.width * to_length, region.height * to_length
    if unit.has_middle:
        parts.append((_middle(unit, wide / 2), ""))
    return Target(tuple(parts), wide, high, float(seam), float(slack))


def _middle(unit: Unit, centre: float) -> Polygon:
    """The square inside the innermost round; after an odd number of rounds it stands on point."""
    corners = unit.playing("corner")
    leg = min(float(part.width) for part in corners)
    if len(corners) // 4 % 2:
        return (
            (centre - leg, centre),
            (centre, centre - leg),
            (centre + leg, centre),
            (centre, centre + leg),
        )
    side = leg * sqrt(2)
    return rectangle(side, side, centre - side / 2, centre - side / 2)


def _outline(ring: Sequence[tuple[int, int]], to_length: float) -> Polygon:
    outline = tuple((x * to_length, y * to_length) for x, y in ring)
    return outline if area(outline) > 0 else outline[::-1]


def carry_out(
    unit: Unit,
    method: Method,
    terms: Terms,
    *,
    lots: int = 1,
    sizes: Sequence[Size] | None = None,
    fabrics: Mapping[str, Fabric] | None = None,
    looked_at: int | None = None,
    slack: Fraction | None = None,
    exact: bool = False,
    laid: Mapping[int, int] | None = None,
    landmarks: Landmarks | None = None,
) -> CarriedOut:
    """Make so many lots of a unit at the table.

    Args:
        unit: as it is drafted; lengths in its draft's unit, as in `terms`.
        lots: how many, made together where the method does that.
        sizes: the width and height that the pieces of each need are cut at; without them
        the ruler's.
        fabrics: what the fabrics are called and how light they are, by their keys.
        looked_at: how many of the sewn works are laid under the drafted unit; without it all.
        slack: how far a seam may lie from where it was drafted; without it what the ruler
        alone moves.
        exact: that corners are cut off exactly too, not at the ruler's marks.
        laid: by how many quarters clockwise the print of a piece is turned before it is used, by
        the number of the piece in the order of cutting, from one; without it none.
        landmarks: by what it is trimmed; without them that is not told.

    Returns: the table with its record, and how each work fits the drafted unit.

    Raises: `SewingError` where the pieces cannot be sewn so, as when they are far too small.
    """
    needs = tuple(method.needs(unit, terms, lots))
    target = target_of(
        unit, terms.seam, slack or (ruler_slack(needs, terms) if sizes is None else Fraction(0))
    )
    table = Table(
        Practice(terms.seam, terms.unit, terms.settings.stitch, terms.settings.press, terms.press),
        fabrics,
    )
    if method.sew is None:
        return CarriedOut(target, needs, table, (), ())
    cut = [need.rounded(terms.step) for need in needs] if sizes is None else sizes
    table.laid = laid or {}
    pieces = [_cut(table, need, size) for need, size in zip(needs, cut, strict=True)]
    table.record_cuts(_as_cut(needs, [works for works, _ in pieces], cut, terms))
    works = _lots(
        method,
        MakingJob(table, unit, terms, lots, [list(parts) for _, parts in pieces], exact),
        needs,
    )
    both = terms.both_seams
    wide, high = max(unit.width, unit.height), min(unit.width, unit.height)
    sides = [measured_work(side + both, terms) for side in dict.fromkeys((wide, high))]
    fits = table.trim(works[:looked_at], target, listed(sides, "times"), landmarks)
    return CarriedOut(target, needs, table, tuple(works), tuple(fits), method.mirrors)


def measured_work(length: Length | Rational, terms: Terms) -> Text:
    """A length that is read off a ruler: between which marks it lies where there is none for it."""
    exact = Length.of(length)
    low = (exact / terms.step).floor() * terms.step
    if exact == low:
        return terms.show(exact)
    return message(
        "size-between-marks",
        exact=terms.show(exact),
        low=terms.show(low),
        high=terms.show(low + terms.step),
    )


def ruler_slack(needs: Sequence[Need], terms: Terms) -> Fraction:
    """How far the ruler alone may move a seam: a hair, what a corner cut off is off, and what a
    centre is larger or smaller that is trimmed only with its corners.
    """
    grown = [
        abs(float(need.rounded(terms.step)[0]) - float(need.width))
        for need in needs
        if need.role == "centre"
    ]
    grown += [
        abs(float(corner.exact - corner.listed))
        for need in needs
        for corner in need.corners_off
        if corner
    ]
    return terms.hair + Fraction(max(grown, default=0.0)).limit_denominator(10**6)


def _lots(method: Method, job: MakingJob, needs: Sequence[Need]) -> list[SewnWork]:
    """One lot after the other from its own pieces, unless they are made together; the first stays
    on record.
    """
    assert method.sew is not None
    if method.together or job.lots == 1:
        return method.sew(job)
    works: list[SewnWork] = []
    for lot in range(job.lots):
        each = [need.pieces // job.lots for need in needs]
        own = [
            parts[lot * count : (lot + 1) * count]
            for parts, count in zip(job.pieces, each, strict=True)
        ]
        works += method.sew(replace(job, lots=1, pieces=own))
        job.table.recording = False
    job.table.recording = True
    return works


def _as_cut(
    needs: Sequence[Need], pieces: Sequence[Sequence[SewnWork]], sizes: Sequence[Size], terms: Terms
) -> list[StartPiece]:
    """What is cut, alike pieces together: one of them, how many, its size in words, and how it is
    cut further.
    """
    rows: dict[object, tuple[SewnWork, Need, tuple[Text, Text], int]] = {}
    for need, works, size in zip(needs, pieces, sizes, strict=True):
        width, height = (terms.show(side) for side in size)
        key = need.fabric, width, height, need.subcut, need.diagonal
        count = need.pieces + (rows[key][3] if key in rows else 0)
        rows[key] = works[0], need, (width, height), count
    return [
        StartPiece(
            work,
            -(-count // YIELDS[need.subcut]),
            sides,
            need.subcut,
            need.diagonal,
            _lengthwise(need, terms),
        )
        for work, need, sides, count in rows.values()
    ]


def _lengthwise(need: Need, terms: Terms) -> Text:
    """What is to be done about a strip that is longer than the cloth is wide."""
    if need.shape != "strip" or need.width <= terms.settings.usable:
        return ""
    strips = -int(-need.width.rational // terms.settings.usable)
    return message("in-lengths", strips=strips, usable=terms.show(terms.settings.usable))


def _cut(table: Table, need: Need, size: Size) -> tuple[list[SewnWork], list[SewnWork]]:
    """The squares or rectangles of a need, and what they are cut into."""
    width, height = float(size[0]), float(size[1])
    works = [table.piece(width, height, need.fabric) for _ in range(need.cuts)]
    if need.subcut == "one-diagonal":
        return works, [
            part for work in works for part in table.cut_once(work, rising=need.diagonal != "left")
        ]
    if need.subcut == "both-diagonals":
        return works, [part for work in works for part in table.cut_twice(work)]
    return works, works
