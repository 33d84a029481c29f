"""Shopping: what to buy for several blocks, each cloth laid out once for all that is cut of it."""

from __future__ import annotations

from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.cutting.cloth import BOLT_STEPS, Bolt, ClothPiece, ClothPlan, plan_cloth
from yonk.core.cutting.shelf import ShelfCloth, in_unit, pieces_of_fabric
from yonk.core.cutting.stage import bolt_of
from yonk.core.paper import Draft, Fabric, LengthUnit
from yonk.core.planning import Cut, Plan


@dataclass(frozen=True)
class Bought:
    """One cloth to buy: the fabric as a block has it, the shelf's name of it if it is tied, the
    blocks, and its plan.
    """

    fabric: Fabric
    shelf: str
    blocks: tuple[str, ...]
    unit: LengthUnit
    cloth: ClothPlan


def shopping_list(plans: Sequence[Plan], shelf: Mapping[str, ShelfCloth]) -> list[Bought]:
    """What to buy for several blocks.

    Args:
        plans: of the blocks; they may be in different units.
        shelf: what there is, by the shelf's names.

    Returns: each cloth once. Fabrics tied to the same one of the shelf are one cloth; fabrics
    tied to none
    are one where name, colour and print are the same. A cloth is laid out in the unit of the
    first block
    that uses it, with the narrowest width, the most straightening and the most shrinkage of its
    blocks.
    """
    rows: dict[object, list[tuple[Draft, Fabric, list[Cut]]]] = {}
    for plan in plans:
        draft = plan.reading.draft
        for key in dict.fromkeys(cut.fabric for cut in plan.cuts):
            fabric = draft.fabric(key)
            same = (
                fabric.shelf
                if fabric.shelf in shelf
                else (fabric.name, fabric.colour, fabric.print)
            )
            cuts = [cut for cut in plan.cuts if cut.fabric == key]
            rows.setdefault(same, []).append((draft, fabric, cuts))
    return [_bought(row, shelf) for row in rows.values()]


def _bought(
    row: Sequence[tuple[Draft, Fabric, list[Cut]]], shelf: Mapping[str, ShelfCloth]
) -> Bought:
    first, fabric, _ = row[0]
    unit = first.unit
    cuts = [in_units_of(cut, draft.unit, unit) for draft, _, own in row for cut in own]
    tied = shelf.get(fabric.shelf)
    on_hand: list[ClothPiece] = pieces_of_fabric(tied, unit) if tied else []
    cloth = plan_cloth(
        fabric.key,
        cuts,
        _bolt([draft for draft, _, _ in row], unit),
        unit,
        upright=fabric.has_direction,
        on_hand=on_hand,
    )
    return Bought(
        fabric, fabric.shelf if tied else "", tuple(draft.name for draft, _, _ in row), unit, cloth
    )


def _bolt(drafts: Iterable[Draft], unit: LengthUnit) -> Bolt:
    bolts = [(bolt_of(draft.making, draft.unit), draft.unit) for draft in drafts]
    return Bolt(
        min(in_unit(bolt.width, own, unit) for bolt, own in bolts),
        max(in_unit(bolt.straightening, own, unit) for bolt, own in bolts),
        max(bolt.shrinkage for bolt, _ in bolts),
        BOLT_STEPS[unit],
    )


def in_units_of(cut: Cut, unit: LengthUnit, to: LengthUnit) -> Cut:
    """A cut told in another unit, exactly."""

    def there(length: Fraction) -> Fraction:
        return in_unit(length, unit, to)

    what = cut.what
    return replace(
        cut,
        width=there(cut.width),
        squaring=there(cut.squaring),
        what=replace(
            what,
            width=there(what.width),
            height=there(what.height),
            segment=there(what.segment) if what.segment else None,
        ),
    )
