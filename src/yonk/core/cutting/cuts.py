"""Cuts: the needs of all recipes on the ruler, alike ones gathered into one row."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.recipes import Recipe
from yonk.core.units.needs import YIELDS, CutShape, Hand, Need, Outline, Rotary, Subcut


@dataclass(frozen=True)
class Purpose:
    """What a cut is for: the labels of the units, the letter of the patch, its part, and the pieces wanted of it."""

    units: tuple[str, ...]
    letter: str
    role: str
    pieces: int
    working: tuple[str, ...]


@dataclass(frozen=True)
class Cut:
    """So many alike cuts of one fabric. Cut sizes on the ruler, in the draft's unit."""

    fabric: str
    shape: CutShape
    width: Fraction
    height: Fraction
    subcut: Subcut
    count: int
    purposes: tuple[Purpose, ...]
    diagonals: tuple[tuple[Hand, int], ...] = ()
    outline: Outline = ()
    rotary: Rotary | None = None
    corners_off: tuple[Fraction, ...] = ()
    segment: Fraction | None = None

    @property
    def signature(self) -> str:
        """What the cut is, whatever it is for and how many: alike cuts of two plans have the same."""
        letter = self.purposes[0].letter if self.shape == "template" else ""
        return "|".join((self.fabric, self.shape, str(self.width), str(self.height), self.subcut, letter))

    @property
    def units(self) -> tuple[str, ...]:
        """The labels of the units it is for."""
        labels = {label for purpose in self.purposes for label in purpose.units}
        return tuple(sorted(labels, key=int))

    @property
    def yields(self) -> int:
        """How many pieces the cuts give."""
        return self.count * YIELDS[self.subcut]

    @property
    def spare_pieces(self) -> int:
        """How many of those are left over."""
        return self.yields - sum(purpose.pieces for purpose in self.purposes)


def cutting_list(recipes: Iterable[Recipe], step: Fraction) -> tuple[Cut, ...]:
    """All cuts: by fabric in the order of first need, the widest first. Pieces of alike cuts are counted together."""
    rows: dict[tuple[object, ...], list[tuple[Recipe, Need]]] = {}
    order: dict[str, int] = {}
    for recipe in recipes:
        for need in recipe.needs:
            order.setdefault(need.fabric, len(order))
            width, height = need.rounded(step)
            template = need.letter if need.shape == "template" else None
            off = tuple(length.nearest(step) for length in need.corners_off)
            key = need.fabric, need.shape, width, height, need.subcut, template, off
            rows.setdefault(key, []).append((recipe, need))
    cuts = [_cut(needs, step) for needs in rows.values()]
    return tuple(
        sorted(cuts, key=lambda cut: (order[cut.fabric], cut.shape != "strip", -cut.height, -cut.width, cut.subcut))
    )


def _cut(needs: list[tuple[Recipe, Need]], step: Fraction) -> Cut:
    first = needs[0][1]
    width, height = first.rounded(step)
    hands = _by_hand(need for _, need in needs)
    purposes: dict[tuple[object, ...], Purpose] = {}
    for recipe, need in needs:
        key = recipe.serves, need.letter, need.role, need.working
        pieces = need.pieces + (purposes[key].pieces if key in purposes else 0)
        purposes[key] = Purpose(recipe.serves, need.letter, need.role, pieces, need.working)
    return Cut(
        fabric=first.fabric, shape=first.shape, width=width, height=height, subcut=first.subcut,
        count=sum(hands.values()), purposes=tuple(purposes.values()), outline=first.outline, rotary=first.rotary,
        diagonals=tuple((hand, count) for hand, count in hands.items() if hand),
        corners_off=tuple(length.nearest(step) for length in first.corners_off),
        segment=first.segment.nearest(step) if first.segment else None,
    )  # fmt: skip


def _by_hand(needs: Iterable[Need]) -> dict[Hand | None, int]:
    """How many cuts give the pieces wanted, for each hand of a diagonal on its own."""
    pieces: dict[Hand | None, int] = {}
    per_cut = 1
    for need in needs:
        pieces[need.diagonal] = pieces.get(need.diagonal, 0) + need.pieces
        per_cut = YIELDS[need.subcut]
    return {hand: -(-count // per_cut) for hand, count in pieces.items()}
