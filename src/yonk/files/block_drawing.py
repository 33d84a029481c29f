"""The front of a block on paper, in its fabrics."""

from __future__ import annotations

from typing import Any

from reportlab.platypus import Flowable

from yonk.core.planning import Reading
from yonk.files.cloth_on_paper import fill_cloth
from yonk.files.paper import INK


def draw_block(canvas: Any, reading: Reading, scale: float, left: float = 0) -> None:
    """Draw the faces of a block from the bottom left, `scale` points to the draft's unit."""
    steps = float(reading.drawing.scale) / scale
    high = float(reading.draft.height) * scale
    canvas.setStrokeColor(INK)
    canvas.setLineWidth(0.5)
    for face, key in zip(reading.drawing.faces, reading.fabrics, strict=True):
        rings = [
            [(left + x / steps, high - y / steps) for x, y in ring]
            for ring in (face.ring, *face.holes)
        ]
        fabric = reading.draft.fabric(key)
        fill_cloth(canvas, rings, fabric, scale, origin=(left, high), turn=fabric.direction)


class BlockDrawing(Flowable):  # type: ignore[misc]
    """The front of a block, its longer side so many points."""

    def __init__(self, reading: Reading, side: float) -> None:
        super().__init__()
        self.reading = reading
        across, down = float(reading.draft.width), float(reading.draft.height)
        self.scale = side / max(across, down)
        self.width, self.height = across * self.scale, down * self.scale

    def wrap(self, *_: float) -> tuple[float, float]:
        """How much room it takes, in points."""
        return self.width, self.height

    def draw(self) -> None:
        """Draw it from the bottom left."""
        draw_block(self.canv, self.reading, self.scale)
