"""Borders: how long each is, in the order in which they are sewn on; the repeat of a pieced one.

Source: `docs/setting.md`. A border is cut by what the top measures through its middle, which is
what it is planned to measure.
"""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass
from fractions import Fraction
from functools import reduce

from yonk.core.paper import DraftError, Length, listed, message, show
from yonk.core.setting.places import Top, top_of
from yonk.core.setting.quilt import Border, Quilt

# finished; what is narrower is all seam allowance
LEAST_SPACER = {"in": Fraction(1, 2), "cm": Fraction(1)}
MITRED = message("a-pieced-border-cannot-be-mitred")


@dataclass(frozen=True)
class BorderPiece:
    """So many alike pieces of a border, by its number from one; finished. Those at the sides are
    `upright`.
    """

    border: int
    long: Length
    wide: Fraction
    count: int
    upright: bool = False


@dataclass(frozen=True)
class Repeat:
    """How often the block of a pieced border is repeated on each upright and each level side;
    `corners` are the blocks in its corners, none where plain squares lie there. `over` is how much
    longer a side is than its repeats, where that has to be eased in.
    """

    border: int
    upright: int
    level: int
    corners: int = 4
    over: Length = Length.of(0)  # noqa: RUF009 - a length is never changed

    @property
    def blocks(self) -> int:
        """How many blocks it takes."""
        return 2 * (self.upright + self.level) + self.corners


def plain_border_pieces(top: Top, borders: Sequence[Border]) -> Iterator[BorderPiece]:
    """The plain pieces of the borders, from the inside out."""
    inside = top
    for number, border in enumerate(borders, start=1):
        wide, high, outer = border.width, border.high, with_border(inside, border)
        if border.block:
            if border.fabric:
                yield BorderPiece(number, Length.of(wide), wide, 4)
        elif border.corner == "mitred":
            yield BorderPiece(number, outer.height, wide, 2, upright=True)
            yield BorderPiece(number, outer.width, high, 2)
        elif border.first == "sides":
            yield BorderPiece(number, inside.height, wide, 2, upright=True)
            yield BorderPiece(number, outer.width, high, 2)
        else:
            yield BorderPiece(number, inside.width, high, 2)
            yield BorderPiece(number, outer.height, wide, 2, upright=True)
        inside = outer


def with_border(inside: Top, border: Border) -> Top:
    """The finished size with one more border."""
    return Top(inside.width + 2 * border.width, inside.height + 2 * border.high)


def finished_of(quilt: Quilt) -> Top:
    """The finished size with all borders."""
    return reduce(with_border, quilt.borders, top_of(quilt))


def repeats_of(quilt: Quilt) -> Iterator[Repeat]:
    """How often pieced borders repeat.

    Raises: `DraftError` where a repeat does not fit, with the spacer border that would mend it, or
    where a border is not what its corners ask for.
    """
    inside = top_of(quilt)
    for number, border in enumerate(quilt.borders, start=1):
        if border.high != border.width and (border.block or border.corner == "mitred"):
            raise DraftError(f"borders.{number}.ends", message("border-is-of-one-width"))
        if border.block:
            yield _repeat(quilt, number, border, inside)
        inside = with_border(inside, border)


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
    step = quilt.making.ruler_step
    fits = [_fits(side, draft.width, step) for side in (inside.height, inside.width)]
    upright, level = fits
    if upright is None or level is None:
        spacer = spacer_for(inside, draft.width, step, LEAST_SPACER[quilt.unit])
        sizes = listed((show(one, quilt.unit) for one in dict.fromkeys(spacer or ())), "and")
        mend = (
            message("sew-a-spacer-first", spacer=sizes, sides=len({*spacer}))
            if spacer
            else message("take-another-block-width")
        )
        raise DraftError(f"{place}.block", message("border-does-not-fit", mend=mend))
    lacks = inside.height - upright * draft.width, inside.width - level * draft.width
    over = max(lacks, key=lambda one: abs(float(one)))
    return Repeat(number, upright, level, 0 if border.fabric else 4, over)


def _fits(side: Length, repeat: Fraction, step: Fraction) -> int | None:
    """How often a repeat fits a side. One that a root enters fits no whole number exactly: what is
    less than a mark of the ruler is eased in.
    """
    times = round(float(side) / float(repeat))
    off = side - times * repeat
    if side.root:
        return times if times and abs(float(off)) <= step else None
    return times if times and off == 0 else None


def spacer_for(
    inside: Top, repeat: Fraction, step: Fraction, least: Fraction
) -> tuple[Fraction, Fraction] | None:
    """The narrowest border that makes both sides a whole number of repeats: its width at the sides,
    and above and below; one width for both where that is so.

    Args:
        inside: the size that it goes round.
        repeat: how wide the block is.
        step: the ruler's; on a side that a root enters the spacer is on the ruler.
        least: it can be, to be sewn.

    Returns: None where there is none as narrow as half of the repeat and what can be sewn.

    >>> top = Top(Length.of(Fraction(37)), Length.of(Fraction(49)))
    >>> spacer_for(top, Fraction(6), Fraction(1, 8), Fraction(1, 2))
    (Fraction(5, 2), Fraction(5, 2))
    """
    sides, ends = (_spacer(one, repeat, step, least) for one in (inside.width, inside.height))
    if sides is None or ends is None:
        return None
    both = inside.height + 2 * sides
    if not inside.height.root and _fits(both, repeat, step):
        return sides, sides
    return sides, ends


def _spacer(side: Length, repeat: Fraction, step: Fraction, least: Fraction) -> Fraction | None:
    if not side.root:
        exact = -side.rational % repeat / 2
        while exact < least:
            exact += repeat / 2
        return exact
    times = int((side + 2 * least).up(repeat) / repeat)
    found = (-(side - times * repeat) / 2).nearest(step)
    return found if _fits(side + 2 * found, repeat, step) else None
