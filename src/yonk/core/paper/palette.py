"""The colours that new fabrics begin with, one after the other, and each darker and lighter."""

from __future__ import annotations

from collections.abc import Collection
from itertools import count

from coloraide import Color

from yonk.core.paper.draft import DraftError, Fabric, Value
from yonk.core.paper.messages import message

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


_LONGEST = 40  # characters of a colour: any longer is something else
# From nearly black to nearly white in even steps for the eye: seven lie beside each other in a row
# on a phone and can still be told apart.
_SHADES = tuple(0.24 + 0.12 * step for step in range(7))


def dyes() -> tuple[Fabric, ...]:
    """The row of colours as fabrics without keys."""
    return tuple(Fabric(key="", name=name, colour=dye, value=value) for name, dye, value in _DYES)


def shades(colour: str) -> tuple[str, ...]:
    """A colour darker and lighter, its hue kept: seven ``#rrggbb``, the darkest first.

    Args:
        colour: ``#rrggbb``.

    Source: the lightness of Oklch, whose hue stays the same to the eye; what no screen can show is
    made greyer until one can.

    >>> shades("#3f6d99")[0] < "#444444"
    True
    """
    tints = (Color(colour).convert("oklch").set("lightness", light) for light in _SHADES)
    return tuple(
        tint.convert("srgb").fit(method="oklch-chroma").to_string(hex=True) for tint in tints
    )


def typed_colour(text: str, where: str = "colour") -> str:
    """A colour as typed: ``#rrggbb``, ``#rgb``, or a colour's English name as web pages have it.

    Returns: ``#rrggbb``. Raises `DraftError` where it is no colour, or one that lets something
    through.

    >>> typed_colour("Teal"), typed_colour("#0af")
    ('#008080', '#00aaff')
    """
    known = Color.match(text.strip().lower(), fullmatch=True) if len(text) <= _LONGEST else None
    if known is None or known.color.alpha() < 1:
        raise DraftError(where, message("is-no-colour", text=text[:_LONGEST]))
    return known.color.convert("srgb").fit().to_string(hex=True)
