"""How the top is made, in words, for screens and paper alike."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from yonk.core.paper import LengthUnit, show
from yonk.core.planning import cut_size_words
from yonk.core.setting import Joins, purpose_words, size_words
from yonk.core.top.backing import BACKING_SEAM, BackingWay
from yonk.core.top.binding import BindingCut
from yonk.core.top.joined import Joined
from yonk.core.top.listing import TopCutting
from yonk.core.top.nesting import TopPressing

LAYS = {
    "upright": "upright seams",
    "level": "level seams",
    "wide": "wide cloth, in one piece",
}
JOINS: dict[Joins, str] = {
    "straight": "joined straight across: takes the least cloth",
    "diagonal": "joined on the diagonal: shows less, lies flatter",
    "whole": "cut along the cloth in one piece",
}
HOW = {"straight": "straight across", "diagonal": "on the diagonal"}


def _many(sizes: Sequence[tuple[Fraction, int]], unit: LengthUnit) -> str:
    return " and ".join(f"{count} of {show(one, unit)}" for one, count in sizes)


def joined_words(joined: Joined, unit: LengthUnit) -> str:
    """What a long strip is joined from, and what is cut from it.

    >>> half, four = Fraction(1, 2), Fraction(9, 2)
    >>> strips = ((Fraction(40), 2), (Fraction(21), 1))
    >>> lengths = ((Fraction(50), 2),)
    >>> made = Joined("border-1", "peat", four, "straight", strips, lengths, Fraction(100))
    >>> joined_words(made, "in")
    'Border 1: join strips 4 1⁄2″ wide, 2 of 40″ and 1 of 21″, straight across; cut 2 of 50″ from \
it.'
    """
    name = purpose_words(joined.purpose)
    return (
        f"{name[0].upper()}{name[1:]}: join strips {show(joined.wide, unit)} wide, "
        f"{_many(joined.strips, unit)}, {HOW[joined.how]}; cut {_many(joined.lengths, unit)} "
        "from it."
    )


def binding_words(binding: BindingCut, unit: LengthUnit) -> str:
    """How long the binding is, and what it is cut from."""
    length, width = show(binding.length, unit), show(binding.width, unit)
    head = f"Binding: {length} of {width} wide, once round and some over for corners and the join"
    if binding.squares:
        cut = cut_size_words(binding.square, binding.square, unit)
        many = "a square" if binding.squares == 1 else f"{binding.squares} squares"
        return f"{head}; on the bias from {many} of {cut}."
    joins = f", joined on the diagonal {binding.joins} times" if binding.joins > 1 else ""
    joins = ", joined on the diagonal once" if binding.joins == 1 else joins
    return f"{head}; from {_many(binding.strips, unit)}{joins}."


def backing_words(way: BackingWay, unit: LengthUnit) -> str:
    """A way to make the backing: its panels, its seams and the cloth that it takes."""
    panels = " and ".join(
        f"{count} of {show(across, unit)} × {show(along, unit)}"
        for across, along, count in way.panels
    )
    seam = f", joined with {show(BACKING_SEAM[unit], unit)} seams" if way.seams else ""
    cloth = f"{show(way.length, unit)} of cloth {show(way.across, unit)} wide"
    return f"{LAYS[way.lay]}: {panels}{seam}; takes {cloth}"


def top_words(cutting: TopCutting) -> list[str]:
    """All that the list says besides its lines."""
    quilt, unit = cutting.plan.quilt, cutting.unit
    said = [joined_words(one, unit) for one in cutting.joined]
    if quilt.borders:
        said.append(
            "Borders are listed as long as the top is planned to be: measure it through the "
            "middle, not along its edge, before they are cut to length."
        )
    if cutting.binding:
        said.append(binding_words(cutting.binding, unit))
    if cutting.backing:
        said.append(f"Backing, {backing_words(cutting.backing, unit)}.")
    if cutting.batting:
        said.append(f"Batting: {size_words(cutting.batting, quilt)}.")
    for key in sorted(cutting.trials):
        name = quilt.by_key[key].title
        said.append(f"The trial block of {name} is one of its {cutting.plan.counts[key]}.")
    return said


def pressed_words(pressing: TopPressing) -> str:
    """How well the seams of a top lie where they meet across its blocks."""
    count, bulky = len(pressing.meetings), pressing.count("bulky")
    if not count:
        return "No seams meet where the blocks are joined."
    said = f"{pressing.count('nested')} of {count} places where seams meet between blocks nest"
    if bulky:
        best = "fewer cannot be" if pressing.chosen.proved else "the best that was found"
        said += f"; {bulky} lie to the same side ({best}): open one of the two seams there"
    second = sum(pressing.kinds.values())
    if second:
        said += f". {second} of the blocks are pressed by plan 2, marked in the picture"
    return f"{said}."
