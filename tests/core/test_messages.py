"""What is said is data: every code that the sources name is in the catalogue with just its places,
and every text of the catalogue can be read out.
"""

from __future__ import annotations

import ast
import re
from collections.abc import Iterator
from fractions import Fraction as F
from pathlib import Path

import pytest
from fluent.syntax import ast as fluent
from fluent.syntax import parse
from fluent.syntax.visitor import Visitor

from yonk.core.paper import ROOT_2, Capital, Decimal, listed, message, sentences, show, show_size
from yonk.words import LANGUAGES, fault_place_words, in_words, speaking
from yonk.words.catalogue import FOLDER

SOURCES = Path(__file__).parents[2] / "src" / "yonk"
# codes that are made of a name: of a setting, a kind of unit, a place
MADE = (
    "column-",
    "figure-",
    "joined-",
    "kind-",
    "mates-",
    "measure-kind-",
    "place-",
    "purpose-",
    "setting-",
    "settings-",
    "sheet-",
    "trade-word-",
)
WITH_BRACES = {"file-holds-no-block", "given-no-object"}  # that talk of JSON
CHOSEN = {"about", "direction", "direction-on-point"}  # by a condition, in the sources


class _Places(Visitor):
    """The names of what stands in a message."""

    def __init__(self) -> None:
        self.found: set[str] = set()

    def visit_VariableReference(self, node: fluent.VariableReference) -> None:  # noqa: N802
        self.found.add(node.id.name)


def catalogue(folder: str, files: str = "*.ftl") -> dict[str, set[str]]:
    """Every code of a folder of the catalogue with its places."""
    found: dict[str, set[str]] = {}
    for file in sorted((FOLDER / folder).glob(files)):
        for entry in parse(file.read_text(encoding="utf-8")).body:
            assert not isinstance(entry, fluent.Junk), f"{file.name}: {entry.content}"
            if isinstance(entry, fluent.Message):
                assert entry.id.name not in found, f"{entry.id.name} is there twice"
                places = _Places()
                places.visit(entry)
                found[entry.id.name] = places.found
    return found


ENGLISH = catalogue("en")


def messages() -> Iterator[tuple[str, str, set[str]]]:
    """Where the sources make a message, its code, and what they fill in."""
    for path in sorted(SOURCES.rglob("*.py")):
        for node in ast.walk(ast.parse(path.read_text())):
            if not (isinstance(node, ast.Call) and isinstance(node.func, ast.Name)):
                continue
            code = node.args[0] if node.func.id == "message" and node.args else None
            if isinstance(code, ast.Constant):
                filled = {one.arg for one in node.keywords}
                if None not in filled:  # some come from a mapping
                    where = f"{path.relative_to(SOURCES)}:{node.lineno}"
                    yield where, str(code.value), {one for one in filled if one}


def test_every_message_is_in_the_catalogue_with_just_its_places() -> None:
    wrong = [f"{where} {code}" for where, code, filled in messages() if ENGLISH.get(code) != filled]
    assert wrong == []


def test_the_catalogue_has_no_text_that_nothing_says() -> None:
    named = {code for _, code, _ in messages()} | {
        text
        for path in SOURCES.rglob("*.py")
        for text in re.findall(r'"([a-z0-9-]+)"', path.read_text())
    }
    assert [code for code in ENGLISH if code not in named and not code.startswith(MADE)] == []
    assert {code for code in CHOSEN if code not in ENGLISH} == set()


@pytest.mark.parametrize("language", LANGUAGES)
def test_every_text_is_read_out(language: str) -> None:
    for code, places in ENGLISH.items():
        for filled in (1, 2, "x"):
            text = in_words(message(code, **dict.fromkeys(places, filled)), language)  # type: ignore[arg-type]
            assert "{" not in text or code in WITH_BRACES, code
            assert "  " not in text, code


def test_another_language_has_no_code_or_place_of_its_own() -> None:
    for language in LANGUAGES:
        for code, places in catalogue(language).items():
            assert places <= ENGLISH[code], f"{language}: {code}"


def test_plurals_are_right() -> None:
    assert [str(message("so-many-blocks", count=n)) for n in (1, 2, 1200)] == [
        "one block",
        "2 blocks",
        "1200 blocks",
    ]


def test_lengths_and_lists_are_written_as_a_language_does() -> None:
    size = show(F(49, 4), "cm")
    assert (in_words(size, "en"), in_words(size, "de")) == ("12.25 cm", "12,25 cm")
    assert in_words(show(F(39, 8), "in"), "de") == "4 7⁄8″"
    assert in_words(show_size(F(4), 3 * ROOT_2, "in"), "en") == "about 4″ × 4 1⁄4″ (4 × 4.243)"
    assert str(listed(["A", "B", "C"])) == "A, B and C"
    assert str(listed(["A", "B", "C"], "each-or")) == "A or B or C"
    assert str(sentences("One.", None, "Two.")) == "One. Two."
    assert str(Capital(message("the-top"))) == "The top"
    assert in_words(Decimal(-0.125, 2), "en") == "−0.12"


def test_a_text_longer_than_the_library_takes_goes_in_whole() -> None:
    """A block of templates names its patches, more than a thousand signs of them."""
    letters = [f"P{number}" for number in range(2000)]
    text = str(
        message("template-needed", count=2000, letters=listed(letters), foundations=0, units="")
    )
    assert text.startswith("Patches P0, P1,") and "P1998 and P1999 cannot be cut" in text


def test_the_language_that_is_spoken_is_used_and_left_again() -> None:
    size = show(F(5, 2), "cm")
    with speaking("de"):
        assert in_words(size) == "2,5 cm" and str(size) == "2.5 cm"
    assert in_words(size) == "2.5 cm"


def test_what_stands_in_a_message_is_marked_where_the_language_is_a_test() -> None:
    said = in_words(message("of-block", block="Weir Gate", notice=message("whole-top")), "xa")
    assert said == "⟦Weir Gate: ⟦the whole top⟧⟧"


def test_signs_that_cannot_be_seen_stand_in_no_message() -> None:
    assert "\ufffd" in str(message("is-no-fabric-of-the-quilt", key="\ud800"))


def test_a_place_is_called_as_a_quilter_calls_it() -> None:
    assert fault_place_words("making.trim_margin") == "trim margin"
    assert fault_place_words("borders.2.width") == "border 2, width"
    assert fault_place_words("seams[3]") == "seam 4"
    assert fault_place_words("setting.half_blocks") == "setting, half blocks"
    assert fault_place_words("") == ""
