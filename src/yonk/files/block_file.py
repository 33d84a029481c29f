"""The block file, `yonk-block/1`: read with every fault named by its place, and written."""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Iterable, Iterator, Sequence
from typing import Annotated, Any, Literal, cast

from pydantic import (
    Field,
    TypeAdapter,
    ValidationError,
)

from yonk.core.paper import (
    A_FACE,
    COUNTS,
    PICTURE_FILE,
    UNASSIGNED,
    ClothPicture,
    Colouring,
    CountField,
    Draft,
    Fabric,
    Fault,
    LengthUnit,
    Message,
    Paint,
    Print,
    RightSide,
    Value,
    YonkError,
    kept,
    length_fault,
    listed,
    message,
    number_fault,
    write_exact,
)
from yonk.core.planning import Reading
from yonk.core.units import BY_NAME, UnitKindName
from yonk.files.exact import FilePart, Key, Name, PointIn, Positive, SeamIn, WholeText
from yonk.files.making_file import MakingIn, making_faults, making_of, wishes_of, write_making
from yonk.files.plain_words import in_plain_words

_FORMAT = "yonk-block/1"
MOST_BLOCK_BYTES = 2_000_000  # a drawing of the most seams and patches, and some more
MOST_SEAMS = COUNTS["seams"][1]
MOST_FAULTS = 50  # a list that can be mended by hand; of more the file as a whole is wrong


class BadFileError(YonkError):
    """A file that cannot be taken, with all its faults."""

    code = "bad-document"

    def __init__(self, faults: Sequence[Fault]) -> None:
        super().__init__(*faults, given=(tuple(faults),))


def _between(field: CountField) -> Any:
    least, most = COUNTS[field]
    return Field(strict=True, ge=least, le=most)


BlocksOfAColouring = Annotated[int, _between("blocks_of_a_colouring")]


class FinishedIn(FilePart):
    """The finished size."""

    width: Positive
    height: Positive


class GridIn(FilePart):
    """Proportions of the columns left to right and the rows top to bottom."""

    columns: Annotated[tuple[Positive, ...], Field(min_length=1, max_length=COUNTS["lines"][1])]
    rows: Annotated[tuple[Positive, ...], Field(min_length=1, max_length=COUNTS["lines"][1])]


class ClothPictureIn(FilePart):
    """A picture of a fabric: its file in a parcel, and how wide and how high a piece of the cloth
    is seen in it; without a height it is a square piece.
    """

    media: Literal["image/jpeg"] = "image/jpeg"
    file: Annotated[str, Field(pattern=f"^{PICTURE_FILE}$")]
    inches: Positive = Field(description="its width, in the unit of the file")
    height: Positive | None = Field(default=None, description="in the unit of the file")


class FabricIn(FilePart):
    """A fabric of the block; `direction` is where a print with a direction points, in degrees
    clockwise from up; `right_side` whether that is seen at a glance.
    """

    key: Key
    name: Name
    colour: Annotated[str, Field(pattern="^#[0-9a-fA-F]{6}$")]
    value: Value = "medium"
    print: Print = "solid"
    direction: Annotated[int, Field(strict=True, ge=0, lt=360)] = 0
    right_side: RightSide = "seen"
    shelf: Annotated[WholeText, Field(max_length=32)] = ""
    picture: ClothPictureIn | None = None

    def read(self) -> Fabric:
        """The fabric."""
        shown = self.picture
        plain = self.model_dump(exclude={"picture"})
        if not shown:
            return Fabric(**plain)
        height = shown.height or shown.inches
        return Fabric(
            **plain, picture=ClothPicture(file=shown.file, width=shown.inches, height=height)
        )


class PaintIn(FilePart):
    """The fabric of the patch that holds a point."""

    at: PointIn
    fabric: Key


class ColouringIn(FilePart):
    """The same block in other fabrics: which takes the place of which, and for how many blocks."""

    name: Name
    blocks: BlocksOfAColouring = 1
    mirrored: bool = False
    fabrics: dict[WholeText, WholeText] = Field(default_factory=dict)


class BlockIn(FilePart):
    """A block file."""

    format: Literal["yonk-block/1"]
    name: Name
    unit: LengthUnit
    finished: FinishedIn
    grid: GridIn
    seams: Annotated[tuple[SeamIn, ...], Field(max_length=MOST_SEAMS)] = ()
    fabrics: Annotated[tuple[FabricIn, ...], Field(max_length=COUNTS["fabrics"][1])] = ()
    patches: Annotated[tuple[PaintIn, ...], Field(max_length=40_000)] = ()
    making: MakingIn = Field(default_factory=MakingIn)
    colourings: Annotated[tuple[ColouringIn, ...], Field(max_length=COUNTS["colourings"][1])] = ()


_SECTIONS: dict[str, TypeAdapter[Any]] = {
    "unit": TypeAdapter(LengthUnit),
    "finished": TypeAdapter(FinishedIn),
    "grid": TypeAdapter(GridIn),
    "seams": TypeAdapter(tuple[SeamIn, ...]),
    "fabrics": TypeAdapter(tuple[FabricIn, ...]),
    "patches": TypeAdapter(tuple[PaintIn, ...]),
    "making": TypeAdapter(MakingIn),
    "colourings": TypeAdapter(tuple[ColouringIn, ...]),
}


def read_block(text: str | bytes) -> Draft:
    """Read a block file. Raises `BadFileError` with every fault found."""
    if len(text) > MOST_BLOCK_BYTES:
        raise BadFileError(
            [
                Fault(
                    "",
                    message("file-is-too-large", most_block_bytes=MOST_BLOCK_BYTES // 1000000),
                )
            ]
        )
    try:
        raw = json.loads(text)
    except UnicodeDecodeError:
        raise BadFileError([Fault("", message("file-is-no-text"))]) from None
    except json.JSONDecodeError as fault:
        where = f"line {fault.lineno}, column {fault.colno}"
        raise BadFileError([Fault(where, message("file-is-no-json-here", msg=fault.msg))]) from None
    except (RecursionError, ValueError):
        raise BadFileError([Fault("", message("file-is-too-deep"))]) from None
    return take_block(raw)


def take_block(raw: object) -> Draft:
    """A draft from the parsed content of a block file. Raises `BadFileError` with every fault
    found.
    """
    if not isinstance(raw, dict):
        raise BadFileError([Fault("", message("file-holds-no-block"))])
    return _taken(_Document(raw))


def lay_ready(document: dict[str, Any], draft: Draft) -> None:
    """Have the draft at hand that a document was just written from, for the next change of it."""
    _taken.lay(draft, _Document(document))


class _Document:
    """The content of a block file as a question: which draft it holds."""

    def __init__(self, raw: dict[str, Any]) -> None:
        self.raw = raw
        # all but the long lists, which hold texts alone: as written, since 1 is not true
        self.rest = repr({name: raw[name] for name in raw if name not in _LONG_LISTS})

    def __hash__(self) -> int:
        return hash(self.rest)

    def __eq__(self, other: object) -> bool:
        return isinstance(other, _Document) and (
            other.rest == self.rest
            and all(other.raw.get(name) == self.raw.get(name) for name in _LONG_LISTS)
        )


_LONG_LISTS = ("seams", "patches")


def _weigh_draft(draft: Draft, _: _Document) -> int:
    return A_FACE * (len(draft.seams) + len(draft.paints))


@kept(_weigh_draft)
def _taken(document: _Document) -> Draft:
    raw = document.raw
    faults: list[Fault] = []
    block: BlockIn | None = None
    try:
        block = BlockIn.model_validate(raw)
    except ValidationError as errors:
        faults = [fault_of(error) for error in errors.errors(include_url=False)]
    broken = {fault.place.partition(".")[0].partition("[")[0] for fault in faults}
    sound = {
        name: getattr(block, name) if block else _sound(name, adapter, raw)
        for name, adapter in _SECTIONS.items()
        if name in raw and name not in broken
    }
    faults += _conflicting(sound)
    if faults or block is None:
        unique = list(dict.fromkeys(faults))
        more = (
            [Fault("", message("and-so-many-faults-more", count=len(unique) - MOST_FAULTS))]
            if len(unique) > MOST_FAULTS
            else []
        )
        raise BadFileError([*unique[:MOST_FAULTS], *more])
    return draft_of(block)


def check_reading(reading: Reading) -> None:
    """Raise `BadFileError` where a point that must lie in a patch lies on a seam."""
    faults = [
        Fault(f"patches[{number}].at", message("move-it-inside", what="patch"))
        for number in reading.paints_on_seams
    ]
    choices = reading.draft.making.units
    for number, face in enumerate(reading.drawing.faces_at([choice.at for choice in choices])):
        if face is None:
            faults.append(
                Fault(
                    f"making.units[{number}].at",
                    message("move-it-inside", what="unit"),
                )
            )
        else:
            kind = reading.group_of_face[face].kind
            faults += _part_faults(f"making.units[{number}]", kind, choices[number].parts)
    if faults:
        raise BadFileError(faults[:MOST_FAULTS])


def _part_faults(place: str, kind: UnitKindName, parts: Iterable[str]) -> Iterator[Fault]:
    """Parts that units of a kind do not have."""
    known = BY_NAME[kind].part_names
    for part in parts:
        if part not in known:
            there = listed(known, "comma") if known else message("no-parts")
            yield Fault(f"{place}.parts.{part}", message("is-no-part-of-it", parts=there))


def draft_of(block: BlockIn) -> Draft:
    """The draft that a sound block file describes."""
    return Draft(
        name=block.name,
        unit=block.unit,
        width=block.finished.width,
        height=block.finished.height,
        columns=block.grid.columns,
        rows=block.grid.rows,
        seams=block.seams,
        making=making_of(block.making, block.unit),
        fabrics=tuple(fabric.read() for fabric in block.fabrics),
        paints=tuple(Paint(paint.at, paint.fabric) for paint in block.patches),
        colourings=tuple(
            Colouring(
                name=one.name,
                blocks=one.blocks,
                mirrored=one.mirrored,
                fabrics=tuple(sorted(one.fabrics.items())),
            )
            for one in block.colourings
        ),
    )


def write_block(draft: Draft) -> dict[str, Any]:
    """The content of a draft's block file, ready for JSON. Reading it gives the same draft."""
    more = {"colourings": [_colouring(one) for one in draft.colourings]} if draft.colourings else {}
    return {
        "format": _FORMAT,
        "name": draft.name,
        "unit": draft.unit,
        "finished": {"width": write_exact(draft.width), "height": write_exact(draft.height)},
        "grid": {
            "columns": [*map(write_exact, draft.columns)],
            "rows": [*map(write_exact, draft.rows)],
        },
        "seams": [[[*map(write_exact, a)], [*map(write_exact, b)]] for a, b in draft.seams],
        "fabrics": [write_fabric(fabric) for fabric in draft.fabrics],
        "patches": [{"at": [*paint.written], "fabric": paint.fabric} for paint in draft.paints],
        "making": write_making(draft.making),
        **more,
    }


def _colouring(colouring: Colouring) -> dict[str, Any]:
    return {
        "name": colouring.name,
        "blocks": colouring.blocks,
        "mirrored": colouring.mirrored,
        "fabrics": dict(colouring.fabrics),
    }


def block_schema() -> dict[str, Any]:
    """The JSON Schema of a block file."""
    return {
        "$schema": "https://json-schema.org/draft/2020-12/schema",
        **BlockIn.model_json_schema(),
    }


def write_fabric(fabric: Fabric) -> dict[str, Any]:
    """A fabric as it stands in a file."""
    shown = {
        "key": fabric.key,
        "name": fabric.name,
        "colour": fabric.colour,
        "value": fabric.value,
        "print": fabric.print,
    }
    right_side = "" if fabric.right_side == "seen" else fabric.right_side
    more = {
        "direction": fabric.direction,
        "right_side": right_side,
        "shelf": fabric.shelf,
        "picture": fabric.picture and _cloth_picture(fabric.picture),
    }
    return shown | {name: value for name, value in more.items() if value}


def _cloth_picture(picture: ClothPicture) -> dict[str, str]:
    return {
        "media": "image/jpeg",
        "file": picture.file,
        "inches": write_exact(picture.width),
        "height": write_exact(picture.height),
    }


def picture_faults(fabrics: Sequence[FabricIn], unit: LengthUnit) -> Iterator[Fault]:
    """Pictures of cloth that show less or more of it than there can be."""
    for number, fabric in enumerate(fabrics):
        sides = (
            {"inches": fabric.picture.inches, "height": fabric.picture.height}
            if fabric.picture
            else {}
        )
        for name, length in sides.items():
            if length is not None and (fault := length_fault(length, "cloth_seen", unit)):
                yield Fault(f"fabrics[{number}].picture.{name}", fault)


def _sound(name: str, adapter: TypeAdapter[Any], raw: dict[str, Any]) -> Any:
    try:
        return adapter.validate_python(raw[name])
    except ValidationError:
        return None


def fault_of(error: Any) -> Fault:
    place = ""
    for step in error["loc"]:
        if isinstance(step, int):
            place += f"[{step}]"
        elif "[" not in str(step) and str(step) not in (
            "function-plain",
            "constrained-int",
            "int",
            "tuple",
        ):
            place += f".{step}" if place else str(step)
    if error["type"] == "string_pattern_mismatch":
        said = PATTERNS.get(place.rpartition(".")[2], message("is-written-otherwise"))
        return Fault(place, said)
    return Fault(place, in_plain_words(error))


# what a text with a pattern must be like, by the name of its field
PATTERNS = {
    "colour": message("must-be-a-colour"),
    "file": message("must-be-a-photo-of-the-parcel"),
}


def _conflicting(sound: dict[str, Any]) -> Iterator[Fault]:
    """Faults between parts of the file that are sound each by itself."""
    yield from _out_of_bounds(sound)
    grid = cast(GridIn | None, sound.get("grid"))
    if grid:
        size = len(grid.columns), len(grid.rows)
        for number, seam in enumerate(sound.get("seams") or ()):
            yield from _seam_faults(f"seams[{number}]", seam, size)
        for number, paint in enumerate(sound.get("patches") or ()):
            yield from _outside(f"patches[{number}].at", paint.at, size)
        for number, choice in enumerate(sound["making"].units if sound.get("making") else ()):
            yield from _outside(f"making.units[{number}].at", choice.at, size)
        if sound.get("making"):
            for place, point in wishes_of(sound["making"].sewing).places:
                yield from _outside(f"making.sewing.{place}", point, size)
    if sound.get("fabrics") is not None or "fabrics" not in sound:
        yield from _fabric_faults(sound.get("fabrics") or (), sound.get("patches") or ())
        yield from _colouring_faults(sound.get("fabrics") or (), sound.get("colourings") or ())
    if sound.get("making"):
        yield from _method_faults(sound["making"])
        yield from _kept_clear_faults(sound["making"], sound.get("fabrics") or ())


def _out_of_bounds(sound: dict[str, Any]) -> Iterator[Fault]:
    """Numbers that are less or more than they may be; what a length may be depends on the unit."""
    grid, unit = cast(GridIn | None, sound.get("grid")), cast(LengthUnit | None, sound.get("unit"))
    fault: Message | None
    for axis in ("columns", "rows") if grid else ():
        for place, part in enumerate(getattr(grid, axis)):
            if fault := number_fault(part, "proportion"):
                yield Fault(f"grid.{axis}[{place}]", fault)
    finished, making = cast(FinishedIn | None, sound.get("finished")), sound.get("making")
    if unit and finished:
        for side in ("width", "height"):
            if fault := length_fault(getattr(finished, side), "finished", unit):
                yield Fault(f"finished.{side}", fault)
    if unit and making:
        for name, fault in making_faults(making, unit):
            yield Fault(f"making.{name}", fault)
    if unit:
        yield from picture_faults(sound.get("fabrics") or (), unit)


def _seam_faults(place: str, seam: Any, size: tuple[int, int]) -> Iterator[Fault]:
    for end, point in enumerate(seam):
        yield from _outside(f"{place}[{end}]", point, size)
    if seam[0] == seam[1]:
        yield Fault(place, message("seam-has-no-length"))


def _outside(place: str, point: Any, size: tuple[int, int]) -> Iterator[Fault]:
    if point[0] > size[0] or point[1] > size[1]:
        at = f"({write_exact(point[0])}, {write_exact(point[1])})"
        yield Fault(place, message("point-lies-outside-grid", at=at, columns=size[0], rows=size[1]))


def _fabric_faults(fabrics: Sequence[FabricIn], paints: Sequence[PaintIn]) -> Iterator[Fault]:
    keys = Counter(fabric.key for fabric in fabrics)
    for number, fabric in enumerate(fabrics):
        if keys[fabric.key] > 1:
            yield Fault(
                f"fabrics[{number}].key",
                message("key-of-several-fabrics", key=fabric.key),
            )
        if fabric.key == UNASSIGNED:
            yield Fault(
                f"fabrics[{number}].key",
                message("key-is-kept", unassigned=UNASSIGNED),
            )
    for number, paint in enumerate(paints):
        if paint.fabric not in keys:
            yield Fault(
                f"patches[{number}].fabric",
                message("is-none-of-the-blocks-fabrics", key=paint.fabric),
            )


def _colouring_faults(
    fabrics: Sequence[FabricIn], colourings: Sequence[ColouringIn]
) -> Iterator[Fault]:
    keys = {fabric.key for fabric in fabrics} | {UNASSIGNED}
    for number, colouring in enumerate(colourings):
        for key in (*colouring.fabrics, *colouring.fabrics.values()):
            if key not in keys:
                yield Fault(
                    f"colourings[{number}].fabrics",
                    message("is-none-of-the-blocks-fabrics", key=key),
                )


def _kept_clear_faults(making: MakingIn, fabrics: Sequence[FabricIn]) -> Iterator[Fault]:
    keys = {fabric.key for fabric in fabrics}
    for number, key in enumerate(making.sewing.never_under):
        if key not in keys:
            yield Fault(
                f"making.sewing.never_under[{number}]",
                message("is-none-of-the-blocks-fabrics", key=key),
            )


def _method_faults(making: MakingIn) -> Iterator[Fault]:
    every: set[str] = {method.name for kind in BY_NAME.values() for method in kind.methods}
    for kind, method in making.methods.items():
        place = f"making.methods.{kind}"
        known = next((there for name, there in BY_NAME.items() if name == kind), None)
        if known is None:
            yield Fault(place, message("is-no-kind-of-unit", kinds=listed(BY_NAME, "comma")))
        elif not {*method.split("+")} <= {there.name for there in known.methods}:
            ways = listed((there.name for there in known.methods), "comma")
            yield Fault(place, message("method-makes-no-such-unit", method=method, ways=ways))
    for kind, own in making.kinds.items():
        if kind not in BY_NAME:
            kinds = listed(BY_NAME, "comma")
            yield Fault(f"making.kinds.{kind}", message("is-no-kind-of-unit", kinds=kinds))
        else:
            yield from _part_faults(f"making.kinds.{kind}", kind, own.parts)
    for number, choice in enumerate(making.units):
        if choice.method and not {*choice.method.split("+")} <= every:
            yield Fault(
                f"making.units[{number}].method",
                message("method-makes-no-unit", method=choice.method),
            )
