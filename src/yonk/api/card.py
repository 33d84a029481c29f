"""The card that the shelf keeps of a block or a quilt, as JSON: its size stays exact, and is put in
words when the card is shown, since who looks may speak another language than who saved it.
"""

from __future__ import annotations

import json
from fractions import Fraction
from typing import Any

from pydantic import BaseModel

from yonk.core.paper import Length, Measure
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


def card_shown(text: str | None) -> dict[str, Any]:
    """What a card tells, its size in words; one that was kept in words before is told in those."""
    card: dict[str, Any] = json.loads(text or "{}")
    size = card.pop("size", None)
    if size:
        sides = tuple(Length(Fraction(part), Fraction(root)) for part, root in size["sides"])
        card["finished"] = in_words(Measure(sides, size["unit"]))
    return card
