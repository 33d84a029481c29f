"""What can be done where there is not enough: each way out is a whole plan that was tried and
suffices.

Source: *When it does not go on as planned* in `docs/table.md`.
"""

from __future__ import annotations

from collections.abc import Callable, Iterator, Mapping, Sequence
from dataclasses import dataclass, field, replace
from fractions import Fraction
from itertools import islice
from typing import Literal, NamedTuple

from yonk.core.acts import PaintPatch, apply
from yonk.core.cutting import bolt_of, plan_cloth
from yonk.core.drawing import grid_point_inside
from yonk.core.paper import (
    Colouring,
    Draft,
    DraftError,
    Fabric,
    Message,
    Text,
    listed,
    message,
    next_key,
    show,
    write_exact,
)
from yonk.core.planning import Cut, Figures, make_plan, read, ways_side_by_side
from yonk.core.table.pieced import PiecedPatch, can_be_pieced, splits
from yonk.core.table.standing import TableStanding
from yonk.core.table.state import PieceOnTable, TableState
from yonk.core.units import BY_NAME, UnitKindName

WayOutName = Literal[
    "smaller-margin", "another-way", "other-fabric", "pieced-patch", "fewer-blocks", "buy"
]
# Patches of a letter, and splits of a patch, that are tried before another sort of way is.
MOST_OF_A_SORT = 12
Stand = Callable[[Draft, TableState], TableStanding]


class OtherCloth(NamedTuple):
    """A fabric of the shelf that could take another's place, and what there is of it, in the
    draft's unit.
    """

    fabric: Fabric
    pieces: Sequence[tuple[Fraction, Fraction, int]]


@dataclass(frozen=True)
class TableWayOut:
    """Something to do: in words; the draft and the state of the table that it makes, and how the
    table stands then. `trim_margin`, `methods` and `blocks` are what it changes of the making,
    `fabrics` which take the place of which, `buy` what is bought for it.
    """

    do: WayOutName
    words: Message
    draft: Draft
    state: TableState
    buy: tuple[PieceOnTable, ...] = ()
    trim_margin: Fraction | None = None
    methods: Mapping[UnitKindName, str] = field(default_factory=dict)
    blocks: int | None = None
    fabrics: Mapping[str, str] = field(default_factory=dict)
    pieced: tuple[PiecedPatch, ...] = ()
    after: TableStanding | None = None

    @property
    def spoils(self) -> tuple[int, Fraction]:
        """What serves for nothing then: how many of the made units, how much of what is cut."""
        if self.after is None:
            return 0, Fraction(0)
        lying = zip(self.state.cut, self.after.left, strict=True)
        cloth = sum((one.width * one.height * count for one, count in lying), Fraction(0))
        return sum(self.after.unwanted.values()), cloth


class _Problem:
    """A draft, what lies there, and what is missing."""

    def __init__(
        self,
        draft: Draft,
        standing: TableStanding,
        stand: Stand,
        others: Sequence[OtherCloth],
    ) -> None:
        self.draft, self.standing, self.stand, self.others = draft, standing, stand, others
        self.state = standing.state
        self.lacking = dict.fromkeys(cut.fabric for cut, _ in standing.laid.missing)

    def enough(self, draft: Draft, state: TableState) -> TableStanding | None:
        """How the table would stand; none where something would be missing."""
        try:
            after = self.stand(draft, state)
        except DraftError:
            return None
        return after if after.enough else None

    def tried(self, way: TableWayOut) -> TableWayOut | None:
        """A way with how the table stands then; none where it does not suffice."""
        after = self.enough(way.draft, way.state)
        return replace(way, after=after) if after else None

    def first(self, ways: Iterator[TableWayOut]) -> TableWayOut | None:
        return next((way for one in ways if (way := self.tried(one))), None)


def ways_out_of(
    draft: Draft, standing: TableStanding, stand: Stand, others: Sequence[OtherCloth] = ()
) -> tuple[TableWayOut, ...]:
    """The ways out of a table on which something is missing, the one that spoils least first; none
    where there is enough. Each was tried.

    Args:
        draft: of the blocks.
        standing: how the table stands for it.
        stand: how it would stand for another draft and another state.
        others: fabrics of the shelf that are not in the block.
    """
    if standing.enough:
        return ()
    problem = _Problem(draft, standing, stand, others)
    finders = (
        _smaller_margin,
        _another_way,
        _other_fabric_in_blocks,
        _other_fabric_of_a_letter,
        _pieced,
        _fewer_blocks,
        _buying,
    )
    found = [way for find in finders if (way := problem.first(find(problem)))]
    return tuple(sorted(found, key=lambda way: way.spoils))  # among alike the order of the finders


def _smaller_margin(problem: _Problem) -> Iterator[TableWayOut]:
    """Units cut less much too large, the largest margin first, or true."""
    draft, unit = problem.draft, problem.draft.unit
    margin, step = draft.making.trim_margin, draft.making.ruler_step
    for less in (step * n for n in range(int(-(-margin // step)) - 1, -1, -1)):
        other = replace(draft, making=replace(draft.making, trim_margin=less))
        how = show(less, unit) if less else message("way-out-true-cut")
        words = message("way-out-smaller-margin", margin=how, before=show(margin, unit))
        yield TableWayOut("smaller-margin", words, other, problem.state, trim_margin=less)


def _another_way(problem: _Problem) -> Iterator[TableWayOut]:
    """A kind of unit made in another way, the proposed ones first."""
    draft = problem.draft
    for recipe, compared in ways_side_by_side(make_plan(draft)):
        kind = recipe.group.kind
        figures: Figures
        for figures in compared.ways[1:]:
            methods = {**draft.making.methods, kind: figures.way.name}
            other = replace(draft, making=replace(draft.making, methods=methods))
            words = message("way-out-another-way", kind=BY_NAME[kind].words, way=figures.way.words)
            yield TableWayOut(
                "another-way", words, other, problem.state, methods={kind: figures.way.name}
            )


def _other_fabric_in_blocks(problem: _Problem) -> Iterator[TableWayOut]:
    """Another fabric of like value in whole blocks, as few of them as suffice."""
    blocks = problem.draft.making.blocks
    for lacking, other, draft, state in _in_its_place(problem):
        changed = _fewest(problem, blocks, lacking, other, draft, state)
        if changed:
            in_blocks = _in_blocks(draft, lacking, other, changed)
            words = message(
                "way-out-other-fabric",
                fabric=problem.draft.fabric(lacking).called,
                other=draft.fabric(other).called,
                changed=changed,
                blocks=blocks,
            )
            yield TableWayOut("other-fabric", words, in_blocks, state, fabrics={lacking: other})


def _fewest(
    problem: _Problem, most: int, lacking: str, other: str, draft: Draft, state: TableState
) -> int:
    """The fewest blocks that must have the other fabric for the lacking one to suffice: of the
    other there is enough for as few or for none.
    """
    unlimited = replace(
        state,
        cloth=tuple(one for one in state.cloth if one.fabric != other),
        only=state.only - {other},
    )

    def suffices(changed: int) -> bool:
        in_blocks = _in_blocks(draft, lacking, other, changed)
        return problem.enough(in_blocks, unlimited) is not None

    if not suffices(most):
        return 0
    least = 1
    while least < most:
        middle = (least + most) // 2
        least, most = (least, middle) if suffices(middle) else (middle + 1, most)
    return most


def _in_blocks(draft: Draft, lacking: str, other: str, changed: int) -> Draft:
    """So many of the blocks as drafted in another fabric; the block itself where it is all."""
    making, left = draft.making, draft.making.blocks - changed
    pairs = ((lacking, other),)
    if not left:
        return replace(
            draft,
            paints=tuple(
                replace(one, fabric=other) if one.fabric == lacking else one for one in draft.paints
            ),
        )
    name = draft.fabric(other).name or other
    colouring = Colouring(name=name, blocks=changed, fabrics=pairs)
    return replace(
        draft, making=replace(making, blocks=left), colourings=(*draft.colourings, colouring)
    )


def _other_fabric_of_a_letter(problem: _Problem) -> Iterator[TableWayOut]:
    """Another fabric of like value in all patches of a letter, the same in every block."""
    reading = read(problem.draft)
    ways = (
        (letter, lacking, other, draft, state)
        for lacking, other, draft, state in _in_its_place(problem)
        for letter in dict.fromkeys(one.letter for one in reading.patches if one.fabric == lacking)
    )
    for letter, lacking, other, draft, state in islice(ways, MOST_OF_A_SORT):
        painted = draft
        for patch in reading.patches:
            if (patch.letter, patch.fabric) == (letter, lacking):
                point = grid_point_inside(reading.drawing, reading.drawing.faces[patch.face])
                at = write_exact(point[0]), write_exact(point[1])
                painted = apply(painted, PaintPatch(at=at, fabric=other))
        words = message(
            "way-out-other-fabric-of-letter",
            letter=letter,
            fabric=problem.draft.fabric(lacking).called,
            other=draft.fabric(other).called,
        )
        yield TableWayOut("other-fabric", words, painted, state, fabrics={lacking: other})


def _in_its_place(problem: _Problem) -> Iterator[tuple[str, str, Draft, TableState]]:
    """Fabrics of like value for the one that is lacking, those of the block first: the key of
    either, the draft with the other in it, and the state with what there is of it.
    """
    if len(problem.lacking) != 1:
        return  # two at once would make another block of it
    (lacking,) = problem.lacking
    draft, state = problem.draft, problem.state
    own = draft.fabric(lacking)
    for fabric in draft.fabrics:
        if fabric.key != lacking and is_like(fabric, own) and not state.is_limited(fabric.key):
            yield lacking, fabric.key, draft, state
    for one in problem.others:
        if is_like(one.fabric, own):
            key = next_key([fabric.key for fabric in draft.fabrics], one.fabric.name)
            more = replace(draft, fabrics=(*draft.fabrics, replace(one.fabric, key=key)))
            pieces = tuple(PieceOnTable(key, *piece) for piece in one.pieces)
            there = replace(state, cloth=(*state.cloth, *pieces), only=state.only | {key})
            yield lacking, key, more, there


def is_like(fabric: Fabric, other: Fabric) -> bool:
    """Whether it reads alike: as dark, and no print with a direction where there was none."""
    return fabric.value == other.value and (not fabric.has_direction or other.has_direction)


def _pieced(problem: _Problem) -> Iterator[TableWayOut]:
    """What is missing pieced from two, where that shows least."""
    draft, state = problem.draft, problem.state
    missing = [replace(cut, count=count) for cut, count in problem.standing.laid.missing]
    patches = {one.label for one in make_plan(draft).wanted.groups if one.kind == "patch"}
    if not missing or not all(
        can_be_pieced(cut, patches) and draft.fabric(cut.fabric).print in ("solid", "allover")
        for cut in missing
    ):
        return
    making = draft.making
    ways = zip(
        *(
            [*islice(splits(cut, making.seam, draft.unit, making.ruler_step), MOST_OF_A_SORT)]
            for cut in missing
        ),
        strict=False,
    )
    for chosen in ways:
        said = [
            message(
                "way-out-pieced",
                count=one.count,
                fabric=draft.fabric(one.what.fabric).called,
                longer=show(one.longer, draft.unit),
                strip=show(one.strip, draft.unit),
                across=show(min(cut.width, cut.height), draft.unit),
                size=show(max(cut.width, cut.height), draft.unit),
            )
            for one, cut in zip(chosen, missing, strict=True)
        ]
        with_them = replace(state, pieced=(*state.pieced, *chosen))
        words = message("way-out-pieced-all", patches=listed(said, "semicolon"))
        yield TableWayOut("pieced-patch", words, draft, with_them, pieced=chosen)


def _fewer_blocks(problem: _Problem) -> Iterator[TableWayOut]:
    """The most blocks for which there is enough."""
    draft, state = problem.draft, problem.state
    enough, too_many = 0, draft.making.blocks
    while too_many - enough > 1:  # what suffices for some suffices for fewer
        blocks = (enough + too_many) // 2
        if problem.tried(_of_blocks(draft, state, blocks)):
            enough = blocks
        else:
            too_many = blocks
    if enough:
        yield _of_blocks(draft, state, enough)


def _of_blocks(draft: Draft, state: TableState, blocks: int) -> TableWayOut:
    words = message("way-out-fewer-blocks", blocks=blocks, before=draft.making.blocks)
    other = replace(draft, making=replace(draft.making, blocks=blocks))
    return TableWayOut("fewer-blocks", words, other, state, blocks=blocks)


def _buying(problem: _Problem) -> Iterator[TableWayOut]:
    """The least length of each fabric that is missing: off the bolt, as far as it is usable."""
    # the cloth that there is may be cut into what does not go on: then all of the rest is bought
    for only_missing in (True, False):
        buy = _lengths(problem, only_missing=only_missing)
        draft, unit = problem.draft, problem.draft.unit
        said: list[Text] = [
            message(
                "way-out-length",
                length=show(piece.height, unit),
                fabric=draft.fabric(piece.fabric).called,
            )
            for piece in buy
        ]
        width = show(draft.making.usable, unit)
        words = message("way-out-buy", lengths=listed(said, "each-and"), width=width)
        state = replace(problem.state, cloth=(*problem.state.cloth, *buy))
        yield TableWayOut("buy", words, draft, state, buy=buy)


def _lengths(problem: _Problem, *, only_missing: bool) -> tuple[PieceOnTable, ...]:
    draft, laid = problem.draft, problem.standing.laid
    bolt = bolt_of(draft.making, draft.unit)
    counts = laid.missing if only_missing else problem.standing.to_cut
    found = []
    for fabric in problem.lacking:
        cuts: list[Cut] = [
            replace(cut, count=count) for cut, count in counts if cut.fabric == fabric and count
        ]
        upright = draft.fabric(fabric).has_direction
        length = plan_cloth(fabric, cuts, bolt, draft.unit, upright=upright).exact
        found.append(PieceOnTable(fabric, draft.making.usable, length, 1))
    return tuple(found)
