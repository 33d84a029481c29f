"""What is said, as data: codes of the catalogue and what stands in their places. Sentences are made
of it at the border, for screen, paper and command line, in the language that is spoken there.
"""

from __future__ import annotations

from collections.abc import Callable, Iterable
from dataclasses import dataclass
from datetime import date
from typing import Any, ClassVar, Literal

from yonk.core.paper.length import Length, Rational

Between = Literal[
    "and",  # a, b and c
    "or",
    "each-and",  # a and b and c
    "each-or",
    "comma-or",
    "semicolon-or",
    "comma",
    "semicolon",
    "sentences",
    "times",
    "plus",
    "nothing",
]


Speaker = Callable[[Any], str]  # makes a text of what is said


class _Said:
    """What a text can be made of. As a `str` it is English, whatever is spoken: by that a log is
    read, and marks of what was done are made.
    """

    __slots__ = ()
    speaker: ClassVar[Speaker]

    def __str__(self) -> str:
        return _Said.speaker(self)


def speak_by(speaker: Speaker) -> None:
    """Whose sentences texts are made of."""
    _Said.speaker = speaker


@dataclass(frozen=True, slots=True)
class Message(_Said):
    """A sentence, or a part of one: its `code` in the catalogue, and by name what stands in it."""

    code: str
    parameters: tuple[tuple[str, Text], ...] = ()

    __str__ = _Said.__str__


@dataclass(frozen=True, slots=True)
class Measure(_Said):
    """A length, or some sides of a thing, for people, in `unit`; `exact` as decimals tell it, for
    the working of a number, else as a ruler is read.
    """

    sides: tuple[Length | Rational, ...]
    unit: str
    exact: bool = False

    __str__ = _Said.__str__


@dataclass(frozen=True, slots=True)
class Decimal(_Said):
    """A number with so many decimal places at most; `fixed` where it has all of them."""

    value: float
    places: int = 0
    fixed: bool = False

    __str__ = _Said.__str__


@dataclass(frozen=True, slots=True)
class Day(_Said):
    """A day of the calendar."""

    value: date

    __str__ = _Said.__str__


@dataclass(frozen=True, slots=True)
class Several(_Said):
    """Some texts, one after the other."""

    parts: tuple[Text, ...]
    joined: Between = "and"

    __str__ = _Said.__str__


@dataclass(frozen=True, slots=True)
class Capital(_Said):
    """A text with a capital in front."""

    what: Text

    __str__ = _Said.__str__


Text = str | int | Message | Measure | Decimal | Day | Several | Capital


def message(code: str, /, **parameters: Text) -> Message:
    """A message by its code, with what stands in it.

    >>> message("need-lines", lines=3)
    Message(code='need-lines', parameters=(('lines', 3),))
    """
    return Message(code, tuple(parameters.items()))


def listed(parts: Iterable[Text], joined: Between = "and") -> Several:
    """Some texts one after the other, at least one.

    >>> listed(["A", "B"]).parts
    ('A', 'B')
    """
    return Several(tuple(parts), joined)


def sentences(*parts: Text | None) -> Several:
    """Sentences one after the other, without those that there are not."""
    return Several(tuple(part for part in parts if part is not None), "sentences")
