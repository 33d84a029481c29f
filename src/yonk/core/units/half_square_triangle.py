"""Half-square triangle: a square halved on one diagonal.

`u` is the unfinished size, `t` the trim margin, `s` the seam allowance. A square sewn `s` either
side of its drawn diagonal loses s√2 of its side; four at a time the seams run along the edges and
the square is cut on both diagonals.
"""

from collections import Counter
from dataclasses import replace
from itertools import pairwise

from yonk.core.drawing import Region
from yonk.core.paper import ROOT_2, Length, Text, message, show_exact
from yonk.core.sewing import Layers, SewnWork, TableLine, bounds, corner_to_corner, longest_side
from yonk.core.units.foundation import FOUNDATION
from yonk.core.units.needs import Need, Terms, isosceles, square
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    FoundPart,
    MakingJob,
    Method,
    RecognisedUnit,
    Unit,
    UnitKind,
    always,
    lots_for,
    on_point,
)


def _triangles(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [
        isosceles(part.cloth, unit.width, terms, lots, legs_on_grain=not unit.on_point)
        for part in unit.parts
    ]


def _unfinished(unit: Unit, terms: Terms) -> tuple[Length, tuple[Text, ...]]:
    """Unfinished size with the trim margin, and the working so far."""
    plain = unit.width + terms.both_seams
    working = [
        message(
            "work-unfinished",
            finished=terms.show(unit.width),
            seam=terms.show(terms.seam),
            unfinished=terms.show(plain),
        )
    ]
    role = unit.parts[0].cloth.role
    trim = terms.trim_of(role)
    if trim:
        working.append(terms.to_trim("work-to-trim-gives", role, sum=terms.show(plain + trim)))
    return plain + trim, tuple(working)


def _two(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    size, working = _unfinished(unit, terms)
    side = size + terms.seam * ROOT_2
    said = (*working, message("work-seam-on-diagonal", seam=terms.show(terms.seam)))
    return [square(part.cloth, side, terms, lots, said) for part in unit.parts]


def _four(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    size, working = _unfinished(unit, terms)
    said = (
        *working,
        message("work-cut-on-both-diagonals"),
        message("work-seams-along-edges", seam=terms.show(terms.seam)),
    )
    return [
        square(part.cloth, size * ROOT_2 + terms.both_seams, terms, lots, said)
        for part in unit.parts
    ]


def _eight(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    size, working = _unfinished(unit, terms)
    said = (
        *working,
        message("work-seam-on-diagonal", seam=terms.show(terms.seam)),
        message("work-two-by-two"),
    )
    return [
        square(part.cloth, (size + terms.seam * ROOT_2) * 2, terms, lots, said)
        for part in unit.parts
    ]


def squares_in_a_row(side: Length, terms: Terms, lots: int) -> list[int]:
    """How many squares each rectangle holds: as many as she sews at once and fit on a width of
    fabric.
    """
    most = max(
        1, min(terms.settings.squares_in_a_row, int(terms.settings.usable / side.up(terms.step)))
    )
    rectangles = lots_for(lots, most)
    return [lots * (n + 1) // rectangles - lots * n // rectangles for n in range(rectangles)]


def _rows(unit: Unit, terms: Terms, lots: int) -> list[int]:
    return squares_in_a_row(_unfinished(unit, terms)[0] + terms.seam * ROOT_2, terms, lots)


def _row(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    size, working = _unfinished(unit, terms)
    side = size + terms.seam * ROOT_2
    on_ruler = side.up(terms.step)
    needs = []
    for squares, count in sorted(
        Counter(squares_in_a_row(side, terms, lots)).items(), reverse=True
    ):
        said = (
            *working,
            message(
                "work-squares-drawn",
                seam=terms.show(terms.seam),
                side=terms.show(side),
                drawn=terms.show(on_ruler),
            ),
            message("work-side-by-side", squares=squares),
        )
        needs += [
            replace(
                square(part.cloth, side, terms, count, said),
                width=Length(on_ruler * squares),
                shape="rectangle" if squares > 1 else "square",
            )
            for part in unit.parts
        ]
    return needs


def _sew_triangles(job: MakingJob) -> list[SewnWork]:
    (one, *_), (other, *_) = job.pieces
    words = message("lay-two-triangles")
    return [job.table.join(one, longest_side(one), other, longest_side(other), words=words)]


def sew_two(
    job: MakingJob, under: SewnWork, over: SewnWork, words: Text, *, again: bool = False
) -> list[SewnWork]:
    """Two squares face to face, sewn either side of a diagonal and cut apart on it."""
    table = job.table
    diagonal = corner_to_corner(over)[0]
    laid = table.sew_beside([table.lay(over, under)], [diagonal], words, again=again)
    halves = table.cut_apart(
        laid, [TableLine.between(*diagonal)], message("cut-apart-on-diagonal"), again=again
    )
    return table.open(halves, again=again)


def _sew_two(job: MakingJob) -> list[SewnWork]:
    (under, *_), (over, *_) = job.pieces
    light, dark = job.names()
    return sew_two(job, under, over, message("lay-one-on-the-other", dark=dark, light=light))


def _sew_row(job: MakingJob) -> list[SewnWork]:
    under, over = job.pieces[0][0], job.pieces[1][0]
    table = job.table
    left, top, right, bottom = bounds(over.outlines)
    high = bottom - top
    squares = round((right - left) / high)
    marks = [left + high * number for number in range(squares + 1)]
    falling = [
        ((a, top), (b, bottom)) if n % 2 else ((a, bottom), (b, top))
        for n, (a, b) in enumerate(pairwise(marks))
    ]
    words = message("lay-rectangles")
    laid = table.sew_beside([table.lay(over, under)], falling, words, line=message("a-zigzag"))
    upright = [TableLine((mark, top), (0.0, 1.0)) for mark in marks[1:-1]]
    table.marks += len(upright)
    cells = table.cut_apart(laid, upright, message("cut-the-squares-apart")) if upright else laid
    halves: list[Layers] = []
    for cell in sorted(cells, key=lambda bit: bounds(bit.under.outlines)[0]):
        line = TableLine.between(*falling[round((bounds(cell.under.outlines)[0] - left) / high)])
        halves += table.cut_apart([cell], [line], message("cut-apart-on-diagonal"), again=True)
    return table.open(halves)


def _sew_four(job: MakingJob) -> list[SewnWork]:
    (under, *_), (over, *_) = job.pieces
    light, dark = job.names()
    table = job.table
    words = message(
        "lay-and-sew-all-round",
        dark=dark,
        light=light,
        seam=show_exact(job.terms.seam, job.terms.unit),
    )
    laid = table.sew_inside_edges(table.lay(over, under), words)
    lines = [TableLine.between(*diagonal) for diagonal in corner_to_corner(over)]
    return table.open(table.cut_apart([laid], lines, message("cut-on-both-diagonals")))


def _sew_eight(job: MakingJob) -> list[SewnWork]:
    (under, *_), (over, *_) = job.pieces
    light, dark = job.names()
    table, both = job.table, corner_to_corner(over)
    words = message("lay-one-on-the-other", dark=dark, light=light)
    laid = table.sew_beside([table.lay(over, under)], both, words, line=message("both-diagonals"))
    upright, level = TableLine((0.0, 0.0), (0.0, 1.0)), TableLine((0.0, 0.0), (1.0, 0.0))
    lines = [upright, level, *(TableLine.between(*diagonal) for diagonal in both)]
    return table.open(table.cut_apart(laid, lines, message("cut-through-the-middle")))


class HalfSquareTriangle(UnitKind):
    kind = "half-square-triangle"
    words = message("kind-half-square-triangle")
    part_names = ("half",)
    stamp = Stamp("0 1 1 0", "1/4 1/4 0, 3/4 3/4 1")
    methods = (
        Method(
            name="two-at-a-time",
            words=message("way-two-at-a-time"),
            lot=2,
            needs=_two,
            sew=_sew_two,
        ),
        Method(
            name="eight-at-a-time",
            words=message("way-eight-at-a-time"),
            lot=8,
            needs=_eight,
            sew=_sew_eight,
        ),
        Method(
            name="four-at-a-time",
            words=message("way-four-at-a-time"),
            lot=4,
            needs=_four,
            sew=_sew_four,
            bias=always,
        ),
        Method(
            name="rectangle",
            words=message("way-from-rectangles"),
            lot=2,
            needs=_row,
            sew=_sew_row,
            together=True,
            batches=_rows,
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
        if region.width != region.height or not halved(region):
            return None
        return RecognisedUnit(
            tuple(FoundPart(piece, "half", region.width, region.height) for piece in region.pieces)
        )


def halved(region: Region) -> bool:
    """Whether the region is two triangles on either side of one of its diagonals."""
    whole = (0, 0, region.width, region.height)
    return len(region.pieces) == 2 and all(
        len(piece.ring) == 3 and not piece.holes and piece.box == whole for piece in region.pieces
    )
