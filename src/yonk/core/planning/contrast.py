"""Contrast: neighbouring fabrics that vanish into each other.

Two are hard to tell apart where lightness and hue are both near: told by the colour difference that
was made to go evenly with what eyes see (CIEDE2000), not by how light they are alone, since a red
and a green of one lightness are well told apart.
"""

from __future__ import annotations

from functools import lru_cache

from coloraide import Color

from yonk.core.paper import UNASSIGNED, Fabric, Value
from yonk.core.planning.reading import Reading

SAME_VALUE = 20.0  # two fabrics that the quilter calls equally dark, nearer than this
# Of lightness; between them lies what most quilters call a medium. The row of dyes is called by the
# same words, which a test holds.
_DARK_BELOW, _LIGHT_FROM = 38.0, 66.0
ANY_VALUE = 12.0  # so near that even different values given do not part them


def luminance(colour: str) -> float:
    """The relative luminance of a colour, from 0 (black) to 1 (white).

    Args:
        colour: ``#rrggbb``.

    Source: the definition that contrast ratios on screens are reckoned by (WCAG 2).

    >>> luminance("#ffffff"), luminance("#000000")
    (1.0, 0.0)
    """
    parts = (int(colour[start : start + 2], 16) / 255 for start in (1, 3, 5))
    red, green, blue = (
        part / 12.92 if part <= 0.04045 else ((part + 0.055) / 1.055) ** 2.4 for part in parts
    )
    return 0.2126 * red + 0.7152 * green + 0.0722 * blue


def lightness(colour: str) -> float:
    """How light a colour looks, from 0 (black) to 100 (white), in even steps for the eye.

    Args:
        colour: ``#rrggbb``.

    Source: CIE 1976 L* of the relative luminance.

    >>> round(lightness("#777777"))
    50
    """
    light = luminance(colour)
    return 116 * light ** (1 / 3) - 16 if light > 216 / 24389 else light * 24389 / 27


def value_of(colour: str) -> Value:
    """What most quilters would call a colour ``#rrggbb``.

    >>> value_of("#3b2a20"), value_of("#e7e6df")
    ('dark', 'light')
    """
    light = lightness(colour)
    return "dark" if light < _DARK_BELOW else "light" if light >= _LIGHT_FROM else "medium"


@lru_cache(maxsize=4096)  # pairs of colours: a quilt of sixty fabrics has fewer than 1,800
def colour_difference(one: str, other: str) -> float:
    """How different two colours look: 0 for the same, about 1 for what can just be seen side by
    side, 100 from black to white.

    Args:
        one, other: ``#rrggbb``.

    Source: CIEDE2000 (ISO/CIE 11664-6), of sRGB under its own white.

    >>> round(colour_difference("#000000", "#ffffff"))
    100
    """
    return float(Color(one).delta_e(Color(other), method="2000"))


def too_near(one: Fabric, other: Fabric) -> bool:
    """Whether two different fabrics are hard to tell apart side by side."""
    apart = colour_difference(*sorted((one.colour.lower(), other.colour.lower())))
    return apart < (SAME_VALUE if one.value == other.value else ANY_VALUE)


def hard_to_tell_apart(reading: Reading) -> list[tuple[Fabric, Fabric]]:
    """The pairs of different fabrics that share a seam and are hard to tell apart, in the order of
    the fabrics.
    """
    draft = reading.draft
    touching = {(reading.fabrics[a], reading.fabrics[b]) for a, b in reading.drawing.neighbours}
    pairs = [
        (one, other)
        for place, one in enumerate(draft.fabrics)
        for other in draft.fabrics[place + 1 :]
        if UNASSIGNED not in (one.key, other.key)
        and not touching.isdisjoint(((one.key, other.key), (other.key, one.key)))
    ]
    return [pair for pair in pairs if too_near(*pair)]
