"""Drafts lately answered with, so that the next act on one, or the save of one, need not read it
anew.

Only a short cut: a document that is not here is read, by whichever process.
"""

from __future__ import annotations

from collections import deque
from dataclasses import dataclass
from typing import Any

from yonk.core.paper import Draft
from yonk.core.planning import Reading, read
from yonk.files.block_file import take_block


@dataclass(frozen=True)
class Answered:
    """A document that was answered with, how it was read, and how many seconds it took to plan."""

    document: dict[str, Any]
    reading: Reading
    seconds: float


# as many as a few people have open at once; each is a few megabytes at most
_LATELY: deque[Answered] = deque(maxlen=12)


def answered(document: dict[str, Any]) -> Answered | None:
    """What is known of a document that was lately answered with."""
    return next((one for one in tuple(_LATELY) if one.document == document), None)


def draft_of_document(document: dict[str, Any]) -> Draft:
    """The draft that a document holds. Raises `BadFileError` naming the places."""
    known = answered(document)
    return known.reading.draft if known else take_block(document)


def reading_of(document: dict[str, Any]) -> Reading:
    """The reading of the draft that a document holds. Raises `BadFileError` naming the places."""
    known = answered(document)
    return known.reading if known else read(take_block(document))


def keep(document: dict[str, Any], reading: Reading, seconds: float) -> None:
    """Keep a reading at hand by the document that it is of."""
    _LATELY.appendleft(Answered(document, reading, seconds))
