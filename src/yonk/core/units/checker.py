"""Checker: m by n equal plain squares. Strip piecing sews each different row once as a strip set and cuts it across."""

from dataclasses import dataclass

from yonk.core.assembly import Region
from yonk.core.sewing.plane import Motion
from yonk.core.sewing.work import Work
from yonk.core.units.needs import Need, Terms, box
from yonk.core.units.stamp import Stamp
from yonk.core.units.strip_set import cut_segments, segments_in_a_set, sew_side_by_side, strip
from yonk.core.units.unit import Found, FoundPart, Job, Method, Part, Unit, UnitKind, in_batches_of


@dataclass(frozen=True)
class Band:
    """A row or column that comes once or more: its squares, and in which lines it lies so and turned round."""

    squares: tuple[Part, ...]
    lines: tuple[tuple[int, bool], ...]


def bands(unit: Unit) -> tuple[list[Band], bool]:
    """The different rows, and whether they are rows: columns are taken where that makes fewer."""
    rows, columns = _gathered(unit, 0), _gathered(unit, 1)
    return (columns, False) if len(columns) < len(rows) else (rows, True)


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
    return in_batches_of(max(1, segments_in_a_set(unit.parts[0].width, terms) // busiest))(unit, terms, lots)


def _strips(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [
        strip(part.cloth, part.width, part.width, lots * len(band.lines), terms)
        for band in bands(unit)[0]
        for part in band.squares
    ]


def _single(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [box(part.cloth, part.width, part.width, terms, lots) for part in unit.parts]


def _sew_strips(job: Job) -> list[Work]:
    """Each band's strips are sewn and cut across; the segments, turned where the row asks it, are joined."""
    found, are_rows = bands(job.unit)
    strips = iter(job.pieces)
    segments: dict[int, list[tuple[Work, bool]]] = {}
    for number, band in enumerate(found, start=1):
        sewn = sew_side_by_side(
            job, [next(strips)[0] for _ in band.squares],
            f"Sew strip set {number}: {', '.join(job.table.name(part.cloth.fabric) for part in band.squares)}, along their long edges.",
        )  # fmt: skip
        cut = cut_segments(job, sewn, job.lots * len(band.lines))
        for place, turned in band.lines:
            segments[place] = [(cut.pop(0), turned) for _ in range(job.lots)]
    works = []
    for lot in range(job.lots):
        works.append(_joined(job, [segments[place][lot] for place in sorted(segments)], are_rows))
        job.table.recording = False  # every lot goes together as the first
    job.table.recording = True
    return works


def _joined(job: Job, segments: list[tuple[Work, bool]], are_rows: bool) -> Work:
    """Segments one below the other; as columns of the unit they lie turned a quarter."""
    way = (0.0, -1.0) if are_rows else (0.0, 1.0)  # their squares run left to right, or right to left
    lie = [
        segment.moved(Motion.turning((1.0, 0.0), (way[0], -way[1] if turned else way[1])))
        for segment, turned in segments
    ]
    ends = [str(place) for place, (_, turned) in enumerate(segments, start=1) if turned]
    turn = f"; turn number {', '.join(ends)} end for end" if ends else ""
    return sew_side_by_side(job, lie, f"Join the segments{turn}; the seams nest.")


def _sew_single(job: Job) -> list[Work]:
    columns = max(part.spot[1] for part in job.unit.parts) + 1
    pieces = [pieces[0] for pieces in job.pieces]
    quarter = Motion.turning((1.0, 0.0), (0.0, -1.0))
    back = Motion.turning((0.0, -1.0), (1.0, 0.0))
    rows = []
    for start in range(0, len(pieces), columns):
        turned = [piece.moved(back) for piece in pieces[start : start + columns]]
        rows.append(sew_side_by_side(job, turned, "Sew the squares into rows.", again=start > 0).moved(quarter))
    return [sew_side_by_side(job, rows, "Join the rows; the seams nest.")]


class Checker(UnitKind):
    kind = "checker"
    words = "checker"
    stamp = Stamp("1/2 0 1/2 1, 0 1/2 1 1/2", "1/4 1/4 0, 3/4 1/4 1, 1/4 3/4 1, 3/4 3/4 0")
    handed = False
    methods = (
        Method(
            name="strip-piecing", words="strip sets, cut across and turned", lot=1, needs=_strips, sew=_sew_strips,
            together=True, batches=_sets,
        ),
        Method(name="cut-and-sew", words="cut squares and sew", lot=1, needs=_single, sew=_sew_single),
    )  # fmt: skip

    def recognise(self, region: Region) -> Found | None:
        across, down = region.upright_cuts, region.level_cuts
        cells = (len(across) + 1) * (len(down) + 1)
        if not across or not down or len(region.pieces) != cells:
            return None
        size = across[0]
        if any((piece.box[2] - piece.box[0], piece.box[3] - piece.box[1]) != (size, size) for piece in region.pieces):
            return None
        ordered = sorted(region.pieces, key=lambda piece: (piece.box[1], piece.box[0]))
        return Found(
            tuple(
                FoundPart(piece, "square", size, size, spot=(piece.box[1] // size, piece.box[0] // size))
                for piece in ordered
            )
        )
