"""The kinds of unit, one file each: how it is recognised, drawn and made."""

from yonk.core.units.carrying_out import Made, Size, carry_out, ruler_slack, target_of
from yonk.core.units.kinds import BY_NAME, KINDS, REST
from yonk.core.units.needs import (
    YIELDS,
    Cloth,
    CutShape,
    Hand,
    Lie,
    Listed,
    Need,
    Outline,
    Rotary,
    Subcut,
    Terms,
    pooled,
    terms_of,
)
from yonk.core.units.shapes import POINTS_CUT_OFF_AT
from yonk.core.units.unit import Found, Kind, Method, MethodName, Part, Prints, Unit, UnitKind, lots_for

__all__ = [
    "BY_NAME",
    "KINDS",
    "POINTS_CUT_OFF_AT",
    "REST",
    "YIELDS",
    "Cloth",
    "CutShape",
    "Found",
    "Hand",
    "Kind",
    "Lie",
    "Listed",
    "Made",
    "Method",
    "MethodName",
    "Need",
    "Outline",
    "Part",
    "Prints",
    "Rotary",
    "Size",
    "Subcut",
    "Terms",
    "Unit",
    "UnitKind",
    "carry_out",
    "lots_for",
    "pooled",
    "ruler_slack",
    "target_of",
    "terms_of",
]
