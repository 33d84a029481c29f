"""A view in pieces, each named by what is in it, so that only what changed is sent."""

from __future__ import annotations

from base64 import b64encode
from collections.abc import Collection, Iterator, Sequence
from hashlib import blake2b
from itertools import pairwise
from typing import Any
from zlib import crc32

import orjson

from yonk.api.draft.schemas import DraftOut, ListName, PieceOut

FACES, CELLS, PATCHES = 64, 4, 128  # rows of a piece: about ten kilobytes each


def in_pieces(view: DraftOut, known: Collection[str]) -> bytes:
    """The view as JSON with its long lists in pieces; one whose name is known is sent without its
    rows.

    A name is the digest of the rows: it holds whoever answers and whatever was done between. Rows
    are written once, for their name and to be sent.
    """
    faces, seams, patches = view.faces, view.document["seams"], view.document["patches"]
    lists: dict[ListName, tuple[Sequence[Any], list[int]]] = {
        "faces": (faces, _ends([face["at"] for face in faces], FACES)),
        "cells": (view.cells, [*range(CELLS, len(view.cells), CELLS)]),
        "seams": (seams, _ends([start for start, _ in seams], PATCHES)),
        "patches": (patches, _ends([patch["at"] for patch in patches], PATCHES)),
    }
    document = view.document | {"seams": [], "patches": []}
    pieces = [
        piece for of, (rows, ends) in lists.items() for piece in _pieces(of, rows, ends, known)
    ]
    rest = view.model_copy(update={"document": document, "faces": [], "cells": []})
    rest_out = rest.model_dump(mode="json", exclude={"pieces"})
    return orjson.dumps({**rest_out, "pieces": [dict(piece) for piece in pieces]})


def _ends(places: Sequence[Sequence[str]], size: int) -> list[int]:
    """Where pieces of about so many rows end: the rows' places in the block decide, so that one row
    more leaves the pieces behind it as they were.
    """
    signs = [f"{x} {y}".encode() for x, y in places]
    return [end for end, sign in enumerate(signs, start=1) if crc32(sign) % size == 0]


def _pieces(
    of: ListName, rows: Sequence[Any], ends: Sequence[int], known: Collection[str]
) -> Iterator[PieceOut]:
    for start, end in pairwise([0, *ends, len(rows)]):
        if start == end:
            continue
        text = orjson.dumps(rows[start:end])
        digest = b64encode(blake2b(text, digest_size=12).digest()).decode()
        sent: Any = None if digest in known else orjson.Fragment(text)
        yield PieceOut.model_construct(of=of, name=digest, rows=sent)
