"""What a way of making asks to be cut, before the ruler: exact sizes, how they are rounded, and
what they yield.

Sources of the formulas: the seam allowance `s` on every side of a piece; along the legs of a right
isosceles triangle the two allowances and the sharp points come to s(2 + √2), along its long edge to
s(2 + 2√2).
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from typing import Literal

from yonk.core.paper import (
    ROOT_2,
    USUAL,
    Draft,
    Length,
    LengthUnit,
    Measure,
    Message,
    Polygon,
    Rational,
    Settings,
    Text,
    TrimMargin,
    Trimmed,
    UnitPress,
    UnitWish,
    margin_that_counts,
    message,
    show_exact,
)
from yonk.core.units.form import NO_FORM, TemplateForm

CutShape = Literal["square", "rectangle", "strip", "template"]
Subcut = Literal["none", "one-diagonal", "both-diagonals"]
Rounding = Literal["up", "nearest"]
Hand = Literal["left", "right"]
PrintOrientation = Literal["stands", "lies"]

NOUGHT = Fraction(0)

DIAGONALS: dict[Subcut, int] = {"none": 0, "one-diagonal": 1, "both-diagonals": 2}
YIELDS: dict[Subcut, int] = {"none": 1, "one-diagonal": 2, "both-diagonals": 4}


PartMargins = tuple[tuple[str, TrimMargin], ...]


@dataclass(frozen=True)
class Terms:
    """What the quilter works with: her settings, in her unit, with what is usual in it; `margins`
    are those set for a kind of unit, a unit or its parts, by part, the empty name for all others;
    `press` is how the unit is pressed inside, `own_trimmed` when it is trimmed, where that is set
    for it.
    """

    settings: Settings
    unit: LengthUnit
    margins: PartMargins = ()
    press: UnitPress | None = None
    own_trimmed: Trimmed | None = None

    @property
    def trimmed(self) -> Trimmed:
        """When a unit is trimmed: pressed first, or still folded."""
        return self.own_trimmed or self.settings.trimmed

    @property
    def seam(self) -> Fraction:
        """Her seam allowance."""
        return self.settings.seam

    @property
    def step(self) -> Fraction:
        """The step of her ruler."""
        return self.settings.ruler_step

    @property
    def trim(self) -> Fraction:
        """How much larger than its unfinished size a unit is made that is trimmed: the most of its
        parts.
        """
        return max([one.by for _, one in self.margins], default=self.settings.trim_margin)

    def margin(self, part: str) -> TrimMargin:
        """How much larger a part is cut, to be trimmed, and where that was set."""
        by_part = dict(self.margins)
        usual = TrimMargin(self.settings.trim_margin, "block")
        return by_part.get(part) or by_part.get("") or usual

    def trim_of(self, part: str) -> Fraction:
        """How much larger a part is cut, to be trimmed."""
        return self.margin(part).by

    def own_trim_of(self, part: str) -> Fraction:
        """The same of what is trimmed only where she says so: nought unless it is set for the part,
        the unit or its kind.
        """
        margin = self.margin(part)
        return NOUGHT if margin.set_for == "block" else margin.by

    def to_trim(self, code: str, part: str, **more: Text) -> Message:
        """The line of a working for a margin: how much, and where it was set."""
        margin = self.margin(part)
        return message(code, trim=self.show(margin.by), set=margin.set_for, **more)

    @property
    def squaring(self) -> Fraction:
        """What squaring up the ends of a strip set takes."""
        return USUAL[self.unit].squaring

    @property
    def hair(self) -> Fraction:
        """A difference from the ruler that cloth does not show."""
        return USUAL[self.unit].hair

    def show(self, length: Length | Rational) -> Measure:
        """A length as the working of a number has it."""
        return show_exact(length, self.unit)

    def on_ruler(self, step: Fraction) -> Terms:
        """The same on a ruler of other steps."""
        return replace(self, settings=replace(self.settings, ruler_step=step))

    @property
    def both_seams(self) -> Fraction:
        """A seam allowance on two opposite sides."""
        return 2 * self.seam

    @property
    def along_legs(self) -> Length:
        """What the allowance adds to the legs of a right isosceles triangle: s(2 + √2)."""
        return self.seam * (2 + ROOT_2)

    @property
    def along_long_edge(self) -> Length:
        """What the allowance adds to the long edge of a right isosceles triangle: s(2 + 2√2)."""
        return self.seam * (2 + 2 * ROOT_2)


def terms_of(draft: Draft) -> Terms:
    """What the quilter of a draft works with."""
    return Terms(draft.making.settings, draft.unit)


def terms_for(draft: Draft, kind: str, wish: UnitWish | None) -> Terms:
    """What she works with at a unit of a kind.

    Args:
        draft: with what is set for its kinds of unit.
        kind: the name of the unit's kind.
        wish: what is set for the unit itself.
    """
    making = draft.making
    of_kind = making.kinds.get(kind)
    own = [one for one in (wish, of_kind) if one is not None]
    settings = making.settings
    press = next((one.press for one in own if one.press), None)
    trimmed = next((one.trimmed for one in own if one.trimmed), None)
    if not any(one.parts or one.trim_margin is not None for one in own):
        return Terms(settings, draft.unit, (), press, trimmed)
    parts = sorted({"", *(part for one in own for part in one.parts)})
    counts = [
        (part, margin_that_counts(part, wish, of_kind, settings.trim_margin)) for part in parts
    ]
    return Terms(settings, draft.unit, tuple(counts), press, trimmed)


def about_mark(length: float, terms: Terms) -> Text:
    """A length that came out at the table: as it is where the ruler has a mark for it, else about
    the nearest 1/64.
    """
    mark = round(Fraction(length) / terms.step) * terms.step
    if abs(float(mark) - length) < 1e-6:
        return terms.show(mark)
    return message("about-so-long", size=terms.show(Fraction(round(length * 64), 64)))


Size = tuple[Length | Rational, Length | Rational]  # what a piece is cut at, width and height


@dataclass(frozen=True)
class Rotary:
    """How a ruler cuts a shape with slanted ends: from a strip `strip` wide. Where an `angle` is
    told, in degrees, the shape is `every` long along the strip's edge and comes out as it was drawn
    but for a hair; else it is cut at 45° every `every`, to the nearest mark.
    """

    strip: Fraction
    every: Fraction
    words: Text
    angle: float | None = None


@dataclass(frozen=True)
class CornerOff:
    """A corner cut off square to its diagonal: how far along each side, exactly and as it is
    listed.
    """

    exact: Length
    listed: Fraction


CornersOff = tuple[CornerOff | None, CornerOff | None, CornerOff | None, CornerOff | None]


@dataclass(frozen=True, kw_only=True)
class CutKey:
    """What is cut, as it stands on a list: its one identity. Lengths on the ruler, in the draft's
    unit.

    `hand` tells which way a diagonal is cut where that matters: `right` rises to the right as the
    piece lies, its longer side across. `corners_off` are the four corners, clockwise from the top
    left, with nought for those that stay. `form` is a template's finished outline with its holes,
    `seam` the allowance round it, `on_point` whether it is counted along the diagonals of the
    block; its `width` and `height` are those of the finished outline, so that no ruler changes
    them. Of a strip of a strip set
    `width` is not told, since it grows with the number of blocks; `segment` is what it is cut
    across into. `lie` tells of a print with a direction whether the piece's longer side stands or
    lies as the print points.
    """

    fabric: str
    shape: CutShape
    width: Fraction
    height: Fraction
    subcut: Subcut = "none"
    hand: Hand | None = None
    corners_off: tuple[Fraction, ...] = ()
    form: TemplateForm = NO_FORM
    on_point: bool = False
    segment: Fraction | None = None
    lie: PrintOrientation | None = None
    seam: Fraction = NOUGHT

    def __hash__(self) -> int:
        """By what tells most cuts apart: of a template its form, which has its width and height."""
        size = hash(self.form) if self.form else hash((self.width, self.height))
        return hash((self.fabric, self.shape, size, self.subcut))


@dataclass(frozen=True, kw_only=True)
class Need:
    """So many `pieces` of one fabric, each from a cut of this exact size.

    `width` and `height` are exact; the ruler comes later. A cut gives as many pieces as its
    `subcut` makes of it. `diagonal` is the hand of a rectangle's diagonal; `outline` a template's
    exact cut line in the draft's unit, `form` its finished outline as `Listed` has it;
    `corners_off` are clockwise from the top left, the longer side across.
    """

    fabric: str
    shape: CutShape
    width: Length
    height: Length
    rounding: Rounding
    pieces: int
    subcut: Subcut = "none"
    role: str = ""
    letter: str = ""
    working: tuple[Text, ...] = ()
    diagonal: Hand | None = None
    outline: Polygon = ()
    form: TemplateForm = NO_FORM
    seam: Fraction = NOUGHT  # of a template
    on_point: bool = False
    rotary: Rotary | None = None
    corners_off: CornersOff = (None, None, None, None)
    least: Fraction = Fraction(
        0
    )  # what the sides must have on the ruler for the other pieces as they are listed
    segment: Length | None = None  # of a strip: what it is cut across into

    @property
    def diagonal_cuts(self) -> int:
        """How many cuts on a diagonal each of them gets."""
        return DIAGONALS[self.subcut]

    def rounded(self, step: Fraction) -> tuple[Fraction, Fraction]:
        """Width and height on the ruler; nothing is cut smaller than a step of it."""
        if self.rounding == "up":
            width, height = self.width.up(step), self.height.up(step)
            return (
                (max(width, self.least), max(height, self.least)) if self.least else (width, height)
            )
        if self.shape == "strip":
            return self.width.up(step), max(step, self.height.nearest(step))
        return max(step, self.width.nearest(step)), max(step, self.height.nearest(step))

    def listed(self, step: Fraction) -> CutKey:
        """What it is on the list. A rectangle whose sides are alike on the ruler is a square."""
        return self.listed_as(*self.rounded(step), step)

    def listed_as(self, width: Fraction, height: Fraction, step: Fraction) -> CutKey:
        """What it is on the list where it is `rounded` to that."""
        square = self.shape == "rectangle" and width == height
        if self.form:
            width, height = self.form.sides
        off = any(self.corners_off)
        corners = (
            [corner.listed if corner else NOUGHT for corner in self.corners_off] if off else []
        )
        return CutKey(
            fabric=self.fabric,
            shape="square" if square else self.shape,
            width=NOUGHT if self.shape == "strip" else width,
            height=height,
            subcut=self.subcut,
            hand=None if square else self.diagonal,
            form=self.form,
            on_point=self.on_point,
            corners_off=_least_turned(corners, width == height) if any(corners) else (),
            segment=max(step, self.segment.nearest(step)) if self.segment else None,
            seam=self.seam,
        )

    @property
    def cuts(self) -> int:
        """How many such cuts give that many pieces."""
        return -(-self.pieces // YIELDS[self.subcut])


def _least_turned(corners: Sequence[Fraction], square: bool) -> tuple[Fraction, ...]:
    """The corners of a piece that may be turned: a square by quarters, a rectangle by a half; the
    first ones cut off.
    """
    turns = (0, 1, 2, 3) if square else (0, 2)
    return max((*corners[turn:], *corners[:turn]) for turn in turns)


@dataclass(frozen=True)
class Cloth:
    """The cloth of one part of a unit: its fabric, the letter of its patch and the part it
    plays.
    """

    fabric: str
    letter: str
    role: str


def pooled(needs: Iterable[Need], step: Fraction) -> list[tuple[Need, Fraction, Fraction, int]]:
    """Alike cuts counted together.

    Args:
        needs: exact needs, before the ruler.
        step: the ruler's step, in their unit.

    Returns: the first need of each cut, its width and height on the ruler, and how many cuts.
    Triangles that
    come out of squares alike are counted before the squares are, so six of them need three
    squares, not four.
    """
    rows: dict[object, tuple[Need, Fraction, Fraction, int]] = {}
    for need in needs:
        width, height = need.rounded(step)
        key = need.listed_as(width, height, step), width
        pieces = rows[key][3] if key in rows else 0
        rows[key] = (rows[key][0] if key in rows else need, width, height, pieces + need.pieces)
    return [
        (need, width, height, -(-pieces // YIELDS[need.subcut]))
        for need, width, height, pieces in rows.values()
    ]


def rectangle_need(
    cloth: Cloth,
    width: Length,
    height: Length,
    terms: Terms,
    pieces: int,
    *,
    trims: Sequence[str] = (),
) -> Need:
    """A square or rectangle with a finished size, its seam allowance added on every side, and the
    largest of the margins that are set for the parts that it `trims`, their unit or kind.
    """
    wide, high = max(width, height), min(width, height)
    square = width == height
    unfinished = wide + terms.both_seams, high + terms.both_seams
    widest = max(trims, key=terms.own_trim_of, default=cloth.role)
    margin = terms.own_trim_of(widest) if trims else NOUGHT
    larger = unfinished[0] + margin, unfinished[1] + margin
    return Need(
        fabric=cloth.fabric,
        letter=cloth.letter,
        role=cloth.role,
        pieces=pieces,
        rounding="up" if margin else "nearest",
        shape="square" if square else "rectangle",
        width=larger[0],
        height=larger[1],
        working=(
            message("work-finished", size=_size(wide, high, terms, square=square)),
            message(
                "work-two-seams",
                seam=terms.show(terms.seam),
                size=_size(*unfinished, terms, square=square),
            ),
            *(
                [
                    terms.to_trim(
                        "work-to-trim-gives",
                        widest,
                        sum=_size(*larger, terms, square=square),
                    )
                ]
                if margin
                else []
            ),
        ),
    )


def square(
    cloth: Cloth,
    side: Length,
    terms: Terms,
    pieces: int,
    working: tuple[Text, ...],
    rounding: Rounding = "up",
) -> Need:
    """A whole square of a given cut side."""
    said = (*working[:-1], message("work-gives", step=working[-1], sum=terms.show(side)))
    return Need(
        fabric=cloth.fabric,
        letter=cloth.letter,
        role=cloth.role,
        pieces=pieces,
        rounding=rounding,
        shape="square",
        width=side,
        height=side,
        working=said,
    )


def isosceles(
    cloth: Cloth,
    legs: Length,
    terms: Terms,
    pieces: int,
    *,
    legs_on_grain: bool,
    trim_times: Length | Rational = 1,
) -> Need:
    """A right isosceles triangle with finished `legs`, made larger along the legs by so many times
    the margin of its part.

    With its legs on the grain it comes from a square cut once, with its long edge on the grain from
    a square cut on both diagonals, so that the edge which may lie on the block's outside never
    stretches.
    """
    larger = Length.of(terms.trim_of(cloth.role)) * trim_times
    if legs_on_grain:
        side, extra, edge = legs, terms.along_legs, message("work-the-legs")
    else:
        side, larger, edge = legs * ROOT_2, larger * ROOT_2, message("work-long-edge")
        extra = terms.along_long_edge
    total = side + extra + larger
    factor = "2 + √2" if legs_on_grain else "2 + 2√2"
    working = (
        message("work-edge-finished", edge=edge, size=terms.show(side)),
        message(
            "work-seams-by-factor",
            seam=terms.show(terms.seam),
            factor=factor,
            sum=terms.show(side + extra),
        ),
        *(
            [
                message(
                    "work-to-trim-gives",
                    trim=terms.show(larger),
                    set=terms.margin(cloth.role).set_for,
                    sum=terms.show(total),
                )
            ]
            if larger > 0
            else []
        ),
    )
    return Need(
        fabric=cloth.fabric,
        letter=cloth.letter,
        role=cloth.role,
        pieces=pieces,
        rounding="up",
        shape="square",
        width=total,
        height=total,
        subcut="one-diagonal" if legs_on_grain else "both-diagonals",
        working=working,
    )


def _size(width: Length, height: Length, terms: Terms, *, square: bool) -> Text:
    one = terms.show(width)
    return one if square else message("work-by", width=one, height=terms.show(height))
