"""Acts: what a quilter can do to a draft. Each is a small value; `apply` gives the draft that comes of it.

Lengths and points in an act are texts as they were typed or sent; a fault names the field. Whatever is drawn anew,
patches keep the fabric of the place they lie in.
"""

from __future__ import annotations

import re
from collections.abc import Callable, Iterable
from dataclasses import dataclass, replace
from fractions import Fraction
from typing import Any, Literal

from yonk.core.draft import (
    DEFAULTS,
    UNASSIGNED,
    Care,
    Colouring,
    Draft,
    DraftError,
    Fabric,
    Paint,
    Point,
    Press,
    Print,
    Seam,
    Stitch,
    Unit,
    UnitMethod,
    Value,
    next_key,
    ruled_seams,
    typed_length,
)  # fmt: skip
from yonk.core.faces import Drawing, draw, grid_point_inside
from yonk.core.grid import MOST_LINES, Axis, Back, add_line, parts_of, remove_line, reorder_lines, with_parts
from yonk.core.mates import MatesName, mates_of
from yonk.core.measure import Length
from yonk.core.motif import Motif, Span, lay, lift
from yonk.core.patches import fabrics_of, read_patches
from yonk.core.ruling import Ruling
from yonk.core.seams import tidy, whole_seam, without
from yonk.core.units import BY_NAME
from yonk.core.units.reading import read
from yonk.core.units.unit import Kind

MOST_SEAMS = 20_000
MOST_COLOURINGS = 12
PointText = tuple[str, str]


@dataclass(frozen=True, kw_only=True)
class Put:
    """Put a unit into a span of cells, in the fabrics in hand."""

    do: Literal["put"] = "put"
    cell: Span
    unit: Kind
    fabrics: tuple[str, ...]
    turn: int = 0
    flip: bool = False


@dataclass(frozen=True, kw_only=True)
class Turn:
    """Turn what a span holds by quarters, or mirror it left for right first."""

    do: Literal["turn"] = "turn"
    cell: Span
    quarters: int = 1
    flip: bool = False


@dataclass(frozen=True, kw_only=True)
class Copy:
    """Copy what a span holds into another, turned or mirrored."""

    do: Literal["copy"] = "copy"
    source: Span
    cell: Span
    quarters: int = 0
    flip: bool = False


@dataclass(frozen=True, kw_only=True)
class RepeatQuarter:
    """Repeat the top left quarter over the block: turned around the middle, or mirrored."""

    do: Literal["repeat-quarter"] = "repeat-quarter"
    way: Literal["turned", "mirrored", "same"] = "turned"


@dataclass(frozen=True, kw_only=True)
class Sew:
    """Draw a seam from one point to another."""

    do: Literal["sew"] = "sew"
    start: PointText
    end: PointText


@dataclass(frozen=True, kw_only=True)
class Rub:
    """Rub out whatever is drawn on the stretch between two points, or the whole straight seam that it is part of."""

    do: Literal["rub"] = "rub"
    start: PointText
    end: PointText
    whole: bool = False


@dataclass(frozen=True, kw_only=True)
class PaintPatch:
    """Give a fabric to the patch that holds a point, or to all patches of its letter, or of its fabric."""

    do: Literal["paint"] = "paint"
    at: PointText
    fabric: str
    spread: Literal["patch", "letter", "fabric"] = "patch"


@dataclass(frozen=True, kw_only=True)
class Swap:
    """Swap two fabrics everywhere."""

    do: Literal["swap"] = "swap"
    fabric: str
    other: str


@dataclass(frozen=True, kw_only=True)
class Resize:
    """Give the block a finished size, and the unit it is in."""

    do: Literal["resize"] = "resize"
    width: str
    height: str
    unit: Unit | None = None


@dataclass(frozen=True, kw_only=True)
class Proportions:
    """Set the proportions of all columns or rows; their number stays."""

    do: Literal["proportions"] = "proportions"
    axis: Axis
    parts: tuple[str, ...]


@dataclass(frozen=True, kw_only=True)
class LineLength:
    """Give one column or row a finished size; the others share what is left, or the block grows."""

    do: Literal["line-length"] = "line-length"
    axis: Axis
    line: int
    length: str
    grow: bool = False


@dataclass(frozen=True, kw_only=True)
class AddLine:
    """Add a column or row before the one with that number (at the end for the last number), of the same width."""

    do: Literal["add-line"] = "add-line"
    axis: Axis
    line: int


@dataclass(frozen=True, kw_only=True)
class RemoveLine:
    """Remove a column or row with all it holds."""

    do: Literal["remove-line"] = "remove-line"
    axis: Axis
    line: int


@dataclass(frozen=True, kw_only=True)
class MoveLine:
    """Move a column or row with all it holds to another place among them."""

    do: Literal["move-line"] = "move-line"
    axis: Axis
    line: int
    to: int


@dataclass(frozen=True, kw_only=True)
class MoveEdge:
    """Move the grid line before a column or row to a length from the edge, on the ruler; its neighbours give and take."""

    do: Literal["move-edge"] = "move-edge"
    axis: Axis
    line: int
    to: str


@dataclass(frozen=True, kw_only=True)
class Regrid:
    """Start the drawing anew on an even grid of plain patches."""

    do: Literal["regrid"] = "regrid"
    columns: int
    rows: int


@dataclass(frozen=True, kw_only=True)
class PutFabric:
    """Add a fabric to the block, or change the one with its key."""

    do: Literal["fabric"] = "fabric"
    key: str
    name: str
    colour: str
    value: Value = "medium"
    print: Print = "solid"
    direction: int = 0
    shelf: str = ""


@dataclass(frozen=True, kw_only=True)
class DropFabric:
    """Take a fabric out of the block; its patches have none then."""

    do: Literal["drop-fabric"] = "drop-fabric"
    key: str


@dataclass(frozen=True, kw_only=True)
class SetMaking:
    """Change how the block is made; what is left out stays."""

    do: Literal["making"] = "making"
    blocks: int | None = None
    seam: str | None = None
    ruler_step: str | None = None
    trim_margin: str | None = None
    usable: str | None = None
    straightening: str | None = None
    shrinkage: str | None = None
    keep: str | None = None
    ruler_width: str | None = None
    ruler_length: str | None = None
    stitch: Stitch | None = None
    press: Press | None = None
    care: Care | None = None


@dataclass(frozen=True, kw_only=True)
class ChooseMethod:
    """Choose the way to make a kind of unit, or the group of units one of which holds `at`; None takes the proposal.

    A way is a method, or two joined by a plus sign for a group split over both.
    """

    do: Literal["method"] = "method"
    kind: Kind
    method: str | None
    at: PointText | None = None


@dataclass(frozen=True, kw_only=True)
class PutColouring:
    """Add a colouring of the block, or change the one of that number: which fabric takes the place of which."""

    do: Literal["colouring"] = "colouring"
    number: int | None = None
    name: str
    blocks: int = 1
    mirrored: bool = False
    fabrics: dict[str, str]


@dataclass(frozen=True, kw_only=True)
class DropColouring:
    """Take a colouring away."""

    do: Literal["drop-colouring"] = "drop-colouring"
    number: int


@dataclass(frozen=True, kw_only=True)
class Rename:
    """Give the block a name."""

    do: Literal["rename"] = "rename"
    name: str


Act = (
    Put
    | Turn
    | Copy
    | RepeatQuarter
    | Sew
    | Rub
    | PaintPatch
    | Swap
    | Resize
    | Proportions
    | LineLength
    | AddLine
    | RemoveLine
    | MoveLine
    | MoveEdge
    | Regrid
    | PutFabric
    | DropFabric
    | PutColouring
    | DropColouring
    | SetMaking
    | ChooseMethod
    | Rename
)  # fmt: skip


def apply(draft: Draft, act: Act, mates: MatesName = "none") -> Draft:
    """The draft that comes of an act, done at all mates at once.

    Raises `DraftError` naming the field and the mend; the draft given is never changed.
    """
    done = _DOERS[type(act)](draft, act, mates)
    if len(done.seams) > MOST_SEAMS:
        raise DraftError("seams", f"are more than {MOST_SEAMS}; rub some out first")
    return done


def with_seams(draft: Draft, seams: Iterable[Seam]) -> Draft:
    """The draft with other seams; patches keep the fabric of the place they lie in."""
    return _carried(replace(draft, seams=tidy(seams)), (), draft)


def _same(point: Point) -> Point:
    return point


def _carried(draft: Draft, brought: Iterable[Paint], before: Draft, back: Back = _same) -> Draft:
    """The draft with one paint for each patch: brought with it, kept, or that of the place it lay in before.

    `back` leads from a point of the draft to the same place before, where the grid has changed.
    """
    drawing = draw(draft)
    paints = (*brought, *draft.paints)
    chosen: dict[int, Paint] = {}
    for face, paint in zip(drawing.faces_at([paint.at for paint in paints]), paints, strict=True):
        if face is not None:
            chosen.setdefault(face, paint)
    bare = [face for face in range(len(drawing.faces)) if face not in chosen]
    if bare and before.paints:
        old = draw(before)
        fabrics = fabrics_of(before, old)[0]
        spots = [grid_point_inside(drawing, drawing.faces[face]) for face in bare]
        for face, spot, there in zip(bare, spots, old.faces_at([back(spot) for spot in spots]), strict=True):
            if there is not None:
                chosen[face] = Paint(spot, fabrics[there])
    kept = tuple(chosen[face] for face in sorted(chosen) if chosen[face].fabric != UNASSIGNED)
    return replace(draft, paints=kept, making=replace(draft.making, units=_still_inside(draft, drawing)))


def _still_inside(draft: Draft, drawing: Drawing) -> tuple[UnitMethod, ...]:
    """The methods chosen for single units whose point is not on a seam now."""
    choices = draft.making.units
    faces = drawing.faces_at([choice.at for choice in choices])
    return tuple(choice for face, choice in zip(faces, choices, strict=True) if face is not None)


def _point(text: PointText, place: str, draft: Draft) -> Point:
    x, y = (typed_length(part, place, positive=False) for part in text)
    if x > len(draft.columns) or y > len(draft.rows):
        raise DraftError(place, "lies outside the grid")
    return x, y


def _size(draft: Draft) -> tuple[int, int]:
    return len(draft.columns), len(draft.rows)


def _known(draft: Draft, key: str) -> None:
    if key != UNASSIGNED and key not in {fabric.key for fabric in draft.fabrics}:
        raise DraftError("fabric", f"“{key}” is none of the block's fabrics")


def _lay_at_mates(draft: Draft, span: Span, motif: Motif, mates: MatesName) -> Draft:
    """Lay a motif into a span and its mates; where two mates are one span, the first counts."""
    span.check(draft)
    now, brought, taken = draft, list[Paint](), list[Span]()
    for mate in mates_of(draft, mates):
        place = mate.span(span, _size(draft))
        if not any(place.overlaps(other) for other in taken):
            now, paints = lay(now, place, mate.motif(motif))
            brought += paints
            taken.append(place)
    return _carried(now, brought, draft)


def _put(draft: Draft, act: Put, mates: MatesName) -> Draft:
    stamp = BY_NAME[act.unit].stamp
    if stamp is None:
        raise DraftError("unit", "is drawn with seams, not put in")
    for key in act.fabrics:
        _known(draft, key)
    motif = stamp.motif(act.fabrics)
    return _lay_at_mates(draft, act.cell, (motif.mirrored() if act.flip else motif).turned(act.turn), mates)


def _lifted(draft: Draft, span: Span) -> Motif:
    span.check(draft)
    drawing = draw(draft)
    return lift(draft, drawing, fabrics_of(draft, drawing)[0], span)


def _turn(draft: Draft, act: Turn, mates: MatesName) -> Draft:
    motif = _lifted(draft, act.cell)
    return _lay_at_mates(draft, act.cell, (motif.mirrored() if act.flip else motif).turned(act.quarters), mates)


def _copy(draft: Draft, act: Copy, mates: MatesName) -> Draft:
    motif = _lifted(draft, act.source)
    return _lay_at_mates(draft, act.cell, (motif.mirrored() if act.flip else motif).turned(act.quarters), mates)


def _repeat_quarter(draft: Draft, act: RepeatQuarter, mates: MatesName) -> Draft:
    columns, rows = _size(draft)
    if columns % 2 or rows % 2:
        raise DraftError("grid", "needs an even number of columns and rows for a quarter to be repeated")
    quarter = Span(0, 0, columns // 2, rows // 2)
    motif = _lifted(draft, quarter)
    if act.way == "same":
        now, brought = draft, list[Paint]()
        for column, row in ((columns // 2, 0), (0, rows // 2), (columns // 2, rows // 2)):
            now, paints = lay(now, Span(column, row, columns // 2, rows // 2), motif)
            brought += paints
        return _carried(now, brought, draft)
    return _lay_at_mates(draft, quarter, motif, "quarter-turns" if act.way == "turned" else "both-ways")


def _sew(draft: Draft, act: Sew, mates: MatesName) -> Draft:
    start, end = _point(act.start, "start", draft), _point(act.end, "end", draft)
    if start == end:
        raise DraftError("end", "is where the seam begins; choose another point")
    new = [(mate.point(start, _size(draft)), mate.point(end, _size(draft))) for mate in mates_of(draft, mates)]
    return _carried(replace(draft, seams=tidy((*draft.seams, *new))), (), draft)


def _rub(draft: Draft, act: Rub, mates: MatesName) -> Draft:
    start, end = _point(act.start, "start", draft), _point(act.end, "end", draft)
    ruling = Ruling.of(draft)
    seams = draft.seams
    if act.whole:
        start, end = whole_seam(draft, (start, end))
    for mate in mates_of(draft, mates):
        rubbed = tuple(ruling.place(mate.point(point, _size(draft))) for point in (start, end))
        left = []
        for seam in seams:
            placed = ruling.place(seam[0]), ruling.place(seam[1])
            for part in without(placed, (rubbed[0], rubbed[1])):
                left.append(seam if part == placed else (ruling.count(part[0]), ruling.count(part[1])))
        seams = tuple(left)
    return _carried(replace(draft, seams=tidy(seams)), (), draft)


def _paint(draft: Draft, act: PaintPatch, mates: MatesName) -> Draft:
    _known(draft, act.fabric)
    point = _point(act.at, "at", draft)
    drawing = draw(draft)
    fabrics = fabrics_of(draft, drawing)[0]
    spots = [mate.point(point, _size(draft)) for mate in mates_of(draft, mates)]
    hit = {face for face in drawing.faces_at(spots) if face is not None}
    if not hit:
        raise DraftError("at", "lies on a seam; touch the inside of a patch")
    if act.spread == "letter":
        patches = read_patches(drawing, fabrics)
        letters = {patches[face].letter for face in hit}
        hit = {patch.face for patch in patches if patch.letter in letters}
    elif act.spread == "fabric":
        wanted = {fabrics[face] for face in hit}
        hit = {face for face, fabric in enumerate(fabrics) if fabric in wanted}
    anchors = dict(
        zip(drawing.faces_at([paint.at for paint in draft.paints]), (paint.at for paint in draft.paints), strict=True)
    )
    brought = [
        Paint(anchors.get(face) or grid_point_inside(drawing, drawing.faces[face]), act.fabric) for face in sorted(hit)
    ]
    return _carried(draft, brought, draft)


def _swap(draft: Draft, act: Swap, mates: MatesName) -> Draft:
    _known(draft, act.fabric)
    _known(draft, act.other)
    other = {act.fabric: act.other, act.other: act.fabric}
    paints = tuple(Paint(paint.at, other.get(paint.fabric, paint.fabric)) for paint in draft.paints)
    return replace(draft, paints=paints)


def _resize(draft: Draft, act: Resize, mates: MatesName) -> Draft:
    width, height = typed_length(act.width, "width"), typed_length(act.height, "height")
    now = replace(draft, width=width, height=height)
    if act.unit and act.unit != draft.unit:
        usual = DEFAULTS[act.unit]
        making = replace(draft.making, seam=usual.seam, ruler_step=usual.ruler_step, trim_margin=usual.trim_margin)
        now = replace(now, unit=act.unit, making=making)
    return _carried(now, (), draft)


def _proportions(draft: Draft, act: Proportions, mates: MatesName) -> Draft:
    if len(act.parts) != len(parts_of(draft, act.axis)):
        raise DraftError(act.axis, f"need {len(parts_of(draft, act.axis))} proportions, one for each")
    parts = tuple(typed_length(part, f"{act.axis} {place}") for place, part in enumerate(act.parts, start=1))
    return _carried(with_parts(draft, act.axis, parts), (), draft)


def _line_length(draft: Draft, act: LineLength, mates: MatesName) -> Draft:
    parts = parts_of(draft, act.axis)
    if not 0 <= act.line < len(parts):
        raise DraftError(act.axis, "have no such line")
    whole = draft.width if act.axis == "columns" else draft.height
    length = typed_length(act.length, f"{act.axis} {act.line + 1}")
    per_part = whole / sum(parts)
    if act.grow:
        finished = [part * per_part for part in parts]
        finished[act.line] = length
        now, total = with_parts(draft, act.axis, tuple(finished)), sum(finished, Fraction(0))
        now = replace(now, width=total) if act.axis == "columns" else replace(now, height=total)
        return _carried(now, (), draft)
    if length >= whole or len(parts) == 1:
        raise DraftError(
            f"{act.axis} {act.line + 1}", "leaves nothing for the others; take less, or let the block grow"
        )
    rest = sum(parts) - parts[act.line]
    share = (whole - length) / rest
    finished = [length if line == act.line else part * share for line, part in enumerate(parts)]
    return _carried(with_parts(draft, act.axis, tuple(finished)), (), draft)


def _line(draft: Draft, act: AddLine | RemoveLine | MoveLine, *, last: int) -> None:
    if not 0 <= act.line <= last:
        raise DraftError(act.axis, "have no such line")


def _add_line(draft: Draft, act: AddLine, mates: MatesName) -> Draft:
    _line(draft, act, last=len(parts_of(draft, act.axis)))
    now, back = add_line(draft, act.axis, act.line)
    return _carried(now, (), draft, back)


def _remove_line(draft: Draft, act: RemoveLine, mates: MatesName) -> Draft:
    _line(draft, act, last=len(parts_of(draft, act.axis)) - 1)
    now, back = remove_line(draft, act.axis, act.line)
    return _carried(now, (), draft, back)


def _move_line(draft: Draft, act: MoveLine, mates: MatesName) -> Draft:
    last = len(parts_of(draft, act.axis)) - 1
    _line(draft, act, last=last)
    if not 0 <= act.to <= last:
        raise DraftError(act.axis, "have no such place")
    order = [line for line in range(last + 1) if line != act.line]
    order.insert(act.to, act.line)
    now, back = reorder_lines(draft, act.axis, order)
    return _carried(replace(now, paints=()), (), draft, back)


def _move_edge(draft: Draft, act: MoveEdge, mates: MatesName) -> Draft:
    parts = parts_of(draft, act.axis)
    if not 0 < act.line < len(parts):
        raise DraftError(act.axis, "have no such line between them")
    ruling = Ruling.of(draft)
    lines = list(ruling.across if act.axis == "columns" else ruling.down)
    step = draft.making.ruler_step
    at = Length.of(typed_length(act.to, "to")).nearest(step)
    if not lines[act.line - 1] < at < lines[act.line + 1]:
        raise DraftError("to", "would leave a column or row with nothing")
    lines[act.line] = at
    sizes = tuple(high - low for low, high in zip(lines, lines[1:], strict=False))
    return _carried(with_parts(draft, act.axis, sizes), (), draft)


def _regrid(draft: Draft, act: Regrid, mates: MatesName) -> Draft:
    for name, count in (("columns", act.columns), ("rows", act.rows)):
        if not 1 <= count <= MOST_LINES:
            raise DraftError(name, f"must be from 1 to {MOST_LINES}")
    one = Fraction(1)
    return replace(
        draft, columns=(one,) * act.columns, rows=(one,) * act.rows, seams=ruled_seams(act.columns, act.rows), paints=(),
        making=replace(draft.making, units=()),
    )  # fmt: skip


def _put_fabric(draft: Draft, act: PutFabric, mates: MatesName) -> Draft:
    if not re.fullmatch("#[0-9a-fA-F]{6}", act.colour):
        raise DraftError("colour", "must be a colour such as #a3262a")
    if not act.name.strip():
        raise DraftError("name", "is missing; give the fabric a name")
    key = act.key or next_key((fabric.key for fabric in draft.fabrics), act.name)
    if key == UNASSIGNED:
        raise DraftError("name", "stands for patches without a fabric; choose another")
    new = Fabric(
        key=key, name=act.name.strip(), colour=act.colour.lower(), value=act.value, print=act.print,
        direction=act.direction % 360, shelf=act.shelf,
    )  # fmt: skip
    if any(fabric.key == key for fabric in draft.fabrics):
        return replace(draft, fabrics=tuple(new if fabric.key == key else fabric for fabric in draft.fabrics))
    return replace(draft, fabrics=(*draft.fabrics, new))


def _drop_fabric(draft: Draft, act: DropFabric, mates: MatesName) -> Draft:
    _known(draft, act.key)
    return replace(
        draft,
        fabrics=tuple(fabric for fabric in draft.fabrics if fabric.key != act.key),
        paints=tuple(paint for paint in draft.paints if paint.fabric != act.key),
        colourings=tuple(one.without(act.key) for one in draft.colourings),
    )


def _put_colouring(draft: Draft, act: PutColouring, mates: MatesName) -> Draft:
    if not 0 <= act.blocks <= 1000:
        raise DraftError("blocks", "must be from 0 to 1000")
    for key, other in act.fabrics.items():
        _known(draft, key)
        _known(draft, other)
    name = " ".join(act.name.split())[:120] or f"Colouring {len(draft.colourings) + 2}"
    changed = tuple((key, other) for key, other in sorted(act.fabrics.items()) if key != other)
    new = Colouring(name=name, blocks=act.blocks, mirrored=act.mirrored, fabrics=changed)
    if act.number is None:
        if len(draft.colourings) >= MOST_COLOURINGS:
            raise DraftError("colourings", f"are {MOST_COLOURINGS} already, the most there can be")
        return replace(draft, colourings=(*draft.colourings, new))
    _colouring(draft, act.number)
    kept = tuple(new if number == act.number else one for number, one in enumerate(draft.colourings))
    return replace(draft, colourings=kept)


def _colouring(draft: Draft, number: int) -> None:
    if not 0 <= number < len(draft.colourings):
        raise DraftError("number", "is no colouring of this block")


def _drop_colouring(draft: Draft, act: DropColouring, mates: MatesName) -> Draft:
    _colouring(draft, act.number)
    return replace(draft, colourings=draft.colourings[: act.number] + draft.colourings[act.number + 1 :])


MOST_SHRINKAGE = 30
CLOTH = ("usable", "straightening", "shrinkage", "keep")


def _set_making(draft: Draft, act: SetMaking, mates: MatesName) -> Draft:
    making = draft.making
    if act.blocks is not None:
        if not 1 <= act.blocks <= 1000:
            raise DraftError("blocks", "must be from 1 to 1000")
        making = replace(making, blocks=act.blocks)
    changed: dict[str, Any] = {
        name: typed_length(text, name, positive=name not in ("trim_margin", "straightening", "shrinkage"))
        for name in ("seam", "ruler_step", "trim_margin", "ruler_width", "ruler_length", *CLOTH)
        if (text := getattr(act, name)) is not None
    }
    changed |= {name: value for name in ("stitch", "press", "care") if (value := getattr(act, name)) is not None}
    if changed.get("shrinkage", 0) >= MOST_SHRINKAGE:
        raise DraftError("shrinkage", f"is in a hundred, and under {MOST_SHRINKAGE}")
    return replace(draft, making=replace(making, **changed))


def _choose_method(draft: Draft, act: ChooseMethod, mates: MatesName) -> Draft:
    making = draft.making
    names: list[str] = [method.name for method in BY_NAME[act.kind].methods]
    if act.method is not None and not {*act.method.split("+")} <= {*names}:
        raise DraftError("method", f"is no way to make it; the ways are {', '.join(names)}")
    if act.at is None:
        methods = {kind: method for kind, method in making.methods.items() if kind != act.kind}
        if act.method:
            methods[act.kind] = act.method
        return replace(draft, making=replace(making, methods=methods))
    at = _point(act.at, "at", draft)
    reading = read(draft)
    groups = reading.group_of_face
    face = reading.drawing.faces_at([at])[0]
    if face is None:
        raise DraftError("at", "lies on a seam; touch the inside of a unit")
    others = reading.drawing.faces_at([choice.at for choice in making.units])
    units = [
        choice
        for there, choice in zip(others, making.units, strict=True)
        if there is not None and groups[there].label != groups[face].label
    ]
    if act.method:
        units.append(UnitMethod(at, act.method))
    return replace(draft, making=replace(making, units=tuple(units)))


def _rename(draft: Draft, act: Rename, mates: MatesName) -> Draft:
    name = " ".join(act.name.split())
    if not 1 <= len(name) <= 120:
        raise DraftError("name", "must have from 1 to 120 letters")
    return replace(draft, name=name)


_DOERS: dict[type, Callable[[Draft, Any, MatesName], Draft]] = {
    Put: _put, Turn: _turn, Copy: _copy, RepeatQuarter: _repeat_quarter, Sew: _sew, Rub: _rub, PaintPatch: _paint,
    Swap: _swap, Resize: _resize, Proportions: _proportions, LineLength: _line_length, AddLine: _add_line,
    RemoveLine: _remove_line, Regrid: _regrid, PutFabric: _put_fabric, DropFabric: _drop_fabric,
    MoveLine: _move_line, MoveEdge: _move_edge, PutColouring: _put_colouring, DropColouring: _drop_colouring,
    SetMaking: _set_making, ChooseMethod: _choose_method, Rename: _rename,
}  # fmt: skip
