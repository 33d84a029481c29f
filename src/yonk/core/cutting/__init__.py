"""From a plan to cut cloth: strips, layouts, templates, progress, the fabric shelf, shopping."""

from yonk.core.cutting.cloth import (
    FAT_EIGHTH,
    FAT_QUARTER,
    MOST_DRAWN,
    ClothPlan,
    Layout,
    StripCut,
    diagonal_drawn,
    each_strip_once,
)
from yonk.core.cutting.in_words import bought, fat_quarters, strip_words, strips_of
from yonk.core.cutting.progress import (
    NO_MARKS,
    Done,
    Mark,
    Marks,
    MarkStage,
    OldMark,
    Tick,
    all_booked,
    carried_over,
    cut_so_far,
    not_booked,
    of_no_use,
    standings,
    ticks,
)
from yonk.core.cutting.shelf import ShelfCloth, ShelfPiece, after_cutting, pieces_of
from yonk.core.cutting.shopping import Bought, shopping_list
from yonk.core.cutting.stage import Cutting, plan_cutting
from yonk.core.cutting.templates import Outline, Template, templates_of

__all__ = [
    "FAT_EIGHTH",
    "FAT_QUARTER",
    "MOST_DRAWN",
    "NO_MARKS",
    "Bought",
    "ClothPlan",
    "Cutting",
    "Done",
    "Layout",
    "Mark",
    "MarkStage",
    "Marks",
    "OldMark",
    "Outline",
    "ShelfCloth",
    "ShelfPiece",
    "StripCut",
    "Template",
    "Tick",
    "after_cutting",
    "all_booked",
    "bought",
    "carried_over",
    "cut_so_far",
    "diagonal_drawn",
    "each_strip_once",
    "fat_quarters",
    "not_booked",
    "of_no_use",
    "pieces_of",
    "plan_cutting",
    "shopping_list",
    "standings",
    "strip_words",
    "strips_of",
    "templates_of",
    "ticks",
]
