"""A quilt drawn on paper or as SVG: its cloth as coloured outlines from the bottom up, and the
setting diagram over it.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from functools import cache
from math import cos, radians, sin

from reportlab.platypus import Flowable

from yonk.core.paper import Fabric, Polygon
from yonk.core.planning import read
from yonk.core.setting import LaidBlock, Quilt, layout_of
from yonk.core.top import Diagram
from yonk.files.cloth_on_paper import fill_cloth
from yonk.files.paper import BOLD, INK, MADDER, SHEET
from yonk.files.plain_text import for_markup

_NOTHING = Fabric(key="", name="", colour="#fffdf6")


@dataclass(frozen=True)
class Coloured:
    """An outline in the quilt's unit, its fabric, by how many degrees clockwise it lies turned in
    the quilt, and whether it lies in the top, beyond whose edge nothing of it is seen.
    """

    outline: Polygon
    fabric: Fabric
    turn: float
    in_top: bool


def coloured_outlines(quilt: Quilt) -> Iterator[Coloured]:
    """Everything that is seen of a quilt, what lies lowest first."""
    layout, fabrics = layout_of(quilt), quilt.all_fabrics

    @cache
    def faces(key: str) -> list[tuple[Polygon, Fabric]]:
        draft = quilt.by_key[key].as_sewn
        reading = read(draft)
        scale = float(reading.drawing.scale)
        half = float(draft.width) / 2, float(draft.height) / 2
        pairs = zip(reading.drawing.faces, reading.fabrics, strict=True)
        largest = sorted(pairs, key=lambda one: -one[0].twice_area)  # what lies in holes after them
        return [
            (
                tuple((x / scale - half[0], y / scale - half[1]) for x, y in face.ring),
                draft.fabric(fabric),
            )
            for face, fabric in largest
        ]

    for cloth in layout.cloths:
        inside = not cloth.purpose.startswith("border")
        fabric = fabrics.get(cloth.fabric, _NOTHING)
        yield Coloured(cloth.outline, fabric, fabric.direction, inside)
    laid = ((layout.border_blocks, False), (layout.halves, True), (layout.blocks, True))
    for blocks, in_top in laid:
        for block in blocks:
            for outline, own in faces(block.placed.block) if block.placed else ():
                # a mirrored block has the same cloth, whose print points to the other side
                turn = block.angle + own.direction * (-1 if _is_mirrored(block) else 1)
                yield Coloured(_as_laid(outline, block), own, turn, in_top)


def _is_mirrored(block: LaidBlock) -> bool:
    return block.placed is not None and block.placed.mirrored


def _as_laid(outline: Polygon, block: LaidBlock) -> Polygon:
    c, s = cos(radians(block.angle)), sin(radians(block.angle))
    sign = -1 if _is_mirrored(block) else 1
    (x, y) = block.middle
    return tuple((x + sign * a * c - b * s, y + sign * a * s + b * c) for a, b in outline)


def write_diagram_svg(quilt: Quilt, diagram: Diagram) -> str:
    """The setting diagram: the quilt at true size, the numbers of its rows, which way each seam is
    pressed.
    """
    layout, unit = diagram.layout, quilt.unit
    left, top, wide, high = layout.top
    size = min(layout.module.width, layout.module.height) / 6
    thin = max(layout.width, layout.height) / 900

    def polygon(one: Coloured) -> str:
        points = " ".join(f"{x:.4f},{y:.4f}" for x, y in one.outline)
        return f'<polygon points="{points}" fill="{one.fabric.colour}"/>'

    shapes = list(coloured_outlines(quilt))
    outer = "".join(polygon(one) for one in shapes if not one.in_top)
    inner = "".join(polygon(one) for one in shapes if one.in_top)
    seams = "".join(
        f'<line x1="{ax:.3f}" y1="{ay:.3f}" x2="{bx:.3f}" y2="{by:.3f}" marker-end="url(#tip)"/>'
        for one in diagram.seams
        if not one.open
        for (ax, ay), (bx, by) in [one.arrow]
    )
    labels = "".join(
        f'<text x="{x:.3f}" y="{y:.3f}" font-size="{float(size):.3f}">{one.number}</text>'
        for one in diagram.labels
        for x, y in [one.at]
    )
    return (
        f'<svg xmlns="http://www.w3.org/2000/svg" width="{layout.width:.4f}{unit}" '
        f'height="{layout.height:.4f}{unit}" viewBox="0 0 {layout.width:.4f} {layout.height:.4f}">'
        f"\n<title>{for_markup(quilt.name)}</title>\n<defs><clipPath id='top'><rect x='{left:.4f}' "
        f"y='{top:.4f}' width='{wide:.4f}' height='{high:.4f}'/></clipPath><marker id='tip' "
        "viewBox='0 0 4 4' refX='3' refY='2' markerWidth='5' markerHeight='5' orient='auto'>"
        "<path d='M0 0L4 2L0 4Z' fill='#9c2f2b'/></marker></defs>\n"
        f'<g id="borders">{outer}</g>\n<g id="top-of-quilt" clip-path="url(#top)">{inner}</g>\n'
        f'<g id="pressing" stroke="#9c2f2b" stroke-width="{2 * thin:.4f}">{seams}</g>\n'
        f'<g id="rows" fill="#14312c" stroke="#fffdf6" stroke-width="{3 * thin:.4f}" '
        f'paint-order="stroke" font-family="sans-serif" font-weight="bold" '
        f'text-anchor="middle" dominant-baseline="central">{labels}</g>\n</svg>\n'
    )


class DiagramDrawing(Flowable):  # type: ignore[misc]
    """The setting diagram to scale, no larger than so many points; `plain` without what is only
    told where it is sewn.
    """

    def __init__(
        self, quilt: Quilt, diagram: Diagram, width: float, height: float, *, plain: bool = False
    ) -> None:
        super().__init__()
        self.quilt, self.diagram, self.plain = quilt, diagram, plain
        layout = diagram.layout
        self.scale = min(width / layout.width, height / layout.height)
        self.width, self.height = layout.width * self.scale, layout.height * self.scale

    def wrap(self, *_: float) -> tuple[float, float]:
        """How much room it takes, in points."""
        return self.width, self.height

    def draw(self) -> None:
        """Draw it from the bottom left."""
        shapes = list(coloured_outlines(self.quilt))
        for one in shapes:
            if not one.in_top:
                self._fill(one)
        self.canv.saveState()
        left, top, wide, high = (side * self.scale for side in self.diagram.layout.top)
        clip = self.canv.beginPath()
        clip.rect(left, self.height - top - high, wide, high)
        self.canv.clipPath(clip, stroke=0)
        for one in shapes:
            if one.in_top:
                self._fill(one)
        self.canv.restoreState()
        if not self.plain:
            self._pressing()
            self._rows()

    def _spot(self, spot: tuple[float, float]) -> tuple[float, float]:
        return spot[0] * self.scale, self.height - spot[1] * self.scale

    def _fill(self, one: Coloured) -> None:
        outline = [self._spot(spot) for spot in one.outline]
        at = 0.0, self.height
        fill_cloth(
            self.canv, [outline], one.fabric, self.scale, origin=at, turn=one.turn, edge=False
        )

    def _pressing(self) -> None:
        self.canv.setStrokeColor(MADDER)
        self.canv.setFillColor(MADDER)
        self.canv.setLineWidth(0.8)
        for one in self.diagram.seams:
            (ax, ay), (bx, by) = map(self._spot, one.arrow)
            if one.open:
                continue
            self.canv.line(ax, ay, bx, by)
            self.canv.circle(bx, by, 1.2, stroke=0, fill=1)

    def _rows(self) -> None:
        for one in self.diagram.labels:
            x, y = self._spot(one.at)
            self.canv.setFillColor(SHEET)
            self.canv.circle(x, y, 8, stroke=0, fill=1)
            self.canv.setFillColor(INK)
            self.canv.setFont(BOLD, 10)
            self.canv.drawCentredString(x, y - 3.5, str(one.number))
