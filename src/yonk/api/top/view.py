"""The making of a quilt top as the screen needs it. No rule is decided here."""

from __future__ import annotations

from collections.abc import Mapping

from yonk.api.cut.strips import strips_view
from yonk.api.cut.view import changed_view, costs_view, fabric_view
from yonk.api.draft.view import fabric_out
from yonk.api.table.kept import KeptTable
from yonk.api.top.schemas import (
    BackingWayOut,
    JoinsOut,
    TopCutOut,
    TopLabelOut,
    TopSeamOut,
    TopSewOut,
    TopStepOut,
)
from yonk.core.setting import JOINS
from yonk.core.sewing import CAUTIONS
from yonk.core.table import useless_of_quilt
from yonk.core.top import (
    TopCutting,
    TopSewing,
    backing_words,
    can_be_quartered,
    diagram_of,
    joins_words,
    pressed_words,
    top_at_the_table,
    top_progress,
    top_words,
)
from yonk.store.fabrics import KeptFabric


def top_cutting_view(
    cutting: TopCutting, shelf: Mapping[str, KeptFabric], table: KeptTable, layers: int = 1
) -> TopCutOut:
    """The whole list."""
    cutting, standing = top_at_the_table(cutting, table.state)
    return TopCutOut(
        summary=cutting.summary,
        fabrics=[
            fabric_view(cloth, cutting, "all", shelf, table, standing) for cloth in cutting.cloths
        ],
        steps=strips_view(cutting, "all", standing, layers),
        swatches=[fabric_out(one, 0) for one in cutting.fabrics.values()],
        changed=changed_view(useless_of_quilt(standing), cutting),
        costs=costs_view(cutting, shelf),
        said=top_words(cutting),
        joins=cutting.plan.quilt.joins,
        ways_to_join=[JoinsOut(joins=joins, words=joins_words(joins)) for joins in JOINS],
        backing=[
            BackingWayOut(
                lay=way.lay, words=backing_words(way, cutting.unit), taken=way == cutting.backing
            )
            for way in cutting.ways_to_back
        ],
        caution=CAUTIONS["blade"],
    )


TopTicks = Mapping[str, tuple[int, str]]


def top_sewing_view(sewing: TopSewing, sewn: TopTicks) -> TopSewOut:
    """How a top is sewn.

    Args:
        sewn: of each mark how many are done, and the words that it was told in.
    """
    diagram = diagram_of(sewing)
    progress = top_progress(sewing, {mark: done for mark, (done, _) in sewn.items()})
    steps = [
        TopStepOut(
            number=number,
            kind=step.kind,
            mark=step.mark,
            block=step.block,
            label=step.label,
            words=step.words,
            press=step.press,
            check=step.check,
            total=step.total,
            done=min(sewn.get(step.mark, (0, ""))[0], step.total),
            places=list(step.places),
        )
        for number, step in enumerate(sewing.steps, start=1)
    ]
    return TopSewOut(
        together=sewing.quilt.together,
        quarters=can_be_quartered(sewing.quilt),
        pressed=pressed_words(sewing.pressing),
        steps=steps,
        done=progress.done,
        total=progress.total,
        progress=progress.words,
        seams=[
            TopSeamOut(stretches=list(one.stretches), arrow=one.arrow, open=one.open, step=one.step)
            for one in diagram.seams
        ],
        labels=[TopLabelOut(number=one.number, at=one.at) for one in diagram.labels],
        bulky=list(diagram.bulky),
        second=list(diagram.second),
        changed=progress.no_longer(sewn),
        cautions=[CAUTIONS["iron"], CAUTIONS["needle"]],
    )
