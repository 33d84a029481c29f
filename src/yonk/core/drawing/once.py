"""What follows from a drawing alone is worked out once for it, not at each change of its paints."""

from __future__ import annotations

from collections.abc import Callable
from typing import TypeVar

from yonk.core.drawing.faces import Drawing
from yonk.core.paper import A_FACE, kept

FromDrawing = TypeVar("FromDrawing")


def once_a_drawing(work: Callable[[Drawing], FromDrawing]) -> Callable[[Drawing], FromDrawing]:
    """The same work, whose answer lies on the bench beside the drawing."""
    return kept(_weigh)(work)


def _weigh(_: object, drawing: Drawing) -> int:
    return A_FACE * len(drawing.faces)
