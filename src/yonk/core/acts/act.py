"""What an act is, and the list of all of them: every class in this room that is one."""

from __future__ import annotations

from abc import ABC, abstractmethod
from importlib import import_module
from pkgutil import iter_modules

from yonk.core.acts.checks import check_numbers
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft


class Act(ABC):
    """What a quilter can do to a draft. A kind of act is a frozen dataclass in a file of its own;
    `do` names it.

    Lengths and points in it are texts as they were typed or sent; a fault names the field.
    """

    do: str

    @abstractmethod
    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft that comes of it, done at all mates at once. Raises `DraftError` naming the
        field.
        """


def all_acts() -> tuple[type[Act], ...]:
    """The kinds of act there are, in the order of their names."""
    room = __name__.rpartition(".")[0]
    for module in iter_modules(import_module(room).__path__):
        import_module(f"{room}.{module.name}")
    return tuple(sorted(Act.__subclasses__(), key=lambda kind: kind.__name__))


def apply(draft: Draft, act: Act, mates: MatesName = "none") -> Draft:
    """The draft that comes of an act, done at all mates at once.

    Args:
        draft: is never changed.
        act: one of `all_acts`.
        mates: which other places of the block it is done at as well.

    Raises: `DraftError` naming the field and the mend.

    >>> from fractions import Fraction
    >>> from yonk.core.acts.rename import Rename
    >>> one = (Fraction(1),)
    >>> draft = Draft(name="Old", unit="in", width=one[0], height=one[0], columns=one, rows=one)
    >>> apply(draft, Rename(name="Weir  Gate")).name
    'Weir Gate'
    """
    done = act.on(draft, mates)
    check_numbers(done)
    return done
