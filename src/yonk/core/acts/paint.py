"""Act: give a fabric to the patch that holds a point, or to all patches of its letter, or of its
fabric.
"""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.checks import check_known, grid_size, point_of
from yonk.core.acts.mates import MatesName, mates_of
from yonk.core.drawing import draw, face_fabrics, grid_point_inside, paint_faces, read_patches
from yonk.core.paper import Draft, DraftError, Paint, PointText, message


@dataclass(frozen=True, kw_only=True)
class PaintPatch(Act):
    """Give a fabric to the patch that holds a point, or to all patches of its letter, or of its
    fabric.
    """

    do: Literal["paint"] = "paint"
    at: PointText
    fabric: str
    spread: Literal["patch", "letter", "fabric"] = "patch"

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        check_known(draft, self.fabric)
        point = point_of(self.at, "at", draft)
        drawing = draw(draft)
        fabrics = face_fabrics(draft, drawing)[0]
        spots = [mate.point(point, grid_size(draft)) for mate in mates_of(draft, mates)]
        hit = {face for face in drawing.faces_at(spots) if face is not None}
        if not hit:
            raise DraftError("at", message("touch-the-inside", what="patch"))
        if self.spread == "letter":
            patches = read_patches(drawing, fabrics)
            letters = {patches[face].letter for face in hit}
            hit = {patch.face for patch in patches if patch.letter in letters}
        elif self.spread == "fabric":
            wanted = {fabrics[face] for face in hit}
            hit = {face for face, fabric in enumerate(fabrics) if fabric in wanted}
        anchors = dict(
            zip(
                paint_faces(draft, drawing),
                (paint.at for paint in draft.paints),
                strict=True,
            )
        )
        brought = [
            Paint(anchors.get(face) or grid_point_inside(drawing, drawing.faces[face]), self.fabric)
            for face in sorted(hit)
        ]
        return carried(draft, brought, draft)
