"""Step sheets of the recipes on paper: the same pictures as on the screen, to scale, in the block's
own fabrics.
"""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace
from math import hypot

from reportlab.lib.colors import HexColor
from reportlab.platypus import Flowable, KeepTogether, Paragraph, Spacer, Table, TableStyle

from yonk.core.paper import Draft, Text, message
from yonk.core.planning import Plan, cut_size_words, of_group, steps_of
from yonk.core.sewing import Label, MarkedLine, Picture, RecipeStep, ShownCloth, picture_of
from yonk.core.units import BY_NAME
from yonk.files.cloth_on_paper import fill_cloth
from yonk.files.paper import (
    CHALK,
    INK,
    MADDER,
    MARGIN,
    PLAIN,
    SHEET,
    SIZES,
    SOFT,
    PaperName,
    bound,
    drawable,
    marked,
    style,
    width_of,
)

_LARGEST = 60.0  # points, of the largest work of a recipe
PALE = 0.26  # so much of its colour the wrong side of a cloth shows
LABEL = 9.0  # points
_ACROSS = 2  # steps side by side


def write_steps_pdf(plan: Plan, paper: PaperName = "letter", *, first: int = 1) -> bytes:
    """The steps of every way that is taken, one group of units after the other."""
    none = message("no-step-sheets")
    story = steps_story(plan, paper) or [Paragraph(marked(none, 12), style(12))]
    return bound(story, paper, message("step-sheets-of", block=plan.reading.draft.name), first)


def steps_story(plan: Plan, paper: PaperName, title: Text = "") -> list[Flowable]:
    """The same, to be bound with other sheets, below a title of its own; each caution once."""
    draft = plan.reading.draft
    wanted = plan.wanted
    story: list[Flowable] = []
    said: set[Text] = set()
    for group, recipes in of_group(plan.recipes):
        if all(recipe.method.sew is None or group.kind == "patch" for recipe in recipes):
            continue
        words, unit = BY_NAME[group.kind].words, group.unit
        longer, shorter = max(unit.width, unit.height), min(unit.width, unit.height)
        head = message(
            "units-of-a-size",
            count=wanted.totals[group.label],
            kind=words,
            unit=group.label,
            size=cut_size_words(longer, shorter, draft.unit),
        )
        head_lines: list[Flowable] = [
            Spacer(1, 14 if story else 0),
            *([Paragraph(marked(title, 17), style(17, bold=True))] if title and not story else []),
            Paragraph(marked(head, 16), style(16, bold=True)),
            Paragraph(marked(recipes[0].reason, 11), style(11, colour=SOFT)),
        ]
        for share, made in steps_of(recipes[0].way, group, wanted):
            share_words = message(
                "share-of-units",
                method=share.method.words,
                units=share.wanted,
                times=share.lots,
            )
            said_first = Paragraph(
                marked(share_words, 12),
                style(12, bold=True, above=8),
            )
            first, *others = _steps(made.table.steps, draft, said, SIZES[paper][0] - 2 * MARGIN)
            story += [KeepTogether([*head_lines, said_first, first]), *others]
            head_lines = []
    return story


def _steps(steps: list[RecipeStep], draft: Draft, said: set[Text], width: float) -> list[Flowable]:
    pictures = [[picture_of(scene) for scene in step.scenes[:4]] for step in steps]
    largest = max((max(one.box[2], one.box[3]) for row in pictures for one in row), default=1.0)
    cells: list[Table] = []
    for number, (step, row) in enumerate(zip(steps, pictures, strict=True), start=1):
        own = max(largest / 2, *(max(one.box[2], one.box[3]) for one in row)) if row else largest
        drawings = [
            StepDrawing(one, draft, _LARGEST * (0.55 if len(row) > 1 else 1.0) / own) for one in row
        ]
        caution = step.caution if step.caution and step.caution not in said else None
        said |= {caution} if caution else set()
        words = [Paragraph(f"<b>{number}</b> {marked(step.words, 10)}", style(10))]
        words += [Paragraph(marked(caution, 9), style(9, colour=MADDER))] if caution else []
        cells.append(_cell(drawings, words, width / _ACROSS))
    rows = [cells[start : start + _ACROSS] for start in range(0, len(cells), _ACROSS)]
    return [_row(row, width) for row in rows]


def _cell(drawings: list[StepDrawing], words: list[Flowable], width: float) -> Table:
    """The pictures of a step beside its words."""
    pictures = width * 0.46
    cell = Table(
        [[_side_by_side(drawings, pictures), words]], colWidths=[pictures, width - pictures]
    )
    cell.setStyle(
        TableStyle([("VALIGN", (0, 0), (-1, -1), "MIDDLE"), ("LEFTPADDING", (0, 0), (-1, -1), 2)])
    )
    return cell


def _row(cells: list[Table], width: float) -> Table:
    row = Table([[*cells, *[""] * (_ACROSS - len(cells))]], colWidths=[width / _ACROSS] * _ACROSS)
    line = ("LINEBELOW", (0, 0), (-1, -1), 0.4, SOFT)
    row.setStyle(
        TableStyle(
            [("VALIGN", (0, 0), (-1, -1), "MIDDLE"), line, ("LEFTPADDING", (0, 0), (-1, -1), 0)]
        )
    )
    return row


def _side_by_side(drawings: list[StepDrawing], width: float) -> Flowable:
    """The pictures of a step in rows of as many as fit."""
    rows: list[list[StepDrawing]] = [[]]
    for drawing in drawings:
        if rows[-1] and sum(one.width for one in rows[-1]) + drawing.width > width - 12:
            rows.append([])
        rows[-1].append(drawing)
    return Table([[Table([row])] for row in rows if row])


class StepDrawing(Flowable):  # type: ignore[misc]
    """One picture of a step, `scale` points to the draft's unit."""

    def __init__(self, picture: Picture, draft: Draft, scale: float) -> None:
        super().__init__()
        self.picture, self.draft, self.scale = picture, draft, scale
        self.above = 14.0 if picture.labels or picture.count > 1 else 3.0
        self.beside = 14.0 if picture.labels else 3.0
        wide, high = picture.box[2] * scale, picture.box[3] * scale
        along, upright = self._longest_labels()
        # a label may be longer than the side that it tells: room for it, so that none collide
        self.left = self.beside + max(0.0, along - wide) / 2
        self.below = 3 + max(0.0, upright - high) / 2
        self.width = wide + 2 * self.left - self.beside + 3
        self.height = high + 2 * self.below - 3 + self.above

    def _longest_labels(self) -> tuple[float, float]:
        """How long the longest label above a picture and beside it is set, in points."""
        longest = [0.0, 0.0]
        for label in self.picture.labels:
            if label.of == "mark":
                continue
            (ax, ay), (bx, by) = label.span
            side = 0 if abs(bx - ax) > abs(by - ay) else 1
            longest[side] = max(longest[side], width_of(drawable(label.words), LABEL) + 4)
        return longest[0], longest[1]

    def wrap(self, *_: float) -> tuple[float, float]:
        """How much room it takes, in points."""
        return self.width, self.height

    def _at(self, spot: tuple[float, float]) -> tuple[float, float]:
        left, top, _, high = self.picture.box
        return (spot[0] - left) * self.scale + self.left, (
            high - (spot[1] - top)
        ) * self.scale + self.below

    def draw(self) -> None:
        """Draw it from the bottom left."""
        canvas = self.canv
        for cloth in self.picture.cloths:
            canvas.setStrokeColor(INK)
            canvas.setLineWidth(0.6)
            self._fill([self._at(spot) for spot in cloth.outline], cloth)
        for line in self.picture.lines:
            self._line(line)
        canvas.setFillColor(INK)
        canvas.setFont(PLAIN, LABEL)
        for label in self.picture.labels:
            (ax, ay), (bx, by) = self._at(label.span[0]), self._at(label.span[1])
            if label.of == "mark":
                self._number_of(label, (ax, ay), (bx, by))
            elif abs(bx - ax) > abs(by - ay):
                canvas.drawCentredString((ax + bx) / 2, max(ay, by) + 3, drawable(label.words))
            else:
                canvas.saveState()
                canvas.translate(min(ax, bx) - 3, (ay + by) / 2)
                canvas.rotate(90)
                canvas.drawCentredString(0, 0, drawable(label.words))
                canvas.restoreState()
        if self.picture.count > 1:
            canvas.drawRightString(self.width, self.height - 9, f"× {self.picture.count}")

    def _fill(self, outline: Sequence[tuple[float, float]], cloth: ShownCloth) -> None:
        """A cloth as it lies: its right side as it looks, its wrong side pale."""
        fabric = self.draft.fabric(cloth.fabric)
        if cloth.side != "right":
            fabric = replace(fabric, colour=_pale(fabric.colour), picture=None)
        fill_cloth(self.canv, [outline], fabric, self.scale, turn=fabric.direction + cloth.turn)

    def _number_of(
        self, label: Label, start: tuple[float, float], end: tuple[float, float]
    ) -> None:
        """The number of a ruler's mark, beyond the end of the mark."""
        (ax, ay), (bx, by) = start, end
        long = hypot(bx - ax, by - ay) or 1.0
        x, y = bx + (bx - ax) / long * 5, by + (by - ay) / long * 5 - 3
        canvas = self.canv
        canvas.setFillColor(CHALK)
        canvas.drawCentredString(x, y, drawable(label.words))
        canvas.setFillColor(INK)

    def _line(self, line: MarkedLine) -> None:
        canvas = self.canv
        colour, width, dash = {
            "drawn": (INK, 0.8, (5, 3)),
            "sewn": (INK, 1.1, (1.5, 1.5)),
            "cut": (MADDER, 1.1, ()),
            "seam": (INK, 0.6, ()),
            "press": (INK, 1.2, ()),
            "ruler": (CHALK, 1.2, ()),
            "guide": (CHALK, 1.2, (6, 2, 1, 2)),
            "allowance": (SOFT, 0.5, (1, 2)),
            "pin": (MADDER, 1.2, ()),
            "dot": (MADDER, 5.0, ()),
            "start": (CHALK, 6.0, ()),
        }[line.mark]
        (ax, ay), (bx, by) = self._at(line.span[0]), self._at(line.span[1])
        if line.mark in ("press", "cut"):  # seen on cloth of any colour
            canvas.setStrokeColor(SHEET)
            canvas.setDash()
            canvas.setLineWidth(5 if line.mark == "press" else 2.6)
            canvas.line(ax, ay, bx, by)
        canvas.setStrokeColor(colour)
        canvas.setLineWidth(width)
        canvas.setLineCap(int(line.mark in ("dot", "start")))
        canvas.setDash(*([list(dash)] if dash else []))
        canvas.line(ax, ay, bx, by)
        canvas.setDash()
        if line.mark == "press":
            arrow_tip(canvas, (ax, ay), (bx, by))


def arrow_tip(canvas: object, start: tuple[float, float], end: tuple[float, float]) -> None:
    """The tip of an arrow, in points."""
    dx, dy = end[0] - start[0], end[1] - start[1]
    long = (dx * dx + dy * dy) ** 0.5 or 1.0
    dx, dy = dx / long * 5, dy / long * 5
    path = canvas.beginPath()  # type: ignore[attr-defined]
    path.moveTo(*end)
    path.lineTo(end[0] - dx - dy * 0.6, end[1] - dy + dx * 0.6)
    path.lineTo(end[0] - dx + dy * 0.6, end[1] - dy - dx * 0.6)
    path.close()
    canvas.setFillColor(INK)  # type: ignore[attr-defined]
    canvas.setStrokeColor(SHEET)  # type: ignore[attr-defined]
    canvas.setLineWidth(0.8)  # type: ignore[attr-defined]
    canvas.drawPath(path, fill=1)  # type: ignore[attr-defined]


def _pale(code: str) -> str:
    colour = HexColor(code)
    parts = (1 - PALE * (1 - part) for part in (colour.red, colour.green, colour.blue))
    return "#" + "".join(f"{round(255 * part):02x}" for part in parts)
