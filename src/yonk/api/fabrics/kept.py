"""What is kept of the fabric shelf, as the core needs it."""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from contextlib import suppress
from fractions import Fraction
from typing import Any

from sqlalchemy.orm import Session

from yonk.core.cutting import (
    Price,
    ShelfCloth,
    ShelfPiece,
    ShelfPieces,
    pieces_of_fabric,
)
from yonk.core.paper import ClothPicture, LengthUnit, PictureTold, write_exact
from yonk.files.cloth_picture import digest_in
from yonk.store.cloth_pictures import NoSuchPictureError, picture_content
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


def shelf_picture(known: Mapping[str, Any], unit: LengthUnit) -> ClothPicture | None:
    """The picture that is kept of a shelf fabric, in a unit."""
    told = known.get("picture")
    return PictureTold(**told, unit=known["unit"]).read(unit) if told else None


def price_of(kept: KeptFabric | None) -> Price | None:
    """What a fabric of the shelf costs, if it is told; a fabric of somebody else's tells no
    price.
    """
    if kept is None or kept.owner:
        return None
    known = json.loads(kept.document)
    told = known.get("price")
    return Price(Fraction(told["amount"]), known["unit"], told["currency"]) if told else None


def cloths_shown(session: Session, document: str) -> dict[str, bytes]:
    """The pictures of cloth that a block's document names and that are kept here, by their names
    in it.
    """
    fabrics = json.loads(document).get("fabrics", ())
    named = {one["picture"]["file"] for one in fabrics if one.get("picture")}
    found = {}
    for file in sorted(named):
        with suppress(NoSuchPictureError):
            if digest := digest_in(file):
                found[file] = picture_content(session, digest)
    return found


def all_of(kept: Sequence[KeptFabric]) -> dict[str, KeptFabric]:
    """The shelf by id."""
    return {one.id: one for one in kept}
