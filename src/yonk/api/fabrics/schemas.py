"""What goes over the wire of the fabric shelf and shopping."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated

from pydantic import Field

from yonk.api.wire import ClothPictureOut, Document, Model, Revision, Said
from yonk.core.paper import COUNTS, PICTURE_FILE, LengthUnit, Print, Value


class ShelfPieceIn(Model):
    """Pieces of one size on the shelf, as typed."""

    width: str
    length: str
    count: Annotated[
        int, Field(ge=COUNTS["pieces_on_the_shelf"][0], le=COUNTS["pieces_on_the_shelf"][1])
    ] = 1


class ShelfPictureIn(Model):
    """A picture of a fabric as the picture's own answer told it."""

    file: Annotated[str, Field(pattern=f"^{PICTURE_FILE}$")]
    width: str
    height: str


class SeenClothOut(Model):
    """What was made of a photo of a cloth: its picture, its size as typed, and what it looks
    like.
    """

    picture: ClothPictureOut
    colour: str
    value: Value


class ShelfFabricIn(Model):
    """A fabric for the shelf."""

    name: Annotated[str, Field(min_length=1, max_length=120)]
    colour: Annotated[str, Field(pattern="^#[0-9a-fA-F]{6}$")]
    value: Value = "medium"
    print: Print = "solid"
    fibre: Annotated[str, Field(max_length=120)] = ""
    note: Annotated[str, Field(max_length=2000)] = ""
    piles: Annotated[list[str], Field(max_length=COUNTS["labels"][1], default_factory=list)]
    unit: LengthUnit = "in"
    price: Annotated[str, Field(max_length=20)] = ""
    currency: Annotated[str, Field(max_length=8)] = ""
    bought_at: Annotated[str, Field(max_length=120)] = ""
    picture: ShelfPictureIn | None = None
    pieces: Annotated[list[ShelfPieceIn], Field(max_length=200, default_factory=list)]
    revision: Revision | None = None


class ShelfPieceOut(Model):
    """Pieces of one size on the shelf: as typed, and said."""

    width: str
    length: str
    count: int
    words: Said


class ShelfFabricOut(Model):
    """A fabric of the shelf."""

    id: str
    name: str
    colour: str
    ink: str
    value: Value
    print: Print
    fibre: str
    note: str
    piles: list[str]
    unit: LengthUnit
    price: str
    currency: str
    bought_at: str
    picture: ClothPictureOut | None = None
    pieces: list[ShelfPieceOut]
    revision: int
    owner: str = ""


class FabricsOfIn(Model):
    """A block's or a quilt's document, whose own fabrics are looked for on the shelf."""

    document: Document


class ChangedFabricOut(Model):
    """A fabric of a block or a quilt, by its key there, that is another on the shelf by now."""

    key: str
    name: Said
    fabric: ShelfFabricOut


class DyeOut(Model):
    """A colour of the row that new fabrics begin with: what it is called there, how dark it is."""

    name: str
    colour: str
    value: Value


class ColoursOut(Model):
    """A colour as it is kept, the same darker and lighter, and the row of dyes."""

    colour: str
    shades: list[str]
    dyes: list[DyeOut]


class ShoppingIn(Model):
    """The blocks that are shopped for."""

    blocks: Annotated[list[str], Field(min_length=1, max_length=100)]


class ShoppingLineOut(Model):
    """A fabric to buy, over all blocks that want it."""

    name: Said
    colour: str
    ink: str
    value: Value
    print: Print
    buy: Said
    fat_quarters: Said
    from_shelf: Sequence[Said]
    blocks: list[str]
    cost: Said


class ShoppingOut(Model):
    """What to buy, cloth by cloth, and what all of it costs, each currency by itself."""

    lines: list[ShoppingLineOut]
    costs: Sequence[Said]


class PresetOut(Model):
    """A usual size of cloth."""

    name: Said
    width: str
    length: str
