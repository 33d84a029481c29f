"""Act: make plain patches of one fabric that lie side by side into one patch each."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Literal, NamedTuple

from yonk.core.acts.act import Act
from yonk.core.acts.laying import spans_at_mates
from yonk.core.acts.mates import MatesName
from yonk.core.acts.rub import without_stretches
from yonk.core.drawing import Span, Spot
from yonk.core.paper import Draft, DraftError, message
from yonk.core.planning import Reading, read


class _Plain(NamedTuple):
    """A plain patch, or several made one: its box in lattice steps, and its fabric."""

    left: int
    top: int
    right: int
    bottom: int
    fabric: str


Side = tuple[Spot, Spot]


@dataclass(frozen=True, kw_only=True)
class Unite(Act):
    """Make plain patches of one fabric in a span that lie side by side into one patch each, where
    that is a square or a rectangle again: the seams between them go.
    """

    do: Literal["unite"] = "unite"
    cell: Span

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` where there are none."""
        reading = read(draft)
        gone = [
            side
            for span, _ in spans_at_mates(draft, self.cell, mates)
            for side in _between(_plain_in(reading, span))
        ]
        if not gone:
            raise DraftError("cell", message("nothing-to-unite"))
        to_grid = reading.drawing.to_grid
        return without_stretches(draft, [(to_grid(start), to_grid(end)) for start, end in gone])


def _plain_in(reading: Reading, span: Span) -> list[_Plain]:
    """The plain patches that lie in a span."""
    (left, top), (right, bottom) = map(reading.drawing.to_lattice, span.corners())
    found = []
    for face, fabric in zip(reading.drawing.faces, reading.fabrics, strict=True):
        x, y, far, low = face.box
        plain = abs(face.twice_area) == 2 * (far - x) * (low - y)
        if plain and left <= x and far <= right and top <= y and low <= bottom:
            found.append(_Plain(x, y, far, low, fabric))
    return found


def _between(plain: list[_Plain]) -> list[Side]:
    """The sides between patches that become one. The longest side goes first, so that long strips
    come of it rather than stairs; of equal ones the topmost, then the one on the left.
    """
    known = set(plain)
    gone: list[Side] = []
    while True:
        by_corner = {(one.left, one.top): one for one in known}
        pairs = [pair for one in known if (pair := _beside(one, by_corner))]
        if not pairs:
            return gone
        one, other, side = max(
            pairs,
            key=lambda pair: (_long(pair[2]), -pair[2][0][1], -pair[2][0][0]),
        )
        known -= {one, other}
        known.add(_Plain(one.left, one.top, other.right, other.bottom, one.fabric))
        gone.append(side)


def _beside(one: _Plain, by_corner: Mapping[Spot, _Plain]) -> tuple[_Plain, _Plain, Side] | None:
    """The patch to the right of one, or below it, with which it makes a rectangle, and the side
    between them: the longer of both.
    """
    found = []
    right = by_corner.get((one.right, one.top))
    if right and right.bottom == one.bottom and right.fabric == one.fabric:
        found.append((one, right, ((one.right, one.top), (one.right, one.bottom))))
    below = by_corner.get((one.left, one.bottom))
    if below and below.right == one.right and below.fabric == one.fabric:
        found.append((one, below, ((one.left, one.bottom), (one.right, one.bottom))))
    return max(found, key=lambda pair: _long(pair[2]), default=None)


def _long(side: Side) -> int:
    (ax, ay), (bx, by) = side
    return abs(bx - ax) + abs(by - ay)
