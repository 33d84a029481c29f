"""Sorts of drawing to measure by: what quilters draw, and what they hardly ever do."""

from __future__ import annotations

import random
from collections.abc import Callable, Iterator
from dataclasses import replace
from fractions import Fraction

from yonk.core.paper import Draft, Paint, Seam, ruled_seams
from yonk.machine.samples import sheet

FABRICS = ("peat", "fog", "gorse", "rowan")
HALF, QUARTER = Fraction(1, 2), Fraction(1, 4)


def _cells(columns: int, rows: int) -> Iterator[tuple[Fraction, Fraction]]:
    return ((Fraction(column), Fraction(row)) for row in range(rows) for column in range(columns))


def _block(
    count: int, seams: tuple[Seam, ...], paints: tuple[Paint, ...] = (), rows: int | None = None
) -> Draft:
    return replace(sheet("Bench", str(count), count, rows or count), seams=seams, paints=paints)


def triangles(count: int) -> Draft:
    """Half-square triangles in two fabrics."""
    cells = [*_cells(count, count)]
    paints = (
        Paint((x + at, y + at), fabric)
        for x, y in cells
        for at, fabric in ((QUARTER, "peat"), (3 * QUARTER, "fog"))
    )
    return _block(
        count,
        (*ruled_seams(count, count), *(((x, y + 1), (x + 1, y)) for x, y in cells)),
        tuple(paints),
    )


def squares(count: int, pick: Callable[[int, int], str]) -> Draft:
    """Equal squares in fabrics picked by column and row."""
    paints = (Paint((x + HALF, y + HALF), pick(int(x), int(y))) for x, y in _cells(count, count))
    return _block(count, ruled_seams(count, count), tuple(paints))


def squares_of_one(count: int) -> Draft:
    """Equal squares of one fabric."""
    return squares(count, lambda x, y: "peat")


def squares_of_two(count: int) -> Draft:
    """Equal squares of two fabrics in turn."""
    return squares(count, lambda x, y: FABRICS[(x + y) % 2])


def squares_at_random(count: int) -> Draft:
    """Equal squares of four fabrics at random."""
    by_chance = random.Random(count)
    return squares(count, lambda x, y: by_chance.choice(FABRICS))


def rails(count: int) -> Draft:
    """Cells of three rails, standing and lying in turn."""
    seams: list[Seam] = list(ruled_seams(count, count))
    paints = []
    for x, y in _cells(count, count):
        for third, fabric in enumerate(FABRICS[:3]):
            at, middle = Fraction(third, 3), Fraction(2 * third + 1, 6)
            upright = (x + y) % 2 == 0
            if third:
                seams.append(
                    ((x + at, y), (x + at, y + 1)) if upright else ((x, y + at), (x + 1, y + at))
                )
            paints.append(
                Paint((x + middle, y + HALF) if upright else (x + HALF, y + middle), fabric)
            )
    return _block(count, tuple(seams), tuple(paints))


def geese(count: int) -> Draft:
    """Flying geese, two to a cell's height."""
    seams: list[Seam] = list(ruled_seams(count, count))
    paints = []
    for x, y in _cells(count, count):
        seams.append(((x, y + HALF), (x + 1, y + HALF)))
        for top in (y, y + HALF):
            seams += [((x, top + HALF), (x + HALF, top)), ((x + HALF, top), (x + 1, top + HALF))]
            paints += [
                Paint((x + HALF, top + QUARTER), "peat"),
                Paint((x + Fraction(1, 16), top + QUARTER / 2), "fog"),
                Paint((x + Fraction(15, 16), top + QUARTER / 2), "fog"),
            ]
    return _block(count, tuple(seams), tuple(paints))


def nested_squares(count: int) -> Draft:
    """Squares in squares of two rounds."""
    seams: list[Seam] = list(ruled_seams(count, count))
    paints = []
    for x, y in _cells(count, count):
        for spots in (
            ((HALF, 0), (1, HALF), (HALF, 1), (0, HALF)),
            (
                (QUARTER, QUARTER),
                (3 * QUARTER, QUARTER),
                (3 * QUARTER, 3 * QUARTER),
                (QUARTER, 3 * QUARTER),
            ),
        ):
            ring = [(x + across, y + down) for across, down in spots]
            seams += list(zip(ring, ring[1:] + ring[:1], strict=True))
        paints += [
            Paint((x + HALF, y + HALF), "gorse"),
            Paint((x + Fraction(1, 8), y + Fraction(1, 8)), "peat"),
        ]
    return _block(count, tuple(seams), tuple(paints))


def slanted(count: int) -> Draft:
    """Seams from edge to edge at random, which make about as many patches as `count` × `count`
    squares.
    """
    by_chance = random.Random(count)
    seams: list[Seam] = []
    number = max(2, round(1.2 * count))

    def spot(edge: int) -> tuple[Fraction, Fraction]:
        along = Fraction(by_chance.randint(1, 16 * count - 1), 16)
        return (
            (along, Fraction(0)),
            (Fraction(count), along),
            (along, Fraction(count)),
            (Fraction(0), along),
        )[edge]

    for _ in range(number):
        start, end = by_chance.sample(range(4), 2)
        seams.append((spot(start), spot(end)))
    return _block(count, tuple(seams))


SORTS: dict[str, Callable[[int], Draft]] = {
    "half-square triangles": triangles,
    "squares of one fabric": squares_of_one,
    "squares of two fabrics": squares_of_two,
    "squares at random": squares_at_random,
    "rails": rails,
    "flying geese": geese,
    "nested squares": nested_squares,
    "random slanted seams": slanted,
}


def one_patch_painted(draft: Draft) -> Draft:
    """The draft after an edit: its last painted patch in another fabric, or the middle painted."""
    if not draft.paints:
        at = (
            Fraction(len(draft.columns)) / 2 + Fraction(1, 97),
            Fraction(len(draft.rows)) / 2 + Fraction(1, 89),
        )
        return replace(draft, paints=(Paint(at, "rowan"),))
    *others, last = draft.paints
    return replace(
        draft, paints=(*others, replace(last, fabric="rowan" if last.fabric != "rowan" else "fog"))
    )
