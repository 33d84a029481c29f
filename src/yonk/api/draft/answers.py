"""What is worked out from a draft: plain functions, so that heavy ones can run in a process of
their own.
"""

from __future__ import annotations

from base64 import b64decode

from pydantic import RootModel

from yonk.api.draft.pieces import in_pieces
from yonk.api.draft.schemas import ActsIn, ChartIn, SeenIn, SeenSeamOut, SvgIn, SvgOut
from yonk.api.draft.view import chart_view, view_of
from yonk.api.wire import as_bytes
from yonk.core.acts import apply, with_seams
from yonk.core.paper import DraftError, Point, Ruling, message, write_exact
from yonk.core.planning import make_plan, read, size_chart, width_range
from yonk.core.units import terms_of
from yonk.files.block_file import check_reading, lay_ready, take_block
from yonk.files.block_photo import lay_straight, seams_seen
from yonk.files.svg_in import read_svg


def worked_on(asked: ActsIn) -> bytes:
    """The draft that comes of acts, and all that follows from it."""
    draft = take_block(asked.document)
    if not asked.acts:
        check_reading(read(draft))
    for act in asked.acts:
        draft = apply(draft, act, asked.mates)
    plan = make_plan(draft)
    view = view_of(plan, stretches=asked.stretches, outlines=asked.outlines)
    lay_ready(view.document, draft)
    return as_bytes(view) if asked.known is None else in_pieces(view, set(asked.known))


def from_svg(asked: SvgIn) -> bytes:
    """A draft with its seams taken from an SVG drawing."""
    draft = take_block(asked.document)
    taken = read_svg(asked.svg, draft, asked.parts)
    return as_bytes(
        SvgOut(draft=view_of(make_plan(with_seams(draft, taken.seams))), report=taken.report())
    )


def sizes(asked: ChartIn) -> bytes:
    """The size chart of a draft."""
    draft = take_block(asked.document)
    plan = make_plan(draft)
    widths = width_range(asked.start, asked.end, asked.step, draft.unit)
    return as_bytes(
        RootModel(chart_view(size_chart(draft, plan.recipes, terms_of(draft), widths), draft))
    )


def laid_straight(photo: bytes, corners: list[tuple[float, float]], ratio: float) -> bytes:
    """A block as it lies in a photo, laid straight, as JPEG."""
    return lay_straight(photo, corners, ratio).content


def seen_in_picture(asked: SeenIn) -> list[SeenSeamOut]:
    """The seams that are seen in a straightened picture and not drawn yet."""
    draft = take_block(asked.document)
    try:
        picture = b64decode(asked.picture, validate=True)
    except ValueError:
        raise DraftError("picture", message("photo-is-damaged")) from None
    ruling = Ruling.of(draft)

    def named(point: Point) -> tuple[str, str]:
        return write_exact(point[0]), write_exact(point[1])

    def on_sheet(point: Point) -> tuple[float, float]:
        x, y = ruling.place(point)
        return float(x), float(y)

    return [
        SeenSeamOut(
            start=named(start),
            end=named(end),
            line=(on_sheet(start), on_sheet(end)),
            sure=one.sure,
        )
        for one in seams_seen(picture, draft, asked.parts)
        for start, end in [one.seam]
    ]
