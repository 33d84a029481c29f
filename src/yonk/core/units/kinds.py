"""The kinds of unit, in the order in which a region is tried. A new kind is a new file and a line
here.
"""

from yonk.core.paper import DraftError, listed, message
from yonk.core.units.checkerboard import Checkerboard
from yonk.core.units.corner_flip import CornerFlip
from yonk.core.units.flying_geese import FlyingGeese
from yonk.core.units.half_rectangle_triangle import HalfRectangleTriangle
from yonk.core.units.half_square_triangle import HalfSquareTriangle
from yonk.core.units.patch import PlainPatch
from yonk.core.units.pieced import Pieced
from yonk.core.units.quarter_square_triangle import QuarterSquareTriangle
from yonk.core.units.split_quarter_square import SplitQuarterSquare
from yonk.core.units.square_in_a_square import SquareInASquare
from yonk.core.units.strip_set import StripSet
from yonk.core.units.unit import UnitKind, UnitKindName

KINDS: tuple[UnitKind, ...] = (
    PlainPatch(),
    HalfSquareTriangle(),
    HalfRectangleTriangle(),
    QuarterSquareTriangle(),
    SplitQuarterSquare(),
    FlyingGeese(),
    SquareInASquare(),
    CornerFlip(),
    StripSet(),
    Checkerboard(),
)
REST: UnitKind = Pieced()
BY_NAME: dict[UnitKindName, UnitKind] = {kind.kind: kind for kind in (*KINDS, REST)}


def kind_named(name: UnitKindName, place: str) -> UnitKind:
    """The kind of unit of a name.

    Args:
        name: such as ``flying-geese``.
        place: the field that a fault names.

    Raises: `DraftError` where there is none.

    >>> kind_named("flying-geese", "kind").words.code
    'kind-flying-geese'
    """
    if name not in BY_NAME:
        raise DraftError(place, message("is-no-kind-of-unit", kinds=listed(BY_NAME, "comma")))
    return BY_NAME[name]
