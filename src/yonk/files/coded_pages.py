"""Pages that come back: a mark in each corner, a code of what they are, boxes to tick.

Where the marks and the code are is settled here once, for who prints them and for who reads them.
Source: *Paper that comes back* in `docs/table.md`.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field, replace
from functools import partial
from typing import Any

import segno
from reportlab.pdfgen.canvas import Canvas
from reportlab.platypus import Flowable

from yonk.core.cutting import CutList
from yonk.core.paper import Text, message
from yonk.core.table import CODE_SIGNS, BoxTold, PrintedBox, PrintedSheet, SheetPaper
from yonk.files.paper import INK, MARGIN, SIZES, SOFT, Coded, bound, write
from yonk.words import in_words

# Each mark is black but for its cells, a row of which is half a byte: they are the first eight of a
# common dictionary of 4 × 4 cells, so that any reader of such marks finds them. Letter has the
# first four, A4 the others, from the upper left corner on clockwise.
MARK_CELLS = (0xB532, 0x0F9A, 0x332D, 0x9946, 0x549E, 0x79CD, 0x9E2E, 0xC4F2)
FIRST_MARK: dict[SheetPaper, int] = {"letter": 0, "a4": 4}
MARK = 18.0  # points of a side; its cells are a millimetre, which a telephone sees over a page
MARK_INSET = 16.0  # points from the edge, which nearly every printer can print
CODE = 42.0  # points: two for each module
FOOT = 66.0  # points at the bottom of a page that has a code
BOX = 11.0  # points of a box's side, room for a tick
BOX_GAP = 6.0  # between boxes: a tick that runs over does not reach the next one
MOST_BOXES = 24  # of a step or of strips cut alike; nobody ticks more one by one
_IN_A_ROW = 6
_PAGE_DIGITS = 3


@dataclass
class SheetBook:
    """The sheets that are printed for a table, as they come: whose it is, and its newest entry."""

    owner: str
    newest: int
    sheets: list[PrintedSheet] = field(default_factory=list)


def corners_of_marks(paper: SheetPaper) -> dict[int, list[tuple[float, float]]]:
    """The corners of each mark by its number, clockwise from its own upper left one, in points from
    the left upper corner of the page.
    """
    wide, high = SIZES[paper]
    far = wide - MARK_INSET - MARK, high - MARK_INSET - MARK
    lefts = (MARK_INSET, far[0], far[0], MARK_INSET)
    tops = (MARK_INSET, MARK_INSET, far[1], far[1])
    return {
        FIRST_MARK[paper] + place: [
            (left, top),
            (left + MARK, top),
            (left + MARK, top + MARK),
            (left, top + MARK),
        ]
        for place, (left, top) in enumerate(zip(lefts, tops, strict=True))
    }


def code_box(paper: SheetPaper) -> tuple[float, float, float]:
    """Where the code is: its left and upper side, from the left upper corner, and how large."""
    wide, high = SIZES[paper]
    # as much room beside it as its own kind of code asks for: four modules
    left = wide - MARK_INSET - MARK - 10 - CODE
    return left, high - MARK_INSET - CODE, CODE


def page_code(code: str, page: int) -> str:
    """What the code of a page says."""
    return f"{code}{page:0{_PAGE_DIGITS}}"


def read_page_code(text: str) -> tuple[str, int] | None:
    """The sheet and the page that a code tells; nothing where it is none of ours."""
    code, page = text[:CODE_SIGNS], text[CODE_SIGNS:]
    ours = len(page) == _PAGE_DIGITS and page.isascii() and page.isdigit()
    return (code, int(page)) if ours else None


class CodedCanvas(Canvas):  # type: ignore[misc]
    """A canvas that keeps the boxes that are drawn on it, and marks the pages that have some."""

    def __init__(
        self,
        *given: Any,
        book: SheetBook,
        blank: PrintedSheet,
        **named: Any,
    ) -> None:
        super().__init__(*given, **named)
        self.book, self.blank = book, blank
        self.boxes: list[PrintedBox] = []
        self.coded: list[int] = []

    def note_box(self, told: BoxTold, side: float) -> None:
        """A box is drawn with its left lower corner at the origin."""
        x, y = self.absolutePosition(0, 0)
        high = SIZES[self.blank.paper][1]
        self.boxes.append(
            PrintedBox(self.getPageNumber(), round(x, 2), round(high - y - side, 2), side, told)
        )

    def leave_room(self) -> None:
        """Here come the marks, once all boxes are known; at the beginning of a page."""
        self.coded.append(self.getPageNumber())
        self.doForm(_form(self.getPageNumber()))

    def save(self) -> None:
        """Write the document."""
        sheet, paper = replace(self.blank, boxes=tuple(self.boxes)), self.blank.paper
        if self.boxes:
            self.book.sheets.append(sheet)
        with_boxes = {box.page for box in self.boxes}
        for page in self.coded:
            self.beginForm(_form(page), 0, 0, *SIZES[paper])
            if page in with_boxes:
                _draw_marks(self, paper)
                _draw_code(self, sheet.code, page, paper)
            self.endForm()
        super().save()


def _form(page: int) -> str:
    return f"marks-{page}"


def _draw_marks(canvas: Any, paper: SheetPaper) -> None:
    high, cell = SIZES[paper][1], MARK / 6
    for number, corners in corners_of_marks(paper).items():
        left, top = corners[0]
        canvas.setFillColor("black")
        canvas.rect(left, high - top - MARK, MARK, MARK, stroke=0, fill=1)
        canvas.setFillColor("white")
        for place in range(16):
            if MARK_CELLS[number] >> (15 - place) & 1:
                row, column = divmod(place, 4)
                x, y = left + (column + 1) * cell, high - top - (row + 2) * cell
                canvas.rect(x, y, cell, cell, stroke=0, fill=1)


def _draw_code(canvas: Any, code: str, page: int, paper: SheetPaper) -> None:
    left, top, side = code_box(paper)
    bottom = SIZES[paper][1] - top - side
    # a quarter of it may be dirty; of that safety it is the smallest of its kind
    made = segno.make(page_code(code, page), error="q", version=1, micro=False)
    cell = side / 21
    canvas.setFillColor("black")
    for row, line in enumerate(made.matrix):
        for column, dark in enumerate(line):
            if dark:
                x, y = left + column * cell, bottom + side - (row + 1) * cell
                canvas.rect(x, y, cell, cell, stroke=0, fill=1)
    canvas.setFillColor(SOFT)
    spelt = "-".join(code[at : at + 4] for at in range(0, CODE_SIGNS, 4))
    write(canvas, MARGIN + 6, MARK_INSET + MARK + 4, message("sheet-comes-back"), 9)
    write(canvas, left - 8, bottom + 18, f"{spelt} {page}", 9, right=True)


class TickBoxes(Flowable):  # type: ignore[misc]
    """Boxes to tick, one for each thing that is told; where nothing is to be told any more the box
    is ticked already.
    """

    def __init__(self, told: Sequence[BoxTold | None]) -> None:
        super().__init__()
        self.told = told
        rows = -(-len(told) // _IN_A_ROW)
        step = BOX + BOX_GAP
        self.width = min(len(told), _IN_A_ROW) * step - BOX_GAP
        self.height = rows * step - BOX_GAP

    def wrap(self, *_: float) -> tuple[float, float]:
        """How much room they take, in points."""
        return self.width, self.height

    def draw(self) -> None:
        """Draw them from the left upper one on."""
        canvas, step = self.canv, BOX + BOX_GAP
        canvas.setStrokeColor(INK)
        canvas.setLineWidth(0.8)
        for place, told in enumerate(self.told):
            row, column = divmod(place, _IN_A_ROW)
            canvas.saveState()
            canvas.translate(column * step, self.height - BOX - row * step)
            canvas.rect(0, 0, BOX, BOX)
            if told is None:
                canvas.lines([(2, 5, 4.5, 2.5), (4.5, 2.5, 9, 9)])
            elif isinstance(canvas, CodedCanvas):
                canvas.note_box(told, BOX)
            canvas.restoreState()


def bound_with_boxes(
    story: list[Flowable],
    paper: SheetPaper,
    title: Text,
    first: int,
    book: SheetBook | None,
    cutting: CutList | None = None,
) -> bytes:
    """A document of flowing parts whose boxes can be read from a photo; the sheet goes into the
    book, with what the list is of that it tells. Without a book its boxes are for a pen alone.
    """
    if book is None:
        return bound(story, paper, title, first)
    fabrics = [cutting.fabric(one.fabric) for one in cutting.cloths] if cutting else []
    blank = PrintedSheet(
        book.owner,
        in_words(title),
        paper,
        book.newest,
        (),
        tuple((one.key, in_words(one.called)) for one in fabrics),
        cutting.unit if cutting else "in",
    )
    maker = partial(CodedCanvas, book=book, blank=blank)
    beside = MARK_INSET + MARK + 8
    right = SIZES[paper][0] - code_box(paper)[0] + 8
    return bound(story, paper, title, first, coded=Coded(maker, FOOT, left=beside, right=right))
