"""Checker: m by n equal plain squares. Strip piecing sews each different row once as a strip set
and cuts it across.
"""

from collections import Counter
from collections.abc import Sequence
from dataclasses import dataclass, replace

import numpy as np

from yonk.core.drawing import Region
from yonk.core.paper import MOST_INT64, listed, message
from yonk.core.sewing import Motion, SewnWork
from yonk.core.units.divided import checks
from yonk.core.units.foundation import FOUNDATION
from yonk.core.units.needs import Cloth, Need, Terms, rectangle_need
from yonk.core.units.stamp import Stamp
from yonk.core.units.strip_set import (
    cut_segments,
    on_ruler,
    segments_in_a_set,
    sew_side_by_side,
    strip,
    strip_set_oversize,
)
from yonk.core.units.unit import (
    Counted,
    FoundPart,
    MakingJob,
    Method,
    Part,
    Prints,
    RecognisedUnit,
    Segment,
    Unit,
    UnitKind,
    in_batches_of,
)


@dataclass(frozen=True)
class Band:
    """A row or column that comes once or more: its squares, and in which lines it lies so and
    turned round.
    """

    squares: tuple[Part, ...]
    lines: tuple[tuple[int, bool], ...]


def bands(unit: Unit) -> tuple[list[Band], bool]:
    """The different rows, and whether they are rows: columns are taken where that makes fewer.

    Of as many rows as columns those are taken whose fabrics come first, so that a unit turned or
    mirrored is cut alike.
    """
    if "bands" not in unit.worked_out:
        rows, columns = _gathered(unit, 0), _gathered(unit, 1)
        unit.worked_out["bands"] = (
            (columns, False) if _order(columns) < _order(rows) else (rows, True)
        )
    found: tuple[list[Band], bool] = unit.worked_out["bands"]
    return found


def _order(found: list[Band]) -> tuple[int, int, list[tuple[tuple[str, ...], int]]]:
    said = []
    for band in found:
        fabrics = tuple(part.cloth.fabric for part in band.squares)
        said.append((min(fabrics, fabrics[::-1]), len(band.lines)))
    return len(found), sum(len(band.squares) for band in found), sorted(said)


def _gathered(unit: Unit, axis: int) -> list[Band]:
    lines: dict[int, list[Part]] = {}
    for part in unit.parts:
        lines.setdefault(part.spot[axis], []).append(part)
    first: dict[tuple[str, ...], list[Part]] = {}
    places: dict[tuple[str, ...], list[tuple[int, bool]]] = {}
    for place, line in sorted(lines.items()):
        fabrics = tuple(part.cloth.fabric for part in line)
        key = min(fabrics, fabrics[::-1])
        first.setdefault(key, line)
        as_first = tuple(part.cloth.fabric for part in first[key]) == fabrics
        places.setdefault(key, []).append((place, not as_first))
    return [Band(tuple(first[key]), tuple(places[key])) for key in first]


def _sets(unit: Unit, terms: Terms, lots: int) -> list[int]:
    busiest = max(len(band.lines) for band in bands(unit)[0])
    return in_batches_of(max(1, segments_in_a_set(unit.parts[0].width, terms) // busiest))(
        unit, terms, lots
    )


def _strips(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    """Strips of one fabric and length together; the squares are alike, so they share a letter."""
    counts: Counter[tuple[Cloth, int]] = Counter()
    for band in bands(unit)[0]:
        counts.update((part.cloth, len(band.lines)) for part in band.squares)
    side = unit.parts[0].width
    return [
        replace(strip(cloth, side, side, lots * lines, terms), pieces=count)
        for (cloth, lines), count in counts.items()
    ]


def _single(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    """Squares of one fabric together."""
    counts, side = Counter(part.cloth for part in unit.parts), unit.parts[0].width
    return [
        rectangle_need(cloth, side, side, terms, lots * count) for cloth, count in counts.items()
    ]


def _sew_strips(job: MakingJob) -> list[SewnWork]:
    """Each band's strips are sewn and cut across; the segments, turned where the row asks it, are
    joined.
    """
    found, are_rows = bands(job.unit)
    kinds = dict.fromkeys((part.cloth, len(band.lines)) for band in found for part in band.squares)
    strips = {kind: iter(pieces) for kind, pieces in zip(kinds, job.pieces, strict=True)}
    segments: dict[int, list[tuple[SewnWork, bool]]] = {}
    for number, band in enumerate(found, start=1):
        sewn = sew_side_by_side(
            job,
            [next(strips[part.cloth, len(band.lines)]) for part in band.squares],
            message(
                "sew-strip-set",
                number=number,
                fabrics=listed(
                    (job.table.name(part.cloth.fabric) for part in band.squares), "comma"
                ),
            ),
        )
        cut = cut_segments(job, sewn, job.lots * len(band.lines))
        for place, turned in band.lines:
            segments[place] = [(cut.pop(0), turned) for _ in range(job.lots)]
    works = []
    for lot in range(job.lots):
        works.append(_joined(job, [segments[place][lot] for place in sorted(segments)], are_rows))
        job.table.recording = False  # every lot goes together as the first
    job.table.recording = True
    return works


def _joined(job: MakingJob, segments: list[tuple[SewnWork, bool]], are_rows: bool) -> SewnWork:
    """Segments one below the other; as columns of the unit they lie turned a quarter."""
    way = (
        (0.0, -1.0) if are_rows else (0.0, 1.0)
    )  # their squares run left to right, or right to left
    lie = [
        segment.moved(Motion.turning((1.0, 0.0), (way[0], -way[1] if turned else way[1])))
        for segment, turned in segments
    ]
    ends = [str(place) for place, (_, turned) in enumerate(segments, start=1) if turned]
    words = (
        message("join-segments-turned", ends=listed(ends, "comma"))
        if ends
        else message("join-segments")
    )
    return sew_side_by_side(job, lie, words)


def _sew_single(job: MakingJob) -> list[SewnWork]:
    columns = max(part.spot[1] for part in job.unit.parts) + 1
    by_cloth = {
        cloth: iter(pieces)
        for cloth, pieces in zip(
            dict.fromkeys(part.cloth for part in job.unit.parts), job.pieces, strict=True
        )
    }
    pieces = [next(by_cloth[part.cloth]) for part in job.unit.parts]
    quarter = Motion.turning((1.0, 0.0), (0.0, -1.0))
    back = Motion.turning((0.0, -1.0), (1.0, 0.0))
    rows = []
    for start in range(0, len(pieces), columns):
        turned = [piece.moved(back) for piece in pieces[start : start + columns]]
        rows.append(
            sew_side_by_side(job, turned, message("sew-squares-into-rows"), again=start > 0).moved(
                quarter
            )
        )
    return [sew_side_by_side(job, rows, message("join-rows"))]


def _size(unit: Unit, terms: Terms) -> tuple[int, int, float]:
    """Columns, rows, and what a square is listed as."""
    if "spots" not in unit.worked_out:
        down, across = zip(*[part.spot for part in unit.parts], strict=True)
        unit.worked_out["spots"] = max(across) + 1, max(down) + 1
    columns, rows = unit.worked_out["spots"]
    return columns, rows, float(on_ruler(unit.parts[0].width, terms))


def _counted_singly(unit: Unit, terms: Terms, lots: int) -> Counted:
    columns, rows, side = _size(unit, terms)
    wide, high = (side * count - 2 * float(terms.seam) * (count - 1) for count in (columns, rows))
    return Counted(
        seams=(columns * rows - 1) * lots,
        cuts=0,
        kept=side * side * columns * rows,
        prints="upright",
        length=((columns - 1) * rows * side + (rows - 1) * wide) * lots,
        oversize=strip_set_oversize(unit, wide, high, terms),
    )


def _counted_in_strips(unit: Unit, terms: Terms, lots: int) -> Counted:
    columns, rows, side = _size(unit, terms)
    wide, high = (side * count - 2 * float(terms.seam) * (count - 1) for count in (columns, rows))
    found, are_rows = bands(unit)
    across, lines = (columns, rows) if are_rows else (rows, columns)
    in_sets = sum(
        (across - 1) * (side * lots * len(band.lines) + float(terms.squaring)) for band in found
    )
    return Counted(
        seams=(across - 1) * len(found) + (lines - 1) * lots,
        cuts=sum(lots * len(band.lines) + 1 for band in found),
        length=in_sets + (lines - 1) * (wide if are_rows else high) * lots,
        kept=side * side * columns * rows,
        oversize=strip_set_oversize(unit, wide, high, terms),
        prints=_prints(found),
        strips_level=are_rows,
    )


def _prints(found: Sequence[Band]) -> Prints:
    """A print lies upright where all lines with its fabric lie one way; end for end only stripes
    look alike.
    """
    ways: dict[str, set[bool]] = {}
    for band in found:
        for part in band.squares:
            ways.setdefault(part.cloth.fabric, set()).update(turned for _, turned in band.lines)
    return "upright" if all(len(way) == 1 for way in ways.values()) else "stripes"


class Checkerboard(UnitKind):
    kind = "checker"
    words = message("kind-checker")
    usual_division = "2 x 2"
    stamp = Stamp("1/2 0 1/2 1, 0 1/2 1 1/2", "1/4 1/4 0, 3/4 1/4 1, 1/4 3/4 1, 3/4 3/4 0")
    handed = False
    methods = (
        Method(
            name="strip-piecing",
            words=message("way-strip-sets"),
            lot=1,
            needs=_strips,
            sew=_sew_strips,
            together=True,
            batches=_sets,
            counted=_counted_in_strips,
        ),
        Method(
            name="cut-and-sew",
            words=message("way-squares"),
            lot=1,
            needs=_single,
            sew=_sew_single,
            counted=_counted_singly,
        ),
        FOUNDATION,
    )

    def segments(self, unit: Unit) -> list[Segment]:
        """The rows or columns that its strip sets are cut into. Of a band that reads the same from
        both ends every other segment is turned, so that its seams can nest.
        """
        found, are_rows = bands(unit)
        lines: dict[int, list[int]] = {}
        for number, part in enumerate(unit.parts):
            lines.setdefault(part.spot[0 if are_rows else 1], []).append(number)
        segments = {}
        for number, band in enumerate(found):
            fabrics = [part.cloth.fabric for part in band.squares]
            for count, (place, turned) in enumerate(band.lines):
                if fabrics == fabrics[::-1]:
                    turned = count % 2 == 1
                parts = lines[place][::-1] if turned else lines[place]
                segments[place] = Segment(number, tuple(parts))
        return [segments[place] for place in sorted(segments)]

    def divided(self, text: str) -> Stamp | None:
        return checks(text)

    def recognise(self, region: Region) -> RecognisedUnit | None:
        across, down = region.upright_cuts, region.level_cuts
        cells = (len(across) + 1) * (len(down) + 1)
        if not across or not down or len(region.pieces) != cells:
            return None
        size = across[0]
        if not region.plain:
            return None
        large = max(region.width, region.height) > MOST_INT64
        boxes = np.array(region.boxes, dtype=object if large else np.int64)
        corners = boxes[:, :2]
        if np.any(boxes[:, 2:] - corners != size):
            return None
        spots = (corners // size)[:, ::-1].astype(np.int64)
        order = np.lexsort((spots[:, 1], spots[:, 0])).tolist()
        placed = zip(order, map(tuple, spots[order].tolist()), strict=True)
        return RecognisedUnit(
            tuple(
                [
                    FoundPart(region.pieces[number], "square", size, size, spot=spot)
                    for number, spot in placed
                ]
            )
        )
