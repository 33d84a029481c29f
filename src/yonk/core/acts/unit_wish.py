"""What is set for the group of units that a point lies in, as the acts change it."""

from __future__ import annotations

from dataclasses import replace

from yonk.core.paper import Draft, DraftError, Point, UnitWish, message
from yonk.core.planning import read


def wish_at(draft: Draft, at: Point) -> UnitWish:
    """What is set for the group of units like the one that holds a point; nothing where nothing
    is. Raises `DraftError` where the point lies on a seam.
    """
    groups, face, lies_in = _groups(draft, at)
    for choice, there in zip(draft.making.units, lies_in, strict=True):
        if there in groups and groups[there] == groups[face]:
            return replace(choice, at=at)
    return UnitWish(at=at)


def with_wish(draft: Draft, wish: UnitWish) -> Draft:
    """The draft with this set for the group of units at its point, in the place of what was."""
    groups, face, lies_in = _groups(draft, wish.at)
    units = [
        choice
        for choice, there in zip(draft.making.units, lies_in, strict=True)
        if there in groups and groups[there] != groups[face]
    ]
    if not wish.untouched:
        units.append(wish)
    return replace(draft, making=replace(draft.making, units=tuple(units)))


def _groups(draft: Draft, at: Point) -> tuple[dict[int | None, str], int, list[int | None]]:
    """The group of each face by its label, the face at the point, and those of what is set."""
    reading = read(draft)
    face = reading.drawing.faces_at([at])[0]
    if face is None:
        raise DraftError("at", message("touch-the-inside", what="unit"))
    labels: dict[int | None, str] = {
        number: group.label for number, group in reading.group_of_face.items()
    }
    return labels, face, [*reading.drawing.faces_at([one.at for one in draft.making.units])]
