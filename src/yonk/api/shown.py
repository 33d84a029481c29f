"""Small pictures and words that several pages show."""

from __future__ import annotations

from collections.abc import Mapping
from fractions import Fraction

import shapely

from yonk.api.wire import ClothPictureOut, PartOut, PictureFaceOut, PrintOut
from yonk.core.paper import (
    UNASSIGNED,
    ClothPicture,
    Decimal,
    Draft,
    Text,
    listed,
    message,
    show,
    write_exact,
)
from yonk.core.planning import Reading, diagonal, luminance
from yonk.core.sewing import rounded
from yonk.core.units import Hand, Subcut, Terms, Unit, target_of
from yonk.files.cloth_picture import digest_in

PAPER = "#fffdf6"  # a patch without a fabric
DARK_INK, LIGHT_INK = "#14312c", "#fbf7ec"
LIGHT_GROUND = 0.18  # the relative luminance from which dark ink is read more easily


def ink_on(colour: str) -> str:
    """The ink that can be read on a colour."""
    return DARK_INK if luminance(colour) > LIGHT_GROUND else LIGHT_INK


def picture(reading: Reading) -> list[PictureFaceOut]:
    """A small picture: each patch in its colour, in the draft's unit."""
    scale = reading.drawing.scale
    cloths = _cloths(reading)
    return [
        PictureFaceOut(
            outline=[(round(x / scale, 4), round(y / scale, 4)) for x, y in face.ring],
            colour=cloths[key][0],
            cloth=cloths[key][1],
        )
        for face, key in zip(reading.drawing.faces, reading.fabrics, strict=True)
    ]


def _cloths(reading: Reading) -> Mapping[str, tuple[str, int | None]]:
    """The colour of each fabric of a block and its place there; paper where there is none yet."""
    known = enumerate(reading.draft.fabrics)
    cloths: dict[str, tuple[str, int | None]] = {
        fabric.key: (fabric.colour, place) for place, fabric in known
    }
    return {UNASSIGNED: (PAPER, None)} | cloths


def cloths_of(draft: Draft) -> list[PrintOut]:
    """How a block's fabrics are drawn."""
    return [
        PrintOut(
            colour=fabric.colour,
            ink=ink_on(fabric.colour),
            print=fabric.print,
            direction=fabric.direction,
            picture=cloth_picture_out(fabric.picture),
        )
        for fabric in draft.fabrics
    ]


def cloth_picture_out(picture: ClothPicture | None) -> ClothPictureOut | None:
    """A picture of a cloth as it is sent."""
    if picture is None:
        return None
    digest = digest_in(picture.file)
    return ClothPictureOut(
        file=picture.file,
        address=f"/api/cloth/{digest}.jpg" if digest else None,
        width=float(picture.width),
        height=float(picture.height),
        exact=(write_exact(picture.width), write_exact(picture.height)),
    )


def picture_by_fabric(reading: Reading) -> list[PictureFaceOut]:
    """A picture of a block of many patches: those of a fabric that touch drawn as one, its corners
    made plain.
    """
    scale = reading.drawing.scale
    plain = max(float(reading.draft.width), float(reading.draft.height)) / 300
    faces: list[PictureFaceOut] = []
    cloths = _cloths(reading)
    for key in dict.fromkeys(reading.fabrics):
        colour, cloth = cloths[key]
        own = [  # which meet in whole edges, as they come from one drawing
            polygon
            for polygon, one in zip(reading.drawing.polygons, reading.fabrics, strict=True)
            if one == key
        ]
        whole = shapely.transform(shapely.coverage_union_all(own), lambda spots: spots / scale)
        for part in shapely.get_parts(shapely.simplify(whole, plain)):
            ring = shapely.get_coordinates(part.exterior).round(3).tolist()
            outline = [(x, y) for x, y in ring[:-1]]
            faces.append(PictureFaceOut(outline=outline, colour=colour, cloth=cloth))
    return sorted(faces, key=lambda face: -_reach(face))


def _reach(face: PictureFaceOut) -> float:
    across, down = zip(*face.outline, strict=True)
    return float((max(across) - min(across)) * (max(down) - min(down)))


def further_words(subcut: Subcut, hand: Hand | None = None) -> Text:
    """How a piece is cut further, and which way where that matters; empty where it is not."""
    if subcut == "none":
        return ""
    cut_on = message("cut-on-diagonals", subcut=subcut)
    return listed((cut_on, diagonal(hand, None)), "comma") if hand else cut_on


def unit_picture(unit: Unit, seam: Fraction) -> tuple[list[PartOut], float, float]:
    """A unit as it is drafted, with its width and height."""
    target = target_of(unit, seam)
    parts = [
        PartOut(outline=list(rounded(outline)), fabric=fabric) for outline, fabric in target.parts
    ]
    return parts, round(target.width, 3), round(target.height, 3)


def length_words(length: float, terms: Terms) -> Text:
    """A length that was measured on the table: to the nearest sixteenth, or half millimetre."""
    if terms.unit == "in":
        marks = Fraction(round(abs(length) * 16), 16)
        return (
            message("under-a-sixteenth") if not marks and abs(length) > 1e-6 else show(marks, "in")
        )
    return message("bought-centimetres", length=Decimal(round(abs(length) * 20) / 20, 2))
