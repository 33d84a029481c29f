"""The fabric shelf and the shopping list as they are sent."""

from __future__ import annotations

import json
from collections import Counter
from collections.abc import Mapping, Sequence
from fractions import Fraction
from typing import Any

from yonk.api.fabrics.kept import price_of, shelf_picture
from yonk.api.fabrics.schemas import (
    ChangedFabricOut,
    DyeOut,
    ShelfFabricOut,
    ShelfPieceOut,
    ShoppingLineOut,
    ShoppingOut,
)
from yonk.api.shown import cloth_picture_out, ink_on
from yonk.core.cutting import (
    Bought,
    ClothPlan,
    Cost,
    bought,
    cost_of,
    cost_words,
    costs_together,
    fat_quarters,
)
from yonk.core.paper import Fabric, LengthUnit, Text, listed, message, show, write_typed
from yonk.files.block_file import take_block
from yonk.files.quilt_file import take_quilt
from yonk.store.fabrics import KeptFabric


def shelf_fabric_out(kept: KeptFabric) -> ShelfFabricOut:
    """A fabric of the shelf as it is sent."""
    known: dict[str, Any] = json.loads(kept.document)
    unit: LengthUnit = known["unit"]
    price = price_of(kept)
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
        price=f"{float(price.amount):.2f}" if price else "",
        currency=price.currency if price else "",
        bought_at="" if kept.owner else known.get("bought_at", ""),
        revision=kept.revision,
        owner=kept.owner,
        ink=ink_on(known["colour"]),
        picture=cloth_picture_out(shelf_picture(known, unit)),
        pieces=[_shelf_piece(row, unit) for row in known["pieces"]],
    )


def changed_on_shelf(
    document: dict[str, Any], shelf: Mapping[str, KeptFabric]
) -> list[ChangedFabricOut]:
    """The fabrics of a block, or those that are a quilt's own, that look otherwise, or are called
    otherwise, than the one of the shelf that they are tied to.
    """
    made = take_quilt(document) if "blocks" in document else take_block(document)
    return [
        ChangedFabricOut(key=one.key, name=one.called, fabric=shelf_fabric_out(kept))
        for one in made.fabrics
        if (kept := shelf.get(one.shelf)) and not _is_as_kept(one, kept, made.unit)
    ]


def _is_as_kept(fabric: Fabric, kept: KeptFabric, unit: LengthUnit) -> bool:
    known = json.loads(kept.document)
    mine = (fabric.name, fabric.colour.lower(), fabric.value, fabric.print, fabric.picture)
    there = known["colour"].lower(), known["value"], known["print"], shelf_picture(known, unit)
    return mine == (kept.name, *there)


def dye_out(fabric: Fabric) -> DyeOut:
    """A colour of the row that new fabrics begin with, as it is sent."""
    return DyeOut(name=fabric.name, colour=fabric.colour, value=fabric.value)


def _shelf_piece(row: Mapping[str, Any], unit: LengthUnit) -> ShelfPieceOut:
    width, length = Fraction(row["width"]), Fraction(row["length"])
    return ShelfPieceOut(
        width=write_typed(width, unit),
        length=write_typed(length, unit),
        count=row["count"],
        words=listed((str(row["count"]), show(width, unit), show(length, unit)), "times"),
    )


def cost_on_shelf(cloth: ClothPlan, unit: LengthUnit, kept: KeptFabric | None) -> Cost | None:
    """What a cloth of a list costs; None where its fabric has no price on the shelf."""
    price = price_of(kept)
    return cost_of(cloth, unit, price) if price else None


def costs_words(costs: Sequence[Cost | None]) -> list[Text]:
    """What a whole list costs, of the cost of each of its cloths; nothing where none has a
    price.
    """
    known = [one for one in costs if one]
    told: list[Text] = [cost_words(one) for one in costs_together(known)]
    if known and len(known) < len(costs):
        told.append(message("costs-of-some", priced=len(known), all=len(costs)))
    return told


def shopping_out(found: Sequence[Bought], shelf: Mapping[str, KeptFabric]) -> ShoppingOut:
    """A shopping list as it is sent."""
    costs = [cost_on_shelf(one.cloth, one.unit, shelf.get(one.shelf)) for one in found]
    lines = [shopping_line(one, shelf, cost) for one, cost in zip(found, costs, strict=True)]
    return ShoppingOut(lines=lines, costs=costs_words(costs))


def shopping_line(
    one: Bought, shelf: Mapping[str, KeptFabric], cost: Cost | None
) -> ShoppingLineOut:
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
        cost=cost_words(cost) if cost else "",
    )
