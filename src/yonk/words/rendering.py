"""Sentences of what is said: for screen, paper and command line."""

from __future__ import annotations

from functools import lru_cache
from typing import Any

from babel.dates import format_date
from fluent.runtime.types import fluent_number

from yonk.core.paper import Capital, Day, Decimal, Measure, Message, Several, Text, seen, speak_by
from yonk.words.catalogue import bundle_of
from yonk.words.language import CATALOGUE_OF, DAY, MARKED, Language, language_now
from yonk.words.lengths import is_read_exactly, measure_at_a_glance, measure_exactly, number

_BETWEEN = {
    "comma": ", ",
    "semicolon": "; ",
    "sentences": " ",
    "times": " × ",
    "plus": " + ",
    "nothing": "",
}


def in_words(said: Text, language: Language | None = None) -> str:
    """A text in a language, that which is spoken now where none is given.

    Args:
        said: a message, a length, several of them, or a text that is a name already.

    Raises: `KeyError` for a message that is not in the catalogue, or for one whose places are not
    all filled.
    """
    if isinstance(said, str):
        return said
    return _rendered(said, language or language_now())


# a plan says the same of many pieces, and an edit leaves most of what is said as it was
@lru_cache(maxsize=20_000)
def _rendered(said: Text, language: Language) -> str:
    match said:
        case Message():
            return _marked(formatted(said.code, language, **dict(said.parameters)), language)
        case Measure():
            return _measure(said, language)
        case Decimal():
            return number(said, language)
        case Day():
            return format_date(said.value, DAY[language], CATALOGUE_OF[language])
        case Several():
            return _marked(_several(said, language), language)
        case Capital():
            text = in_words(said.what, language)
            return text[:1].upper() + text[1:]
    return str(said)


def _marked(text: str, language: Language) -> str:
    return f"⟦{text}⟧" if language in MARKED else text


def formatted(code: str, language: Language, **parameters: Text) -> str:
    """What the catalogue has for a code, its places filled.

    The library fills in no text longer than a thousand signs, as the letters of a thousand patches
    are: such a one goes in afterwards, in the place of a sign that nobody writes.
    """
    bundle = bundle_of(language)
    found = bundle.get_message(code)  # raises where there is none
    filled: dict[str, Any] = {}
    long: list[str] = []
    for name, value in parameters.items():
        if isinstance(value, int):  # chooses plurals; written as typed, not in groups of three
            filled[name] = fluent_number(value, useGrouping=False)
            continue
        text = seen(in_words(value, language))
        if len(text) > _LONG:
            long.append(text)
            text = chr(_PLACES + len(long))
        filled[name] = text
    assert found.value is not None, f"{code} has no text"
    pattern, faults = bundle.format_pattern(found.value, filled)
    if faults:
        raise KeyError(f"{code}: {faults}")
    made = str(pattern)
    for place, part in enumerate(long, start=1):
        made = made.replace(chr(_PLACES + place), part)
    return made


_LONG = 900  # signs; the library takes no more than a thousand
_PLACES = 0xE000  # the first of the signs that no script has


def _measure(measure: Measure, language: Language) -> str:
    if measure.exact or all(is_read_exactly(side, measure.unit) for side in measure.sides):
        return measure_exactly(measure, language)
    near, exact = measure_at_a_glance(measure, language)
    return formatted("about", language, near=near, exact=exact)


def _several(said: Several, language: Language) -> str:
    parts = [in_words(part, language) for part in said.parts]
    if said.joined in _BETWEEN:
        return _BETWEEN[said.joined].join(parts)
    *most, last = parts
    if not most:
        return last
    if said.joined in ("and", "or"):
        before = ", ".join(most)
        return formatted(f"joined-{said.joined}", language, before=before, last=last)
    joined = parts[0]
    for part in parts[1:]:
        joined = formatted(f"joined-{said.joined}", language, before=joined, last=part)
    return joined


speak_by(lambda said: in_words(said, "en"))
