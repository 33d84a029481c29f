"""What mitred borders are cut longer: cut away when their corners are sewn.

Source: joined lengths of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from fractions import Fraction

from yonk.core.paper import LengthUnit
from yonk.core.setting import Quilt, SettingPiece

# at each end: more than the slant of the allowance (1.41 of it), and enough to lay the ruler on
MITRE_SLACK: dict[LengthUnit, Fraction] = {"in": Fraction(1), "cm": Fraction(5, 2)}


def slack_of(purpose: str, quilt: Quilt) -> Fraction:
    """How much longer pieces for a purpose are cut at each of their ends."""
    name, _, number = purpose.partition("-")
    if name != "border" or quilt.borders[int(number) - 1].corner != "mitred":
        return Fraction(0)
    return MITRE_SLACK[quilt.unit]


def with_slack(pieces: Mapping[SettingPiece, int], quilt: Quilt) -> dict[SettingPiece, int]:
    """The pieces of the setting as they are cut: those of mitred borders longer at both ends."""
    return {
        replace(one, long=one.long + 2 * slack_of(one.purpose, quilt)): count
        for one, count in pieces.items()
    }
