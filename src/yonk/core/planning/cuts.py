"""Cuts: the needs of all recipes on the ruler, alike ones gathered into one row."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.paper import Polygon, Text
from yonk.core.planning.recipes import Recipe
from yonk.core.units import NOUGHT, YIELDS, CutKey, CutShape, Need, Rotary, Subcut


@dataclass(frozen=True)
class Purpose:
    """What a cut is for: the labels of the units, the letter of the patch, its part, and the pieces
    wanted of it.
    """

    units: tuple[str, ...]
    letter: str
    role: Text
    pieces: int
    working: tuple[Text, ...]


@dataclass(frozen=True)
class Cut:
    """So many alike cuts: what is cut, how wide, how many, and what for. Lengths on the ruler, in
    the draft's unit.

    Of a strip `width` is the whole length that is needed, with `squaring` in it to square up its
    ends, and `across` is how wide the cloth is that it is divided over. `before` pieces are there
    already, left over from an earlier stage.
    """

    what: CutKey
    width: Fraction
    count: int
    purposes: tuple[Purpose, ...]
    outline: Polygon = ()
    rotary: Rotary | None = None
    squaring: Fraction = NOUGHT
    across: Fraction = NOUGHT
    before: int = 0
    template_height: Fraction = NOUGHT  # of the smallest box round a template, as cut

    @property
    def fabric(self) -> str:
        """The key of its fabric."""
        return self.what.fabric

    @property
    def shape(self) -> CutShape:
        """Its shape."""
        return self.what.shape

    @property
    def height(self) -> Fraction:
        """The shorter side; of a strip how wide it is."""
        return self.template_height or self.what.height

    @property
    def subcut(self) -> Subcut:
        """How each is cut further on the diagonal."""
        return self.what.subcut

    @property
    def segment(self) -> Fraction | None:
        """Of a strip: what it is cut across into."""
        return self.what.segment

    @property
    def segments(self) -> int:
        """Of a strip: how many segments its length gives."""
        return int((self.width - self.squaring) / self.segment) if self.segment else 0

    def strips_over(self, width: Fraction) -> list[tuple[Fraction, int]]:
        """The strips that its whole length is cut in over cloth so wide: each a whole number of
        segments and its squared ends. Lengths with how many of each; whole widths for all but the
        last.
        """
        if self.width <= width or not self.segment:
            return [(self.width, 1)]
        each = max(1, int((width - self.squaring) / self.segment))
        full, rest = divmod(self.segments, each)
        strips = [(width, full)] if full else []
        return [*strips, *([(rest * self.segment + self.squaring, 1)] if rest else [])]

    @property
    def strips(self) -> list[tuple[Fraction, int]]:
        """The strips that are cut across the cloth; lengths with how many of each."""
        return [(length, count * self.count) for length, count in self.strips_over(self.across)]

    @property
    def pieces_cut(self) -> int:
        """How many pieces are cut from the cloth; of a strip set its strips."""
        return sum(count for _, count in self.strips) if self.shape == "strip" else self.count

    @property
    def amount(self) -> int:
        """How much there is to cut: so many pieces, of strips so many segments, which add up over
        the blocks.
        """
        return self.count * (self.segments or 1)

    @property
    def units(self) -> tuple[str, ...]:
        """The labels of the units it is for."""
        labels = {label for purpose in self.purposes for label in purpose.units}
        return tuple(sorted(labels, key=int))

    @property
    def yields(self) -> int:
        """How many pieces the cuts give."""
        return self.count * YIELDS[self.subcut]

    @property
    def wanted_pieces(self) -> int:
        """How many pieces are wanted of them."""
        return sum(purpose.pieces for purpose in self.purposes)

    @property
    def spare_pieces(self) -> int:
        """How many of those are left over."""
        return self.yields + self.before - self.wanted_pieces


def cutting_list(
    recipes: Iterable[Recipe], step: Fraction, squaring: Fraction, across: Fraction
) -> tuple[Cut, ...]:
    """All cuts: by fabric in the order of first need, the widest first. Pieces of alike cuts are
    counted together.

    Args:
        step: the ruler's.
        squaring: what squaring up the ends of a strip set takes.
        across: how wide the cloth is, as far as it is used.
    """
    rows: dict[tuple[CutKey, Fraction], tuple[Fraction, list[tuple[Recipe, Need]]]] = {}
    for recipe in recipes:
        for need in recipe.needs:
            width, height = need.rounded(step)
            key = need.listed_as(width, height, step), width
            of_template = height if need.shape == "template" else NOUGHT
            rows.setdefault(key, (of_template, []))[1].append((recipe, need))
    cuts = [_cut(*key, needs, squaring, across, height) for key, (height, needs) in rows.items()]
    return in_order_of_cutting(cuts)


def in_order_of_cutting(cuts: Iterable[Cut]) -> tuple[Cut, ...]:
    """Cuts by fabric in the order in which these come, strips first, then the widest."""
    listed = list(cuts)
    order = {key: place for place, key in enumerate(dict.fromkeys(cut.fabric for cut in listed))}
    return tuple(
        sorted(
            listed,
            key=lambda cut: (
                order[cut.fabric],
                cut.shape != "strip",
                # thousands of fractions take long to compare
                -cut.height.numerator / cut.height.denominator,
                -cut.width.numerator / cut.width.denominator,
                cut.subcut,
                cut.what.hand or "",
            ),
        )
    )


def alike_together(cuts: Iterable[Cut]) -> tuple[Cut, ...]:
    """Cuts of several lists in the order of cutting, alike ones as one; pieces that one list has to
    spare, as a second triangle, serve another.
    """
    rows: dict[tuple[CutKey, Fraction], list[Cut]] = {}
    for cut in cuts:
        rows.setdefault((cut.what, cut.width), []).append(cut)
    return in_order_of_cutting(_together(alike) for alike in rows.values())


def _together(alike: list[Cut]) -> Cut:
    before = sum(cut.before for cut in alike)
    wanted = sum(cut.wanted_pieces for cut in alike)
    return replace(
        alike[0],
        count=-(-(wanted - before) // YIELDS[alike[0].subcut]),
        before=before,
        purposes=tuple(purpose for cut in alike for purpose in cut.purposes),
    )


def _cut(
    what: CutKey,
    width: Fraction,
    needs: list[tuple[Recipe, Need]],
    squaring: Fraction,
    across: Fraction,
    template_height: Fraction,
) -> Cut:
    first = needs[0][1]
    purposes: dict[tuple[object, ...], Purpose] = {}
    for recipe, need in needs:
        key = recipe.serves, need.letter, need.role, need.working
        pieces = need.pieces + (purposes[key].pieces if key in purposes else 0)
        purposes[key] = Purpose(recipe.serves, need.letter, need.role, pieces, need.working)
    pieces = sum(need.pieces for _, need in needs)
    return Cut(
        what,
        width,
        -(-pieces // YIELDS[what.subcut]),
        tuple(purposes.values()),
        first.outline,
        first.rotary,
        squaring if what.shape == "strip" else NOUGHT,
        across if what.shape == "strip" else NOUGHT,
        template_height=template_height,
    )
