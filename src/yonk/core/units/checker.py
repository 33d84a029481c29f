"""Checker: m by n equal plain squares. Strip piecing sews each different row once as a strip set and cuts it across."""

from collections import Counter

from yonk.core.assembly import Region
from yonk.core.units.needs import Need, Terms, box
from yonk.core.units.stamp import Stamp
from yonk.core.units.strip_set import strip
from yonk.core.units.unit import Demand, Found, FoundPart, Method, MethodName, Part, Unit, UnitKind


def bands(unit: Unit) -> list[tuple[list[Part], int]]:
    """The different rows (or columns, where that makes fewer) with how often each comes; a row turned round is alike."""

    def gathered(axis: int) -> list[tuple[list[Part], int]]:
        lines: dict[int, list[Part]] = {}
        for part in unit.parts:
            lines.setdefault(part.spot[axis], []).append(part)
        counts: Counter[tuple[str, ...]] = Counter()
        first: dict[tuple[str, ...], list[Part]] = {}
        for line in lines.values():
            fabrics = tuple(part.cloth.fabric for part in line)
            key = min(fabrics, fabrics[::-1])
            counts[key] += 1
            first.setdefault(key, line)
        return [(first[key], count) for key, count in counts.items()]

    rows, columns = gathered(0), gathered(1)
    return columns if len(columns) < len(rows) else rows


def _strips(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [
        strip(part.cloth, part.width, part.width, lots * count, terms) for line, count in bands(unit) for part in line
    ]


def _single(unit: Unit, terms: Terms, lots: int) -> list[Need]:
    return [box(part.cloth, part.width, part.width, terms, lots) for part in unit.parts]


class Checker(UnitKind):
    kind = "checker"
    words = "checker"
    stamp = Stamp("1/2 0 1/2 1, 0 1/2 1 1/2", "1/4 1/4 0, 3/4 1/4 1, 1/4 3/4 1, 3/4 3/4 0")
    handed = False
    methods = (
        Method(name="strip-piecing", words="strip sets, cut across and turned", lot=1, needs=_strips, turns_prints=True),
        Method(name="cut-and-sew", words="cut squares and sew", lot=1, needs=_single),
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

    def propose(self, unit: Unit, demand: Demand) -> tuple[MethodName, str]:
        squares, sets = len(unit.parts) * demand.total, len(bands(unit))
        if squares < 8 or demand.directional or sets > demand.total + 2:
            return "cut-and-sew", f"Only {squares} squares: cut singly they are quicker than strip sets."
        return (
            "strip-piecing",
            f"{sets} strip {'set' if sets == 1 else 'sets'} cut across handle all {squares} squares.",
        )
