"""Acts on seams: drawing one from point to point, rubbing a stretch or a whole one out."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.carrying import PointText, carried, grid_size, point_of
from yonk.core.acts.mates import MatesName, mates_of
from yonk.core.paper import Draft, DraftError, Ruling, tidy, whole_seam, without


@dataclass(frozen=True, kw_only=True)
class Sew:
    """Draw a seam from one point to another."""

    do: Literal["sew"] = "sew"
    start: PointText
    end: PointText


@dataclass(frozen=True, kw_only=True)
class Rub:
    """Rub out whatever is drawn on the stretch between two points, or the whole straight seam that it is part of."""

    do: Literal["rub"] = "rub"
    start: PointText
    end: PointText
    whole: bool = False


def do_sew(draft: Draft, act: Sew, mates: MatesName) -> Draft:
    """The draft after `Sew`. Raises `DraftError` naming the field."""
    start, end = point_of(act.start, "start", draft), point_of(act.end, "end", draft)
    if start == end:
        raise DraftError("end", "is where the seam begins; choose another point")
    new = [(mate.point(start, grid_size(draft)), mate.point(end, grid_size(draft))) for mate in mates_of(draft, mates)]
    return carried(replace(draft, seams=tidy((*draft.seams, *new))), (), draft)


def do_rub(draft: Draft, act: Rub, mates: MatesName) -> Draft:
    """The draft after `Rub`. Raises `DraftError` naming the field."""
    start, end = point_of(act.start, "start", draft), point_of(act.end, "end", draft)
    ruling = Ruling.of(draft)
    seams = draft.seams
    if act.whole:
        start, end = whole_seam(draft, (start, end))
    for mate in mates_of(draft, mates):
        rubbed = tuple(ruling.place(mate.point(point, grid_size(draft))) for point in (start, end))
        left = []
        for seam in seams:
            placed = ruling.place(seam[0]), ruling.place(seam[1])
            for part in without(placed, (rubbed[0], rubbed[1])):
                left.append(seam if part == placed else (ruling.count(part[0]), ruling.count(part[1])))
        seams = tuple(left)
    return carried(replace(draft, seams=tidy(seams)), (), draft)
