"""Blocks spread over a quilt so that none alike touch: regular patterns first, then a search from
the best of them, then proof of how few must touch. The same wish gives the same answer on every
machine: nothing here looks at a clock.

Source: the spreading of `docs/setting.md`.
"""

from __future__ import annotations

from collections import Counter
from collections.abc import Mapping, Sequence
from dataclasses import dataclass, replace
from random import Random

import numpy as np

from yonk.core.paper import DraftError, message
from yonk.core.setting.least_touching import least_touching
from yonk.core.setting.places import places_of
from yonk.core.setting.quilt import Placed, Quilt, RowColumn, SpreadWish
from yonk.core.setting.touching import Neighbours, together

MOST_CHOICES = 40_000  # places times blocks, more than a wall is covered with
_STEPS = 4_000  # of the search; where more help, the proof seldom says that fewer could touch
_STEEPEST = 6  # steps of a pattern from row to row and from column to column that are tried
_TABU = 7  # steps for which a place is not changed back, and as many again by chance


@dataclass(frozen=True)
class SpreadLayout:
    """Blocks as they are spread: which lies where, how many pairs of neighbours touch that should
    not, and how many must at the least; a block that touches none of those that it should counts
    as such a pair.
    """

    laid: Mapping[RowColumn, str]
    touching: int
    least: int


def spread_blocks(quilt: Quilt, blocks: Sequence[str], wish: SpreadWish) -> SpreadLayout:
    """SpreadLayout blocks over a quilt.

    Args:
        blocks: keys of the blocks that are spread, each about as often as the others.
        wish: what counts as touching, which places are held, what the rules are, and the seed that
            another answer is found by.

    Returns: the best that was found: as few pairs as can be, then as even as can be.

    Raises: `DraftError` for fewer than two blocks, a place that is none, or a rule that names what
    there is not.
    """
    puzzle = _Puzzle(quilt, _checked(quilt, blocks, wish), wish)
    rng = Random(wish.seed)
    laid = puzzle.patterned(rng)
    touching, many = puzzle.cost(laid), len(puzzle.blocks)
    least, solved = least_touching(puzzle.pairs, many, puzzle.fixed, touching)
    if solved is not None and puzzle.cost(solved) < touching:
        laid = solved
    laid = puzzle.evened(puzzle.searched(laid, least, rng))
    touching = puzzle.cost(laid)
    names = {at: puzzle.blocks[int(laid[n])] for n, at in enumerate(puzzle.places)}
    return SpreadLayout(names, touching, min(least, touching))


def spread_over(quilt: Quilt, wish: SpreadWish, found: SpreadLayout) -> Quilt:
    """The quilt with its blocks spread; each place keeps how it is turned, and the wish is kept
    with what was proved.
    """
    lies = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
    places = dict(quilt.setting.places)
    for at, key in found.laid.items():
        now = lies[at] or quilt.setting.fill
        places[at] = Placed(block=key, turns=now.turns, mirrored=now.mirrored)
    setting = replace(quilt.setting, places=places)
    kept = replace(wish, least=found.least, proved_for=wish.asked_of(setting, len(quilt.blocks)))
    return replace(quilt, setting=replace(setting, spread=kept))


def _checked(quilt: Quilt, blocks: Sequence[str], wish: SpreadWish) -> list[str]:
    for key in blocks:
        if key not in quilt.by_key:
            raise DraftError("blocks", message("key-is-no-block-of-the-quilt", key=key))
    if len(set(blocks)) < 2:
        raise DraftError("blocks", message("spread-needs-two-blocks"))
    for number, rule in enumerate(wish.rules):
        known = quilt.by_key if rule.of == "blocks" else quilt.all_fabrics
        for key in (rule.one, rule.other):
            if key not in known:
                code = "key-is-no-block-of-the-quilt"
                if rule.of == "fabrics":
                    code = "is-no-fabric-of-the-quilt"
                raise DraftError(f"rules.{number}", message(code, key=key))
    known_places = {(one.row, one.column) for one in places_of(quilt.setting)}
    for at in wish.held:
        if at not in known_places:
            raise DraftError("held", message("is-no-place"))
    return list(dict.fromkeys(blocks))


class _Puzzle:
    """Places by number, each with one of the blocks by number; what of two neighbours clashes."""

    def __init__(self, quilt: Quilt, blocks: list[str], wish: SpreadWish) -> None:
        self.blocks, self.wish = blocks, wish
        lies = {(one.row, one.column): one.placed for one in places_of(quilt.setting)}
        held = {
            at for at in wish.held if (placed := lies[at]) is not None and placed.block in blocks
        }
        self.places = [
            at for at, placed in lies.items() if placed and (at in held or at not in wish.held)
        ]
        if len(self.places) * len(blocks) > MOST_CHOICES:
            raise DraftError("blocks", message("spread-has-too-many"))
        number = {at: n for n, at in enumerate(self.places)}
        self.fixed = {number[at]: blocks.index(placed.block) for at in held if (placed := lies[at])}
        self.free = [n for n in range(len(self.places)) if n not in self.fixed]
        self.near = Neighbours(quilt, wish)
        self.cells = [self.near.cell_of[at] for at in self.places]
        self._turns = {at: placed for at, placed in lies.items() if placed}
        self.beside: list[list[tuple[int, np.ndarray]]] = [[] for _ in self.places]
        self.pairs: list[tuple[int, int]] = []
        for one, other in self.near.pairs:
            if one in number and other in number:
                matrix = self._matrix(one, other)
                a, b = number[one], number[other]
                self.beside[a].append((b, matrix))
                self.beside[b].append((a, matrix.T))
                self.pairs.append((a, b))
        kinds = {key: kind for kind, key in enumerate(blocks)}
        self.pulls = [
            (kinds[rule.one], kinds[rule.other])
            for rule in together(wish)
            if rule.one in kinds and rule.other in kinds
        ]

    def _matrix(self, one: RowColumn, other: RowColumn) -> np.ndarray:
        """Which of the blocks clash at two places, turned as they lie there."""
        first, second = (
            [replace(self._turns[at], block=key) for key in self.blocks] for at in (one, other)
        )
        return np.array(
            [[self.near.clashes(a, one, b, other) for b in second] for a in first], dtype=np.int32
        )

    def cost(self, laid: np.ndarray) -> int:
        """How many pairs clash, and how many blocks lack one that they should touch."""
        pairs = sum(
            int(matrix[laid[n], laid[m]])
            for n, some in enumerate(self.beside)
            for m, matrix in some
            if n < m
        )
        return pairs + self._lonely(laid)

    def _lonely(self, laid: np.ndarray) -> int:
        return sum(
            all(laid[m] != other for m, _ in self.beside[n])
            for one, other in self.pulls
            for n in range(len(laid))
            if laid[n] == one
        )

    def patterned(self, rng: Random) -> np.ndarray:
        """The best of the regular patterns: so many blocks on from row to row and from column to
        column; which block stands for which step is as the held places have it, else by chance.
        """
        many = len(self.blocks)
        steps = range(min(many, _STEEPEST))
        order = list(range(many))
        rng.shuffle(order)
        best: tuple[int, int, np.ndarray] | None = None
        for down in steps:
            for along in steps:
                if down or along:
                    laid = self._held_in(self._pattern(down, along), order)
                    rank = self.cost(laid), _uneven(laid, many)
                    if best is None or rank < best[:2]:
                        best = *rank, laid
        assert best is not None
        return best[2]

    def _pattern(self, down: int, along: int) -> np.ndarray:
        return np.array([(down * a + along * b) % len(self.blocks) for a, b in self.cells])

    def _held_in(self, pattern: np.ndarray, order: Sequence[int]) -> np.ndarray:
        """A pattern in blocks: a step that most held places of a block lie at is that block."""
        votes = Counter((int(pattern[n]), kind) for n, kind in self.fixed.items())
        blocks: dict[int, int] = {}
        for (step, kind), _ in sorted(votes.items(), key=lambda one: (-one[1], one[0])):
            if step not in blocks and kind not in blocks.values():
                blocks[step] = kind
        left = [kind for kind in order if kind not in blocks.values()]
        for step in range(len(self.blocks)):
            if step not in blocks:
                blocks[step] = left.pop()
        laid = np.array([blocks[int(step)] for step in pattern])
        for n, kind in self.fixed.items():
            laid[n] = kind
        return laid

    def searched(self, laid: np.ndarray, enough: int, rng: Random) -> np.ndarray:
        """From there to fewer pairs: the best change of one place at a time, none back for some
        steps; no further than to what is proved to be the least.
        """
        laid = laid.copy()
        best, least = laid.copy(), self.cost(laid)
        table = self._table(laid)
        tabu = np.zeros(table.shape, dtype=np.int64)
        now = least
        counts = np.bincount(laid, minlength=len(self.blocks))
        free = np.array(self.free, dtype=np.int64)
        for step in range(_STEPS if len(free) else 0):
            if least <= enough:
                break
            mine = table[free, laid[free]]
            wrong = free[mine > 0]
            if not len(wrong) or self.pulls:
                wrong = free
            gains = table[wrong] - table[wrong, laid[wrong]][:, None]
            gains = gains * 4096 + counts[None, :] - counts[laid[wrong]][:, None]
            gains[np.arange(len(wrong)), laid[wrong]] = 1 << 40
            gains[(tabu[wrong] > step) & (gains >= (least - now) * 4096)] = 1 << 39
            where = np.flatnonzero(gains == gains.min())
            row, kind = divmod(int(where[rng.randrange(len(where))]), len(self.blocks))
            place, was = int(wrong[row]), int(laid[wrong[row]])
            self._lay(table, laid, place, kind)
            counts[was] -= 1
            counts[kind] += 1
            tabu[place, was] = step + _TABU + rng.randrange(_TABU)
            now = self.cost(laid) if self.pulls else self._pairs(table, laid)
            if now < least:
                best, least = laid.copy(), now
        return best

    def _pairs(self, table: np.ndarray, laid: np.ndarray) -> int:
        return int(table[np.arange(len(laid)), laid].sum()) // 2

    def _table(self, laid: np.ndarray) -> np.ndarray:
        """For each place and block, with how many neighbours it would clash."""
        table = np.zeros((len(laid), len(self.blocks)), dtype=np.int64)
        for n, some in enumerate(self.beside):
            for m, matrix in some:
                table[n] += matrix[:, laid[m]]
        return table

    def _lay(self, table: np.ndarray, laid: np.ndarray, place: int, kind: int) -> None:
        was = laid[place]
        for m, matrix in self.beside[place]:
            table[m] += matrix[kind] - matrix[was]
        laid[place] = kind

    def evened(self, laid: np.ndarray) -> np.ndarray:
        """As even as it can be made by changes that let no more pairs touch: of one place, or of a
        chain of two blocks that lie beside each other.
        """
        laid = laid.copy()
        cost, uneven = self.cost(laid), _uneven(laid, len(self.blocks))
        while uneven:
            counts = np.bincount(laid, minlength=len(self.blocks))
            most, fewest = int(counts.argmax()), int(counts.argmin())
            for chain in self._chains(laid, most, fewest):
                other = laid.copy()
                other[chain] = np.where(laid[chain] == most, fewest, most)
                now = _uneven(other, len(self.blocks))
                if now < uneven and self.cost(other) <= cost:
                    laid, uneven = other, now
                    break
            else:
                return laid
        return laid

    def _chains(self, laid: np.ndarray, one: int, other: int) -> list[list[int]]:
        """The chains of two blocks that no held place is part of, the shortest first."""
        seen: set[int] = set()
        found = []
        for start in range(len(laid)):
            if start in seen or laid[start] not in (one, other):
                continue
            chain, waiting = [], [start]
            seen.add(start)
            while waiting:
                place = waiting.pop()
                chain.append(place)
                for m, _ in self.beside[place]:
                    if m not in seen and laid[m] in (one, other):
                        seen.add(m)
                        waiting.append(m)
            if not any(place in self.fixed for place in chain):
                found.append(sorted(chain))
        return sorted(found, key=lambda chain: (len(chain), chain))


def _uneven(laid: np.ndarray, many: int) -> int:
    """How far the counts are from even, as squares: nought where none differs by more than one."""
    counts = np.bincount(laid, minlength=many)
    low, extra = divmod(len(laid), many)
    even = (many - extra) * low**2 + extra * (low + 1) ** 2
    return int((counts**2).sum()) - even
