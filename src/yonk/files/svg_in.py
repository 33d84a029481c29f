"""Seams from an SVG drawing: straight lines, polylines, polygons, rectangles and straight paths.

The drawing is fitted to the block by its own box and snapped to a lattice in columns and rows. What
did not fit is told.
"""

from __future__ import annotations

import io
import re
from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction
from math import isfinite
from xml.etree.ElementTree import Element, ParseError, fromstring

from svgelements import SVG, Close, Line, Move, Path, Shape

from yonk.core.paper import (
    XY,
    Decimal,
    Draft,
    Fault,
    LengthError,
    Message,
    Point,
    Seam,
    message,
    read_length,
)
from yonk.files.block_file import MOST_BLOCK_BYTES, MOST_SEAMS, BadFileError

MOST_NUMBERS = 200_000  # ten times as many as the most seams have
MOST_TRANSFORM = 1_000  # signs; it is read in a time that grows as their square
_NUMBER = re.compile(r"[0-9.]+")
_XLINK = "{http://www.w3.org/1999/xlink}href"
# parts of a cell that she may have the ends of seams snapped to
LATTICES = (1, 2, 3, 4, 6, 8, 12, 16)


@dataclass(frozen=True)
class SeamsTaken:
    """The seams taken from a drawing and what did not fit."""

    seams: tuple[Seam, ...]
    lines: int
    curves: int
    other: int
    lost: int
    farthest: float

    def report(self) -> list[Message]:
        """What was taken and what was not, in sentences. `farthest` is told in cells of the
        grid.
        """
        said = [message("svg-seams-taken", seams=len(self.seams), lines=self.lines)]
        if self.farthest > 0.02:
            said.append(message("svg-points-moved", farthest=Decimal(self.farthest, 2, fixed=True)))
        if self.curves:
            said.append(message("svg-curves-left-out", curves=self.curves))
        if self.other:
            said.append(message("svg-shapes-left-out", other=self.other))
        if self.lost:
            said.append(message("svg-lines-too-short", lost=self.lost))
        return said


def read_svg(text: str, draft: Draft, parts: int) -> SeamsTaken:
    """The seams of a drawing, in the draft's columns and rows, on a lattice of `parts` to a cell.

    Raises `BadFileError` for what is no SVG, or holds no straight line.
    """
    if len(text) > MOST_BLOCK_BYTES:
        raise BadFileError([Fault("", message("svg-is-too-large"))])
    if parts not in LATTICES:
        raise BadFileError(
            [Fault("parts", message("must-be-one-of", choices=", ".join(map(str, LATTICES))))]
        )
    tree = _checked(text)
    exact = _own_seams(tree, draft)
    if exact:
        return SeamsTaken(exact, len(exact), 0, 0, 0, 0.0)
    try:
        drawing = SVG.parse(io.StringIO(text), reify=True)
        elements = [element for element in drawing.elements() if isinstance(element, Shape)]
        looked_at = [_segments(element) for element in elements]
    except Exception:  # whatever a library says of a drawing that is none: it cannot be read
        raise BadFileError([Fault("", message("svg-cannot-be-read"))]) from None
    lines = [
        line
        for straight, _ in looked_at
        for line in straight
        if all(map(isfinite, (*line[0], *line[1])))
    ]
    curves = sum(curved for _, curved in looked_at)
    other = sum(not straight and not curved for straight, curved in looked_at)
    if not lines:
        raise BadFileError([Fault("", message("svg-has-no-straight-line"))])
    if len(lines) > MOST_SEAMS:
        raise BadFileError([Fault("", message("svg-has-too-many-lines", most_seams=MOST_SEAMS))])
    return _snapped(lines, draft, parts, curves, other)


def _checked(text: str) -> Element:
    """The drawing's elements, once it is known to be no more work than a drawing of a block
    can be.
    """
    if "<!ENTITY" in text or (
        "<!DOCTYPE" in text and "[" in text.partition("<!DOCTYPE")[2].partition(">")[0]
    ):
        raise BadFileError([Fault("", message("svg-defines-entities"))])
    try:
        tree = fromstring(text)
    except (ParseError, ValueError, RecursionError):
        raise BadFileError([Fault("", message("svg-cannot-be-read"))]) from None
    if _longest_transform(tree) > MOST_TRANSFORM:
        raise BadFileError([Fault("", message("svg-moves-too-often"))])
    if _numbers(tree) > MOST_NUMBERS:
        raise BadFileError(
            [
                Fault(
                    "",
                    message("svg-holds-more-than-seams"),
                )
            ]
        )
    return tree


def _longest_transform(tree: Element) -> int:
    """The most signs in which an element is told to be moved, with those of what it lies in."""
    longest = 0
    waiting = [(tree, 0)]
    while waiting:
        element, before = waiting.pop()
        own = sum(
            len(value)
            for name, value in element.attrib.items()
            if name.lower().endswith("transform") or (name == "style" and "transform" in value)
        )
        if element.tag.rpartition("}")[2] == "style":
            own += len(element.text or "") if "transform" in (element.text or "") else 0
        longest = max(longest, before + own)
        waiting += [(one, before + own) for one in element]
    return longest


def _numbers(tree: Element) -> int:
    """How many numbers a drawing comes to, what is used again counted each time; a ring of uses
    counts as too many.
    """
    known = {element.get("id"): element for element in tree.iter() if element.get("id")}
    counted: dict[Element, int] = {}
    waiting = [(tree, False)]
    open_now: set[Element] = set()
    while waiting:
        element, seen = waiting.pop()
        target = known.get((element.get("href") or element.get(_XLINK) or "").removeprefix("#"))
        inner = [
            *element,
            *([target] if target is not None and str(element.tag).endswith("use") else []),
        ]
        if seen:
            own = sum(
                len(_NUMBER.findall(element.get(name, ""))) for name in ("d", "points", "transform")
            )
            counted[element] = 1 + own + sum(counted.get(one, MOST_NUMBERS + 1) for one in inner)
            open_now.discard(element)
        elif element in open_now:
            return MOST_NUMBERS + 1
        elif element not in counted:
            open_now.add(element)
            waiting += [(element, True), *((one, False) for one in inner)]
    return counted[tree]


def _own_seams(tree: Element, draft: Draft) -> tuple[Seam, ...]:
    """The seams of a drawing that the program made, exactly, where the grid is the draft's;
    otherwise none.
    """
    size = str(len(draft.columns)), str(len(draft.rows))
    found: set[Seam] = set()
    for layer in tree.iter("{http://www.w3.org/2000/svg}g"):
        if (layer.get("data-columns"), layer.get("data-rows")) != size:
            continue
        for line in layer:
            ends = [line.get("data-from", "").split(), line.get("data-to", "").split()]
            if [len(end) for end in ends] == [2, 2]:
                try:
                    (ax, ay), (bx, by) = ([read_length(part) for part in end] for end in ends)
                except LengthError:
                    return ()
                if (
                    max(ax, bx) > len(draft.columns)
                    or max(ay, by) > len(draft.rows)
                    or (ax, ay) == (bx, by)
                ):
                    return ()
                found.add(((ax, ay), (bx, by)))
    return tuple(sorted(found))


def _segments(shape: Shape) -> tuple[list[tuple[XY, XY]], int]:
    """The straight stretches of a shape and how many curved ones it has."""
    straight, curved = [], 0
    for segment in Path(shape):
        if isinstance(segment, Line | Close):
            if (
                segment.start is not None
                and segment.end is not None
                and segment.start != segment.end
            ):
                straight.append(
                    ((segment.start.x, segment.start.y), (segment.end.x, segment.end.y))
                )
        elif not isinstance(segment, Move):
            curved += 1
    return straight, curved


def _snapped(
    lines: list[tuple[XY, XY]], draft: Draft, parts: int, curves: int, other: int
) -> SeamsTaken:
    across = [spot[0] for line in lines for spot in line]
    down = [spot[1] for line in lines for spot in line]
    box = min(across), min(down), max(across) - min(across), max(down) - min(down)
    if box[2] <= 0 or box[3] <= 0:
        raise BadFileError(
            [
                Fault(
                    "",
                    message("svg-has-no-size"),
                )
            ]
        )
    snap = _Snap(draft, parts, box)
    seams = {tuple(sorted((snap.point(a), snap.point(b)))) for a, b in lines}
    kept = sorted(seam for seam in seams if seam[0] != seam[1] and not _on_edge(seam, draft))
    if len(kept) > MOST_SEAMS:
        raise BadFileError([Fault("seams", message("are-more-than", most_seams=MOST_SEAMS))])
    lost = sum(snap.point(a) == snap.point(b) for a, b in lines)
    return SeamsTaken(
        tuple((a, b) for a, b in kept), len(lines), curves, other, lost, snap.farthest
    )


class _Snap:
    """From a spot of the drawing to the nearest lattice point of the grid."""

    def __init__(self, draft: Draft, parts: int, box: tuple[float, float, float, float]) -> None:
        self.axes = (_edges(draft.columns), _edges(draft.rows))
        self.parts, self.box, self.farthest = parts, box, 0.0

    def point(self, spot: XY) -> Point:
        left, top, width, height = self.box
        x, y = self._along(0, (spot[0] - left) / width), self._along(1, (spot[1] - top) / height)
        return x, y

    def _along(self, axis: int, share: float) -> Fraction:
        edges = self.axes[axis]
        cell = next((n for n in range(len(edges) - 2) if share < edges[n + 1]), len(edges) - 2)
        inside = (share - edges[cell]) / (edges[cell + 1] - edges[cell])
        nearest = round(inside * self.parts)
        self.farthest = max(self.farthest, abs(inside - nearest / self.parts))
        return cell + Fraction(min(max(nearest, 0), self.parts), self.parts)


def _edges(proportions: tuple[Fraction, ...]) -> list[float]:
    total, reach = sum(proportions), Fraction(0)
    edges = [0.0]
    for part in proportions:
        reach += part
        edges.append(float(reach / total))
    return edges


def _on_edge(seam: tuple[Point, ...], draft: Draft) -> bool:
    def edges() -> Iterator[bool]:
        for axis, last in ((0, len(draft.columns)), (1, len(draft.rows))):
            yield seam[0][axis] == seam[1][axis] and seam[0][axis] in (0, last)

    return any(edges())
