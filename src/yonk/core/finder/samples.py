"""One unit of a kind at a finished size, by itself, for questions that no block has asked yet."""

from __future__ import annotations

from fractions import Fraction
from functools import lru_cache

from yonk.core.paper import Draft, DraftError, Fabric, Value, listed, message
from yonk.core.planning import read
from yonk.core.units import BY_NAME, KINDS, Method, Unit, UnitKind, UnitKindName, kind_named

_CLOTHS: tuple[tuple[str, str, Value], ...] = (
    ("first", "#4c5b66", "dark"),
    ("second", "#e7e6df", "light"),
    ("third", "#d9a520", "medium"),
)
_FABRICS = tuple(
    Fabric(
        key=key,
        name="",
        shown_as=message("sample-fabric", number=key),
        colour=colour,
        value=value,
    )
    for key, colour, value in _CLOTHS
)


def kinds_asked() -> list[UnitKind]:
    """The kinds of unit that have a size by themselves."""
    return [kind for kind in KINDS if kind.stamp and kind.asked_for]


def sample_unit(kind: UnitKindName, width: Fraction, height: Fraction | None = None) -> Unit:
    """A unit of a kind, `width` finished along its longer side.

    The height follows from the kind; only a half-rectangle triangle has one of its own. Raises
    `DraftError`.
    """
    asked = kind_named(kind, "kind")
    stamp = asked.stamp
    if stamp is None or not asked.asked_for:
        raise DraftError(
            "kind",
            message(
                "kind-has-no-size-by-itself", kinds=listed((k.kind for k in kinds_asked()), "comma")
            ),
        )
    across, down = stamp.span
    high = width * down / across
    if asked.two_sizes:
        high = height or width / 2
        if high >= width:
            raise DraftError("height", message("must-be-less-than-the-width"))
    return _shape(kind).sized(width) if high == width * down / across else _drawn(kind, width, high)


@lru_cache(maxsize=32)
def _shape(kind: UnitKindName) -> Unit:
    """The unit with a width of one."""
    stamp = BY_NAME[kind].stamp
    assert stamp is not None
    return _drawn(kind, Fraction(1), Fraction(stamp.span[1], stamp.span[0]))


def _drawn(kind: UnitKindName, width: Fraction, height: Fraction) -> Unit:
    stamp = BY_NAME[kind].stamp
    assert stamp is not None
    motif = stamp.motif([fabric.key for fabric in _FABRICS])
    one = Fraction(1)
    draft = Draft(
        name="sample",
        unit="in",
        width=width,
        height=height,
        columns=(one,),
        rows=(one,),
        fabrics=_FABRICS,
        seams=motif.seams,
        paints=motif.paints,
    )
    return read(draft).groups[0].unit


def method_of(kind: UnitKindName, name: str) -> Method:
    """The method of that name. Raises `DraftError` where the kind has none."""
    methods = kind_named(kind, "kind").methods
    found = next((method for method in methods if method.name == name), None)
    if found is None:
        raise DraftError(
            "method",
            message(
                "is-no-way-to-make-it", names=listed((method.name for method in methods), "comma")
            ),
        )
    return found
