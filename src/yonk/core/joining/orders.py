"""The order in which cells are joined: by rows, by columns, by quarters, or by columns in one chain
over all rows.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import Any

from yonk.core.drawing import AssemblyNode, Cells, Cornered, Region, Whole, wholes
from yonk.core.joining.touching import Touch, touches
from yonk.core.joining.tree import JoiningOrder, Pair, Tree, in_order
from yonk.core.joining.units import UnitJoining, UnitTurns, matched, sew_unit, template_of
from yonk.core.paper import ORDERS, OrderName
from yonk.core.planning import Reading, UnitGroup

LatticeBox = tuple[int, int, int, int]


@dataclass(frozen=True)
class CellPart:
    """A part of the block that comes apart into cells: its box in lattice steps, how many cells it
    has, and the orders in which they can be joined.
    """

    box: LatticeBox
    columns: int
    rows: int
    orders: tuple[OrderName, ...]


def parts_with_orders(reading: Reading) -> tuple[CellPart, ...]:
    """The parts of a block whose cells can be joined in more than one order, the block itself
    first where it is one.
    """
    found: list[CellPart] = []
    waiting: list[AssemblyNode[Any]] = [reading.assembly]
    while waiting:
        node = waiting.pop(0)
        if isinstance(node, Whole):
            waiting += [node.middle] if node.middle else []
            continue
        if isinstance(node, Cornered):
            waiting.append(node.middle)
            continue
        orders = orders_of(node)
        if len(orders) > 1:
            found.append(CellPart(box_of(node.region, reading), node.columns, node.rows, orders))
        waiting += node.parts
    return tuple(found)


def orders_of(node: Cells[Any]) -> tuple[OrderName, ...]:
    """The orders in which the cells of a region can be joined; one for a single row or column."""
    if node.rows == 1 or node.columns == 1:
        return ("rows",)
    halved = _middle(node.region.upright_cuts, node.region.width) and _middle(
        node.region.level_cuts, node.region.height
    )
    return ORDERS if halved else ("rows", "columns", "chained")


def _middle(cuts: Sequence[int], reach: int) -> bool:
    return reach % 2 == 0 and reach // 2 in cuts


def box_of(region: Region, reading: Reading) -> LatticeBox:
    """The upright box of a region in the block: left, top, right, bottom."""
    rings = [reading.drawing.faces[piece.face].ring for piece in region.pieces]
    across, down = zip(*(spot for ring in rings for spot in ring), strict=True)
    return min(across), min(down), max(across), max(down)


def joining_order(
    reading: Reading,
    order: OrderName = "rows",
    of_parts: Mapping[LatticeBox, OrderName] | None = None,
) -> tuple[JoiningOrder, tuple[Touch, ...]]:
    """How a block is joined.

    Args:
        reading: the block as it was read.
        order: in which its cells are joined, wherever they can be.
        of_parts: the order of a part, by its box, where another is chosen for it.

    Returns: the order, and the stretches of seam that it sews.

    Source: the joining order of `docs/sewing.md`.
    """
    beside = touches(reading.drawing.faces)
    maker = _Maker(reading, order, of_parts or {}, beside)
    maker.make(reading.assembly)
    return in_order(maker.tree), beside


class _Maker:
    def __init__(
        self,
        reading: Reading,
        order: OrderName,
        of_parts: Mapping[LatticeBox, OrderName],
        beside: Sequence[Touch],
    ) -> None:
        self.reading, self.order, self.of_parts = reading, order, of_parts
        self.tree = Tree(len(reading.drawing.faces))
        self.rows = 0
        self.templates: dict[str, tuple[UnitJoining, dict[Any, int]]] = {}
        self.group_of_face = reading.group_of_face
        self.between: dict[int, list[Touch]] = {face: [] for face in range(self.tree.leaves)}
        for touch in beside:
            self.between[touch.left].append(touch)
            self.between[touch.right].append(touch)
        self.middles = {
            _own(whole)[0]: tuple(piece.face for piece in whole.middle.region.pieces)
            for whole in wholes(reading.assembly)
            if whole.middle
        }

    def make(self, node: AssemblyNode[Any]) -> int:
        """Adds the joins of a node to the tree. Returns the number of what they make."""
        made = self._made(node)
        self.tree.checkpoints.add(made)
        return made

    def _made(self, node: AssemblyNode[Any]) -> int:
        if isinstance(node, Whole):
            middle = self.make(node.middle) if node.middle else None
            return self._unit(_own(node), middle)
        if isinstance(node, Cornered):
            return self._round(node)
        cells = [self.make(part) for part in node.parts]
        order = self.of_parts.get(box_of(node.region, self.reading), self.order)
        if order not in orders_of(node):
            order = "rows"
        lines = [
            cells[start : start + node.columns] for start in range(0, len(cells), node.columns)
        ]
        if order == "quarters":
            across = (0, *node.region.upright_cuts, node.region.width)
            down = (0, *node.region.level_cuts, node.region.height)
            return self._quarters(lines, across, down)
        if order == "chained":
            return self._chained(lines)
        return self._lines(lines if order == "rows" else [*map(list, zip(*lines, strict=True))])

    def _round(self, node: Cornered[Any]) -> int:
        """The corners round the middle: two opposite ones first, so that each seam runs from edge
        to edge.
        """
        made = self.make(node.middle)
        first, second, third, fourth = (self.make(corner) for corner in node.corners)
        for corner in (first, third, second, fourth):
            made = self.tree.sew(Pair(made, corner))
        return made

    def _lines(self, lines: Sequence[Sequence[int]]) -> int:
        made = []
        for line in lines:
            self.rows += 1
            made.append(self.tree.in_strips(line, self.rows))
        self.tree.checkpoints.update(made)
        return self.tree.in_strips(made)

    def _chained(self, lines: Sequence[Sequence[int]]) -> int:
        """The second column onto the first for every row in one chain, its threads left as hinges,
        then the third, and so on; then across.
        """
        made = [line[0] for line in lines]
        rows = [self.rows + number for number in range(1, len(lines) + 1)]
        self.rows += len(lines)
        for column in range(1, len(lines[0])):
            for number, line in enumerate(lines):
                made[number] = self.tree.sew(Pair(made[number], line[column], row=rows[number]))
        self.tree.checkpoints.update(made)
        return self.tree.in_strips(made)

    def _quarters(
        self, lines: Sequence[Sequence[int]], across: Sequence[int], down: Sequence[int]
    ) -> int:
        """Four quarters, each of quarters again where it can be."""
        wide, high = across[0] + across[-1], down[0] + down[-1]
        halved = wide % 2 == 0 and high % 2 == 0
        if not (halved and wide // 2 in across and high // 2 in down):
            return self._lines(lines)
        column, row = across.index(wide // 2), down.index(high // 2)
        halves = []
        for some, some_down in ((lines[:row], down[: row + 1]), (lines[row:], down[row:])):
            left = self._quarters([line[:column] for line in some], across[: column + 1], some_down)
            right = self._quarters([line[column:] for line in some], across[column:], some_down)
            self.tree.checkpoints.update((left, right))
            halves.append(self.tree.sew(Pair(left, right)))
        return self.tree.sew(Pair(halves[0], halves[1]))

    def _unit(self, faces: Sequence[int], middle: int | None) -> int:
        if len(faces) == 1 and middle is None:
            return faces[0]
        group = self.group_of_face[faces[0]]
        template, places = self._template(group)
        lie = UnitTurns(faces, self.reading.drawing.faces, self.reading.fabrics)
        mine = matched(places, lie)
        return sew_unit(self.tree, template, mine, middle, group.label)

    def _template(self, group: UnitGroup) -> tuple[UnitJoining, dict[Any, int]]:
        if group.label not in self.templates:
            drawing = self.reading.drawing.faces
            faces = [part.piece.face for part in group.unit.parts]
            middle = next((self.middles[face] for face in faces if face in self.middles), ())
            template = template_of(group, middle, drawing, self.between)
            lie = UnitTurns(template.faces, drawing, self.reading.fabrics)
            self.templates[group.label] = template, lie.places(0)
        return self.templates[group.label]


def _own(whole: Whole[Any]) -> tuple[int, ...]:
    """The faces of a unit that are its own."""
    return tuple(whole.region.pieces[number].face for number in whole.known.own)
