"""The fabric shelf and the shopping list as they are sent."""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Mapping
from fractions import Fraction
from typing import Any

from yonk.api.fabrics.kept import shelf_picture
from yonk.api.fabrics.schemas import ShelfFabricOut, ShelfPieceOut, ShoppingLineOut
from yonk.api.shown import cloth_picture_out, ink_on
from yonk.core.cutting import Bought, bought, fat_quarters
from yonk.core.paper import LengthUnit, listed, message, show, write_typed
from yonk.store.fabrics import KeptFabric


def shelf_fabric_out(kept: KeptFabric) -> ShelfFabricOut:
    """A fabric of the shelf as it is sent."""
    known: dict[str, Any] = json.loads(kept.document)
    unit: LengthUnit = known["unit"]
    return ShelfFabricOut(
        id=kept.id,
        name=kept.name,
        colour=known["colour"],
        value=known["value"],
        print=known["print"],
        fibre=known["fibre"],
        note=known["note"],
        piles=known.get("piles", []),
        unit=unit,
        revision=kept.revision,
        owner=kept.owner,
        ink=ink_on(known["colour"]),
        picture=cloth_picture_out(shelf_picture(known, unit)),
        pieces=[_shelf_piece(row, unit) for row in known["pieces"]],
    )


def _shelf_piece(row: Mapping[str, Any], unit: LengthUnit) -> ShelfPieceOut:
    width, length = Fraction(row["width"]), Fraction(row["length"])
    return ShelfPieceOut(
        width=write_typed(width, unit),
        length=write_typed(length, unit),
        count=row["count"],
        words=listed((str(row["count"]), show(width, unit), show(length, unit)), "times"),
    )


def shopping_line(one: Bought, shelf: Mapping[str, KeptFabric]) -> ShoppingLineOut:
    """A cloth to buy as it is sent."""
    fabric, cloth = one.fabric, one.cloth
    on_hand = Counter(layout.source.name for layout in cloth.layouts if not layout.bought)
    return ShoppingLineOut(
        name=shelf[one.shelf].name if one.shelf else fabric.called,
        colour=fabric.colour,
        ink=ink_on(fabric.colour),
        value=fabric.value,
        print=fabric.print,
        buy=bought(cloth.buy, one.unit),
        fat_quarters=fat_quarters(cloth.fat_quarters),
        from_shelf=[message("so-many-of", count=n, size=name) for name, n in on_hand.items()],
        blocks=list(one.blocks),
    )
