"""The way proposed to make a group, by what the quilter cares for most, and the reason in one
sentence of real figures.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.drawing import Piece
from yonk.core.paper import (
    Capital,
    Care,
    Decimal,
    Length,
    Message,
    Polygon,
    Text,
    listed,
    message,
    show,
)
from yonk.core.planning.prints import TURNING
from yonk.core.planning.to_the_ruler import worst_off
from yonk.core.planning.ways import Demand, Tally, Way, all_ways, cut_for, tally
from yonk.core.sewing import area, bounds, length, sides_of
from yonk.core.units import Terms, Unit, UnitKind, pooled, target_of

CLOTH_WEIGHS = 2  # in the balance, a tenth more cloth counts as much as a fifth more to do

# For a print that lies upright no more is spent than this much of the thriftiest way's cloth.
MOST_CLOTH = 2
Tallies = Mapping[Way, Tally]
Rank = Callable[[Way], tuple[float, ...]]


@dataclass(frozen=True)
class Proposal:
    """A way with the reason for it."""

    way: Way
    reason: Message


def propose(kind: UnitKind, unit: Unit, terms: Terms, demand: Demand, care: Care) -> Proposal:
    """The way that suits best: first what spoils nothing, then what she cares for most."""
    ways = [way for way in all_ways(kind, unit, demand) if not way.on_lines]
    if len(ways) == 1:
        return Proposal(
            ways[0], message("the-one-way", way=Capital(ways[0].words), kind=kind.words)
        )
    if all(share.method.sew is None for way in ways for share in way.shares):
        return Proposal(ways[0], message("patches-one-by-one", way=Capital(ways[0].words)))
    tallies = {way: tally(way, unit, terms, demand) for way in ways}
    sound, because = _sound(ways, tallies, unit, terms, demand)
    ranked = sorted(sound, key=_rank(care, tallies, sound))
    left = sorted((way for way in ways if way not in ranked), key=_rank(care, tallies, ways))
    best, other = (*ranked, *left)[:2]
    spoils = min(ways, key=_rank(care, tallies, ways)) is not best
    return Proposal(
        best, _reason(best, other, tallies, unit, terms, demand, care, because if spoils else ())
    )


def smallest(unit: Unit, terms: Terms, *, trimmed: bool) -> float:
    """The smallest finished width at which a way is reasonable, in the draft's unit.

    The circle inside each patch must reach as far as the seam allowances folded behind it; where
    nothing is trimmed afterwards half as far again, since a slip cannot be mended then.
    """
    if "shallowest" not in unit.worked_out:
        unit.worked_out["shallowest"] = _shallowest(unit)
    return (
        float(unit.width)
        * float(terms.seam)
        * (1.0 if trimmed else 1.5)
        / float(unit.worked_out["shallowest"])
    )


def _shallowest(unit: Unit) -> float:
    """The least radius of the circles inside a unit's patches; patches alike are looked at once."""
    different: dict[object, Piece] = {}
    for piece, (left, top, right, bottom) in zip(
        unit.region.pieces, unit.region.boxes, strict=True
    ):
        if unit.region.plain:
            different.setdefault((right - left, bottom - top), piece)
        else:
            different.setdefault(tuple([(x - left, y - top) for x, y in piece.ring]), piece)
    shapes = replace(unit, region=replace(unit.region, pieces=tuple(different.values())))
    return min(_depth(outline) for outline, _ in target_of(shapes, Fraction(0)).parts)


def _depth(outline: Polygon) -> float:
    """The radius of the circle inside a triangle or square; of other shapes at most half their
    width.
    """
    left, top, right, bottom = bounds([outline])
    around = sum(length(side) for side in sides_of(outline))
    return min(2 * area(outline) / around, (right - left) / 2, (bottom - top) / 2)


def _sound(
    ways: Sequence[Way], tallies: Tallies, unit: Unit, terms: Terms, demand: Demand
) -> tuple[list[Way], list[Message]]:
    """The ways that spoil nothing that can be helped, and what the others would spoil."""
    because: list[Message] = []
    left = list(ways)
    least = [smallest(unit, terms, trimmed=trimmed) for trimmed in (False, True)]

    def keep(fine: Callable[[Way], bool], why: Message) -> None:
        nonlocal left
        kept = [way for way in left if fine(way)]
        if kept and len(kept) < len(left):
            left = kept
            because.append(why)

    if demand.lying.prints:
        dear = MOST_CLOTH * min(one.used for one in tallies.values())
        best = min(TURNING.index(tallies[way].prints) for way in ways if tallies[way].used <= dear)
        keep(
            lambda way: TURNING.index(tallies[way].prints) <= best,
            message("because-a-print-turns-least"),
        )
    keep(
        lambda way: _cuts_off_on_the_ruler(way, unit, terms),
        message("because-corners-lie-on-marks"),
    )
    keep(lambda way: tallies[way].effort.bias_sides == 0, message("because-no-edge-is-on-the-bias"))
    keep(
        lambda way: float(unit.width) >= least[tallies[way].trims > 0] - 1e-9,
        message("because-small-ones-are-trimmed"),
    )
    return left, because


def _cuts_off_on_the_ruler(way: Way, unit: Unit, terms: Terms) -> bool:
    """Whether corners that are cut off a piece are cut at marks of the ruler: what is sewn there
    fills just as much.
    """
    needs = (
        row[0] for share in way.shares for row in cut_for(share.method, unit, terms, share.lots)
    )
    offs = [worst_off(need, terms) for need in needs if any(need.corners_off)]
    return not any(off and off.corner for off in offs)


def _rank(care: Care, tallies: Tallies, among: Iterable[Way]) -> Rank:
    """What is sorted by, the least first; ways that are equal keep their order."""
    counted = [tallies[way] for way in among]
    least_used, least_done = min(one.used for one in counted), min(one.handlings for one in counted)

    def balance(one: Tally) -> float:
        return round(CLOTH_WEIGHS * one.used / least_used + one.handlings / max(1, least_done), 9)

    by: dict[Care, Rank] = {
        "balance": lambda way: (balance(tallies[way]),),
        "cloth": lambda way: (round(tallies[way].used, 9), tallies[way].handlings),
        "time": lambda way: (tallies[way].handlings, round(tallies[way].used, 9)),
        "exact": lambda way: (
            -tallies[way].oversize,
            tallies[way].effort.loose,
            balance(tallies[way]),
        ),
    }
    return by[care]


def _reason(
    best: Way,
    other: Way,
    tallies: Tallies,
    unit: Unit,
    terms: Terms,
    demand: Demand,
    care: Care,
    because: Sequence[Message],
) -> Message:
    one, two = tallies[best], tallies[other]
    wanted = demand.total + demand.mirrored
    over = best.makes - wanted if best.makes > wanted else 0
    made = message(
        "way-makes-all",
        way=Capital(best.words),
        pieces=_pieces(best, one, unit, terms),
        wanted=wanted,
        spare=over,
    )
    if because:
        return message("way-and-why", made=made, why=because[0])
    return message("way-and-the-next", made=made, next=_beside(one, two, other.words, care, terms))


def _pieces(way: Way, counted: Tally, unit: Unit, terms: Terms) -> Message:
    """What is cut, in a few words: ``1 pair of 8″ squares``, ``3 pieces cut``."""
    needs = [need for share in way.shares for need in share.method.needs(unit, terms, share.lots)]
    rows = pooled(needs, terms.step)
    count = counted.pieces
    if (
        len(way.shares) == 1
        and len(rows) == 2
        and rows[0][1:] == rows[1][1:]
        and rows[0][0].shape == "square"
    ):
        pairs, side = rows[0][3], show(rows[0][1], terms.unit)
        return message("pairs-of-squares", pairs=pairs, side=side)
    return message("pieces-cut", count=count)


def _beside(one: Tally, two: Tally, other: Text, care: Care, terms: Terms) -> Message:
    """How the next best way compares, in the figure that decided."""
    cloth = two.used - one.used
    doing = two.handlings - one.handlings
    saying: list[Message] = []
    if care == "exact" and one.oversize > two.oversize:
        return message(
            "next-has-nothing-to-trim", trim=show(Length(terms.trim), terms.unit), other=other
        )
    if care != "cloth" and doing > 0:
        saying += _more(one, two)
    if care != "time" and cloth > 0.05:
        saying.append(message("more-cloth", cloth=Decimal(cloth), unit=terms.unit))
    if saying:
        return message("next-would-need", other=other, more=listed(saying))
    return message("next-comes-to-nearly-the-same", other=other)


def _more(one: Tally, two: Tally) -> list[Message]:
    """The things of which the other way asks more."""
    pairs = (
        (two.pieces - one.pieces, "piece"),
        (two.effort.cuts - one.effort.cuts, "cut"),
        (two.effort.seams - one.effort.seams, "seam"),
        (two.effort.loose - one.effort.loose, "loose"),
    )
    said = [message("more-of", count=more, what=what) for more, what in pairs if more > 0][:2]
    return said or [message("more-things-to-do", count=two.handlings - one.handlings)]
