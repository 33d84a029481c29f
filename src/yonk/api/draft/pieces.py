"""A view in pieces, each named by what is in it, so that only what changed is sent."""

from __future__ import annotations

from base64 import b64encode
from collections.abc import Collection, Iterator, Sequence
from hashlib import blake2b
from typing import Any

import orjson

from yonk.api.draft.schemas import DraftOut, ListName, PieceOut

FACES, CELLS, PATCHES = 64, 4, 128  # rows of a piece: about ten kilobytes each


def in_pieces(view: DraftOut, known: Collection[str]) -> bytes:
    """The view as JSON with its long lists in pieces; one whose name is known is sent without its
    rows.

    A name is the digest of the rows: it holds whoever answers and whatever was done between. Rows
    are written once, for their name and to be sent.
    """
    lists: dict[ListName, tuple[Sequence[Any], int]] = {
        "faces": (view.faces, FACES),
        "cells": (view.cells, CELLS),
        "seams": (view.document["seams"], PATCHES),
        "patches": (view.document["patches"], PATCHES),
    }
    document = view.document | {"seams": [], "patches": []}
    pieces = [
        piece for of, (rows, size) in lists.items() for piece in _pieces(of, rows, size, known)
    ]
    rest = view.model_copy(update={"document": document, "faces": [], "cells": []})
    told = rest.model_dump(mode="json", exclude={"pieces"})
    return orjson.dumps({**told, "pieces": [dict(piece) for piece in pieces]})


def _pieces(
    of: ListName, rows: Sequence[Any], size: int, known: Collection[str]
) -> Iterator[PieceOut]:
    for start in range(0, len(rows), size):
        text = orjson.dumps(rows[start : start + size])
        digest = b64encode(blake2b(text, digest_size=12).digest()).decode()
        sent: Any = None if digest in known else orjson.Fragment(text)
        yield PieceOut.model_construct(of=of, name=digest, rows=sent)
