"""The drawing that the seams make together: faces, lettered patches, how the block comes apart."""

from yonk.core.drawing.assembly import (
    AssemblyNode,
    Cells,
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
    from_least,
    grid_point_inside,
    work_in,
)
from yonk.core.drawing.motif import Motif, Span, lay, lift
from yonk.core.drawing.once import once_a_drawing
from yonk.core.drawing.patches import (
    Patch,
    ShapeName,
    face_fabrics,
    know_paint_faces,
    lengths,
    paint_faces,
    read_patches,
)
from yonk.core.drawing.set_in import set_in_pieces
from yonk.core.drawing.straight import corners, lines_of, part_halfway

__all__ = [
    "FACES_KEPT",
    "AssemblyNode",
    "Cells",
    "Drawing",
    "Face",
    "Motif",
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
    "block_region",
    "corners",
    "draw",
    "face_fabrics",
    "from_least",
    "grid_point_inside",
    "know_paint_faces",
    "lay",
    "lengths",
    "lift",
    "lines_of",
    "once_a_drawing",
    "paint_faces",
    "part_halfway",
    "read_patches",
    "ring_turned",
    "set_in_pieces",
    "take_apart",
    "wholes",
    "work_in",
]
