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
from yonk.core.planning.corners import CornerAngles, corner_of, turned_corners
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
            stripes = readings[0][0].draft.fabric(cut.fabric).print == "stripes"
            found += _halved(cut, _corners(cut, identities, readings), stripes=stripes)
        elif cut.shape == "rectangle":
            ways = _ways(cut, identities, readings)
            found += _parted(cut, ways) if len(ways) > 1 or any(ways) else [cut]
        else:
            found.append(cut)
    return tuple(found)


def _corners(
    cut: Cut, identities: Mapping[str, object], readings: Sequence[tuple[Reading, int]]
) -> CornerAngles:
    """Where the square corners of the triangles lie that the cut is for, as the print points."""
    counts = [0, 0, 0, 0]
    for reading, blocks in readings:
        way = round(reading.draft.fabric(cut.fabric).direction / 90)
        for purpose in cut.purposes:
            wanted = {identities[label] for label in purpose.units}
            for face in _faces(reading, wanted, purpose, cut.fabric):
                corner = corner_of(face.ring)
                if corner is not None:
                    counts[(corner - way) % 4] += blocks
    return turned_corners(counts, 0)


def _halved(cut: Cut, corners: CornerAngles, *, stripes: bool) -> list[Cut]:
    """Squares to be halved, in those whose cut rises to the right and those where it falls, so that
    as many triangles as can be lie upright; then as many that only stand on their heads, which of
    stripes is the same.
    """
    a, b, c, d = corners
    if not any(corners):
        return [cut]
    share = Fraction(a + c, a + b + c + d) * cut.count

    def upright(rising: int) -> tuple[int, int, Fraction]:
        falling = cut.count - rising
        best = sum(min(n, rising) for n in (a, c)) + sum(min(n, falling) for n in (b, d))
        either = min(a + c, 2 * rising) + min(b + d, 2 * falling)
        return either if stripes else best, either, -abs(rising - share)

    rising = max(range(cut.count + 1), key=upright)
    hands: list[tuple[PrintWay, int]] = [
        ((None, "right"), rising),
        ((None, "left"), cut.count - rising),
    ]
    return _in_parts(cut, [one for one in hands if one[1]])


def _ways(
    cut: Cut, identities: Mapping[str, object], readings: Sequence[tuple[Reading, int]]
) -> Counter[PrintWay]:
    """How many patches of each way of lying the cut is for, over all blocks."""
    counts: Counter[PrintWay] = Counter()
    for reading, blocks in readings:
        fabric = reading.draft.fabric(cut.fabric)
        for purpose in cut.purposes:
            wanted = {identities[label] for label in purpose.units}
            for face in _faces(reading, wanted, purpose, cut.fabric):
                way = print_way(face, cut, fabric)
                if way:
                    counts[way] += blocks
    return counts


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


def _parted(cut: Cut, ways: Counter[PrintWay]) -> list[Cut]:
    """The cut in parts that lie alike; the parts' pieces and counts add up to the whole's."""
    return _in_parts(cut, list(zip(ways, shared_lie(cut.count, list(ways.values())), strict=True)))


def _in_parts(cut: Cut, parts: Sequence[tuple[PrintWay, int]]) -> list[Cut]:
    pieces = shared_lie(cut.wanted_pieces, [count for _, count in parts])
    weights = [purpose.pieces for purpose in cut.purposes]
    return [
        replace(
            cut,
            what=replace(cut.what, lie=lie, hand=hand),
            count=count,
            purposes=tuple(
                replace(purpose, pieces=share)
                for purpose, share in zip(cut.purposes, shared_lie(wanted, weights), strict=True)
            ),
        )
        for ((lie, hand), count), wanted in zip(parts, pieces, strict=True)
        if count
    ]


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
