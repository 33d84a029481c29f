"""Where the stitching of a seam starts: at a point on its unit's edge, so that it is exact there
and what runs off lies at the other end.
Source: *Pressing inside a unit* in `docs/units.md`.
"""

from __future__ import annotations

from yonk.core.drawing import Spot
from yonk.core.joining import Join
from yonk.core.pressing.plan import SewingPlan


def starts_at(plan: SewingPlan, join: Join) -> Spot | None:
    """The end of a unit's own seam that is sewn first, in lattice steps: the one on the edge of the
    unit at which another of its seams ends as well, as both do in the point of a goose. None where
    both ends are such points or neither is.
    """
    if join.unit is None or join.kind != "straight":
        return None
    points = [spot for spot in join.along[0] if _is_a_point(plan, join, spot)]
    return points[0] if len(points) == 1 else None


def _is_a_point(plan: SewingPlan, join: Join, spot: Spot) -> bool:
    others = [other for other in plan.joins_of_unit(join) if other != join.number]
    ends = (end for number in others for end in _ends(plan.joining.joins[number]))
    return spot in ends and _on_edge(plan, join, spot)


def _ends(join: Join) -> tuple[Spot, Spot]:
    return join.along[0][0], join.along[-1][1]


def _on_edge(plan: SewingPlan, join: Join, spot: Spot) -> bool:
    """Whether a spot lies inside one of the sides of the unit's box; its corners are no points."""
    left, top, right, bottom = plan.unit_box(join)
    level, upright = spot[1] in (top, bottom), spot[0] in (left, right)
    return level != upright
