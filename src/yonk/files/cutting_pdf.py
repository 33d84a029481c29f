"""The cutting list on paper: by fabric in the order of cutting, each cloth's layout to scale, boxes
to tick.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from typing import Any

from reportlab.platypus import (
    CondPageBreak,
    Flowable,
    KeepTogether,
    Paragraph,
    Spacer,
    Table,
    TableStyle,
)

from yonk.core.cutting import (
    MOST_DRAWN,
    ClothLayout,
    ClothPlan,
    CutList,
    bought,
    diagonal_drawn,
    each_strip_once,
    fat_quarters,
    strip_words,
    strips_of,
)
from yonk.core.paper import Text, listed, message, sentences, show
from yonk.core.planning import cut_in_words, cut_size, cut_words, further, note_on_fabric
from yonk.core.sewing import CAUTIONS
from yonk.core.table import BoxTold
from yonk.files.cloth_on_paper import fill_cloth
from yonk.files.coded_pages import FOOT, MOST_BOXES, TickBoxes, bound_with_boxes
from yonk.files.paper import (
    INK,
    MADDER,
    MARGIN,
    PLAIN,
    SIZES,
    SOFT,
    PaperName,
    drawable,
    marked,
    style,
    write,
)
from yonk.files.told_by_boxes import BY_PEN, ClothBoxes, Ticking

_BLANK = "#fffdf6"
_TALLEST = 250.0  # points, of a layout
TALLEST_LONG = 470.0  # of one of cloth that is so long that it would be drawn too narrow to be read
LONG = 1.6  # so often as long as it is wide
LONG_LIST = 12  # lines, from which on a list may run over to the next page
_BESIDE = 12.0  # points beside the boxes of strips
PLAIN_BOX = BoxTold((), "")  # for a pen alone
SPARE = 60.0  # points of a page between and around the parts of a fabric
BEGINNING = 120.0  # points: room for the heading of such a list with its first lines


def write_cutting_pdf(
    cutting: CutList,
    paper: PaperName = "letter",
    from_trial: Sequence[Text] = (),
    *,
    first: int = 1,
    ticking: Ticking = BY_PEN,
) -> bytes:
    """The list and the layouts, with what is told `from_trial` blocks, and boxes for `ticking`."""
    title = message("cutting-list-for", block=cutting.name, stage=cutting.whole)
    said = [sentences(message("from-the-trial-block"), *from_trial)] if from_trial else []
    story = cutting_story(cutting, title, paper, said, ticking)
    return bound_with_boxes(story, paper, title, first, ticking.book, cutting)


def cutting_story(
    cutting: CutList,
    title: Text,
    paper: PaperName,
    from_trial: Sequence[Text] = (),
    ticking: Ticking = BY_PEN,
) -> list[Flowable]:
    """The same, to be bound with other sheets; above the list what is told `from_trial`."""
    story: list[Flowable] = [
        Paragraph(marked(title, 17), style(17, bold=True)),
        Paragraph(marked(cutting.summary, 11), style(11, colour=SOFT)),
        Paragraph(marked(CAUTIONS["blade"], 10), style(10, colour=MADDER, above=4)),
    ]
    story += [Paragraph(marked(words, 11), style(11, bold=True, above=4)) for words in from_trial]
    across, down = SIZES[paper]
    within = across - 2 * MARGIN, down - MARGIN - FOOT
    for cloth in cutting.cloths:
        story += _fabric(cloth, cutting, within, ticking.boxes.get(cloth.fabric))
    return story


def _fabric(
    cloth: ClothPlan,
    cutting: CutList,
    within: tuple[float, float],
    boxes: ClothBoxes | None,
) -> list[Flowable]:
    """A fabric's list and layouts, `within` so many points of a page, across and down."""
    width, page = within
    head = [
        Spacer(1, 12),
        Paragraph(marked(cutting.fabric(cloth.fabric).called, 15), style(15, bold=True)),
        Paragraph(marked(buying_words(cloth, cutting), 11), style(11)),
    ]
    note = note_on_fabric(cutting.fabric(cloth.fabric))
    if note:
        head.append(Paragraph(marked(note, 11), style(11, bold=True)))
    told = boxes.lines if boxes else [PLAIN_BOX] * len(cloth.cuts)
    rows = [_row(number, cloth, cutting, told[number]) for number in range(len(cloth.cuts))]
    table = Table(rows, colWidths=[18, 22, 34, 150, width - 224], repeatRows=0)
    table.setStyle(
        TableStyle(
            [
                ("VALIGN", (0, 0), (-1, -1), "MIDDLE"),
                ("LINEBELOW", (0, 0), (-1, -1), 0.4, SOFT),
                ("LEFTPADDING", (0, 0), (0, -1), 0),
            ]
        )
    )
    below = [
        _strips(number, one, cutting, width, boxes) for number, one in enumerate(cloth.layouts)
    ]
    beside = [*head, table, *(below[0] if below else [])]
    room = page - sum(part.wrap(width, page)[1] for part in beside) - SPARE
    pictures = [
        [
            Spacer(1, 6),
            LayoutDrawing(layout, cloth, cutting, width, room if number == 0 else page),
            *below[number],
        ]
        for number, layout in enumerate(cloth.layouts)
    ]
    if len(rows) >= LONG_LIST:
        return [CondPageBreak(BEGINNING), *head, table, *map(KeepTogether, pictures)]
    first, *others = pictures or [[]]
    return [KeepTogether([*head, table, *first]), *map(KeepTogether, others)]


def buying_words(cloth: ClothPlan, cutting: CutList) -> Text:
    """What to buy of a fabric, and what of the shelf is cut first."""
    unit = cutting.unit
    hand = [layout.source.name for layout in cloth.layouts if not layout.bought]
    if cloth.limited:
        return _only_what_there_is(cloth, hand, cutting)
    buy = bought(cloth.buy, unit)
    quarters = fat_quarters(cloth.fat_quarters)
    said = (
        message("nothing-to-buy")
        if not cloth.buy
        else message("buy-or-quarters", length=buy, quarters=quarters)
        if quarters
        else message("buy", length=buy)
    )
    first = message("from-the-shelf-first", pieces=listed(hand, "comma")) if hand else None
    return sentences(said, first)


def _only_what_there_is(cloth: ClothPlan, hand: Sequence[Text], cutting: CutList) -> Text:
    """What there is of a fabric of which there is no more, and what finds no place on it."""
    name, unit = cutting.fabric(cloth.fabric).called, cutting.unit
    missing = [
        cut_in_words(cut.what, count * (cut.segments or 1), name, unit)
        for cut, count in cloth.missing
    ]
    return sentences(
        message("only-what-there-is", pieces=listed(hand, "comma")) if hand else None,
        message("no-cloth-for", cuts=listed(missing, "comma")) if missing else None,
    )


def _row(number: int, cloth: ClothPlan, cutting: CutList, told: BoxTold | None) -> list[Any]:
    cut, unit = cloth.cuts[number], cutting.unit
    strips = strips_of(number, cloth, unit)
    words = [
        further(cut, unit) or None,
        message("cut-from-strips", strips=strips) if strips.parts else None,
        message("cut-for", purposes=listed(cutting.purposes(cut), "semicolon")),
    ]
    return [
        TickBoxes([told]),
        Paragraph(str(number + 1), style(10, centred=True)),
        Paragraph(str(cut.pieces_cut), style(14, bold=True)),
        Paragraph(
            f"{marked(cut_words(cut.shape, cut.pieces_cut), 13)} "
            f"<b>{marked(cut_size(cut, unit), 13)}</b>",
            style(13),
        ),
        Paragraph(marked(listed(filter(None, words), "semicolon"), 10), style(10)),
    ]


def _strips(
    number: int, layout: ClothLayout, cutting: CutList, width: float, boxes: ClothBoxes | None
) -> list[Flowable]:
    """The strips of a layout in words, those that are cut alike together, with a box for each."""
    alike: dict[Text, list[int]] = {}
    for place, strip in enumerate(layout.strips):
        alike.setdefault(strip_words(strip, cutting.unit), []).append(place)
    rows = []
    for words, places in alike.items():
        said = Paragraph(marked(listed((len(places), words), "times"), 10), style(10))
        told = [boxes.strips[number, place] for place in places] if boxes else []
        rows.append([TickBoxes(told) if 0 < len(told) <= MOST_BOXES else "", said])
    if not any(row[0] for row in rows):
        return [said for _, said in rows]
    room = max(row[0].width for row in rows if row[0]) + _BESIDE
    table = Table(rows, colWidths=[room, width - room])
    table.setStyle(
        TableStyle([("VALIGN", (0, 0), (-1, -1), "TOP"), ("LEFTPADDING", (0, 0), (0, -1), 0)])
    )
    return [table]


class LayoutDrawing(Flowable):  # type: ignore[misc]
    """One piece of cloth to scale with the pieces numbered by their line, in `room` points of
    height if it can still be read so.
    """

    def __init__(
        self,
        layout: ClothLayout,
        cloth: ClothPlan,
        cutting: CutList,
        width: float,
        room: float,
    ) -> None:
        super().__init__()
        self.layout, self.cloth, self.cutting = each_strip_once(layout, MOST_DRAWN), cloth, cutting
        self.whole = layout.source
        source = self.layout.source
        long = source.length > LONG * source.width
        tallest = min(TALLEST_LONG, max(_TALLEST, room)) if long else _TALLEST
        self.scale = min(width / float(source.width), tallest / float(source.length))
        self.width, self.height = (
            float(source.width) * self.scale,
            float(source.length) * self.scale + 14,
        )

    def wrap(self, *_: float) -> tuple[float, float]:
        """How much room it takes, in points."""
        return self.width, self.height

    def draw(self) -> None:
        """Draw it from the bottom left."""
        canvas, layout, scale = self.canv, self.layout, self.scale
        high = float(layout.source.length) * scale
        unit = self.cutting.unit
        cloth = "new" if layout.bought else "shelf"
        fabric = self.cutting.fabric(self.cloth.fabric)
        if fabric.picture is None:
            fabric = replace(fabric, colour=_BLANK)  # a list is read by its figures
        canvas.setFillColor(SOFT)
        write(
            canvas,
            0,
            high + 4,
            drawable(
                message(
                    "layout-of-cloth",
                    cloth=cloth,
                    width=show(self.whole.width, unit),
                    length=show(self.whole.length, unit),
                )
            ),
            9,
        )
        canvas.setStrokeColor(SOFT)
        canvas.rect(0, 0, self.width, high)
        for one in layout.laid:
            x, y = float(one.x) * scale, high - float(one.y + one.height) * scale
            wide, tall = float(one.width) * scale, float(one.height) * scale
            canvas.setStrokeColor(INK)
            corners = [(x, y), (x, y + tall), (x + wide, y + tall), (x + wide, y)]
            fill_cloth(canvas, [corners], fabric, scale, origin=(0, high), veiled=True)
            diagonal = diagonal_drawn(self.cloth.cuts[one.line], one)
            canvas.setDash(3, 2)
            if diagonal in ("rising", "both"):
                canvas.line(x, y, x + wide, y + tall)
            if diagonal in ("falling", "both"):
                canvas.line(x, y + tall, x + wide, y)
            canvas.setDash()
            canvas.setFillColor(INK)
            letters = min(11.0, min(wide, tall) * 0.6)
            canvas.setFont(PLAIN, letters)
            canvas.drawCentredString(x + wide / 2, y + tall / 2 - letters / 3, str(one.line + 1))
        canvas.setStrokeColor(MADDER)
        if layout.straightening:
            y = high - float(layout.straightening) * scale
            canvas.setDash(6, 2)
            canvas.line(0, y, self.width, y)
            canvas.setDash()
        for strip in layout.strips:
            y = high - float(strip.y + strip.height) * scale
            canvas.line(0, y, self.width, y)
