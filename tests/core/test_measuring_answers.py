"""What is measured, foretold, diagnosed and logged is answered again as it once was."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction as F
from itertools import combinations
from typing import Any

from tests.core.kept import again, keep_anew
from yonk.core.measuring import (
    FIGURES,
    MOST_TAKEN_BACK,
    SeamLog,
    SeamTest,
    Setup,
    because,
    by_her_rule,
    by_setup,
    chance_of_units,
    change_words,
    diagnose,
    figure_words,
    first_guess,
    measurables,
    measure_words,
    mismatch_words,
    next_test,
    percent,
    predict,
    range_words,
    remedies,
    remedy_words,
    seam_off_words,
    size_off_words,
    so_many_times,
    standing_words,
    tolerance_of,
    verdict_words,
)
from yonk.core.measuring.in_words import guess_words
from yonk.core.measuring.work_accuracy import WorkAccuracy
from yonk.core.paper import Draft
from yonk.core.planning import make_plan, ways_side_by_side
from yonk.core.pressing import sewing_plan
from yonk.machine.samples import all_samples

OFF = {"in": F(1, 8), "cm": F(3, 10)}


def drafts() -> dict[str, Draft]:
    """The samples, one of them not square, one in centimetres, one trimmed more than usual."""
    known = {draft.name: draft for draft in all_samples()}
    gate = known["Weir Gate"]
    wide = replace(gate, width=F(12), making=replace(gate.making, trim_margin=F(1, 4)))
    return known | {"Weir Gate, wide": wide}


def places() -> Iterator[tuple[str, Any]]:
    for name, draft in drafts().items():
        plan = sewing_plan(draft)
        for what, one in measurables(plan).items():
            told = one, one.expected, one.line(plan), measure_words(what, plan)
            yield f"{what} of {name}", told


def foretellings() -> Iterator[tuple[str, Any]]:
    for name, draft in drafts().items():
        plan, planned, unit = sewing_plan(draft), make_plan(draft), draft.unit
        for off in (F(0), OFF[unit] / 6, -OFF[unit] / 9):
            errors = replace(first_guess(unit), seam_error=off)
            found = predict(plan, planned, errors)
            said = [range_words(one.width, unit) for one in found.checkpoints]
            if found.mismatch:
                said.append(mismatch_words(found.mismatch, 7, unit))
            yield f"{name}, seams off by {off}", (found, said)
            chances = [
                percent(chance_of_units(one, group.group.unit, errors, good))
                for group, compared in ways_side_by_side(planned)
                for good in [tolerance_of(group.group.unit, draft, errors)]
                for one in compared.ways
            ]
            yield f"units of {name}, seams off by {off}", chances


def diagnoses() -> Iterator[tuple[str, Any]]:
    for name in ("Weir Gate", "Gale Lantern", "Bracken Rails", "Weir Gate, wide"):
        draft = drafts()[name]
        plan, planned, unit = sewing_plan(draft), make_plan(draft), draft.unit
        sizes = {what: F(one.size) for what, one in measurables(plan).items()}
        off = OFF[unit]
        tried = [*((what,) for what in sizes), *combinations([*sizes][::2], 2)]
        for wrong in tried[:6]:
            for by in (off, -off):
                hers = first_guess(unit) if by > 0 else None
                measured = sizes | {what: sizes[what] + by for what in wrong}
                found = by_her_rule(diagnose(plan, planned, measured, hers), len(wrong), 2)
                told = because(found, plan), verdict_words(found.verdict), found.measure_next
                yield (
                    f"{name}, {wrong} {by}",
                    (told, [(one.kind, one.by, one.where) for one in found.causes]),
                )


def logs() -> Iterator[tuple[str, Any]]:
    other = Setup(machine="treadle", foot="quarter inch", needle="one step to the right")
    for unit, aimed, cut in (("in", F(1, 4), F(3, 2)), ("cm", F(3, 4), F(4))):
        step = OFF[unit] / 8
        tests: tuple[SeamTest, ...] = ()
        for number, off in enumerate((0, 2, 3, -1, 0, 0, 1, 0, 0, -4, 0, 0, 0, 5, 5, 5)):
            middle = cut - 2 * aimed - off * step
            outer = (cut - aimed, cut - aimed) if number % 3 == 1 else None
            tests += (
                SeamTest(
                    unit=unit,  # type: ignore[arg-type]
                    aimed=aimed,
                    cut=cut,
                    middle=middle,
                    outer=outer,
                    setup=other if number > 11 else Setup(),
                ),
            )
            figures = WorkAccuracy(
                unit="in", reported={"within": F(1, 50), "trim_spread": F(1, 40)}
            )
            log = SeamLog(tests=tests, figures=figures)
            found, newest = log.standing, tests[-1]
            yield (
                f"{unit}, {number + 1} tests",
                (
                    (newest.seam, newest.off, newest.fault, newest.really_cut, newest.setup.words),
                    (found, found and found.seam, found and found.is_learnt),
                    standing_words(found, log.within),
                    change_words(found, log.within),
                    by_setup(tests, log.within),
                    next_test(found, unit, aimed),  # type: ignore[arg-type]
                    [
                        guess_words(log.errors_for(seam, one), log.guesses, one)  # type: ignore[arg-type]
                        for one, seam in (("in", F(1, 4)), ("cm", F(3, 4)), ("in", F(3, 8)))
                    ],
                ),
            )


def words() -> Iterator[tuple[str, Any]]:
    gate = drafts()["Weir Gate"]
    for eighth in range(-9, 10):
        off = F(eighth, 160)
        yield (
            f"off by {off}",
            [(seam_off_words(off, unit), size_off_words(off, unit)) for unit in ("in", "cm")],
        )
        offered = remedies(None, gate, replace(first_guess("in"), seam_error=off))
        yield f"remedies for {off}", [remedy_words(one, gate) for one in offered]
    for hundredth in range(-1, 102):
        yield f"{hundredth} in 100", percent(min(1, max(0, hundredth / 100)))
    yield (
        "figures",
        (
            {name: figure_words(name) for name in FIGURES},
            FIGURES,
            [so_many_times(count) for count in range(MOST_TAKEN_BACK + 1)],
        ),
    )


def test_places() -> None:
    again(places)


def test_foretellings() -> None:
    again(foretellings)


def test_diagnoses() -> None:
    again(diagnoses)


def test_logs() -> None:
    again(logs)


def test_words() -> None:
    again(words)


if __name__ == "__main__":
    keep_anew((places, foretellings, diagnoses, logs, words))
