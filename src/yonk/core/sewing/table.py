"""The sewing table: the acts by which units are made, carried out on cloth and counted.

A method is a function that takes the pieces as they were cut and calls these acts in order. What
was done stays on record: the steps for pictures and words, the seams, the lines drawn and the cuts
(those of single pieces are the needs').
"""

from __future__ import annotations

from collections import defaultdict
from collections.abc import Iterable, Mapping, Sequence
from dataclasses import dataclass, replace
from fractions import Fraction

from yonk.core.paper import (
    XY,
    Fabric,
    Message,
    Polygon,
    Text,
    UnitPress,
    listed,
    mark_the_wrong_side,
    message,
    sentences,
    show,
)
from yonk.core.sewing.plane import Motion, TableLine, TableSegment, bounds, rectangle, sides_of
from yonk.core.sewing.steps import ActName, Dimension, Landmarks, RecipeStep, Scene
from yonk.core.sewing.trimming import Fit, Target, falls_off, fit
from yonk.core.sewing.work import Layers, Pieces, SewingError, SewnWork, clip, length

_NEAR = 1e-6  # below it a difference is rounding, a thousand times less than cloth shows
_SEEN = 1e-6  # the same, of what is trimmed off
_BEYOND = 0.3  # how far a ruler is shown beyond a unit, as a share of the unit's longer side
_FEWEST_MARKS = 8  # from so many numbers along a side on every other mark is numbered
_THE_DIAGONAL = message("the-diagonal")
MOST_NAMED = 2  # fabrics that a side is told by; more are no instruction
VALUES = {"light": 0, "medium": 1, "dark": 2}  # in the order in which an allowance shows through


@dataclass(frozen=True)
class Practice:
    """How this quilter works where practitioners differ. Lengths in the draft's unit."""

    seam: Fraction
    unit: str
    stitch: str = "beside"
    press: str = "dark"
    inside: UnitPress | None = None  # as it is set for this very unit

    @property
    def opens(self) -> bool:
        """Whether seams are pressed open."""
        if self.inside is None:
            return self.press == "open"
        return self.inside in ("open", "side-then-open")

    def outward(self, usual: bool) -> bool:
        """Whether a seam is pressed away from the point or the middle, which some are usually."""
        return usual if self.inside is None else self.inside == "outward"


@dataclass(frozen=True)
class _Side:
    """What lies on one side of a seam: the fabrics along it, their mean value by length, and how
    many pieces.
    """

    fabrics: tuple[str, ...]
    value: float
    pieces: int
    cut: frozenset[int] = frozenset()  # the numbers of its pieces

    @property
    def preferred(self) -> tuple[float, int]:
        """Greater where the allowance is better hidden: no dark one under a light patch, and away
        from the bulk.
        """
        return self.value, -self.pieces


@dataclass(frozen=True)
class StartPiece:
    """What is cut before anything is sewn: one of the pieces, how many, its width and height in
    words, how it is cut further.

    `hand` tells which way a rectangle's diagonal is cut, `lengths` what is to be done about a strip
    that is too long.
    """

    work: SewnWork
    count: int
    size: tuple[Text, Text]
    further: str
    hand: str | None = None
    lengths: Text = ""


class Table:
    """A sewing table with a record of what is done at it, for one run of a method."""

    def __init__(self, school: Practice, fabrics: Mapping[str, Fabric] | None = None) -> None:
        self.school = school
        self.fabrics = fabrics or {}
        self.seam = float(school.seam)
        self.pieces = Pieces()
        self.steps: list[RecipeStep] = []
        self.seams: list[float] = []
        self.cuts = 0
        self.marks = 0
        self.loose = 0  # seams sewn along a loose bias edge
        self.recording = True
        self.laid: Mapping[int, int] = {}  # by how many quarters a piece's print is turned
        self.waste: list[SewnWork] = []
        self.aside: list[SewnWork] = []  # made for the next lot
        self.bonus: list[Layers] = []  # corners cut off, still face to face

    # cutting the pieces

    def piece(self, width: float, height: float, fabric: str) -> SewnWork:
        """A square or rectangle about the origin, its print upright or as it is to be laid."""
        up = ((0.0, -1.0), (1.0, 0.0), (0.0, 1.0), (-1.0, 0.0))
        turn = self.laid.get(self.pieces.count + 1, 0)
        return self.pieces.cut(rectangle(width, height), fabric, up[turn % 4])

    def lies_sideways(self, work: SewnWork) -> bool:
        """Whether a single piece has a print with a direction that lies sideways."""
        (scrap, *_) = work.front
        known = self.fabrics.get(scrap.fabric)
        return bool(known and known.has_direction and abs(scrap.up[0]) > 0.5)

    def cut_once(self, work: SewnWork, *, rising: bool = True) -> list[SewnWork]:
        """Two triangles: a rectangle cut from corner to corner, the cut rising to the right or
        falling.
        """
        left, top, right, bottom = bounds(work.outlines)
        ends = ((left, bottom), (right, top)) if rising else ((left, top), (right, bottom))
        return list(work.split(TableLine.between(*ends)))

    def cut_twice(self, work: SewnWork) -> list[SewnWork]:
        """Four triangles: a square cut on both diagonals."""
        left, top, right, bottom = bounds(work.outlines)
        halves = self.cut_once(work)
        return [
            part
            for half in halves
            for part in half.split(TableLine.between((left, top), (right, bottom)))
        ]

    # layers

    def lay(
        self, over: SewnWork, under: SewnWork, onto: XY = (0.0, 0.0), turn: float = 0.0
    ) -> Layers:
        """`over` turned face down, its middle brought onto a point of `under`. `turn` is in quarter
        turns clockwise.
        """
        about = middle_of(over)
        down = over.moved(Motion(-1.0, 0.0, about[0], 0.0, 1.0, -about[1]))
        way = ((1.0, 0.0), (0.0, 1.0), (-1.0, 0.0), (0.0, -1.0))[int(turn) % 4]
        return Layers(under, (down.moved(Motion.turning((1.0, 0.0), way, onto=onto)),))

    def sew_beside(
        self,
        layers: Sequence[Layers],
        diagonals: Sequence[TableSegment],
        words: Text,
        *,
        line: Text = _THE_DIAGONAL,
        again: bool = False,
    ) -> list[Layers]:
        """Draws lines on the upper cloth, each from corner to corner, and sews a seam allowance to
        either side.

        `words` say how the cloth is laid, `line` what is drawn.

        One school draws the line to cut on and stitches beside it; the other draws two lines and
        stitches on them.
        """
        done = [self._sewn_beside(laid, diagonals) for laid in layers]
        allowance = show(self.school.seam, self.school.unit)
        how = (
            message("draw-two-lines", allowance=allowance, line=line)
            if self.school.stitch == "two-lines"
            else message("draw-one-line", line=line, allowance=allowance)
        )
        self._record("sew", sentences(words, how), [_as_sewn(laid) for laid in done], again=again)
        return done

    def _sewn_beside(self, laid: Layers, diagonals: Sequence[TableSegment]) -> Layers:
        sewn, drawn = list(laid.sewn), list(laid.drawn)
        for start, end in diagonals:
            line, long = TableLine.between(start, end), length((start, end))
            both = [line.beside(by) for by in (self.seam, -self.seam)]
            stretches = [(side.at(self.seam), side.at(long - self.seam)) for side in both]
            drawn += stretches if self.school.stitch == "two-lines" else [(start, end)]
            self.marks += 2 if self.school.stitch == "two-lines" else 1
            sewn += stretches
            self.seams += [length(stretch) for stretch in stretches]
        return Layers(laid.under, laid.over, tuple(drawn), tuple(sewn))

    def sew_inside_edges(self, layers: Layers, words: Text) -> Layers:
        """Sews a seam allowance inside all edges of the upper cloth."""
        outline = layers.over[0].front[0].outline
        sewn = [
            clip(TableLine.between(*side).beside(self.seam), layers.over)
            for side in sides_of(outline)
        ]
        stretches = tuple([stretch for stretch in sewn if stretch])
        self.seams += [length(stretch) for stretch in stretches]
        done = replace(layers, sewn=stretches)
        self._record("sew", words, [_as_sewn(done)])
        return done

    def sew_on(
        self, layers: Layers, line: TableLine, words: Text, *, again: bool = False
    ) -> Layers:
        """Sews on a line drawn on the upper cloth."""
        stretch = clip(line, layers.over)
        if stretch is None:
            raise SewingError(message("line-misses-upper-cloth"))
        self.seams.append(length(stretch))
        self.marks += 1
        done = replace(layers, drawn=(stretch,), sewn=(stretch,))
        self._record("sew", words, [_as_sewn(done)], again=again)
        return done

    def sew_along(
        self, layers: Layers, stretch: TableSegment, words: Text, *, again: bool = False
    ) -> Layers:
        """Sews along a stretch that is printed on a foundation under the cloth."""
        self.seams.append(length(stretch))
        done = replace(layers, sewn=(stretch,))
        self._record("sew", words, [_as_sewn(done)], again=again)
        return done

    def cut_apart(
        self,
        layers: Sequence[Layers],
        lines: Sequence[TableLine],
        words: Text,
        *,
        again: bool = False,
    ) -> list[Layers]:
        """Cuts through all layers along straight lines, from edge to edge."""
        bits = list(layers)
        scenes = []
        for laid in layers:
            works = [laid.under, *laid.over]
            marks = [mark for line in lines if (mark := self._across(line, works))]
            scenes.append(Scene(laid, drawn=laid.drawn, sewn=laid.sewn, cut=tuple(marks)))
            self.cuts += len(marks)
        for line in lines:
            bits = [part for bit in bits for part in bit.split(line)]
        self._record("cut-apart", words, scenes, again=again)
        return bits

    def _across(self, line: TableLine, works: Sequence[SewnWork]) -> TableSegment | None:
        reaches = [line.reach(spot) for work in works for spot in clip(line, [work]) or ()]
        return (line.at(min(reaches)), line.at(max(reaches))) if reaches else None

    def cut_off(self, work: SewnWork, line: TableLine) -> SewnWork:
        """Cuts off what lies to the left of a line."""
        self.cuts += 1
        kept, off = work.split(line)
        self.waste.append(off)
        return kept

    def open(
        self,
        layers: Iterable[Layers],
        words: Text = "",
        *,
        again: bool = False,
        outward: bool = False,
    ) -> list[SewnWork]:
        """Folds the upper cloth of each over along its seam and presses it; `outward` toward what
        was folded over, away from the point or the middle.
        """
        laid_all = list(layers)
        works = [laid.opened() for laid in laid_all]
        away = self.school.outward(outward)
        over = [_pieces_of(laid.over) if away else frozenset[int]() for laid in laid_all]
        self._record(
            "press",
            words or self._pressing(works[0], outward=over[0]),
            [
                Scene(
                    work,
                    pressed=self._arrows(work, outward=pieces),
                    open_seam=self.school.opens,
                )
                for work, pieces in zip(works[:2], over, strict=False)
            ],
            again=again,
        )
        return works

    # joining single pieces

    def join(
        self,
        work: SewnWork,
        edge: TableSegment,
        piece: SewnWork,
        along: TableSegment,
        *,
        at: int = 0,
        shift: float = 0.0,
        words: Text = "",
        again: bool = False,
        outward: bool = False,
    ) -> SewnWork:
        """Sews a piece onto an edge of a work, raw edges together, and presses it open; `outward`
        toward the piece, away from the point or the middle.

        Both edges run clockwise around their cloth. `at` tells where they meet: -1 at the start of
        `edge`, 0 in the middle, 1 at its end; `shift` moves the piece further along. The seam lies
        a seam allowance inside both.
        """
        raw, its = TableLine.between(*edge), TableLine.between(*along)
        ends = (edge[0], along[1]), (_middle(edge), _middle(along)), (edge[1], along[0])
        here, there = ends[at + 1]
        seam = raw.beside(self.seam)
        x, y = raw.beside(2 * self.seam).at(raw.reach(here) + shift)
        laid_open = piece.moved(
            Motion.turning(its.along, (-raw.along[0], -raw.along[1]), about=there, onto=(x, y))
        )
        down = laid_open.moved(Motion.folding(seam))
        sewn = clip(seam, [work, down])
        if sewn is None:
            raise SewingError(message("two-pieces-do-not-meet"))
        self.seams.append(length(sewn))
        self.loose += self._loose(work, raw) or self._loose(down, raw)
        layers = Layers(work, (down,), sewn=(sewn,))
        opened = layers.opened()
        over = _pieces_of((down,)) if self.school.outward(outward) else frozenset[int]()
        self._record("join", words, [Scene(layers, sewn=(sewn,))], again=again)
        self._record(
            "press",
            self._pressing(opened, sewn, over),
            [
                Scene(
                    opened,
                    pressed=self._arrows(opened, sewn, over),
                    open_seam=self.school.opens,
                )
            ],
            again=again,
        )
        return opened

    def _loose(self, work: SewnWork, edge: TableLine) -> bool:
        """Whether the raw edge of a work along a line is on the bias."""
        return any(
            scrap.off_grain(edge.along)
            for scrap in work.front
            for a, b in sides_of(scrap.outline)
            if abs(edge.side(a)) < 1e-6 and abs(edge.side(b)) < 1e-6
        )

    # finishing

    def cut_across(self, work: SewnWork, every: float, count: int, words: Text) -> list[SewnWork]:
        """Squares up the left end of a strip set and cuts it across into segments."""
        left, top, right, bottom = bounds(work.outlines)
        start = right - every * count - (right - left - every * count) / 2
        places = [start + every * number for number in range(count + 1)]
        lines = [TableLine((place, top), (0.0, -1.0)) for place in places]
        self.cuts += len(lines)
        marks = [((place, top), (place, bottom)) for place in places]
        self._record("cut-apart", words, [Scene(work, cut=tuple(marks))])
        segments = []
        for line in reversed(lines):
            outside, work = work.split(line)
            segments.append(outside)
        self.waste += [segments[0], work]
        return segments[:0:-1]

    def square_up(self, work: SewnWork, width: float, height: float, words: Text = "") -> SewnWork:
        """Trims a work about its middle to a size; a step of its own where there are words for
        it.
        """
        x, y = middle_of(work)
        outline = rectangle(width, height, x - width / 2, y - height / 2)
        if words:
            guide = max(work.seams, key=length)
            self._record(
                "trim",
                words,
                [
                    Scene(
                        work,
                        cut=tuple(sides_of(outline)),
                        ruler=(tuple(sides_of(outline)), guide),
                    )
                ],
            )
        return work.inside(outline)

    def cut_round(
        self, work: SewnWork, outline: Polygon, words: Text, *, again: bool = False
    ) -> SewnWork:
        """Cuts off what lies outside a convex outline, clockwise as seen."""
        self.cuts += len(outline)
        self._record("trim", words, [Scene(work, cut=tuple(sides_of(outline)))], again=again)
        return work.inside(outline)

    def trim(
        self,
        works: Sequence[SewnWork],
        target: Target,
        size: Text,
        landmarks: Landmarks | None = None,
    ) -> list[Fit]:
        """Lays the drafted unit on each work, seam on seam, and trims it to its unfinished size, by
        its landmarks where they are told.

        A unit may come out as its mirror image.
        """
        mirror = target.mirrored()
        fits = []
        for work in works:
            found = fit(work, target)
            if not found.right:
                other = fit(work, mirror)
                found = replace(other, mirrored=True) if other.right else found
            fits.append(found)
        self._record_trimming(fits, target, size, landmarks)
        return fits

    def _record_trimming(
        self, fits: Sequence[Fit], target: Target, size: Text, landmarks: Landmarks | None
    ) -> None:
        first = fits[0]
        oversize = min(first.oversize)
        words: Text = message("trim-to-size", size=size)
        if landmarks and landmarks.folded and oversize >= -_SEEN and self.recording:
            self._record_folded(first, target, landmarks)
            return
        off: Text = ""
        if oversize < -_SEEN:
            words = message("check-a-small-one", size=size)
        elif not falls_off(first.oversize, landmarks.hair if landmarks else _SEEN):
            words = message("check-nothing-to-trim", size=size)
        elif landmarks:
            off = trimmed_off(first, landmarks)
        more = (landmarks.words, off, landmarks.of_ruler) if landmarks else ()
        said = sentences(words, *(one or None for one in more))
        self._record("trim", said, [_trimming(first, target, size, landmarks)])

    def _record_folded(self, found: Fit, target: Target, landmarks: Landmarks) -> None:
        """Trimming comes before the pressing then, which is the last thing on record."""
        pressed = self.steps.pop()
        words = sentences(
            landmarks.folded, trimmed_off(found, landmarks) or None, landmarks.of_ruler or None
        )
        self._record("trim", words, [_folded(found, target, landmarks)])
        self.steps.append(pressed)

    # the record

    def record_cuts(self, cut: Sequence[StartPiece]) -> None:
        """Puts down what is cut."""
        scenes, said = [], []
        for one in cut:
            left, top, right, bottom = bounds(one.work.outlines)
            rising, falling = ((left, bottom), (right, top)), ((left, top), (right, bottom))
            once = falling if one.hand == "left" else rising
            marks = {"one-diagonal": (once,), "both-diagonals": (rising, falling)}.get(
                one.further, ()
            )
            width, height = one.size
            sizes = [Dimension(((left, top), (right, top)), width)]
            if height != width:
                sizes.append(Dimension(((left, top), (left, bottom)), height))
            scenes.append(Scene(one.work, cut=marks, sizes=tuple(sizes), count=one.count))
            said.append(self._cut_words(one))
        keys = dict.fromkeys(scrap.fabric for one in cut for scrap in one.work.front)
        alike = [
            mark_the_wrong_side(self.fabrics[key])
            for key in keys
            if key in self.fabrics and self.fabrics[key].right_side == "hard-to-see"
        ]
        words = message("step-cut", pieces=listed(said, "semicolon"))
        self._record("cut", sentences(words, *alike) if alike else words, scenes)

    def _cut_words(self, one: StartPiece) -> Message:
        width, height = one.size
        return message(
            "pieces-to-cut",
            count=one.count,
            fabric=self.name(one.work.front[0].fabric),
            size=width if height == width else listed((width, height), "times"),
            lengths=one.lengths,
            then=one.further,
            hand=one.hand or "none",
        )

    def name(self, fabric: str) -> Text:
        """What a fabric is called."""
        known = self.fabrics.get(fabric)
        return known.called if known else fabric or message("the-middle")

    def _record(
        self, act: ActName, words: Text, scenes: Sequence[Scene], *, again: bool = False
    ) -> None:
        """Puts a step down; `again` adds it to the last of its kind. Of pressing only how it then
        lies is kept.
        """
        if not self.recording:
            return
        last = next(
            (n for n in range(len(self.steps) - 1, -1, -1) if self.steps[n].act == act), None
        )
        if not again or last is None:
            self.steps.append(RecipeStep(act, words, tuple(scenes)))
            return
        before = () if act == "press" else self.steps[last].scenes
        self.steps[last] = replace(self.steps[last], scenes=(*before, *scenes))

    def _pressing(
        self,
        work: SewnWork,
        seam: TableSegment | None = None,
        outward: frozenset[int] = frozenset(),
    ) -> Message:
        """How the last seam of a work is pressed, in words."""
        if self.school.opens:
            first = self.school.inside == "side-then-open"
            return message("press-side-then-open") if first else message("press-open")
        last = seam or max(work.seams, key=length)
        one, other = self._sides(work, last)
        side = self._pressed_toward(one, other, outward)
        if side is None:
            toward = message("press-one-side")
        else:
            beyond = other if side is one else one
            own = [fabric for fabric in side.fabrics if fabric not in beyond.fabrics]
            why = "darker" if one.value != other.value else "bulk"
            toward = message(
                "press-toward",
                fabrics=listed(self.name(key) for key in (own or side.fabrics)[:MOST_NAMED]),
                why="outward" if outward else why,
            )
        return message("press-to", toward=toward)

    def _pressed_toward(self, one: _Side, other: _Side, outward: frozenset[int]) -> _Side | None:
        """The side that a seam is pressed toward: that of the pieces in `outward`, else the one
        that hides it better; None where neither does.
        """
        if outward:
            return max(one, other, key=lambda side: len(side.cut & outward))
        if one.preferred == other.preferred:
            return None
        return max(one, other, key=lambda side: side.preferred)

    def _value(self, fabric: str) -> int:
        known = self.fabrics.get(fabric)
        return VALUES[known.value] if known else 1

    def _arrows(
        self,
        work: SewnWork,
        seam: TableSegment | None = None,
        outward: frozenset[int] = frozenset(),
    ) -> tuple[TableSegment, ...]:
        """An arrow over the last seam, the way it is pressed."""
        if not work.seams:
            return ()
        last = seam or max(work.seams, key=length)
        line, (x, y) = TableLine.between(*last), _middle(last)
        one, other = self._sides(work, last)
        way = -1 if self._pressed_toward(one, other, outward) is other else 1
        reach = max(self.seam, length(last) / 8)
        nx, ny = -line.along[1] * way * reach, line.along[0] * way * reach
        return (((x - nx, y - ny), (x + nx, y + ny)),)

    def _sides(self, work: SewnWork, seam: TableSegment) -> tuple[_Side, _Side]:
        """What lies on either side of a seam."""
        line = TableLine.between(*seam)
        return self._side(work, line, 1), self._side(work, line, -1)

    def _side(self, work: SewnWork, line: TableLine, way: int) -> _Side:
        here = [
            scrap
            for scrap in work.front
            if max(way * line.side(spot) for spot in scrap.outline) > _NEAR
            and min(way * line.side(spot) for spot in scrap.outline) > -_NEAR
        ]
        beside: defaultdict[str, float] = defaultdict(float)
        for scrap in here:
            on_line = [line.reach(spot) for spot in scrap.outline if abs(line.side(spot)) < _NEAR]
            if on_line:
                beside[scrap.fabric] += max(on_line) - min(on_line)
        whole = sum(beside.values()) or 1.0
        value = sum(self._value(fabric) * long for fabric, long in beside.items()) / whole
        most = sorted(beside, key=lambda fabric: (-beside[fabric], fabric))
        fabrics = tuple(fabric for fabric in most if beside[fabric] > whole / 5)
        return _Side(fabrics, round(value, 3), len(here), frozenset(one.piece for one in here))


def _pieces_of(works: Iterable[SewnWork]) -> frozenset[int]:
    return frozenset(scrap.piece for work in works for scrap in work.front)


def _as_sewn(laid: Layers) -> Scene:
    return Scene(laid, drawn=laid.drawn, sewn=laid.sewn)


def _middle(segment: TableSegment) -> XY:
    (ax, ay), (bx, by) = segment
    return (ax + bx) / 2, (ay + by) / 2


def longest_side(work: SewnWork) -> TableSegment:
    """The longest side of a single piece, running clockwise."""
    return max(sides_of(work.front[0].outline), key=length)


def from_the_longest(work: SewnWork) -> list[TableSegment]:
    """The sides of a single piece clockwise, from the longest on."""
    sides = sides_of(work.front[0].outline)
    start = sides.index(longest_side(work))
    return sides[start:] + sides[:start]


def edge_along(work: SewnWork, edge: TableSegment) -> TableSegment:
    """The whole raw edge of a work that one of its sides lies on, running the same way."""
    line = TableLine.between(*edge)
    found = clip(line, [work])
    return found or edge


def corner_to_corner(work: SewnWork) -> tuple[TableSegment, TableSegment]:
    """The diagonals of a work's upright box: the rising one and the falling one."""
    left, top, right, bottom = bounds(work.outlines)
    return ((left, bottom), (right, top)), ((left, top), (right, bottom))


def middle_of(work: SewnWork) -> XY:
    """The middle of a work's upright box."""
    left, top, right, bottom = bounds(work.outlines)
    return (left + right) / 2, (top + bottom) / 2


def trimmed_off(found: Fit, landmarks: Landmarks) -> Text:
    """How much there is to cut off on each side; nothing where there is nothing."""
    # beside a side with something to cut off, one of about a hair is not worth naming; of two that
    # come to a hair together each is
    most = max(found.sides)
    least = 2 * landmarks.hair if most > 2 * landmarks.hair else most / 2
    sides = [side if side > least else 0.0 for side in found.sides]
    if not found.right or not any(sides):
        return ""
    if max(sides) - min(sides) < _SEEN:
        return message("trimmed-off-all-round", by=landmarks.measured(sides[0]))
    told: dict[float, list[str]] = {}
    for name, side in zip(("left", "top", "right", "bottom"), sides, strict=True):
        alike = next((one for one in told if abs(one - side) < _SEEN), side)
        told.setdefault(alike, []).append(name)
    return message(
        "trimmed-off",
        sides=listed(
            message(
                "trimmed-off-at",
                by=landmarks.measured(by),
                sides=listed(message("side-of-a-work", side=name) for name in names),
            )
            for by, names in sorted(told.items(), reverse=True)
            if by
        ),
    )


def _trimming(found: Fit, target: Target, size: Text, landmarks: Landmarks | None) -> Scene:
    """A work under the ruler, whose corner lies on its upper right one."""
    left, top, right, bottom = bounds([target.box])
    seams = found.work.seams
    guide = max(seams, key=length) if seams else ((left, bottom), (right, top))
    edges, marks = _ruler_on(target, landmarks)
    return Scene(
        found.work,
        cut=tuple(sides_of(target.box)),
        ruler=(edges, guide),
        ruler_marks=marks,
        sizes=(Dimension(((left, top), (right, top)), size), *_lying(found, target, landmarks)),
    )


def _folded(found: Fit, target: Target, landmarks: Landmarks) -> Scene:
    """A work of two triangles, still folded on its seam, under the ruler, whose corner lies on its
    square corner.
    """
    left, top, right, bottom = bounds([target.box])
    seam = max(found.work.seams, key=length)
    line = TableLine.between(*seam)
    corners = [(left, top), (right, top), (right, bottom), (left, bottom)]
    corner = max(corners, key=lambda spot: line.side(spot))
    under, over = found.work.split(line)
    if max(line.side(spot) for one in under.outlines for spot in one) < _NEAR:
        under, over = over, under
    beside = [
        spot for spot in corners if abs(line.side(spot)) < max(right - left, bottom - top) / 8
    ]
    edges, marks = _ruler_on(target, landmarks, corner)
    return Scene(
        Layers(under, (over.moved(Motion.folding(line)),), sewn=(seam,)),
        sewn=(seam,),
        cut=tuple((corner, spot) for spot in beside),
        ruler=(edges, seam),
        ruler_marks=marks,
    )


def _ruler_on(
    target: Target,
    landmarks: Landmarks | None,
    corner: XY | None = None,
) -> tuple[tuple[TableSegment, ...], tuple[Dimension, ...]]:
    """The edges of the ruler in hand, as far as it is shown beyond the unit, and its numbered marks
    along the edges at its corner: the unit's upper right one, or the given one.
    """
    left, top, right, bottom = bounds([target.box])
    if landmarks is None or landmarks.ruler is None:
        return tuple(sides_of(target.box)), ()
    ruler = landmarks.ruler
    most = _BEYOND * max(right - left, bottom - top)
    x, y = corner or (right, top)
    across = -1.0 if x > (left + right) / 2 else 1.0
    down = 1.0 if y < (top + bottom) / 2 else -1.0
    wide, high = min(ruler.width, right - left + most), min(ruler.height, bottom - top + most)
    far, low = x + across * wide, y + down * high
    edges = [((x, y), (far, y)), ((x, y), (x, low))]
    if wide == ruler.width:
        edges.append(((far, y), (far, low)))
    if high == ruler.height:
        edges.append(((x, low), (far, low)))
    tick = most / 6

    def numbered(reach: float) -> list[tuple[float, str]]:
        count = int((reach - ruler.begins) / ruler.every + _NEAR)
        by = 1 + count // _FEWEST_MARKS
        return [
            (ruler.begins + number * ruler.every, str(round(number * ruler.every)))
            for number in range(by, count + 1, by)
        ]

    level = [
        Dimension(((x + across * at, y), (x + across * at, y + down * tick)), number)
        for at, number in numbered(wide)
    ]
    steep = [
        Dimension(((x, y + down * at), (x + across * tick, y + down * at)), number)
        for at, number in numbered(high)
    ]
    return tuple(edges), (*level, *steep)


def _lying(found: Fit, target: Target, landmarks: Landmarks | None) -> list[Dimension]:
    """Landmarks as they lie on a work, which may have come out as the mirror image."""
    flip = Motion(a=-1.0, c=target.width) if found.mirrored else Motion()
    return [
        replace(one, span=(flip.spot(one.span[0]), flip.spot(one.span[1])))
        for one in (landmarks.sizes if landmarks else ())
    ]
