"""Drafts lately answered with, so that the next act on one need not read it anew.

Only a short cut: a document that is not here is read, by whichever process.
"""

from __future__ import annotations

from collections import deque
from typing import Any

from yonk.core.paper import Draft
from yonk.files.block_file import take_block

_LATELY: deque[tuple[dict[str, Any], Draft]] = deque(maxlen=12)


def draft_of(document: dict[str, Any]) -> Draft:
    """The draft that a document holds. Raises `BadFileError` naming the places."""
    known = (draft for kept, draft in tuple(_LATELY) if kept == document)
    return next(known, None) or take_block(document)


def keep(document: dict[str, Any], draft: Draft) -> None:
    """Keep a draft at hand by its document."""
    _LATELY.appendleft((document, draft))
