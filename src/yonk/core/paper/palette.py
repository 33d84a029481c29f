"""The colours that new fabrics begin with, one after the other."""

from __future__ import annotations

from collections.abc import Collection
from itertools import count

from yonk.core.paper.draft import Fabric, Value

# Dyed with plants and earths, and well parted: neighbours in the order differ in lightness and in
# hue, so that the first few go together in a block; a test holds any two apart.
_DYES: tuple[tuple[str, str, Value], ...] = (
    ("Peat", "#3b2a20", "dark"),
    ("Fog", "#e7e6df", "light"),
    ("Rowan", "#a63a2b", "medium"),
    ("Gorse", "#e2b43a", "light"),
    ("Tarn", "#2d566f", "dark"),
    ("Lichen", "#a5b27c", "light"),
    ("Heather", "#8a5b90", "medium"),
    ("Thrift", "#e39fae", "light"),
    ("Spruce", "#27483c", "dark"),
    ("Bracken", "#b9703a", "medium"),
    ("Harebell", "#8fa9d6", "light"),
    ("Sloe", "#37305a", "dark"),
    ("Moss", "#6f7a2e", "medium"),
    ("Whey", "#f3dfb2", "light"),
    ("Bilberry", "#5a2345", "dark"),
    ("Burn", "#3f8f97", "medium"),
)


def next_fabric(there: Collection[Fabric], called: str = "") -> Fabric:
    """The next fabric to begin with, beside those that a block has; without a key yet.

    The one of that name, where it is `called` as one of the row and nothing has its colour; else
    the first whose name and colour are not there; when all are, the row again with numbers.

    >>> next_fabric([]).name
    'Peat'
    """
    names = {one.name.casefold() for one in there}
    colours = {one.colour for one in there}
    for dye, colour, value in _DYES:
        if dye.casefold() == called.casefold() and colour not in colours:
            return Fabric(key="", name=dye, colour=colour, value=value)
    for round_ in count(1):
        for dye, colour, value in _DYES:
            name = dye if round_ == 1 else f"{dye} {round_}"
            if name.casefold() not in names and (round_ > 1 or colour not in colours):
                return Fabric(key="", name=name, colour=colour, value=value)
    raise AssertionError  # there is always a next number
