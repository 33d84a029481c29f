"""What a piece is called from where it lies: *top row*, *upper left quarter*, *middle*, *first
round*.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import Literal

from yonk.core.drawing import Cells, Cornered
from yonk.core.paper import Message, message
from yonk.core.pressing.plan import SewingPlan

Line = Literal["row", "column"]


def place_name(plan: SewingPlan, part: int) -> Message | None:
    """What a part of a block is called by its place: a patch by its face, or a join by what comes
    after all faces.
    """
    return place_of_patches(plan, plan.joining.order.faces(part))


def place_of_patches(plan: SewingPlan, faces: Sequence[int]) -> Message | None:
    """What some patches of a block, by their faces, are called together by their place.

    Returns: nothing where they are no row, column or quarter, nor several of them side by side, nor
    the middle, or what is sewn round it.
    """
    whole = plan.reading.assembly
    boxes = [plan.joining.faces[face].box for face in faces]
    left, top = min(box[0] for box in boxes), min(box[1] for box in boxes)
    right, bottom = max(box[2] for box in boxes), max(box[3] for box in boxes)
    wide, high = whole.region.width, whole.region.height
    if isinstance(whole, Cornered):
        inner = {piece.face for piece in whole.middle.region.pieces}
        return message("middle-of-a-block") if inner == set(faces) else None
    if (right - left, bottom - top) == (wide, high):
        return None
    inside = right - left < wide and bottom - top < high
    if inside and (left + right, top + bottom) == (wide, high):
        return _round(plan, (left, top, right, bottom), set(faces))
    if not isinstance(whole, Cells):
        return None
    if right - left == wide:
        return _lines("row", (0, *whole.region.level_cuts, high), top, bottom)
    if bottom - top == high:
        return _lines("column", (0, *whole.region.upright_cuts, wide), left, right)
    halves = 2 * (right - left) == wide and 2 * (bottom - top) == high
    if halves and left in (0, wide // 2) and top in (0, high // 2):
        return message(
            "quarter-of-a-block",
            vertical="lower" if top else "upper",
            across="right" if left else "left",
        )
    return None


def _round(plan: SewingPlan, box: tuple[int, int, int, int], faces: set[int]) -> Message:
    """The middle of a block, or the round that was last sewn about it: of all that is made about
    the same point what lies inside counts.
    """
    order = plan.joining.order
    inside = 0
    for join in plan.joining.joins:
        made = order.faces(order.leaves + join.number)
        if len(made) < len(faces) and faces.issuperset(made):
            inside += _middle_of(plan, made) == (box[0] + box[2], box[1] + box[3])
    return message("round-of-a-block", number=inside) if inside else message("middle-of-a-block")


def _middle_of(plan: SewingPlan, faces: Sequence[int]) -> tuple[int, int]:
    """Twice the middle of the box round some patches, in lattice steps."""
    boxes = [plan.joining.faces[face].box for face in faces]
    across = min(box[0] for box in boxes) + max(box[2] for box in boxes)
    return across, min(box[1] for box in boxes) + max(box[3] for box in boxes)


def _lines(kind: Line, cuts: Sequence[int], start: int, end: int) -> Message | None:
    """One row or column, or several beside each other, counted from the top or the left."""
    if start not in cuts or end not in cuts:
        return None
    first, last, count = cuts.index(start) + 1, cuts.index(end), len(cuts) - 1
    if first != last:
        return message("lines-of-a-block", kind=kind, first=first, last=last)
    return line_name(kind, first, count)


def line_name(kind: Line, number: int, count: int) -> Message:
    """What one of so many rows or columns is called, counted from one at the top or the left."""
    where = {1: "first", count: "last"}.get(number, "inner")
    if where == "inner" and 2 * number == count + 1:
        where = "middle"
    return message("line-of-a-block", kind=kind, where=where, number=number)
