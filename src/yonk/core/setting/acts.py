"""What is done to a quilt: each act gives the quilt that comes of it. Lengths are texts as typed; a
fault names the field.
"""

from __future__ import annotations

from abc import ABC, abstractmethod
from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from typing import Literal

from yonk.core.paper import (
    DraftError,
    check_count,
    check_name,
    next_key,
    typed_length,
    with_settings,
)
from yonk.core.setting.places import columns_in, places_of, rows_of
from yonk.core.setting.quilt import (
    BINDING,
    BORDER,
    OVERHANG,
    SASHING,
    Alternate,
    Backing,
    Binding,
    Border,
    Corner,
    Edge,
    Grain,
    Placed,
    Quilt,
    Sashing,
    Setting,
    SettingKind,
    Side,
)
from yonk.core.setting.scrappy import laid_out, lay_scrappy

Turning = Literal["alike", "quarter-turns", "every-other", "mirrored"]
At = tuple[int, int]


class QuiltAct(ABC):
    """What a quilter can do to a quilt; `do` names it."""

    do: str

    @abstractmethod
    def on(self, quilt: Quilt) -> Quilt:
        """The quilt that comes of it. Raises `DraftError` naming the field."""


def apply_to_quilt(quilt: Quilt, act: QuiltAct) -> Quilt:
    """The quilt that comes of an act.

    Args:
        quilt: is never changed.
        act: one of `all_quilt_acts`.

    Raises: `DraftError` naming the field and the mend.
    """
    return act.on(quilt)


def all_quilt_acts() -> tuple[type[QuiltAct], ...]:
    """The kinds of act there are, in the order of their names."""
    return tuple(sorted(QuiltAct.__subclasses__(), key=lambda kind: kind.__name__))


def _set(quilt: Quilt, **change: object) -> Quilt:
    return replace(quilt, setting=replace(quilt.setting, **change))  # type: ignore[arg-type]


def _fabric(quilt: Quilt, key: str, place: str) -> str:
    if key not in quilt.all_fabrics:
        raise DraftError(place, f"“{key}” is no fabric of the quilt or its blocks")
    return key


def _block(quilt: Quilt, key: str, place: str) -> str:
    if key not in quilt.by_key:
        raise DraftError(place, f"“{key}” is no block of the quilt")
    return key


@dataclass(frozen=True, kw_only=True)
class RenameQuilt(QuiltAct):
    """Give it another name."""

    do: Literal["rename"] = "rename"
    name: str

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with the name."""
        return replace(quilt, name=check_name(self.name, "name"))


@dataclass(frozen=True, kw_only=True)
class SetPlaces(QuiltAct):
    """Set it straight or on point, with so many columns and rows; what lies outside is let go."""

    do: Literal["places"] = "places"
    kind: SettingKind | None = None
    columns: int | None = None
    rows: int | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt set so."""
        now = quilt.setting
        setting = replace(
            now,
            kind=self.kind or now.kind,
            columns=now.columns
            if self.columns is None
            else check_count(self.columns, "columns", "quilt_lines"),
            rows=now.rows if self.rows is None else check_count(self.rows, "rows", "quilt_lines"),
        )
        if setting.kind == "on-point" and setting.edge is None and quilt.all_fabrics:
            setting = replace(setting, edge=Edge(fabric=next(iter(quilt.all_fabrics))))
        return replace(quilt, setting=_within(setting))


def _within(setting: Setting) -> Setting:
    known = {(one.row, one.column) for one in places_of(setting)}
    return replace(setting, places={at: one for at, one in setting.places.items() if at in known})


@dataclass(frozen=True, kw_only=True)
class LayBlock(QuiltAct):
    """Lay a block at a place, or at all of them."""

    do: Literal["lay"] = "lay"
    block: str
    at: At | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        _block(quilt, self.block, "block")
        if self.at is None:
            return _set(quilt, fill=replace(quilt.setting.fill, block=self.block), places={})
        turned = _at(quilt, self.at) or quilt.setting.fill
        return _with_places(quilt, {self.at: replace(turned, block=self.block)})


@dataclass(frozen=True, kw_only=True)
class TurnBlock(QuiltAct):
    """Turn what lies at a place by so many quarters, or mirror it."""

    do: Literal["turn"] = "turn"
    at: At
    by: int = 1
    mirror: bool = False

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it turned."""
        lies = _at(quilt, self.at)
        if lies is None:
            return quilt
        turns, mirrored = (lies.turns + self.by) % 4, lies.mirrored
        if self.mirror:
            turns, mirrored = -lies.turns % 4, not lies.mirrored
        return _with_places(quilt, {self.at: replace(lies, turns=turns, mirrored=mirrored)})


@dataclass(frozen=True, kw_only=True)
class SwapBlocks(QuiltAct):
    """Swap what lies at two places."""

    do: Literal["swap"] = "swap"
    at: At
    other: At

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with them swapped."""
        one, other = _at(quilt, self.at), _at(quilt, self.other)
        if one is None or other is None:
            return quilt
        return _with_places(quilt, {self.at: other, self.other: one})


@dataclass(frozen=True, kw_only=True)
class TurnAll(QuiltAct):
    """Turn all blocks in a pattern: alike, by quarters round each four, every other one, mirrored
    in the middle.
    """

    do: Literal["turn-all"] = "turn-all"
    turning: Turning

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt turned so; each place keeps its block."""
        setting, laid = quilt.setting, {}
        for place in places_of(setting):
            if place.placed is None:
                continue
            at, wide = (place.row, place.column), columns_in(setting, place.row)
            turns, mirrored = _turned(self.turning, at, wide, rows_of(setting))
            laid[place.row, place.column] = replace(place.placed, turns=turns, mirrored=mirrored)
        return _with_places(quilt, laid)


def _turned(turning: Turning, at: At, wide: int, high: int) -> tuple[int, bool]:
    row, column = at
    if turning == "quarter-turns":
        return {(0, 0): 0, (0, 1): 1, (1, 1): 2, (1, 0): 3}[row % 2, column % 2], False
    if turning == "every-other":
        return (row + column) % 2, False
    if turning == "mirrored":
        right, below = 2 * column >= wide, 2 * row >= high
        # mirrored left for right and then turned by half is mirrored top for bottom
        return (2 if below else 0), right != below
    return 0, False


def _at(quilt: Quilt, at: At) -> Placed | None:
    """What lies at a place. Raises `DraftError` for no place of the setting."""
    found = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
    if at not in found:
        raise DraftError("at", "is no place of the setting")
    return found[at]


def _with_places(quilt: Quilt, laid: Mapping[At, Placed]) -> Quilt:
    """The quilt with something at some places; what lies there anyway is not told."""
    places = {**quilt.setting.places, **laid}
    usual = {
        (one.row, one.column): one.placed for one in places_of(replace(quilt.setting, places={}))
    }
    return _set(quilt, places={at: one for at, one in places.items() if usual.get(at) != one})


@dataclass(frozen=True, kw_only=True)
class TakeSize(QuiltAct):
    """Take one of the ways to reach a size: so many blocks, sashing and border of these widths,
    none where a width is nothing. What was laid by hand is let go.
    """

    do: Literal["take-size"] = "take-size"
    columns: int
    rows: int
    sashing: str
    border: str

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt of that size."""
        fabric = next(iter(quilt.all_fabrics), "")
        now = quilt.setting.sashing or Sashing(width=SASHING[quilt.unit], fabric=fabric, outer=True)
        sashing = typed_length(self.sashing, "sashing", "place", quilt.unit)
        border = typed_length(self.border, "border", "place", quilt.unit)
        own = quilt.borders[0] if quilt.borders else Border(width=border, fabric=fabric)
        setting = replace(
            quilt.setting,
            columns=check_count(self.columns, "columns", "quilt_lines"),
            rows=check_count(self.rows, "rows", "quilt_lines"),
            places={},
            sashing=replace(now, width=sashing) if sashing else None,
        )
        borders = (replace(own, width=border),) if border else ()
        return replace(quilt, setting=setting, borders=borders)


@dataclass(frozen=True, kw_only=True)
class AddColourings(QuiltAct):
    """Take a block into the quilt in each of its colourings as well."""

    do: Literal["colourings"] = "colourings"
    block: str

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with them."""
        own = quilt.by_key[_block(quilt, self.block, "block")]
        if not own.draft.colourings:
            raise DraftError("block", "has no colourings; make some in its draft first")
        blocks = list(quilt.blocks)
        there = [one.colouring for one in blocks if one.draft == own.draft]
        for number, colouring in enumerate(own.draft.colourings):
            if number not in there:
                key = next_key([one.key for one in blocks], f"{own.key} {colouring.name}")
                blocks.append(replace(own, key=key, colouring=number))
        check_count(len(blocks), "block", "quilt_blocks")
        return replace(quilt, blocks=tuple(blocks))


@dataclass(frozen=True, kw_only=True)
class Spread(QuiltAct):
    """Spread all blocks of the quilt evenly so that none alike touch; held places stay."""

    do: Literal["spread"] = "spread"
    corners: bool = False
    held: tuple[At, ...] = ()

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with them spread."""
        found = lay_scrappy(quilt, [*quilt.by_key], self.held, corners=self.corners)
        return laid_out(quilt, found)


@dataclass(frozen=True, kw_only=True)
class SetSashing(QuiltAct):
    """Strips between the blocks; what is not told stays, an empty fabric takes them out. New ones
    are of a usual width.
    """

    do: Literal["sashing"] = "sashing"
    fabric: str | None = None
    width: str | None = None
    cornerstones: str | None = None
    outer: bool | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with the sashing."""
        if self.fabric == "":
            return _set(quilt, sashing=None)
        now = quilt.setting.sashing
        if now is None:
            if self.fabric is None:
                raise DraftError("fabric", "is missing; give the sashing a fabric first")
            now = Sashing(width=SASHING[quilt.unit], fabric=self.fabric)
        told: dict[str, object] = {}
        if self.fabric:
            told["fabric"] = _fabric(quilt, self.fabric, "fabric")
        if self.width is not None:
            told["width"] = typed_length(self.width, "width", "finished", quilt.unit)
        if self.cornerstones is not None:
            stones = self.cornerstones
            told["cornerstones"] = stones and _fabric(quilt, stones, "cornerstones")
        if self.outer is not None:
            told["outer"] = self.outer
        return _set(quilt, sashing=replace(now, **told))  # type: ignore[arg-type]


@dataclass(frozen=True, kw_only=True)
class SetEdge(QuiltAct):
    """What fills the edge of an on-point setting; what is not told stays."""

    do: Literal["edge"] = "edge"
    fabric: str | None = None
    floats: str | None = None
    half_blocks: bool | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with the edge."""
        now = quilt.setting.edge
        if now is None:
            if not self.fabric:
                raise DraftError("fabric", "is missing; give the edge a fabric first")
            now = Edge(fabric=self.fabric)
        told: dict[str, object] = {}
        if self.fabric is not None:
            told["fabric"] = _fabric(quilt, self.fabric, "fabric")
        if self.floats is not None:
            told["floats"] = typed_length(self.floats, "floats", "place", quilt.unit)
        if self.half_blocks is not None:
            told["half_blocks"] = self.half_blocks
        return _set(quilt, edge=replace(now, **told))  # type: ignore[arg-type]


@dataclass(frozen=True, kw_only=True)
class SetAlternate(QuiltAct):
    """A block or a plain fabric in every other place; neither for none."""

    do: Literal["alternate"] = "alternate"
    block: str = ""
    fabric: str = ""

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        if self.block:
            return _set(quilt, alternate=Alternate(block=_block(quilt, self.block, "block")))
        if self.fabric:
            return _set(quilt, alternate=Alternate(fabric=_fabric(quilt, self.fabric, "fabric")))
        return _set(quilt, alternate=None)


@dataclass(frozen=True, kw_only=True)
class SetModule(QuiltAct):
    """The size that every block is framed to; none without a size."""

    do: Literal["module"] = "module"
    module: str = ""
    fabric: str = ""

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with the module."""
        if not self.module.strip():
            return _set(quilt, module=None, frame="")
        module = typed_length(self.module, "module", "finished", quilt.unit)
        return _set(quilt, module=module, frame=_fabric(quilt, self.fabric, "fabric"))


@dataclass(frozen=True, kw_only=True)
class AddBorder(QuiltAct):
    """One more border outside, of a usual width."""

    do: Literal["add-border"] = "add-border"
    fabric: str

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        check_count(len(quilt.borders) + 1, "borders", "borders")
        fabric = _fabric(quilt, self.fabric, "fabric")
        border = Border(width=BORDER[quilt.unit], fabric=fabric)
        return replace(quilt, borders=(*quilt.borders, border))


@dataclass(frozen=True, kw_only=True)
class SetBorder(QuiltAct):
    """A border by its number from one; what is not told stays. A fabric and a block take each
    other's place.
    """

    do: Literal["border"] = "border"
    number: int
    width: str | None = None
    fabric: str | None = None
    block: str | None = None
    corner: Corner | None = None
    first: Side | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with the border."""
        now = _border(quilt, self.number)
        told: dict[str, object] = {
            name: value
            for name in ("corner", "first")
            if (value := getattr(self, name)) is not None
        }
        if self.width is not None:
            told["width"] = typed_length(self.width, "width", "finished", quilt.unit)
        if self.block:
            told |= {"block": _block(quilt, self.block, "block"), "fabric": ""}
        elif self.fabric:
            told |= {"fabric": _fabric(quilt, self.fabric, "fabric"), "block": ""}
        borders = list(quilt.borders)
        borders[self.number - 1] = replace(now, **told)  # type: ignore[arg-type]
        return replace(quilt, borders=tuple(borders))


@dataclass(frozen=True, kw_only=True)
class TakeBorderOff(QuiltAct):
    """Take a border off, by its number from one."""

    do: Literal["border-off"] = "border-off"
    number: int

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt without it."""
        _border(quilt, self.number)
        kept = enumerate(quilt.borders, start=1)
        return replace(quilt, borders=tuple(one for n, one in kept if n != self.number))


def _border(quilt: Quilt, number: int) -> Border:
    if not 1 <= number <= len(quilt.borders):
        raise DraftError("number", "is no border of the quilt")
    return quilt.borders[number - 1]


@dataclass(frozen=True, kw_only=True)
class SetBacking(QuiltAct):
    """The backing; what is not told stays, an empty fabric takes it off."""

    do: Literal["backing"] = "backing"
    fabric: str | None = None
    overhang: str | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        if self.fabric == "":
            return replace(quilt, backing=None)
        fabric = self.fabric or (quilt.backing.fabric if quilt.backing else "")
        now = quilt.backing or Backing(fabric=fabric, overhang=OVERHANG[quilt.unit])
        over = now.overhang
        if self.overhang is not None:
            over = typed_length(self.overhang, "overhang", "place", quilt.unit)
        return replace(
            quilt, backing=Backing(fabric=_fabric(quilt, fabric, "fabric"), overhang=over)
        )


@dataclass(frozen=True, kw_only=True)
class SetBinding(QuiltAct):
    """The binding; what is not told stays, an empty fabric takes it off."""

    do: Literal["binding"] = "binding"
    fabric: str | None = None
    width: str | None = None
    grain: Grain | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        if self.fabric == "":
            return replace(quilt, binding=None)
        fabric = self.fabric or (quilt.binding.fabric if quilt.binding else "")
        now = quilt.binding or Binding(fabric=fabric, width=BINDING[quilt.unit])
        width = now.width
        if self.width is not None:
            width = typed_length(self.width, "width", "strip", quilt.unit)
        told = Binding(
            fabric=_fabric(quilt, fabric, "fabric"), width=width, grain=self.grain or now.grain
        )
        return replace(quilt, binding=told)


@dataclass(frozen=True, kw_only=True)
class SetQuiltMaking(QuiltAct):
    """Change settings of the quilt's making, as typed."""

    do: Literal["making"] = "making"
    settings: Mapping[str, str] = field(default_factory=dict)

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt made so."""
        return replace(quilt, making=with_settings(quilt.making, self.settings, quilt.unit))
