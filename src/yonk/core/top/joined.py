"""Lengths that are longer than the cloth is wide: joined from strips, or cut along the cloth.

Source: joined lengths of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.setting import Joins, SettingPiece
from yonk.core.top.join_places import JoinedLength, joins_at_seams, pieces_of


@dataclass(frozen=True)
class Joined:
    """The lengths of one purpose and width, joined from strips across the cloth. Cut sizes:
    `strips` are how long each is and how many, `lengths` what they make, which is `whole` long.

    Where `placed`, each length is joined by itself, at seams of the blocks; else all are cut from
    one long strip, and the joins lie where they fall.
    """

    purpose: str
    fabric: str
    wide: Fraction
    how: Joins
    strips: tuple[tuple[Fraction, int], ...]
    lengths: tuple[tuple[Fraction, int], ...]
    whole: Fraction
    placed: tuple[JoinedLength, ...] = ()

    @property
    def joins(self) -> int:
        """How many times strip is sewn to strip."""
        made = sum(one.count for one in self.placed) or 1
        return sum(count for _, count in self.strips) - made


def lost_to(how: Joins, wide: Fraction, seam: Fraction) -> Fraction:
    """What a join takes off the length of two strips: both allowances where it is sewn straight
    across; where it is sewn on the diagonal of the square in which they cross, the strip's width.

    >>> lost_to("straight", Fraction(5, 2), Fraction(1, 4))
    Fraction(1, 2)
    >>> lost_to("diagonal", Fraction(5, 2), Fraction(1, 4))
    Fraction(5, 2)
    """
    return 2 * seam if how == "straight" else wide


def strips_for(
    length: Fraction, across: Fraction, lost: Fraction
) -> tuple[tuple[Fraction, int], ...]:
    """The strips that a length is joined from: whole ones across the cloth, and the rest.

    Args:
        length: that is wanted, cut.
        across: how wide the cloth is, as far as it is used.
        lost: what each join takes.

    Raises: `ValueError` where a join takes as much as a strip gives.

    >>> strips_for(Fraction(100), Fraction(42), Fraction(1, 2))
    ((Fraction(42, 1), 2), (Fraction(17, 1), 1))
    """
    if lost >= across:
        raise ValueError("a join takes the whole strip")
    if length <= across:
        return ((length, 1),)
    whole = int((length - lost) / (across - lost))
    rest = length - lost - whole * (across - lost)
    return ((across, whole), *([(rest + lost, 1)] if rest else []))


def joined_lengths(
    pieces: Mapping[SettingPiece, int],
    across: Fraction,
    how: Joins,
    seam: Fraction,
    seams_of: Callable[[SettingPiece], Sequence[Fraction]] = lambda _: (),
) -> tuple[tuple[Joined, ...], dict[SettingPiece, int]]:
    """What is joined from strips, and what is cut as it is.

    Args:
        pieces: of the setting, rectangles at their full cut lengths.
        across: how wide the cloth is.
        how: straight or diagonal joins; whole where lengths are cut along the cloth instead, as
            those are whose print stands along them.
        seam: the allowance of the joins.
        seams_of: how far from one end of a piece, cut, the seams of the blocks meet it, so that
            its joins are placed there.

    Returns: of each purpose the lengths that no strip gives, those of one width from one long
    strip unless their joins are placed; and every other piece.
    """
    long: dict[tuple[str, str, Fraction], dict[SettingPiece, int]] = {}
    rest = {}
    for one, count in pieces.items():
        joined = how != "whole" and _is_strip(one) and one.long > across > one.short
        if joined and one.lie != "stands":  # across the cloth its print would lie on its side
            long.setdefault((one.purpose, one.fabric, one.short), {})[one] = count
        else:
            rest[one] = count
    found = []
    for (purpose, fabric, wide), own in long.items():
        lengths = {one.long: count for one, count in own.items()}
        whole = sum((one * count for one, count in lengths.items()), Fraction(0))
        by_length = tuple(sorted(lengths.items(), reverse=True))
        lost = lost_to(how, wide, seam)
        seams = {one.long: seams_of(one) for one in own}
        placed = joins_at_seams(lengths, seams, across, lost, clear=wide)
        strips = (
            tuple(sorted(pieces_of(placed, lost).items(), reverse=True))
            if placed
            else strips_for(whole, across, lost)
        )
        found.append(Joined(purpose, fabric, wide, how, strips, by_length, whole, placed or ()))
    return tuple(found), rest


def _is_strip(piece: SettingPiece) -> bool:
    return piece.purpose == "sashing" or piece.purpose.startswith("border-")
