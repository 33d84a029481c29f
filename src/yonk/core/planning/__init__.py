"""From a draft to its plan: reading, ways, the proposal, recipes, cuts, notices, stages."""

from yonk.core.planning.comparison import (
    Comparison,
    CutLine,
    Figures,
    Least,
    compare,
    least_of,
    listed_oversize,
    steps_of,
    working,
)
from yonk.core.planning.contrast import colour_difference, lightness, luminance, value_of
from yonk.core.planning.cuts import Cut, Purpose, alike_together
from yonk.core.planning.in_words import (
    cut_in_words,
    cut_shape,
    cut_size,
    cut_size_words,
    cut_words,
    diagonal,
    further,
    note_on_fabric,
    purposes,
)
from yonk.core.planning.notices import MOST_FLAP, Mend, NoticeCode
from yonk.core.planning.plan import Parts, Plan, make_plan, seconds_planned
from yonk.core.planning.proposal import smallest
from yonk.core.planning.reading import Reading, UnitGroup, read
from yonk.core.planning.recipes import (
    Recipe,
    WantedUnits,
    of_group,
    unit_presses,
    wanted_of,
)
from yonk.core.planning.side_by_side import way_asked, ways_side_by_side, ways_taken
from yonk.core.planning.sizes import FINEST_RULER, ChartRow, size_chart, usual_range, width_range
from yonk.core.planning.stages import StageName, plan_stage
from yonk.core.planning.to_the_ruler import worst_off
from yonk.core.planning.together import spans_together
from yonk.core.planning.unit_marks import unit_mark
from yonk.core.planning.ways import MethodShare, Way, is_trimmed, way_named

__all__ = [
    "FINEST_RULER",
    "MOST_FLAP",
    "ChartRow",
    "Comparison",
    "Cut",
    "CutLine",
    "Figures",
    "Least",
    "Mend",
    "MethodShare",
    "NoticeCode",
    "Parts",
    "Plan",
    "Purpose",
    "Reading",
    "Recipe",
    "StageName",
    "UnitGroup",
    "WantedUnits",
    "Way",
    "alike_together",
    "colour_difference",
    "compare",
    "cut_in_words",
    "cut_shape",
    "cut_size",
    "cut_size_words",
    "cut_words",
    "diagonal",
    "further",
    "is_trimmed",
    "least_of",
    "lightness",
    "listed_oversize",
    "luminance",
    "make_plan",
    "note_on_fabric",
    "of_group",
    "plan_stage",
    "purposes",
    "read",
    "seconds_planned",
    "size_chart",
    "smallest",
    "spans_together",
    "steps_of",
    "unit_mark",
    "unit_presses",
    "usual_range",
    "value_of",
    "wanted_of",
    "way_asked",
    "way_named",
    "ways_side_by_side",
    "ways_taken",
    "width_range",
    "working",
    "worst_off",
]
