"""Quilts worked on: acts, the plan, what is kept, files."""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from typing import Any

from yonk.api.card import card_text
from yonk.api.quilts.schemas import (
    AddBlockIn,
    QuiltActsIn,
    QuiltCardOut,
    SizeWayOut,
    TakeAnewIn,
    WantedIn,
)
from yonk.api.quilts.view import quilt_picture, quilt_view, size_way
from yonk.api.wire import as_bytes
from yonk.core.paper import Text, check_name, next_key, typed_length
from yonk.core.setting import (
    LayBlock,
    Quilt,
    QuiltBlock,
    apply_to_quilt,
    begun,
    plan_quilt,
    size_of_top,
    taken_anew,
    ways_to_reach,
    with_block,
)
from yonk.files.block_file import read_block
from yonk.files.quilt_file import read_quilt, take_quilt, write_quilt
from yonk.store.blocks import BlockContents

JSON = "application/json"


def quilt_worked_on(asked: QuiltActsIn, shelf: Mapping[str, tuple[int, str]]) -> bytes:
    """A quilt with some acts done to it, as it is shown; `shelf` holds the revision and document of
    each block that is taken from it.
    """
    return as_bytes(quilt_view(plan_quilt(quilt_done(asked, shelf))))


def quilt_done(asked: QuiltActsIn, shelf: Mapping[str, tuple[int, str]] | None = None) -> Quilt:
    """A quilt with what is asked done to it."""
    quilt = take_quilt(asked.document)
    for act in asked.acts:
        if isinstance(act, AddBlockIn | TakeAnewIn):
            revision, document = (shelf or {})[act.origin]
            taking = with_block if isinstance(act, AddBlockIn) else taken_anew
            quilt = taking(quilt, read_block(document), act.origin, revision)
            if isinstance(act, AddBlockIn) and act.places:
                laid = LayBlock(block=quilt.blocks[-1].key, places=act.places)
                quilt = apply_to_quilt(quilt, laid)
        else:
            quilt = apply_to_quilt(quilt, act)
    return quilt


def quilt_contents_of_document(document: dict[str, Any]) -> BlockContents:
    """What is kept of a quilt. Raises `BadFileError` where it is not sound."""
    return quilt_contents(take_quilt(document))


def quilt_contents(quilt: Quilt) -> BlockContents:
    """What is kept of a quilt, with the card that its shelf shows."""
    plan = plan_quilt(quilt)
    shown = QuiltCardOut.model_construct(
        blocks=sum(plan.counts.values()),
        picture=quilt_picture(quilt),
    )
    card = card_text(shown, size_of_top(plan.finished, quilt))
    return BlockContents(
        quilt.name, json.dumps(write_quilt(quilt), ensure_ascii=False), card, "quilt"
    )


def quilt_cards_of(kept: list[tuple[str, int, str]]) -> list[tuple[str, int, str]]:
    """The cards of kept quilts: the id and the revision of each, and its card in place of its
    document.
    """
    return [
        (quilt_id, revision, quilt_contents(read_quilt(text)).card)
        for quilt_id, revision, text in kept
    ]


def begun_from(name: str, taken: Sequence[tuple[str, int, str]]) -> BlockContents:
    """A new quilt from blocks of the shelf: the id, the revision and the document of each.

    Raises: `DraftError` where there is none, or they do not go together.
    """
    blocks: list[QuiltBlock] = []
    for origin, revision, document in taken:
        draft = read_block(document)
        key = next_key([one.key for one in blocks], draft.name)
        blocks.append(QuiltBlock(key=key, draft=draft, origin=origin, revision=revision))
    return quilt_contents(begun(check_name(name, "name"), blocks))


def document_of(text: str) -> dict[str, Any]:
    """A kept quilt's document."""
    found: dict[str, Any] = json.loads(text)
    return found


def counts_of(document: dict[str, Any]) -> dict[str, tuple[Text, int]]:
    """The name of each block of a quilt, and how many there are of it, by its key."""
    quilt = take_quilt(document)
    counts = plan_quilt(quilt).counts
    return {key: (one.title, counts.get(key, 0)) for key, one in quilt.by_key.items()}


def ways_to_size(asked: WantedIn) -> list[SizeWayOut]:
    """The ways to bring a quilt to a size."""
    quilt = take_quilt(asked.document)
    width, height = (
        typed_length(text, place, "finished", quilt.unit)
        for text, place in ((asked.width, "width"), (asked.height, "height"))
    )
    return [size_way(plan_quilt(one.quilt), one) for one in ways_to_reach(quilt, width, height)]
