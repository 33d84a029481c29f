"""The drawing that the seams make together: faces, lettered patches, how the block comes apart."""

from yonk.core.drawing.assembly import (
    Cells,
    Node,
    Piece,
    Region,
    Whole,
    block_region,
    ring_turned,
    take_apart,
    wholes,
)
from yonk.core.drawing.faces import (
    FACES_KEPT,
    Drawing,
    Face,
    Outline,
    Ring,
    Spot,
    Stretch,
    draw,
    grid_point_inside,
    work_in,
)
from yonk.core.drawing.motif import Motif, Span, lay, lift
from yonk.core.drawing.once import once_a_drawing
from yonk.core.drawing.patches import (
    Patch,
    ShapeName,
    fabrics_of,
    know_paint_faces,
    lengths,
    paint_faces,
    read_patches,
)
from yonk.core.drawing.set_in import set_in_pieces
from yonk.core.drawing.straight import apart, corners, lines_of

__all__ = [
    "FACES_KEPT",
    "Cells",
    "Drawing",
    "Face",
    "Motif",
    "Node",
    "Outline",
    "Patch",
    "Piece",
    "Region",
    "Ring",
    "ShapeName",
    "Span",
    "Spot",
    "Stretch",
    "Whole",
    "apart",
    "block_region",
    "corners",
    "draw",
    "fabrics_of",
    "grid_point_inside",
    "know_paint_faces",
    "lay",
    "lengths",
    "lift",
    "lines_of",
    "once_a_drawing",
    "paint_faces",
    "read_patches",
    "ring_turned",
    "set_in_pieces",
    "take_apart",
    "wholes",
    "work_in",
]
