"""The plan of a quilt: its sizes, how many of each block, all cuts, what there is to say."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Mapping
from dataclasses import dataclass
from functools import cached_property

from yonk.core.paper import Draft, DraftError, show
from yonk.core.planning import Plan, make_plan
from yonk.core.setting.borders import Repeat, finished_of, repeats_of
from yonk.core.setting.cuts import SettingPiece, setting_pieces, side_triangles
from yonk.core.setting.drawn import check_halves
from yonk.core.setting.places import Place, Top, places_of, top_of
from yonk.core.setting.quilt import Quilt


@dataclass(frozen=True)
class QuiltNotice:
    """Something to say of a quilt."""

    code: str
    text: str


@dataclass(frozen=True)
class QuiltPlan:
    """All that follows from a quilt. `counts` is how many of each block are made, by its key, for
    the setting, half blocks and pieced borders together.
    """

    quilt: Quilt
    places: tuple[Place, ...]
    top: Top
    finished: Top
    counts: Mapping[str, int]
    repeats: tuple[Repeat, ...]
    pieces: Mapping[SettingPiece, int]
    planner: Planner

    @cached_property
    def plans(self) -> Mapping[str, Plan]:
        """The plan of each block that is made, for so many of it."""
        return {
            key: self.planner(self.quilt.by_key[key].as_sewn, count)
            for key, count in self.counts.items()
        }

    @cached_property
    def area(self) -> float:
        """How much cloth is cut for all of it, in the unit's square; what a layout loses comes on
        top.
        """
        setting = sum(piece.long * piece.short * count for piece, count in self.pieces.items())
        cuts = (cut for plan in self.plans.values() for cut in plan.cuts)
        return float(setting + sum(cut.width * cut.height * cut.count for cut in cuts))

    @cached_property
    def notices(self) -> tuple[QuiltNotice, ...]:
        """What there is to say."""
        return tuple(_notices(self))


Planner = Callable[[Draft, int], Plan]


def plan_quilt(quilt: Quilt, planner: Planner = make_plan) -> QuiltPlan:
    """The plan of a quilt.

    Args:
        planner: plans so many of a block; one that remembers makes an edit quick.

    Raises: `DraftError` naming what does not fit, with what would mend it.
    """
    _check_names(quilt)
    check_halves(quilt)
    top, finished = top_of(quilt), finished_of(quilt)
    places, repeats = tuple(places_of(quilt.setting)), tuple(repeats_of(quilt))
    return QuiltPlan(
        quilt,
        places,
        top,
        finished,
        _counts(quilt, places, repeats),
        repeats,
        setting_pieces(quilt),
        planner,
    )


def _counts(
    quilt: Quilt, places: tuple[Place, ...], repeats: tuple[Repeat, ...]
) -> Mapping[str, int]:
    counts = Counter(one.placed.block for one in places if one.placed)
    edge = quilt.setting.edge
    if edge and edge.half_blocks and quilt.setting.kind == "on-point":
        halves = side_triangles(quilt.setting)
        counts[quilt.setting.fill.block] += -(-halves // 2) if edge.pieced else halves
    for repeat in repeats:
        block = quilt.borders[repeat.border - 1].block
        counts[block] += repeat.blocks
    return {one.key: counts[one.key] for one in quilt.blocks if counts[one.key]}


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
            raise DraftError(where, "is no place of the setting")
        named[f"{where}.block"] = placed.block
    for place, key in named.items():
        if key not in quilt.by_key:
            raise DraftError(place, f"“{key}” is no block of the quilt")
    lone = min(setting.columns, setting.rows) == 1 < max(setting.columns, setting.rows)
    if setting.kind == "on-point" and setting.sashing and not setting.sashing.outer and lone:
        raise DraftError(
            "setting.sashing",
            "has no two blocks to lie between in a single row on point; give it its outer ring",
        )
    halves = setting.kind == "on-point" and setting.edge and setting.edge.half_blocks
    if halves and setting.sashing and not setting.sashing.outer:
        raise DraftError(
            "setting.edge",
            "half blocks do not reach the ends of the strips; give the sashing its outer ring, or "
            "take setting triangles",
        )
    if setting.module is not None and not setting.frame and _needs_frame(quilt):
        raise DraftError("setting.frame", "is missing; smaller blocks need a fabric to frame them")


def _needs_frame(quilt: Quilt) -> bool:
    module = quilt.setting.module
    return any((one.draft.width, one.draft.height) != (module, module) for one in quilt.blocks)


def _notices(plan: QuiltPlan) -> list[QuiltNotice]:
    quilt, told = plan.quilt, []
    if quilt.setting.kind == "on-point" and quilt.setting.edge is None:
        text = "The edge has no fabric yet: give the setting triangles one, or set half blocks."
        told.append(QuiltNotice("edge-missing", text))
    for one in quilt.blocks:
        seam = one.draft.making.seam
        if one.key in plan.counts and seam != quilt.making.seam:
            said = show(seam, quilt.unit), show(quilt.making.seam, quilt.unit)
            text = f"{one.draft.name} is cut for a seam of {said[0]}, the quilt for {said[1]}."
            told.append(QuiltNotice("other-seam", text))
    for key, block in plan.plans.items():
        for notice in block.notices:
            told.append(QuiltNotice(notice.code, f"{quilt.by_key[key].draft.name}: {notice.text}"))
    return told
