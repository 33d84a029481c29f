"""The order in which a block is joined, and what it measures on the way."""

from yonk.core.joining.alike import Likeness, Likenesses
from yonk.core.joining.joins import Join, Joining, SquaredBox, box_of_part, joining_of
from yonk.core.joining.orders import CellPart, joining_order, parts_with_orders
from yonk.core.joining.touching import Touch, clockwise, touches
from yonk.core.joining.tree import JoiningOrder, Pair, Tree

__all__ = [
    "CellPart",
    "Join",
    "Joining",
    "JoiningOrder",
    "Likeness",
    "Likenesses",
    "Pair",
    "SquaredBox",
    "Touch",
    "Tree",
    "box_of_part",
    "clockwise",
    "joining_of",
    "joining_order",
    "parts_with_orders",
    "touches",
]
