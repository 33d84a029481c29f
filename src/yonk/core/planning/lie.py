"""How pieces of a print with a direction lie on the cloth, so that the print points the same way
all over the block.

On the cloth such a print runs along the length. A fabric's `direction` is where it points in the
block; pieces are cut with the block turned so far that it points along the cloth.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import replace
from fractions import Fraction

from yonk.core.drawing import Face
from yonk.core.paper import Fabric
from yonk.core.planning.corners import CornerAngles, corner_of, sum_of, turned_corners
from yonk.core.planning.cuts import Cut, Purpose
from yonk.core.planning.reading import Reading
from yonk.core.planning.recipes import Recipe
from yonk.core.units import Hand, PrintOrientation

PrintWay = tuple[PrintOrientation | None, Hand | None]


def laid_by_print(
    cuts: Iterable[Cut], recipes: Iterable[Recipe], readings: Sequence[tuple[Reading, int]]
) -> tuple[Cut, ...]:
    """The cuts with those of directional prints parted by the way that they lie and their diagonal
    runs.

    `readings` are the block and its colourings, each for so many blocks. No more is cut than
    before.
    """
    directional = {fabric.key for fabric in readings[0][0].draft.fabrics if fabric.has_direction}
    if not directional:
        return tuple(cuts)
    identities = {recipe.group.label: recipe.group.identity for recipe in recipes}
    found: list[Cut] = []
    for cut in cuts:
        if cut.fabric not in directional:
            found.append(cut)
        elif cut.shape == "square" and cut.subcut == "one-diagonal":
            stripes = readings[0][0].draft.fabric(cut.fabric).is_both_ways_up
            found += _halved(cut, _corners(cut, identities, readings), stripes=stripes)
        elif cut.shape == "rectangle":
            found += _parted(cut, _ways(cut, identities, readings))
        else:
            found.append(cut)
    return tuple(found)


def _corners(
    cut: Cut, identities: Mapping[str, object], readings: Sequence[tuple[Reading, int]]
) -> list[CornerAngles]:
    """Where the square corners of the triangles lie that the cut is for, as the print points; for
    each of its purposes.
    """
    found = []
    for purpose in cut.purposes:
        counts = [0, 0, 0, 0]
        wanted = {identities[label] for label in purpose.units}
        for reading, blocks in readings:
            way = round(reading.draft.fabric(cut.fabric).direction / 90)
            for face in _faces(reading, wanted, purpose, cut.fabric):
                corner = corner_of(face.ring)
                if corner is not None:
                    counts[(corner - way) % 4] += blocks
        found.append(turned_corners(counts, 0))
    return found


def _halved(cut: Cut, corners: Sequence[CornerAngles], *, stripes: bool) -> list[Cut]:
    """Squares to be halved, in those whose cut rises to the right and those where it falls, so that
    as many triangles as can be lie upright; then as many that only stand on their heads, which of
    stripes is the same.
    """
    a, b, c, d = sum_of(corners)
    if not a + b + c + d:
        return [cut]
    share = Fraction(a + c, a + b + c + d) * cut.count

    def upright(rising: int) -> tuple[int, int, Fraction]:
        falling = cut.count - rising
        best = sum(min(n, rising) for n in (a, c)) + sum(min(n, falling) for n in (b, d))
        either = min(a + c, 2 * rising) + min(b + d, 2 * falling)
        return either if stripes else best, either, -abs(rising - share)

    rising = max(range(cut.count + 1), key=upright)
    hands: list[_Part] = [
        ((None, "right"), rising, [one[0] + one[2] for one in corners]),
        ((None, "left"), cut.count - rising, [one[1] + one[3] for one in corners]),
    ]
    return _in_parts(cut, [one for one in hands if one[1]])


def _ways(
    cut: Cut, identities: Mapping[str, object], readings: Sequence[tuple[Reading, int]]
) -> list[Counter[PrintWay]]:
    """How many patches of each way of lying the cut is for, over all blocks; for each of its
    purposes.
    """
    found = []
    for purpose in cut.purposes:
        counts: Counter[PrintWay] = Counter()
        wanted = {identities[label] for label in purpose.units}
        for reading, blocks in readings:
            fabric = reading.draft.fabric(cut.fabric)
            for face in _faces(reading, wanted, purpose, cut.fabric):
                way = print_way(face, cut, fabric)
                if way:
                    counts[way] += blocks
        found.append(counts)
    return found


def _faces(reading: Reading, wanted: set[object], purpose: Purpose, fabric: str) -> Iterable[Face]:
    for group in reading.groups:
        if group.identity in wanted:
            for faces in group.members:
                for face in faces:
                    patch = reading.patches[face]
                    if patch.letter == purpose.letter and patch.fabric == fabric:
                        yield reading.drawing.faces[face]


def print_way(face: Face, cut: Cut, fabric: Fabric) -> PrintWay | None:
    """How one patch of a rectangle lies; None for a square one, which lies as it is laid."""
    left, top, right, bottom = face.box
    sideways = round(fabric.direction / 90) % 2 == 1
    if bottom - top == right - left:
        return None
    return ("stands" if (bottom - top > right - left) != sideways else "lies"), cut.what.hand


def _parted(cut: Cut, ways: Sequence[Counter[PrintWay]]) -> list[Cut]:
    """The cut in parts that lie alike; the parts' pieces and counts add up to the whole's."""
    over_all = sum(ways, Counter[PrintWay]())
    if not over_all:
        return [cut]
    counts = shared_lie(cut.count, list(over_all.values()))
    return _in_parts(
        cut,
        [
            (way, count, [one[way] for one in ways])
            for way, count in zip(over_all, counts, strict=True)
        ],
    )


# How the pieces of a part of a cut lie, how many cuts it has, and how many pieces lying so each of
# the purposes asks.
_Part = tuple[PrintWay, int, list[int]]


def _in_parts(cut: Cut, parts: Sequence[_Part]) -> list[Cut]:
    """The cut in parts: each gives its purposes what lies as they ask first, then of the rest."""
    found = []
    left = [purpose.pieces for purpose in cut.purposes]
    pieces = shared_lie(cut.wanted_pieces, [count for _, count, _ in parts])
    for ((lie, hand), count, asked), wanted in zip(parts, pieces, strict=True):
        suited = [min(some, rest) for some, rest in zip(asked, left, strict=True)]
        given = shared_lie(min(wanted, sum(suited)), suited)
        left = [rest - some for rest, some in zip(left, given, strict=True)]
        more = shared_lie(wanted - sum(given), left)
        left = [rest - some for rest, some in zip(left, more, strict=True)]
        purposes = tuple(
            replace(purpose, pieces=one + other)
            for purpose, one, other in zip(cut.purposes, given, more, strict=True)
            if one + other
        )
        if count:
            what = replace(cut.what, lie=lie, hand=hand)
            found.append(replace(cut, what=what, count=count, purposes=purposes))
    return found


def shared_lie(whole: int, weights: Sequence[int]) -> list[int]:
    """A number of things shared out in proportion to weights, the largest remainders first."""
    total = sum(weights)
    if not total:
        return [whole] + [0] * (len(weights) - 1)
    shares = [whole * weight // total for weight in weights]
    rest = sorted(range(len(weights)), key=lambda n: (-(whole * weights[n] % total), n))
    for n in rest[: whole - sum(shares)]:
        shares[n] += 1
    return shares
