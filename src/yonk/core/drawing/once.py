"""What follows from a drawing alone is worked out once for it, not at each change of its paints."""

from __future__ import annotations

from collections import deque
from collections.abc import Callable
from functools import wraps
from typing import TypeVar

from yonk.core.drawing.faces import Drawing

Answer = TypeVar("Answer")
DRAWINGS_KEPT = 8  # a block with its colourings; what follows from a drawing may be large
MOST_FACES = 10_000  # of more, what follows fills the memory


def once_a_drawing(work: Callable[[Drawing], Answer]) -> Callable[[Drawing], Answer]:
    """The same work, whose answers for the latest drawings are kept."""
    latest: deque[tuple[Drawing, Answer]] = deque(maxlen=DRAWINGS_KEPT)

    @wraps(work)
    def kept(drawing: Drawing) -> Answer:
        for known, answer in tuple(latest):
            if known is drawing:  # `draw` gives the very one; to compare thousands of faces is slow
                return answer
        answer = work(drawing)
        if len(drawing.faces) <= MOST_FACES:
            latest.appendleft((drawing, answer))
        return answer

    return kept
