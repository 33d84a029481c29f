"""What is kept of the fabric shelf, as the core needs it."""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from contextlib import suppress
from fractions import Fraction
from typing import Any, TypeGuard

from sqlalchemy.orm import Session

from yonk.core.cutting import (
    Price,
    ShelfCloth,
    ShelfPiece,
    ShelfPieces,
    pieces_of_fabric,
)
from yonk.core.paper import COUNTS, ClothPicture, LengthUnit, PictureTold, write_exact
from yonk.files.cloth_picture import digest_in
from yonk.store.cloth_pictures import NoSuchPictureError, picture_content
from yonk.store.fabrics import KeptFabric

Shelf = Mapping[str, KeptFabric]
MOST_PICTURES = COUNTS["cloth_pictures"][1]


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
    return _pictures_called(session, pictures_named(json.loads(document)))


def pictures_named(document: Mapping[str, Any]) -> set[str]:
    """The files of the pictures of cloth that a block's document names, or a quilt's and those of
    its blocks; what is no document names none.
    """
    found = set()
    blocks = document.get("blocks")
    within = [one.get("block") for one in blocks if isinstance(one, dict)] if _many(blocks) else []
    for one in [document, *(block for block in within if isinstance(block, dict))]:
        fabrics = one.get("fabrics")
        for fabric in fabrics if _many(fabrics) else ():
            picture = fabric.get("picture") if isinstance(fabric, dict) else None
            if isinstance(picture, dict) and isinstance(picture.get("file"), str):
                found.add(picture["file"])
    return found


def _many(value: object) -> TypeGuard[list[Any]]:
    return isinstance(value, list)


def pictures_in(session: Session, document: Mapping[str, Any]) -> dict[str, bytes]:
    """The pictures that are kept here of those that a block's or a quilt's document names."""
    return _pictures_called(session, pictures_named(document))


def _pictures_called(session: Session, named: set[str]) -> dict[str, bytes]:
    found = {}
    for file in sorted(named)[:MOST_PICTURES]:
        with suppress(NoSuchPictureError):
            if digest := digest_in(file):
                found[file] = picture_content(session, digest)
    return found


def all_of(kept: Sequence[KeptFabric]) -> dict[str, KeptFabric]:
    """The shelf by id."""
    return {one.id: one for one in kept}
