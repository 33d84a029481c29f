"""The kinds of unit, one file each: how it is recognised, drawn and made."""

from yonk.core.units.carrying_out import CarriedOut, carry_out, ruler_slack, target_of
from yonk.core.units.divided import DivisionError
from yonk.core.units.form import TemplateForm
from yonk.core.units.foundation import FOUNDATION, patch_outline, section_outline, sectioned
from yonk.core.units.kinds import BY_NAME, KINDS, REST, kind_named
from yonk.core.units.landmarks import FOLDED, landmarks_of
from yonk.core.units.needs import (
    NOUGHT,
    YIELDS,
    Cloth,
    CutKey,
    CutShape,
    Hand,
    Need,
    PartMargins,
    PrintOrientation,
    Rotary,
    Size,
    Subcut,
    Terms,
    pooled,
    terms_for,
    terms_of,
)
from yonk.core.units.sections import Sections, SectionStep, sections_of
from yonk.core.units.shapes import POINTS_CUT_OFF_AT
from yonk.core.units.stamp import Stamp
from yonk.core.units.unit import (
    FoundPart,
    Method,
    MethodName,
    Part,
    Prints,
    RecognisedUnit,
    Segment,
    Unit,
    UnitKind,
    UnitKindName,
    lots_for,
)

__all__ = [
    "BY_NAME",
    "FOLDED",
    "FOUNDATION",
    "KINDS",
    "NOUGHT",
    "POINTS_CUT_OFF_AT",
    "REST",
    "YIELDS",
    "CarriedOut",
    "Cloth",
    "CutKey",
    "CutShape",
    "DivisionError",
    "FoundPart",
    "Hand",
    "Method",
    "MethodName",
    "Need",
    "Part",
    "PartMargins",
    "PrintOrientation",
    "Prints",
    "RecognisedUnit",
    "Rotary",
    "SectionStep",
    "Sections",
    "Segment",
    "Size",
    "Stamp",
    "Subcut",
    "TemplateForm",
    "Terms",
    "Unit",
    "UnitKind",
    "UnitKindName",
    "carry_out",
    "kind_named",
    "landmarks_of",
    "lots_for",
    "patch_outline",
    "pooled",
    "ruler_slack",
    "section_outline",
    "sectioned",
    "sections_of",
    "target_of",
    "terms_for",
    "terms_of",
]
