"""What the pieces of a list can become: plain patches, and units by every way of use them."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction
from itertools import islice, product

from yonk.core.finder import check, kinds_asked, pieces_of_method, sample_unit
from yonk.core.paper import Length, LengthUnit
from yonk.core.pattern.listed_piece import ListedPiece
from yonk.core.units import Cloth, Method, Need, Terms, UnitKind, rectangle_need

# How much larger than needed a piece may be to be meant for a unit: patterns that trim cut up to so
# much larger, and what is larger still is meant for something else.
MOST_OVER: dict[LengthUnit, Fraction] = {"in": Fraction(1, 2), "cm": Fraction(3, 2)}
# The finished size that pieces really give is told on marks of a usual ruler.
_MARK: dict[LengthUnit, Fraction] = {"in": Fraction(1, 16), "cm": Fraction(1, 10)}
_MOST_WAYS = 200  # to take one unit from the lines: of very many like lines not each pair is tried
# These come from strips, or of plain patches that the drawing joins again.
_FROM_STRIPS = ("checker", "strip-set")


@dataclass(frozen=True)
class Taken:
    """What a lot takes of a line: which of the list's, for which need, how many pieces."""

    piece: int
    need: Need
    pieces: int


@dataclass(frozen=True)
class PieceUse:
    """A way in which some lines of a list become something: a unit of a finished size by a method,
    or a plain patch, where there is no kind. `takes` is what one lot takes, `lot` what it gives.
    """

    kind: UnitKind | None
    method: Method | None
    width: Fraction
    height: Fraction
    lot: int
    takes: tuple[Taken, ...]

    def asked(self) -> dict[int, int]:
        """How many pieces a lot takes of each line."""
        pieces: dict[int, int] = {}
        for one in self.takes:
            pieces[one.piece] = pieces.get(one.piece, 0) + one.pieces
        return pieces

    def lots(self, left: Sequence[int]) -> int:
        """For how many lots there are pieces left."""
        return min(left[piece] // pieces for piece, pieces in self.asked().items())


def true_terms(terms: Terms) -> Terms:
    """Terms with nothing cut larger: what a pattern's piece has too much is found, not asked."""
    return replace(terms, settings=replace(terms.settings, trim_margin=Fraction(0)), margins=())


def uses_of(pieces: Sequence[ListedPiece], terms: Terms) -> list[PieceUse]:
    """Everything that pieces of a list can become; their places in it stand for them.

    Args:
        terms: seam allowance and ruler, as `true_terms` has them.
    """
    found: list[PieceUse] = []
    for kind in kinds_asked():
        if kind.kind in _FROM_STRIPS or kind.two_sizes:
            continue
        for method in kind.methods:
            # on printed lines, or in one go from a large sheet, the list would tell no single
            # pieces
            if not (method.on_lines or method.together):
                found += _of_method(kind, method, pieces, terms)
    return [*found, *_plain(pieces, terms)]


def _plain(pieces: Sequence[ListedPiece], terms: Terms) -> Iterator[PieceUse]:
    for place, piece in enumerate(pieces):
        width, height = piece.width - terms.both_seams, piece.height - terms.both_seams
        if piece.subcut == "none" and height > 0:
            need = sample_plain(width, height, terms)
            yield PieceUse(None, None, width, height, 1, (Taken(place, need, 1),))


def sample_plain(width: Fraction, height: Fraction, terms: Terms) -> Need:
    """What is cut for a plain patch of a finished size."""
    return rectangle_need(
        Cloth("first", "", "patch"), Length.of(width), Length.of(height), terms, 1
    )


def sizes_for(
    use: PieceUse, width: Fraction, height: Fraction, terms: Terms
) -> list[tuple[Fraction, Fraction]]:
    """What each that a use takes ought to be cut to for a finished size, the longer side
    first.
    """
    if use.kind is None or use.method is None:
        return [_sides(sample_plain(width, height, terms), terms)]
    unit = sample_unit(use.kind.kind, width)
    return [_sides(need, terms) for need in use.method.needs(unit, terms, 1)]


def _of_method(
    kind: UnitKind, method: Method, pieces: Sequence[ListedPiece], terms: Terms
) -> Iterator[PieceUse]:
    """The sizes for which a method finds all that it needs among the pieces."""
    sizes = {
        _largest(kind, method, number, piece, terms)
        for piece in pieces
        for number, need in enumerate(_needs(kind, method, Fraction(1), terms))
        if piece.subcut == need.subcut and need.shape in ("square", "rectangle")
    }
    seen: set[frozenset[tuple[int, int]]] = set()  # the largest that comes of some lines counts
    for size in sorted(sizes, reverse=True):
        unit = sample_unit(kind.kind, size) if size else None
        if unit is None or not method.suits(unit):
            continue
        needs = method.needs(unit, terms, 1)
        wide, high = Fraction(unit.width.rational), Fraction(unit.height.rational)
        for takes in _shared_out(needs, pieces, terms):
            use = PieceUse(kind, method, max(wide, high), min(wide, high), method.lot, takes)
            of = frozenset(use.asked().items())
            if of in seen:
                continue
            seen.add(of)
            if _comes_out(use, pieces, terms):
                yield use


def _comes_out(use: PieceUse, pieces: Sequence[ListedPiece], terms: Terms) -> bool:
    """Whether pieces that are larger than asked still give the unit: sewn at the table, since a
    larger square may move a seam where it is flipped.
    """
    kind, method = use.kind, use.method
    assert kind is not None and method is not None
    listed = {
        (one.need.role, *one.need.rounded(terms.step)): pieces[one.piece] for one in use.takes
    }
    if all((line.width, line.height) == _longer(size) for (_, *size), line in listed.items()):
        return True
    _, _, parts = pieces_of_method(kind.kind, method.name, use.width, None, terms)
    given = {
        number: (line.width, line.height)
        for number, part in enumerate(parts)
        for line in [listed[part.role, part.width, part.height]]
    }
    found = check(kind.kind, method.name, use.width, None, given, terms)
    return found.oversize is not None and min(found.oversize) >= -float(terms.hair)


def _longer(size: Sequence[Fraction]) -> tuple[Fraction, Fraction]:
    """A size with its longer side first."""
    return max(size), min(size)


def _shared_out(
    needs: Sequence[Need], pieces: Sequence[ListedPiece], terms: Terms
) -> Iterator[tuple[Taken, ...]]:
    """The ways to take the needs from the pieces: each fabric of the unit from lines of its own."""
    alike = list(dict.fromkeys((need.fabric, _sides(need, terms), need.subcut) for need in needs))
    fits = [
        [
            place
            for place, piece in enumerate(pieces)
            if piece.subcut == subcut and _is_near(piece, sides, terms)
        ]
        for _, sides, subcut in alike
    ]
    seen: set[frozenset[tuple[int, int]]] = set()
    for places in islice(product(*fits), _MOST_WAYS):
        fabrics: dict[int, str] = {}
        own = all(
            fabrics.setdefault(place, fabric) == fabric
            for place, (fabric, *_) in zip(places, alike, strict=True)
        )
        of = dict(zip(alike, places, strict=True))
        takes = tuple(
            Taken(of[need.fabric, _sides(need, terms), need.subcut], need, need.pieces)
            for need in needs
        )
        # two fabrics that change places in a unit make no other one of the list
        same = frozenset((one.piece, one.pieces) for one in takes)
        if own and same not in seen:
            seen.add(same)
            yield takes


def _needs(kind: UnitKind, method: Method, size: Fraction, terms: Terms) -> list[Need]:
    return method.needs(sample_unit(kind.kind, size), terms, 1)


def _largest(
    kind: UnitKind, method: Method, number: int, piece: ListedPiece, terms: Terms
) -> Fraction:
    """The largest finished size for which a piece is large enough for a need; nought for none."""
    mark = _MARK[terms.unit]
    low, high = 0, int(4 * piece.width / mark)
    while low < high:
        marks = (low + high + 1) // 2
        need = _needs(kind, method, marks * mark, terms)[number]
        low, high = (marks, high) if _covers(piece, need, terms) else (low, marks - 1)
    return low * mark


def _sides(need: Need, terms: Terms) -> tuple[Fraction, Fraction]:
    return _longer(need.rounded(terms.step))


def _covers(piece: ListedPiece, need: Need, terms: Terms) -> bool:
    width, height = _sides(need, terms)
    return piece.width >= width and piece.height >= height


def _is_near(piece: ListedPiece, sides: tuple[Fraction, Fraction], terms: Terms) -> bool:
    over = piece.width - sides[0], piece.height - sides[1]
    return all(0 <= one <= MOST_OVER[terms.unit] for one in over)
