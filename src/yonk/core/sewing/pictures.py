"""Pictures of steps, to scale: outlines with their fabrics and sides, lines with their meanings,
sizes and arrows.

A picture says what there is to draw, in the draft's unit; it knows nothing of screens or paper.
"""

from __future__ import annotations

from dataclasses import dataclass
from math import atan2, degrees
from typing import Literal

from yonk.core.paper import XY, Polygon, Text
from yonk.core.sewing.plane import Motion, TableSegment, bounds
from yonk.core.sewing.steps import Scene
from yonk.core.sewing.work import Layers, Scrap, SewnWork

ClothSide = Literal["right", "wrong"]
PictureMark = Literal[
    "drawn", "sewn", "cut", "seam", "press", "ruler", "guide", "allowance", "pin", "dot", "start"
]
PEEK = 0.035  # how far the lower cloth peeks out beside the upper, as a share of the work


@dataclass(frozen=True)
class ShownCloth:
    """A piece of cloth to draw: which side of which fabric shows, and by how many degrees its print
    is turned.
    """

    outline: Polygon
    fabric: str
    side: ClothSide
    turn: int


@dataclass(frozen=True)
class MarkedLine:
    """A line and what it means."""

    span: TableSegment
    mark: PictureMark


@dataclass(frozen=True)
class Label:
    """A size to read, beside the span that it measures; or the number of a ruler's mark, at the
    second end of its span.
    """

    span: TableSegment
    words: Text
    of: Literal["size", "mark"] = "size"


@dataclass(frozen=True)
class Picture:
    """What there is to draw, and the box it lies in: left, top, width, height. `count` works lie
    so.
    """

    cloths: tuple[ShownCloth, ...]
    lines: tuple[MarkedLine, ...]
    labels: tuple[Label, ...]
    box: tuple[float, float, float, float]
    count: int


def picture_of(scene: Scene) -> Picture:
    """A scene as a picture."""
    shown = scene.shown
    if isinstance(shown, Layers):
        cloths, outlines = _layers(shown)
    else:
        cloths, outlines = _cloths(shown, "right"), shown.outlines
    lines = [
        MarkedLine(seam, "seam") for seam in (shown.seams if isinstance(shown, SewnWork) else ())
    ]
    ruled = scene.ruler
    if ruled:
        lines += [MarkedLine(edge, "ruler") for edge in ruled[0]]
        lines += [MarkedLine(one.span, "ruler") for one in scene.ruler_marks]
        lines.append(MarkedLine(ruled[1], "guide"))
        outlines = [*outlines, *ruled[0]]
    lines += [MarkedLine(span, "drawn") for span in scene.drawn]
    lines += [MarkedLine(span, "sewn") for span in scene.sewn]
    lines += [MarkedLine(span, "cut") for span in scene.cut if not ruled]
    lines += [MarkedLine(_tail(span), "press") for span in scene.pressed]
    if scene.open_seam:
        lines += [MarkedLine(_tail((b, a)), "press") for a, b in scene.pressed]
    left, top, right, bottom = bounds([*outlines, *scene.pressed])
    labels = (
        *(Label(size.span, size.words) for size in scene.sizes),
        *(Label(one.span, one.words, "mark") for one in scene.ruler_marks),
    )
    return Picture(
        tuple(cloths), tuple(lines), labels, (left, top, right - left, bottom - top), scene.count
    )


def _tail(span: TableSegment) -> TableSegment:
    """The half of an arrow beyond the seam."""
    (ax, ay), (bx, by) = span
    return ((ax + bx) / 2, (ay + by) / 2), (bx, by)


def _layers(layers: Layers) -> tuple[list[ShownCloth], list[Polygon]]:
    left, top, right, bottom = bounds(
        [*layers.under.outlines, *(o for work in layers.over for o in work.outlines)]
    )
    by = PEEK * max(right - left, bottom - top)
    under = layers.under.moved(Motion.shift(by, by))
    cloths = _cloths(under, "right")
    for work in layers.over:
        cloths += _cloths(work, "wrong")
    return cloths, [
        *under.outlines,
        *(outline for work in layers.over for outline in work.outlines),
    ]


def _cloths(work: SewnWork, side: ClothSide) -> list[ShownCloth]:
    return [ShownCloth(scrap.outline, scrap.fabric, side, _turn(scrap)) for scrap in work.front]


def _turn(scrap: Scrap) -> int:
    """By how much the print is turned clockwise from upright, in degrees."""
    x, y = scrap.up
    return round(degrees(atan2(x, -y))) % 360


def rounded(outline: Polygon) -> tuple[XY, ...]:
    """An outline to a thousandth, as pictures need it."""
    return tuple((round(x, 3), round(y, 3)) for x, y in outline)
