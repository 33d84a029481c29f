"""What is wanted of the pressing of a block, told of the choices that there are."""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Callable, Mapping
from dataclasses import dataclass
from functools import cached_property
from itertools import pairwise
from math import hypot

from yonk.core.joining import Join, Joining, Likenesses, Touch
from yonk.core.paper import PressingSchool, UnitPress
from yonk.core.planning import Reading, lightness
from yonk.core.pressing.choices import Pairing, Wish
from yonk.core.pressing.seam_intersection import SeamIntersection, seam_ends, seam_intersections

_FINE = 64  # parts of a unit of length that costs are counted in
JoinChoice = tuple[str, int] | int
Costs = Callable[[Join], tuple[int, int]]


@dataclass(frozen=True)
class JoinChoices:
    """The choices that there are: of each join, by number, the choice that it follows.

    Units made alike are pressed alike: their joins follow one choice, unless they are pressed in
    lots.
    """

    of_join: tuple[int, ...]
    names: tuple[JoinChoice, ...]

    @cached_property
    def joins(self) -> list[list[int]]:
        """The joins of each choice."""
        found: list[list[int]] = [[] for _ in self.names]
        for join, choice in enumerate(self.of_join):
            found[choice].append(join)
        return found


def choices_of(joining: Joining, in_lots: frozenset[JoinChoice] = frozenset()) -> JoinChoices:
    """The choices of a block.

    Args:
        joining: its joins.
        in_lots: the joins inside units, by label and place, that may be pressed in two lots.
    """
    number: dict[JoinChoice, int] = {}
    of_join = []
    for join in joining.joins:
        name = name_of(join)
        if name in in_lots:
            name = join.number
        of_join.append(number.setdefault(name, len(number)))
    return JoinChoices(tuple(of_join), tuple(number))


def name_of(join: Join) -> JoinChoice:
    """What the choice of a join is called: in a unit, its label and its place there."""
    return join.number if join.unit is None else (join.unit, join.place)


class Wishes:
    """The wishes for a block, each worked out once."""

    def __init__(self, reading: Reading, joining: Joining) -> None:
        self.reading, self.joining = reading, joining
        self.meetings: tuple[SeamIntersection, ...] = seam_intersections(joining)
        self.ends = seam_ends(joining)
        self.likenesses = Likenesses(joining, reading.fabrics)
        self._light = {
            fabric: lightness(reading.draft.fabric(fabric).colour) for fabric in {*reading.fabrics}
        }

    def of_school(
        self, school: PressingSchool, choices: JoinChoices, opened: frozenset[int]
    ) -> tuple[Wish, ...]:
        """The wishes in the order of a school, the most important first.

        Args:
            school: nest first, always to the dark, or spun where they can be.
            choices: what can be chosen.
            opened: joins that are pressed open.

        Source: what is wanted, in `docs/sewing.md`.
        """
        nest = self.nest(choices, opened)
        dark = Wish("dark", self._sides(choices, self._dark_under_light))
        point = Wish("point", self._sides(choices, self._to_the_middle))
        rest = (
            Wish("bulk", self._sides(choices, self._ends)),
            Wish("row", pairs=self._rows(choices)),
            Wish("alike", pairs=self._alike(choices)),
            Wish("habit", self._sides(choices, self._to_the_light)),
        )
        if school == "dark":
            return (Wish("to-dark", self._sides(choices, self._to_the_light)), nest, *rest[:3])
        if school == "spin":
            return (nest, Wish("spin", pairs=self._spun(choices, opened)), point, dark, *rest)
        return (nest, point, dark, *rest)

    def of_hers(
        self, units: Mapping[str, UnitPress], never_under: frozenset[str], choices: JoinChoices
    ) -> tuple[Wish, ...]:
        """What she wishes beside her school, before it: how units are pressed inside, by their
        labels, and the fabrics under which no allowance is to lie.
        """

        def own(join: Join) -> tuple[int, int]:
            press = units.get(join.unit) if join.unit else None
            if press == "dark":
                return self._to_the_light(join)
            return self._to_the_larger(join) if press == "outward" else (0, 0)

        def never(join: Join) -> tuple[int, int]:
            first = second = 0.0
            for touch in join.touches:
                first += self.length(touch) * (self.reading.fabrics[touch.left] in never_under)
                second += self.length(touch) * (self.reading.fabrics[touch.right] in never_under)
            return round(first * _FINE), round(second * _FINE)

        wishes = [Wish("own", self._sides(choices, own))] if units else []
        wishes += [Wish("never", self._sides(choices, never))] if never_under else []
        return tuple(wishes)

    def nest(self, choices: JoinChoices, opened: frozenset[int]) -> Wish:
        """That meetings nest."""
        pairs: dict[tuple[int, int, bool], int] = defaultdict(int)
        sides: dict[int, tuple[int, int]] = {}
        for meeting in self.meetings:
            if opened.intersection(meeting.of) or 0 in meeting.lies:
                continue
            one, other = (choices.of_join[seam] for seam in meeting.of)
            differ = meeting.lies[0] == meeting.lies[1]
            if one != other:
                pairs[one, other, differ] += 1
            elif differ:  # one and the same choice lies to one side here, whichever it is
                first, second = sides.get(one, (0, 0))
                sides[one] = first + 1, second + 1
        return Wish("nest", sides, [Pairing(*key, weight) for key, weight in pairs.items()])

    def _sides(self, choices: JoinChoices, cost: Costs) -> Mapping[int, tuple[int, int]]:
        """What either side of each choice costs, over its joins."""
        sides: dict[int, tuple[int, int]] = {}
        for join in self.joining.joins:
            first, second = cost(join)
            choice = choices.of_join[join.number]
            before = sides.get(choice, (0, 0))
            sides[choice] = before[0] + first, before[1] + second
        return sides

    def length(self, touch: Touch) -> float:
        """How long a stretch is, in the draft's unit."""
        dx, dy = touch.end[0] - touch.start[0], touch.end[1] - touch.start[1]
        return hypot(float(dx), float(dy)) / float(self.reading.drawing.scale)

    def _dark_under_light(self, join: Join) -> tuple[int, int]:
        """By how much and how long a dark allowance lies under a light patch, toward either
        side.
        """
        first = second = 0.0
        for touch in join.touches:
            by = self.lighter(touch) * self.length(touch)
            first, second = first + max(0.0, by), second + max(0.0, -by)
        return round(first * _FINE), round(second * _FINE)

    def lightness(self, face: int) -> float:
        """How light a patch looks, from 0 to 100."""
        return self._light[self.reading.fabrics[face]]

    def lighter(self, touch: Touch) -> float:
        """By how much the patch on the left of a stretch, toward the first part, is lighter."""
        return self.lightness(touch.left) - self.lightness(touch.right)

    def _to_the_light(self, join: Join) -> tuple[int, int]:
        """The same, the whole seam taken together."""
        by = sum(self.lighter(touch) * self.length(touch) for touch in join.touches)
        return (round(by * _FINE), 0) if by > 0 else (0, round(-by * _FINE))

    def _to_the_middle(self, join: Join) -> tuple[int, int]:
        """Toward the goose, or the middle of a square in a square: the next seam would not lie flat
        there. The small outer triangle is a single patch, smaller than what it is sewn to.
        """
        return self._to_the_larger(join) if join.unit in self._with_a_middle else (0, 0)

    def _to_the_larger(self, join: Join) -> tuple[int, int]:
        """Toward the part with more cloth, whose point or middle it is; of equals neither."""
        areas = [
            sum(abs(self.joining.faces[face].twice_area) for face in self.joining.order.faces(part))
            for part in join.of
        ]
        if areas[0] == areas[1]:
            return 0, 0
        return (1, 0) if areas[0] > areas[1] else (0, 1)

    @cached_property
    def _with_a_middle(self) -> frozenset[str]:
        """The labels of the units that have a point or a middle."""
        kinds = ("flying-geese", "square-in-a-square")
        return frozenset(group.label for group in self.reading.groups if group.kind in kinds)

    def _ends(self, join: Join) -> tuple[int, int]:
        """The seam ends on either side, and the points among them."""
        found = [0, 0]
        for end in self.ends[join.number]:
            found[end.side] += 1 + end.slanted
        return found[0], found[1]

    def _rows(self, choices: JoinChoices) -> list[Pairing]:
        """Joins of a row one way."""
        rows: dict[int, list[int]] = defaultdict(list)
        for join in self.joining.joins:
            if join.row is not None:
                rows[join.row].append(choices.of_join[join.number])
        return [
            Pairing(one, other, differ=False)
            for row in rows.values()
            for one, other in pairwise(row)
        ]

    def _alike(self, choices: JoinChoices) -> list[Pairing]:
        """Alike joins alike."""
        alike: dict[object, list[tuple[int, bool]]] = defaultdict(list)
        done: set[int] = set()
        for join in self.joining.joins:
            choice = choices.of_join[join.number]
            if join.unit is not None and choice in done:
                continue
            done.add(choice)
            like = self.likenesses.of(join)
            if not like.even:
                alike[join.unit, like.key].append((choice, like.swapped))
        return [
            Pairing(one, other, differ=swapped != turned)
            for joins in alike.values()
            for (one, swapped), (other, turned) in pairwise(joins)
            if one != other
        ]

    def _spun(self, choices: JoinChoices, opened: frozenset[int]) -> list[Pairing]:
        """Neighbours along a seam turn opposite ways, so that both can be spun."""
        on_join: dict[int, list[SeamIntersection]] = defaultdict(list)
        for meeting in self.meetings:
            if not opened.intersection(meeting.of):
                on_join[meeting.join].append(meeting)
        return [
            Pairing(
                choices.of_join[one.of[0]],
                choices.of_join[other.of[0]],
                differ=one.lies[0] == other.lies[0],
            )
            for along in on_join.values()
            for one, other in pairwise(along)
            if choices.of_join[one.of[0]] != choices.of_join[other.of[0]]
        ]
