"""What a finished block looks like before any number: bowed in or out, a wedge, wavy, all small or
all large, leaning, or good.
"""

from __future__ import annotations

from collections.abc import Mapping
from math import pi, sin
from typing import Literal, get_args

from yonk.core.measuring.suspects import CauseKind
from yonk.core.paper import XY

Look = Literal[
    "bowed-in", "bowed-out", "wedge", "wavy", "all-small", "all-large", "leaning", "good"
]
LOOKS: tuple[Look, ...] = get_args(Look)
_BENT = 0.09  # of a side, by which a picture is bent
_STEPS = 9  # corners along a side of a picture
_RIGHT = 0.65  # how often she says what it is; else any of the others
_SEEN = 0.7  # readings, below which nothing looks wrong


def look_of(kind: CauseKind, off: Mapping[str, float], reading: float) -> Look:
    """What a block looks like, by how much each of its measures is off.

    Args:
        kind: what is wrong; stretched cloth ripples, whatever it measures.
        off: by the names of the block's measures, in the draft's unit.
        reading: how exactly a size is read off.
    """
    if kind == "stretch":
        return "wavy"
    top, middle, bottom = (off[f"block:{one}"] for one in ("top", "middle", "bottom"))
    left, center, right = (off[f"block:{one}"] for one in ("left", "center", "right"))
    lean = (off["block:diagonal-down"] - off["block:diagonal-up"]) / 2
    size = (top + middle + bottom + left + center + right) / 6
    bows = (middle - (top + bottom) / 2, center - (left + right) / 2)
    bow = max(bows, key=abs)
    wedge = max((top - bottom, left - right), key=abs)
    seen: dict[Look, float] = {
        "all-large" if size > 0 else "all-small": abs(size),
        "bowed-out" if bow > 0 else "bowed-in": abs(bow),
        "wedge": abs(wedge),
        "leaning": abs(lean),
    }
    look = max(seen, key=lambda one: seen[one])
    return look if seen[look] > _SEEN * reading else "good"


def look_picture(look: Look) -> list[XY]:
    """The outline of a block that looks so, far too much, in a square of one by one."""
    along = [number / _STEPS for number in range(_STEPS)]
    sides: list[XY] = [
        *((one, 0.0) for one in along),
        *((1.0, one) for one in along),
        *((1 - one, 1.0) for one in along),
        *((0.0, 1 - one) for one in along),
    ]
    return [_bent(look, x, y) for x, y in sides]


def _bent(look: Look, x: float, y: float) -> XY:
    """Where a spot of a square lies in a block that looks so."""
    u, v = x - 0.5, y - 0.5
    if look in ("bowed-in", "bowed-out"):
        by = _BENT if look == "bowed-out" else -_BENT
        return (
            x + by * (1 - 4 * v * v) * 2 * u,
            y + by * (1 - 4 * u * u) * 2 * v,
        )
    if look == "wedge":
        return 0.5 + u * (1 - 2.4 * _BENT * (0.5 - v)), y
    if look == "leaning":
        return x - 1.6 * _BENT * v, y
    if look == "wavy":
        wave = 0.45 * _BENT * sin(6 * pi * (x + y))
        return x + (wave if abs(u) == 0.5 else 0.0), y + (wave if abs(v) == 0.5 else 0.0)
    scale = {"all-small": 1 - 1.8 * _BENT, "all-large": 1 + 1.8 * _BENT}.get(look, 1.0)
    return 0.5 + u * scale, 0.5 + v * scale


def likely(said: Look, looks: Look) -> float:
    """How likely she says one thing of a block that looks like another."""
    return _RIGHT if said == looks else (1 - _RIGHT) / (len(LOOKS) - 1)
