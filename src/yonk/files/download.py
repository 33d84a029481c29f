"""A file to take along."""

from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True)
class File:
    """What is in a file, what kind of file it is, and its name."""

    content: bytes
    media: str
    name: str
