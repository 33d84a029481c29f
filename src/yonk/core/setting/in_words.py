"""Parts of a quilt in words, for screens and paper alike."""

from __future__ import annotations

from yonk.core.paper import Measure, Message, message, show_size
from yonk.core.setting.places import Top
from yonk.core.setting.quilt import Quilt


def purpose_message(purpose: str) -> Message:
    """What a piece of the setting is for.

    >>> purpose_message("side-triangle").code, purpose_message("border-2").parameters
    ('purpose-side-triangle', (('number', '2'),))
    """
    what, _, number = purpose.rpartition("-")
    if number.isdecimal():
        return message(f"purpose-{what}", number=number)
    return message(f"purpose-{purpose}")


def size_of_top(top: Top, quilt: Quilt) -> Measure:
    """A width and a height in the quilt's unit."""
    return show_size(top.width, top.height, quilt.unit)
