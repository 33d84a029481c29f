"""What is worked out from a draft that was sent: plain functions, so that heavy ones can run in a process of their own.

Those for the screen answer with JSON as bytes; those that make a file with the file.
"""

from __future__ import annotations

import json
from collections import deque
from collections.abc import Mapping
from dataclasses import dataclass
from typing import Any

import shapely
from pydantic import BaseModel, RootModel

from yonk.api.cut_schemas import CutIn, DoneIn, PrintIn, ShoppingLineOut
from yonk.api.cut_view import cutting_of, cutting_view, shelf_cloth, shelf_document, shopping_line
from yonk.api.recipe_schemas import DraftIn, WayIn
from yonk.api.recipe_view import recipes_view, steps_view
from yonk.api.schemas import ActsIn, ChartIn, PictureFaceOut, ShelfBlockOut, SvgIn, SvgOut
from yonk.api.view import chart_view, picture, view_of
from yonk.core.acts import apply, with_seams
from yonk.core.cutting import (
    Cutting,
    Marks,
    OldMark,
    Template,
    after_cutting,
    all_booked,
    carried_over,
    not_booked,
    shopping_list,
    templates_of,
)
from yonk.core.paper import Draft, DraftError
from yonk.core.planning import Reading, make_plan, plan_stage, read, size, size_chart, width_range
from yonk.core.units import terms_of
from yonk.files.block_file import check_reading, read_block, take_block, write_block
from yonk.files.cut_drawings import write_layouts_svg, write_templates_dxf, write_templates_svg
from yonk.files.cut_mark import write_mark
from yonk.files.cutting_csv import write_cutting_csv
from yonk.files.cutting_pdf import write_cutting_pdf
from yonk.files.cutting_xlsx import write_cutting_xlsx
from yonk.files.download import File
from yonk.files.labels_pdf import write_labels_pdf
from yonk.files.steps_pdf import write_steps_pdf
from yonk.files.svg_in import read_svg
from yonk.files.svg_out import write_svg
from yonk.files.templates_pdf import write_templates_pdf
from yonk.store.blocks import Form
from yonk.store.cutting import KeptMark
from yonk.store.fabrics import KeptFabric

PDF, SVG, CSV = "application/pdf", "image/svg+xml", "text/csv; charset=utf-8"
XLSX = "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"
MOST_ON_A_CARD = 400  # patches drawn one by one on the shelf; of more, those of a colour are one shape

Shelf = Mapping[str, KeptFabric]


def _json(answer: BaseModel) -> bytes:
    return answer.model_dump_json().encode()


# Drafts lately answered with. Only a short cut: a document that is not here is read again, by whichever process.
_RECENT: deque[tuple[dict[str, Any], Draft]] = deque(maxlen=12)


def worked_on(asked: ActsIn) -> bytes:
    """The draft that comes of acts, and all that follows from it."""
    draft = next((draft for known, draft in tuple(_RECENT) if known == asked.document), None)
    draft = draft or take_block(asked.document)
    if not asked.acts:
        check_reading(read(draft))
    for act in asked.acts:
        draft = apply(draft, act, asked.mates)
    view = view_of(make_plan(draft), stretches=asked.stretches, outlines=asked.outlines)
    _RECENT.appendleft((view.document, draft))
    return _json(view)


def from_svg(asked: SvgIn) -> bytes:
    """A draft with its seams taken from an SVG drawing."""
    draft = take_block(asked.document)
    taken = read_svg(asked.svg, draft, asked.parts)
    return _json(SvgOut(draft=view_of(make_plan(with_seams(draft, taken.seams))), report=taken.report()))


def sizes(asked: ChartIn) -> bytes:
    """The size chart of a draft."""
    draft = take_block(asked.document)
    plan = make_plan(draft)
    widths = width_range(asked.start, asked.end, asked.step, draft.unit)
    return _json(RootModel(chart_view(size_chart(draft, plan.recipes, terms_of(draft), widths), draft)))


def recipes(asked: DraftIn) -> bytes:
    """Every way to make every group of a draft's units."""
    return _json(recipes_view(make_plan(take_block(asked.document))))


def steps(asked: WayIn) -> bytes:
    """One way step by step."""
    return _json(steps_view(make_plan(take_block(asked.document)), asked.label, asked.way))


# what is kept


def form_of_document(document: dict[str, Any]) -> Form:
    """What is kept of a document. Raises `BadFileError` where it is not sound."""
    return form_of(take_block(document))


def form_of_file(text: bytes) -> Form:
    """What is kept of a block file. Raises `BadFileError` where it is not sound."""
    return form_of(read_block(text))


def form_of(draft: Draft) -> Form:
    """What is kept of a draft. Raises `BadFileError` where a point that must lie in a patch lies on a seam."""
    reading = read(draft)
    check_reading(reading)
    return Form(draft.name, json.dumps(write_block(draft), ensure_ascii=False), card_of(reading))


def cards_of(kept: list[tuple[str, int, str]]) -> list[tuple[str, int, str]]:
    """The cards of kept documents: the id and the revision of each, and its card in place of its document."""
    return [(block_id, revision, card_of(read(read_block(text)))) for block_id, revision, text in kept]


def card_of(reading: Reading) -> str:
    """What the shelf shows of a block, as JSON: all of `ShelfBlockOut` that follows from its document."""
    draft = reading.draft
    many = len(reading.drawing.faces) > MOST_ON_A_CARD
    shown = ShelfBlockOut.model_construct(
        width=float(draft.width), height=float(draft.height), finished=size(draft.width, draft.height, draft.unit),
        patches=len(reading.drawing.faces), blocks=draft.making.blocks,
        picture=_by_colour(reading) if many else picture(reading),
    )  # fmt: skip
    return shown.model_dump_json(exclude={"id", "name", "revision", "changed"}, exclude_unset=True)


def _by_colour(reading: Reading) -> list[PictureFaceOut]:
    """A picture of a block of many patches: those of a colour that touch drawn as one, its corners made plain."""
    scale = reading.drawing.scale
    colours = [reading.draft.fabric(key).colour for key in reading.fabrics]
    plain = max(float(reading.draft.width), float(reading.draft.height)) / 300
    faces: list[PictureFaceOut] = []
    for colour in dict.fromkeys(colours):
        own = [polygon for polygon, one in zip(reading.drawing.polygons, colours, strict=True) if one == colour]
        whole = shapely.transform(shapely.union_all(own), lambda spots: spots / scale)
        for part in shapely.get_parts(shapely.simplify(whole, plain)):
            ring = shapely.get_coordinates(part.exterior).round(3).tolist()
            faces.append(PictureFaceOut(outline=[(x, y) for x, y in ring[:-1]], colour=colour))
    return sorted(faces, key=lambda face: -_reach(face))


def _reach(face: PictureFaceOut) -> float:
    across, down = zip(*face.outline, strict=True)
    return float((max(across) - min(across)) * (max(down) - min(down)))


# the cutting


def cut(asked: CutIn, shelf: Shelf, marks: Marks) -> bytes:
    """The complete cutting list of a stage."""
    return _json(cutting_view(cutting_of(take_block(asked.document), asked.stage, shelf, marks), shelf, marks))


def carried(document: dict[str, Any], old: list[OldMark]) -> list[KeptMark]:
    """Ticks of the older kind as marks of a draft's cuts."""
    draft = take_block(document)
    marks = carried_over(old, plan_stage(draft, "trial").cuts, plan_stage(draft, "all").cuts)
    return [KeptMark(mark.stage, write_mark(mark.what), amount) for mark, amount in marks.items()]


@dataclass(frozen=True)
class Booking:
    """What a finished cutting of a fabric changes: the shelf fabric's document, and what the shelf then knows of."""

    fabric: KeptFabric
    document: str
    marks: list[KeptMark]


def booked(asked: DoneIn, shelf: Shelf, marks: Marks) -> Booking:
    """What becomes of the shelf when a fabric is cut. Raises `DraftError` where there is nothing to book."""
    draft = take_block(asked.document)
    fabric = draft.fabric(asked.fabric)
    kept = shelf.get(fabric.shelf)
    if kept is None:
        raise DraftError("fabric", f"{fabric.name} is tied to none of the fabric shelf")
    cloths = cutting_of(draft, asked.stage, shelf, marks).cloths
    cloth = next((one for one in cloths if one.fabric == fabric.key), None)
    if cloth is None:
        raise DraftError("fabric", f"nothing is cut of {fabric.name}")
    if not any(one.count for one in not_booked(cloth.cuts, marks.booked, asked.stage)):
        raise DraftError("fabric", f"the leftovers of {fabric.name} were put on the shelf already")
    document = shelf_document(kept, after_cutting(shelf_cloth(kept), cloth, draft.unit))
    known = all_booked(cloth.cuts, asked.stage, marks.booked).items()
    return Booking(
        kept, document, [KeptMark(mark.stage, write_mark(mark.what), booked=amount) for mark, amount in known]
    )


def shopping(documents: list[str], shelf: Shelf) -> list[ShoppingLineOut]:
    """What to buy for several blocks."""
    plans = [make_plan(read_block(text)) for text in documents]
    found = shopping_list(plans, {name: shelf_cloth(kept) for name, kept in shelf.items()})
    return [shopping_line(one, shelf) for one in found]


# files


def _cutting(asked: PrintIn, shelf: Shelf) -> Cutting:
    return cutting_of(take_block(asked.document), asked.stage, shelf)


def _templates(asked: PrintIn) -> tuple[Draft, list[Template]]:
    draft = take_block(asked.document)
    return draft, templates_of(plan_stage(draft, asked.stage))


def block_file(asked: ActsIn) -> File:
    """The block file of a draft."""
    draft = take_block(asked.document)
    check_reading(read(draft))
    text = json.dumps(write_block(draft), indent=1, ensure_ascii=False)
    return File(text.encode(), "application/json", f"{draft.name}.yonk.json")


def block_svg(asked: ActsIn) -> File:
    """A draft as SVG at true size."""
    reading = read(take_block(asked.document))
    return File(write_svg(reading).encode(), SVG, f"{reading.draft.name}.svg")


def cutting_pdf(asked: PrintIn, shelf: Shelf) -> File:
    """The cutting list with its layouts, on paper."""
    found = _cutting(asked, shelf)
    return File(write_cutting_pdf(found, asked.paper), PDF, f"{found.draft.name} cutting list.pdf")


def steps_pdf(asked: PrintIn) -> File:
    """The step sheets of the recipes."""
    plan = plan_stage(take_block(asked.document), asked.stage)
    return File(write_steps_pdf(plan, asked.paper), PDF, f"{plan.reading.draft.name} steps.pdf")


def templates_pdf(asked: PrintIn) -> File:
    """Templates at true size."""
    draft, shapes = _templates(asked)
    return File(write_templates_pdf(shapes, draft.unit, draft.name, asked.paper), PDF, f"{draft.name} templates.pdf")


def labels_pdf(asked: PrintIn, shelf: Shelf) -> File:
    """Labels for the stacks."""
    found = _cutting(asked, shelf)
    return File(write_labels_pdf(found, asked.paper), PDF, f"{found.draft.name} labels.pdf")


def cutting_csv(asked: PrintIn) -> File:
    """The cutting list of a stage as CSV."""
    plan = plan_stage(take_block(asked.document), asked.stage)
    return File(write_cutting_csv(plan).encode(), CSV, f"{plan.reading.draft.name} cutting list.csv")


def cutting_xlsx(asked: PrintIn, shelf: Shelf) -> File:
    """The cutting list as a spreadsheet."""
    found = _cutting(asked, shelf)
    return File(write_cutting_xlsx(found), XLSX, f"{found.draft.name} cutting list.xlsx")


def layouts_svg(asked: PrintIn, shelf: Shelf) -> File:
    """The layouts at true size."""
    found = _cutting(asked, shelf)
    return File(write_layouts_svg(found).encode(), SVG, f"{found.draft.name} layouts.svg")


def templates_svg(asked: PrintIn) -> File:
    """Templates as SVG at true size."""
    draft, shapes = _templates(asked)
    return File(write_templates_svg(shapes, draft.unit).encode(), SVG, f"{draft.name} templates.svg")


def templates_dxf(asked: PrintIn) -> File:
    """Templates for a cutting machine."""
    draft, shapes = _templates(asked)
    return File(write_templates_dxf(shapes, draft.unit).encode(), "image/vnd.dxf", f"{draft.name} templates.dxf")
