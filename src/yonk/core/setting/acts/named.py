"""What an act names: blocks, fabrics, places, borders; a fault says which there is not."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace

from yonk.core.paper import DraftError, message
from yonk.core.setting.places import places_of
from yonk.core.setting.quilt import Border, Placed, Quilt, RowColumn


def with_setting(quilt: Quilt, **change: object) -> Quilt:
    """The quilt with its setting changed."""
    return replace(quilt, setting=replace(quilt.setting, **change))  # type: ignore[arg-type]


def known_fabric(quilt: Quilt, key: str, place: str) -> str:
    """A fabric's key. Raises `DraftError` at the place where the quilt has none of it."""
    if key not in quilt.all_fabrics:
        raise DraftError(place, message("is-no-fabric-of-the-quilt", key=key))
    return key


def known_block(quilt: Quilt, key: str, place: str) -> str:
    """A block's key. Raises `DraftError` at the place where the quilt has none of it."""
    if key not in quilt.by_key:
        raise DraftError(place, message("key-is-no-block-of-the-quilt", key=key))
    return key


def what_lies_at(quilt: Quilt, at: RowColumn) -> Placed | None:
    """What lies at a place. Raises `DraftError` for no place of the setting."""
    found = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
    if at not in found:
        raise DraftError("at", message("is-no-place"))
    return found[at]


def with_places(quilt: Quilt, laid: Mapping[RowColumn, Placed]) -> Quilt:
    """The quilt with something at some places; what lies there anyway is not told."""
    places = {**quilt.setting.places, **laid}
    usual = {
        (one.row, one.column): one.placed for one in places_of(replace(quilt.setting, places={}))
    }
    differing = {at: one for at, one in places.items() if usual.get(at) != one}
    return with_setting(quilt, places=differing)


def border_of(quilt: Quilt, number: int) -> Border:
    """A border by its number from one. Raises `DraftError` where there is none."""
    if not 1 <= number <= len(quilt.borders):
        raise DraftError("number", message("is-no-border"))
    return quilt.borders[number - 1]
