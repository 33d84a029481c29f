"""Flying geese: a rectangle twice as wide as high; one large triangle (the goose) and two small
(the sky).
"""

from collections.abc import Iterable, Sequence
from dataclasses import replace
from math import copysign, sqrt

from yonk.core.drawing import Region
from yonk.core.paper import ROOT_2, XY, Length, Message, Rational, message, sentences, show_exact
from yonk.core.sewing import Layers, SewnWork, TableLine, bounds, from_the_longest, longest_side
from yonk.core.units.foundation import FOUNDATION
from yonk.core.units.needs import Need, Size, Terms, isosceles, rectangle_need, square
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    FoundPart,
    MakingJob,
    Method,
    RecognisedUnit,
    Unit,
    UnitKind,
    corner_sets,
    in_every_turn,
    on_point,
)


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    goose, *skies = unit.parts
    width, height = goose.width, goose.height
    return [
        isosceles(
            goose.cloth,
            width * ROOT_2 / 2,
            terms,
            lots,
            legs_on_grain=unit.on_point,
            trim_times=Length.of(1) * ROOT_2,
        ),
        *(
            isosceles(sky.cloth, height, terms, lots, legs_on_grain=not unit.on_point)
            for sky in skies
        ),
    ]


def _four(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    goose, *skies = unit.parts
    of_goose, of_sky = goose.cloth.role, skies[0].cloth.role
    large = goose.width + terms.along_long_edge + 2 * terms.trim_of(of_goose)
    small = goose.height + terms.along_legs + terms.trim_of(of_sky)
    point = Length(large.up(terms.step) / 2 + terms.seam).up(
        terms.step
    )  # so listed, the point keeps its seam allowance
    seam = terms.show(terms.seam)
    for_goose = (
        message("work-finished-width", width=terms.show(goose.width)),
        message("work-seams-and-points-of-a-square", seam=seam),
        terms.to_trim("work-twice-to-trim", of_goose),
    )
    for_sky: tuple[Message, ...] = (
        message("work-finished-height", height=terms.show(goose.height)),
        message("work-seams-and-points", seam=seam),
        terms.to_trim("work-to-trim", of_sky),
    )
    if point > small.up(terms.step):
        goose_cut = terms.show(large.up(terms.step))
        for_sky = (
            *for_sky[:-1],
            message(
                "work-point-needs-more",
                sky=for_sky[-1],
                small=terms.show(small),
                goose=goose_cut,
                seam=seam,
            ),
            message("work-point-keeps-its-seam"),
        )
    return [
        square(goose.cloth, large, terms, lots, for_goose),
        *(
            replace(square(sky.cloth, small, terms, 2 * lots, for_sky), least=point)
            for sky in skies
        ),
    ]


def _overlap(sizes: Sequence[Size]) -> Length | Rational:
    """How far two sky squares on opposite corners of the goose square lie over each other: 2K − L.

    Source: four at a time in `docs/formats.md`.
    """
    (large, _), (small, _), *_ = sizes
    return Length.of(small) * 2 - large


def _flip(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    goose, *skies = unit.parts
    base = rectangle_need(
        goose.cloth, goose.width, goose.height, terms, lots, trims=["goose", "sky"]
    )
    flipped = [
        rectangle_need(sky.cloth, sky.width, sky.width, terms, lots, trims=["goose", "sky"])
        for sky in skies
    ]
    # so listed, the point keeps its seam allowance; what is not trimmed has it to the nearest mark
    point = Length(base.rounded(terms.step)[0] / 2 + terms.seam).up(terms.step)
    return [
        base,
        *(replace(one, least=point) if one.rounding == "up" else one for one in flipped),
    ]


def _sew_triangles(job: MakingJob) -> list[SewnWork]:
    goose, left, right = (pieces[0] for pieces in job.pieces)
    _, rising, falling = from_the_longest(goose)
    table = job.table
    terms, (first, second, _) = job.terms, [part.cloth.role for part in job.unit.parts]
    # what is larger of a goose is trimmed at its long side: then its point tells where the sky lies
    larger = terms.trim_of(first) > terms.trim_of(second)
    at, past = (1, table.seam * sqrt(2)) if larger else (-1, 0.0)
    words = message("lay-sky-at-the-point") if larger else message("lay-sky-on-goose")
    half = table.join(
        goose, rising, left, longest_side(left), at=at, shift=past, words=words, outward=True
    )
    words = message("do-the-same-on-the-other-side")
    along = longest_side(right)
    return [table.join(half, falling, right, along, at=-at, shift=-past, words=words, outward=True)]


def _sew_four(job: MakingJob) -> list[SewnWork]:
    (large, *_), first, second = job.pieces
    table = job.table
    goose, one, other = (table.name(pieces[0].front[0].fabric) for pieces in job.pieces)
    left, top, right, bottom = bounds(large.outlines)
    corners = (
        table.lay(first[0], large, _inward(first[0], (left, top))),
        table.lay(first[1], large, _inward(first[1], (right, bottom))),
    )
    diagonal = (left, top), (right, bottom)
    laid = Layers(large, tuple(corner.over[0] for corner in corners))
    words = message("lay-two-squares", one=one, goose=goose)
    halves = table.cut_apart(
        table.sew_beside([laid], [diagonal], words),
        [TableLine.between(*diagonal)],
        message("cut-apart-on-the-line"),
    )
    hearts = table.open(halves, outward=True)
    works: list[SewnWork] = []
    for number, (heart, small) in enumerate(zip(hearts, second, strict=True)):
        corner = next(
            spot
            for spot in ((right, top), (left, bottom))
            if any(spot in scrap.outline for scrap in heart.front)
        )
        middle = _inward(small, corner)
        line = corner, (2 * middle[0] - corner[0], 2 * middle[1] - corner[1])
        words = message("lay-a-square-on-the-corner", other=other)
        sewn = table.sew_beside(
            [table.lay(small, heart, middle)],
            [line],
            words,
            line=message("diagonal-from-the-corner"),
            again=number > 0,
        )
        bits = table.cut_apart(
            sewn, [TableLine.between(*line)], message("cut-apart-on-the-line"), again=number > 0
        )
        works += table.open(bits, again=number > 0, outward=True)
    return works


def _inward(square: SewnWork, corner: XY) -> XY:
    """Where the middle of a square lies that has its corner in a corner of a work about the
    origin.
    """
    left, top, right, bottom = bounds(square.outlines)
    return corner[0] - copysign((right - left) / 2, corner[0]), corner[1] - copysign(
        (bottom - top) / 2, corner[1]
    )


def _sew_flip(job: MakingJob) -> list[SewnWork]:
    base, *squares = (pieces[0] for pieces in job.pieces)
    left, top, right, _ = bounds(base.outlines)
    return [flip_corners(job, base, zip(squares, ((left, top), (right, top)), strict=True))]


def flip_corners(
    job: MakingJob, base: SewnWork, squares: Iterable[tuple[SewnWork, XY]]
) -> SewnWork:
    """Squares laid on corners of a base about the origin, sewn on their diagonal, the corner cut
    away, flipped open.
    """
    table, work = job.table, base
    all_of = list(squares)
    for number, (sky, corner) in enumerate(all_of):
        middle = _inward(sky, corner)
        far = 2 * middle[0] - corner[0], 2 * middle[1] - corner[1]
        ends = (far[0], corner[1]), (corner[0], far[1])
        line = TableLine.between(*ends)
        if line.side(corner) > 0:
            line = TableLine.between(*ends[::-1])
        lay = message(
            "flip-lay",
            corner=number + 1 if len(all_of) > 1 else 0,
            fabric=table.name(sky.front[0].fabric),
        )
        turned = message("print-lies-sideways-now") if table.lies_sideways(sky) else None
        words = sentences(lay, turned)
        sewn = table.sew_on(table.lay(sky, work, middle), line, words)
        allowance = show_exact(job.terms.seam, job.terms.unit)
        bits = table.cut_apart(
            [sewn],
            [line.beside(-table.seam)],
            message("cut-the-corner-away", allowance=allowance),
        )
        main = next(bit for bit in bits if bit.sewn)
        table.bonus += [bit for bit in bits if not bit.sewn]
        last = number + 1 == len(all_of)
        then = None if last else message("only-then-the-next-corner")
        (work,) = table.open([main], sentences(message("flip-open"), then))
    return work


class FlyingGeese(UnitKind):
    kind = "flying-geese"
    words = message("kind-flying-geese")
    part_names = ("goose", "sky")
    stamp = Stamp("0 1 1/2 0, 1/2 0 1 1", "1/2 3/4 0, 1/8 1/4 1, 7/8 1/4 1", span=(2, 1))
    methods = (
        Method(
            name="four-at-a-time",
            words=message("way-four-at-a-time"),
            lot=4,
            needs=_four,
            sew=_sew_four,
            mirrors=True,
            flap=_overlap,
        ),
        Method(
            name="stitch-and-flip",
            words=message("way-stitch-and-flip"),
            lot=1,
            needs=_flip,
            sew=_sew_flip,
        ),
        Method(
            name="cut-and-sew",
            words=message("way-triangles"),
            lot=1,
            needs=_triangles,
            sew=_sew_triangles,
            bias=on_point,
        ),
        FOUNDATION,
    )

    def recognise(self, region: Region) -> RecognisedUnit | None:
        if len(region.pieces) != 3 or max(region.width, region.height) != 2 * min(
            region.width, region.height
        ):
            return None
        high = min(region.width, region.height)
        goose = frozenset(((0, high), (2 * high, high), (high, 0)))
        left, right = (
            frozenset(((0, 0), (high, 0), (0, high))),
            frozenset(((high, 0), (2 * high, 0), (2 * high, high))),
        )
        for turned in in_every_turn(region):
            known = corner_sets(turned)
            if goose in known and left in known and right in known:
                return RecognisedUnit(
                    (
                        FoundPart(known[goose], "goose", 2 * high, high),
                        FoundPart(known[left], "sky", high, high),
                        FoundPart(known[right], "sky", high, high),
                    )
                )
        return None
