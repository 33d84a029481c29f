"""Templates: the patches' true shapes with seam line, cut line and grain, for what a ruler cannot
cut or by choice.
"""

from __future__ import annotations

from dataclasses import dataclass

import shapely
import shapely.affinity

from yonk.core.paper import Polygon, Text
from yonk.core.planning import Plan
from yonk.core.units import POINTS_CUT_OFF_AT


@dataclass(frozen=True)
class Template:
    """A patch at true size, in the draft's unit, from the top left corner of its cut line's upright
    box.

    `counts` is how many are wanted of each fabric over all blocks; `grain` where the straight grain
    runs, as it lies in the block: upright.
    """

    letter: str
    cut: Polygon
    seam: Polygon
    width: float
    height: float
    counts: tuple[tuple[Text, int], ...]


def templates_of(plan: Plan) -> list[Template]:
    """The templates that the cuts need; where a ruler cuts everything, one for every letter."""
    needed = {
        purpose.letter for cut in plan.cuts if cut.shape == "template" for purpose in cut.purposes
    }
    drawing, draft = plan.reading.drawing, plan.reading.draft
    wanted: dict[str, dict[str, int]] = {}
    first: dict[str, int] = {}
    for reading, blocks in ((plan.reading, plan.blocks), *plan.colourings):
        for patch in reading.patches:
            counts = wanted.setdefault(patch.letter, {})
            counts[patch.fabric] = counts.get(patch.fabric, 0) + blocks
            if reading is plan.reading:
                first.setdefault(patch.letter, patch.face)
    seam = float(draft.making.seam)
    out = []
    for letter, face in first.items():
        if needed and letter not in needed:
            continue
        polygon = shapely.affinity.scale(
            drawing.polygons[face], 1 / drawing.scale, 1 / drawing.scale, origin=(0, 0)
        )
        grown = polygon.buffer(seam, join_style="mitre", mitre_limit=POINTS_CUT_OFF_AT)
        left, top, right, bottom = grown.bounds
        names = tuple((draft.fabric(key).called, count) for key, count in wanted[letter].items())
        out.append(
            Template(
                letter,
                _moved(grown, left, top),
                _moved(polygon, left, top),
                right - left,
                bottom - top,
                names,
            )
        )
    return out


def _moved(shape: shapely.Polygon, left: float, top: float) -> Polygon:
    return tuple((round(x - left, 9), round(y - top, 9)) for x, y in shape.exterior.coords[:-1])
