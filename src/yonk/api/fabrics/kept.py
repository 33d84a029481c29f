"""What is kept of the fabric shelf, as the core needs it."""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from fractions import Fraction

from yonk.core.cutting import (
    NO_MARKS,
    Cutting,
    Marks,
    ShelfCloth,
    ShelfPiece,
    pieces_of_fabric,
    plan_cutting,
)
from yonk.core.paper import Draft, write_exact
from yonk.core.planning import StageName
from yonk.store.fabrics import KeptFabric

Shelf = Mapping[str, KeptFabric]


def cutting_of(
    draft: Draft, stage: StageName, shelf: Mapping[str, KeptFabric], marks: Marks = NO_MARKS
) -> Cutting:
    """How each fabric of a draft is cut in a stage, with the pieces that the shelf has of it."""
    on_hand = {
        name: pieces_of_fabric(shelf_cloth(kept), draft.unit) for name, kept in shelf.items()
    }
    return plan_cutting(draft, stage, on_hand, marks.booked)


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
