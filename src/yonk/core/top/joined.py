"""Lengths that are longer than the cloth is wide: joined from strips, or cut along the cloth.

Source: joined lengths of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.setting import Joins, SettingPiece


@dataclass(frozen=True)
class Joined:
    """The lengths of one purpose and width, cut from one long strip that is joined from strips
    across the cloth. Cut sizes: `strips` are how long each is and how many, `lengths` what is cut
    from what they make, which is `whole` long.
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
        how: straight or diagonal joins; whole where lengths are cut along the cloth instead, as
            those are whose print stands along them.
        seam: the allowance of the joins.

    Returns: of each purpose the lengths that no strip gives, those of one width from one long
    strip; and every other piece.
    """
    long: dict[tuple[str, str, Fraction], dict[Fraction, int]] = {}
    rest = {}
    for one, count in pieces.items():
        joined = how != "whole" and _is_strip(one) and one.long > across > one.short
        if joined and one.lie != "stands":  # across the cloth its print would lie on its side
            long.setdefault((one.purpose, one.fabric, one.short), {})[one.long] = count
        else:
            rest[one] = count
    found = []
    for (purpose, fabric, wide), lengths in long.items():
        whole = sum((one * count for one, count in lengths.items()), Fraction(0))
        strips = strips_for(whole, across, lost_to(how, wide, seam))
        by_length = tuple(sorted(lengths.items(), reverse=True))
        found.append(Joined(purpose, fabric, wide, how, strips, by_length, whole))
    return tuple(found), rest


def _is_strip(piece: SettingPiece) -> bool:
    return piece.purpose == "sashing" or piece.purpose.startswith("border-")
