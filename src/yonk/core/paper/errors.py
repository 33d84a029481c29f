"""The one family of errors: what Yonk cannot do, told so that it can be mended."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any, ClassVar, Literal

from yonk.core.paper.messages import Message, Text

FaultCode = Literal[
    "bad-document",
    "bad-request",
    "not-found",
    "not-allowed",
    "not-signed-in",
    "not-yours",
    "too-often",
    "deleted",
    "old-revision",
    "too-large",
    "too-much",
    "foreign",
    "database",
    "busy",
    "unforeseen",
]


def seen(text: str) -> str:
    """The text with a mark for every sign that cannot be seen, and so cannot be sent or printed."""
    if text.isprintable():
        return text
    return "".join(sign if sign.isprintable() else "\ufffd" for sign in text)


@dataclass(frozen=True)
class Fault:
    """One thing that is wrong: its place, and what is wrong there and would mend it."""

    place: str
    message: Text

    def __post_init__(self) -> None:
        object.__setattr__(self, "place", seen(self.place))

    def __str__(self) -> str:
        return f"{self.place}: {self.message}" if self.place else str(self.message)


class YonkError(Exception):
    """What Yonk cannot do: its faults, and a `code` for its sort.

    An error crosses from one process to another as it was: `given` is what it was made from.
    """

    code: ClassVar[FaultCode] = "bad-request"

    def __init__(self, *faults: Fault, given: tuple[Any, ...] | None = None) -> None:
        super().__init__(faults)
        self.faults = faults
        self.given = faults if given is None else given

    def __str__(self) -> str:
        return "\n".join(map(str, self.faults))

    def __reduce__(self) -> tuple[type[YonkError], tuple[Any, ...]]:
        return type(self), self.given


class MessageError(YonkError):
    """An error of one sentence that has no place: what is wrong and would mend it."""

    def __init__(self, message: Text) -> None:
        super().__init__(Fault("", message), given=(message,))

    @property
    def message(self) -> Text:
        """What is wrong and would mend it."""
        return self.faults[0].message


class ToldError(YonkError):
    """An error that says always the same, its `text`; it is made from what it is about."""

    text: ClassVar[Message]

    def __init__(self, *about: Any) -> None:
        super().__init__(Fault("", self.text), given=about)
