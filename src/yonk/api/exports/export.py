"""What an export is: a file that is made of a block or a quilt and taken along."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import dataclass, field
from typing import Any, Literal

from sqlalchemy.orm import Session

from yonk.api.wire import Model
from yonk.core.paper import Message
from yonk.files.download import File

# The steps in whose menu of files an export may stand.
Menu = Literal["draft", "recipes", "cut", "sew", "measure", "top-cut", "top-sew"]
# What an export needs of what is kept, beside what it is asked for.
KeptNeed = Callable[[Session, Any], Any]


@dataclass(frozen=True, kw_only=True)
class Export:
    """One export.

    Attributes:
        path: its address below ``/api/files/``.
        asked: what is sent to it; it has a `document`.
        make: makes the file of what is asked, and of what is needed in the order of `needs`.
        looked_at: its address below ``/api/preview/``, where its pages can be looked at first.
        menus: what it is called in the menus that it stands in, with its place in each.
    """

    path: str
    asked: type[Model]
    make: Callable[..., File]
    needs: tuple[KeptNeed, ...] = ()
    looked_at: str = ""
    menus: Mapping[Menu, tuple[int, Message]] = field(default_factory=dict)
