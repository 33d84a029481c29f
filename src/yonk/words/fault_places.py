"""Where something is wrong, in words: the place of a fault as a quilter calls it."""

from __future__ import annotations

import re

from yonk.core.paper import SETTINGS
from yonk.words.catalogue import has_message
from yonk.words.language import NOUNS_HAVE_CAPITALS, Language, language_now
from yonk.words.rendering import formatted, in_words

_LEFT_OUT = frozenset(("making", "settings", "document", "acts", "block"))


def fault_place_words(place: str, language: Language | None = None) -> str:
    """The place of a fault in words; a number in brackets counts from nought.

    >>> fault_place_words("making.trim_margin"), fault_place_words("borders.2.width")
    ('trim margin', 'border 2, width')
    >>> fault_place_words("seams[3]"), fault_place_words("setting.half_blocks")
    ('seam 4', 'setting, half blocks')
    >>> fault_place_words("")
    ''
    """
    spoken = language or language_now()
    found: list[str] = []
    before = ""
    for part in re.findall(r"\[\d+\]|[^.\[\]]+", place):
        number = _number(part)
        if number is not None and before:
            found[-1] = _numbered(before, number, spoken)
        elif number is not None:
            found.append(str(number))
        elif part not in _LEFT_OUT:
            found.append(_called(part, spoken))
        before = part if number is None and part not in _LEFT_OUT else ""
    return ", ".join(found)


def _number(part: str) -> int | None:
    if part.startswith("["):
        return int(part[1:-1]) + 1
    return int(part) if part.isdecimal() else None


def _called(part: str, language: Language) -> str:
    """A place by its field: as the catalogue has it, as the setting is called, or as it is."""
    code = _code(part)
    if has_message(code, language):
        return formatted(code, language)
    if part in SETTINGS:
        label = in_words(SETTINGS[part].label, language)
        return label if language in NOUNS_HAVE_CAPITALS else label[:1].lower() + label[1:]
    return _plain(part)


def _numbered(part: str, number: int, language: Language) -> str:
    code = f"{_code(part)}-numbered"
    if has_message(code, language):
        return formatted(code, language, number=number)
    called = _called(part, language)
    one = called.removesuffix("es") if called.endswith("ches") else called.removesuffix("s")
    return f"{one} {number}"


def _code(part: str) -> str:
    return "place-" + re.sub(r"[^a-z0-9]+", "-", part.lower()).strip("-")


def _plain(part: str) -> str:
    return part.replace("_", " ").replace("-", " ")
