"""Answers to the questions outside a block, as texts."""

from __future__ import annotations

from collections.abc import Iterable, Sequence
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
from yonk.core.paper import (
    USUAL,
    Decimal,
    Message,
    Text,
    listed,
    message,
    show,
    suffix_of,
    trade_word,
)
from yonk.core.planning import cut_size_words, working
from yonk.core.units import Terms, UnitKind
from yonk.words import in_words

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


def words_view(words: Sequence[str], examples: Iterable[SizesTold]) -> WordsOut:
    """The words of the trade, in the order of the alphabet, and the three sizes."""
    return WordsOut(
        words=[
            TradeWordOut(key=key, word=word, meaning=meaning)
            for key, (word, meaning) in sorted(
                ((key, trade_word(key)) for key in words), key=lambda row: in_words(row[1][0])
            )
        ],
        examples=[_example(one) for one in examples],
    )


def _example(one: SizesTold) -> SizesToldOut:
    lengths = {name: getattr(one, name) for name in _SIDES}
    sides = {name: float(length) for name, length in lengths.items()}
    return SizesToldOut(
        kind=one.kind,
        unit=one.unit,
        sides=sides,
        seam=show(one.seam, one.unit),
        margin=show(one.margin, one.unit),
        finished=show(one.finished, one.unit),
        unfinished=show(one.unfinished, one.unit),
        true_cut=show(one.true_cut, one.unit),
        cut=show(one.cut, one.unit),
    )


def possible_view(found: Sequence[Possible], have: OnHand, terms: Terms) -> list[PossibleOut]:
    """What pieces on hand can become."""
    return [_possible(one, have, terms) for one in found]


def _possible(one: Possible, have: OnHand, terms: Terms) -> PossibleOut:
    parts, width, height = unit_picture(one.unit, terms.seam)
    rows = one.cuts(terms.step)
    if one.whole:
        cut = message("use-each-as-it-is", size=cut_size_words(have.width, have.height, terms.unit))
    else:
        counts: dict[tuple[Fraction, Fraction], int] = {}
        for _, wide, high, count in rows:
            counts[wide, high] = counts.get((wide, high), 0) + count
        cut = message(
            "cut-so-many",
            pieces=listed(
                (
                    message("so-many-of", count=count, size=cut_size_words(*sides, terms.unit))
                    for sides, count in counts.items()
                ),
                "comma",
            ),
        )
    said = (further_words(need.subcut, need.diagonal) for need, *_ in rows)
    further = next((words for words in said if words), None)
    oversize = one.oversize
    trim = (
        "–"
        if oversize is None
        else _both_sides([*oversize], terms, "trim")
        if max(oversize) > 1e-6
        else message("nothing-to-trim")
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
        cut=listed((cut, further), "comma") if further else cut,
        trim=trim,
    )


def verdict_view(found: ChartVerdict, given: dict[int, str], terms: Terms) -> VerdictOut:
    """What comes of the numbers given."""
    wide, high = (length_words(side, terms) for side in found.unfinished)
    unfinished = wide if wide == high else listed((wide, high), "times")
    return VerdictOut(
        right=found.right,
        verdict=_verdict(found, terms) if any(text.strip() for text in given.values()) else "",
        unfinished=unfinished,
        pieces=[
            _asked(one, given.get(number, ""), terms) for number, one in enumerate(found.pieces)
        ],
    )


def _verdict(found: ChartVerdict, terms: Terms) -> Message:
    if found.comes_out is None and found.sewn:
        return message("finder-too-small-by-far")
    if found.comes_out is None or found.oversize is None:
        return message("finder-cannot-be-sewn")
    sides = dict.fromkeys(round(side, 3) for side in found.comes_out)
    sizes = listed((Decimal(side, 3) for side in sides), "times")
    out = listed((sizes, suffix_of(terms.unit)), "nothing")
    least = min(found.oversize)
    if least < -1e-6:
        short = [(-side if side < -1e-6 else None) for side in found.oversize]
        return message("finder-too-small", size=out, short=_both_sides(short, terms, "short"))
    if not found.right:
        return message("finder-not-as-drafted", size=out)
    if least <= 1e-6:
        return message("finder-right", size=out)
    trim = _both_sides([*found.oversize], terms, "trim")
    if found.flap:
        return message(
            "finder-loose-flaps",
            size=out,
            trim=trim,
            flap=length_words(float(found.flap), terms),
        )
    return message("finder-works", size=out, trim=trim)


def _both_sides(sides: Sequence[float | None], terms: Terms, what: str) -> Text:
    """What there is of the width and of the height, the longer side first."""
    said = [None if one is None else length_words(one, terms) for one in sides]
    if len({*said}) == 1 and said[0] is not None:
        return message("side-is", size=said[0], what=what, way="both")
    parts = zip(said, ("across", "down"), strict=True)
    return listed(
        (message("side-is", size=one, what=what, way=way) for one, way in parts if one is not None),
        "each-and",
    )


def _asked(one: ChartPiece, given: str, terms: Terms) -> AskedOut:
    return AskedOut(
        role=message("part-role", role=one.role),
        given=given,
        right=cut_size_words(one.width, one.height, terms.unit),
        what=one.need.shape,
        further=further_words(one.need.subcut, one.need.diagonal),
        working=list(working(one.need, terms)),
    )


def cut_chart_view(lines: Sequence[ChartLine], title: Text, terms: Terms) -> CutChartOut:
    """A chart as texts."""
    unit = terms.unit
    columns = [_column(one) for one in lines[0].pieces] if lines else []
    seam, step = show(terms.seam, unit), show(terms.step, unit)
    settings = (
        message("chart-to-trim", seam=seam, step=step, trim=show(terms.trim, unit))
        if terms.trim
        else message("chart-cut-true", seam=seam, step=step)
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


def _column(one: ChartPiece) -> Text:
    role = message("part-role", role=one.role)
    further = further_words(one.need.subcut, one.need.diagonal)
    return listed((role, further), "comma") if further else role
