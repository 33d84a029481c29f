"""What is kept of the fabric shelf, as the core needs it."""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from fractions import Fraction

from yonk.core.cutting import (
    ShelfCloth,
    ShelfPiece,
    ShelfPieces,
    pieces_of_fabric,
)
from yonk.core.paper import LengthUnit, write_exact
from yonk.store.fabrics import KeptFabric

Shelf = Mapping[str, KeptFabric]


def on_hand_of(shelf: Shelf, unit: LengthUnit) -> ShelfPieces:
    """The pieces that the shelf has of each fabric, in a unit."""
    return {name: pieces_of_fabric(shelf_cloth(kept), unit) for name, kept in shelf.items()}


def shelf_cloth(kept: KeptFabric) -> ShelfCloth:
    """What is kept of a shelf fabric."""
    known = json.loads(kept.document)
    pieces = [
        ShelfPiece(Fraction(row["width"]), Fraction(row["length"]), row["count"])
        for row in known["pieces"]
    ]
    return ShelfCloth(known["unit"], tuple(pieces))


def shelf_document(kept: KeptFabric, cloth: ShelfCloth) -> str:
    """What is to be kept of a shelf fabric whose pieces have changed."""
    pieces = [
        {"width": write_exact(one.width), "length": write_exact(one.length), "count": one.count}
        for one in cloth.pieces
    ]
    return json.dumps(json.loads(kept.document) | {"pieces": pieces}, ensure_ascii=False)


def all_of(kept: Sequence[KeptFabric]) -> dict[str, KeptFabric]:
    """The shelf by id."""
    return {one.id: one for one in kept}
