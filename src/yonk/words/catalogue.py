"""The catalogue: every sentence by its code, a folder of Fluent files for each language."""

from __future__ import annotations

from functools import cache
from pathlib import Path

from fluent.runtime import FluentBundle, FluentResource

from yonk.words.language import CATALOGUE_OF, Language

FOLDER = Path(__file__).parent


@cache
def bundle_of(language: Language) -> FluentBundle:
    """All messages of a language; those that are not translated yet are the English ones.

    Marks of direction are left out: every language here is written from left to right, and texts
    are compared and printed.
    """
    bundle = FluentBundle([CATALOGUE_OF[language]], use_isolating=False)
    for folder in dict.fromkeys(("en", CATALOGUE_OF[language])):
        for file in sorted((FOLDER / folder).glob("*.ftl")):
            resource = FluentResource(file.read_text(encoding="utf-8"))
            bundle.add_resource(resource, allow_overrides=folder != "en")
    return bundle


def has_message(code: str, language: Language) -> bool:
    """Whether the catalogue has a text for a code."""
    return bundle_of(language).has_message(code)
