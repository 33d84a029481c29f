"""Acts on fabrics: painting patches, swapping, putting a fabric into the block and taking it out."""

from __future__ import annotations

import re
from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.carrying import PointText, carried, check_known, grid_size, point_of
from yonk.core.acts.mates import MatesName, mates_of
from yonk.core.drawing import draw, fabrics_of, grid_point_inside, read_patches
from yonk.core.paper import UNASSIGNED, Draft, DraftError, Fabric, Paint, Print, Value, next_key


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


def do_paint(draft: Draft, act: PaintPatch, mates: MatesName) -> Draft:
    """The draft after `PaintPatch`. Raises `DraftError` naming the field."""
    check_known(draft, act.fabric)
    point = point_of(act.at, "at", draft)
    drawing = draw(draft)
    fabrics = fabrics_of(draft, drawing)[0]
    spots = [mate.point(point, grid_size(draft)) for mate in mates_of(draft, mates)]
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
    return carried(draft, brought, draft)


def do_swap(draft: Draft, act: Swap, mates: MatesName) -> Draft:
    """The draft after `Swap`. Raises `DraftError` naming the field."""
    check_known(draft, act.fabric)
    check_known(draft, act.other)
    other = {act.fabric: act.other, act.other: act.fabric}
    paints = tuple(Paint(paint.at, other.get(paint.fabric, paint.fabric)) for paint in draft.paints)
    return replace(draft, paints=paints)


def do_put_fabric(draft: Draft, act: PutFabric, mates: MatesName) -> Draft:
    """The draft after `PutFabric`. Raises `DraftError` naming the field."""
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


def do_drop_fabric(draft: Draft, act: DropFabric, mates: MatesName) -> Draft:
    """The draft after `DropFabric`. Raises `DraftError` naming the field."""
    check_known(draft, act.key)
    return replace(
        draft,
        fabrics=tuple(fabric for fabric in draft.fabrics if fabric.key != act.key),
        paints=tuple(paint for paint in draft.paints if paint.fabric != act.key),
        colourings=tuple(one.without(act.key) for one in draft.colourings),
    )
