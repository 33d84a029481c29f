"""The order in which a top is sewn together: each block as its own plan has it, the rows, the
strips between them, the whole; as one tree of joins over the faces of the whole top.

Source: sewing the top of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from functools import cached_property
from typing import Literal

from yonk.core.joining import Join, Joining, JoiningOrder, Pair, Tree, joining_of, touches
from yonk.core.pressing import SewingPlan
from yonk.core.setting import DrawnTop, Placed, Quilt, RowColumn, What

Role = Literal["frame", "row", "strip", "edge", "rows", "corner", "quarter", "quarters"]


@dataclass(frozen=True)
class SewnBlock:
    """A block of the top: its cell, and the join of the top that each join of its own plan is; None
    for one that a half block does not have.
    """

    cell: RowColumn
    placed: Placed
    joins: tuple[int | None, ...]


@dataclass(frozen=True)
class TopRow:
    """A row of the top, or the strips between two: its number from nought, by which cells it goes,
    the part that it is when it is sewn, and the joins that make it. `quarter` tells which quarter
    it belongs to, where the top is sewn by quarters.
    """

    number: int
    strip: bool
    cells: tuple[RowColumn, ...]
    part: int
    joins: tuple[int, ...]
    quarter: int | None = None


@dataclass(frozen=True)
class TopJoining:
    """How a top is sewn together; `roles` tells of each join that is inside no block what it is
    for.
    """

    drawn: DrawnTop
    joining: Joining
    blocks: tuple[SewnBlock, ...]
    rows: tuple[TopRow, ...]
    roles: Mapping[int, Role]

    @cached_property
    def outer(self) -> list[Join]:
        """The joins that are inside no block."""
        return [self.joining.joins[number] for number in self.roles]


def can_be_quartered(quilt: Quilt) -> bool:
    """Whether a top can be sewn by quarters: a straight set of two rows and columns at least, whose
    strips do not run through.
    """
    setting, sashing = quilt.setting, quilt.setting.sashing
    whole = sashing is None or bool(sashing.cornerstones)
    return setting.kind == "straight" and whole and min(setting.columns, setting.rows) > 1


def sewn_together(quilt: Quilt, drawn: DrawnTop, plans: Mapping[str, SewingPlan]) -> TopJoining:
    """How a top is sewn together.

    Args:
        quilt: sewn by quarters where that can be, if she wants it.
        drawn: its drawing.
        plans: how each of its blocks is sewn, by key.
    """
    weaver = _Weaver(quilt, drawn, plans)
    weaver.weave()
    tree = weaver.tree
    order = JoiningOrder(tree.leaves, tuple(tree.pairs), tree.finished_after, frozenset())
    joining = joining_of(order, touches(drawn.faces), drawn.faces)

    def along(number: int) -> tuple[int, int]:
        stretches = joining.joins[number].along
        return min(spot for stretch in stretches for spot in stretch) if stretches else (0, 0)

    rows = tuple(replace(row, joins=tuple(sorted(row.joins, key=along))) for row in weaver.rows)
    return TopJoining(drawn, joining, tuple(weaver.blocks), rows, weaver.roles)


class _Weaver:
    def __init__(self, quilt: Quilt, drawn: DrawnTop, plans: Mapping[str, SewingPlan]) -> None:
        self.quilt, self.drawn, self.plans = quilt, drawn, plans
        self.tree = Tree(len(drawn.faces))
        self.blocks: list[SewnBlock] = []
        self.rows: list[TopRow] = []
        self.roles: dict[int, Role] = {}
        self.roots: dict[int, int] = {}
        self.on_point = quilt.setting.kind == "on-point"

    def weave(self) -> None:
        """Everything, into one tree."""
        for number, part in enumerate(self.drawn.parts):
            if part.what in ("block", "half-block"):
                self.roots[number] = self._block(number)
        framed = self.drawn.of("block", "half-block")
        for cell, parts in self.drawn.of("frame").items():
            whole = framed[cell][0]
            for frame in parts:
                self.roots[whole] = self._sew(self.roots[whole], self._root(frame), "frame")
        if self.quilt.together == "quarters" and can_be_quartered(self.quilt):
            self._quarters()
        else:
            top = self._strung(self._row_parts(), "rows")
            self._corners(top)

    def _sew(self, one: int, other: int, role: Role, row: int | None = None) -> int:
        self.roles[len(self.tree.pairs)] = role
        return self.tree.sew(Pair(one, other, row=row))

    def _strung(self, parts: Sequence[int], role: Role, row: int | None = None) -> int:
        """Parts side by side sewn in pairs, pairs in pairs."""
        first = len(self.tree.pairs)
        made = self.tree.in_strips(parts, row)
        self.roles |= dict.fromkeys(range(first, len(self.tree.pairs)), role)
        return made

    def _root(self, number: int) -> int:
        """What a part of the drawing is in the tree, before it is sewn to another."""
        return self.roots.setdefault(number, self.drawn.parts[number].faces.start)

    def _block(self, number: int) -> int:
        """A block, sewn as its own plan has it; of a half block what is left of that."""
        part = self.drawn.parts[number]
        assert part.placed is not None
        order = self.plans[part.placed.block].joining.order
        there: dict[int, int] = dict(zip(part.patches, part.faces, strict=True))
        joins: list[int | None] = []
        for place, pair in enumerate(order.pairs):
            one, other = there.get(pair.one), there.get(pair.other)
            made = order.leaves + place
            if one is None or other is None:
                joins.append(None)
                left = other if one is None else one
                if left is not None:
                    there[made] = left
                continue
            joins.append(len(self.tree.pairs))
            there[made] = self.tree.sew(Pair(one, other))
        for begun, finished in order.finished_after.items():
            both = joins[begun - order.leaves], joins[finished - order.leaves]
            if None not in both:
                self.tree.finished_after[there[begun]] = there[finished]
        self.blocks.append(SewnBlock(part.at, part.placed, tuple(joins)))
        return there[order.leaves + len(order.pairs) - 1] if order.pairs else part.faces.start

    def _row_parts(self) -> list[int]:
        """The rows and the strips between them, each sewn."""
        rows = sorted({down for down, _ in self.drawn.grid.cells})
        lines = {down for down, _ in self.drawn.of("sash-between")}
        parts: dict[tuple[int, bool], int] = {}
        for line in sorted(lines):
            parts[line, True] = self._row(line, strip=True)
        for row in rows:
            parts[row, False] = self._row(row, strip=False)
        if self.on_point:
            self._reach_over(parts)
        order = sorted(parts, key=lambda one: (one[0], not one[1]))
        return [parts[one] for one in order]

    def _row(
        self,
        row: int,
        *,
        strip: bool,
        columns: range | None = None,
        quarter: int | None = None,
    ) -> int:
        """A row, or the strips between two, sewn along it."""
        kinds: tuple[What, ...] = ("cornerstone", "sash-between")
        kinds = kinds if strip else self._in_a_row()
        found = [
            (self.drawn.parts[number].at[1], place, number)
            for place, kind in enumerate(kinds)
            for number in self.drawn.in_row(kind, row)
        ]
        members = [
            number for along, _, number in sorted(found) if columns is None or along in columns
        ]
        first = len(self.tree.pairs)
        made = self._strung([self._root(one) for one in members], "row", len(self.rows))
        cells = tuple(self.drawn.parts[one].at for one in members if not strip and self._holds(one))
        joins = tuple(range(first, len(self.tree.pairs)))
        self.rows.append(TopRow(row, strip, cells, made, joins, quarter))
        return made

    def _holds(self, number: int) -> bool:
        return self.drawn.parts[number].what in ("block", "alternate")

    def _in_a_row(self) -> tuple[What, ...]:
        sides: tuple[What, ...] = () if self._late_triangles else ("side-triangle", "half-block")
        return ("sash-in-row", "block", "alternate", *sides)

    @property
    def _late_triangles(self) -> bool:
        """Whether setting triangles reach over the ends of strips, and come after them."""
        sashing = self.quilt.setting.sashing
        return self.on_point and sashing is not None and not sashing.outer

    def _reach_over(self, parts: dict[tuple[int, bool], int]) -> None:
        """Strips without a ring go to the shorter of the rows beside them; then its triangles."""
        if not self._late_triangles:
            return
        long = {row: len(self.rows_cells(row)) for row, strip in parts if not strip}
        for line in [row for row, strip in parts if strip]:
            owner = line - 1 if long[line - 1] <= long[line] else line
            strip = parts.pop((line, True))
            parts[owner, False] = self._sew(parts[owner, False], strip, "strip")
        for cell, numbers in self.drawn.of("side-triangle").items():
            for number in numbers:
                whole = self._sew(parts[cell[0], False], self._root(number), "edge")
                parts[cell[0], False] = whole

    def rows_cells(self, row: int) -> list[RowColumn]:
        """The cells of a row."""
        return [cell for cell in self.drawn.grid.cells if cell[0] == row]

    def _corners(self, top: int) -> int:
        for numbers in self.drawn.of("corner-triangle").values():
            for number in numbers:
                top = self._sew(top, self._root(number), "corner")
        return top

    def _quarters(self) -> None:
        """Each quarter by its rows; the upper two and the lower two; then both."""
        setting = self.quilt.setting
        across, down = -(-setting.columns // 2), -(-setting.rows // 2)
        halves = []
        for upper in (True, False):
            sides = []
            for left in (True, False):
                columns = range(across) if left else range(across, setting.columns + 1)
                lines = range(down) if upper else range(down, setting.rows + 1)
                quarter = 2 * (not upper) + (not left)
                parts = []
                for line in lines:
                    if any(at[0] == line for at in self.drawn.of("sash-between")):
                        parts.append(self._row(line, strip=True, columns=columns, quarter=quarter))
                    if line < setting.rows:
                        parts.append(self._row(line, strip=False, columns=columns, quarter=quarter))
                sides.append(self._strung(parts, "quarter"))
            halves.append(self._sew(sides[0], sides[1], "quarters"))
        self._sew(halves[0], halves[1], "quarters")
