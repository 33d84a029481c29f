"""What is said to a quilter, word for word, beside what was read and found right.

The files in `said/` hold it; where words are changed on purpose, they are changed there too.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path

import pytest

from tests.drafts import block, even, terms
from yonk.core.acts import Act, Put, Regrid, Rename, Resize, SetMaking, Sew, apply
from yonk.core.acts.add_line import AddLine
from yonk.core.acts.choose_method import ChooseMethod
from yonk.core.acts.drop_colouring import DropColouring
from yonk.core.acts.line_length import LineLength
from yonk.core.acts.move_edge import MoveEdge
from yonk.core.acts.move_line import MoveLine
from yonk.core.acts.paint import PaintPatch
from yonk.core.acts.proportions import Proportions
from yonk.core.acts.put_colouring import PutColouring
from yonk.core.acts.put_fabric import PutFabric
from yonk.core.acts.remove_line import RemoveLine
from yonk.core.acts.repeat_quarter import RepeatQuarter
from yonk.core.acts.swap import Swap
from yonk.core.acts.turn import Turn
from yonk.core.drawing import Span
from yonk.core.finder import kinds_asked, pieces_of_method
from yonk.core.paper import Colouring, DraftError
from yonk.core.planning import make_plan, steps_of, ways_side_by_side, working
from yonk.machine.samples import all_samples

SAID = Path(__file__).parent / "said"
WORK = terms(trim="1/8")


def workings() -> Iterator[str]:
    for kind in kinds_asked():
        for method in kind.methods:
            for piece in pieces_of_method(kind.kind, method.name, F(3), None, WORK)[2]:
                lines = " | ".join(map(str, working(piece.need, WORK)))
                yield f"{kind.words}, {method.words}, {piece.role}: {lines}"


def steps() -> Iterator[str]:
    for draft in all_samples():
        plan = make_plan(draft)
        for recipe, compared in ways_side_by_side(plan):
            for found in compared.ways:
                for share, made in steps_of(found.way, recipe.group, plan.wanted):
                    said = " ".join(str(step.words) for step in made.table.steps)
                    yield f"{draft.name} {recipe.group.label}, {share.method.words}: {said}"


def reasons() -> Iterator[str]:
    for draft in all_samples():
        plan = make_plan(draft)
        for recipe in plan.recipes:
            yield f"{draft.name} {recipe.group.label}: {recipe.reason}"
        yield from (f"{draft.name}, {one.code}: {one.text}" for one in plan.notices)


HERE, BELOW = ("1/2", "1/2"), ("1/2", "3/2")
WRONG: tuple[Act, ...] = (
    Rename(name=" "),
    Resize(width="0", height="6"),
    Resize(width="nine", height="6"),
    Regrid(columns=65, rows=1),
    Proportions(axis="columns", parts=("1",)),
    Proportions(axis="rows", parts=("1", "0")),
    LineLength(axis="columns", line=2, length="1"),
    LineLength(axis="rows", line=0, length="9"),
    AddLine(axis="columns", line=3),
    RemoveLine(axis="rows", line=2),
    MoveLine(axis="columns", line=0, to=2),
    MoveEdge(axis="columns", line=0, to="1"),
    MoveEdge(axis="columns", line=1, to="9"),
    Put(cell=Span(0, 0), unit="pieced", fabrics=("peat",)),
    Put(cell=Span(0, 0), unit="pinwheel", fabrics=("peat",)),
    Put(cell=Span(0, 0), unit="patch", fabrics=("moss",)),
    Turn(cell=Span(1, 1, 2, 1)),
    Sew(start=HERE, end=HERE),
    Sew(start=("3", "0"), end=HERE),
    PaintPatch(at=("1", "1"), fabric="peat"),
    Swap(fabric="peat", other="moss"),
    PutFabric(key="", name="", colour="#000000"),
    PutFabric(key="", name="Moss", colour="green"),
    PutFabric(key="", name="Unassigned", colour="#000000"),
    DropColouring(number=0),
    ChooseMethod(kind="patch", method="by-hand"),
    ChooseMethod(kind="patch", method="cut-and-sew", at=("1", "1")),
    SetMaking(blocks=0),
    SetMaking(settings={"seam": "0"}),
    SetMaking(settings={"trim_margin": "3"}),
    SetMaking(settings={"shrinkage": "31"}),
    SetMaking(settings={"squares_in_a_row": "2.5"}),
    SetMaking(settings={"press": "sideways"}),
    SetMaking(settings={"foot": "wide"}),
)


def faults() -> Iterator[str]:
    odd, full = even(3, 1), even(2, 2)
    full = replace(full, colourings=tuple(Colouring(name=str(n)) for n in range(12)))
    cases = [(even(2, 2), act) for act in WRONG]
    cases += [(odd, RepeatQuarter()), (full, PutColouring(name="", fabrics={}))]
    for draft, act in cases:
        with pytest.raises(DraftError) as fault:
            apply(draft, act)
        yield f"{act.do}: {fault.value}"
    with pytest.raises(DraftError) as fault:
        apply(odd, Sew(start=("0", "0"), end=("3", "1")), "quarter-turns")
    yield f"mates: {fault.value}"


@pytest.mark.parametrize("said", [workings, steps, reasons, faults], ids=lambda said: said.__name__)
def test_what_is_said_is_said_on_purpose(said) -> None:  # type: ignore[no-untyped-def]
    kept = SAID / f"{said.__name__}.txt"
    assert "\n".join(said()).splitlines() == kept.read_text().splitlines()


def test_a_negative_length_is_told_by_what_may_be() -> None:
    for name, words in (("seam", "must be more than nothing"), ("trim_margin", "is not a length")):
        with pytest.raises(DraftError, match=words):
            apply(block(), SetMaking(settings={name: "-1" if name == "trim_margin" else "0"}))
