"""The simulated sewing table: layers, seams, cuts, opening, trimming, pictures of steps."""

from yonk.core.sewing.pictures import Mark, MarkedLine, Picture, Side, picture_of, rounded
from yonk.core.sewing.plane import (
    NOTHING,
    Line,
    Motion,
    Outline,
    Point,
    Segment,
    area,
    bounds,
    rectangle,
    rectangle_around,
    sides_of,
)
from yonk.core.sewing.steps import CAUTIONS, ActName, Step
from yonk.core.sewing.table import (
    Piece,
    School,
    Table,
    corner_to_corner,
    edge_along,
    from_the_longest,
    longest_side,
    middle_of,
)
from yonk.core.sewing.trimming import Fit, Target, bias_sides, placed
from yonk.core.sewing.work import Layers, SewingError, Work, length

__all__ = [
    "CAUTIONS",
    "NOTHING",
    "ActName",
    "Fit",
    "Layers",
    "Line",
    "Mark",
    "MarkedLine",
    "Motion",
    "Outline",
    "Picture",
    "Piece",
    "Point",
    "School",
    "Segment",
    "SewingError",
    "Side",
    "Step",
    "Table",
    "Target",
    "Work",
    "area",
    "bias_sides",
    "bounds",
    "corner_to_corner",
    "edge_along",
    "from_the_longest",
    "length",
    "longest_side",
    "middle_of",
    "picture_of",
    "placed",
    "rectangle",
    "rectangle_around",
    "rounded",
    "sides_of",
]
