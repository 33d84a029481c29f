"""One name for one thing: no public name is defined twice."""

from __future__ import annotations

import ast
import re
from collections import defaultdict
from collections.abc import Iterator
from pathlib import Path

from yonk.core.paper import TRADE_WORDS, trade_word

SOURCES = Path(__file__).parents[2] / "src" / "yonk"
DOCS = Path(__file__).parents[2] / "docs"

# A route, or a command, is called as what it asks for: `cut` of the routes asks for `cut` of the
# answers. So they are not counted, nor is what the tool of the migrations prescribes.
REGISTERED = {"router", "EXPORT"}  # what a registry looks for in each of its files
ROUTED = ("router.", "main.command", "account.command")


def _names(statement: ast.stmt) -> Iterator[str]:
    if isinstance(statement, ast.FunctionDef | ast.AsyncFunctionDef | ast.ClassDef):
        if not any(ast.unparse(one).startswith(ROUTED) for one in statement.decorator_list):
            yield statement.name
    elif isinstance(statement, ast.Assign):
        yield from (one.id for one in statement.targets if isinstance(one, ast.Name))
    elif isinstance(statement, ast.AnnAssign) and isinstance(statement.target, ast.Name):
        yield statement.target.id


def told_twice(sources: Path) -> dict[str, list[str]]:
    """The public names of modules that are defined more than once, and where."""
    places: dict[str, list[str]] = defaultdict(list)
    for path in sorted(sources.rglob("*.py")):
        if "migrations" in path.parts:
            continue
        for statement in ast.parse(path.read_text()).body:
            for name in _names(statement):
                if not name.startswith("_") and name not in REGISTERED:
                    places[name].append(f"{path.relative_to(sources)}:{statement.lineno}")
    return {name: where for name, where in places.items() if len(where) > 1}


def test_no_public_name_is_defined_twice() -> None:
    assert told_twice(SOURCES) == {}


def test_a_name_that_is_defined_twice_is_found(tmp_path: Path) -> None:
    (tmp_path / "one.py").write_text("class Side: ...\n_LEAST = 1\n\ndef lying(): ...\n")
    (tmp_path / "two.py").write_text(
        'Side = int\n_LEAST = 2\n\n@router.get("/")\ndef lying(): ...\n'
    )
    assert told_twice(tmp_path) == {"Side": ["one.py:1", "two.py:1"]}


def _rows() -> list[list[str]]:
    lines = (DOCS / "glossary.md").read_text().splitlines()
    rows = [[cell.strip() for cell in line.strip("|").split("|")] for line in lines if "|" in line]
    return rows[2:]


def _known() -> set[str]:
    """Every name that a module or a class of the program has."""
    known = set()
    for path in SOURCES.rglob("*.py"):
        known.add(path.stem)
        for node in ast.walk(ast.parse(path.read_text())):
            if isinstance(node, ast.ClassDef):
                known |= {f"{node.name}.{name}" for one in node.body for name in _names(one)}
            if isinstance(node, ast.stmt):
                known |= set(_names(node))
    return known


def test_the_glossary_names_what_the_code_has() -> None:
    told = {name for row in _rows() for name in re.findall(r"`([^`]+)`", row[1])}
    assert told - _known() == set()


def test_the_glossary_has_every_word_that_the_screen_explains() -> None:
    words = {str(trade_word(one)[0]) for one in TRADE_WORDS}
    assert words - {row[0] for row in _rows()} == set()


def test_every_room_is_named_where_the_house_is_described() -> None:
    described = (DOCS / "architecture.md").read_text()
    rooms = [path.parent for path in SOURCES.glob("**/__init__.py") if path.parent != SOURCES]
    assert [room.name for room in rooms if f"`{room.name}`" not in described] == []
