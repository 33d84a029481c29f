"""What the boxes of a printed list or sewing sheet tell."""

from __future__ import annotations

from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass, field

from yonk.core.cutting import ClothPlan, CutList, StripStep, strip_steps, strip_words
from yonk.core.paper import LengthUnit, Text, message
from yonk.core.planning import StageName, cut_in_words
from yonk.core.pressing import SewingStep
from yonk.core.table import BoxChange, BoxTold, LineNeed, PrintedSheet, TableStanding, ToldThing
from yonk.core.top import TopStep
from yonk.core.units import CutKey
from yonk.files.coded_pages import MOST_BOXES, SheetBook
from yonk.files.cut_mark import write_mark
from yonk.words import in_words

TOLD_ALREADY: list[BoxTold | None] = [None]  # one box that is printed ticked


@dataclass(frozen=True)
class ClothBoxes:
    """What the boxes of a cloth tell: of each line; of each strip, by its layout and place. Nothing
    where all of it is there already.
    """

    lines: Sequence[BoxTold | None]
    strips: Mapping[tuple[int, int], BoxTold | None]


@dataclass(frozen=True)
class Ticking:
    """What the boxes of sheets tell: of a list by the key of each fabric; of sewing whatever is not
    `joined` and `made` yet, by its mark. Where a book is, the sheets go into it and come back; else
    the boxes are for a pen alone.
    """

    boxes: Mapping[str, ClothBoxes] = field(default_factory=dict)
    joined: Mapping[str, int] = field(default_factory=dict)
    made: Mapping[str, int] = field(default_factory=dict)
    book: SheetBook | None = None

    @property
    def sheets(self) -> Sequence[PrintedSheet]:
        """The sheets that were printed and come back."""
        return self.book.sheets if self.book else ()


BY_PEN = Ticking()


def cutting_boxes(
    cutting: CutList, stage: StageName, standing: TableStanding
) -> dict[str, ClothBoxes]:
    """What the boxes of a list tell, by the key of each fabric."""
    found, before = {}, 0
    for cloth in cutting.cloths:
        found[cloth.fabric] = _cloth_boxes(cloth, before, cutting, stage, standing)
        before += len(cloth.cuts)
    return found


def _cloth_boxes(
    cloth: ClothPlan, before: int, cutting: CutList, stage: StageName, standing: TableStanding
) -> ClothBoxes:
    needs = standing.lines(cloth.cuts, stage)
    name, unit = cutting.fabric(cloth.fabric).called, cutting.unit

    def strip_said(step: StripStep) -> str:
        strip = strip_words(cloth.layouts[step.layout].strips[step.strip], unit)
        return in_words(message("strip-of-fabric", fabric=name, strip=strip))

    return ClothBoxes(
        [_line(before + number, need, stage, name, unit) for number, need in enumerate(needs)],
        {
            (step.layout, step.strip): _strip(step, before, stage, strip_said(step))
            for step in strip_steps(cloth, [need.there for need in needs])
        },
    )


def _line(
    line: int, need: LineNeed, stage: StageName, name: Text, unit: LengthUnit
) -> BoxTold | None:
    changes = tuple(BoxChange(line, thing, amount) for thing, amount in all_of_line(need, stage))
    if not changes:
        return None
    more = changes[0].amount
    return BoxTold(changes, in_words(cut_in_words(need.cut.what, more, name, unit)), whole=True)


def all_of_line(need: LineNeed, stage: StageName) -> Iterator[tuple[ToldThing, int]]:
    """What changes when all of a line is cut, and what serves is cut down to it."""
    more = need.to_cut + need.serves
    if more:
        yield _thing(need.cut.what, stage), more
    for one, count in need.served_by:
        if one.what is not None:
            yield _thing(one.what, one.stage), -count


def _thing(what: CutKey, stage: StageName) -> ToldThing:
    return ToldThing("cut", write_mark(what), stage)


def _strip(step: StripStep, before: int, stage: StageName, said: str) -> BoxTold | None:
    left = [(one, one.amount - one.there) for one in step.pieces if one.amount > one.there]
    if not left:
        return None
    changes = (
        BoxChange(before + one.line, _thing(one.cut.what, stage), more) for one, more in left
    )
    return BoxTold(tuple(changes), said)


def sewing_boxes(number: int, step: SewingStep, done: int) -> list[BoxTold | None]:
    """What the boxes of a step of sewing a block tell, of which so much is done."""
    thing = (
        ToldThing("made", step.unit, step=step.mark)
        if step.unit
        else ToldThing("joined", step.mark)
    )
    return _steps(number, thing, step.words, step.total - min(done, step.total))


def top_boxes(number: int, step: TopStep, done: int) -> list[BoxTold | None]:
    """The same of a step of sewing a top."""
    thing = ToldThing("joined", step.mark)
    return _steps(number, thing, step.words, step.total - min(done, step.total))


def _steps(number: int, thing: ToldThing, words: Text, left: int) -> list[BoxTold | None]:
    """A box for each time that a step is still to be done, as far as that is ticked one by one."""
    if left == 0:
        return TOLD_ALREADY
    said = in_words(words)
    if left > MOST_BOXES:
        return [BoxTold((BoxChange(number, thing, left),), said, whole=True)]
    return [BoxTold((BoxChange(number, thing, 1),), said)] * left
