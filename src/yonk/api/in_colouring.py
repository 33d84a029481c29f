"""A block as it is asked for: as drafted, or in one of its colourings."""

from __future__ import annotations

from typing import Annotated, Any

from pydantic import Field

from yonk.core.paper import COUNTS, Draft, DraftError, coloured, message
from yonk.files.block_file import take_block

ColouringNumber = Annotated[int, Field(ge=0, le=COUNTS["colourings"][1])] | None


def draft_in(document: dict[str, Any], colouring: int | None) -> tuple[Draft, list[str]]:
    """The draft as it is sewn, and what its colourings are called.

    Args:
        document: a block file as it was sent.
        colouring: which of its colourings, from 0; none for the block as drafted.

    Raises: `DraftError` where it has no such colouring.
    """
    draft = take_block(document)
    names = [one.name for one in draft.colourings]
    if colouring is None:
        return draft, names
    if colouring >= len(names):
        raise DraftError("colouring", message("is-none-of-the-colourings"))
    return coloured(draft, draft.colourings[colouring]), names
