"""Answers to the questions outside a block, as texts."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from fractions import Fraction

from yonk.api.finder.schemas import (
    AskedOut,
    CutChartOut,
    CutChartRowOut,
    KindMethodOut,
    KindOut,
    PossibleOut,
    SizesToldOut,
    TradeWordOut,
    VerdictOut,
    WordsOut,
)
from yonk.api.shown import further_words, length_words, unit_picture
from yonk.core.finder import (
    ChartLine,
    ChartPiece,
    ChartVerdict,
    OnHand,
    Possible,
    SizesTold,
    sample_unit,
)
from yonk.core.paper import USUAL, show, suffix_of
from yonk.core.planning import cut_size_words, working
from yonk.core.units import Terms, UnitKind

PICTURED = Fraction(3)  # the width that a kind is pictured at
_SIDES = ("seam", "margin", "finished", "unfinished", "true_cut", "cut")


def kind_view(kind: UnitKind) -> KindOut:
    """A kind of unit that can be asked for, with its picture and its methods."""
    seam = USUAL["in"].settings.seam
    parts, width, height = unit_picture(sample_unit(kind.kind, PICTURED), seam)
    return KindOut(
        kind=kind.kind,
        words=kind.words,
        picture=parts,
        width=width,
        height=height,
        two_sizes=kind.two_sizes,
        methods=[KindMethodOut(name=method.name, words=method.words) for method in kind.methods],
    )


def words_view(words: Mapping[str, str], examples: Iterable[SizesTold]) -> WordsOut:
    """The words of the trade, in the order of the alphabet, and the three sizes."""
    return WordsOut(
        words=[TradeWordOut(word=word, meaning=words[word]) for word in sorted(words)],
        examples=[_example(one) for one in examples],
    )


def _example(one: SizesTold) -> SizesToldOut:
    lengths = {name: getattr(one, name) for name in _SIDES}
    said = {name: show(length, one.unit) for name, length in lengths.items()}
    sides = {name: float(length) for name, length in lengths.items()}
    return SizesToldOut(kind=one.kind, unit=one.unit, sides=sides, **said)


def possible_view(found: Sequence[Possible], have: OnHand, terms: Terms) -> list[PossibleOut]:
    """What pieces on hand can become."""
    return [_possible(one, have, terms) for one in found]


def _possible(one: Possible, have: OnHand, terms: Terms) -> PossibleOut:
    parts, width, height = unit_picture(one.unit, terms.seam)
    rows = one.cuts(terms.step)
    if one.whole:
        cut = f"use each {cut_size_words(have.width, have.height, terms.unit)} piece as it is"
    else:
        counts: dict[tuple[Fraction, Fraction], int] = {}
        for _, wide, high, count in rows:
            counts[wide, high] = counts.get((wide, high), 0) + count
        cut = "cut " + ", ".join(
            f"{count} of {cut_size_words(*sides, terms.unit)}" for sides, count in counts.items()
        )
    said = (further_words(need.subcut, need.diagonal) for need, *_ in rows)
    further = next((words for words in said if words), "")
    oversize = one.oversize
    trim = (
        "–"
        if oversize is None
        else _both_sides([*oversize], terms, "to trim")
        if max(oversize) > 1e-6
        else "nothing to trim"
    )
    return PossibleOut(
        kind=one.kind.kind,
        kind_words=one.kind.words,
        method=one.method.name,
        method_words=one.method.words,
        picture=parts,
        width=width,
        height=height,
        finished=cut_size_words(
            max(one.unit.width, one.unit.height), min(one.unit.width, one.unit.height), terms.unit
        ),
        makes=one.makes,
        pieces=one.pieces,
        cut=f"{cut}, {further}" if further else cut,
        trim=trim,
    )


def verdict_view(found: ChartVerdict, given: dict[int, str], terms: Terms) -> VerdictOut:
    """What comes of the numbers given."""
    wide, high = (length_words(side, terms) for side in found.unfinished)
    unfinished = wide if wide == high else f"{wide} × {high}"
    return VerdictOut(
        right=found.right,
        verdict=_verdict(found, terms) if any(text.strip() for text in given.values()) else "",
        unfinished=unfinished,
        pieces=[
            _asked(one, given.get(number, ""), terms) for number, one in enumerate(found.pieces)
        ],
    )


def _verdict(found: ChartVerdict, terms: Terms) -> str:
    if found.comes_out is None and found.sewn:
        return "Too small by far: the seams take up nearly all of these pieces."
    if found.comes_out is None or found.oversize is None:
        return "It cannot be sewn: the pieces are so small that the seams do not meet."
    out = " × ".join(
        dict.fromkeys(f"{side:.3f}".rstrip("0").rstrip(".") for side in found.comes_out)
    )
    mark = suffix_of(terms.unit)
    least = min(found.oversize)
    if least < -1e-6:
        short = [(-side if side < -1e-6 else None) for side in found.oversize]
        return f"Too small: it comes out {out}{mark}, {_both_sides(short, terms, 'short')}."
    if not found.right:
        return (
            f"It comes out {out}{mark}, but not as drafted: a point or a seam allowance is cut "
            f"into."
        )
    if least <= 1e-6:
        return f"Right, with nothing to trim: it comes out {out}{mark}."
    trim = _both_sides([*found.oversize], terms, "to trim")
    if found.flap:
        return (
            f"Larger than need be: it comes out {out}{mark}, with {trim}; the small squares lie "
            f"{length_words(float(found.flap), terms)} over each other and leave loose flaps in "
            "the middle, which must be cut away."
        )
    return f"It works: it comes out {out}{mark}, with {trim}."


def _both_sides(sides: Sequence[float | None], terms: Terms, what: str) -> str:
    """What there is of the width and of the height, the longer side first."""
    said = [None if one is None else length_words(one, terms) for one in sides]
    if len({*said}) == 1:
        return f"{said[0]} {what}"
    parts = zip(said, ("across", "down"), strict=True)
    return " and ".join(f"{one} {what} {way}" for one, way in parts if one is not None)


def _asked(one: ChartPiece, given: str, terms: Terms) -> AskedOut:
    return AskedOut(
        role=one.role,
        given=given,
        right=cut_size_words(one.width, one.height, terms.unit),
        what=one.need.shape,
        further=further_words(one.need.subcut, one.need.diagonal),
        working=list(working(one.need, terms)),
    )


def cut_chart_view(lines: Sequence[ChartLine], title: str, terms: Terms) -> CutChartOut:
    """A chart as texts."""
    unit = terms.unit
    columns = [_column(one) for one in lines[0].pieces] if lines else []
    settings = (
        f"{show(terms.seam, unit)} seam allowance, ruler of {show(terms.step, unit)} steps, "
        + (f"{show(terms.trim, unit)} to trim" if terms.trim else "cut true, nothing to trim")
    )
    return CutChartOut(
        title=title,
        settings=settings,
        columns=columns,
        rows=[
            CutChartRowOut(
                finished=cut_size_words(*line.finished, unit),
                unfinished=cut_size_words(*line.unfinished, unit),
                cuts=[cut_size_words(one.width, one.height, unit) for one in line.pieces],
            )
            for line in lines
        ],
    )


def _column(one: ChartPiece) -> str:
    further = further_words(one.need.subcut, one.need.diagonal)
    return f"{one.role}{f', {further}' if further else ''}"
