"""The card that the shelf keeps of a block or a quilt, as JSON: its size stays exact, and is put in
words when the card is shown, since who looks may speak another language than who saved it.
"""

from __future__ import annotations

import json
from collections.abc import Callable
from fractions import Fraction
from typing import Any

from pydantic import BaseModel
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api.work import Worker
from yonk.core.paper import Length, Measure
from yonk.store.blocks import Card, ShelfPage, keep_cards, one_block
from yonk.words import in_words

_EACH_SHOWING = {"id", "name", "revision", "changed"}  # is told with it, as it stands then


def card_text(shown: BaseModel, finished: Measure) -> str:
    """A card as it is kept.

    Args:
        shown: what of it follows from the block or quilt alone.
        finished: its finished size.
    """
    card = shown.model_dump(mode="json", exclude=_EACH_SHOWING, exclude_unset=True)
    sides = [(str(one.rational), str(one.root)) for one in map(Length.of, finished.sides)]
    return json.dumps(card | {"size": {"sides": sides, "unit": finished.unit}}, ensure_ascii=False)


def card_row(card: Card) -> dict[str, Any]:
    """What a shelf shows of a card, its size in the words of who looks."""
    return _shown(card.card) | {
        "id": card.id,
        "name": card.name,
        "revision": card.revision,
        "changed": card.changed.isoformat(),
        "owner": card.owner,
    }


def _shown(text: str | None) -> dict[str, Any]:
    """What a kept card tells; nothing where it was saved anew while it was made."""
    card: dict[str, Any] = json.loads(text or "{}")
    size = card.pop("size", None)
    if size:
        sides = tuple(Length(Fraction(part), Fraction(root)) for part, root in size["sides"])
        card["finished"] = in_words(Measure(sides, size["unit"]))
    return card


async def page_with_cards(
    db: Session,
    work: Worker,
    asked: Callable[[], ShelfPage],
    cards_of: Callable[[list[tuple[str, int, str]]], list[tuple[str, int, str]]],
) -> ShelfPage:
    """A page of a shelf, each with its card; those that have none are made and kept.

    Args:
        asked: asks the store for the page.
        cards_of: the id, revision and card of each of some kept documents, which are told by their
            id, revision and text.
    """
    found = await run_in_threadpool(asked)
    bare = [card.id for card in found.cards if card.card is None]
    if not bare:
        return found
    kept = await run_in_threadpool(lambda: [one_block(db, block_id) for block_id in bare])
    made = await work.heavy(cards_of, [(one.id, one.revision, one.document) for one in kept])
    await run_in_threadpool(keep_cards, db, made)
    return await run_in_threadpool(asked)
