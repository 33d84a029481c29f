"""How a block is pressed: meetings, the best pressing, the thickness that it gives."""

from yonk.core.pressing.choices import Chosen, Pairing, Wish, choose
from yonk.core.pressing.in_words import (
    bare_dark,
    beside_words,
    best_words,
    dark_words,
    meetings_words,
    part_name,
    proposal_words,
    reason,
    state_words,
)
from yonk.core.pressing.pictures import join_pictures
from yonk.core.pressing.place_names import Line, line_name, place_name, place_of_patches
from yonk.core.pressing.plan import (
    ListedJoin,
    OrderFigures,
    SewingPlan,
    measures,
    proposed_order,
    seam_point,
    sewing_plan,
    side_by_side,
    toward,
    ways_of,
)
from yonk.core.pressing.pressed import Lots, Opening, PressedSide, Pressing, PressingWishes, press
from yonk.core.pressing.seam_intersection import (
    IntersectionState,
    SeamEnd,
    SeamIntersection,
    seam_ends,
    seam_intersections,
)
from yonk.core.pressing.stacks import Shown, Slip, SlipKind, Stack, slips_of, stacks_of
from yonk.core.pressing.steps import Left, SewingStep, StepKind, no_longer_wanted, steps_of_sewing
from yonk.core.pressing.straight_set import StraightSetPressing, nesting_plans, other_way
from yonk.core.pressing.thickness import Layer, PressedStretch, Thick, depth, layers, thick_places
from yonk.core.pressing.wishes import Wishes

__all__ = [
    "Chosen",
    "IntersectionState",
    "Layer",
    "Left",
    "Line",
    "ListedJoin",
    "Lots",
    "Opening",
    "OrderFigures",
    "Pairing",
    "PressedSide",
    "PressedStretch",
    "Pressing",
    "PressingWishes",
    "SeamEnd",
    "SeamIntersection",
    "SewingPlan",
    "SewingStep",
    "Shown",
    "Slip",
    "SlipKind",
    "Stack",
    "StepKind",
    "StraightSetPressing",
    "Thick",
    "Wish",
    "Wishes",
    "bare_dark",
    "beside_words",
    "best_words",
    "choose",
    "dark_words",
    "depth",
    "join_pictures",
    "layers",
    "line_name",
    "measures",
    "meetings_words",
    "nesting_plans",
    "no_longer_wanted",
    "other_way",
    "part_name",
    "place_name",
    "place_of_patches",
    "press",
    "proposal_words",
    "proposed_order",
    "reason",
    "seam_ends",
    "seam_intersections",
    "seam_point",
    "sewing_plan",
    "side_by_side",
    "slips_of",
    "stacks_of",
    "state_words",
    "steps_of_sewing",
    "thick_places",
    "toward",
    "ways_of",
]
