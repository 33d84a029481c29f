"""What the pages say: each text that a page asks for is in the catalogue with just its places, in
every language, and no text is there that no page asks for.
"""

from __future__ import annotations

import re
from pathlib import Path

import pytest

from tests.core.test_messages import ENGLISH, catalogue
from yonk.words.catalogue import FOLDER

PAGES = Path(__file__).parents[2] / "frontend" / "src"
ASKED = re.compile(r'\b(?:say|rich)\(\s*"([\w-]+)"\s*([,)])')
TEXTS = catalogue("en/pages")


def sources() -> list[tuple[str, str]]:
    return [
        (path.name, path.read_text())
        for path in sorted(PAGES.rglob("*.ts*"))
        if path.name != "schema.d.ts"
    ]


def asked() -> dict[str, str]:
    """Each text that a page asks for, and where."""
    return {found[1]: name for name, text in sources() for found in ASKED.finditer(text)}


def test_each_text_that_a_page_asks_for_is_there_and_no_other() -> None:
    assert set(asked()) == set(TEXTS)


def named_at_once(text: str) -> set[str]:
    """The names of an object literal that begins a text, not those of what stands in it."""
    deep, names, fresh = 0, set[str](), False
    for found in re.finditer(r"[({\[]|[)}\]]|,|\"(?:[^\"\\]|\\.)*\"|[\w.]+|\S", text):
        part = found[0]
        if part in "({[":
            deep, fresh = deep + 1, deep == 0
        elif part in ")}]":
            deep -= 1
            if deep == 0:
                return names
        elif deep == 1:
            if fresh:
                names.add(part)
            fresh = part == ","
    return names


def test_the_names_of_an_object_are_read_as_they_stand() -> None:
    text = '{ a, b: say("x", { c: 1, d }), e: one?.f ?? [g, h], i: (j, k) }, l)'
    assert named_at_once(text) == {"a", "b", "e", "i"}


def test_each_text_is_given_just_what_stands_in_it() -> None:
    wrong = [
        f"{name}: {found[1]} {given}"
        for name, text in sources()
        for found in ASKED.finditer(text)
        for given in [named_at_once(text[found.end() :]) if found[2] == "," else set()]
        if given != TEXTS[found[1]]
    ]
    assert wrong == []


@pytest.mark.parametrize("language", ["de"])
def test_another_language_has_every_text_with_the_same_places(language: str) -> None:
    assert catalogue(f"{language}/pages") == TEXTS


def test_the_pages_and_the_core_have_no_name_in_common() -> None:
    assert set(TEXTS) & set(ENGLISH) == set()


@pytest.mark.parametrize("subject", sorted(file.stem for file in (FOLDER / "en").glob("*.ftl")))
def test_everything_is_said_in_german(subject: str) -> None:
    """Whole subjects, so that no page is half in one language and half in another."""
    german = catalogue("de")
    assert [code for code in catalogue("en", f"{subject}.ftl") if code not in german] == []


def test_every_text_of_the_pages_is_kept_in_a_file_of_its_room() -> None:
    for file in sorted((FOLDER / "en" / "pages").glob("*.ftl")):
        names = re.findall(r"^([a-z][\w-]*) =", file.read_text(), re.MULTILINE)
        assert [name for name in names if not name.startswith(f"{file.stem}-")] == []
