"""The making in a block file: every setting under its name in the file, made from `SETTINGS`."""

from __future__ import annotations

from collections.abc import Iterator
from fractions import Fraction
from typing import TYPE_CHECKING, Annotated, Any, Literal

from pydantic import Field, create_model

from yonk.core.paper import (
    COUNTS,
    SETTINGS,
    LengthUnit,
    Making,
    Message,
    OrderName,
    PartOrder,
    Point,
    SeamWish,
    Settings,
    SewingWishes,
    Toward,
    UnitMethod,
    WorkSetting,
    default_making,
    write_exact,
)
from yonk.files.exact import Exact, FilePart, Key, PointIn, WholeText


class UnitMethodIn(FilePart):
    """The way chosen for the unit that holds a point."""

    at: PointIn
    method: Key


class PartOrderIn(FilePart):
    """The order in which a part of the block is joined, by two corners of its box."""

    corner: PointIn
    opposite: PointIn
    order: OrderName


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


class _Making(FilePart):
    """How the block is made; what is left out is the usual."""

    blocks: (
        Annotated[int, Field(strict=True, ge=COUNTS["blocks"][0], le=COUNTS["blocks"][1])] | None
    ) = None
    methods: dict[WholeText, WholeText] = Field(default_factory=dict)
    units: tuple[UnitMethodIn, ...] = ()
    sewing: SewingIn = Field(default_factory=SewingIn)


def _type_of(setting: WorkSetting) -> Any:
    """What stands in a file for a setting."""
    if setting.kind == "choice":
        return Literal[setting.choices]
    if setting.kind == "count":
        bound = setting.bounds["in"]
        return Annotated[int, Field(strict=True, ge=int(bound.least), le=int(bound.most))]
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


def making_of(given: _Making, unit: LengthUnit) -> Making:
    """The making that a sound file describes, in its unit."""
    usual = default_making(unit)
    settings_given = {name: _given(given, setting) for name, setting in SETTINGS.items()}
    settings = {
        name: getattr(usual, name) if value is None else value
        for name, value in settings_given.items()
    }
    units = tuple(UnitMethod(choice.at, choice.method) for choice in given.units)
    return Making(
        blocks=given.blocks or usual.blocks,
        methods=dict(given.methods),
        units=units,
        sewing=wishes_of(given.sewing),
        **settings,
    )


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
    )


def _write_wishes(wishes: SewingWishes) -> dict[str, Any]:
    def at(point: Point) -> list[str]:
        return [*map(write_exact, point)]

    return {
        **({"order": wishes.order} if wishes.order else {}),
        "parts": [
            {"corner": at(one.corner), "opposite": at(one.opposite), "order": one.order}
            for one in wishes.parts
        ],
        "presses": [{"at": at(one.at), "toward": one.toward} for one in wishes.presses],
        "in_lots": [at(point) for point in wishes.in_lots],
        "batch": wishes.batch,
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
        place[last] = write_exact(value) if isinstance(value, Fraction) else value
    return written


def write_making(making: Making) -> dict[str, Any]:
    """The making as it stands in a file."""
    written: dict[str, Any] = {"blocks": making.blocks} | write_settings(making)
    written["methods"] = dict(making.methods)
    if making.units:
        written["units"] = [
            {"at": [*map(write_exact, one.at)], "method": one.method} for one in making.units
        ]
    if not making.sewing.untouched:
        written["sewing"] = _write_wishes(making.sewing)
    return written
