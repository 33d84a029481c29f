"""What acts ask of a draft before they change it, and what a draft must hold after it was
changed.
"""

from __future__ import annotations

from yonk.core.paper import (
    COUNTS,
    FINEST,
    UNASSIGNED,
    Draft,
    DraftError,
    Point,
    PointText,
    length_fault,
    message,
    number_fault,
    typed_length,
)

_MOST_SEAMS = COUNTS["seams"][1]


def point_of(text: PointText, place: str, draft: Draft) -> Point:
    """A point as it was sent, inside the block. Raises `DraftError`."""
    x, y = (typed_length(part, place, "place", "in") for part in text)
    if x > len(draft.columns) or y > len(draft.rows):
        raise DraftError(place, message("lies-outside-grid"))
    return x, y


def grid_size(draft: Draft) -> tuple[int, int]:
    """How many columns and rows the block has."""
    return len(draft.columns), len(draft.rows)


def check_known(draft: Draft, key: str) -> None:
    """Raises `DraftError` where the block has no such fabric."""
    if key != UNASSIGNED and key not in {fabric.key for fabric in draft.fabrics}:
        raise DraftError("fabric", message("is-none-of-the-blocks-fabrics", key=key))


def check_numbers(draft: Draft) -> None:
    """Raises `DraftError` where a draft holds a number that its file could not hold."""
    parts = [
        (f"{axis} {place}", part)
        for axis, all_of in (("columns", draft.columns), ("rows", draft.rows))
        for place, part in enumerate(all_of, start=1)
    ]
    for place, part in parts:
        if number_fault(part, "proportion") or part.denominator > FINEST:
            raise DraftError(place, message("comes-out-too-fine"))
    for place, side in (("width", draft.width), ("height", draft.height)):
        fault = length_fault(side, "finished", draft.unit)
        if fault or side.denominator > FINEST:
            raise DraftError(place, fault or message("comes-out-too-fine"))
    if len(draft.seams) > _MOST_SEAMS:
        raise DraftError("seams", message("seams-are-too-many", most_seams=_MOST_SEAMS))


def check_line(axis: str, line: int, *, last: int) -> None:
    """Raises `DraftError` where the grid has no column or row of that number."""
    if not 0 <= line <= last:
        raise DraftError(axis, message("have-no-such-line"))


def check_colouring(draft: Draft, number: int) -> None:
    """Raises `DraftError` where the block has no colouring of that number."""
    if not 0 <= number < len(draft.colourings):
        raise DraftError("number", message("is-no-colouring-of-this-block"))
