"""What goes over the wire of a pattern's list of pieces."""

from __future__ import annotations

from typing import Annotated

from pydantic import Field

from yonk.api.finder.schemas import SettingsIn
from yonk.api.wire import Document, Model, PartOut, Said
from yonk.core.pattern import LineWord

LONGEST_LIST = 6000  # signs: as many lines as are read, of a hundred signs each


class PatternIn(Model):
    """A pattern's list as it was typed or pasted, and the finished width that the pattern tells,
    where it tells one.
    """

    list: Annotated[str, Field(max_length=LONGEST_LIST)]
    settings: SettingsIn = SettingsIn()
    wanted: Annotated[str, Field(max_length=40)] = ""
    name: Annotated[str, Field(max_length=120)] = ""


class PatternLineOut(Model):
    """A line as it was read, and what is said of it."""

    line: int
    read: Said
    word: LineWord
    said: Said


class PatternMadeOut(Model):
    """What comes of some lines: its picture in sample fabrics where it is a unit, in words, and
    what is said of its size; empty where it is as it should be.
    """

    picture: list[PartOut]
    width: float
    height: float
    words: Said
    said: Said


class PatternOut(Model):
    """A list judged: each line, what they make, what it gives as a whole, and the block that it
    fills, where it does.
    """

    lines: list[PatternLineOut]
    made: list[PatternMadeOut]
    said: Said
    right: bool
    draft: Document | None
