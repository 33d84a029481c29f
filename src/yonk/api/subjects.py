"""The subjects of the API, a folder each: this list is what its routes, and what heavy work has
loaded beforehand, are made from.
"""

from __future__ import annotations

import pkgutil
from collections.abc import Iterator
from importlib import import_module

from fastapi import APIRouter

SUBJECTS = (
    "draft",
    "shelf",
    "recipes",
    "finder",
    "exports",
    "cut",
    "sewing",
    "measuring",
    "quilts",
    "top",
    "fabrics",
    "table",
    "sheets",
    "evenings",
    "pattern",
)
_ANSWERS = "answers"  # what is worked out, in a process of its own where it is heavy


def routers() -> Iterator[APIRouter]:
    """The routes of all subjects: of each the modules of its folder that are called so."""
    for subject in SUBJECTS:
        for module in _modules_of(subject):
            if module.endswith("routes"):
                yield import_module(module).router


def worked_out_by() -> list[str]:
    """The modules whose functions heavy work is done by; a subject without answers as a whole."""
    return [
        next((one for one in _modules_of(subject) if one.endswith(f".{_ANSWERS}")), folder)
        for subject in SUBJECTS
        for folder in [f"yonk.api.{subject}"]
    ]


def _modules_of(subject: str) -> list[str]:
    folder = import_module(f"yonk.api.{subject}")
    return [f"{folder.__name__}.{one.name}" for one in pkgutil.iter_modules(folder.__path__)]
