"""How pieces of a print with a direction lie on the cloth, so that the print points the same way
all over the block.

On the cloth such a print runs along the length. A fabric's `direction` is where it points in the
block; pieces are cut with the block turned so far that it points along the cloth.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import replace

from yonk.core.drawing import Face
from yonk.core.paper import Draft, Fabric
from yonk.core.planning.cuts import Cut, Purpose
from yonk.core.planning.reading import Reading
from yonk.core.planning.recipes import Recipe
from yonk.core.units import Hand, Lie

Way = tuple[Lie | None, Hand | None]


def laid_by_print(
    cuts: Iterable[Cut], recipes: Iterable[Recipe], readings: Sequence[tuple[Reading, int]]
) -> tuple[Cut, ...]:
    """The cuts with those of directional prints parted by the way that they lie and their diagonal
    runs.

    `readings` are the block and its colourings, each for so many blocks. No more is cut than
    before.
    """
    identities = {recipe.group.label: recipe.group.identity for recipe in recipes}
    draft = readings[0][0].draft
    found: list[Cut] = []
    for cut in cuts:
        ways = _ways(cut, identities, readings) if _matters(cut, draft) else Counter[Way]()
        found += _parted(cut, ways) if len(ways) > 1 or any(ways) else [cut]
    return tuple(found)


def _matters(cut: Cut, draft: Draft) -> bool:
    oblong = cut.shape == "rectangle"
    halved = cut.shape == "square" and cut.subcut == "one-diagonal"
    return (oblong or halved) and draft.fabric(cut.fabric).print == "directional"


def _ways(
    cut: Cut, identities: Mapping[str, object], readings: Sequence[tuple[Reading, int]]
) -> Counter[Way]:
    """How many patches of each way of lying the cut is for, over all blocks."""
    counts: Counter[Way] = Counter()
    for reading, blocks in readings:
        fabric = reading.draft.fabric(cut.fabric)
        for purpose in cut.purposes:
            wanted = {identities[label] for label in purpose.units}
            for face in _faces(reading, wanted, purpose, cut.fabric):
                way = way_of(face, cut, fabric)
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


def way_of(face: Face, cut: Cut, fabric: Fabric) -> Way | None:
    """How one patch lies; None where it stands on point, so that no way is upright."""
    left, top, right, bottom = face.box
    sideways = round(fabric.direction / 90) % 2 == 1
    if cut.shape == "rectangle":
        if bottom - top == right - left:
            return None
        return ("stands" if (bottom - top > right - left) != sideways else "lies"), cut.what.hand
    corners = {
        (left, top): "right",
        (right, bottom): "right",
        (right, top): "left",
        (left, bottom): "left",
    }
    spots = [corners[spot] for spot in face.ring if spot in corners]
    if len(face.ring) != 3 or len(spots) != 3:
        return None
    rising = (
        spots.count("right") == 1
    )  # the corner of which there is but one is the square one's hand
    square_corner: Hand = "right" if rising else "left"
    return None, square_corner if not sideways else (
        "left" if square_corner == "right" else "right"
    )


def _parted(cut: Cut, ways: Counter[Way]) -> list[Cut]:
    """The cut in parts that lie alike; the parts' pieces and counts add up to the whole's.

    Where triangles of two ways come out of one square, the square is cut the way of the greater
    share.
    """
    counts = shared(cut.count, list(ways.values()))
    pieces = shared(cut.wanted_pieces, counts)
    weights = [purpose.pieces for purpose in cut.purposes]
    return [
        replace(
            cut,
            what=replace(cut.what, lie=lie, hand=hand),
            count=count,
            purposes=tuple(
                replace(purpose, pieces=share)
                for purpose, share in zip(cut.purposes, shared(wanted, weights), strict=True)
            ),
        )
        for (lie, hand), count, wanted in zip(ways, counts, pieces, strict=True)
        if count
    ]


def shared(whole: int, weights: Sequence[int]) -> list[int]:
    """A number of things shared out in proportion to weights, the largest remainders first."""
    total = sum(weights)
    if not total:
        return [whole] + [0] * (len(weights) - 1)
    shares = [whole * weight // total for weight in weights]
    rest = sorted(range(len(weights)), key=lambda n: (-(whole * weights[n] % total), n))
    for n in rest[: whole - sum(shares)]:
        shares[n] += 1
    return shares
