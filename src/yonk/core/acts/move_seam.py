"""Act: move one end of a seam to another point; its other end stays."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.checks import grid_size, point_of
from yonk.core.acts.mates import MatesName, mates_of
from yonk.core.paper import Draft, DraftError, Point, PointText, Seam, message, tidy


@dataclass(frozen=True, kw_only=True)
class MoveSeam(Act):
    """Move one end of a seam, from `end` to `to`; its other end, `start`, stays."""

    do: Literal["move-seam"] = "move-seam"
    start: PointText
    end: PointText
    to: PointText

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        stays, moves = point_of(self.start, "start", draft), point_of(self.end, "end", draft)
        to = point_of(self.to, "to", draft)
        if to == stays:
            raise DraftError("to", message("is-where-the-seam-begins"))
        there = {_unturned(seam): seam for seam in draft.seams}
        if _unturned((stays, moves)) not in there:
            raise DraftError("start", message("is-no-seam"))
        grid = grid_size(draft)
        # of two mates that would move the same end, the first counts; those without such a seam
        # have nothing to move
        moved: dict[Seam, dict[Point, Point]] = {}
        for mate in mates_of(draft, mates):
            here = mate.point(stays, grid), mate.point(moves, grid)
            seam = there.get(_unturned(here))
            if seam is not None:
                moved.setdefault(seam, {}).setdefault(here[1], mate.point(to, grid))
        seams = [_moved(seam, moved.get(seam, {})) for seam in draft.seams]
        kept = tidy(seam for seam in seams if seam[0] != seam[1])
        return carried(replace(draft, seams=kept), (), draft)


def _unturned(seam: Seam) -> Seam:
    """A seam from its lower end, whichever way it was drawn."""
    return min(seam), max(seam)


def _moved(seam: Seam, ends: dict[Point, Point]) -> Seam:
    return ends.get(seam[0], seam[0]), ends.get(seam[1], seam[1])
