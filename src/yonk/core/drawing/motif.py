"""A motif: seams and fabrics inside a rectangle, to be put into a span of cells, turned, mirrored
or copied.

Its points run from 0 to 1 across and down its rectangle, measured on the cloth, so that the middle
of a span is its middle whatever the proportions of the columns.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.drawing.faces import Drawing, draw, grid_point_inside
from yonk.core.paper import (
    UNASSIGNED,
    Draft,
    DraftError,
    Paint,
    Point,
    Ruling,
    Seam,
    inside,
    message,
    outside,
    tidy,
)

ONE = Fraction(1)


@dataclass(frozen=True)
class Span:
    """A rectangle of cells: its first column and row, and how many of each."""

    column: int
    row: int
    columns: int = 1
    rows: int = 1

    def corners(self) -> tuple[Point, Point]:
        """Top left and bottom right, in columns and rows."""
        return (
            (Fraction(self.column), Fraction(self.row)),
            (Fraction(self.column + self.columns), Fraction(self.row + self.rows)),
        )

    def overlaps(self, other: Span) -> bool:
        """Whether two spans have a cell in common."""
        return (
            self.column < other.column + other.columns
            and other.column < self.column + self.columns
            and self.row < other.row + other.rows
            and other.row < self.row + self.rows
        )

    def check(self, draft: Draft) -> None:
        """Raise `DraftError` where it does not lie in the grid."""
        size = len(draft.columns), len(draft.rows)
        fits = self.column >= 0 and self.row >= 0 and self.columns > 0 and self.rows > 0
        if not fits or self.column + self.columns > size[0] or self.row + self.rows > size[1]:
            raise DraftError(
                "cell", message("lies-outside-the-grid-of", columns=size[0], rows=size[1])
            )


@dataclass(frozen=True)
class Motif:
    """Seams, and points with the fabric of the patch that holds them; all from (0, 0) to (1, 1)."""

    seams: tuple[Seam, ...] = ()
    paints: tuple[Paint, ...] = ()

    def turned(self, quarters: int = 1) -> Motif:
        """Turned clockwise by quarters."""
        motif = self
        for _ in range(quarters % 4):
            motif = motif._moved(lambda x, y: (ONE - y, x))
        return motif

    def mirrored(self) -> Motif:
        """Left for right."""
        return self._moved(lambda x, y: (ONE - x, y))

    def _moved(self, move: Callable[[Fraction, Fraction], Point]) -> Motif:
        seams = tuple((move(*a), move(*b)) for a, b in self.seams)
        return Motif(seams, tuple(Paint(move(*paint.at), paint.fabric) for paint in self.paints))


def lift(draft: Draft, drawing: Drawing, fabrics: list[str], span: Span) -> Motif:
    """What a span of cells holds; `fabrics` are those of the drawing's faces."""
    ruling = drawing.ruling
    (left, top), (right, bottom) = (ruling.place(corner) for corner in span.corners())

    def shrink(place: Point) -> Point:
        return (place[0] - left) / (right - left), (place[1] - top) / (bottom - top)

    seams = []
    for a, b in draft.seams:
        part = inside((ruling.place(a), ruling.place(b)), (left, top), (right, bottom))
        if part:
            seams.append((shrink(part[0]), shrink(part[1])))
    alone = Draft(
        name="",
        unit=draft.unit,
        width=right - left,
        height=bottom - top,
        columns=(ONE,),
        rows=(ONE,),
        seams=tuple(seams),
    )
    small = draw(alone)
    spots = [grid_point_inside(small, face) for face in small.faces]
    there = drawing.faces_at(
        [ruling.count(_grown(spot, (left, top), (right, bottom))) for spot in spots]
    )
    paints = [
        Paint(spot, fabrics[face])
        for spot, face in zip(spots, there, strict=True)
        if face is not None
    ]
    return Motif(tuple(seams), tuple(paint for paint in paints if paint.fabric != UNASSIGNED))


def lay(draft: Draft, span: Span, motif: Motif) -> tuple[Draft, list[Paint]]:
    """Put a motif into a span in place of what is there, the span's outline sewn.

    Gives the draft with its new seams (its paints as they were) and the paints the motif brings.
    """
    span.check(draft)
    ruling = Ruling.of(draft)
    top_left, bottom_right = span.corners()
    low, high = ruling.place(top_left), ruling.place(bottom_right)

    def spot(at: Point) -> Point:
        return ruling.count(_grown(at, low, high))

    kept: list[Seam] = []
    for seam in draft.seams:
        if _apart(seam, span):
            kept.append(seam)
        else:
            kept += _left_over(seam, ruling, low, high)
    seams = [*kept, *_outline(span, draft), *((spot(a), spot(b)) for a, b in motif.seams)]
    paints = [Paint(spot(paint.at), paint.fabric) for paint in motif.paints]
    return replace(draft, seams=tidy(seams)), paints


def _grown(at: Point, low: Point, high: Point) -> Point:
    return low[0] + at[0] * (high[0] - low[0]), low[1] + at[1] * (high[1] - low[1])


def _apart(seam: Seam, span: Span) -> bool:
    """Whether a seam surely does not run through a span; in columns and rows, which keep the order
    on the cloth.
    """
    (ax, ay), (bx, by) = seam
    return _clear(ax, bx, span.column, span.columns) or _clear(ay, by, span.row, span.rows)


def _clear(a: Fraction, b: Fraction, low: int, count: int) -> bool:
    """Whether both lie at or before the first of so many lines, or both at or after the last."""
    high = low + count  # whole numbers compare faster than fractions do
    return (a.numerator <= low * a.denominator and b.numerator <= low * b.denominator) or (
        a.numerator >= high * a.denominator and b.numerator >= high * b.denominator
    )


def _left_over(seam: Seam, ruling: Ruling, low: Point, high: Point) -> list[Seam]:
    """The parts of a seam outside a rectangle on the cloth."""
    placed = ruling.place(seam[0]), ruling.place(seam[1])
    parts = outside(placed, low, high)
    return [
        seam if part == placed else (ruling.count(part[0]), ruling.count(part[1])) for part in parts
    ]


def _outline(span: Span, draft: Draft) -> Iterator[Seam]:
    """The sides of a span, without those on the edge of the block."""
    (left, top), (right, bottom) = span.corners()
    if span.row > 0:
        yield (left, top), (right, top)
    if span.row + span.rows < len(draft.rows):
        yield (left, bottom), (right, bottom)
    if span.column > 0:
        yield (left, top), (left, bottom)
    if span.column + span.columns < len(draft.columns):
        yield (right, top), (right, bottom)
