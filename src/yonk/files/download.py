"""A file to take along."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from urllib.parse import quote

from yonk.core.table import PrintedSheet


def file_name(name: str) -> str:
    """A name as a file may have it on any system: nothing that parts folders, no way up out of one,
    no sign that cannot be seen.

    >>> file_name("Hut/../Window\\x00.yonk.zip"), file_name("Weir Gate: small.csv")
    ('Hut_.._Window_.yonk.zip', 'Weir Gate_ small.csv')
    """
    plain = "".join(_FORBIDDEN.get(sign, sign) if sign.isprintable() else "_" for sign in name)
    return plain.strip(" .") or "Yonk"


_FORBIDDEN = dict.fromkeys('/\\:*?"<>|', "_")


def attachment(name: str) -> dict[str, str]:
    """The head of an answer that is kept as a file."""
    return {"Content-Disposition": f"attachment; filename*=UTF-8''{quote(file_name(name))}"}


@dataclass(frozen=True)
class File:
    """What is in a file, what kind of file it is, and its name; the sheets on it that come back."""

    content: bytes
    media: str
    name: str
    sheets: Sequence[PrintedSheet] = ()
