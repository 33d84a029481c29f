"""The examples in the core's own words hold."""

from __future__ import annotations

import doctest
from importlib import import_module
from pkgutil import walk_packages

import pytest

import yonk.core

MODULES = [found.name for found in walk_packages(yonk.core.__path__, "yonk.core.")]


@pytest.mark.parametrize("name", MODULES)
def test_the_examples_of_a_module_hold(name: str) -> None:
    assert doctest.testmod(import_module(name)).failed == 0


def test_there_are_examples() -> None:
    finder = doctest.DocTestFinder()
    found = [one for name in MODULES for one in finder.find(import_module(name)) if one.examples]
    assert len(found) >= 15
