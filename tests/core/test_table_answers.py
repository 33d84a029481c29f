"""The figures and words that stand in the core's tables are the ones that were meant.

Each is a rule by itself, from the sources that its module names: what a fabric's usable width is
taken to be, how many patches there may be at most, how a way is called. One that changes by a slip
shows here; one that is changed on purpose is kept anew.
"""

from __future__ import annotations

import importlib
import pkgutil
from collections.abc import Iterator, Mapping
from dataclasses import MISSING, fields, is_dataclass
from fractions import Fraction
from types import FunctionType, ModuleType
from typing import Any

from tests.core.kept import again, keep_anew
from yonk import core

PLAIN = str | int | float | Fraction | bool | None


def modules() -> Iterator[ModuleType]:
    for found in pkgutil.walk_packages(core.__path__, f"{core.__name__}."):
        yield importlib.import_module(found.name)


def is_plain(value: Any) -> bool:
    """Whether a value is made of figures and words alone, or of what is made of them."""
    if isinstance(value, Mapping):
        return all(is_plain(part) for pair in value.items() for part in pair)
    if isinstance(value, tuple | list | set | frozenset):
        return all(map(is_plain, value))
    if is_dataclass(value) and not isinstance(value, type):
        return all(is_plain(getattr(value, one.name)) for one in fields(value))
    return isinstance(value, PLAIN)


def tables() -> Iterator[tuple[str, Any]]:
    for module in modules():
        place = module.__name__.removeprefix("yonk.core.")
        for name, value in vars(module).items():
            if name.isupper() and is_plain(value):
                yield f"{place}.{name}", value


def defaults() -> Iterator[tuple[str, Any]]:
    for module in modules():
        for name, kind in vars(module).items():
            if isinstance(kind, type) and is_dataclass(kind) and is_own(kind, module):
                given = {
                    one.name: one.default
                    for one in fields(kind)
                    if one.default is not MISSING and is_plain(one.default)
                }
                if given:
                    yield f"{module.__name__.removeprefix('yonk.core.')}.{name}", given


def usual() -> Iterator[tuple[str, Any]]:
    for module in modules():
        own = [one for one in vars(module).values() if is_own(one, module)]
        kinds = [one for one in own if isinstance(one, type)]
        own += [one for kind in kinds for one in vars(kind).values()]
        for work in own:
            work = getattr(work, "__wrapped__", work)
            if isinstance(work, FunctionType) and (work.__defaults__ or work.__kwdefaults__):
                given = [*(work.__defaults__ or ()), *(work.__kwdefaults__ or {}).values()]
                name = f"{module.__name__.removeprefix('yonk.core.')}.{work.__qualname__}"
                yield name, [one for one in given if is_plain(one)]


def is_own(value: Any, module: ModuleType) -> bool:
    return getattr(value, "__module__", "") == module.__name__


def test_what_is_usual_where_nothing_is_said() -> None:
    again(usual)


def test_tables() -> None:
    again(tables)


def test_defaults() -> None:
    again(defaults)


SORTS = (tables, defaults, usual)

if __name__ == "__main__":
    keep_anew(SORTS)
