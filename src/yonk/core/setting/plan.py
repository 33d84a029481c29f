"""The plan of a quilt: its sizes, how many of each block, all cuts, what there is to say."""

from __future__ import annotations

from collections import Counter, defaultdict
from collections.abc import Iterable, Mapping
from dataclasses import dataclass
from functools import cached_property

from yonk.core.paper import FACT, DraftError, kept, message
from yonk.core.planning import Parts, Plan, make_plan
from yonk.core.setting.borders import Repeat, finished_of, repeats_of
from yonk.core.setting.cuts import SettingPiece, setting_pieces
from yonk.core.setting.drawn import Pen
from yonk.core.setting.places import Place, Top, places_of, top_of
from yonk.core.setting.quilt import Quilt


@dataclass(frozen=True)
class QuiltPlan:
    """All that follows from a quilt. `counts` is how many of each block are made, by its key, for
    the setting, half blocks and pieced borders together; two of `halves`, which are pieced as
    drafted, each with the patches that it has, count as one; `cut_halves` is how many of each block
    are made to be cut in half.
    """

    quilt: Quilt
    places: tuple[Place, ...]
    top: Top
    finished: Top
    counts: Mapping[str, int]
    halves: Mapping[tuple[str, frozenset[int]], int]
    cut_halves: Mapping[str, int]
    repeats: tuple[Repeat, ...]
    pieces: Mapping[SettingPiece, int]

    @cached_property
    def plans(self) -> Mapping[str, Plan]:
        """The plan of each block that is made, for so many of it."""
        return {
            key: make_plan(self.quilt.by_key[key].as_sewn, self.whole_blocks(key), parts=parts)
            for key in self.counts
            for parts in [self.halves_of(key)]
        }

    def halves_of(self, key: str) -> Parts:
        """The halves of a block that are pieced as drafted: the patches of each, and how many."""
        return tuple((faces, count) for (of, faces), count in self.halves.items() if of == key)

    def whole_blocks(self, key: str) -> int:
        """How many of a block are sewn whole."""
        return self.counts[key] - _blocks_for(self.halves_of(key))

    @cached_property
    def area(self) -> float:
        """How much cloth is cut for all of it, in the unit's square; what a layout loses comes on
        top.
        """
        return sum(self.areas.values())

    @cached_property
    def areas(self) -> Mapping[str, float]:
        """How much of each fabric is cut, by its key."""
        found: dict[str, float] = defaultdict(float)
        for piece, count in self.pieces.items():
            found[piece.fabric] += float(piece.long * piece.short * count)
        for plan in self.plans.values():
            for cut in plan.cuts:
                found[cut.fabric] += float(cut.width * cut.height * cut.count)
        return found


@kept(lambda plan, _: FACT * (len(plan.places) + len(plan.pieces)))
def plan_quilt(quilt: Quilt) -> QuiltPlan:
    """The plan of a quilt.

    Raises: `DraftError` naming what does not fit, with what would mend it.
    """
    _check_names(quilt)
    top, finished = top_of(quilt), finished_of(quilt)
    places, repeats = tuple(places_of(quilt.setting)), tuple(repeats_of(quilt))
    pen = Pen(quilt)
    halves = pen.pieced_halves
    return QuiltPlan(
        quilt,
        places,
        top,
        finished,
        _counts(quilt, places, repeats, pen),
        halves,
        pen.cut_halves,
        repeats,
        setting_pieces(quilt, pen),
    )


def _counts(
    quilt: Quilt, places: tuple[Place, ...], repeats: tuple[Repeat, ...], pen: Pen
) -> Mapping[str, int]:
    counts = Counter(one.placed.block for one in places if one.placed)
    counts.update(pen.cut_halves)
    for key in {key for key, _ in pen.pieced_halves}:
        same = [one for one in pen.pieced_halves.items() if one[0][0] == key]
        counts[key] += _blocks_for([(faces, count) for (_, faces), count in same])
    for repeat in repeats:
        block = quilt.borders[repeat.border - 1].block
        counts[block] += repeat.blocks
    return {one.key: counts[one.key] for one in quilt.blocks if counts[one.key]}


def _blocks_for(halves: Iterable[tuple[frozenset[int], int]]) -> int:
    """How many blocks so many halves count as: two are one."""
    return -(-sum(count for _, count in halves) // 2)


def _check_names(quilt: Quilt) -> None:
    """Raises where something names a block or a place that the quilt does not have."""
    setting = quilt.setting
    named = {"setting.fill.block": setting.fill.block}
    if setting.alternate and setting.alternate.block:
        named["setting.alternate.block"] = setting.alternate.block
    known = {(one.row, one.column) for one in places_of(setting)}
    for (row, column), placed in setting.places.items():
        where = f"setting.places.{row}.{column}"
        if (row, column) not in known:
            raise DraftError(where, message("is-no-place"))
        named[f"{where}.block"] = placed.block
    for place, key in named.items():
        if key not in quilt.by_key:
            raise DraftError(place, message("key-is-no-block-of-the-quilt", key=key))
    lone = min(setting.columns, setting.rows) == 1 < max(setting.columns, setting.rows)
    if setting.kind == "on-point" and setting.sashing and not setting.sashing.outer and lone:
        raise DraftError(
            "setting.sashing",
            message("sashing-needs-its-ring"),
        )
    halves = setting.kind == "on-point" and setting.edge and setting.edge.half_blocks
    if halves and setting.sashing and not setting.sashing.outer:
        raise DraftError(
            "setting.edge",
            message("half-blocks-end-short"),
        )
    if setting.module is not None and not setting.frame and _needs_frame(quilt):
        raise DraftError("setting.frame", message("frame-needs-a-fabric"))


def _needs_frame(quilt: Quilt) -> bool:
    module = quilt.setting.module
    return any((one.draft.width, one.draft.height) != (module, module) for one in quilt.blocks)
