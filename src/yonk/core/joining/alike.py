"""Alike joins: the same two pieces in the same fabrics, however they are turned, so that they can
be sewn in one chain.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from functools import cached_property

from yonk.core.drawing import Ring
from yonk.core.joining.joins import Join, Joining

Token = tuple[int, int, int]
TokenSide = tuple[Token, ...]


@dataclass(frozen=True)
class Likeness:
    """What a join is: alike for joins alike. `swapped` tells that the second part comes first in
    it, `even` that the two sides are the same turned.
    """

    key: tuple[TokenSide, TokenSide]
    swapped: bool
    even: bool


class Likenesses:
    """The likeness of each join of a block; patches are alike in shape and fabric."""

    def __init__(self, joining: Joining, fabrics: Sequence[str]) -> None:
        self.joining, self.fabrics = joining, fabrics
        self._names: dict[tuple[Ring, str], int] = {}
        self._found: dict[int, Likeness] = {}

    def of(self, join: Join) -> Likeness:
        """The likeness of a join."""
        if join.number not in self._found:
            self._found[join.number] = self._look(join)
        return self._found[join.number]

    @cached_property
    def _tokens(self) -> list[list[Token]]:
        """Of each patch under each quarter turn: its shape and fabric, and where its box begins."""
        turns: list[list[Token]] = []
        rings = [face.ring for face in self.joining.faces]
        for _ in range(4):
            turns.append([*map(self._token, rings, self.fabrics)])
            rings = [tuple((-y, x) for x, y in ring) for ring in rings]
        return turns

    def _token(self, ring: Ring, fabric: str) -> Token:
        left, top = min(x for x, _ in ring), min(y for _, y in ring)
        moved = [(x - left, y - top) for x, y in ring]
        least = moved.index(min(moved))
        outline = tuple(moved[least:] + moved[:least])
        return self._names.setdefault((outline, fabric), len(self._names)), left, top

    def _look(self, join: Join) -> Likeness:
        one, other = (self.joining.order.faces(part) for part in join.of)
        straight, swapped = [], []
        for tokens in self._tokens:
            first, second = [tokens[face] for face in one], [tokens[face] for face in other]
            left = min(x for _, x, _ in (*first, *second))
            top = min(y for _, _, y in (*first, *second))
            sides = _from(first, left, top), _from(second, left, top)
            straight.append(sides)
            swapped.append(sides[::-1])
        least, turned = min(straight), min(swapped)
        return Likeness(min(least, turned), turned < least, turned == least)


def _from(tokens: Sequence[Token], left: int, top: int) -> TokenSide:
    return tuple(sorted((name, x - left, y - top) for name, x, y in tokens))
