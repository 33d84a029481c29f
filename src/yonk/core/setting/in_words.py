"""Parts of a quilt in words, for screens and paper alike."""

from __future__ import annotations

from yonk.core.paper import show_size
from yonk.core.setting.places import Top
from yonk.core.setting.quilt import Quilt

PURPOSE_WORDS = {
    "sashing": "sashing",
    "cornerstone": "cornerstones",
    "side-triangle": "side triangles",
    "corner-triangle": "corner triangles",
    "alternate": "every other place",
    "frame": "frames",
    "binding": "binding",
    "backing": "backing",
}


def purpose_words(purpose: str) -> str:
    """What a piece of the setting is for.

    >>> purpose_words("side-triangle"), purpose_words("border-2")
    ('side triangles', 'border 2')
    """
    return PURPOSE_WORDS.get(purpose) or purpose.replace("-", " ")


def size_words(top: Top, quilt: Quilt) -> str:
    """A width and a height in the quilt's unit."""
    return show_size(top.width, top.height, quilt.unit)
