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

Stitch = Literal["beside", "two-lines"]
PressToward = Literal["dark", "open"]
PressingSchool = Literal["nest", "dark", "open", "spin"]
Care = Literal["balance", "cloth", "time", "exact"]
WorkSettingKind = Literal["length", "percent", "count", "choice"]
SettingsPage = Literal["work", "cloth"]
Both = Mapping[LengthUnit, Any]


@dataclass(frozen=True, kw_only=True)
class WorkSetting:
    """One setting. `usual` and `bounds` are by unit; a length is in that unit.

    `file` is where it stands in the making of a block file, `under` the heading it has in How you
    work, `pages` where it is shown. `name` is that of its field in `Settings`.
    """

    name: str = ""
    file: str = ""
    kind: WorkSettingKind
    label: str
    under: str = ""
    why: str = ""
    pages: tuple[SettingsPage, ...] = ("work",)
    usual: Both
    bounds: Mapping[LengthUnit, Bound] = field(default_factory=dict)
    choices: tuple[tuple[str, str], ...] = ()

    def read(self, text: str, unit: LengthUnit) -> Any:
        """The value that a text stands for. Raises `LengthError` where it is none, or out of
        bounds.
        """
        if self.kind == "choice":
            if text not in dict(self.choices):
                raise LengthError(f"must be one of {', '.join(value for value, _ in self.choices)}")
            return text
        value = read_in(text, unit)
        fault = self.fault(value, unit)
        if not fault and self.kind == "count" and value.denominator > 1:
            fault = "must be a whole number"
        if fault:
            raise LengthError(fault)
        return int(value) if self.kind == "count" else value

    def fault(self, value: Fraction, unit: LengthUnit) -> str:
        """What is wrong with a number and would mend it, or nothing."""
        return self.bounds[unit].fault(value, unit if self.kind == "length" else None)

    def answers(self) -> tuple[tuple[str, str], ...]:
        """What can be chosen, each with its words: of a count, every number that it may be."""
        if self.kind != "count":
            return self.choices
        bound = self.bounds["in"]
        return tuple(
            (str(number), str(number)) for number in range(int(bound.least), int(bound.most) + 1)
        )

    def write(self, value: Any, unit: LengthUnit) -> str:
        """The text that a value is typed as."""
        return (
            write_typed(Fraction(value), unit) if self.kind in ("length", "percent") else str(value)
        )


def _setting(**details: Any) -> Any:
    setting = WorkSetting(**details)
    return field(default=setting.usual["in"], metadata={"setting": setting})


def _length(
    label: str,
    *,
    usual: tuple[str, str],
    least: tuple[str, str],
    most: tuple[str, str],
    **details: Any,
) -> Any:
    """A length, with its usual, least and most in inches and in centimetres."""
    low, high = both(*map(Fraction, least)), both(*map(Fraction, most))
    bounds = {unit: Bound(low[unit], high[unit]) for unit in low}
    return _setting(
        kind="length", label=label, usual=both(*map(Fraction, usual)), bounds=bounds, **details
    )


def _number(
    kind: WorkSettingKind, label: str, *, usual: Any, least: int, most: int, **details: Any
) -> Any:
    bound = Bound(Fraction(least), Fraction(most))
    return _setting(
        kind=kind, label=label, usual=both(usual, usual), bounds=both(bound, bound), **details
    )


def _choice(label: str, *, usual: str, choices: dict[str, str], **details: Any) -> Any:
    return _setting(
        kind="choice",
        label=label,
        usual=both(usual, usual),
        choices=tuple(choices.items()),
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
        "What you care for most",
        under="What you care for most",
        usual="balance",
        choices={
            "balance": "a fair balance",
            "cloth": "saving cloth",
            "time": "saving time",
            "exact": "exact units",
        },
        why="Decides which way is proposed. Bias on outer edges and prints that turn are kept "
        "out first, whatever"
        " you choose.",
    )
    trim_margin: Fraction = _length(
        "Trim margin",
        under="True cut, or cut larger and trim",
        usual=("1/8", "1/4"),
        least=("0", "0"),
        most=("2", "5"),
        why="0 cuts true and trusts the seam. 1⁄8″ (¼ cm) is usual: the sums are easy and every "
        "unit is trimmed to"
        " size. More suits who sews less straight than she cuts.",
    )
    seam: Fraction = _length(
        "Seam allowance",
        under="Seam allowance",
        usual=("1/4", "3/4"),
        least=("1/64", "1/20"),
        most=("2", "5"),
        why="The usual is 1⁄4″ (¾ cm), sewn a thread narrower to give back what the fold takes up.",
    )
    ruler_step: Fraction = _length(
        "Steps", under="Ruler", usual=("1/8", "1/4"), least=("1/64", "1/20"), most=("1", "5/2")
    )
    ruler_width: Fraction = _length(
        "Standard ruler",
        under="Ruler",
        file="ruler.width",
        usual=("13/2", "15"),
        least=("1", "2"),
        most=("100", "250"),
    )
    ruler_length: Fraction = _length(
        "by",
        under="Ruler",
        file="ruler.length",
        usual=("49/2", "60"),
        least=("1", "2"),
        most=("100", "250"),
        why="Cuts are rounded to its steps. A cut wider than the ruler is said, so that you can "
        "lay a second one"
        " beside it.",
    )
    usable: Fraction = _length(
        "Usable width",
        under="Width of fabric",
        file="width_of_fabric",
        pages=("work", "cloth"),
        usual=("40", "100"),
        least=("4", "10"),
        most=("200", "500"),
        why="40″ (100 cm) is the safe figure after the selvedges are off; 42″ the hopeful one.",
    )
    straightening: Fraction = _length(
        "To straighten", pages=("cloth",), usual=("1", "5/2"), least=("0", "0"), most=("18", "50")
    )
    shrinkage: Fraction = _number(
        "percent", "Shrinks", pages=("cloth",), usual=Fraction(0), least=0, most=30
    )
    keep: Fraction = _length(
        "Keep leftovers from",
        pages=("cloth",),
        usual=("4", "10"),
        least=("1/4", "1/2"),
        most=("100", "250"),
    )
    squares_in_a_row: int = _number(
        "count",
        "Squares sewn at once",
        under="Triangles from rectangles",
        usual=10,
        least=1,
        most=10,
        why=(
            "Long rows save time and turn at every corner; short ones lie flat more easily. Ten "
            "is the most."
        ),
    )
    press: PressToward = _choice(
        "Pressing",
        under="Pressing",
        usual="dark",
        choices={"dark": "toward the darker", "open": "open"},
        why=(
            "Toward the darker hides the allowance and lets seams nest; open lies flatter where "
            "many points meet."
        ),
    )
    pressing: PressingSchool = _choice(
        "Pressing the block",
        under="Pressing the block",
        usual="nest",
        choices={
            "nest": "so that seams nest",
            "dark": "always to the dark",
            "open": "open everywhere",
            "spin": "spun where they can be",
        },
        why=(
            "Nested seams lock at a crossing and need no pin. Always to the dark hides every "
            "allowance; open lies flattest and must be pinned; spun spreads a crossing's bulk."
        ),
    )
    stitch: Stitch = _choice(
        "Stitching beside a line",
        under="Stitching beside a line",
        usual="beside",
        choices={
            "beside": "one line drawn, sewn a seam allowance to either side",
            "two-lines": "two lines drawn, sewn on both, cut between",
        },
        why=(
            "Beside one line is quicker with a foot that measures the seam allowance; on two "
            "lines suits any foot."
        ),
    )

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


@dataclass(frozen=True)
class School:
    """A school of cutting: its name, the settings it has as typed, those it leaves to her, and
    whether it is hers.
    """

    words: str
    settings: Mapping[str, str]
    asks: tuple[str, ...]
    hers: bool


def cutting_schools(settings: Settings, unit: LengthUnit) -> tuple[School, School]:
    """True cut, which trusts the seam; and cut larger by the usual margin, to trim."""
    margin = SETTINGS["trim_margin"]
    true = settings.trim_margin == 0
    usual = margin.write(margin.usual[unit], unit)
    return School("true cut", {"trim_margin": "0"}, (), true), School(
        "to trim", {"trim_margin": usual}, ("trim_margin",), not true
    )
