"""The quilt file, `yonk-quilt/1`: read with every fault named by its place, and written."""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Iterator, Mapping
from fractions import Fraction
from typing import Annotated, Any, Literal

from pydantic import Field, ValidationError

from yonk.core.paper import (
    COUNTS,
    Draft,
    Fault,
    LengthField,
    LengthUnit,
    length_fault,
    message,
    write_exact,
)
from yonk.core.setting import (
    BINDING,
    OVERHANG,
    Alternate,
    Backing,
    BackingLay,
    Binding,
    Border,
    Edge,
    HalvesAt,
    Joins,
    Placed,
    Quilt,
    QuiltBlock,
    Sashing,
    Setting,
    SpreadHow,
    SpreadOf,
    SpreadRule,
    SpreadWish,
    TopOrder,
)
from yonk.files.block_file import (
    MOST_FAULTS,
    BadFileError,
    FabricIn,
    fault_of,
    picture_faults,
    take_block,
    write_block,
    write_fabric,
)
from yonk.files.exact import Exact, FilePart, Key, Name, Positive, WholeText
from yonk.files.making_file import MakingIn, making_faults, making_of, write_settings

_FORMAT = "yonk-quilt/1"
MOST_QUILT_BYTES = 12_000_000  # several large blocks


def _count(field: Any) -> Any:
    least, most = COUNTS[field]
    return Field(strict=True, ge=least, le=most)


Lines = Annotated[int, _count("quilt_lines")]
LineNumber = Annotated[int, Field(strict=True, ge=0, le=2 * COUNTS["quilt_lines"][1])]
NoKey = Annotated[WholeText, Field(max_length=80)]


class QuiltBlockIn(FilePart):
    """A block that the quilt uses: a copy of its file; the colouring by number or name."""

    key: Key
    block: dict[str, Any]
    colouring: Annotated[int, Field(strict=True, ge=0)] | Name | None = None
    fabrics: dict[WholeText, WholeText] = Field(default_factory=dict)
    origin: Annotated[WholeText, Field(max_length=64)] = ""
    revision: Annotated[int, Field(strict=True, ge=0, le=COUNTS["revision"][1])] = 0


class PlacedIn(FilePart):
    """What lies at a place."""

    block: Key
    turns: Annotated[int, Field(strict=True, ge=0, le=3)] = 0
    mirrored: bool = False


class PlaceIn(PlacedIn):
    """A place that something else lies at than elsewhere."""

    row: LineNumber
    column: LineNumber


class AlternateIn(FilePart):
    """What lies in every other place: a block or a fabric."""

    block: NoKey = ""
    fabric: NoKey = ""


class SashingIn(FilePart):
    """Strips between the blocks."""

    width: Positive
    fabric: Key
    cornerstones: NoKey | None = None
    outer: bool = False


class EdgeIn(FilePart):
    """What fills the edge of an on-point setting; `float` is how far the top reaches beyond the
    points.
    """

    fabric: Key
    floats: Annotated[Exact, Field(alias="float")] = Fraction(0)
    half_blocks: bool = False
    pieced: bool = False
    halves_at: HalvesAt = "all"
    more: Annotated[int, _count("more_squares")] = 0


class FrameIn(FilePart):
    """What smaller blocks are framed with."""

    fabric: Key


class SpreadRuleIn(FilePart):
    """What is said of two blocks, or two fabrics, by their keys."""

    how: SpreadHow
    one: Key
    other: Key
    of: SpreadOf = "blocks"


class SpreadIn(FilePart):
    """How blocks were spread, so that it can be counted as asked."""

    corners: bool = False
    held: Annotated[tuple[tuple[LineNumber, LineNumber], ...], Field(max_length=20_000)] = ()
    rules: Annotated[tuple[SpreadRuleIn, ...], Field(max_length=COUNTS["spread_rules"][1])] = ()
    seed: Annotated[int, _count("seed")] = 0
    least: Annotated[int, Field(strict=True, ge=0, le=1_000_000)] = 0
    proved_for: NoKey = ""


class SettingIn(FilePart):
    """How the blocks are set."""

    kind: Literal["straight", "on-point"]
    columns: Lines
    rows: Lines
    fill: PlacedIn
    places: Annotated[tuple[PlaceIn, ...], Field(max_length=20_000)] = ()
    alternate: AlternateIn | None = None
    sashing: SashingIn | None = None
    edge: EdgeIn | None = None
    module: Positive | None = None
    frame: FrameIn | None = None
    spread: SpreadIn | None = None


class BorderIn(FilePart):
    """A border: of a fabric, or pieced from a block that repeats."""

    width: Positive
    fabric: NoKey = ""
    block: NoKey = ""
    corner: Literal["butted", "mitred"] = "butted"
    first: Literal["sides", "top"] = "sides"
    ends: Positive | None = None


class BackingIn(FilePart):
    """The back."""

    fabric: Key
    overhang: Exact | None = None
    lay: BackingLay = ""


class BindingIn(FilePart):
    """The binding; `width` is how wide it is cut."""

    fabric: Key
    width: Positive | None = None
    grain: Literal["straight", "bias"] = "straight"


class QuiltIn(FilePart):
    """A quilt file."""

    format: Literal["yonk-quilt/1"]
    name: Name
    unit: LengthUnit
    blocks: Annotated[
        tuple[QuiltBlockIn, ...], Field(min_length=1, max_length=COUNTS["quilt_blocks"][1])
    ]
    fabrics: Annotated[tuple[FabricIn, ...], Field(max_length=COUNTS["fabrics"][1])] = ()
    setting: SettingIn
    borders: Annotated[tuple[BorderIn, ...], Field(max_length=COUNTS["borders"][1])] = ()
    backing: BackingIn | None = None
    binding: BindingIn | None = None
    joins: Joins = "straight"
    together: TopOrder = "rows"
    making: MakingIn = Field(default_factory=MakingIn)


def quilt_schema() -> dict[str, Any]:
    """The JSON Schema of a quilt file."""
    return {
        "$schema": "https://json-schema.org/draft/2020-12/schema",
        **QuiltIn.model_json_schema(),
    }


def read_quilt(text: str | bytes) -> Quilt:
    """Read a quilt file. Raises `BadFileError` with every fault found."""
    if len(text) > MOST_QUILT_BYTES:
        raise BadFileError(
            [
                Fault(
                    "",
                    message("file-is-too-large", most_block_bytes=MOST_QUILT_BYTES // 1000000),
                )
            ]
        )
    try:
        raw = json.loads(text)
    except (ValueError, RecursionError):
        raise BadFileError([Fault("", message("file-is-not-json"))]) from None
    return take_quilt(raw)


def take_quilt(raw: object) -> Quilt:
    """A quilt from the parsed content of a file. Raises `BadFileError` with every fault found."""
    try:
        read = QuiltIn.model_validate(raw)
    except ValidationError as errors:
        raise BadFileError(
            [fault_of(one) for one in errors.errors(include_url=False)][:MOST_FAULTS]
        ) from None
    faults: list[Fault] = []
    drafts: list[Draft] = []
    for number, one in enumerate(read.blocks):
        try:
            drafts.append(take_block(one.block))
        except BadFileError as bad:
            place = f"blocks[{number}].block"
            faults += [Fault(f"{place}.{f.place}".rstrip("."), f.message) for f in bad.faults]
    faults += _out_of_bounds(read)
    if not faults:
        faults += _conflicting(read, drafts)
    if faults:
        raise BadFileError(faults[:MOST_FAULTS])
    return _quilt(read, drafts)


def origins_of(raw: Mapping[str, Any]) -> set[str]:
    """The blocks of the shelf that the content of a file, sound or not, says it has copies of."""
    rows_given = raw.get("blocks")
    rows = (
        [one for one in rows_given if isinstance(one, dict)] if isinstance(rows_given, list) else []
    )
    return {one["origin"] for one in rows if isinstance(one.get("origin"), str)}


def _out_of_bounds(read: QuiltIn) -> Iterator[Fault]:
    """Lengths that are less or more than they may be."""
    setting, unit = read.setting, read.unit
    lengths: list[tuple[str, Fraction | None, LengthField]] = [
        ("setting.module", setting.module, "finished")
    ]
    if setting.sashing:
        lengths.append(("setting.sashing.width", setting.sashing.width, "finished"))
    if setting.edge:
        lengths.append(("setting.edge.float", setting.edge.floats, "place"))
    if read.backing:
        lengths.append(("backing.overhang", read.backing.overhang, "place"))
    if read.binding:
        lengths.append(("binding.width", read.binding.width, "strip"))
    for number, border in enumerate(read.borders):
        lengths.append((f"borders[{number}].width", border.width, "finished"))
        lengths.append((f"borders[{number}].ends", border.ends, "finished"))
    for place, length, field in lengths:
        if length is not None and (fault := length_fault(length, field, unit)):
            yield Fault(place, fault)
    for name, fault in making_faults(read.making, unit):
        yield Fault(f"making.{name}", fault)
    yield from picture_faults(read.fabrics, unit)


def _conflicting(read: QuiltIn, drafts: list[Draft]) -> Iterator[Fault]:
    """Faults between parts that are sound each by itself."""
    yield from _block_faults(read, drafts)
    keys = {one.key for one in read.blocks}
    known = {one.key for one in read.fabrics} | {
        block.fabrics.get(fabric.key, fabric.key)
        for block, draft in zip(read.blocks, drafts, strict=True)
        for fabric in draft.fabrics
    }
    for place, key in _fabrics_named(read):
        if key not in known:
            yield Fault(place, message("is-no-fabric-of-the-quilt", key=key))
    for number, border in enumerate(read.borders):
        if not border.fabric and not border.block:
            yield Fault(f"borders[{number}]", message("either-fabric-or-block"))
        if border.block and border.block not in keys:
            yield Fault(
                f"borders[{number}].block",
                message("key-is-no-block-of-the-quilt", key=border.block),
            )
    seen = set()
    for number, one in enumerate(read.setting.places):
        if (one.row, one.column) in seen:
            yield Fault(
                f"setting.places[{number}]",
                message("tells-a-second-time", row=one.row, column=one.column),
            )
        seen.add((one.row, one.column))
    alternate = read.setting.alternate
    if alternate and bool(alternate.block) == bool(alternate.fabric):
        yield Fault("setting.alternate", message("either-fabric-or-block"))


def _block_faults(read: QuiltIn, drafts: list[Draft]) -> Iterator[Fault]:
    keys = Counter(one.key for one in read.blocks)
    for number, (one, draft) in enumerate(zip(read.blocks, drafts, strict=True)):
        place = f"blocks[{number}]"
        if keys[one.key] > 1:
            yield Fault(f"{place}.key", message("key-of-several-blocks", key=one.key))
        if draft.unit != read.unit:
            yield Fault(
                f"{place}.block.unit",
                message("is-in-a-unit", its=draft.unit, ours=read.unit),
            )
        if one.colouring is not None and _number_of(one.colouring, draft) is None:
            yield Fault(f"{place}.colouring", message("is-none-of-the-colourings"))


def _fabrics_named(read: QuiltIn) -> Iterator[tuple[str, str]]:
    setting = read.setting
    parts = {
        "setting.alternate": setting.alternate,
        "setting.sashing": setting.sashing,
        "setting.edge": setting.edge,
        "setting.frame": setting.frame,
        "backing": read.backing,
        "binding": read.binding,
        **{f"borders[{number}]": one for number, one in enumerate(read.borders)},
    }
    for place, part in parts.items():
        if part is not None and part.fabric:
            yield f"{place}.fabric", part.fabric
    if setting.sashing and setting.sashing.cornerstones:
        yield "setting.sashing.cornerstones", setting.sashing.cornerstones


def _number_of(colouring: int | str, draft: Draft) -> int | None:
    """Which colouring is meant, by its number or its name."""
    if isinstance(colouring, int):
        return colouring if colouring < len(draft.colourings) else None
    names = [one.name for one in draft.colourings]
    return names.index(colouring) if colouring in names else None


def _quilt(read: QuiltIn, drafts: list[Draft]) -> Quilt:
    unit, setting = read.unit, read.setting
    return Quilt(
        name=read.name,
        unit=unit,
        blocks=tuple(
            QuiltBlock(
                key=one.key,
                draft=draft,
                colouring=None if one.colouring is None else _number_of(one.colouring, draft),
                fabrics=one.fabrics,
                origin=one.origin,
                revision=one.revision,
            )
            for one, draft in zip(read.blocks, drafts, strict=True)
        ),
        fabrics=tuple(one.read() for one in read.fabrics),
        setting=_setting(setting),
        borders=tuple(Border(**dict(one)) for one in read.borders),
        backing=_backing(read),
        binding=_binding(read),
        joins=read.joins,
        together=read.together,
        making=making_of(read.making, unit).settings,
    )


def _backing(read: QuiltIn) -> Backing | None:
    given = read.backing
    if given is None:
        return None
    over = OVERHANG[read.unit] if given.overhang is None else given.overhang
    return Backing(fabric=given.fabric, overhang=over, lay=given.lay)


def _binding(read: QuiltIn) -> Binding | None:
    given = read.binding
    if given is None:
        return None
    return Binding(fabric=given.fabric, width=given.width or BINDING[read.unit], grain=given.grain)


def _setting(read: SettingIn) -> Setting:
    sashing = read.sashing
    return Setting(
        kind=read.kind,
        columns=read.columns,
        rows=read.rows,
        fill=Placed(**read.fill.model_dump()),
        places={
            (one.row, one.column): Placed(block=one.block, turns=one.turns, mirrored=one.mirrored)
            for one in read.places
        },
        alternate=Alternate(**dict(read.alternate)) if read.alternate else None,
        sashing=Sashing(
            width=sashing.width,
            fabric=sashing.fabric,
            cornerstones=sashing.cornerstones or "",
            outer=sashing.outer,
        )
        if sashing
        else None,
        edge=Edge(**dict(read.edge)) if read.edge else None,
        module=read.module,
        frame=read.frame.fabric if read.frame else "",
        spread=_read_spread(read.spread) if read.spread else None,
    )


def _read_spread(read: SpreadIn) -> SpreadWish:
    rules = tuple(SpreadRule(**dict(one)) for one in read.rules)
    return SpreadWish(**dict(read) | {"rules": rules})


def write_quilt(quilt: Quilt) -> dict[str, Any]:
    """The content of a quilt's file, ready for JSON. Reading it gives the same quilt."""
    written: dict[str, Any] = {
        "format": _FORMAT,
        "name": quilt.name,
        "unit": quilt.unit,
        "blocks": [_block(one) for one in quilt.blocks],
        "fabrics": [write_fabric(one) for one in quilt.fabrics],
        "setting": _write_setting(quilt.setting),
        "borders": [_plain(vars(one)) for one in quilt.borders],
        "joins": quilt.joins,
        "together": quilt.together,
        "making": write_settings(quilt.making),
    }
    for name, part in (("backing", quilt.backing), ("binding", quilt.binding)):
        if part:
            written[name] = _plain(vars(part))
    return written


def _block(one: QuiltBlock) -> dict[str, Any]:
    more = {"origin": one.origin, "revision": one.revision} if one.origin else {}
    return {
        "key": one.key,
        "block": write_block(one.draft),
        "colouring": one.colouring,
        "fabrics": dict(one.fabrics),
        **more,
    }


def _plain(part: dict[str, Any]) -> dict[str, Any]:
    """A part without what is empty, its lengths as text."""
    return {
        name: write_exact(value) if isinstance(value, Fraction) else value
        for name, value in part.items()
        if value != "" and value is not None
    }


def _spread(wish: SpreadWish) -> dict[str, Any]:
    rules = [vars(one) for one in wish.rules]
    return vars(wish) | {"held": [list(at) for at in wish.held], "rules": rules}


def _write_setting(setting: Setting) -> dict[str, Any]:
    edge = _plain(vars(setting.edge)) if setting.edge else None
    if edge:
        edge["float"] = edge.pop("floats")
        usual = {"halves_at": "all", "more": 0}
        edge = {name: value for name, value in edge.items() if value != usual.get(name)}
    parts = {
        "alternate": _plain(vars(setting.alternate)) if setting.alternate else None,
        "sashing": _plain(vars(setting.sashing)) if setting.sashing else None,
        "edge": edge,
        "module": None if setting.module is None else write_exact(setting.module),
        "frame": {"fabric": setting.frame} if setting.frame else None,
        "spread": _spread(setting.spread) if setting.spread else None,
    }
    return {
        "kind": setting.kind,
        "columns": setting.columns,
        "rows": setting.rows,
        "fill": vars(setting.fill),
        "places": [
            {"row": row, "column": column, **vars(placed)}
            for (row, column), placed in sorted(setting.places.items())
        ],
        **{name: part for name, part in parts.items() if part is not None},
    }
