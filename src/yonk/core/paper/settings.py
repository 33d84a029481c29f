"""The settings in which quilters differ, each named once: its bounds, what is usual, its words and
where it is shown.

A block file, the acts, the screen and every room that works with a setting take it from here.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field, fields, replace
from fractions import Fraction
from types import MappingProxyType
from typing import Any, Literal

from yonk.core.paper.bounds import Bound, LengthUnit
from yonk.core.paper.measure import LengthError, read_in, write_typed
from yonk.core.paper.messages import Message, Text, listed, message
from yonk.core.paper.rulers import OwnedRuler, read_rulers, write_rulers

Stitch = Literal["beside", "two-lines"]
PressToward = Literal["dark", "open"]
PressingSchool = Literal["nest", "dark", "open", "spin"]
Care = Literal["balance", "cloth", "time", "exact"]
Trimmed = Literal["pressed", "folded"]
TRIMMED: tuple[Trimmed, ...] = ("pressed", "folded")
WorkSettingKind = Literal["length", "percent", "count", "choice", "rulers"]
SettingsPage = Literal["work", "cloth"]
Both = Mapping[LengthUnit, Any]


@dataclass(frozen=True, kw_only=True)
class WorkSetting:
    """One setting. `usual` and `bounds` are by unit; a length is in that unit.

    `file` is where it stands in the making of a block file, `under` the group it has in How you
    work, `pages` where it is shown. `name` is that of its field in `Settings`; by that the
    catalogue has what it is called and, where `why` is set, why one would choose this or that.
    """

    name: str = ""
    file: str = ""
    kind: WorkSettingKind
    under: str = ""
    why: bool = False
    pages: tuple[SettingsPage, ...] = ("work",)
    usual: Both
    bounds: Mapping[LengthUnit, Bound] = field(default_factory=dict)
    choices: tuple[str, ...] = ()

    @property
    def label(self) -> Message:
        """What it is called."""
        return message(self._code)

    @property
    def heading(self) -> Message | None:
        """What stands above it, if anything does."""
        return message(f"settings-{self.under}") if self.under else None

    @property
    def reason(self) -> Message | None:
        """Why one would choose this or that, if it needs to be said."""
        return message(f"{self._code}-why") if self.why else None

    def choice(self, value: str) -> Message:
        """What a choice is called."""
        return message(f"{self._code}-{value}")

    @property
    def _code(self) -> str:
        return f"setting-{self.name.replace('_', '-')}"

    def read(self, text: str, unit: LengthUnit) -> Any:
        """The value that a text stands for. Raises `LengthError` where it is none, or out of
        bounds.
        """
        if self.kind == "choice":
            if text not in self.choices:
                raise LengthError(message("must-be-one-of", choices=listed(self.choices, "comma")))
            return text
        if self.kind == "rulers":
            return read_rulers(text, unit, lambda length, part: _of_a_ruler(length, part, unit))
        value = read_in(text, unit)
        fault = self.fault(value, unit)
        if not fault and self.kind == "count" and value.denominator > 1:
            fault = message("must-be-whole-number")
        if fault:
            raise LengthError(fault)
        return int(value) if self.kind == "count" else value

    def fault(self, value: Fraction, unit: LengthUnit) -> Message | None:
        """What is wrong with a number and would mend it, or nothing."""
        return self.bounds[unit].fault(value, unit if self.kind == "length" else None)

    def answers(self) -> tuple[tuple[str, Text], ...]:
        """What can be chosen, each with its words: of a count, every number that it may be."""
        if self.kind != "count":
            return tuple((value, self.choice(value)) for value in self.choices)
        bound = self.bounds["in"]
        return tuple(
            (str(number), str(number)) for number in range(int(bound.least), int(bound.most) + 1)
        )

    def write(self, value: Any, unit: LengthUnit) -> str:
        """The text that a value is typed as."""
        if self.kind == "rulers":
            return write_rulers(value, unit)
        return (
            write_typed(Fraction(value), unit) if self.kind in ("length", "percent") else str(value)
        )


def _setting(**details: Any) -> Any:
    setting = WorkSetting(**details)
    return field(default=setting.usual["in"], metadata={"setting": setting})


def _length(
    *,
    usual: tuple[str, str],
    least: tuple[str, str],
    most: tuple[str, str],
    **details: Any,
) -> Any:
    """A length, with its usual, least and most in inches and in centimetres."""
    low, high = both(*map(Fraction, least)), both(*map(Fraction, most))
    bounds = {unit: Bound(low[unit], high[unit]) for unit in low}
    return _setting(kind="length", usual=both(*map(Fraction, usual)), bounds=bounds, **details)


def _number(kind: WorkSettingKind, *, usual: Any, least: int, most: int, **details: Any) -> Any:
    bound = Bound(Fraction(least), Fraction(most))
    return _setting(kind=kind, usual=both(usual, usual), bounds=both(bound, bound), **details)


def _choice(*, usual: str, choices: tuple[str, ...], **details: Any) -> Any:
    return _setting(
        kind="choice",
        usual=both(usual, usual),
        choices=choices,
        **details,
    )


def both(inches: Any, centimetres: Any) -> dict[LengthUnit, Any]:
    """A value for each unit."""
    return {"in": inches, "cm": centimetres}


@dataclass(frozen=True, kw_only=True)
class Settings:
    """How a quilter works. Lengths are in the draft's unit; as they stand here they are usual in
    inches.
    """

    care: Care = _choice(
        under="care",
        usual="balance",
        choices=("balance", "cloth", "time", "exact"),
        why=True,
    )
    trim_margin: Fraction = _length(
        under="trimming",
        usual=("1/8", "1/4"),
        least=("0", "0"),
        most=("2", "5"),
        why=True,
    )
    trimmed: Trimmed = _choice(under="trimming", usual="pressed", choices=TRIMMED, why=True)
    seam: Fraction = _length(
        under="seam",
        usual=("1/4", "3/4"),
        least=("1/64", "1/20"),
        most=("2", "5"),
        why=True,
    )
    ruler_step: Fraction = _length(
        under="ruler", usual=("1/8", "1/4"), least=("1/64", "1/20"), most=("1", "5/2")
    )
    ruler_width: Fraction = _length(
        under="ruler",
        file="ruler.width",
        usual=("13/2", "15"),
        least=("1", "2"),
        most=("100", "250"),
    )
    ruler_length: Fraction = _length(
        under="ruler",
        file="ruler.length",
        usual=("49/2", "60"),
        least=("1", "2"),
        most=("100", "250"),
        why=True,
    )
    rulers: tuple[OwnedRuler, ...] = _setting(
        kind="rulers", under="rulers", usual=both((), ()), why=True
    )
    usable: Fraction = _length(
        under="width-of-fabric",
        file="width_of_fabric",
        pages=("work", "cloth"),
        usual=("40", "100"),
        least=("4", "10"),
        most=("200", "500"),
        why=True,
    )
    straightening: Fraction = _length(
        pages=("cloth",), usual=("1", "5/2"), least=("0", "0"), most=("18", "50")
    )
    shrinkage: Fraction = _number("percent", pages=("cloth",), usual=Fraction(0), least=0, most=30)
    keep: Fraction = _length(
        pages=("cloth",), usual=("4", "10"), least=("1/4", "1/2"), most=("100", "250")
    )
    squares_in_a_row: int = _number(
        "count", under="rectangles", usual=10, least=1, most=10, why=True
    )
    press: PressToward = _choice(under="pressing", usual="dark", choices=("dark", "open"), why=True)
    pressing: PressingSchool = _choice(
        under="pressing-blocks", usual="nest", choices=("nest", "dark", "open", "spin"), why=True
    )
    stitch: Stitch = _choice(
        under="stitching", usual="beside", choices=("beside", "two-lines"), why=True
    )

    @property
    def all_rulers(self) -> tuple[OwnedRuler, ...]:
        """The standard ruler and the others that she owns."""
        return OwnedRuler(self.ruler_width, self.ruler_length, self.ruler_step), *self.rulers

    @property
    def settings(self) -> Settings:
        """The settings alone."""
        return Settings(**{name: getattr(self, name) for name in SETTINGS})


def _named(name: str, setting: WorkSetting) -> WorkSetting:
    return replace(setting, name=name, file=setting.file or name)


SETTINGS: Mapping[str, WorkSetting] = MappingProxyType(
    {one.name: _named(one.name, one.metadata["setting"]) for one in fields(Settings)}
)
USUAL_SETTINGS: Mapping[LengthUnit, Settings] = MappingProxyType(
    {
        unit: Settings(**{name: one.usual[unit] for name, one in SETTINGS.items()})
        for unit in both(0, 0)
    }
)


def ruler_fault(
    length: Fraction, part: Literal["side", "step"], unit: LengthUnit
) -> Message | None:
    """What is wrong with a side of a ruler or its finest mark, in that unit, or nothing."""
    name = "ruler_width" if part == "side" else "ruler_step"
    return SETTINGS[name].fault(length, unit)


def _of_a_ruler(length: Fraction, part: Literal["side", "step"], unit: LengthUnit) -> Fraction:
    fault = ruler_fault(length, part, unit)
    if fault:
        raise LengthError(fault)
    return length


@dataclass(frozen=True)
class School:
    """A school of cutting: its name, the settings it has as typed, those it leaves to her, and
    whether it is hers.
    """

    words: Message
    settings: Mapping[str, str]
    asks: tuple[str, ...]
    hers: bool


def cutting_schools(settings: Settings, unit: LengthUnit) -> tuple[School, School]:
    """True cut, which trusts the seam; and cut larger by the usual margin, to trim."""
    margin = SETTINGS["trim_margin"]
    true = settings.trim_margin == 0
    usual = margin.write(margin.usual[unit], unit)
    return School(message("school-true-cut"), {"trim_margin": "0"}, (), true), School(
        message("school-to-trim"), {"trim_margin": usual}, ("trim_margin",), not true
    )
