"""The ways out of a quilt's table as the screen needs them. No rule is decided here."""

from __future__ import annotations

from collections.abc import Mapping

from yonk.api.cut.schemas import TableFiguresOut
from yonk.api.cut.ways_out import bought_cloth, more_time, other_cloths
from yonk.api.table.kept import KeptTable
from yonk.api.top.schemas import QuiltWayShown, QuiltWaysOut
from yonk.core.setting import Quilt, places_of, plan_quilt
from yonk.core.table import Paces, TableStanding, seconds_left
from yonk.core.top import QuiltWayOut, quilt_ways_out, top_standing
from yonk.files.quilt_file import write_quilt
from yonk.store.fabrics import KeptFabric


def quilt_ways_view(
    quilt: Quilt,
    table: KeptTable,
    shelf: Mapping[str, KeptFabric],
    trials: frozenset[str],
    paces: Paces,
) -> QuiltWaysOut:
    """Every way out of a quilt's table, with what it costs in time by her paces."""
    standing = top_standing(quilt, table.state, trials)
    others = [*other_cloths([*quilt.all_fabrics.values()], quilt.unit, shelf)]
    ways = quilt_ways_out(quilt, table.state, trials, others)
    before = _seconds(quilt, standing, paces) if ways else 0.0
    return QuiltWaysOut(
        enough=standing.enough,
        before=_figures(quilt, standing),
        ways=[
            _way(quilt, one, _seconds(one.quilt, one.after, paces) - before)
            for one in ways
            if one.after
        ],
    )


def _seconds(quilt: Quilt, standing: TableStanding, paces: Paces) -> float:
    return seconds_left(plan_quilt(quilt).plans.values(), standing, paces)


def _way(quilt: Quilt, one: QuiltWayOut, seconds: float) -> QuiltWayShown:
    assert one.after is not None, "each was tried"
    return QuiltWayShown(
        do=one.do,
        words=one.words,
        takes=more_time(seconds),
        document=write_quilt(one.quilt) if one.quilt != quilt else None,
        places=list(one.places),
        changes=bought_cloth(one.buy),
        after=_figures(one.quilt, one.after),
    )


def _figures(quilt: Quilt, standing: TableStanding) -> TableFiguresOut:
    return TableFiguresOut(
        blocks=sum(place.placed is not None for place in places_of(quilt.setting)),
        to_cut=sum(count for _, count in standing.to_cut),
        missing=sum(count for _, count in standing.laid.missing),
    )
