"""What an act of a quilt is, and the list of all of them: every class in this folder that is one.

Lengths are texts as typed; a fault names the field. An act tells only what changes, since another
may still be under way.
"""

from __future__ import annotations

from abc import ABC, abstractmethod
from importlib import import_module
from pkgutil import iter_modules

from yonk.core.setting.quilt import Quilt


class QuiltAct(ABC):
    """What a quilter can do to a quilt; `do` names it."""

    do: str

    @abstractmethod
    def on(self, quilt: Quilt) -> Quilt:
        """The quilt that comes of it. Raises `DraftError` naming the field."""


def apply_to_quilt(quilt: Quilt, act: QuiltAct) -> Quilt:
    """The quilt that comes of an act.

    Args:
        quilt: is never changed.
        act: one of `all_quilt_acts`.

    Raises: `DraftError` naming the field and the mend.
    """
    return act.on(quilt)


def all_quilt_acts() -> tuple[type[QuiltAct], ...]:
    """The kinds of act there are, in the order of their names."""
    room = __name__.rpartition(".")[0]
    for module in iter_modules(import_module(room).__path__):
        import_module(f"{room}.{module.name}")
    return tuple(sorted(QuiltAct.__subclasses__(), key=lambda kind: kind.__name__))
