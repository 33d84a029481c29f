"""The front of a block on paper, in its fabrics."""

from __future__ import annotations

from typing import Any

from reportlab.lib.colors import HexColor
from reportlab.platypus import Flowable

from yonk.core.planning import Reading
from yonk.files.paper import INK


def draw_block(canvas: Any, reading: Reading, scale: float, left: float = 0) -> None:
    """Draw the faces of a block from the bottom left, `scale` points to the draft's unit."""
    steps = float(reading.drawing.scale) / scale
    high = float(reading.draft.height) * scale
    canvas.setStrokeColor(INK)
    canvas.setLineWidth(0.5)
    for face, fabric in zip(reading.drawing.faces, reading.fabrics, strict=True):
        path = canvas.beginPath()
        for ring in (face.ring, *face.holes):
            for corner, (x, y) in enumerate(ring):
                (path.lineTo if corner else path.moveTo)(left + x / steps, high - y / steps)
            path.close()
        canvas.setFillColor(HexColor(reading.draft.fabric(fabric).colour))
        canvas.drawPath(path, fill=1)


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
