"""Where the blocks of a quilt lie: which place has what, and where it is in the top."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.paper import ROOT_2, DraftError, Length, message, show, show_size
from yonk.core.setting.quilt import Placed, Quilt, Setting


@dataclass(frozen=True)
class Place:
    """A place of the setting: its row and column, and what lies there; None for a plain square of
    the alternate fabric.
    """

    row: int
    column: int
    placed: Placed | None


def places_of(setting: Setting) -> Iterator[Place]:
    """The places of a setting, row by row."""
    for row in range(rows_of(setting)):
        for column in range(columns_in(setting, row)):
            yield Place(row, column, _placed(setting, row, column))


def rows_of(setting: Setting) -> int:
    """How many rows of places there are; on point those between count too."""
    return setting.rows if setting.kind == "straight" else 2 * setting.rows - 1


def columns_in(setting: Setting, row: int) -> int:
    """How many places a row has."""
    between = setting.kind == "on-point" and row % 2 == 1
    return setting.columns - 1 if between else setting.columns


def diagonal_rows(setting: Setting) -> list[range]:
    """The diagonal rows of an on-point setting from the top left: of each, which places along it
    hold a block.
    """
    found: dict[int, list[int]] = {}
    for row in range(rows_of(setting)):
        for column in range(columns_in(setting, row)):
            across = 2 * column + row % 2  # in half diagonals
            found.setdefault((across + row) // 2, []).append((across - row) // 2)
    return [range(min(found[down]), max(found[down]) + 1) for down in sorted(found)]


def is_alternate(setting: Setting, row: int, column: int) -> bool:
    """Whether a place is one of every other: where row and column add up to an odd number; on
    point, in the rows between.
    """
    return row % 2 == 1 if setting.kind == "on-point" else (row + column) % 2 == 1


def _placed(setting: Setting, row: int, column: int) -> Placed | None:
    named = setting.places.get((row, column))
    if named or setting.alternate is None or not is_alternate(setting, row, column):
        return named or setting.fill
    return Placed(block=setting.alternate.block) if setting.alternate.block else None


def half_block_of(setting: Setting) -> Placed | None:
    """What half blocks at the sides are halves of: as the sides lie in the rows between, the
    alternate block where there is one; None where the setting has none.
    """
    if setting.kind != "on-point" or setting.edge is None or not setting.edge.half_blocks:
        return None
    other = setting.alternate.block if setting.alternate else ""
    return Placed(block=other) if other else setting.fill


@dataclass(frozen=True)
class Module:
    """The finished size that every place has."""

    width: Fraction
    height: Fraction


def module_of(quilt: Quilt) -> Module:
    """The finished size of a place.

    Raises: `DraftError` naming the block whose size does not fit, with what would mend it.
    """
    setting, unit = quilt.setting, quilt.unit
    used = {place.placed.block for place in places_of(setting) if place.placed}
    if half := half_block_of(setting):
        used.add(half.block)
    sizes = {key: quilt.by_key[key].draft for key in quilt.by_key if key in used}
    if not sizes:
        raise DraftError("setting.fill", message("names-no-block"))
    if setting.module is not None:
        module = Module(setting.module, setting.module)
        for key, draft in sizes.items():
            if draft.width > module.width or draft.height > module.height:
                raise DraftError(
                    f"blocks.{key}",
                    message("is-larger-than-the-module", module=show(setting.module, unit)),
                )
    else:
        first = next(iter(sizes.values()))
        module = Module(first.width, first.height)
        for key, draft in sizes.items():
            if (draft.width, draft.height) != (module.width, module.height):
                raise DraftError(
                    f"blocks.{key}",
                    message(
                        "is-of-another-size",
                        size=show_size(draft.width, draft.height, unit),
                        module=show_size(module.width, module.height, unit),
                    ),
                )
    _check_turns(quilt, module)
    return module


def _check_turns(quilt: Quilt, module: Module) -> None:
    if module.width == module.height:
        return
    if quilt.setting.kind == "on-point":
        raise DraftError("setting.kind", message("on-point-takes-squares"))
    for place in places_of(quilt.setting):
        if place.placed and place.placed.turns % 2:
            where = f"setting.places.{place.row}.{place.column}"
            raise DraftError(where, message("oblong-cannot-be-quartered"))


@dataclass(frozen=True)
class Top:
    """The finished size of the top without borders."""

    width: Length
    height: Length


def top_of(quilt: Quilt) -> Top:
    """The finished size of the top without borders.

    Source: `docs/setting.md`.
    """
    setting, module = quilt.setting, module_of(quilt)
    sashing = setting.sashing
    wide = sashing.width if sashing else Fraction(0)
    outer = bool(sashing and sashing.outer)
    if setting.kind == "straight":
        more = 1 if outer else -1
        return Top(
            Length.of(setting.columns * module.width + (setting.columns + more) * wide),
            Length.of(setting.rows * module.height + (setting.rows + more) * wide),
        )
    floats = 2 * (setting.edge.floats if setting.edge else Fraction(0))
    side, pitch = module.width, module.width + wide

    def across(count: int) -> Length:
        steps = count * pitch if outer else (count - 1) * pitch + side
        return ROOT_2 * steps + floats

    return Top(across(setting.columns), across(setting.rows))
