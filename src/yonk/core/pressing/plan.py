"""The sewing of a block: the order of its joins, how each is pressed, and what it measures."""

from __future__ import annotations

import heapq
from collections import defaultdict
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from functools import cached_property

from yonk.core.drawing import Spot, lengths
from yonk.core.joining import (
    CellPart,
    Join,
    Joining,
    Likeness,
    SquaredBox,
    box_of_part,
    joining_of,
    joining_order,
    parts_with_orders,
)
from yonk.core.paper import A_FACE, ORDERS, Draft, Length, OrderName, Point, Toward, kept
from yonk.core.planning import Reading, read, unit_presses
from yonk.core.pressing.choices import Pairing, Wish, choose
from yonk.core.pressing.pressed import (
    Lots,
    Opening,
    PressedSide,
    Pressing,
    PressingWishes,
    lots_offered,
    openings,
    press,
)
from yonk.core.pressing.thickness import (
    Layer,
    PressedStretch,
    Thick,
    layers,
    pressed_stretches,
    thick_places,
)
from yonk.core.pressing.thinner import press_thin
from yonk.core.pressing.wishes import JoinChoice, Wishes, choices_of, name_of


@dataclass(frozen=True)
class OrderFigures:
    """What an order of joining comes to. Lengths are finished, in the draft's unit.

    `across` is how many seams are as long as the longest, `bulky` how many meetings cannot nest.
    """

    order: OrderName
    joins: int
    longest: Length
    across: int
    to_match: int
    checkpoints: int
    nested: int
    bulky: int


@dataclass(frozen=True)
class ListedJoin:
    """A join as it is listed: its two parts in the order that alike joins have, where it is
    pressed, which goes up at the machine, the joins that it is alike to.
    """

    join: Join
    of: tuple[int, int]
    press: int | None
    up: int
    alike: int
    box: SquaredBox | None
    checkpoint: bool


@dataclass(frozen=True)
class SewingPlan:
    """A block's sewing. `wanted` holds its joins and meetings, `pressing` how they are pressed;
    `offered` the joins and meetings of the orders that were weighed.
    """

    reading: Reading
    order: OrderName
    chosen: bool
    parts: tuple[CellPart, ...]
    wanted: Wishes
    asked: PressingWishes
    pressing: Pressing
    offered: Mapping[OrderName, Wishes]
    misplaced: tuple[Point, ...]

    @property
    def joining(self) -> Joining:
        """The joins."""
        return self.wanted.joining

    @property
    def draft(self) -> Draft:
        """The draft that it is of."""
        return self.reading.draft

    @cached_property
    def groups(self) -> tuple[tuple[int, ...], ...]:
        """Alike joins that are pressed alike, in an order in which one group after the other can be
        sewn.
        """
        return _groups(self.wanted, self.pressing)

    @cached_property
    def trips(self) -> dict[int, int]:
        """Before which trip to the iron each join is sewn, counted from one: the first for which
        all that it joins is pressed.
        """
        found: dict[int, int] = {}
        leaves = self.joining.order.leaves
        for group in self.groups:
            parts = {part for number in group for part in self.joining.joins[number].of}
            before = max((found[part - leaves] for part in parts if part >= leaves), default=0)
            found |= dict.fromkeys(group, before + 1)
        return found

    @cached_property
    def _by_choice(self) -> dict[str, tuple[dict[int, tuple[int, int]], dict[int, list[Pairing]]]]:
        """What each wish costs, by choice."""
        found = {}
        for wish in self.pressing.wishes:
            pairs: dict[int, list[Pairing]] = defaultdict(list)
            for pair in wish.pairs:
                pairs[pair.one].append(pair)
                pairs[pair.other].append(pair)
            found[wish.name] = dict(wish.sides), pairs
        return found

    def changed(self, wish: Wish, choice: int) -> int:
        """How much more a wish would cost if one choice were turned."""
        assert self.pressing.chosen is not None
        chosen = self.pressing.chosen.sides
        alone, pairs = self._by_choice[wish.name]
        cost = alone.get(choice, (0, 0))
        more = cost[1 - chosen[choice]] - cost[chosen[choice]]
        for pair in pairs.get(choice, ()):
            wrong = (chosen[pair.one] == chosen[pair.other]) == pair.differ
            more += -pair.weight if wrong else pair.weight
        return more

    @cached_property
    def _units_made(self) -> dict[int, str]:
        """The parts that are whole units, with their labels."""
        leaves = self.joining.order.leaves
        made = {
            leaves + join.number: join.unit for join in self.joining.joins if join.unit is not None
        }
        for join in self.joining.joins:
            for part in join.of:
                if made.get(part) == join.unit:
                    made.pop(part, None)
        return made

    def unit_made(self, part: int) -> str | None:
        """The label of the unit that a part is, if it is one."""
        return self._units_made.get(part)

    @cached_property
    def _unit_of_join(self) -> dict[int, tuple[int, ...]]:
        """Of each join inside a unit all joins of that very unit."""
        leaves = self.joining.order.leaves
        known: dict[int, tuple[int, ...]] = {}
        for join in self.joining.joins:  # parts come before what they make
            if join.unit is None:
                continue
            inner = [
                number
                for part in join.of
                for number in known.get(part - leaves, ())
                if self.joining.joins[number].unit == join.unit
            ]
            for number in (own := (*inner, join.number)):
                known[number] = own
        return known

    def joins_of_unit(self, join: Join) -> tuple[int, ...]:
        """The joins of the very unit that a join lies in, by number, in the order of sewing."""
        return self._unit_of_join[join.number]

    def unit_box(self, join: Join) -> tuple[int, int, int, int]:
        """The box of the very unit that a join lies in: left, top, right and bottom, in lattice
        steps.
        """
        made = self.joining.order.leaves + self.joins_of_unit(join)[-1]
        rings = [self.joining.faces[face].ring for face in self.joining.order.faces(made)]
        across, down = ([spot[axis] for ring in rings for spot in ring] for axis in (0, 1))
        return min(across), min(down), max(across), max(down)

    @cached_property
    def sewn(self) -> tuple[ListedJoin, ...]:
        """The joins, group by group."""
        return tuple(
            _sewn(self.joining.joins[number], place, self)
            for place, group in enumerate(self.groups, start=1)
            for number in group
        )

    @cached_property
    def listed(self) -> dict[int, ListedJoin]:
        """The joins as they are listed, by their numbers."""
        return {sewn.join.number: sewn for sewn in self.sewn}

    def joins_of(self, choice: JoinChoice) -> list[int]:
        """The joins of a choice, by number."""
        return [join.number for join in self.joining.joins if name_of(join) == choice]

    @cached_property
    def lots(self) -> tuple[Lots, ...]:
        """Groups that would nest if they were pressed in two lots."""
        return lots_offered(self.wanted, self.asked, self.pressing)

    @cached_property
    def openings(self) -> tuple[Opening, ...]:
        """The seams that are proposed to be opened."""
        return openings(self.wanted, self.pressing)

    @cached_property
    def cloth(self) -> tuple[Layer, ...]:
        """The cloth as it lies."""
        return layers(
            self.joining,
            self.pressing,
            self.wanted.meetings,
            float(self.draft.making.seam),
            float(self.reading.drawing.scale),
        )

    def lying(self, made: Pressing) -> dict[int, tuple[PressedStretch, ...]]:
        """Where the seams of each join lie in a pressing of this block."""
        scale = float(self.reading.drawing.scale)
        return pressed_stretches(self.joining, self.wanted.meetings, made, scale)

    @cached_property
    def thick(self) -> tuple[Thick, ...]:
        """The thick places, the thickest first."""
        seam = float(self.draft.making.seam)
        return thick_places(self.joining, self.cloth, seam, float(self.reading.drawing.scale))


_SEWING = 10 * A_FACE  # joins, meetings and cloth of every order weighed, as measured


@kept(lambda plan, _: _SEWING * len(plan.reading.drawing.faces))
def sewing_plan(draft: Draft) -> SewingPlan:
    """How a block is sewn together.

    Args:
        draft: with the quilter's choices in its making; what they leave open is proposed.

    Returns: the plan; of choices whose seams are not there any more `misplaced` tells where they
    were.

    Raises: `DraftError` where its seams are too many to work on.

    Source: `docs/sewing.md`.
    """
    reading = read(draft)
    wishes = draft.making.sewing
    parts = parts_with_orders(reading)
    of_parts = {
        box: part.order
        for part in wishes.parts
        if (box := _box(reading, part.corner, part.opposite))
    }
    offered = {
        order: Wishes(reading, _joined(reading, order, of_parts))
        for order in ([wishes.order] if wishes.order else _proposable(parts))
    }
    order = (
        min(offered, key=lambda one: _rank(one, offered[one]))
        if len(offered) > 1
        else next(iter(offered))
    )
    wanted = offered[order]
    joining = wanted.joining
    seams = {at: _seam_at(joining, reading, at) for at in _points(draft)}
    fixed = {
        join.number: _side(join, one.toward)
        for one in wishes.presses
        if (join := seams[one.at]) is not None
    }
    in_lots = frozenset(name_of(join) for at in wishes.in_lots if (join := seams[at]) is not None)
    asked = PressingWishes(
        draft.making.pressing,
        fixed,
        in_lots,
        unit_presses(reading),
        frozenset(wishes.never_under),
    )
    return SewingPlan(
        reading,
        order,
        wishes.order is not None,
        parts,
        wanted,
        asked,
        press_thin(wanted, asked, float(draft.making.seam), float(reading.drawing.scale)),
        offered,
        tuple(at for at, join in seams.items() if join is None),
    )


def side_by_side(plan: SewingPlan) -> tuple[OrderFigures, ...]:
    """The orders in which a block can be joined, in the same figures, the proposed one first among
    equals. The order of parts that have one of their own stays.
    """
    reading = plan.reading
    of_parts = {
        box: part.order
        for part in plan.draft.making.sewing.parts
        if (box := _box(reading, part.corner, part.opposite))
    }
    figures: list[OrderFigures] = []
    for order in _orders(plan.parts):
        rows = next((one for one in figures if one.order == "rows"), None)
        if order == "chained" and rows and plan.order != "chained":
            chained = _joined(reading, order, of_parts)
            figures.append(replace(rows, order=order, checkpoints=_checkpoints(chained)))
            continue
        wanted = plan.offered.get(order) or Wishes(reading, _joined(reading, order, of_parts))
        made = (
            plan.pressing
            if order == plan.order
            else press(wanted, replace(plan.asked, fixed=None, in_lots=frozenset()))
        )
        figures.append(_figures(order, wanted, made, reading.drawing.scale))
    return tuple(figures)


def proposed_order(figures: Sequence[OrderFigures]) -> OrderFigures:
    """The order that is proposed: the fewest bulky meetings, then the fewest seams across."""
    return min(figures, key=lambda one: (one.bulky, one.across, ORDERS.index(one.order)))


def _figures(
    order: OrderName, wanted: Wishes, made: Pressing, scale: int | Fraction
) -> OrderFigures:
    joins = wanted.joining.joins
    longest = max(joins, key=lambda join: join.length, default=None)
    return OrderFigures(
        order,
        len(joins),
        Length(Fraction(0)) if longest is None else _how_long(longest, scale),
        _across(joins),
        len(wanted.meetings),
        _checkpoints(wanted.joining),
        made.count("nested") + made.count("spun"),
        made.count("bulky"),
    )


def _checkpoints(joining: Joining) -> int:
    """How many parts are measured before the last seam."""
    last = len(joining.joins) - 1 + joining.order.leaves
    return len(joining.order.checkpoints - {last})


def _how_long(join: Join, scale: int | Fraction) -> Length:
    """The finished length of a seam, in the draft's unit."""
    squares = ((b[0] - a[0]) ** 2 + (b[1] - a[1]) ** 2 for a, b in join.along)
    return sum((lengths(square, scale) for square in squares), Length(Fraction(0)))


def _across(joins: Sequence[Join]) -> int:
    """How many seams are as long as the longest."""
    longest = max((join.length for join in joins), default=0.0)
    return sum(join.length > longest * (1 - 1e-9) for join in joins)


def _rank(order: OrderName, wanted: Wishes) -> tuple[int, int, int]:
    choices = choices_of(wanted.joining)
    nest = wanted.nest(choices, frozenset())
    bulky = choose(len(choices.names), {}, (nest,)).costs["nest"]
    return bulky, _across(wanted.joining.joins), ORDERS.index(order)


def _orders(parts: Sequence[CellPart]) -> list[OrderName]:
    """The orders that some part of the block can be joined in."""
    known = {order for part in parts for order in part.orders} or {"rows"}
    return [order for order in ORDERS if order in known]


def _proposable(parts: Sequence[CellPart]) -> list[OrderName]:
    """The orders that may be proposed. A chain over all rows meets what rows meet, so that it is
    never better than they are by any figure; whether she likes hinges is hers to say.
    """
    return [order for order in _orders(parts) if order != "chained"]


def _joined(
    reading: Reading, order: OrderName, of_parts: Mapping[tuple[int, int, int, int], OrderName]
) -> Joining:
    tree, beside = joining_order(reading, order, of_parts)
    return joining_of(tree, beside, reading.drawing.faces)


def _box(reading: Reading, corner: Point, opposite: Point) -> tuple[int, int, int, int] | None:
    """A box of columns and rows on the lattice; None where it has no such corners."""
    try:
        ends = [reading.drawing.to_lattice(point) for point in (corner, opposite)]
    except (IndexError, ValueError):
        return None
    if any(part.denominator > 1 for end in ends for part in end):
        return None
    (ax, ay), (bx, by) = ends
    return (
        min(int(ax), int(bx)),
        min(int(ay), int(by)),
        max(int(ax), int(bx)),
        max(int(ay), int(by)),
    )


def _points(draft: Draft) -> list[Point]:
    wishes = draft.making.sewing
    return list(dict.fromkeys([*(one.at for one in wishes.presses), *wishes.in_lots]))


def _seam_at(joining: Joining, reading: Reading, at: Point) -> Join | None:
    """The join whose seam runs through a point."""
    x, y = reading.drawing.to_lattice(at)
    for join in joining.joins:
        for touch in join.touches:
            (ax, ay), (bx, by) = touch.start, touch.end
            if (
                min(ax, bx) <= x <= max(ax, bx)
                and min(ay, by) <= y <= max(ay, by)
                and (bx - ax) * (y - ay) == (by - ay) * (x - ax)
            ):
                return join
    return None


def _way(join: Join) -> Spot:
    """The direction of a seam's longest stretch, the first part on its left hand."""
    a, b = max(
        join.along, key=lambda one: (one[1][0] - one[0][0]) ** 2 + (one[1][1] - one[0][1]) ** 2
    )
    return b[0] - a[0], b[1] - a[1]


def toward(join: Join, side: PressedSide) -> Toward:
    """Where a join is pressed, as one looks at the block."""
    if side is None:
        return "open"
    dx, dy = _way(join)
    x, y = (dy, -dx) if side == 0 else (-dy, dx)
    if abs(x) >= abs(y):
        return "right" if x > 0 else "left"
    return "down" if y > 0 else "up"


def ways_of(join: Join) -> tuple[Toward, ...]:
    """The ways in which a join can be pressed, as one looks at the block."""
    return toward(join, 0), toward(join, 1), "open"


def _side(join: Join, wanted: Toward) -> PressedSide:
    """The part of a join that lies where she wants it pressed; of a seam that runs along that
    direction the first.
    """
    if wanted == "open":
        return None
    dx, dy = _way(join)
    x, y = {"left": (-1, 0), "right": (1, 0), "up": (0, -1), "down": (0, 1)}[wanted]
    return 0 if dy * x - dx * y >= 0 else 1


def seam_point(plan: SewingPlan, join: Join) -> Point:
    """A point on a join's seam, in columns and rows, by which a choice about it is kept: the middle
    of its first stretch between two patches.
    """
    touch = join.touches[0]
    (ax, ay), (bx, by) = touch.start, touch.end
    return plan.reading.drawing.to_grid((Fraction(ax + bx, 2), Fraction(ay + by, 2)))


def _groups(wanted: Wishes, made: Pressing) -> tuple[tuple[int, ...], ...]:
    joining = wanted.joining
    alike: dict[object, list[int]] = defaultdict(list)
    known: dict[tuple[JoinChoice, PressedSide], object] = {}
    for join in joining.joins:
        side = made.presses[join.number]
        name = name_of(join), side
        if name not in known:
            like = wanted.likenesses.of(join)
            turned = side if side is None or like.even else side ^ like.swapped
            same = None if like.even else turned
            known[name] = join.unit, like.key, same, side is None
        alike[known[name]].append(join.number)
    return _one_after_the_other(joining, [*alike.values()])


def _one_after_the_other(
    joining: Joining, groups: Sequence[Sequence[int]]
) -> tuple[tuple[int, ...], ...]:
    """Groups so that each comes after those that its parts are made in: those that need the fewest
    trips to the iron before them first, of equal ones the earliest.
    """
    group_of = {number: place for place, group in enumerate(groups) for number in group}
    waits: list[set[int]] = [set() for _ in groups]
    frees: dict[int, set[int]] = defaultdict(set)
    for join in joining.joins:
        for part in join.of:
            if part >= joining.order.leaves:
                before = group_of[part - joining.order.leaves]
                waits[group_of[join.number]].add(before)
                frees[before].add(group_of[join.number])
    trips = [1] * len(groups)
    ready = [(1, group[0], place) for place, group in enumerate(groups) if not waits[place]]
    heapq.heapify(ready)
    found = []
    while ready:
        _, _, place = heapq.heappop(ready)
        found.append(tuple(groups[place]))
        for after in frees[place]:
            waits[after].discard(place)
            trips[after] = max(trips[after], trips[place] + 1)
            if not waits[after]:
                heapq.heappush(ready, (trips[after], groups[after][0], after))
    return tuple(found)


def _sewn(join: Join, group: int, plan: SewingPlan) -> ListedJoin:
    side = plan.pressing.presses[join.number]
    like = plan.wanted.likenesses.of(join) if join.unit is None else _likeness_of_unit(join, plan)
    swapped = side == 1 if like.even else like.swapped
    number = plan.joining.order.leaves + join.number
    return ListedJoin(
        join,
        join.of[::-1] if swapped else join.of,
        None if side is None else side ^ swapped,
        join.of[_goes_up(join, plan)],
        group,
        box_of_part(plan.joining, number),
        number in plan.joining.order.checkpoints,
    )


def _likeness_of_unit(join: Join, plan: SewingPlan) -> Likeness:
    """That of the first join of its choice; it is the same for all."""
    first = plan.joining.joins[
        plan.pressing.choices.joins[plan.pressing.choices.of_join[join.number]][0]
    ]
    return plan.wanted.likenesses.of(first)


def _goes_up(join: Join, plan: SewingPlan) -> int:
    """Which part goes up at the machine: the one whose points must be sewn through; else the one
    with more seams; else the second.
    """
    points, ends = [0, 0], [0, 0]
    for end in plan.wanted.ends[join.number]:
        ends[end.side] += 1
        points[end.side] += end.slanted
    if points[0] != points[1]:
        return int(points[1] > points[0])
    return 0 if ends[0] > ends[1] else 1


def measures(plan: SewingPlan, sewn: ListedJoin) -> tuple[Length, Length]:
    """What a join makes measures unfinished, in the draft's unit. It must be a rectangle."""
    assert sewn.box is not None
    both = 2 * plan.draft.making.seam
    wide, high = (_length(square, plan) for square in (sewn.box.wide, sewn.box.high))
    return wide + both, high + both


def _length(square: Fraction, plan: SewingPlan) -> Length:
    """The length whose square, in lattice steps, is given."""
    under = square.denominator
    return lengths(square.numerator * under, plan.reading.drawing.scale * under)
