"""How everything that can be measured of a block answers to everything that can come out otherwise:
one matrix a sewing plan, with nothing eased and with all of it eased.

What is off before it is sewn to more is a straight run; what is off in the finished block lies
between that and the shape in which the cloth is stretched the least, since nobody knows how far she
eases.

Source: *The block as it is listed, sewn and eased* in `docs/measuring.md`.
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterable, Mapping
from functools import cached_property
from math import hypot

import numpy as np

from yonk.core.measuring.elastic import ElasticCloth, Hit, PinchedOutlineError, SewnCloth
from yonk.core.measuring.errors import Errors
from yonk.core.measuring.listed import listed_sizes, trimmed_units
from yonk.core.measuring.places import ACROSS, DOWN, Measurable
from yonk.core.measuring.runs import Runs
from yonk.core.paper import XY, Array, Draft, kept
from yonk.core.planning import Plan, make_plan
from yonk.core.pressing import SewingPlan, sewing_plan

EASINGS = (0.0, 0.5, 1.0)  # none, half, full: what is told must hold for each
MOST_EASED = 1_200  # patches; a block of more is told by its straight runs alone
_LEVELS = 5  # lines through a part, whose mean is what it measures
_BYTES = 4_000  # of a response for each patch, as measured


class Response:
    """The matrix of one block.

    Args:
        plan: its sewing.
        planned: how its units are made, and what is cut for them.
    """

    def __init__(self, plan: SewingPlan, planned: Plan) -> None:
        self.plan, self.planned = plan, planned
        self.runs = Runs(plan, trimmed_units(planned), listed_sizes(planned))
        self._rows: dict[str, Array] = {}

    @property
    def causes(self) -> int:
        """How many causes there are."""
        return self.runs.causes

    @cached_property
    def cloth(self) -> ElasticCloth | None:
        """The block as elastic cloth, where that can be worked out, and in time."""
        if len(self.plan.joining.faces) > MOST_EASED:
            return None
        try:
            return ElasticCloth(self.runs)
        except PinchedOutlineError:
            return None

    def rows(self, one: Measurable) -> Array:
        """How much longer a measure becomes for each unit of each cause: two rows, with nothing
        eased and with all of it.
        """
        if one.what not in self._rows:
            self.prepare([one])
        return self._rows[one.what]

    def prepare(self, wanted: Iterable[Measurable]) -> None:
        """Works out the rows of several measures, those of one sewn part together."""
        parts: dict[tuple[int, ...], list[Measurable]] = defaultdict(list)
        for one in wanted:
            if one.what not in self._rows:
                parts[tuple(sorted(one.faces))].append(one)
        for faces, mine in parts.items():
            loose = [self._loose(one) for one in mine]
            eased = self._eased(faces, mine, loose)
            for one, row, other in zip(mine, loose, eased, strict=True):
                self._rows[one.what] = np.array([row, other])

    def larger(self, one: Measurable) -> Array:
        """By how much a measure comes out larger than drafted where everything is cut as it is
        listed and nothing is off; with nothing and with all eased.
        """
        found: Array = self.rows(one) @ self.runs.listed_larger
        return found

    def spreads(self, errors: Errors) -> Array:
        """The standard deviation of each cause."""
        return self.runs.spreads(errors)

    def _loose(self, one: Measurable) -> Array:
        """The straight run."""
        if one.patch is not None and one.through is not None:
            return self.runs.within(one.patch, one.way, _beside_corners(self, one))
        if one.diagonal:
            width, height = float(self.plan.draft.width), float(self.plan.draft.height)
            wide, high = (self.runs.across_of(one.faces, way) for way in (ACROSS, DOWN))
            found: Array = (wide * width + high * height) / hypot(width, height)
            return found
        if one.at is None:
            return self.runs.across_of(one.faces, one.way)
        return self.runs.at_of(one.faces, one.way, self._levels(one)[0])

    def _eased(self, faces: tuple[int, ...], mine: list[Measurable], loose: list[Array]) -> Array:
        """What it comes to where everything is eased."""
        if self.cloth is None or len(faces) < 2:
            return np.array(loose)
        sewn = self.cloth.sewn(faces)
        asked = [self.asked(sewn, one) for one in mine]
        answers = sewn.answers(
            np.array([a if a is not None else np.zeros(2 * len(sewn.corners)) for a in asked]).T
        )
        return np.array(
            [
                run if a is None else answer
                for a, run, answer in zip(asked, loose, answers, strict=True)
            ]
        )

    def asked(self, sewn: SewnCloth, one: Measurable) -> Array | None:
        """A measure as a sum over corners; None where it does not end on an outline."""
        if one.diagonal:
            return self._corner_to_corner(sewn, one)
        found = [
            sewn.asked(hits, one.way)
            for level in self._levels(one)
            if (hits := self._hits(sewn, one, level))
        ]
        return np.mean(found, axis=0) if found else None

    def _levels(self, one: Measurable) -> list[float]:
        """The levels, across its direction, at which something is measured; none at a corner."""
        across = np.array([-one.way[1], one.way[0]])
        if one.through is not None:
            return [float(np.array(_beside_corners(self, one)) @ across)]
        down = np.unique(np.round(self._spots(one.faces) @ across, 9))
        low, high = float(down[0]), float(down[-1])
        if one.at is None:
            shares = [(number + 0.5) / _LEVELS for number in range(_LEVELS)]
        else:
            shares = [min(max(one.at, 1e-6), 1 - 1e-6)]
        if one.way == DOWN:  # across it is the other way round
            shares = [1 - share for share in shares]
        return [_clear(low + share * (high - low), down) for share in shares]

    def _spots(self, faces: Iterable[int]) -> Array:
        """The corners of some patches, and those of their neighbours on their edges."""
        mine = np.isin(self.runs.face, list(faces))
        found: Array = np.concatenate([self.runs.start[mine], self.runs.end[mine]])
        return found

    def _hits(self, sewn: SewnCloth, one: Measurable, level: float) -> tuple[Hit, Hit] | None:
        """Where a line meets the outline, first and last; of one patch its own outline."""
        runs, cloth = self.runs, sewn.cloth
        if one.patch is not None:
            chosen = np.flatnonzero(runs.face == one.patch)
        else:
            inner = sewn.inner
            chosen = np.flatnonzero(inner[runs.face] & ~inner[runs.other])
        across, way = np.array([-one.way[1], one.way[0]]), np.array(one.way)
        a, b = runs.start[chosen] @ across, runs.end[chosen] @ across
        met = np.flatnonzero((np.minimum(a, b) < level) & (level < np.maximum(a, b)))
        if len(met) < 2:
            return None
        share = (level - a[met]) / (b[met] - a[met])
        spots = runs.start[chosen[met]] + share[:, None] * (runs.end - runs.start)[chosen[met]]
        far = spots @ way
        ends = [int(np.argmin(far)), int(np.argmax(far))]
        if one.through is not None:  # a patch need not be convex
            mine = float(np.array(one.through) @ way)
            before, after = np.flatnonzero(far <= mine), np.flatnonzero(far > mine)
            if len(before) and len(after):
                ends = [int(before[np.argmax(far[before])]), int(after[np.argmin(far[after])])]
        first, last = (
            (
                int(cloth.first[chosen[met[end]]]),
                int(cloth.last[chosen[met[end]]]),
                float(share[end]),
            )
            for end in ends
        )
        return first, last

    def _corner_to_corner(self, sewn: SewnCloth, one: Measurable) -> Array | None:
        spots = self.cloth.spots[sewn.corners] if self.cloth else np.zeros((0, 2))
        ends = np.array(one.line(self.plan))
        far = np.hypot(*(spots[:, None, :] - ends[None, :, :]).transpose(2, 0, 1))
        near = far.argmin(axis=0)
        if len(near) < 2 or far[near, [0, 1]].max() > 1e-6 * float(self.plan.draft.width):
            return None
        way = ends[1] - ends[0]
        way /= np.hypot(*way)
        first, last = (int(sewn.corners[number]) for number in near)
        return sewn.asked(((first, first, 0.0), (last, last, 0.0)), (float(way[0]), float(way[1])))


def _beside_corners(response: Response, one: Measurable) -> XY:
    """The spot that a measure from seam to seam goes through, moved off the level of a corner."""
    assert one.patch is not None and one.through is not None
    across = np.array([-one.way[1], one.way[0]])
    down = np.unique(np.round(response._spots((one.patch,)) @ across, 9))
    mine = float(np.array(one.through) @ across)
    by = (_clear(mine, down) - mine) * across
    return one.through[0] + float(by[0]), one.through[1] + float(by[1])


def _clear(level: float, down: Array) -> float:
    """A level near another at which no corner lies."""
    if np.abs(down - level).min(initial=np.inf) > 1e-7:
        return level
    above = down[down > level + 1e-7]
    return level + (min(1e-4, (float(above[0]) - level) / 2) if len(above) else -1e-4)


@kept(lambda response, draft: _BYTES * len(response.plan.joining.faces))
def response_of(draft: Draft) -> Response:
    """The matrix of a draft, as it is sewn and cut.

    Raises: `DraftError` where its seams are too many to work on.
    """
    return Response(sewing_plan(draft), make_plan(draft))


def at_easing(rows: Array, easing: float) -> Array:
    """What lies between the two rows of each measure, `(measures, 2, …)`."""
    found: Array = (1 - easing) * rows[:, 0] + easing * rows[:, 1]
    return found


def matrix_of(response: Response, known: Mapping[str, Measurable]) -> Array:
    """The rows of several measures in their order, `(measures, 2, causes)`."""
    response.prepare(known.values())
    rows = [response.rows(one) for one in known.values()]
    return np.array(rows).reshape(-1, 2, response.causes)
