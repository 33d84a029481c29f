"""The seam log: the seam worked out from strips, how it stands, what to change, what follows."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F

import pytest
from hypothesis import given
from hypothesis import strategies as st

from tests.drafts import even
from yonk.core.measuring import (
    Diagnosis,
    Errors,
    FoundCause,
    LeftOver,
    Remedy,
    SeamLog,
    SeamTest,
    Setup,
    WorkAccuracy,
    by_her_rule,
    by_setup,
    care_words,
    chance_of_units,
    change_words,
    first_guess,
    left_over_words,
    next_test,
    remedies,
    remedy_words,
    seam_off_words,
    standing_words,
    tolerance_of,
    with_trial,
)
from yonk.core.measuring.seam_log import standing
from yonk.core.paper import Draft
from yonk.core.planning import make_plan, ways_side_by_side
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}
GATE = SAMPLES["Weir Gate"]
GUESS = first_guess("in")
THREAD = F(1, 64)
OTHER = Setup(needle="one step to the right")


def strips(middle: str, **told: object) -> SeamTest:
    given = {"unit": "in", "aimed": F(1, 4), "cut": F(3, 2), "middle": F(middle)} | told
    return SeamTest(**given)  # type: ignore[arg-type]


def log_of(*middles: str) -> SeamLog:
    return SeamLog(tests=tuple(map(strips, middles)))


def test_what_cannot_be_read_is_told_where_it_is() -> None:
    """A seam more than half an allowance off was most likely read wrong."""
    cannot = "look whether it was read right"
    for middle, fault in (("5/4", ""), ("3/4", ""), ("81/64", "middle"), ("47/64", "middle")):
        found = strips(middle).fault
        told = found and (found[0], str(found[1]))
        assert told == ((fault, f"is far from 1″; {cannot}") if fault else None), middle
    for right, far in (("5/4", False), ("11/8", False), ("89/64", True), ("71/64", True)):
        found = strips("1", outer=(F(5, 4), F(right))).fault
        told = ("right", f"is far from what the left one measures; {cannot}")
        assert (found and (found[0], str(found[1]))) == (told if far else None), right
    narrow = ("cut", "leaves nothing between two such seams; cut wider strips")
    found = strips("1/8", cut=F(1, 2)).fault
    assert found and (found[0], str(found[1])) == narrow
    assert strips("1/32", cut=F(17, 32)).fault is None


def test_by_hand() -> None:
    """Strips cut 1½ whose middle one measures 15/16: each seam takes up 9/32, a thirty-second too
    much.
    """
    test = strips("15/16")
    assert (test.seam, test.off) == (F(9, 32), F(1, 32))
    assert str(seam_off_words(test.off, "in")) == "1⁄32″ too wide"
    assert str(seam_off_words(F(-1, 64), "in")) == "a thread too narrow"


def test_three_measured_strips_tell_how_they_were_cut() -> None:
    """Cut 1 9/16 and sewn at a quarter, though they were to be cut 1½: outer 1 5/16, middle
    1 1/16.
    """
    test = strips("17/16", outer=(F(21, 16), F(21, 16)))
    assert (test.really_cut, test.seam, test.off) == (F(25, 16), F(1, 4), 0)
    within = strips("1", outer=(F(81, 64), F(81, 64)))
    assert within.really_cut == F(3, 2), "a reading is no proof"
    found = standing([test], THREAD)
    assert str(change_words(found, THREAD)).startswith("The strips were cut 1 9⁄16″, not 1 1⁄2″")


@given(
    cut=st.fractions(F(1), F(4), max_denominator=64),
    seams=st.tuples(*[st.fractions(F(1, 16), F(3, 8), max_denominator=64)] * 2),
    slip=st.fractions(F(1, 8), F(1, 2), max_denominator=64),
)
def test_what_was_sewn_is_found_again(cut: F, seams: tuple[F, F], slip: F) -> None:
    """However the strips were cut, and whatever was told of it."""
    one, other = seams
    told = SeamTest(
        unit="in",
        aimed=F(1, 4),
        cut=cut + slip,
        middle=cut - one - other,
        outer=(cut - one, cut - other),
    )
    assert told.really_cut == cut and told.seam == (one + other) / 2


@given(st.fractions(F(1, 2), F(5, 4), max_denominator=128))
def test_a_test_is_the_same_in_centimetres(middle: F) -> None:
    test = replace(strips("1"), middle=middle)
    told = test.told_in("cm")
    assert told.off == test.off * F(254, 100) and told.told_in("in") == test
    three = replace(test, outer=(F(5, 4), middle))
    assert three.told_in("cm").told_in("in") == three


def test_how_it_stands() -> None:
    log = log_of("15/16", "15/16", "61/64")
    assert log.standing is not None and log.standing.in_a_row == 0
    words = standing_words(log.standing, log.within)
    assert str(words) == "Each seam is 1⁄32″ too wide, by the last 3 tests."
    assert "one step to the right" in str(change_words(log.standing, log.within))
    narrow = log_of("17/16", "17/16", "17/16")
    assert "one step to the left" in str(change_words(narrow.standing, narrow.within))
    learnt = log_of("15/16", *["1"] * 5)
    assert learnt.standing is not None and learnt.standing.in_a_row == 5
    assert learnt.standing.is_learnt
    assert str(standing_words(None, THREAD)).startswith("No seam was tested yet")


def test_a_thread_within_what_she_set_is_still_told() -> None:
    log = log_of("31/32", "31/32", "31/32")
    assert str(standing_words(log.standing, log.within)).startswith(
        "A thread too wide, which is within"
    )
    assert "cut your blocks for the seam" in str(change_words(log.standing, log.within))


def test_an_unsteady_seam_is_right_only_on_average() -> None:
    log = log_of("15/16", "17/16", "15/16", "17/16")
    assert log.standing is not None and log.standing.off == 0
    assert str(standing_words(log.standing, log.within)).startswith(
        "Right on average, but unsteady"
    )
    assert "sew slower" in str(change_words(log.standing, log.within))
    spread = log.standing.spread
    assert spread is not None and 2 / 64 < spread < 4 / 64


def test_three_equal_tests_are_not_a_spread_of_nothing() -> None:
    log = log_of("1", "1", "1")
    assert log.standing is not None and log.standing.spread is not None
    assert 0.3 / 64 < log.standing.spread < 1 / 64
    many = log_of(*["1"] * 10)
    assert many.standing is not None and many.standing.spread is not None
    assert many.standing.spread < log.standing.spread


def test_a_jump_is_not_averaged_away() -> None:
    """Five a sixteenth too wide, then two that are right: only those two count."""
    log = log_of(*["7/8"] * 5, "1", "1")
    assert log.standing is not None
    assert (log.standing.before_change, len(log.standing.tests), log.standing.off) == (5, 2, 0)
    words = str(standing_words(log.standing, log.within))
    assert words.startswith("Something has changed: the 5 tests before do not count any more. ")
    one_slip = log_of(*["1"] * 6, "7/8")
    assert one_slip.standing is not None and one_slip.standing.before_change == 0
    steady = log_of("1", "31/32", "1", "33/32", "1", "1", "31/32", "1")
    assert steady.standing is not None and steady.standing.before_change == 0


def test_only_tests_of_the_newest_setup_and_aim_count() -> None:
    moved = [strips("1", setup=OTHER)] * 2
    log = SeamLog(tests=(strips("15/16"), *moved))
    assert log.standing is not None and log.standing.tests == tuple(moved)
    back = SeamLog(tests=(*moved, strips("15/16")))
    found = by_setup(back.tests, THREAD)
    assert [len(one.tests) for one in found] == [1, 2]
    other_aim = SeamLog(tests=(strips("15/16"), strips("1/2", aimed=F(1, 2))))
    assert other_aim.standing is not None and other_aim.standing.off == 0


def test_what_cannot_be_is_told_by_its_field() -> None:
    assert strips("1").fault is None
    assert (strips("1/4", cut=F(1, 2)).fault or ("",))[0] == "cut"
    assert (strips("1/2").fault or ("",))[0] == "middle"
    assert (strips("1", outer=(F(5, 4), F(3, 4))).fault or ("",))[0] == "right"


def test_the_next_strip() -> None:
    first = next_test(None, "cm", F(3, 4))
    assert (first.cut, first.middle) == (F(4), F(5, 2))
    wide = next_test(None, "in", F(1, 2))
    assert wide.cut == 2, "so that something is left between the seams"
    again = next_test(standing([strips("1", setup=OTHER)], THREAD), "in", F(1, 4))
    assert again.setup == OTHER and again.middle == 1


def test_her_figures_stand_in_for_guesses() -> None:
    none = SeamLog()
    assert none.errors_for(F(1, 4), "in") == first_guess("in")
    assert set(none.guesses) >= {"seam_error", "seam_spread", "cut_spread"}
    told = WorkAccuracy(unit="in", reported={"cut_spread": F(1, 32)})
    log = SeamLog(tests=log_of("15/16").tests, figures=told)
    metric = log.errors_for(F(3, 4), "cm")
    assert metric.cut_spread == F(1, 32) * F(254, 100)
    errors = log.errors_for(F(1, 4), "in")
    assert (errors.cut_spread, errors.seam_error) == (F(1, 32), F(1, 32))
    assert "seam_spread" in log.guesses and "cut_spread" not in log.guesses


@pytest.mark.parametrize(
    ("seam", "error"),
    [("1/4", "1/32"), ("9/32", "0"), ("17/64", "1/64"), ("3/8", "1/32"), ("5/16", "-1/32")],
)
def test_a_block_cut_for_her_seam_has_no_error_left(seam: str, error: str) -> None:
    """She aims at a quarter and sews 9/32; for another seam she sets the machine anew."""
    log = log_of("15/16", "15/16", "15/16")
    assert log.errors_for(F(seam), "in").seam_error == F(error)


def off_by(text: str) -> Errors:
    return replace(first_guess("in"), seam_error=F(text))


def offered(draft: Draft, error: str, found: Diagnosis | None = None) -> dict[str, Remedy]:
    """What is offered for a seam that is off by so much, by what is done."""
    return {one.do: one for one in reversed(remedies(found, draft, off_by(error)))}


def test_cutting_for_her_seam() -> None:
    told = offered(GATE, "1/32")
    assert told["cut-for-seam"].settings["seam"] == "9/32"
    by_her_ruler = replace(told["cut-for-seam"], settings={"seam": "9/32"})
    words = str(remedy_words(by_her_ruler, GATE))
    assert words == "Cut for the seam you sew: 9⁄32″, not 1⁄4″."
    assert set(offered(GATE, "1/200")) == {"nothing"}, "too little to be sewn otherwise"
    assert "cut-for-seam" not in offered(GATE, "-1/4"), "no such seam can be sewn"


def test_cutting_for_her_seam_is_not_offered_where_the_ruler_makes_it_worse() -> None:
    """Three plain patches of 3: cut 3½ for ¼; for 9/32 the ruler has 3⅝ for 3 9/16, so 3/16 short
    becomes 3/16 long. With sixteenths it is right.
    """
    told = offered(even(3, 3, "9 9"), "1/32")
    assert told["needle"].by == F(1, 32) and told["needle"].good_after > 0.9
    assert told["cut-for-seam"].settings == {"seam": "9/32", "ruler_step": "1/16"}


@pytest.mark.parametrize("error", ["1/32", "-1/64", "1/16"])
def test_no_remedy_makes_it_worse_and_the_best_comes_first(error: str) -> None:
    for name in ("Weir Gate", "Peg", "Stile", "Scree", "Bracken Rails"):
        told = remedies(None, SAMPLES[name], off_by(error))
        *some, last = told
        assert last.do == "nothing" and last.good_after == last.good_before
        assert all(one.good_after > one.good_before == last.good_before for one in some)
        shares = [round(one.good_after, 2) for one in some]
        assert shares == sorted(shares, reverse=True)


def found(kind: str, by: str) -> Diagnosis:
    cause = FoundCause(kind, F(by), "letter:A", 0.9)  # type: ignore[arg-type]
    return Diagnosis((cause,), "take back")


def test_folds_that_are_not_opened_are_mended_at_the_iron() -> None:
    folded = found("press", "1/32")
    as_it_is = with_trial(GUESS, folded, GATE, GATE)
    assert as_it_is.seam_error == F(1, 32), "a fold takes up as a seam does"
    told = remedies(folded, GATE, as_it_is)
    assert [one.do for one in told] == ["press", "nothing"]
    assert told[0].good_after > 0.9 > told[0].good_before


def test_what_was_wrong_with_the_trial_alone_is_minded_in_the_rest() -> None:
    for kind, said in (("cut", "first pieces"), ("trim", "first unit"), ("one-seam", "Pin")):
        (words,) = care_words(found(kind, "1/8"))
        assert said in str(words)
    assert care_words(found("seam", "1/16")) == []


def test_a_seam_is_taken_back_as_often_as_she_does() -> None:
    back = found("seam", "1/16")
    assert by_her_rule(back, 1, 2).verdict == "take back"
    assert by_her_rule(back, 2, 2).verdict == "cut again"
    assert by_her_rule(replace(back, verdict="trim"), 9, 2).verdict == "trim"


def test_what_was_left_says_how_long_the_next_strip_is() -> None:
    """20 long gave 8 and left 1⅞: 1 to square up and 17⅛ for 8, so 1 and 34¼ for 16."""
    left = LeftOver(length=F(20), pieces=8, left=F(15, 8))
    assert left.next_length(8, F(1, 8), F(1)) == F(145, 8)
    assert left.next_length(8, F(1, 4), F(1)) == F(73, 4)
    words = left_over_words(left, 16, F(1, 8), "in")
    assert str(words).endswith("cut the next 35 1⁄4″ long for 16, with 1″ to square it up.")


def errors(**told: str) -> Errors:
    return replace(first_guess("in"), **{name: F(text) for name, text in told.items()})


def chances(name: str, now: Errors) -> dict[str, float]:
    draft = SAMPLES[name]
    recipe, compared = ways_side_by_side(make_plan(draft))[0]
    unit = recipe.group.unit
    good = tolerance_of(unit, draft, now)
    return {one.way.name: chance_of_units(one, unit, now, good) for one in compared.ways}


def test_trimmed_ways_are_likelier_right() -> None:
    geese = chances("Heron Reach", first_guess("in"))
    assert geese["four-at-a-time"] == geese["cut-and-sew"] > geese["stitch-and-flip"] + 0.1
    wide = chances("Heron Reach", errors(seam_error="1/32"))
    assert wide["four-at-a-time"] == pytest.approx(geese["four-at-a-time"], abs=1e-3)
    assert wide["stitch-and-flip"] < geese["stitch-and-flip"] - 0.2
    never = chances("Heron Reach", errors(cut_spread="0", seam_spread="0", trim_spread="0"))
    assert set(never.values()) == {1.0}


def test_nothing_to_trim_is_told() -> None:
    """A margin is eaten up by a seam that takes up more than it gives."""
    usual = chances("Hut Window", first_guess("in"))["cut-and-sew"]
    eaten = chances("Hut Window", errors(seam_error="1/16"))["cut-and-sew"]
    assert eaten < 0.1 < usual


def test_a_part_may_be_off_by_its_share() -> None:
    assert [errors().of_a_part(F(share)) for share in ("1/8", "1/2", "1", "2")] == [
        F(1, 32),
        F(1, 16),
        F(1, 8),
        F(1, 8),
    ]
