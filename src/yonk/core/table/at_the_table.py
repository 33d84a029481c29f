"""A list as it is at the table: what the state of the table makes of a list and its cloths, for the
screen, for paper and for the evenings alike.

Source: *When it does not go on as planned* in `docs/table.md`.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace

from yonk.core.cutting import ClothLayout, ClothPlan, CutsDone, Cutting, ShelfPieces, plan_cutting
from yonk.core.paper import Draft, LengthUnit
from yonk.core.planning import StageName, cut_size_words
from yonk.core.table.laying import TableLayout
from yonk.core.table.need import WantedKey
from yonk.core.table.standing import TableStanding, block_standing, plan_with_pieced
from yonk.core.table.state import TableState
from yonk.core.units import NOUGHT


def cutting_at_the_table(
    draft: Draft,
    stage: StageName,
    state: TableState,
    on_hand: ShelfPieces | None = None,
    booked: CutsDone | None = None,
) -> tuple[Cutting, TableStanding]:
    """The cutting of a draft in a stage, and how its table stands: what is pieced is on the list,
    and a fabric of which there is no more is laid on what there is.

    Args:
        state: what lies on the table.
        on_hand: the pieces of the shelf.
        booked: what the shelf knows of.

    Raises: `DraftError` where the drawing is too much to work on.
    """
    plan = plan_with_pieced(draft, stage, state)
    cutting = plan_cutting(draft, stage, on_hand, booked, plan)
    standing = block_standing(draft, stage, state)
    cloths = on_what_there_is(cutting.cloths, stage, standing, draft.unit)
    return replace(cutting, cloths=cloths), standing


def on_what_there_is(
    cloths: Sequence[ClothPlan], stage: StageName, standing: TableStanding, unit: LengthUnit
) -> tuple[ClothPlan, ...]:
    """The cloths of a list; what is left to cut of those of which there is no more lies on that,
    nothing of them is bought, and what finds no place is missing.
    """
    return tuple(
        _limited(cloth, stage, standing, unit) if standing.state.is_limited(cloth.fabric) else cloth
        for cloth in cloths
    )


def _limited(
    cloth: ClothPlan, stage: StageName, standing: TableStanding, unit: LengthUnit
) -> ClothPlan:
    numbers = {WantedKey(stage, cut.what): number for number, cut in enumerate(cloth.cuts)}
    here = [one for one in standing.laid.layouts if one.fabric == cloth.fabric]
    return replace(
        cloth,
        layouts=tuple(layout for one in here if (layout := _of_stage(one, numbers, unit)).strips),
        exact=NOUGHT,
        buy=NOUGHT,
        bound=NOUGHT,
        too_large=(),
        fat_quarters=None,
        leftovers=(),
        limited=True,
        missing=tuple(one for one in standing.laid.missing if one[0].fabric == cloth.fabric),
    )


def _of_stage(one: TableLayout, numbers: Mapping[WantedKey, int], unit: LengthUnit) -> ClothLayout:
    """A layout with only the pieces of the list that is shown: what the other stage cuts from it
    keeps its place.
    """
    lines = [numbers.get(row) for row in one.rows]
    layout = one.layout
    strips = (
        replace(
            strip,
            crosscuts=tuple(
                (line, width, height, count)
                for number, width, height, count in strip.crosscuts
                if (line := lines[number]) is not None
            ),
        )
        for strip in layout.strips
    )
    source = layout.source
    return replace(
        layout,
        source=replace(source, name=cut_size_words(source.width, source.length, unit)),
        strips=tuple(strip for strip in strips if strip.crosscuts),
        laid=tuple(
            replace(piece, line=line)
            for piece in layout.laid
            if (line := lines[piece.line]) is not None
        ),
    )
