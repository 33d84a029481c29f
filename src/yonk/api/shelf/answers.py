"""What is kept of a block, and its card on the shelf."""

from __future__ import annotations

import json
from dataclasses import dataclass, replace
from typing import Any

from yonk.api.card import card_text
from yonk.api.shelf.schemas import ShelfBlockOut
from yonk.api.shown import cloths_of, picture, picture_by_fabric
from yonk.core.acts import BlockBeginning, begin_block
from yonk.core.paper import Draft, copy_name
from yonk.core.planning import Reading, cut_size_words, read
from yonk.files.block_file import check_reading, read_block, take_block, write_block
from yonk.files.cloth_picture import picture_digest, picture_file, tile_as_kept
from yonk.files.log_file import LogFile, read_parcel
from yonk.files.photo import JpegPhoto, as_kept
from yonk.store.blocks import BlockContents
from yonk.store.usual import KeptUsual

MOST_ON_A_CARD = (
    400  # patches drawn one by one on the shelf; of more, those of a fabric are one shape
)


def block_contents_of_document(document: dict[str, Any]) -> BlockContents:
    """What is kept of a document. Raises `BadFileError` where it is not sound."""
    return _form_of(read(take_block(document)))


def form_of_beginning(asked: BlockBeginning, usual: KeptUsual | None) -> BlockContents:
    """What is kept of a block that is begun, made as is usual for the quilter in her unit. Raises
    `DraftError` naming the field.
    """
    settings = usual.settings if usual and usual.unit == asked.unit else {}
    return block_contents(begin_block(asked, settings))


def form_of_file(text: bytes) -> BlockContents:
    """What is kept of a block file. Raises `BadFileError` where it is not sound."""
    return block_contents(read_block(text))


@dataclass(frozen=True)
class Unpacked:
    """What is kept of a parcel: the block, its log, its photos by their names in it, and its
    pictures of cloth by their digests.
    """

    contents: BlockContents
    log: LogFile
    photos: dict[str, JpegPhoto]
    cloths: dict[str, bytes]


def parcel_unpacked(content: bytes) -> Unpacked:
    """What is kept of a parcel, its pictures written anew. Raises `BadFileError`,
    `NoPhotoError`.
    """
    parcel = read_parcel(content)
    photos = {name: as_kept(photo) for name, photo in parcel.photos.items()}
    cloths = {name: tile_as_kept(cloth) for name, cloth in parcel.cloths.items()}
    names = {name: picture_file(picture_digest(cloth)) for name, cloth in cloths.items()}
    draft = read_block(parcel.block)
    fabrics = tuple(
        replace(
            one, picture=replace(one.picture, file=names.get(one.picture.file, one.picture.file))
        )
        if one.picture
        else one
        for one in draft.fabrics
    )
    return Unpacked(
        block_contents(replace(draft, fabrics=fabrics)),
        parcel.log,
        photos,
        {picture_digest(cloth): cloth for cloth in cloths.values()},
    )


def block_contents(draft: Draft) -> BlockContents:
    """What is kept of a draft. Raises `BadFileError` where a point that must lie in a patch lies on
    a seam.
    """
    return _form_of(read(draft))


def _form_of(reading: Reading) -> BlockContents:
    check_reading(reading)
    draft = reading.draft
    return BlockContents(
        draft.name, json.dumps(write_block(draft), ensure_ascii=False), card_of(reading)
    )


def cards_of(kept: list[tuple[str, int, str]]) -> list[tuple[str, int, str]]:
    """The cards of kept documents: the id and the revision of each, and its card in place of its
    document.
    """
    return [
        (block_id, revision, card_of(read(read_block(text)))) for block_id, revision, text in kept
    ]


def card_of(reading: Reading) -> str:
    """What the shelf shows of a block, as JSON: all of `ShelfBlockOut` that follows from its
    document.
    """
    draft = reading.draft
    many = len(reading.drawing.faces) > MOST_ON_A_CARD
    shown = ShelfBlockOut.model_construct(
        width=float(draft.width),
        height=float(draft.height),
        patches=len(reading.drawing.faces),
        blocks=draft.making.blocks,
        picture=picture_by_fabric(reading) if many else picture(reading),
        cloths=cloths_of(draft),
    )
    return card_text(shown, cut_size_words(draft.width, draft.height, draft.unit))


def copied(document: str) -> BlockContents:
    """What is kept of a copy of a block, under a name that says so."""
    draft = read_block(document)
    return block_contents(replace(draft, name=copy_name(draft.name)))
