"""Lengths that are longer than the cloth is wide: joined from strips, or cut along the cloth.

Source: joined lengths of `docs/setting.md`.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.setting import Joins, SettingPiece


@dataclass(frozen=True)
class Joined:
    """Alike lengths of one purpose, cut from one long strip that is joined from strips across the
    cloth. Cut sizes: `strips` are how long each is and how many, `lengths` what is cut from what
    they make, which is `whole` long.
    """

    purpose: str
    fabric: str
    wide: Fraction
    how: Joins
    strips: tuple[tuple[Fraction, int], ...]
    lengths: tuple[tuple[Fraction, int], ...]
    whole: Fraction

    @property
    def joins(self) -> int:
        """How many times strip is sewn to strip."""
        return sum(count for _, count in self.strips) - 1


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
    pieces: Mapping[SettingPiece, int], across: Fraction, how: Joins, seam: Fraction
) -> tuple[tuple[Joined, ...], dict[SettingPiece, int]]:
    """What is joined from strips, and what is cut as it is.

    Args:
        pieces: of the setting, rectangles at their full cut lengths.
        across: how wide the cloth is.
        how: straight or diagonal joins; whole where lengths are cut along the cloth instead.
        seam: the allowance of the joins.

    Returns: of each purpose with a length that no strip gives, all its lengths that are as wide as
    that one; and every other piece.
    """
    if how == "whole":
        return (), dict(pieces)
    long = {
        (one.purpose, one.fabric, one.short)
        for one in pieces
        if one.shape == "rectangle" and one.long > across > one.short and _is_strip(one)
    }
    rest = {one: n for one, n in pieces.items() if (one.purpose, one.fabric, one.short) not in long}
    found = []
    for purpose, fabric, wide in sorted(long):
        lengths = Counter[Fraction]()
        for one, count in pieces.items():
            if (one.purpose, one.fabric, one.short) == (purpose, fabric, wide):
                lengths[one.long] += count
        whole = sum((one * count for one, count in lengths.items()), Fraction(0))
        strips = strips_for(whole, across, lost_to(how, wide, seam))
        told = tuple(sorted(lengths.items(), reverse=True))
        found.append(Joined(purpose, fabric, wide, how, strips, told, whole))
    return tuple(found), rest


def _is_strip(piece: SettingPiece) -> bool:
    return piece.purpose == "sashing" or piece.purpose.startswith("border-")
