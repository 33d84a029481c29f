"""The workbench: what was worked out lately is found, once for all who ask, within a bound."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from fractions import Fraction as F
from threading import Barrier, Thread
from typing import Any

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.drafts import even, stamped
from yonk.core.cutting import plan_cutting
from yonk.core.drawing import draw
from yonk.core.paper import BENCH, Draft, Workbench
from yonk.core.planning import make_plan, read
from yonk.core.planning import plan as planning
from yonk.core.pressing import plan as pressing
from yonk.core.pressing import sewing_plan
from yonk.files.block_file import take_block, write_block
from yonk.files.everything_pdf import SHEETS, write_everything_pdf
from yonk.machine.samples import all_samples


def one(_: object) -> int:
    return 1


def test_an_answer_is_worked_out_once_and_the_very_same_for_all() -> None:
    bench, worked = Workbench(), []
    for _ in range(3):
        assert bench.ask("a", lambda: worked.append(1) or [7], one) == [7]  # type: ignore[func-returns-value]
    assert len(worked) == 1 and bench.bytes == 1


def test_who_asks_meanwhile_waits_and_is_given_the_same() -> None:
    bench, worked, begun, found = Workbench(), [], Barrier(2), []

    def slow() -> object:
        worked.append(1)
        begun.wait(10)
        return object()

    def ask() -> None:
        found.append(bench.ask("a", slow, one))

    threads = [Thread(target=ask) for _ in range(4)]
    for thread in threads:
        thread.start()
    begun.wait(10)
    for thread in threads:
        thread.join(10)
    assert len(worked) == 1 and len(found) == 4 and len(set(map(id, found))) == 1


def test_what_cannot_be_worked_out_is_told_to_each_and_leaves_nothing() -> None:
    bench = Workbench()
    for _ in range(2):
        with pytest.raises(ZeroDivisionError):
            bench.ask("a", lambda: 1 // 0, one)
    assert len(bench) == 0 and bench.bytes == 0
    assert bench.ask("a", lambda: 5, one) == 5


@given(st.lists(st.tuples(st.integers(0, 8), st.integers(1, 40))))
def test_it_never_holds_more_than_its_bound(asked: list[tuple[int, int]]) -> None:
    bench = Workbench(60)
    for name, weight in asked:
        bench.ask((name, weight), lambda: name, lambda _: weight)  # noqa: B023
        assert 0 <= bench.bytes <= 60
    bench.clear()
    assert len(bench) == 0 and bench.bytes == 0


def test_what_was_longest_not_asked_for_is_put_away_first() -> None:
    bench, worked = Workbench(3), []

    def ask(name: str) -> None:
        bench.ask(name, lambda: worked.append(name), one)

    for name in "abcadabc":
        ask(name)
    assert worked == ["a", "b", "c", "d", "b", "c"]  # `a` was asked for, so `b` went for `d`


def test_an_answer_that_would_leave_no_room_is_not_kept() -> None:
    bench = Workbench(10)
    assert bench.ask("large", lambda: 1, lambda _: 6) == 1
    assert len(bench) == 0


@given(stamped())
def test_equal_drafts_have_one_plan(draft: Draft) -> None:
    again = take_block(write_block(draft))
    assert again == draft and hash(again) == hash(draft)
    assert make_plan(again) is make_plan(draft)
    assert sewing_plan(again) is sewing_plan(draft)


def test_a_change_of_a_fabric_leaves_the_drawing_and_of_a_seam_does_not() -> None:
    draft = even(3, 3)
    painted = replace(draft, fabrics=(replace(draft.fabrics[0], colour="#123456"),))
    assert draw(painted) is draw(draft)
    assert read(painted) is not read(draft)
    assert draw(replace(draft, seams=draft.seams[1:])) is not draw(draft)
    assert draw(replace(draft, width=F(12))) is not draw(draft)


@given(stamped(), st.sampled_from([F(1, 8), F(3, 8), F(1, 2)]))
def test_nothing_lies_there_for_another_draft(draft: Draft, seam: F) -> None:
    """What is found is what would be worked out anew."""
    other = replace(draft, making=replace(draft.making, seam=seam))
    make_plan(draft)
    found = make_plan(other)
    BENCH.clear()
    assert make_plan(other).cuts == found.cuts


def test_true_is_not_one_in_a_document() -> None:
    document = write_block(even(2, 2))
    sound = document | {"making": document["making"] | {"blocks": 1}}
    assert take_block(sound).making.blocks == 1
    with pytest.raises(Exception, match="whole number"):
        take_block(document | {"making": document["making"] | {"blocks": True}})


def noted(work: Callable[..., Any], made: list[str]) -> Callable[..., Any]:
    """The same work, its name noted each time."""

    def doing(*asked: Any, **named: Any) -> Any:
        made.append(work.__name__)
        return work(*asked, **named)

    return doing


def test_no_plan_and_no_pressing_is_made_twice_for_all_the_paper_of_a_block(
    monkeypatch: pytest.MonkeyPatch,
) -> None:
    BENCH.clear()
    made: list[str] = []
    for module, name in ((planning, "choose_recipes"), (pressing, "press_thin")):
        monkeypatch.setattr(module, name, noted(getattr(module, name), made))
    draft = next(one for one in all_samples() if one.name == "Gale Lantern")
    cutting = plan_cutting(draft, "all")
    assert write_everything_pdf(cutting, (), "letter", SHEETS)
    assert sorted(made) == ["choose_recipes", "press_thin"]
