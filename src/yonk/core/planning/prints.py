"""Whether a way of making leaves each patch with its print as drafted.

What is cut singly is asked by its listed cuts: a square cut once gives two triangles whose square
corners lie opposite each other, one cut on both diagonals a triangle for each side. What is sewn in
lots is asked at the simulated table (`laid_in_lots.py`).
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from yonk.core.planning.corners import NONE, CornerAngles, sum_of
from yonk.core.planning.laid_in_lots import EIGHTHS, is_covered
from yonk.core.planning.lying import GroupOrientation
from yonk.core.units import Method, Need, Prints, Subcut, Terms, Unit, pooled

TURNING: tuple[Prints, ...] = ("upright", "stripes", "turned")


def row_prints(subcut: Subcut, cuts: int, wanted: CornerAngles, *, stripes: bool = False) -> Prints:
    """How prints lie in the triangles of so many squares, each laid as suits best; of stripes, that
    look the same upside down, no more is asked.

    >>> row_prints("one-diagonal", 1, (1, 0, 1, 0)), row_prints("one-diagonal", 1, (1, 1, 0, 0))
    ('upright', 'turned')
    """
    if short_of_squares(subcut, cuts, wanted, stripes=stripes) <= 0:
        return "upright"
    if stripes:
        return "turned"
    as_stripes = row_prints(subcut, cuts, wanted, stripes=True)
    return "stripes" if as_stripes == "upright" else "turned"


def short_of_squares(
    subcut: Subcut, cuts: int, wanted: CornerAngles, *, stripes: bool = False
) -> int:
    """How many squares more would give every triangle with its print upright."""
    a, b, c, d = wanted
    if stripes:
        level, steep = -(-(a + c) // 2), -(-(b + d) // 2)
        whole = {"one-diagonal": level + steep, "both-diagonals": max(level, steep)}
        return whole.get(subcut, cuts) - cuts
    if subcut == "one-diagonal":
        return max(a, c) + max(b, d) - cuts
    return max(wanted) - cuts if subcut == "both-diagonals" else 0


def prints_of(
    unit: Unit, method: Method, lots: int, terms: Terms, lying: GroupOrientation
) -> Prints:
    """How the prints of a group lie when it is made in so many lots."""
    if not lying.prints or method.sew is None:
        return "upright"  # where nothing is known of the sewing each patch is cut by itself
    if method.counted:
        return _in_strips(unit, method, lots, terms, lying)
    if method.lot == 1 and not method.together:
        return _singly(unit, method, lots, terms, lying)
    for prints, around in zip(TURNING, (EIGHTHS, EIGHTHS // 2), strict=False):
        if is_covered(unit, method, method.batches(unit, terms, lots), lying, around):
            return prints
    return "turned"


def _singly(unit: Unit, method: Method, lots: int, terms: Terms, lying: GroupOrientation) -> Prints:
    """Pieces that are cut one by one, each laid as suits."""
    found: Prints = "upright"
    directed, corners = {key for key, _ in lying.prints}, dict(lying.corners)
    for needs, cuts in _rows(method.needs(unit, terms, lots), terms):
        first = needs[0]
        if first.fabric in directed and first.subcut != "none":
            letters = dict.fromkeys(one.letter for one in needs)
            wanted = sum_of(corners.get((letter, first.fabric), NONE) for letter in letters)
            prints = row_prints(first.subcut, cuts, wanted, stripes=first.fabric in lying.stripes)
            found = max(found, prints, key=TURNING.index)
    return found


def _rows(needs: Sequence[Need], terms: Terms) -> Iterator[tuple[list[Need], int]]:
    """Alike cuts counted together: the needs that each is for, and how many."""
    listed = [one.listed(terms.step) for one in needs]
    for first, *_, cuts in pooled(needs, terms.step):
        here = first.listed(terms.step)
        yield [one for one, its in zip(needs, listed, strict=True) if its == here], cuts


def _in_strips(
    unit: Unit, method: Method, lots: int, terms: Terms, lying: GroupOrientation
) -> Prints:
    """A print runs along the cloth, so across its strips: they must lie level as it points. A
    segment and one that is turned by a half come out of the same strip.
    """
    assert method.counted is not None
    counted = method.counted(unit, terms, lots)
    if counted.strips_level is None:
        return counted.prints  # what is cut one by one
    upright = {way % 2 == (not counted.strips_level) for way in _ways_wanted(lying)}
    if upright != {True}:
        return "turned"
    both = len(_ways_wanted(lying)) > 1 and lying.symmetry == 1 and not lying.only_stripes
    return "stripes" if both else counted.prints


def _ways_wanted(lying: GroupOrientation) -> set[int]:
    """How far units are turned, as their prints point."""
    return {
        (turn + way) % 4
        for turn, count in enumerate(lying.turns)
        for _, way in lying.prints
        if count
    }
