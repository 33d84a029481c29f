"""Is this number right? A cut size that someone tells is sewn at the simulated table and compared
with our own.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.finder.samples import method_of, sample_unit
from yonk.core.paper import Length
from yonk.core.planning import MOST_FLAP
from yonk.core.sewing import SewingError
from yonk.core.units import (
    Method,
    Need,
    Size,
    Terms,
    Unit,
    UnitKindName,
    carry_out,
    ruler_slack,
    target_of,
)


@dataclass(frozen=True)
class ChartPiece:
    """A piece that a method cuts: its part in the unit, what it is cut to, and how that came
    about.
    """

    role: str
    need: Need
    width: Fraction
    height: Fraction


@dataclass(frozen=True)
class ChartVerdict:
    """What comes of the sizes told, in the draft's unit. `comes_out` is None where it cannot be
    sewn at all.

    Where the pieces can be `sewn`, but a size cannot be told, they are too small by far. `oversize`
    is how much wider and higher than unfinished it comes out; `right` tells whether every fabric
    then lies in its place and the seam allowance is there all round. `flap` is how far cloth lies
    loose in the middle, where that is so much that it must be cut away.
    """

    right: bool
    oversize: tuple[float, float] | None
    comes_out: tuple[float, float] | None
    unfinished: tuple[float, float]
    pieces: tuple[ChartPiece, ...]
    sewn: bool = True
    flap: Length | None = None


def pieces_of_method(
    kind: UnitKindName, method: str, width: Fraction, height: Fraction | None, terms: Terms
) -> tuple[Unit, Method, tuple[ChartPiece, ...]]:
    """What a method cuts for one unit by itself.

    Args:
        width, height: the finished size, in the unit of `terms`; the height only where the
        kind has two.

    Returns: the unit, its method and the pieces, each part once.

    Raises: `DraftError` naming the field.
    """
    unit, way = sample_unit(kind, width, height), method_of(kind, method)
    asked: dict[tuple[object, ...], ChartPiece] = {}
    for need in way.needs(unit, terms, 1):
        wide, high = need.rounded(terms.step)
        asked.setdefault(
            (need.role, need.shape, wide, high, need.subcut),
            ChartPiece(need.role, need, wide, high),
        )
    return unit, way, tuple(asked.values())


def check(
    kind: UnitKindName,
    method: str,
    width: Fraction,
    height: Fraction | None,
    given: Mapping[int, tuple[Fraction, Fraction]],
    terms: Terms,
) -> ChartVerdict:
    """Whether the cuts that someone tells for a unit are right, by sewing them.

    Args:
        width, height: the finished size, in the unit of `terms`; the height only where the
        kind has two sizes.
        given: cut sizes by the number of the piece; what is not given is cut as we would.

    Returns: what comes out, how much there is to trim, and whether it is as drafted.

    Raises: `DraftError` naming the field.
    """
    unit, way, pieces = pieces_of_method(kind, method, width, height, terms)
    by_role = {
        (one.role, one.width, one.height): given.get(n, (one.width, one.height))
        for n, one in enumerate(pieces)
    }
    sizes: list[Size] = [
        by_role[need.role, *need.rounded(terms.step)] for need in way.needs(unit, terms, 1)
    ]
    both = float(terms.both_seams)
    target = target_of(unit, terms.seam)
    upright = target.height > target.width
    unfinished = _longer_first((target.width + both, target.height + both), upright)
    try:
        made = carry_out(
            unit, way, terms, sizes=sizes, slack=ruler_slack(way.needs(unit, terms, 1), terms)
        )
    except SewingError:
        return ChartVerdict(False, None, None, unfinished, pieces, sewn=False)
    if not made.fits:
        return ChartVerdict(False, None, None, unfinished, pieces, sewn=False)
    fits = sorted(made.fits, key=lambda one: (one.sound, min(one.oversize)))
    least = fits[0]
    oversize = _longer_first(least.oversize, upright)
    if min(side + more for side, more in zip(unfinished, oversize, strict=True)) <= both:
        return ChartVerdict(False, None, None, unfinished, pieces)
    flap = Length.of(way.flap(sizes)) if way.flap else None
    return ChartVerdict(
        made.sound and least.sound,
        oversize,
        (unfinished[0] + oversize[0], unfinished[1] + oversize[1]),
        unfinished,
        pieces,
        flap=flap if flap is not None and flap > MOST_FLAP[terms.unit] else None,
    )


def _longer_first(sides: tuple[float, float], upright: bool) -> tuple[float, float]:
    return (sides[1], sides[0]) if upright else sides
