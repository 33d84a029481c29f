"""The making in a block file: every setting under its name in the file, made from `SETTINGS`."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from typing import TYPE_CHECKING, Annotated, Any, Literal

from pydantic import Field, create_model

from yonk.core.paper import (
    COUNTS,
    MOST_RULERS,
    SETTINGS,
    LengthUnit,
    MadeTogether,
    Making,
    Message,
    OrderName,
    OwnedRuler,
    OwnMaking,
    PartName,
    PartOrder,
    Point,
    RulerMarks,
    SeamWish,
    Settings,
    SewingWishes,
    Toward,
    Trimmed,
    UnitPress,
    UnitWish,
    WorkSetting,
    default_making,
    ruler_fault,
    write_exact,
)
from yonk.files.exact import Exact, FilePart, Key, PointIn, WholeText


class PartWishIn(FilePart):
    """What is set for a part of a unit by itself."""

    trim_margin: Exact


class OwnMakingIn(FilePart):
    """What is set for a kind of unit by itself; what is left out is the block's."""

    trim_margin: Exact | None = None
    parts: dict[PartName, PartWishIn] = Field(default_factory=dict)
    press: UnitPress | None = None
    trimmed: Trimmed | None = None


class RulerIn(FilePart):
    """A ruler that she owns: its sides, its finest mark, and which sizes its marks tell."""

    width: Exact
    length: Exact
    step: Exact
    marks: RulerMarks = "unfinished"


class UnitWishIn(OwnMakingIn):
    """What is set for the group of units like the one that holds a point."""

    at: PointIn
    method: Key | None = None
    more: Annotated[int, Field(strict=True, ge=0, le=COUNTS["more_lots"][1])] = 0


class PartOrderIn(FilePart):
    """The order in which a part of the block is joined, by two corners of its box."""

    corner: PointIn
    opposite: PointIn
    order: OrderName


class MadeTogetherIn(FilePart):
    """A part of the block that is made as one unit, by two corners of its box."""

    corner: PointIn
    opposite: PointIn


class SeamWishIn(FilePart):
    """Where the seam that runs through a point is pressed."""

    at: PointIn
    toward: Toward


SewingChoices = Field(default=(), max_length=COUNTS["choices"][1])


class SewingIn(FilePart):
    """How the block is sewn together; what is left out is proposed."""

    order: OrderName | None = None
    parts: tuple[PartOrderIn, ...] = SewingChoices
    presses: tuple[SeamWishIn, ...] = SewingChoices
    in_lots: tuple[PointIn, ...] = SewingChoices
    batch: Annotated[int, Field(strict=True, ge=COUNTS["batch"][0], le=COUNTS["batch"][1])] = 24
    never_under: tuple[Key, ...] = SewingChoices
    together: tuple[MadeTogetherIn, ...] = SewingChoices


class _Making(FilePart):
    """How the block is made; what is left out is the usual."""

    blocks: (
        Annotated[int, Field(strict=True, ge=COUNTS["blocks"][0], le=COUNTS["blocks"][1])] | None
    ) = None
    methods: dict[WholeText, WholeText] = Field(default_factory=dict)
    kinds: dict[WholeText, OwnMakingIn] = Field(default_factory=dict)
    units: tuple[UnitWishIn, ...] = ()
    sewing: SewingIn = Field(default_factory=SewingIn)


def _type_of(setting: WorkSetting) -> Any:
    """What stands in a file for a setting."""
    if setting.kind == "choice":
        return Literal[setting.choices]
    if setting.kind == "count":
        bound = setting.bounds["in"]
        return Annotated[int, Field(strict=True, ge=int(bound.least), le=int(bound.most))]
    if setting.kind == "rulers":
        return Annotated[tuple[RulerIn, ...], Field(max_length=MOST_RULERS)]
    return Exact


def _fields(prefix: str = "") -> dict[str, Any]:
    """The fields of the making, or of a part of it, that hold settings; a dot in a name begins a
    part.
    """
    found: dict[str, Any] = {}
    for setting in SETTINGS.values():
        if not setting.file.startswith(prefix):
            continue
        name, _, inner = setting.file.removeprefix(prefix).partition(".")
        of_part = f"{name.title()}In"
        kind = (
            create_model(of_part, __base__=FilePart, **_fields(f"{prefix}{name}."))
            if inner
            else _type_of(setting)
        )
        found[name] = (
            (kind, ...) if prefix else (kind | None, None)
        )  # a part that is told is told whole
    return found


if TYPE_CHECKING:
    MakingIn = _Making
else:
    MakingIn = create_model("MakingIn", __base__=_Making, __doc__=_Making.__doc__, **_fields())


def _given(making: _Making, setting: WorkSetting) -> Any:
    """What a file says of a setting, or None."""
    found: Any = making
    for name in setting.file.split("."):
        found = getattr(found, name, None)
    return found


def making_faults(making: _Making, unit: LengthUnit) -> Iterator[tuple[str, Message]]:
    """The numbers that are less or more than they may be: the place of each in the making, and the
    fault.
    """
    for setting in SETTINGS.values():
        value = _given(making, setting)
        if isinstance(value, Fraction) and (fault := setting.fault(value, unit)):
            yield setting.file, fault
    for place, length, part in _ruler_lengths(making):
        if fault := ruler_fault(length, part, unit):
            yield place, fault
    for place, own in _own(making):
        margins = {f"parts.{part}.trim_margin": one.trim_margin for part, one in own.parts.items()}
        for name, margin in {"trim_margin": own.trim_margin, **margins}.items():
            if margin is not None and (fault := SETTINGS["trim_margin"].fault(margin, unit)):
                yield f"{place}.{name}", fault


def _ruler_lengths(
    making: _Making,
) -> Iterator[tuple[str, Fraction, Literal["side", "step"]]]:
    """The lengths of the rulers that she owns, with the place of each in the making."""
    for number, ruler in enumerate(_given(making, SETTINGS["rulers"]) or ()):
        yield f"rulers[{number}].width", ruler.width, "side"
        yield f"rulers[{number}].length", ruler.length, "side"
        yield f"rulers[{number}].step", ruler.step, "step"


def _own(making: _Making) -> Iterator[tuple[str, OwnMakingIn]]:
    """What is set for kinds and for units by themselves, with the place of each in the making."""
    for kind, of_kind in making.kinds.items():
        yield f"kinds.{kind}", of_kind
    for number, unit in enumerate(making.units):
        yield f"units[{number}]", unit


def making_of(given: _Making, unit: LengthUnit) -> Making:
    """The making that a sound file describes, in its unit."""
    usual = default_making(unit)
    settings_given = {name: _value_given(given, setting) for name, setting in SETTINGS.items()}
    settings = {
        name: getattr(usual, name) if value is None else value
        for name, value in settings_given.items()
    }
    units = tuple(
        UnitWish(at=one.at, method=one.method, more=one.more, **_own_making(one))
        for one in given.units
    )
    return Making(
        blocks=given.blocks or usual.blocks,
        methods=dict(given.methods),
        kinds={kind: OwnMaking(**_own_making(one)) for kind, one in given.kinds.items()},
        units=units,
        sewing=wishes_of(given.sewing),
        **settings,
    )


def _value_given(making: _Making, setting: WorkSetting) -> Any:
    found = _given(making, setting)
    if setting.kind != "rulers" or found is None:
        return found
    return tuple(OwnedRuler(one.width, one.length, one.step, one.marks) for one in found)


def _own_making(given: OwnMakingIn) -> dict[str, Any]:
    return {
        "trim_margin": given.trim_margin,
        "parts": {part: one.trim_margin for part, one in sorted(given.parts.items())},
        "press": given.press,
        "trimmed": given.trimmed,
    }


def wishes_of(given: SewingIn) -> SewingWishes:
    """What a file says of the sewing."""
    return SewingWishes(
        order=given.order,
        parts=tuple(
            PartOrder(corner=one.corner, opposite=one.opposite, order=one.order)
            for one in given.parts
        ),
        presses=tuple(SeamWish(at=one.at, toward=one.toward) for one in given.presses),
        in_lots=given.in_lots,
        batch=given.batch,
        never_under=tuple(dict.fromkeys(given.never_under)),
        together=tuple(
            MadeTogether(corner=one.corner, opposite=one.opposite).moved(lambda point: point)
            for one in given.together
        ),
    )


def _write_wishes(wishes: SewingWishes) -> dict[str, Any]:
    def at(point: Point) -> list[str]:
        return [*map(write_exact, point)]

    together = [{"corner": at(box.corner), "opposite": at(box.opposite)} for box in wishes.together]
    return {
        **({"order": wishes.order} if wishes.order else {}),
        "parts": [
            {"corner": at(one.corner), "opposite": at(one.opposite), "order": one.order}
            for one in wishes.parts
        ],
        "presses": [{"at": at(one.at), "toward": one.toward} for one in wishes.presses],
        "in_lots": [at(point) for point in wishes.in_lots],
        "batch": wishes.batch,
        **({"never_under": [*wishes.never_under]} if wishes.never_under else {}),
        **({"together": together} if together else {}),
    }


def write_settings(settings: Settings) -> dict[str, Any]:
    """Settings alone as they stand in a file."""
    written: dict[str, Any] = {}
    for name, setting in SETTINGS.items():
        value = getattr(settings, name)
        *parts, last = setting.file.split(".")
        place = written
        for part in parts:
            place = place.setdefault(part, {})
        if setting.kind != "rulers":
            place[last] = write_exact(value) if isinstance(value, Fraction) else value
        elif value:  # most have the standard ruler alone
            place[last] = [_write_ruler(one) for one in value]
    return written


def _write_ruler(ruler: OwnedRuler) -> dict[str, str]:
    lengths = {"width": ruler.width, "length": ruler.length, "step": ruler.step}
    return {name: write_exact(one) for name, one in lengths.items()} | {"marks": ruler.marks}


def _write_own(own: OwnMaking) -> dict[str, Any]:
    """What is set for a kind or a unit by itself, without what is not."""
    parts = {part: {"trim_margin": write_exact(by)} for part, by in own.parts.items()}
    return {
        **({} if own.trim_margin is None else {"trim_margin": write_exact(own.trim_margin)}),
        **({"parts": parts} if parts else {}),
        **({"press": own.press} if own.press else {}),
        **({"trimmed": own.trimmed} if own.trimmed else {}),
    }


def write_making(making: Making) -> dict[str, Any]:
    """The making as it stands in a file."""
    written: dict[str, Any] = {"blocks": making.blocks} | write_settings(making)
    written["methods"] = dict(making.methods)
    if making.kinds:
        written["kinds"] = {kind: _write_own(one) for kind, one in making.kinds.items()}
    if making.units:
        written["units"] = [
            {
                "at": [*map(write_exact, one.at)],
                **({"method": one.method} if one.method else {}),
                **({"more": one.more} if one.more else {}),
                **_write_own(one),
            }
            for one in making.units
        ]
    if not making.sewing.untouched:
        written["sewing"] = _write_wishes(making.sewing)
    return written
