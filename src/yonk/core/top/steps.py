"""The steps of sewing a top, from its blocks to its binding, each with what it must measure.

Source: sewing the top of `docs/setting.md`.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from fractions import Fraction
from functools import cached_property
from hashlib import sha256
from typing import Literal

from yonk.core.drawing import lengths
from yonk.core.joining import box_of_part
from yonk.core.paper import Length, Toward, listed, show
from yonk.core.pressing import sewing_plan, toward
from yonk.core.setting import (
    Border,
    DrawnTop,
    Quilt,
    QuiltPlan,
    RowColumn,
    Top,
    What,
    draw_top,
    finished_of,
    module_of,
    purpose_words,
    size_words,
    top_of,
)
from yonk.core.top.backing import backing_way, batting_of
from yonk.core.top.binding import binding_cut
from yonk.core.top.in_words import backing_words, binding_words
from yonk.core.top.nesting import TopPressing, TwoPlans, press_top, two_plans
from yonk.core.top.row_names import RowName
from yonk.core.top.together import TopJoining, TopRow, sewn_together

TopStepKind = Literal[
    "blocks", "frames", "lay", "row", "join", "corners", "trim", "border", "finish"
]
PARTS: Mapping[What, str] = {
    "block": "block",
    "alternate": "plain square",
    "sash-in-row": "strip",
    "sash-between": "strip",
    "cornerstone": "cornerstone",
    "side-triangle": "setting triangle",
    "half-block": "half block",
}
DIRECTIONS: Mapping[bool, Mapping[Toward, str]] = {
    False: {
        "left": "to the left",
        "right": "to the right",
        "up": "upward",
        "down": "downward",
        "open": "open",
    },
    True: {
        "left": "to the lower left",
        "right": "to the upper right",
        "up": "to the upper left",
        "down": "to the lower right",
        "open": "open",
    },
}


@dataclass(frozen=True)
class TopStep:
    """A step of sewing a top: what is done, how it is pressed, what it must measure then, how many
    times; at which places, by row and column, and by which joins; which block is made, by its key.

    `sewn` is what comes of it, however it is told and how often, so that what was done is found
    again and what was changed is not.
    """

    kind: TopStepKind
    label: str
    words: str
    press: str
    check: str
    total: int
    sewn: tuple[object, ...]
    places: tuple[RowColumn, ...] = ()
    joins: tuple[int, ...] = ()
    block: str = ""

    @property
    def mark(self) -> str:
        """What is sewn, by its digest."""
        return sha256(repr((self.kind, self.sewn)).encode()).hexdigest()


@dataclass(frozen=True)
class TopSewing:
    """How a top is sewn: its drawing, its joins, its pressing, its steps."""

    plan: QuiltPlan
    drawn: DrawnTop
    together: TopJoining
    pressing: TopPressing
    steps: tuple[TopStep, ...]

    @property
    def quilt(self) -> Quilt:
        """The quilt."""
        return self.plan.quilt

    def kind_at(self, place: RowColumn) -> int | None:
        """By which of its two plans the block at a place, by row and column, is pressed."""
        return self._kinds.get(place)

    @cached_property
    def _kinds(self) -> dict[RowColumn, int]:
        cells = self.drawn.grid.cells
        return {cells[one]: kind for one, kind in self.pressing.kinds.items() if one in cells}


def sew_top(plan: QuiltPlan) -> TopSewing:
    """How a top is sewn together.

    Raises: `DraftError` where a block's seams are too many to work on.
    """
    quilt = plan.quilt
    drawn = draw_top(quilt)
    blocks = {key: sewing_plan(quilt.by_key[key].as_sewn) for key in drawn.readings}
    together = sewn_together(quilt, drawn, blocks)
    two = {key: two_plans(one, max(plan.counts.get(key, 1), 1)) for key, one in blocks.items()}
    pressed = press_top(together, two, all_open=quilt.making.pressing == "open")
    writer = _Writer(plan, together, pressed, two)
    return TopSewing(plan, drawn, together, pressed, tuple(writer.steps()))


class _Writer:
    def __init__(
        self,
        plan: QuiltPlan,
        together: TopJoining,
        pressed: TopPressing,
        two: Mapping[str, TwoPlans],
    ) -> None:
        self.plan, self.quilt = plan, plan.quilt
        self.together, self.pressed, self.two = together, pressed, two
        self.on_point = self.quilt.setting.kind == "on-point"
        self.seam, self.unit = self.quilt.making.seam, self.quilt.unit
        cells = together.drawn.grid.cells
        self.module = module_of(self.quilt)
        self.laid = {one.cell: one.placed for one in together.blocks if one.cell in cells}

    def steps(self) -> Iterator[TopStep]:
        """Every step in its order."""
        yield from self._blocks()
        yield from self._frames()
        yield self._layout()
        yield from self._rows()
        yield from self._joins()
        yield from self._corners()
        yield from self._trimming()
        yield from self._borders()
        yield from self._finish()

    def _show(self, length: Length | Fraction) -> str:
        return show(length, self.unit)

    def _size(self, width: Length | Fraction, height: Length | Fraction) -> str:
        """A finished size, as it measures unfinished."""
        both = 2 * self.seam
        return size_words(Top(Length.of(width) + both, Length.of(height) + both), self.quilt)

    def _drawn(self, key: str) -> tuple[object, ...]:
        """What a block is when it is sewn: its name, its size, its drawing and its fabrics."""
        draft = self.quilt.by_key[key].as_sewn
        grid = draft.width, draft.height, draft.columns, draft.rows
        return draft.name, draft.unit, grid, draft.seams, draft.paints

    def _at(self, cell: RowColumn) -> object:
        """What lies at a cell, as it is sewn."""
        placed = self.laid.get(cell)
        if placed is None:
            return self.quilt.setting.alternate
        return self._drawn(placed.block), placed.turns, placed.mirrored

    def _blocks(self) -> Iterator[TopStep]:
        """The blocks, those pressed by the first plan before those by the second."""
        cells = self.together.drawn.grid.cells
        for key in self.plan.counts:
            block = self.quilt.by_key[key]
            draft, name = block.draft, block.title
            check = f"Each must measure {self._size(draft.width, draft.height)}."
            laid: dict[int, list[RowColumn]] = {0: [], 1: []}
            for cell, placed in self.laid.items():
                if placed.block == key:
                    laid[self.pressed.kinds[cell]].append(cells[cell])
            for kind, places in laid.items():
                if not places:
                    continue
                by_plan = f"plan {kind + 1}" if all(laid.values()) else ""
                yield TopStep(
                    "blocks",
                    f"{name}{by_plan and f', {by_plan}'}",
                    f"Make {len(places)} of {name}{by_plan and f', pressed by {by_plan}'}.",
                    "",
                    check,
                    len(places),
                    (self._drawn(key), kind),
                    tuple(sorted(places)),
                    block=key,
                )
            cut = self.plan.cut_halves.get(key, 0)
            pieced = sum(halves for _, halves in self.plan.halves_of(key))
            if cut:
                yield self._halves_to_cut(key, cut, check)
            if pieced:
                yield self._halves_to_piece(key, pieced)
            repeats = self.plan.whole_blocks(key) - sum(map(len, laid.values())) - cut
            if repeats:
                words = f"Make {repeats} more of {name}, for the border."
                label, sewn = f"{name} for the border", (self._drawn(key), "border")
                yield TopStep("blocks", label, words, "", check, repeats, sewn, block=key)

    def _halves_to_cut(self, key: str, count: int, check: str) -> TopStep:
        """Blocks that half blocks are cut from; one that gets a frame is cut when it has it."""
        name = self.quilt.by_key[key].title
        words = f"Make {count} more of {name}, for the half blocks."
        if not self._is_framed(key):
            words += f" {self._cut_in_half('each')}"
        label, sewn = f"{name} for half blocks", (self._drawn(key), "edge")
        return TopStep("blocks", label, words, "", check, count, sewn, block=key)

    def _cut_in_half(self, which: str) -> str:
        return (
            f"Cut {which} {self._show(self.seam)} beyond its diagonal, so that the seam allowance "
            "is kept; one block gives one half."
        )

    def _halves_to_piece(self, key: str, count: int) -> TopStep:
        """Half blocks pieced as drafted."""
        name = self.quilt.by_key[key].title
        many = "1 half block" if count == 1 else f"{count} half blocks"
        words = (
            f"Piece {many} of {name}: sew the patches on one side of its diagonal as drafted, and "
            "leave the edge along the diagonal open."
        )
        label, sewn = f"{name}, half blocks", (self._drawn(key), "edge")
        return TopStep("blocks", label, words, "", "", count, sewn, block=key)

    def _is_framed(self, key: str) -> bool:
        draft = self.quilt.by_key[key].draft
        return (draft.width, draft.height) != (self.module.width, self.module.height)

    def _frames(self) -> Iterator[TopStep]:
        cells = self.together.drawn.grid.cells
        places: dict[str, list[RowColumn]] = {}
        for cell, placed in self.laid.items():
            if self._is_framed(placed.block):
                places.setdefault(placed.block, []).append(cells[cell])
        for key in self.plan.cut_halves:
            if self._is_framed(key):
                places.setdefault(key, [])
        module = self.module
        for key, at in places.items():
            name, halves = self.quilt.by_key[key].title, self.plan.cut_halves.get(key, 0)
            count = len(at) + halves
            words = f"Frame {count} of {name}: first the sides, then above and below."
            if halves:
                words += f" {self._cut_in_half('each of the ' + str(halves) + ' for half blocks')}"
            yield TopStep(
                "frames",
                f"frames of {name}",
                words,
                "Press toward the frame.",
                f"Each must measure {self._size(module.width, module.height)}.",
                count,
                (self._drawn(key), module, self.quilt.setting.frame),
                tuple(sorted(at)),
                block=key,
            )

    def _layout(self) -> TopStep:
        words = "Lay everything out as it is drawn, and look at it from far away before it is sewn."
        return TopStep("lay", "the layout", words, "", "", 1, ())

    def _rows(self) -> Iterator[TopStep]:
        alike: dict[tuple[object, ...], list[TopRow]] = {}
        for row in self.together.rows:
            if not row.joins:
                continue
            ways = tuple(self.pressed.presses[join] for join in row.joins)
            key = (len(row.joins), ways, row.quarter) if row.strip else (row.number, row.quarter)
            alike.setdefault((row.strip, *key), []).append(row)
        for rows in alike.values():
            yield self._row(rows)

    def name_of(self, row: TopRow) -> RowName:
        """What a row is called."""
        last = self.together.drawn.grid.last_row
        return RowName(
            row.number,
            row.number,
            "diagonal row" if self.on_point else "row",
            strip=row.strip,
            lowest=row.strip and row.number > last,
            quarter=row.quarter,
        )

    def _row(self, rows: Sequence[TopRow]) -> TopStep:
        row = rows[0]
        cells = self.together.drawn.grid.cells
        places = tuple(cells[at] for at in row.cells)
        parts = self._parts_of(row)
        name = self.name_of(row)
        label = str(name) if len(rows) == 1 else f"{len(rows)} strips between the rows, alike"
        if name.quarter is not None:
            label += f", {name.whole_quarter}"
        words = f"{label[0].upper()}{label[1:]}: sew {parts} side by side"
        words += ", in pairs, the pairs to each other." if len(row.joins) > 2 else "."
        check = self._check(row.part)
        if not check and not row.strip:
            wide = self._show(self.module.height + 2 * self.seam)
            check = f"It must be {wide} wide."
        joins = tuple(join for one in rows for join in one.joins)
        press, what = self._press(row.joins), str(name) if len(rows) == 1 else parts
        cloth = self.quilt.setting.sashing, self.quilt.setting.edge
        sewn = what, name.quarter, tuple(map(self._at, row.cells)), cloth, press, check
        return TopStep("row", label, words, press, check, len(rows), sewn, places, joins)

    def _parts_of(self, row: TopRow) -> str:
        """What is sewn to a row, in words."""
        drawn = self.together.drawn
        order = self.together.joining.order
        faces = order.faces(row.part)
        whats = Counter(drawn.parts[part].what for part in {drawn.part_of[face] for face in faces})
        parts = [
            f"{whats[what]} {name}{'' if whats[what] == 1 else 's'}"
            for what, name in PARTS.items()
            if whats[what]
        ]
        return listed(parts)

    def _press(self, joins: Sequence[int]) -> str:
        """Which way the seams of a row are pressed, in words; seams are counted along it."""
        ways: dict[str, list[int]] = {}
        for place, number in enumerate(joins, start=1):
            join = self.together.joining.joins[number]
            way = toward(join, self.pressed.presses[number])
            ways.setdefault(DIRECTIONS[self.on_point][way], []).append(place)
        if len(ways) > 1 and self.pressed.to_sash >= {*joins}:
            return "Press toward the strips."
        if len(ways) == 1:
            (only,) = ways
            return f"Press {'the seam' if len(joins) == 1 else 'its seams'} {only}."
        parts = [
            f"{'seam' if len(seams) == 1 else 'seams'} {', '.join(map(str, seams))} {said}"
            for said, seams in ways.items()
        ]
        return f"Counted from the left, press {'; '.join(parts)}."

    def _check(self, part: int) -> str:
        """What a part must measure; nothing where it is no rectangle."""
        box = box_of_part(self.together.joining, part)
        if box is None:
            return ""
        scale = self.together.drawn.scale
        wide, high = (
            lengths(one.numerator * one.denominator, scale * one.denominator)
            for one in (box.wide, box.high)
        )
        return f"It must measure {self._size(wide, high)}."

    def _joins(self) -> Iterator[TopStep]:
        """Rows to rows, quarters to quarters, and what comes between."""
        joining = self.together.joining
        names = {row.part: self.name_of(row) for row in self.together.rows}
        leaves = joining.order.leaves
        for number, role in self.together.roles.items():
            if role not in ("rows", "strip", "edge", "quarter", "quarters"):
                continue
            join = joining.joins[number]
            made = leaves + number
            if role == "edge":
                whole = names[made] = names[join.of[0]]
                first, second = str(whole), "a setting triangle"
            else:
                one, other = (names[part] for part in join.of)
                names[made] = one.with_other(other)
                first, second = self._both_called(one, other)
            words = f"Sew {second} to {first}."
            if join.kind != "straight":
                words += " It is set in: sew to the corner, turn, and sew on."
            check, press = self._check(made), self._press([number])
            label = f"{first} and {second}"
            yield TopStep(
                "join", label, words, press, check, 1, (label, press, check), joins=(number,)
            )

    def _both_called(self, one: RowName, other: RowName) -> tuple[str, str]:
        """Two parts that are sewn to each other, a whole quarter by its name."""
        if one.quarter is None or one.quarter == other.quarter:
            where = f" of {one.whole_quarter}" if one.quarter is not None else ""
            return str(one), f"{other}{where}"
        return one.whole_quarter, other.whole_quarter

    def _corners(self) -> Iterator[TopStep]:
        joins = [number for number, role in self.together.roles.items() if role == "corner"]
        if joins:
            words = "Sew the four corner triangles on, each with its middle to the block's middle."
            press = "Press toward the triangles."
            sewn = self.quilt.setting.edge
            yield TopStep(
                "corners", "the corners", words, press, "", 4, (sewn,), joins=tuple(joins)
            )

    def _trimming(self) -> Iterator[TopStep]:
        top = top_of(self.quilt)
        check = f"The top must measure {self._size(top.width, top.height)}."
        if not self.on_point:
            words = "Square the top up; trim loose ends."
            yield TopStep("trim", "the top", words, "", check, 1, (check,))
            return
        edge = self.quilt.setting.edge
        beyond = self.seam + (edge.floats if edge else 0)
        words = (
            f"Trim every edge {self._show(beyond)} beyond the points of the blocks, square at the "
            "corners."
        )
        if self.quilt.setting.sashing and self.quilt.setting.sashing.outer:
            words = (
                f"Trim every edge {self._show(beyond)} beyond the middle of the outer cornerstones."
            )
        yield TopStep("trim", "the edges", words, "", check, 1, (words, check))

    def _borders(self) -> Iterator[TopStep]:
        top = top_of(self.quilt)
        width, height = top.width, top.height
        for number, border in enumerate(self.quilt.borders, start=1):
            outer = Top(width + 2 * border.width, height + 2 * border.width)
            words = self._border_words(border, Top(width, height), outer)
            check = f"The top must measure {self._size(outer.width, outer.height)}."
            label = purpose_words(f"border-{number}")
            press = "Press toward the border."
            words, sewn = f"{label.capitalize()}: {words}", (border, check)
            yield TopStep("border", label, words, press, check, 1, sewn)
            width, height = outer.width, outer.height

    def _border_words(self, border: Border, inside: Top, outer: Top) -> str:
        both = 2 * self.seam
        tall, wide = self._show(inside.height + both), self._show(inside.width + both)
        if border.block:
            name = self.quilt.by_key[border.block].title
            return (
                f"sew the repeats of {name} to four strips; two to the sides, two with a corner "
                "block at either end above and below."
            )
        if border.corner == "mitred":
            return (
                f"centre each on its side with the ends over the corners; begin and end "
                f"{self._show(self.seam)} from the corner, then sew each corner at half a right "
                "angle and trim it."
            )
        if border.first == "sides":
            across = self._show(outer.width + both)
            return (
                f"measure the top through its middle from top to bottom ({tall} as planned) and "
                "cut both sides so long; pin ends and middles and sew them on. Then measure "
                f"through the middle from side to side ({across} as planned) and do the same above "
                "and below."
            )
        down = self._show(outer.height + both)
        return (
            f"measure the top through its middle from side to side ({wide} as planned), cut two "
            "so long and sew them on above and below, ends and middles pinned. Then measure "
            f"through the middle from top to bottom ({down} as planned) and do the same at the "
            "sides."
        )

    def _finish(self) -> Iterator[TopStep]:
        way, batting = backing_way(self.quilt), batting_of(self.quilt)
        if way:
            press = "Press the seams open." if way.seams else ""
            words = f"Backing, {backing_words(way, self.unit)}."
            yield TopStep("finish", "the backing", words, press, "", 1, (words,))
        if batting:
            words = (
                f"Lay the backing wrong side up, the batting ({size_words(batting, self.quilt)}) "
                "on it, the top right side up; baste and quilt it."
            )
            yield TopStep("finish", "the layers", words, "", "", 1, (words,))
        binding = binding_cut(self.quilt, self.quilt.making.usable)
        if binding:
            size = size_words(finished_of(self.quilt), self.quilt)
            words = f"{binding_words(binding, self.unit)} Trim the layers to the top and bind it."
            check = f"Finished it is {size}."
            yield TopStep("finish", "the binding", words, "", check, 1, (words, check))
