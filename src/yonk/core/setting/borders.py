"""Borders: how long each is, in the order in which they are sewn on; the repeat of a pieced one.

Source: `docs/setting.md`. A border is cut by what the top measures through its middle, which is
what it is planned to measure.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.paper import DraftError, Length, message, show
from yonk.core.setting.places import Top, top_of
from yonk.core.setting.quilt import Border, Quilt

MITRED = message("a-pieced-border-cannot-be-mitred")


@dataclass(frozen=True)
class BorderPiece:
    """So many alike pieces of a border, by its number from one; finished."""

    border: int
    long: Length
    wide: Fraction
    count: int


@dataclass(frozen=True)
class Repeat:
    """How often the block of a pieced border is repeated on each upright and each level side;
    `corners` are the blocks in its corners, none where plain squares lie there.
    """

    border: int
    upright: int
    level: int
    corners: int = 4

    @property
    def blocks(self) -> int:
        """How many blocks it takes."""
        return 2 * (self.upright + self.level) + self.corners


def plain_border_pieces(top: Top, borders: Sequence[Border]) -> Iterator[BorderPiece]:
    """The plain pieces of the borders, from the inside out."""
    width, height = top.width, top.height
    for number, border in enumerate(borders, start=1):
        wide, outer = border.width, Top(width + 2 * border.width, height + 2 * border.width)
        if border.block:
            if border.fabric:
                yield BorderPiece(number, Length.of(wide), wide, 4)
        elif border.corner == "mitred":
            yield BorderPiece(number, outer.height, wide, 2)
            yield BorderPiece(number, outer.width, wide, 2)
        elif border.first == "sides":
            yield BorderPiece(number, height, wide, 2)
            yield BorderPiece(number, outer.width, wide, 2)
        else:
            yield BorderPiece(number, width, wide, 2)
            yield BorderPiece(number, outer.height, wide, 2)
        width, height = outer.width, outer.height


def finished_of(quilt: Quilt) -> Top:
    """The finished size with all borders."""
    top = top_of(quilt)
    both = 2 * sum((one.width for one in quilt.borders), Fraction(0))
    return Top(top.width + both, top.height + both)


def repeats_of(quilt: Quilt) -> Iterator[Repeat]:
    """How often pieced borders repeat.

    Raises: `DraftError` where a repeat does not fit, with the spacer border that would mend it.
    """
    inside = top_of(quilt)
    for number, border in enumerate(quilt.borders, start=1):
        if border.block:
            yield _repeat(quilt, number, border, inside)
        both = 2 * border.width
        inside = Top(inside.width + both, inside.height + both)


def _repeat(quilt: Quilt, number: int, border: Border, inside: Top) -> Repeat:
    place = f"borders.{number}"
    known = quilt.by_key.get(border.block)
    if known is None:
        raise DraftError(f"{place}.block", message("is-no-block-of-the-quilt"))
    draft = known.draft
    if draft.height != border.width:
        raise DraftError(
            f"{place}.width",
            message("border-as-high-as-its-block", height=show(draft.height, quilt.unit)),
        )
    if draft.width != draft.height and not border.fabric:
        raise DraftError(
            f"{place}.fabric",
            message("corners-need-a-fabric"),
        )
    counts = [_fits(side, draft.width) for side in (inside.height, inside.width)]
    if None in counts:
        spacer = spacer_for(inside, draft.width)
        mend = (
            message("sew-a-spacer-first", spacer=show(spacer, quilt.unit))
            if spacer is not None
            else message("take-another-block-width")
        )
        raise DraftError(f"{place}.block", message("border-does-not-fit", mend=mend))
    upright, level = counts
    assert upright is not None and level is not None
    return Repeat(number, upright, level, 0 if border.fabric else 4)


def _fits(side: Length, repeat: Fraction) -> int | None:
    if side.root:
        return None
    times = side.rational / repeat
    return int(times) if times.denominator == 1 else None


def spacer_for(inside: Top, repeat: Fraction) -> Fraction | None:
    """The width of the narrowest border that makes both sides a whole number of repeats; None where
    there is none.

    >>> spacer_for(Top(Length.of(Fraction(37)), Length.of(Fraction(49))), Fraction(6))
    Fraction(5, 2)
    """
    if inside.width.root or inside.height.root:
        return None
    wide, high = inside.width.rational, inside.height.rational
    spacer = -wide % repeat / 2 or repeat / 2
    return spacer if (high + 2 * spacer) % repeat == 0 else None
