"""Blocks that come out otherwise, made by hand of springs, to hold what is foretold and diagnosed
against. Nothing of it is shared with the model that it judges.

Each patch gets the outline to which it was really cut and seamed, by moving its edges and crossing
them anew. Its corners, and those of its neighbours on its edges, are tied to each other by springs
of their distances in that outline; what is sewn together shares its corners. The springs come to
rest by themselves, whatever the angles. What she did not ease lies as it was cut.
"""

from __future__ import annotations

from collections import Counter, defaultdict
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from fractions import Fraction as F
from functools import cache
from math import hypot
from typing import Any

import numpy as np
import shapely
from scipy.optimize import least_squares

from yonk.core.measuring import Evidence, SeamFigures, diagnose, measurables
from yonk.core.paper import Draft
from yonk.core.planning import make_plan
from yonk.core.pressing import sewing_plan
from yonk.machine.samples import all_samples

Random = Any
SAMPLES = {draft.name: draft for draft in all_samples()}
SPREAD = 1 / 64  # of each cut and seam
KINDS = ("seam", "one-seam", "patch", "letter", "column", "trim", "press", "skew", "none")


@dataclass
class Wrong:
    """What is wrong with a block: by how much each seam takes up too much at either end, by the
    pair of patches beside it or everywhere; by how much patches are cut too large, across and down;
    the trim of units; how far the top is shifted against the bottom.
    """

    kind: str = "none"
    where: frozenset[Any] = frozenset()
    seam: float = 0.0
    seams: dict[frozenset[int], tuple[float, float]] = field(default_factory=dict)
    cut: dict[int, tuple[float, float]] = field(default_factory=dict)
    trim: float = 0.0
    skew: float = 0.0


class Block:
    """A block's patches as polygons, and which unit each is trimmed in."""

    def __init__(self, draft: Draft) -> None:
        self.plan, self.planned = sewing_plan(draft), make_plan(draft)
        scale = float(self.plan.reading.drawing.scale)
        self.rings = [np.array(face.ring, float) / scale for face in self.plan.joining.faces]
        self.size = np.array([float(draft.width), float(draft.height)])
        self.inch = 1.0 if draft.unit == "in" else 2.54
        trimmed = {one.group.label for one in self.planned.recipes if one.is_trimmed}
        self.unit: dict[int, tuple[str, int]] = {}
        for group in self.plan.reading.groups:
            for number, member in enumerate(group.members):
                if group.label in trimmed:
                    self.unit.update(dict.fromkeys(member, (group.label, number)))
        self.piece_of = self._pieces()
        self._corners()
        self.joins = self._joins()
        self.has_straight = [
            len(ring) > 0
            and bool((np.abs(np.roll(ring, -1, axis=0) - ring).min(axis=1) < 1e-9).any())
            for ring in self.rings
        ]

    def _pieces(self) -> list[int]:
        """Which piece each patch is in: itself, or the first patch of a trimmed unit, which is one
        piece from then on; and the outline of each piece.
        """
        firsts: dict[tuple[str, int], int] = {}
        found = [
            firsts.setdefault(self.unit[f], f) if f in self.unit else f
            for f in range(len(self.rings))
        ]
        self.patch_rings = self.rings
        self.rings = []
        for piece in range(len(found)):
            mine = [self.patch_rings[f] for f in range(len(found)) if found[f] == piece]
            self.rings.append(_outline_of(mine) if mine else np.zeros((0, 2)))
        return found

    def pieces(self, faces: Sequence[int]) -> tuple[int, ...]:
        """The pieces that some patches are in."""
        return tuple(sorted({self.piece_of[face] for face in faces}))

    def _corners(self) -> None:
        """All corners, and round each patch those that lie on its outline."""
        used = [ring for ring in self.rings if len(ring)]
        every = np.unique(np.round(np.concatenate(used), 9), axis=0)
        self.corners = every
        self.round: list[list[int]] = []
        for ring in self.rings:
            mine: list[int] = []
            for a, b in zip(ring, np.roll(ring, -1, axis=0), strict=True):
                if not len(ring):
                    break
                along, long = b - a, float(np.hypot(*(b - a)))
                to = every - a
                off = np.abs(along[0] * to[:, 1] - along[1] * to[:, 0]) / long
                far = to @ along / long
                on = np.flatnonzero((off < 1e-6) & (far > -1e-6) & (far < long - 1e-6))
                mine += on[np.argsort(far[on])].tolist()
            self.round.append(mine)
        self.edges: dict[tuple[int, int], list[int]] = defaultdict(list)
        for face, mine in enumerate(self.round):
            for a, b in zip(mine, [*mine[1:], *mine[:1]], strict=True):
                self.edges[min(a, b), max(a, b)].append(face)

    def _joins(self) -> dict[str, tuple[set[int], set[int]]]:
        order = self.plan.joining.order
        return {
            f"j{place}": (set(order.faces(sewn.join.of[0])), set(order.faces(sewn.join.of[1])))
            for place, sewn in enumerate(self.plan.sewn, start=1)
        }

    def at_the_edge(self, a: int, b: int) -> bool:
        """Whether two corners lie on one side of the block."""
        one, other = self.corners[a], self.corners[b]
        return any(
            abs(one[axis] - side) < 1e-6 and abs(other[axis] - side) < 1e-6
            for axis in (0, 1)
            for side in (0.0, self.size[axis])
        )

    def sewn(self, wrong: Wrong, random: Random) -> Sewn:
        """One block as it comes out, with her usual spread besides."""
        sizes = random.normal(0, SPREAD * self.inch, (len(self.rings), 2))
        trims: dict[Any, Any] = defaultdict(lambda: random.normal(0, SPREAD * self.inch, 2))
        cuts = []
        for face in range(len(self.rings)):
            cut = np.array(wrong.cut.get(face, (0.0, 0.0))) + sizes[face]
            unit = self.unit.get(face)
            cuts.append(cut if unit is None else wrong.trim + trims[unit])
        return Sewn(self, wrong, cuts, random)

    def outline(
        self,
        face: int,
        cut: Any,
        wrong: Wrong,
        seams: dict[frozenset[int], float],
        sewn: frozenset[int],
        random: Random,
    ) -> Any:
        """Where the corners round a patch lie in its own outline, seams taken off."""
        mine = self.round[face]
        lines = []
        for a, b in zip(mine, [*mine[1:], mine[0]], strict=True):
            one, other = self.corners[a], self.corners[b]
            along = (other - one) / np.hypot(*(other - one))
            out = np.array([along[1], -along[0]])
            others = [n for n in self.edges[min(a, b), max(a, b)] if n != face]
            begin = end = float(abs(out) @ cut) / 2
            if abs(out).min() > 1e-6 and self.has_straight[face]:  # where a square was cut apart
                begin = end = 0.0
            if others and others[0] in sewn:
                pair = frozenset((face, others[0]))
                usual = seams.setdefault(pair, float(random.normal(0, SPREAD * self.inch)))
                ends = wrong.seams.get(pair, (0.0, 0.0))
                if tuple(one) > tuple(other):
                    ends = ends[::-1]
                begin -= wrong.seam + usual + ends[0]
                end -= wrong.seam + usual + ends[1]
            lines.append((one + out * begin, other + out * end))
        spots = []
        for number in range(len(mine)):
            (a, b), (c, d) = lines[number - 1], lines[number]
            spots.append(_crossing(a, b, c, d))
        return np.array(spots)


def _outline_of(rings: Sequence[Any]) -> Any:
    """The outline of some patches together, clockwise as seen, without straight corners."""
    whole = shapely.union_all([shapely.Polygon(ring) for ring in rings]).simplify(1e-9)
    spots = np.array(shapely.normalize(whole).exterior.coords)[:-1]
    twice = np.sum(spots[:, 0] * np.roll(spots[:, 1], -1) - np.roll(spots[:, 0], -1) * spots[:, 1])
    return spots if twice > 0 else spots[::-1]


def _crossing(a: Any, b: Any, c: Any, d: Any) -> Any:
    """Where two lines cross; of two that run on, the middle between them."""
    one, other = b - a, d - c
    turn = one[0] * other[1] - one[1] * other[0]
    if abs(turn) < 1e-2 * np.hypot(*one) * np.hypot(*other):
        return (b + c) / 2
    far = ((c[0] - a[0]) * other[1] - (c[1] - a[1]) * other[0]) / turn
    return a + far * one


class Sewn:
    """A block that was sewn: the outlines of its patches, and where its corners come to rest."""

    def __init__(self, block: Block, wrong: Wrong, cuts: Sequence[Any], random: Random) -> None:
        self.block, self.wrong, self.cuts, self.random = block, wrong, cuts, random
        self.skew = wrong.skew
        self.seams: dict[frozenset[int], float] = {}
        self.known: dict[tuple[int, ...], dict[int, Any]] = {}

    def outlines(self, faces: Sequence[int]) -> dict[int, Any]:
        """The outlines of some patches that are sewn to each other and to nothing else yet."""
        key = self.block.pieces(faces)
        if key not in self.known:
            sewn = frozenset(key)
            self.known[key] = {
                face: self.block.outline(
                    face, self.cuts[face], self.wrong, self.seams, sewn, self.random
                )
                for face in key
            }
        return self.known[key]

    def corners(self, faces: Sequence[int]) -> dict[int, Any]:
        """Where the corners of some patches come to rest that are sewn to each other."""
        block = self.block
        faces = block.pieces(faces)
        used = sorted({corner for face in faces for corner in block.round[face]})
        number = {corner: n for n, corner in enumerate(used)}
        first, second, long = [], [], []
        outlines = self.outlines(faces)
        for face in faces:
            mine, outline = block.round[face], outlines[face]
            for n in range(len(mine)):
                for m in range(n + 1, len(mine)):
                    first.append(number[mine[n]])
                    second.append(number[mine[m]])
                    long.append(float(np.hypot(*(outline[n] - outline[m]))))
        a, b, rest = np.array(first), np.array(second), np.array(long)
        drafted = block.corners[used]

        def pulled(flat: Any) -> Any:
            spots = flat.reshape(-1, 2)
            now = np.hypot(*(spots[a] - spots[b]).T)
            hold = (spots - drafted).ravel() * 1e-4
            return np.concatenate([(now - rest) / np.sqrt(rest), hold])

        found = least_squares(pulled, drafted.ravel(), method="trf", max_nfev=8).x.reshape(-1, 2)
        return dict(zip(used, found, strict=True))

    def measured(self, one: Any, easing: float, rested: Mapping[tuple[int, ...], Any]) -> float:
        """What a measure comes to: between what lies loose and what has come to rest."""
        eased = self._eased(one, rested)
        loose = self._loose(one)
        off = eased if loose is None else (1 - easing) * loose + easing * eased
        return (
            one.size + off + one.diagonal * self.skew * self.block.size[0] / hypot(*self.block.size)
        )

    def _eased(self, one: Any, rested: Mapping[tuple[int, ...], Any]) -> float:
        where = rested[tuple(sorted(one.faces))]
        ends = np.array(one.line(self.block.plan))
        faces = self._held(one)
        if one.at is None and one.patch is None and not one.diagonal:
            return float(
                np.mean([self._run(where, faces, one, share) for share in (0.2, 0.5, 0.8)])
            )
        if one.diagonal:
            moved = [self._moved(where, faces, end) for end in ends]
            way = (ends[1] - ends[0]) / np.hypot(*(ends[1] - ends[0]))
            return float((moved[1] - moved[0]) @ way)
        return self._run(where, faces, one, one.at if one.at is not None else 0.5)

    def _held(self, one: Any) -> list[int]:
        """The pieces that a measure runs through."""
        return list(self.block.pieces([one.patch] if one.patch is not None else one.faces))

    def _run(self, where: Mapping[int, Any], faces: Sequence[int], one: Any, at: float) -> float:
        spots = np.concatenate([self.block.rings[face] for face in faces])
        low, high = spots.min(axis=0), spots.max(axis=0)
        axis = 0 if one.way[0] else 1
        level = low[1 - axis] + min(max(at, 1e-5), 1 - 1e-5) * (high - low)[1 - axis] + 1e-6
        line = [low - 1, high + 1]
        line[0][1 - axis] = line[1][1 - axis] = level
        hits = shapely.LineString(line).intersection(
            shapely.union_all([shapely.Polygon(self.block.rings[face]) for face in faces]).boundary
        )
        points = sorted(
            (tuple(p.coords[0]) for p in getattr(hits, "geoms", [hits])), key=lambda p: p[axis]
        )
        moved = [self._moved(where, faces, np.array(spot)) for spot in (points[0], points[-1])]
        return float(moved[1][axis] - moved[0][axis])

    def _moved(self, where: Mapping[int, Any], faces: Sequence[int], spot: Any) -> Any:
        """How far a spot on an outline moved: between the corners beside it."""
        best: tuple[float, Any] = (np.inf, None)
        for face in faces:
            mine = self.block.round[face]
            for a, b in zip(mine, [*mine[1:], mine[0]], strict=True):
                one, other = self.block.corners[a], self.block.corners[b]
                along = other - one
                share = min(1.0, max(0.0, float((spot - one) @ along / (along @ along))))
                far = float(np.hypot(*(one + share * along - spot)))
                if far < best[0]:
                    moves = where[a] - one, where[b] - other
                    best = far, (1 - share) * moves[0] + share * moves[1]
        return best[1]

    def _loose(self, one: Any) -> float | None:
        """The sum of the patches along a line, as each was cut and seamed."""
        if one.diagonal:
            return None
        axis = 0 if one.way[0] else 1
        faces = self._held(one)
        if any(
            len(self.block.rings[face]) != 4 or _is_askew(self.block.rings[face]) for face in faces
        ):
            return None
        spots = np.concatenate([self.block.rings[face] for face in faces])
        low, high = spots.min(axis=0), spots.max(axis=0)
        shares = (
            [one.at]
            if one.at is not None
            else [0.5]
            if one.patch is not None
            else [0.21, 0.51, 0.79]
        )
        offs = []
        outlines = self.outlines(one.faces)
        for at in shares:
            level = low[1 - axis] + min(max(at, 0.004), 0.996) * (high - low)[1 - axis] + 1e-5
            total = 0.0
            for face in faces:
                drafted = self.block.corners[self.block.round[face]]
                low_, high_ = drafted.min(axis=0)[1 - axis], drafted.max(axis=0)[1 - axis]
                if low_ < level < high_:
                    middle = (low_ + high_) / 2
                    total += self._wide(outlines[face], axis, middle)
                    total -= self._wide(drafted, axis, middle)
            offs.append(total)
        return float(np.mean(offs))

    def _wide(self, outline: Any, axis: int, level: float) -> float:
        """How wide a patch is at a level; outside it nothing."""
        mine = shapely.Polygon(outline).buffer(0)
        left, top, right, bottom = mine.bounds
        ends = (
            [(left - 1, level), (right + 1, level)]
            if axis == 0
            else [(level, top - 1), (level, bottom + 1)]
        )
        return float(mine.intersection(shapely.LineString(ends)).length)


def _is_askew(ring: Any) -> bool:
    return bool(np.abs(np.roll(ring, -1, axis=0) - ring).min(axis=1).max() > 1e-9)


@cache
def block_of(name: str) -> Block:
    """A sample's block."""
    return Block(SAMPLES[name])


def gone_wrong(block: Block, kind: str, random: Random) -> Wrong | None:
    """A block that one thing is wrong with, by as much as a quilter would see; None where it
    cannot be.
    """
    sign, inch = float(random.choice([-1, 1])), block.inch
    patches = block.plan.reading.patches
    loose = [face for face in range(len(block.rings)) if face not in block.unit]
    if kind == "seam":
        return Wrong(kind, seam=sign * inch * random.uniform(1 / 40, 1 / 14))
    if kind == "press":
        return Wrong(kind, seam=inch * random.uniform(1 / 40, 1 / 16))
    if kind == "trim":
        return (
            Wrong(kind, trim=sign * inch * random.uniform(1 / 16, 3 / 16)) if block.unit else None
        )
    if kind == "skew":
        return Wrong(kind, skew=sign * inch * random.uniform(1 / 8, 1 / 3))
    if kind == "one-seam":
        names = [
            name
            for name, (one, other) in block.joins.items()
            if not any(
                block.unit.get(a) == block.unit.get(next(iter(other))) is not None for a in one
            )
        ]
        if not names:
            return None
        name = names[random.integers(len(names))]
        one, other = block.joins[name]
        by = sign * inch * random.uniform(1 / 16, 5 / 32)
        ends = [(by, by), (by, 0.0), (0.0, by)][random.integers(3)]
        return _one_seam(block, name, one, other, ends)
    if kind == "patch" and loose:
        face = int(random.choice(loose))
        by = sign * inch * random.uniform(3 / 32, 9 / 32)
        return Wrong(kind, frozenset([face]), cut={face: (by, by)})
    if kind == "letter" and loose:
        letter = patches[int(random.choice(loose))].letter
        mine = [face for face, patch in enumerate(patches) if patch.letter == letter]
        by = sign * inch * random.uniform(1 / 16, 3 / 16)
        return Wrong(kind, frozenset(mine), cut=dict.fromkeys(mine, (by, by)))
    return Wrong() if kind == "none" else None


def _one_seam(
    block: Block, name: str, one: set[int], other: set[int], ends: tuple[float, float]
) -> Wrong:
    touching = []
    for (a, b), faces in block.edges.items():
        if len(faces) == 2 and (
            (faces[0] in one and faces[1] in other) or (faces[1] in one and faces[0] in other)
        ):
            spots = sorted((tuple(block.corners[a]), tuple(block.corners[b])))
            touching.append((spots, frozenset(faces)))
    low = np.array(min(spots[0] for spots, _ in touching))
    high = np.array(max(spots[1] for spots, _ in touching))
    long = float(np.hypot(*(high - low))) or 1.0
    seams = {}
    for spots, pair in touching:
        shares = [float(np.hypot(*(np.array(spot) - low))) / long for spot in spots]
        seams[pair] = (
            ends[0] + shares[0] * (ends[1] - ends[0]),
            ends[0] + shares[1] * (ends[1] - ends[0]),
        )
    return Wrong("one-seam", frozenset([name]), seams=seams)


@dataclass(frozen=True)
class Told:
    """What was wrong, what was told first, how sure, and whether that was right."""

    kind: str
    where: frozenset[Any]
    first: str
    at: str
    chance: float
    right: bool
    rival: bool
    seen: bool


def judged(name: str, count: int, seed: int = 7, few: int = 0) -> list[Told]:
    """Blocks of a sample with one thing wrong each, measured, read to a sixteenth or a
    thirty-second, and what the diagnosis told of each.

    Args:
        few: how many measures are taken; all of the card where it is nought.
    """
    block, random = block_of(name), np.random.default_rng(seed)
    known = {
        what: one
        for what, one in measurables(block.plan).items()
        if one.patch is None or one.patch not in block.unit
    }
    found = []
    for number in range(count):
        kind = KINDS[number % len(KINDS)]
        wrong = gone_wrong(block, kind, random)
        if wrong is None:
            continue
        sewn = block.sewn(wrong, random)
        parts = {tuple(sorted(one.faces)) for one in known.values()}
        rested = {part: sewn.corners(part) for part in parts}
        easing = float(random.uniform(0, 1))
        names = list(known)
        if few:
            names = [
                names[n] for n in sorted(random.choice(len(names), min(few, len(names)), False))
            ]
        step = random.choice([16, 32]) if block.inch == 1.0 else 10
        sizes = {
            what: F(round(sewn.measured(known[what], easing, rested) * step), int(step))
            for what in names
        }
        off = max(abs(float(size) - known[what].size) for what, size in sizes.items())
        figures = SeamFigures(float(wrong.seam if kind == "seam" else 0.0), SPREAD * block.inch, 5)
        told = diagnose(
            block.plan, block.planned, Evidence(sizes, None, figures if number % 2 else None)
        )
        found.append(_told(wrong, told, block, off))
    return found


def _told(wrong: Wrong, told: Any, block: Block, off: float) -> Told:
    first = told.causes[0] if told.causes else None
    right = _is_right(wrong, first, block)
    rival = any(_is_right(wrong, one, block) for mine in told.undecided for one in mine)
    return Told(
        wrong.kind,
        wrong.where,
        first.kind if first else "none",
        first.where if first else "",
        first.chance if first else 0.0,
        right,
        rival,
        off > 3 / 32 * block.inch,
    )


def _is_right(wrong: Wrong, cause: Any, block: Block) -> bool:
    if cause is None:
        return wrong.kind == "none"
    if wrong.kind in ("seam", "press", "skew", "trim"):
        return bool(cause.kind == wrong.kind)
    if wrong.kind == "one-seam":
        names = {f"join:{name}" for name in wrong.where}
        return cause.kind == "one-seam" and bool(names & {cause.where, *cause.same_as})
    if wrong.kind in ("patch", "letter") and cause.kind == "cut":
        return any(_faces(where, block) == wrong.where for where in (cause.where, *cause.same_as))
    return False


def _faces(where: str, block: Block) -> frozenset[int]:
    kind, _, which = where.partition(":")
    patches = block.plan.reading.patches
    if kind == "letter":
        return frozenset(face for face, patch in enumerate(patches) if patch.letter == which)
    if kind == "patch":
        x, y = (F(one) for one in which.split(","))
        (face,) = block.plan.reading.drawing.faces_at([(x, y)])
        return frozenset([face or 0])
    return frozenset()


def summed(found: Sequence[Told]) -> dict[str, Any]:
    """In figures: of blocks whose fault is seen how often the true cause is named first, or among
    those that are told; of what is told sure how much is right.
    """
    seen = [one for one in found if one.seen and one.kind != "none"]
    sure = [one for one in found if one.chance >= 0.95]
    kinds = Counter((one.kind, one.right) for one in seen)
    return {
        "seen": len(seen),
        "first": sum(one.right for one in seen) / max(1, len(seen)),
        "told": sum(one.right or one.rival for one in seen) / max(1, len(seen)),
        "sure": len(sure),
        "sure and right": sum(one.right for one in sure) / max(1, len(sure)),
        "by kind": {
            kind: f"{kinds[kind, True]}/{kinds[kind, True] + kinds[kind, False]}"
            for kind in sorted({kind for kind, _ in kinds})
        },
    }
