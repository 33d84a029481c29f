"""What a quilter wishes of the sewing of a block: the order of joining, and seams that she turned
by hand.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper.points import Point

OrderName = Literal["rows", "columns", "quarters", "chained"]
ORDERS: tuple[OrderName, ...] = ("rows", "columns", "quarters", "chained")
Toward = Literal["left", "right", "up", "down", "open"]
TOWARD: tuple[Toward, ...] = ("left", "right", "up", "down", "open")
_MIRRORED: dict[Toward, Toward] = {"left": "right", "right": "left"}


@dataclass(frozen=True, kw_only=True)
class PartOrder:
    """The order chosen for a part of the block: that whose box has these corners, in columns and
    rows.
    """

    corner: Point
    opposite: Point
    order: OrderName


@dataclass(frozen=True, kw_only=True)
class MadeTogether:
    """A part of the block that is made as one unit: the box with these corners, the upper left and
    the lower right one, in columns and rows.
    """

    corner: Point
    opposite: Point

    def touches(self, other: MadeTogether) -> bool:
        """Whether two of them have anything in common."""
        return all(
            self.corner[axis] < other.opposite[axis] and other.corner[axis] < self.opposite[axis]
            for axis in (0, 1)
        )

    def moved(self, forth: Callable[[Point], Point]) -> MadeTogether:
        """The same where the grid has moved under it."""
        one, other = forth(self.corner), forth(self.opposite)
        return MadeTogether(
            corner=(min(one[0], other[0]), min(one[1], other[1])),
            opposite=(max(one[0], other[0]), max(one[1], other[1])),
        )


@dataclass(frozen=True, kw_only=True)
class SeamWish:
    """Where the seam that runs through a point is pressed; `at` is in columns and rows, on the
    seam, away from its ends.
    """

    at: Point
    toward: Toward


@dataclass(frozen=True, kw_only=True)
class SewingWishes:
    """Her choices; what she leaves open is proposed.

    `order` is for the block, `parts` for parts of it. `presses` are seams turned by hand, `in_lots`
    points on seams inside units that may be pressed in two lots, `batch` how many are sewn in one
    chain; each of `together` is a part made as one unit. Under the fabrics of `never_under`, by
    their keys, no allowance is to lie that can lie elsewhere.
    """

    order: OrderName | None = None
    parts: tuple[PartOrder, ...] = ()
    presses: tuple[SeamWish, ...] = ()
    in_lots: tuple[Point, ...] = ()
    batch: int = 24
    never_under: tuple[str, ...] = ()
    together: tuple[MadeTogether, ...] = ()

    @property
    def places(self) -> tuple[tuple[str, Point], ...]:
        """Every point that a choice is kept by, with its place in a file."""
        parts = [
            (f"parts[{number}].{end}", point)
            for number, part in enumerate(self.parts)
            for end, point in (("corner", part.corner), ("opposite", part.opposite))
        ]
        presses = [(f"presses[{number}].at", one.at) for number, one in enumerate(self.presses)]
        lots = [(f"in_lots[{number}]", point) for number, point in enumerate(self.in_lots)]
        boxes = [
            (f"together[{number}].{end}", point)
            for number, box in enumerate(self.together)
            for end, point in (("corner", box.corner), ("opposite", box.opposite))
        ]
        return (*parts, *presses, *lots, *boxes)

    def moved(self, forth: Callable[[Point], Point]) -> SewingWishes:
        """The same choices where the grid has moved under them."""
        return replace(
            self,
            parts=tuple(
                replace(part, corner=forth(part.corner), opposite=forth(part.opposite))
                for part in self.parts
            ),
            presses=tuple(replace(one, at=forth(one.at)) for one in self.presses),
            in_lots=tuple(forth(point) for point in self.in_lots),
            together=tuple(box.moved(forth) for box in self.together),
        )

    def mirrored(self, forth: Callable[[Point], Point]) -> SewingWishes:
        """The same choices on the mirror image, left for right; `forth` moves a point there."""
        moved = self.moved(forth)
        turned = (
            replace(one, toward=_MIRRORED.get(one.toward, one.toward)) for one in moved.presses
        )
        return replace(moved, presses=tuple(turned))

    def without_places(self) -> SewingWishes:
        """What is left of the choices when nothing lies where it did."""
        return replace(self, parts=(), presses=(), in_lots=(), together=())

    @property
    def untouched(self) -> bool:
        """Whether nothing was chosen."""
        return self == SewingWishes()
