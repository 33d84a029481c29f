"""Carrying a draft over: patches keep the fabric of the place that they lie in."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import replace

from yonk.core.acts.grid import Back
from yonk.core.drawing import (
    Drawing,
    draw,
    face_fabrics,
    grid_point_inside,
    know_paint_faces,
    paint_faces,
)
from yonk.core.paper import (
    UNASSIGNED,
    Draft,
    Paint,
    Point,
    Seam,
    UnitWish,
    tidy,
)


def same(point: Point) -> Point:
    """The point where it was."""
    return point


def carried(draft: Draft, brought: Iterable[Paint], before: Draft, back: Back = same) -> Draft:
    """The draft with one paint for each patch: brought with it, kept, or that of the place it lay
    in before.

    `back` leads from a point of the draft to the same place before, where the grid has changed.
    """
    drawing = draw(draft)
    brought = [*brought]
    lies_in = [
        *drawing.faces_at([paint.at for paint in brought]),
        *_still_in(draft, drawing, before),
    ]
    chosen: dict[int, Paint] = {}
    for face, paint in zip(lies_in, (*brought, *draft.paints), strict=True):
        if face is not None:
            chosen.setdefault(face, paint)
    bare = [face for face in range(len(drawing.faces)) if face not in chosen]
    if bare and before.paints:
        old = draw(before)
        fabrics = face_fabrics(before, old)[0]
        spots = [grid_point_inside(drawing, drawing.faces[face]) for face in bare]
        for face, spot, there in zip(
            bare, spots, old.faces_at([back(spot) for spot in spots]), strict=True
        ):
            if there is not None:
                chosen[face] = Paint(spot, fabrics[there])
    faces = [face for face in sorted(chosen) if chosen[face].fabric != UNASSIGNED]
    kept = tuple([chosen[face] for face in faces])
    know_paint_faces(drawing, kept, faces)
    return replace(
        draft, paints=kept, making=replace(draft.making, units=still_inside(draft, drawing))
    )


def _still_in(draft: Draft, drawing: Drawing, before: Draft) -> Sequence[int | None]:
    """The face that each paint lies in; of those that lay in a face which the change has left as it
    was, nothing needs to be looked up.
    """
    if draft.paints is not before.paints:
        return paint_faces(draft, drawing)
    old = draw(before)
    if (old.scale, old.ruling) != (drawing.scale, drawing.ruling):
        return paint_faces(draft, drawing)
    number = {id(face): index for index, face in enumerate(drawing.faces)}  # the very faces stay
    found = [
        None if face is None else number.get(id(old.faces[face]))
        for face in paint_faces(before, old)
    ]
    unsure = [place for place, face in enumerate(found) if face is None]
    points = [draft.paints[place].at for place in unsure]
    for place, face in zip(unsure, drawing.faces_at(points), strict=True):
        found[place] = face
    return found


def still_inside(draft: Draft, drawing: Drawing) -> tuple[UnitWish, ...]:
    """What is set for single units whose point is not on a seam now."""
    choices = draft.making.units
    faces = drawing.faces_at([choice.at for choice in choices])
    return tuple(choice for face, choice in zip(faces, choices, strict=True) if face is not None)


def with_seams(draft: Draft, seams: Iterable[Seam]) -> Draft:
    """The draft with other seams; patches keep the fabric of the place they lie in."""
    return carried(replace(draft, seams=tidy(seams)), (), draft)
