"""The languages that Yonk speaks, and which one is spoken now."""

from __future__ import annotations

from collections.abc import Iterator
from contextlib import contextmanager
from contextvars import ContextVar
from typing import Literal, get_args

# `xa` marks each text that comes out of the catalogue, so that a test sees one that does not
Language = Literal["en", "de", "xa"]
LANGUAGES: tuple[Language, ...] = get_args(Language)
CATALOGUE_OF: dict[Language, str] = {"en": "en", "de": "de", "xa": "en"}
# as those call it who speak it; `xa` is no language that can be chosen
SPOKEN_AS: dict[Language, str] = {"en": "English", "de": "Deutsch"}
DAY: dict[Language, str] = {"en": "dd MMMM yyyy", "de": "d. MMMM yyyy", "xa": "dd MMMM yyyy"}
DECIMAL_MARK: dict[Language, str] = {"en": ".", "de": ",", "xa": "."}

NOUNS_HAVE_CAPITALS: frozenset[Language] = frozenset(("de",))
MARKED: frozenset[Language] = frozenset(("xa",))

_now: ContextVar[Language] = ContextVar("language", default="en")


def language_now() -> Language:
    """The language that is spoken now."""
    return _now.get()


@contextmanager
def speaking(language: Language) -> Iterator[None]:
    """Another language for a while."""
    before = _now.set(language)
    try:
        yield
    finally:
        _now.reset(before)
