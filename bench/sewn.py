"""Blocks sewn in a simulation that knows nothing of the diagnosis: lines are laid over the patches,
and each patch, seam and trimmed unit that a line crosses adds what is wrong with it.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Iterable, Iterator
from dataclasses import dataclass, field
from fractions import Fraction as F
from itertools import pairwise
from math import hypot, sqrt
from typing import Any

import numpy as np
import shapely

from bench.causes import planned
from yonk.core.measuring import Measurable, diagnose, measurables
from yonk.core.planning import Plan
from yonk.core.pressing import SewingPlan

Random = Any
LEVELS = 7  # lines through a row, whose mean is what it measures
STEADY = 0.0  # of every cut and seam besides what is wrong
READING = 1 / 32
UNSEEN = 1.5  # readings, below which nothing need be wrong
KINDS = ("seam", "press", "cut", "trim", "skew")


@dataclass
class Wrong:
    """What is wrong with a block: seams, folds, patches, units, its corners."""

    seam: float = 0.0
    press: float = 0.0
    trim: float = 0.0
    skew: float = 0.0
    cut: dict[int, float] = field(default_factory=dict)  # by patch
    across_only: bool | None = None  # only as wide, or only as high, as it should not be


class Cloth:
    """A block as it lies: its patches as polygons, in the draft's unit."""

    def __init__(self, name: str) -> None:
        self.plan, self.planned = planned(name)
        scale = float(self.plan.reading.drawing.scale)
        self.patches = [
            shapely.transform(one, lambda spots: spots / scale)
            for one in self.plan.reading.drawing.polygons
        ]
        trimmed = {
            one.group.label
            for one in self.planned.recipes
            if one.is_trimmed(self.planned.wanted.terms)
        }
        self.unit: dict[int, tuple[str, int]] = {}
        for group in self.plan.reading.groups:
            if group.label in trimmed:
                for number, member in enumerate(group.members):
                    self.unit.update(dict.fromkeys(member, (group.label, number)))

    def measured(self, one: Measurable, wrong: Wrong, noise: Random) -> float:
        """What a line measures of a block that something is wrong with."""
        if one.diagonal:
            wide, high = float(self.plan.draft.width), float(self.plan.draft.height)
            along = [self._across(one, way, None, wrong, noise) for way in ((1.0, 0.0), (0.0, 1.0))]
            off = (along[0] * wide + along[1] * high) / hypot(wide, high)
            return one.size + off + one.diagonal * wrong.skew / sqrt(2)
        return one.size + self._across(one, one.way, one.at, wrong, noise)

    def _across(
        self, one: Measurable, way: Any, at: float | None, wrong: Wrong, noise: Random
    ) -> float:
        faces = shapely.union_all([self.patches[face] for face in one.faces])
        left, top, right, bottom = faces.bounds
        shares = [at] if at is not None else [(n + 0.5) / LEVELS for n in range(LEVELS)]
        offs = []
        for share in shares:
            share = min(max(share, 0.013), 0.987) + 1e-4
            if way == (1.0, 0.0):
                level = top + share * (bottom - top)
                line = shapely.LineString([(left - 1, level), (right + 1, level)])
            else:
                level = left + share * (right - left)
                line = shapely.LineString([(level, top - 1), (level, bottom + 1)])
            offs.append(self._along(line, set(one.faces), wrong, noise, way == (1.0, 0.0)))
        return float(np.mean(offs))

    def _along(
        self, line: Any, faces: set[int], wrong: Wrong, noise: Random, across: bool
    ) -> float:
        crossed = sorted(
            (float(line.project(met.centroid)), face)
            for face in faces
            if (met := self.patches[face].intersection(line)).length > 1e-9
        )
        order = [face for _, face in crossed]
        off = sum(
            wrong.cut.get(face, 0.0) * (wrong.across_only in (None, across))
            + noise.normal(0, STEADY)
            for face in order
            if face not in self.unit
        )
        units = {self.unit[face] for face in order if face in self.unit}
        whole = wrong.across_only == across
        for place in units:
            mine = [wrong.cut.get(face, 0.0) for face in order if self.unit.get(face) == place]
            off += wrong.trim + noise.normal(0, STEADY) + whole * max(mine, key=abs)
        for one, other in pairwise(order):
            share = self._share(one, other, line)
            inside = one in self.unit and self.unit[one] == self.unit.get(other)
            off -= 2 * wrong.press * share
            if not inside:
                off -= 2 * (wrong.seam + noise.normal(0, STEADY)) * share
        return off

    def _share(self, one: int, other: int, line: Any) -> float:
        """How squarely a line crosses the seam between two patches."""
        seam = self.patches[one].intersection(self.patches[other])
        (ax, ay), *_, (bx, by) = next(_lines(seam)).coords
        (cx, cy), (dx, dy) = line.coords
        turn = (bx - ax) * (dy - cy) - (by - ay) * (dx - cx)
        return float(abs(turn) / hypot(bx - ax, by - ay) / hypot(dx - cx, dy - cy))


def _lines(seam: Any) -> Iterator[Any]:
    parts = [one for one in getattr(seam, "geoms", [seam]) if one.length > 0]
    yield max(parts, key=lambda one: one.length)


def wrongly_cut(plan: SewingPlan, random: Random, by: float) -> Wrong:
    """A letter, or a row or column, cut otherwise."""
    rows = [one for what, one in measurables(plan).items() if what.startswith(("row", "column"))]
    plain = sorted({p.letter for p in plan.reading.patches if p.shape in ("square", "rectangle")})
    if rows and random.random() < 0.5:
        line = rows[random.integers(len(rows))]
        return Wrong(cut=dict.fromkeys(line.faces, by), across_only=line.what[0] == "c")
    if not plain:
        return Wrong(cut=dict.fromkeys(range(len(plan.reading.patches)), by))
    letter = plain[random.integers(len(plain))]
    return Wrong(
        cut={face: by for face, p in enumerate(plan.reading.patches) if p.letter == letter}
    )


def sewn_wrong(cloth: Cloth, kind: str, random: Random) -> tuple[Wrong, float]:
    """A block that one thing is wrong with, by as much as a quilter would see."""
    by = random.uniform(3 / 64, 1 / 8) * random.choice([-1, 1])
    if kind in ("seam", "press"):
        by = abs(by) / 3 if kind == "press" else by / 3
        return Wrong(**{kind: by}), by
    if kind == "cut":
        return wrongly_cut(cloth.plan, random, by), by
    return Wrong(**{kind: by * (2 if kind == "skew" else 1)}), by


def _misread(random: Random) -> float:
    return float(random.uniform(-1, 1)) * READING


def _is_seen(cloth: Cloth, known: Iterable[Measurable], wrong: Wrong) -> bool:
    """Whether anything that can be measured is off by more than need be explained."""
    still = np.random.default_rng(0)
    offs = [cloth.measured(one, wrong, still) - one.size for one in known]
    return max(map(abs, offs)) >= UNSEEN * READING


def told(name: str, count: int, seed: int = 5) -> Counter[tuple[str, str]]:
    """Blocks with one thing wrong each, measured everywhere, read to a thirty-second either way:
    what was wrong, and what the diagnosis named first.
    """
    cloth, random = Cloth(name), np.random.default_rng(seed)
    plan_: Plan = cloth.planned
    known, found = measurables(cloth.plan), Counter[tuple[str, str]]()
    kinds = [one for one in KINDS if one != "trim" or cloth.unit]
    for number in range(count):
        kind = kinds[number % len(kinds)]
        wrong, _ = sewn_wrong(cloth, kind, random)
        sizes = {
            what: F(
                round((cloth.measured(one, wrong, random) + random.uniform(-1, 1) * READING) * 64),
                64,
            )
            for what, one in known.items()
        }
        if not _is_seen(cloth, known.values(), wrong):
            continue
        diagnosis = diagnose(cloth.plan, plan_, sizes)
        first: str = diagnosis.causes[0].kind if diagnosis.causes else "none"
        rivals = {cause.kind for rival in diagnosis.undecided for cause in rival}
        if not diagnosis.explained:
            first = "unexplained"
        found[kind, "undecided" if first != kind and kind in rivals else first] += 1
    return found
