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
from yonk.core.paper import (
    FACT,
    Capital,
    Length,
    Measure,
    Message,
    Several,
    Text,
    Toward,
    kept,
    listed,
    message,
    sentences,
    show,
)
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
    purpose_message,
    size_of_top,
    top_of,
    with_border,
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
PARTS: tuple[What, ...] = (
    "block",
    "alternate",
    "sash-in-row",
    "sash-between",
    "cornerstone",
    "side-triangle",
    "half-block",
)


@dataclass(frozen=True)
class TopStep:
    """A step of sewing a top: what is done, how it is pressed, what it must measure then, how many
    times; at which places, by row and column, and by which joins; which block is made, by its key.

    `sewn` is what comes of it, however often, in the English words by which what was done before is
    found again, and what was changed is not.
    """

    kind: TopStepKind
    label: Text
    words: Text
    press: Text
    check: Text
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
    return _sew_top(_OfQuilt(plan))


class _OfQuilt:
    """A plan, which is the same as any other of its quilt."""

    def __init__(self, plan: QuiltPlan) -> None:
        self.plan = plan

    def __hash__(self) -> int:
        return hash(self.plan.quilt)

    def __eq__(self, other: object) -> bool:
        return isinstance(other, _OfQuilt) and other.plan.quilt == self.plan.quilt


@kept(lambda sewing, _: 2 * FACT * len(sewing.plan.places))
def _sew_top(of: _OfQuilt) -> TopSewing:
    plan = of.plan
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

    def _show(self, length: Length | Fraction) -> Measure:
        return show(length, self.unit)

    def _size(self, width: Length | Fraction, height: Length | Fraction) -> Measure:
        """A finished size, as it measures unfinished."""
        both = 2 * self.seam
        return size_of_top(Top(Length.of(width) + both, Length.of(height) + both), self.quilt)

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
            check = message("each-must-measure", size=self._size(draft.width, draft.height))
            laid: dict[int, list[RowColumn]] = {0: [], 1: []}
            for cell, placed in self.laid.items():
                if placed.block == key:
                    laid[self.pressed.kinds[cell]].append(cells[cell])
            for kind, places in laid.items():
                if not places:
                    continue
                plan = kind + 1 if all(laid.values()) else 0
                yield TopStep(
                    "blocks",
                    message("block-by-plan", block=name, plan=plan),
                    message("make-blocks", count=len(places), block=name, plan=plan),
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
                words = message("make-more-for-the-border", count=repeats, block=name)
                label, sewn = (
                    message("block-for-the-border", block=name),
                    (self._drawn(key), "border"),
                )
                yield TopStep("blocks", label, words, "", check, repeats, sewn, block=key)

    def _halves_to_cut(self, key: str, count: int, check: Text) -> TopStep:
        """Blocks that half blocks are cut from; one that gets a frame is cut when it has it."""
        name = self.quilt.by_key[key].title
        words = sentences(
            message("make-more-for-half-blocks", count=count, block=name),
            None if self._is_framed(key) else self._cut_in_half(0),
        )
        label, sewn = message("block-for-half-blocks", block=name), (self._drawn(key), "edge")
        return TopStep("blocks", label, words, "", check, count, sewn, block=key)

    def _cut_in_half(self, some: int) -> Message:
        """How so many blocks are cut in half; nought for all of them."""
        return message("cut-in-half", count=some, seam=self._show(self.seam))

    def _halves_to_piece(self, key: str, count: int) -> TopStep:
        """Half blocks pieced as drafted."""
        name = self.quilt.by_key[key].title
        words = message("piece-half-blocks", count=count, block=name)
        label, sewn = message("block-half-blocks", block=name), (self._drawn(key), "edge")
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
        yield from self._frames_of_halves()
        module = self.module
        for key, at in places.items():
            name, halves = self.quilt.by_key[key].title, self.plan.cut_halves.get(key, 0)
            count = len(at) + halves
            words = sentences(
                message("frame-blocks", count=count, block=name),
                self._cut_in_half(halves) if halves else None,
            )
            yield TopStep(
                "frames",
                message("frames-of", block=name),
                words,
                message("press-toward-frame"),
                message("each-must-measure", size=self._size(module.width, module.height)),
                count,
                (self._drawn(key), module, self.quilt.setting.frame),
                tuple(sorted(at)),
                block=key,
            )

    def _frames_of_halves(self) -> Iterator[TopStep]:
        """Half blocks that are pieced get a strip along each of two sides, its end aslant."""
        for key in self.plan.counts:
            count = sum(halves for _, halves in self.plan.halves_of(key))
            if count and self._is_framed(key):
                name = self.quilt.by_key[key].title
                yield TopStep(
                    "frames",
                    message("frames-of-half-blocks", block=name),
                    message("frame-half-blocks", count=count, block=name),
                    message("press-toward-frame"),
                    "",
                    count,
                    (self._drawn(key), self.module, self.quilt.setting.frame, "edge"),
                    block=key,
                )

    def _layout(self) -> TopStep:
        words = message("lay-everything-out")
        return TopStep("lay", message("the-layout"), words, "", "", 1, ())

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
            self.on_point,
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
        label: Text = name.words if len(rows) == 1 else message("strips-alike", count=len(rows))
        if name.whole_quarter:
            label = listed((label, name.whole_quarter), "comma")
        in_pairs = "yes" if len(row.joins) > 2 else "no"
        words = message("sew-side-by-side", row=Capital(label), parts=parts, in_pairs=in_pairs)
        size = self._size_of(row.part)
        check: Text = message("it-must-measure", size=self._size(*size)) if size else ""
        if not check and not row.strip:
            wide = self._show(self.module.height + 2 * self.seam)
            check = message("it-must-be-wide", wide=wide)
        joins = tuple(join for one in rows for join in one.joins)
        press, what = self._press(row.joins), name.words if len(rows) == 1 else parts
        cloth = self.quilt.setting.sashing, self.quilt.setting.edge
        at = tuple(map(self._at, row.cells))
        sewn = str(what), name.quarter, at, cloth, str(press), str(check)
        return TopStep("row", label, words, press, check, len(rows), sewn, places, joins)

    def _parts_of(self, row: TopRow) -> Several:
        """What is sewn to a row."""
        counted = self._count(row)
        return listed(message("row-parts", count=count, what=what) for what, count in counted)

    def _count(self, row: TopRow) -> list[tuple[What, int]]:
        """What is sewn to a row, and how many of it."""
        drawn = self.together.drawn
        order = self.together.joining.order
        faces = order.faces(row.part)
        whats = Counter(drawn.parts[part].what for part in {drawn.part_of[face] for face in faces})
        return [(what, whats[what]) for what in PARTS if whats[what]]

    def _ways(self, joins: Sequence[int]) -> dict[Toward, list[int]]:
        """Which seams of a row are pressed which way; they are counted along it."""
        ways: dict[Toward, list[int]] = {}
        for place, number in enumerate(joins, start=1):
            join = self.together.joining.joins[number]
            ways.setdefault(toward(join, self.pressed.presses[number]), []).append(place)
        return ways

    def _press(self, joins: Sequence[int]) -> Message:
        """Which way the seams of a row are pressed."""
        ways = self._ways(joins)
        if len(ways) > 1 and self.pressed.to_sash >= {*joins}:
            return message("press-toward-strips")
        if len(ways) == 1:
            (only,) = ways
            return message("press-seams", count=len(joins), way=self._direction(only))
        parts = (
            message(
                "press-some-seams",
                count=len(seams),
                seams=listed(map(str, seams), "comma"),
                way=self._direction(way),
            )
            for way, seams in ways.items()
        )
        return message("press-by-number", parts=listed(parts, "semicolon"))

    def _direction(self, way: Toward) -> Message:
        return message("direction-on-point" if self.on_point else "direction", way=way)

    def _check(self, part: int) -> Text:
        """What a part must measure; nothing where it is no rectangle."""
        size = self._size_of(part)
        return message("it-must-measure", size=self._size(*size)) if size else ""

    def _size_of(self, part: int) -> tuple[Length, Length] | None:
        """A part's finished width and height; None where it is no rectangle."""
        box = box_of_part(self.together.joining, part)
        if box is None:
            return None
        scale = self.together.drawn.scale
        wide, high = (
            lengths(one.numerator * one.denominator, scale * one.denominator)
            for one in (box.wide, box.high)
        )
        return wide, high

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
                second: Text = message("a-setting-triangle")
                first: Text = whole.words
            else:
                one, other = (names[part] for part in join.of)
                names[made] = one.with_other(other)
                first, second = self._both_called(one, other)
            words = sentences(
                message("sew-second-to-first", second=second, first=first),
                None if join.kind == "straight" else message("it-is-set-in"),
            )
            check, press = self._check(made), self._press([number])
            label = listed((first, second))
            sewn = str(label), str(press), str(check)
            yield TopStep("join", label, words, press, check, 1, sewn, joins=(number,))

    def _both_called(self, one: RowName, other: RowName) -> tuple[Text, Text]:
        """Two parts that are sewn to each other, a whole quarter by its name."""
        if one.whole_quarter is None or other.whole_quarter is None:
            return one.words, other.words
        if one.quarter == other.quarter:
            second = message("row-of-quarter", row=other.words, quarter=one.whole_quarter)
            return one.words, second
        return one.whole_quarter, other.whole_quarter

    def _corners(self) -> Iterator[TopStep]:
        joins = [number for number, role in self.together.roles.items() if role == "corner"]
        if joins:
            words = message("sew-corner-triangles")
            press = message("press-toward-triangles")
            sewn = self.quilt.setting.edge
            yield TopStep(
                "corners", message("the-corners"), words, press, "", 4, (sewn,), joins=tuple(joins)
            )

    def _trimming(self) -> Iterator[TopStep]:
        top = top_of(self.quilt)
        check = message("top-must-measure", size=self._size(top.width, top.height))
        if not self.on_point:
            words = message("square-the-top-up")
            yield TopStep("trim", message("the-top"), words, "", check, 1, (str(check),))
            return
        edge = self.quilt.setting.edge
        beyond = self.seam + (edge.floats if edge else 0)
        words = message("trim-beyond-points", beyond=self._show(beyond))
        if self.quilt.setting.sashing and self.quilt.setting.sashing.outer:
            words = message("trim-beyond-cornerstones", beyond=self._show(beyond))
        yield TopStep("trim", message("the-edges"), words, "", check, 1, (str(words), str(check)))

    def _borders(self) -> Iterator[TopStep]:
        inside = top_of(self.quilt)
        for number, border in enumerate(self.quilt.borders, start=1):
            outer = with_border(inside, border)
            words = self._border_words(border, inside, outer)
            check = message("top-must-measure", size=self._size(outer.width, outer.height))
            label = purpose_message(f"border-{number}")
            press = message("press-toward-border")
            does = message("border-so", border=Capital(label), how=words)
            yield TopStep("border", label, does, press, check, 1, (border, str(check)))
            inside = outer

    def _border_words(self, border: Border, inside: Top, outer: Top) -> Message:
        both = 2 * self.seam
        tall, wide = self._show(inside.height + both), self._show(inside.width + both)
        if border.block:
            name = self.quilt.by_key[border.block].title
            return message("border-of-repeats", block=name)
        if border.corner == "mitred":
            return message("border-mitred", seam=self._show(self.seam))
        if border.first == "sides":
            across = self._show(outer.width + both)
            return message("border-sides-first", tall=tall, across=across)
        down = self._show(outer.height + both)
        return message("border-top-first", wide=wide, down=down)

    def _finish(self) -> Iterator[TopStep]:
        way, batting = backing_way(self.quilt), batting_of(self.quilt)
        if way:
            press = message("press-seams-open") if way.seams else ""
            words = message("the-backing-so", way=backing_words(way, self.unit))
            yield TopStep("finish", message("the-backing"), words, press, "", 1, (str(words),))
        if batting:
            words = message("baste-and-quilt", batting=size_of_top(batting, self.quilt))
            yield TopStep("finish", message("the-layers"), words, "", "", 1, (str(words),))
        binding = binding_cut(self.quilt, self.quilt.making.usable)
        if binding:
            size = size_of_top(finished_of(self.quilt), self.quilt)
            words = message("trim-and-bind", binding=binding_words(binding, self.unit))
            check = message("finished-it-measures", size=size)
            yield TopStep(
                "finish",
                message("the-binding"),
                words,
                "",
                check,
                1,
                (str(words), str(check)),
            )
