"""Carrying a draft over: patches keep the fabric of the place they lie in, points are read, keys are known."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace

from yonk.core.acts.grid import Back
from yonk.core.drawing import Drawing, draw, fabrics_of, grid_point_inside
from yonk.core.paper import (
    FINEST,
    UNASSIGNED,
    Draft,
    DraftError,
    Paint,
    Point,
    Seam,
    UnitMethod,
    length_fault,
    number_fault,
    tidy,
    typed_length,
)

PointText = tuple[str, str]


def same(point: Point) -> Point:
    """The point where it was."""
    return point


def carried(draft: Draft, brought: Iterable[Paint], before: Draft, back: Back = same) -> Draft:
    """The draft with one paint for each patch: brought with it, kept, or that of the place it lay in before.

    `back` leads from a point of the draft to the same place before, where the grid has changed.
    """
    drawing = draw(draft)
    paints = (*brought, *draft.paints)
    chosen: dict[int, Paint] = {}
    for face, paint in zip(drawing.faces_at([paint.at for paint in paints]), paints, strict=True):
        if face is not None:
            chosen.setdefault(face, paint)
    bare = [face for face in range(len(drawing.faces)) if face not in chosen]
    if bare and before.paints:
        old = draw(before)
        fabrics = fabrics_of(before, old)[0]
        spots = [grid_point_inside(drawing, drawing.faces[face]) for face in bare]
        for face, spot, there in zip(bare, spots, old.faces_at([back(spot) for spot in spots]), strict=True):
            if there is not None:
                chosen[face] = Paint(spot, fabrics[there])
    kept = tuple(chosen[face] for face in sorted(chosen) if chosen[face].fabric != UNASSIGNED)
    return replace(draft, paints=kept, making=replace(draft.making, units=still_inside(draft, drawing)))


def still_inside(draft: Draft, drawing: Drawing) -> tuple[UnitMethod, ...]:
    """The methods chosen for single units whose point is not on a seam now."""
    choices = draft.making.units
    faces = drawing.faces_at([choice.at for choice in choices])
    return tuple(choice for face, choice in zip(faces, choices, strict=True) if face is not None)


def point_of(text: PointText, place: str, draft: Draft) -> Point:
    """A point as it was sent, inside the block. Raises `DraftError`."""
    x, y = (typed_length(part, place, "place", "in") for part in text)
    if x > len(draft.columns) or y > len(draft.rows):
        raise DraftError(place, "lies outside the grid")
    return x, y


def grid_size(draft: Draft) -> tuple[int, int]:
    """How many columns and rows the block has."""
    return len(draft.columns), len(draft.rows)


def check_known(draft: Draft, key: str) -> None:
    """Raises `DraftError` where the block has no such fabric."""
    if key != UNASSIGNED and key not in {fabric.key for fabric in draft.fabrics}:
        raise DraftError("fabric", f"“{key}” is none of the block's fabrics")


def check_numbers(draft: Draft) -> None:
    """Raises `DraftError` where a draft holds a number that its file could not hold."""
    parts = [
        (f"{axis} {place}", part)
        for axis, all_of in (("columns", draft.columns), ("rows", draft.rows))
        for place, part in enumerate(all_of, start=1)
    ]
    for place, part in parts:
        if number_fault(part, "proportion") or part.denominator > FINEST:
            raise DraftError(place, "comes out finer than can be kept; take a rounder length")
    for place, side in (("width", draft.width), ("height", draft.height)):
        fault = length_fault(side, "finished", draft.unit)
        if fault or side.denominator > FINEST:
            raise DraftError(place, fault or "comes out finer than can be kept; take a rounder length")


def with_seams(draft: Draft, seams: Iterable[Seam]) -> Draft:
    """The draft with other seams; patches keep the fabric of the place they lie in."""
    return carried(replace(draft, seams=tidy(seams)), (), draft)
