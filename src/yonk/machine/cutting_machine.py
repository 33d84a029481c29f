"""A simulated cutting machine: it reads a DXF, draws what it would cut, and says how far the blade
travels.
"""

from __future__ import annotations

from dataclasses import dataclass
from io import StringIO
from math import hypot

from ezdxf.entities.lwpolyline import LWPolyline
from ezdxf.filemanagement import read
from ezdxf.lldxf.const import DXFError

from yonk.core.paper import MessageError

UNITS = {1: "in", 5: "cm"}
Path = tuple[tuple[float, float], ...]


class MachineFileError(MessageError):
    """A file that the machine cannot take. The message says what would mend it."""


@dataclass(frozen=True)
class MachineJob:
    """What the machine would do: the closed paths on the layer CUT, the length cut and the length
    moved between.
    """

    unit: str
    paths: tuple[Path, ...]

    @property
    def cut_length(self) -> float:
        """How long the blade travels in the cloth."""
        return sum(_long(path) for path in self.paths)

    @property
    def moved_length(self) -> float:
        """How long the blade travels lifted, from the corner of the mat to each path in its
        order.
        """
        spots = [(0.0, 0.0), *(path[0] for path in self.paths)]
        return sum(hypot(b[0] - a[0], b[1] - a[1]) for a, b in zip(spots, spots[1:], strict=False))

    def picture(self) -> str:
        """What it would cut, as SVG at true size."""
        xs = [x for path in self.paths for x, _ in path] or [1.0]
        ys = [y for path in self.paths for _, y in path] or [1.0]
        wide, high = max(xs), max(ys)
        drawn = "".join(
            f'<polygon points="{" ".join(f"{x:.4f},{high - y:.4f}" for x, y in path)}"/>'
            for path in self.paths
        )
        return (
            f'<svg xmlns="http://www.w3.org/2000/svg" width="{wide:.4f}{self.unit}" '
            f'height="{high:.4f}{self.unit}" '
            f'viewBox="0 0 {wide:.4f} {high:.4f}"><g fill="none" stroke="#9c2f2b" '
            f'stroke-width="{wide / 400:.4f}">{drawn}</g></svg>\n'
        )


def read_job(text: str) -> MachineJob:
    """The job in a DXF. Raises `MachineFileError` where there is nothing to cut."""
    try:
        document = read(StringIO(text))
    except (DXFError, ValueError, IndexError) as fault:
        raise MachineFileError(f"The file is no DXF ({fault}).") from None
    unit = UNITS.get(document.units)
    if unit is None:
        raise MachineFileError("The file does not say whether it is in inches or centimetres.")
    paths = tuple(
        tuple((float(x), float(y)) for x, y in line.get_points("xy"))
        for line in document.modelspace().query('LWPOLYLINE[layer=="CUT"]')
        if isinstance(line, LWPolyline) and line.closed
    )
    if not paths:
        raise MachineFileError("The file has no closed line on the layer CUT.")
    return MachineJob(unit, paths)


def _long(path: Path) -> float:
    return sum(
        hypot(b[0] - a[0], b[1] - a[1]) for a, b in zip(path, path[1:] + path[:1], strict=True)
    )
