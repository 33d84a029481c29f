"""Shopping for several blocks."""

from __future__ import annotations

from yonk.api.fabrics.kept import Shelf, shelf_cloth
from yonk.api.fabrics.schemas import ShoppingOut
from yonk.api.fabrics.view import shopping_out
from yonk.core.cutting import shopping_list
from yonk.core.planning import make_plan
from yonk.files.block_file import read_block


def shopping(documents: list[str], shelf: Shelf) -> ShoppingOut:
    """What to buy for several blocks."""
    plans = [make_plan(read_block(text)) for text in documents]
    found = shopping_list(plans, {name: shelf_cloth(kept) for name, kept in shelf.items()})
    return shopping_out(found, shelf)
