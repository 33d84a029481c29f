"""Where the joins of long strips lie, so that they show least: at seams of the blocks, away from
the corners, with as few strips as may be.

Source: joined lengths of `docs/setting.md`.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from itertools import product

# of one length as many ways to place its joins are weighed: two lengths are 256 pairs
_MOST = 16
# so many strips more than need be: a strip costs less than a join that is seen in a border
MORE_STRIPS = 1


@dataclass(frozen=True)
class JoinedLength:
    """So many of a length, cut, and how far from one end its joins lie, each at a seam."""

    length: Fraction
    count: int
    joins: tuple[Fraction, ...]

    def pieces(self, lost: Fraction) -> Iterator[Fraction]:
        """How long each piece of it is cut; each join takes `lost`, half of it from either side."""
        spots = (Fraction(0), *self.joins, self.length)
        last = len(self.joins)
        for number, (begin, end) in enumerate(zip(spots, spots[1:], strict=False)):
            yield end - begin + lost / 2 * ((number > 0) + (number < last))


def joins_at_seams(
    lengths: Mapping[Fraction, int],
    seams: Mapping[Fraction, Sequence[Fraction]],
    across: Fraction,
    lost: Fraction,
    clear: Fraction,
) -> tuple[JoinedLength, ...] | None:
    """Where the joins of lengths lie that are cut from strips of one width.

    Args:
        lengths: cut, each with how many; all longer than a strip.
        seams: of each length, how far from one end seams meet it.
        across: how wide the cloth is.
        lost: what each join takes, half of it from either piece.
        clear: how far from either end a join is to stay.

    Returns: the places that take the fewest strips, among those the most even; None where a length
    has no seam where one is needed, or where strips would be wasted on it.
    """
    ways = [
        [JoinedLength(one, count, at) for at in _places(one, seams[one], across, lost, clear)]
        for one, count in lengths.items()
    ]
    best = min(
        product(*ways),
        key=lambda found: (strips_taken(found, across, lost), sum(map(_unevenness, found))),
        default=None,
    )
    whole = sum((one * count for one, count in lengths.items()), Fraction(0))
    least = -(-(whole - lost) // (across - lost))  # in one long strip
    return best if best and strips_taken(best, across, lost) <= least + MORE_STRIPS else None


def strips_taken(found: Sequence[JoinedLength], across: Fraction, lost: Fraction) -> int:
    """How many strips across the cloth the pieces take, the longest laid first."""
    rests: list[Fraction] = []
    for piece in sorted(pieces_of(found, lost).elements(), reverse=True):
        place = next((number for number, rest in enumerate(rests) if rest >= piece), None)
        if place is None:
            rests.append(across - piece)
        else:
            rests[place] -= piece
    return len(rests)


def pieces_of(found: Sequence[JoinedLength], lost: Fraction) -> Counter[Fraction]:
    """How long the pieces of lengths are cut, and how many."""
    pieces: Counter[Fraction] = Counter()
    for one in found:
        for piece in one.pieces(lost):
            pieces[piece] += one.count
    return pieces


def _places(
    length: Fraction,
    seams: Sequence[Fraction],
    across: Fraction,
    lost: Fraction,
    clear: Fraction,
) -> list[tuple[Fraction, ...]]:
    """The ways to join a length at its seams with as few joins as may be, the most even first."""
    joins = -(-(length - across) // (across - lost))
    inside = sorted({one for one in seams if clear <= one <= length - clear})
    found = _from(Fraction(0), int(joins), length, inside, across, lost)
    return sorted(found, key=lambda at: _unevenness(JoinedLength(length, 1, at)))[:_MOST]


def _from(
    begin: Fraction,
    joins: int,
    length: Fraction,
    seams: Sequence[Fraction],
    across: Fraction,
    lost: Fraction,
) -> Iterator[tuple[Fraction, ...]]:
    """The ways to go on from a join with so many more."""
    own = lost / 2 if begin else Fraction(0)
    if not joins:
        if length - begin + own <= across:
            yield ()
        return
    farthest = begin + across - own - lost / 2
    needed = length - joins * (across - lost) - lost / 2  # or the rest is longer than its strips
    for place in seams:
        if place > begin and needed <= place <= farthest:
            for others in _from(place, joins - 1, length, seams, across, lost):
                yield place, *others


def _unevenness(one: JoinedLength) -> Fraction:
    """How far the joins lie from even shares."""
    share = one.length / (len(one.joins) + 1)
    return sum(
        (abs(place - share * number) for number, place in enumerate(one.joins, 1)), Fraction(0)
    )
