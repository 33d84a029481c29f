"""Pieces of the setting off the ruler: what that does to the top, and the nearest sizes on it.

Only what is sewn at its listed width counts: a border's length is measured on the top before it is
cut, setting triangles are cut larger and trimmed.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.paper import USUAL, Length, Message, listed, message, show
from yonk.core.setting.drawn import Pen, PlacedPiece, What
from yonk.core.setting.places import Module, half_block_of, places_of
from yonk.core.setting.quilt import Quilt


@dataclass(frozen=True)
class OffWidth:
    """A width of the setting that lies between two marks: the finished width, what is cut for it,
    how many such lie across the top, the field that would mend it and its nearest values on the
    ruler. `block` is the key of the block that a frame is for.
    """

    purpose: str
    exact: Fraction
    cut: Fraction
    across: int
    field: str
    nearest: tuple[Fraction, ...]
    block: str = ""


def off_widths(quilt: Quilt) -> list[OffWidth]:
    """The widths of the setting that the ruler is off by more than a hair.

    Raises: `DraftError` naming what does not fit.
    """
    hair = USUAL[quilt.unit].hair
    both = 2 * quilt.making.seam
    return [one for one in _widths(quilt) if abs(one.cut - both - one.exact) > hair]


def _widths(quilt: Quilt) -> Iterator[OffWidth]:
    setting, pen = quilt.setting, Pen(quilt)
    module, pieces = pen.module, list(pen.pieces())
    if setting.module is not None:
        yield from _frames(quilt, module)
    if setting.sashing:
        strips = max(_in_longest_row(pieces, "sash-in-row"), _over_longest_column(pieces, pen))
        yield _width(quilt, "sashing", setting.sashing.width, strips, "setting.sashing.width")
    for number, border in enumerate(quilt.borders, start=1):
        if not border.block:
            yield _width(quilt, f"border-{number}", border.width, 2, f"borders.{number}.width")
            if border.ends is not None:
                yield _width(quilt, f"border-{number}", border.ends, 2, f"borders.{number}.ends")
    if across := _in_longest_row(pieces, "alternate"):
        for side in dict.fromkeys((module.width, module.height)):
            yield _width(quilt, "alternate", side, across, "setting.module")


def _in_longest_row(pieces: Iterable[PlacedPiece], what: What) -> int:
    """How many such pieces lie side by side in a row as it is sewn, on point in a diagonal one."""
    return max(Counter(one.at[0] for one in pieces if one.what == what).values(), default=0)


def _over_longest_column(pieces: Iterable[PlacedPiece], pen: Pen) -> int:
    """How many strips between rows a line down through the most blocks crosses."""
    column, _ = Counter(along for _, along in pen.grid.cells).most_common(1)[0]
    middle = pen.corner((0, column))[0] + pen.module.width / 2
    strips = (one for one in pieces if one.what == "sash-between")
    begins = ((pen.corner(one.at)[0] + one.begins[0], one.width) for one in strips)
    return sum(begin < middle < begin + width for begin, width in begins)


def _frames(quilt: Quilt, module: Module) -> Iterator[OffWidth]:
    half = half_block_of(quilt.setting)
    placed = [*(one.placed for one in places_of(quilt.setting)), half]
    for key in {one.block: None for one in placed if one}:
        draft = quilt.by_key[key].draft
        sides = (module.width - draft.width) / 2, (module.height - draft.height) / 2
        for side, whole in zip(sides, (draft.width, draft.height), strict=True):
            if side:
                one = _width(quilt, "frame", side, 2, "setting.module", key)
                modules = tuple(whole + 2 * near for near in one.nearest)
                yield replace(one, nearest=modules)
                break  # both sides are mended by one module


def _width(
    quilt: Quilt, purpose: str, exact: Fraction, across: int, field: str, block: str = ""
) -> OffWidth:
    step, both = quilt.making.ruler_step, 2 * quilt.making.seam
    cut = exact + both
    below = cut // step * step
    nearest = tuple(one - both for one in (below, below + step) if one > both)
    return OffWidth(purpose, exact, Length.of(cut).nearest(step), across, field, nearest, block)


def off_ruler_message(off: OffWidth, quilt: Quilt) -> Message:
    """What she should know of it."""
    unit, both = quilt.unit, 2 * quilt.making.seam
    by = off.cut - both - off.exact
    larger = "larger" if by > 0 else "smaller"
    whole = show(abs(by) * off.across, unit)
    purpose = off.purpose
    if purpose == "frame":
        title = quilt.by_key[off.block].title if off.block else ""
        what = message("off-strips-that-frame", title=title)
        does = message("off-framed-block", whole=whole, larger=larger)
    elif purpose == "sashing":
        what = message("off-sashing-strips")
        does = message("off-sashing-across", across=off.across, whole=whole, larger=larger)
    elif purpose == "alternate":
        what = message("off-plain-squares")
        does = message("off-row", across=off.across, whole=whole, larger=larger)
    else:
        what = message("off-border", number=purpose[-1])
        does = message("off-quilt", whole=whole, larger=larger)
    told = purpose != "sashing" or off.across > 1
    return message(
        "off-setting",
        what=what,
        exact=show(off.exact + both, unit),
        cut=show(off.cut, unit),
        by=show(abs(by), unit),
        way="wide" if by > 0 else "narrow",
        ending=message("off-ending", does=does) if told else "",
        field=message("off-a-module") if off.field == "setting.module" else message("off-a-width"),
        sizes=listed((show(one, unit) for one in off.nearest), "or"),
    )
