"""The draft as the quilter made it: size, ruled grid, seams, fabrics, and how it is to be made."""

from __future__ import annotations

import re
from collections.abc import Iterable, Mapping
from dataclasses import dataclass, field, replace
from fractions import Fraction
from functools import cached_property
from typing import Any, Literal, TypeVar

from yonk.core.paper.bounds import (
    COUNTS,
    CountField,
    LengthField,
    LengthUnit,
    NumberField,
    convert,
    count_fault,
    typed,
)
from yonk.core.paper.errors import Fault, YonkError
from yonk.core.paper.measure import LONGEST_TEXT, LengthError, write_exact
from yonk.core.paper.messages import Message, Text, message
from yonk.core.paper.points import Point
from yonk.core.paper.settings import SETTINGS, USUAL_SETTINGS, Settings
from yonk.core.paper.sewing_wishes import SewingWishes
from yonk.core.paper.unit_wishes import OwnMaking, UnitWish

Value = Literal["light", "medium", "dark"]
Print = Literal["solid", "allover", "stripes", "directional"]
RightSide = Literal["seen", "hard-to-see"]
Seam = tuple[Point, Point]

UNIT_NAMES: Mapping[LengthUnit, str] = {"in": "inches", "cm": "centimetres"}
OTHER_UNIT: Mapping[LengthUnit, LengthUnit] = {"in": "cm", "cm": "in"}
UNASSIGNED = "unassigned"
LONGEST_LABEL = 40
LONGEST_NAME = 120
COPY = ", copy"


class DraftError(YonkError):
    """Something in a draft or an act that cannot be: where it is, and what would mend it."""

    def __init__(self, place: str, message: Text) -> None:
        super().__init__(Fault(place, message), given=(place, message))

    @property
    def place(self) -> str:
        """Where it is."""
        return self.faults[0].place

    @property
    def message(self) -> Text:
        """What would mend it."""
        return self.faults[0].message


def typed_length(
    text: str, place: str, field: LengthField | NumberField, unit: LengthUnit
) -> Fraction:
    """A length as typed into a field, within the bounds of what it is.

    Args:
        text: as it was typed.
        place: the field that a fault names.
        field: what it is for, which tells its bounds.
        unit: the draft's unit, in which it is typed and answered.

    Raises: `DraftError` at `place`, saying what would mend it.
    """
    try:
        return typed(text, field, unit)
    except LengthError as fault:
        raise DraftError(place, fault.message) from None


def check_name(text: str, place: str) -> str:
    """A name as it is kept, its gaps single. Raises `DraftError` for none, too long a one, or one
    with signs that cannot be seen.
    """
    name = " ".join(text.split())
    if not name.isprintable():
        raise DraftError(place, message("has-sign-that-cannot-be-seen"))
    if not 1 <= len(name) <= LONGEST_NAME:
        raise DraftError(place, message("name-has-too-many-letters", longest_name=LONGEST_NAME))
    return name


def so_many_blocks(count: int) -> Message:
    """So many blocks."""
    return message("so-many-blocks", count=count)


def copy_name(name: str) -> str:
    """What the copy of a block is called.

    >>> copy_name("Weir Gate")
    'Weir Gate, copy'
    """
    return f"{name[: LONGEST_NAME - len(COPY)]}{COPY}"


def check_count(count: int | str, place: str, field: CountField) -> int:
    """A count, perhaps as it was typed, within its bounds. Raises `DraftError`.

    >>> check_count(" 12 ", "blocks", "blocks")
    12
    """
    if isinstance(count, str):
        text = count.strip()
        if not (text.isascii() and text.isdigit()):
            raise DraftError(place, message("is-no-whole-number", text=text))
        count = int(text) if len(text) < LONGEST_TEXT else COUNTS[field][1] + 1
    fault = count_fault(count, field)
    if fault:
        raise DraftError(place, fault)
    return count


# In a folder of its own, by a name that no system of files takes for a command or a way out.
PICTURE_FILE = r"fabrics/[A-Za-z0-9][A-Za-z0-9_-]{0,79}\.jpg"


@dataclass(frozen=True, kw_only=True)
class ClothPicture:
    """A picture of a cloth: what it is called in a parcel, and how much of the cloth is seen in it,
    in the unit of the block or the quilt. It is laid side by side over a patch.
    """

    file: str
    width: Fraction
    height: Fraction

    def converted(self, unit: LengthUnit, to: LengthUnit) -> ClothPicture:
        """The same piece of cloth, told in another unit."""
        width, height = (convert(side, unit, to) for side in (self.width, self.height))
        return replace(self, width=width, height=height)


@dataclass(frozen=True, kw_only=True)
class PictureTold:
    """A picture of a cloth as an act tells it, in a unit of its own where the shelf has another;
    without a file, that there is none any more.
    """

    file: str = ""
    width: str = ""
    height: str = ""
    unit: LengthUnit | None = None

    def read(self, unit: LengthUnit) -> ClothPicture | None:
        """The picture for a draft in a unit. Raises `DraftError` naming the field."""
        if not self.file:
            return None
        if not re.fullmatch(PICTURE_FILE, self.file):
            raise DraftError("picture.file", message("is-no-picture-of-cloth"))
        told = self.unit or unit
        width, height = (
            typed_length(getattr(self, side), f"picture.{side}", "cloth_seen", told)
            for side in ("width", "height")
        )
        return ClothPicture(file=self.file, width=width, height=height).converted(told, unit)


@dataclass(frozen=True, kw_only=True)
class Fabric:
    """A fabric of the block. `direction` is where its print points, in degrees clockwise from up,
    if it has a direction: stripes look the same upside down, a directional print does not.

    `right_side` tells whether that is told from the wrong one at a glance; `shelf` names the fabric
    of the shelf that it is tied to, if it is. Its `picture` is what it showed when it was taken.
    """

    key: str
    name: str
    colour: str
    value: Value = "medium"
    print: Print = "solid"
    direction: int = 0
    right_side: RightSide = "seen"
    shelf: str = ""
    picture: ClothPicture | None = None
    shown_as: Message | None = None  # of one that nobody named

    @property
    def has_direction(self) -> bool:
        """Whether its print shows which way a piece lies."""
        return self.print in ("stripes", "directional")

    @property
    def is_both_ways_up(self) -> bool:
        """Whether its print looks the same upside down, though it has a direction."""
        return self.print == "stripes"

    @property
    def called(self) -> Text:
        """What it is called for people."""
        return self.shown_as or self.name


def mark_the_wrong_side(fabric: Fabric) -> Message:
    """What is done with each piece of a fabric whose right side is hard to see."""
    return message("mark-the-wrong-side", fabric=fabric.called)


def no_fabric(key: str) -> Fabric:
    """What stands for a fabric that is told by no one."""
    return Fabric(key=key, name="", colour="#ffffff", shown_as=message("no-fabric-yet"))


@dataclass(frozen=True)
class Paint:
    """The fabric of the patch that holds the point `at` (in columns and rows)."""

    at: Point
    fabric: str

    @cached_property
    def written(self) -> tuple[str, str]:
        """The point as block files hold it; kept, since most paints outlast many edits."""
        return write_exact(self.at[0]), write_exact(self.at[1])


@dataclass(frozen=True, kw_only=True)
class Making(Settings):
    """How the block is to be made: so many blocks, her settings, the ways that she chose, what she
    set for kinds of unit and for units by themselves, and how it is sewn together.
    """

    blocks: int = 1
    methods: Mapping[str, str] = field(default_factory=dict)
    kinds: Mapping[str, OwnMaking] = field(default_factory=dict)
    units: tuple[UnitWish, ...] = ()
    sewing: SewingWishes = field(default_factory=SewingWishes)

    def __hash__(self) -> int:
        """Of what is told by few values; equal ones differ in none of them."""
        return hash((self.blocks, self.seam, self.trim_margin, self.ruler_step, len(self.units)))

    def keeping_clear(self, key: str, *, clear: bool) -> Making:
        """The making with a fabric, by its key, under which no allowance is to lie, or may."""
        if clear == (key in self.sewing.never_under):
            return self
        kept = tuple(one for one in self.sewing.never_under if one != key)
        return replace(
            self, sewing=replace(self.sewing, never_under=(*kept, key) if clear else kept)
        )

    def without_places(self) -> Making:
        """What is left of the choices when nothing lies where it did."""
        return replace(self, units=(), sewing=self.sewing.without_places())


@dataclass(frozen=True)
class UnitDefaults:
    """What is usual in one system of units, in that unit: her settings, and what nobody sets.

    `squaring` is spent on squaring up the ends of a strip set, `hair` a difference from the ruler
    that cloth does not show, `slip` how far a seam of an ordinary hand is off.
    """

    settings: Settings
    squaring: Fraction
    hair: Fraction
    slip: Fraction


USUAL: dict[LengthUnit, UnitDefaults] = {
    "in": UnitDefaults(
        USUAL_SETTINGS["in"], squaring=Fraction(1), hair=Fraction(1, 64), slip=Fraction(1, 32)
    ),
    "cm": UnitDefaults(
        USUAL_SETTINGS["cm"], squaring=Fraction(5, 2), hair=Fraction(1, 25), slip=Fraction(2, 25)
    ),
}


AnySettings = TypeVar("AnySettings", bound=Settings)


def with_settings(kept: AnySettings, typed: Mapping[str, str], unit: LengthUnit) -> AnySettings:
    """Settings with some of them changed.

    Args:
        kept: the settings, or a making, before.
        typed: what is changed, as typed, by the settings' names.
        unit: the unit that lengths are typed in.

    Raises: `DraftError` naming the setting.

    >>> with_settings(Making(), {"seam": "3/8", "press": "open"}, "in").seam
    Fraction(3, 8)
    """
    changed: dict[str, Any] = {}
    for name, text in typed.items():
        if name not in SETTINGS:
            raise DraftError(name, message("is-no-setting"))
        try:
            changed[name] = SETTINGS[name].read(text, unit)
        except LengthError as fault:
            raise DraftError(name, fault.message) from None
    return replace(kept, **changed)


def in_its_unit(making: Making, unit: LengthUnit) -> Making:
    """The making with the usual lengths of another unit; what does not depend on it stays."""
    of_the_unit = ("length", "rulers")  # marked in it
    lengths = (name for name, setting in SETTINGS.items() if setting.kind in of_the_unit)
    usual: dict[str, Any] = {name: getattr(USUAL_SETTINGS[unit], name) for name in lengths}
    return replace(making, **usual)


def in_other_unit(length: Fraction, unit: LengthUnit) -> Fraction:
    """A length in the other unit: centimetres exactly, inches on the usual ruler.

    Args:
        length: in `unit`.

    Source: an inch is 2.54 cm by definition.

    >>> in_other_unit(Fraction(9), "in"), in_other_unit(Fraction(24), "cm")
    (Fraction(1143, 50), Fraction(19, 2))
    """
    exact, step = convert(length, unit, OTHER_UNIT[unit]), USUAL_SETTINGS["in"].ruler_step
    return exact if unit == "in" else max(step, round(exact / step) * step)


def default_making(unit: LengthUnit) -> Making:
    """The making of a draft that says nothing about it."""
    return in_its_unit(Making(), unit)


@dataclass(frozen=True, kw_only=True)
class Colouring:
    """The same block in other fabrics: pairs of a fabric and the one in its place; so many blocks,
    perhaps mirrored.
    """

    name: str
    blocks: int = 1
    mirrored: bool = False
    fabrics: tuple[tuple[str, str], ...] = ()

    def without(self, key: str) -> Colouring:
        """The colouring without a fabric."""
        return replace(self, fabrics=tuple(pair for pair in self.fabrics if key not in pair))


@dataclass(frozen=True, kw_only=True)
class Draft:
    """One block. `columns` and `rows` are proportions; points count columns and rows from the top
    left corner.
    """

    name: str
    unit: LengthUnit
    width: Fraction
    height: Fraction
    columns: tuple[Fraction, ...]
    rows: tuple[Fraction, ...]
    seams: tuple[Seam, ...] = ()
    fabrics: tuple[Fabric, ...] = ()
    paints: tuple[Paint, ...] = ()
    making: Making = field(default_factory=Making)
    colourings: tuple[Colouring, ...] = ()

    def __hash__(self) -> int:
        """Of what tells most drafts apart; to hash thousands of fractions takes longer than to
        compare the few drafts that are alike in this.
        """
        painted = tuple([paint.fabric for paint in self.paints])
        return hash((self.name, self.unit, self.width, self.height, len(self.seams), painted))

    @property
    def is_blank(self) -> bool:
        """Whether nothing is drawn beside the grid's own lines and no patch has a fabric."""
        ruled = ruled_seams(len(self.columns), len(self.rows))
        return not self.paints and set(self.seams) <= set(ruled)

    def fabric(self, key: str) -> Fabric:
        """The fabric with that key; patches without one are of the fabric `unassigned`."""
        for fabric in self.fabrics:
            if fabric.key == key:
                return fabric
        return no_fabric(UNASSIGNED)


def coloured(draft: Draft, colouring: Colouring) -> Draft:
    """The draft in one of its colourings.

    Args:
        colouring: which fabrics take the place of which, for how many blocks, and whether mirrored.

    Returns: a draft of its own with exchanged fabrics, left for right where it is the mirror
    image, and so are the choices of its sewing. Ways chosen for single units stay behind, since
    they are chosen on the block as drafted.
    """
    other = dict(colouring.fabrics)
    wide = Fraction(len(draft.columns))

    def moved(point: Point) -> Point:
        return (wide - point[0], point[1]) if colouring.mirrored else point

    sewing = draft.making.sewing
    if colouring.mirrored:
        sewing = sewing.mirrored(moved)
    return replace(
        draft,
        columns=draft.columns[::-1] if colouring.mirrored else draft.columns,
        seams=tuple((moved(a), moved(b)) for a, b in draft.seams),
        paints=tuple(
            Paint(moved(paint.at), other.get(paint.fabric, paint.fabric)) for paint in draft.paints
        ),
        making=replace(draft.making, blocks=colouring.blocks, units=(), sewing=sewing),
        colourings=(),
    )


def ruled_seams(columns: int, rows: int) -> tuple[Seam, ...]:
    """Every inner line of the ruled grid, sewn: a block of plain patches.

    Args:
        columns: how many columns the grid has.
        rows: how many rows.

    Returns: the seams, in columns and rows from the top left corner.

    >>> len(ruled_seams(3, 3))
    4
    """
    wide, high, zero = Fraction(columns), Fraction(rows), Fraction(0)
    upright = (((Fraction(c), zero), (Fraction(c), high)) for c in range(1, columns))
    level = (((zero, Fraction(r)), (wide, Fraction(r))) for r in range(1, rows))
    return (*upright, *level)


def next_key(taken: Iterable[str], wanted: str) -> str:
    """A key made from a name that none of those taken has.

    >>> next_key(["fog"], "Fog"), next_key([], "Old moss")
    ('fog-2', 'old-moss')
    """
    stem = (
        "".join(letter if letter.isalnum() else "-" for letter in wanted.lower()).strip("-")
        or "fabric"
    )
    used, key, count = set(taken), stem, 1
    while key in used:
        count += 1
        key = f"{stem}-{count}"
    return key


def given_fabric(given: Fabric, taken: Iterable[str]) -> Fabric:
    """A fabric as it was told, made sound; one without a key is given one.

    Args:
        taken: the keys that there are.

    Raises: `DraftError` naming the field.
    """
    if not re.fullmatch("#[0-9a-fA-F]{6}", given.colour):
        raise DraftError("colour", message("must-be-a-colour"))
    if not given.name.strip():
        raise DraftError("name", message("fabric-needs-a-name"))
    key = given.key or next_key(taken, given.name)
    if key == UNASSIGNED:
        raise DraftError("name", message("key-stands-for-no-fabric"))
    return replace(
        given,
        key=key,
        name=given.name.strip(),
        colour=given.colour.lower(),
        direction=given.direction % 360,
    )


def tidy_labels(given: Iterable[str], where: str = "labels") -> tuple[str, ...]:
    """Labels as they were typed, each once whatever its case, without what is empty.

    Raises: `DraftError` for one that is too long, or too many.

    >>> tidy_labels([" Hut ", "hut", "", "for  Ailsa"])
    ('Hut', 'for Ailsa')
    """
    found: dict[str, str] = {}
    for one in given:
        plain = " ".join(one.split())
        if len(plain) > LONGEST_LABEL:
            raise DraftError(
                where,
                message("is-longer-than-letters", plain=plain[:20], longest_label=LONGEST_LABEL),
            )
        if plain:
            found.setdefault(plain.casefold(), plain)
    check_count(len(found), where, "labels")
    return tuple(found.values())
