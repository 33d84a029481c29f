"""A pattern's list judged, in words."""

from __future__ import annotations

from fractions import Fraction

from yonk.api.finder.terms import terms_as_typed
from yonk.api.pattern.schemas import PatternIn, PatternLineOut, PatternMadeOut, PatternOut
from yonk.api.shown import further_words, unit_picture
from yonk.api.wire import PartOut
from yonk.core.acts import BlockBeginning
from yonk.core.finder import sample_unit
from yonk.core.paper import LengthUnit, Message, Text, listed, message, show
from yonk.core.pattern import LineVerdict, Made, PatternVerdict, Solution, judge_list
from yonk.core.planning import cut_size_words, cut_words
from yonk.files.block_file import write_block


def judged(asked: PatternIn) -> PatternOut:
    """A list judged. Raises `DraftError` naming the line or the field."""
    terms = terms_as_typed(asked.settings)
    unit, seam = terms.unit, terms.seam
    begun = BlockBeginning(name=asked.name.strip() or BlockBeginning.name, unit=unit)
    found = judge_list(asked.list, terms, asked.wanted, begun)
    made = [_made(one, found.solution, unit, seam) for one in found.solution.made]
    return PatternOut(
        lines=[_line(one, unit) for one in found.lines],
        made=made,
        said=_said(found, unit),
        right=all(one.word == "right" for one in found.lines)
        and found.really is not None
        and found.wanted in (None, found.really),
        draft=write_block(found.draft) if found.draft else None,
    )


def _line(one: LineVerdict, unit: LengthUnit) -> PatternLineOut:
    piece = one.piece
    shape = "square" if piece.width == piece.height else "rectangle"
    read = message(
        "pattern-line-read",
        count=piece.count,
        what=cut_words(shape, piece.count),
        size=cut_size_words(piece.width, piece.height, unit),
    )
    more = [one for one in (piece.fabric, further_words(piece.subcut)) if one]
    return PatternLineOut(
        line=piece.line,
        read=listed((read, *more), "comma") if more else read,
        word=one.word,
        said=_verdict(one, unit),
    )


def _verdict(one: LineVerdict, unit: LengthUnit) -> Text:
    if one.size is None:
        return message("pattern-line-left", count=one.left)
    size = cut_size_words(*one.size, unit)
    said = message("pattern-line-verdict", word=one.word, size=size)
    if not one.left:
        return said
    return listed((said, message("pattern-line-left", count=one.left)), "semicolon")


def _made(one: Made, solution: Solution, unit: LengthUnit, seam: Fraction) -> PatternMadeOut:
    use, meant = one.use, solution.meant(one)
    real = cut_size_words(use.width, use.height, unit)
    intended = cut_size_words(*meant, unit)
    smaller = any(a < b for a, b in zip((use.width, use.height), meant, strict=True))
    said: Text = ""
    if smaller:
        said = message("pattern-made-smaller", real=real, meant=intended)
    elif solution.is_off(one):
        said = message("pattern-made-larger", real=real, meant=intended)
    picture: list[PartOut] = []
    width, height = float(use.width), float(use.height)
    if use.kind:
        sample = sample_unit(use.kind.kind, use.width)
        picture, width, height = unit_picture(sample, seam)
    return PatternMadeOut(
        picture=picture,
        width=width,
        height=height,
        words=message(
            "pattern-made",
            count=one.count,
            what=use.kind.words if use.kind else message("kind-patch"),
            size=intended if not smaller else real,
        ),
        said=said,
    )


def _said(found: PatternVerdict, unit: LengthUnit) -> Message:
    """What the list gives as a whole."""
    if found.really is None:
        code = "pattern-sizes-differ" if found.solution.grid else "pattern-fills-no-block"
        return message(code)
    really = show(found.really, unit)
    if found.wanted is None:
        return message("pattern-makes", really=really)
    if found.wanted == found.really:
        return message("pattern-makes-as-told", really=really)
    return message("pattern-makes-not", really=really, wanted=show(found.wanted, unit))
