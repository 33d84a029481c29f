"""How the top is made, in words, for screens and paper alike."""

from __future__ import annotations

from collections.abc import Sequence
from fractions import Fraction

from yonk.core.paper import Capital, LengthUnit, Message, Several, listed, message, show
from yonk.core.planning import cut_size_words
from yonk.core.setting import Joins, purpose_message, size_of_top
from yonk.core.top.backing import BACKING_SEAM, BackingWay
from yonk.core.top.binding import BindingCut
from yonk.core.top.joined import Joined
from yonk.core.top.listing import TopCutting
from yonk.core.top.nesting import TopPressing
from yonk.core.top.slack import MITRE_SLACK


def _many(sizes: Sequence[tuple[Fraction, int]], unit: LengthUnit) -> Several:
    return listed(
        (message("so-many-of", count=count, size=show(one, unit)) for one, count in sizes),
        "each-and",
    )


def joined_words(joined: Joined, unit: LengthUnit) -> Message:
    """What long strips are joined from, what is cut from them, and where their joins lie."""
    if joined.placed:
        places = (
            message(
                "join-from-one-end",
                count=one.count,
                length=show(one.length, unit),
                places=listed((show(place, unit) for place in one.joins), "and"),
            )
            for one in joined.placed
        )
        return message(
            "join-at-seams",
            purpose=Capital(purpose_message(joined.purpose)),
            wide=show(joined.wide, unit),
            strips=_many(joined.strips, unit),
            how=joined.how,
            places=listed(places, "semicolon"),
        )
    return message(
        "join-strips",
        purpose=Capital(purpose_message(joined.purpose)),
        wide=show(joined.wide, unit),
        strips=_many(joined.strips, unit),
        how=joined.how,
        lengths=_many(joined.lengths, unit),
    )


def joins_words(how: Joins) -> Message:
    """A way to join long strips, and what it is good for."""
    return message("joins-way", how=how)


def binding_words(binding: BindingCut, unit: LengthUnit) -> Message:
    """How long the binding is, and what it is cut from."""
    length, width = show(binding.length, unit), show(binding.width, unit)
    if binding.squares:
        cut = cut_size_words(binding.square, binding.square, unit)
        return message(
            "binding-on-the-bias", length=length, width=width, squares=binding.squares, size=cut
        )
    strips = _many(binding.strips, unit)
    return message(
        "binding-of-strips", length=length, width=width, strips=strips, joins=binding.joins
    )


def backing_words(way: BackingWay, unit: LengthUnit) -> Message:
    """A way to make the backing: its panels, its seams and the cloth that it takes."""
    panels = listed(
        (
            message(
                "backing-panels", count=count, across=show(across, unit), along=show(along, unit)
            )
            for across, along, count in way.panels
        ),
        "each-and",
    )
    seam = message("backing-seams", seam=show(BACKING_SEAM[unit], unit)) if way.seams else ""
    return message(
        "backing-way",
        lay=way.lay,
        panels=panels,
        seam=seam,
        length=show(way.length, unit),
        across=show(way.across, unit),
    )


def top_words(cutting: TopCutting) -> list[Message]:
    """All that the list says besides its lines."""
    quilt, unit = cutting.plan.quilt, cutting.unit
    said = [joined_words(one, unit) for one in cutting.joined]
    if quilt.borders:
        said.append(message("measure-before-borders"))
    if any(one.corner == "mitred" for one in quilt.borders):
        said.append(message("mitres-have-slack", slack=show(MITRE_SLACK[unit], unit)))
    if cutting.binding:
        said.append(binding_words(cutting.binding, unit))
    if cutting.backing:
        said.append(message("the-backing-so", way=backing_words(cutting.backing, unit)))
    if cutting.batting:
        said.append(message("the-batting-so", size=size_of_top(cutting.batting, quilt)))
    for key in sorted(cutting.trials):
        name = quilt.by_key[key].title
        said.append(message("trial-counts", block=name, count=cutting.plan.counts[key]))
    return said


def pressed_words(pressing: TopPressing) -> Message:
    """How well the seams of a top lie where they meet across its blocks."""
    count, bulky = len(pressing.meetings), pressing.count("bulky")
    if not count:
        return message("top-seams-none")
    return message(
        "top-seams",
        nested=pressing.count("nested"),
        places=count,
        bulky=bulky,
        proved="yes" if pressing.chosen.proved else "no",
        second=sum(pressing.kinds.values()),
    )
