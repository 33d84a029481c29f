"""Why a block came out as it did: causes put into blocks of springs are found again, and what is
told sure is so.
"""

from __future__ import annotations

import json
from dataclasses import replace
from fractions import Fraction as F
from pathlib import Path
from typing import Any

import numpy as np
import pytest
from bench.spoilt_blocks import judged, summed
from click.testing import CliRunner

from tests.drafts import even, mirrored, turned
from yonk.cli import main
from yonk.core.acts import SetMaking, apply
from yonk.core.measuring import (
    LOOKS,
    Diagnosis,
    Evidence,
    Look,
    SeamFigures,
    because,
    diagnose,
    first_guess,
    look_picture,
    measurable,
    measurables,
    predict,
    size_fault,
)
from yonk.core.measuring.looks import look_of
from yonk.core.paper import Draft, Paint, Seam
from yonk.core.planning import make_plan
from yonk.core.pressing import sewing_plan
from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}
GATE = SAMPLES["Weir Gate"]
MIDDLE = "between:3/2,3/2:"
SIDES = ("top", "middle", "bottom", "left", "center", "right")


def evidence(
    draft: Draft,
    off: dict[str, str],
    looks: Look | None = None,
    seam: SeamFigures | None = None,
) -> Evidence:
    """A block measured as it should be but for some."""
    plan = sewing_plan(draft)
    sizes = {what: F(measurable(plan, what).size) + F(by) for what, by in off.items()}
    return Evidence(sizes, looks, seam)


def of_gate(off: dict[str, str], **more: Any) -> Diagnosis:
    return diagnose(sewing_plan(GATE), make_plan(GATE), evidence(GATE, off, **more))


def short(by: str, *what: str) -> dict[str, str]:
    return {**dict.fromkeys(what or ("row:1", "row:2", "block:left"), by), "unit:1": "0"}


def test_what_can_be_measured_of_the_gate() -> None:
    """As she sews, in the order of its joining, which is by rows; then of the finished block."""
    known = measurables(sewing_plan(GATE))
    assert {what: round(one.size, 3) for what, one in known.items()} == {
        **{f"unit:{label}": 3.5 for label in "123"},
        **{f"row:{number}": 9.5 for number in (1, 2, 3)},
        **{f"block:{edge}": 9.5 for edge in SIDES},
        "block:diagonal-down": 13.435,
        "block:diagonal-up": 13.435,
        f"{MIDDLE}across": 3.0,
        f"{MIDDLE}down": 3.0,
    }


def test_what_else_can_be_measured_is_known_by_its_name() -> None:
    plan = sewing_plan(GATE)
    assert measurable(plan, "between:0.5,1.5:across").size == 3.25, "it has its edge still"
    assert measurable(plan, "unit:1:down").size == 3.5
    assert measurable(plan, "part:j1").size == 3.5
    for what in (
        "column:1",
        "row:4",
        "row:x",
        "unit:9",
        "part:j99",
        "between:1,1:across",
        "roof:1",
    ):
        with pytest.raises(KeyError):
            measurable(plan, what)
    for what in ("between:9,9:across", "between:1:across", "between:1/2,1/2:up", "block:roof"):
        with pytest.raises(KeyError):
            measurable(plan, what)
    oblong = replace(GATE, width=F(12))
    assert {"unit:1:across", "unit:1:down"} <= measurables(sewing_plan(oblong)).keys()


def test_nothing_is_wrong_within_a_reading() -> None:
    found = of_gate({"row:1": "0", "block:top": "1/64"})
    assert (found.verdict, found.causes, found.measure_next) == ("good", (), "")


def test_a_seam_off_everywhere_by_hand() -> None:
    """Three pieces and two seams: a thirty-second each seam makes a row an eighth short."""
    wide = of_gate(short("-1/8"))
    assert (wide.causes[0].kind, wide.causes[0].by, wide.verdict) == ("seam", F(1, 32), "ease")
    worse = of_gate(short("-1/4"))
    assert (worse.causes[0].kind, worse.causes[0].by) == ("seam", F(1, 16))
    assert worse.verdict == "take back" and worse.look == "fold"
    assert worse.undecided[0][0].kind == "press"
    narrow = of_gate(short("1/4"))
    assert (narrow.causes[0].kind, narrow.causes[0].by) == ("seam", F(-1, 16))
    assert not narrow.undecided, "a fold never takes up less"


def test_the_seam_log_tells_a_seam_from_folds() -> None:
    """Her seam was tested and is right: then it is the folds. It was tested too wide: the seam."""
    right = of_gate(short("-1/4"), seam=SeamFigures(0.0, 1 / 64, 8))
    assert right.causes[0].kind == "press" and right.verdict == "press again"
    wide = of_gate(short("-1/4"), seam=SeamFigures(1 / 16, 1 / 64, 8))
    assert wide.causes[0].kind == "seam" and wide.is_sure
    assert wide.causes[0].by == F(1, 16)


def test_the_middle_patch_cut_too_large_is_told_by_what_lies_between_its_seams() -> None:
    rows = {"row:1": "0", "row:2": "1/4", "row:3": "0"}
    found = of_gate({**rows, f"{MIDDLE}across": "3/16", f"{MIDDLE}down": "3/16"})
    (cause,) = found.causes
    assert (cause.kind, cause.where) == ("cut", "patch:3/2,3/2") and cause.by > F(1, 8)
    assert found.verdict == "trim"
    small = of_gate({"row:2": "-1/4", "row:1": "0", f"{MIDDLE}across": "-3/16"})
    assert small.verdict == "cut again" and small.causes[0].by < 0


def test_a_block_that_leans_is_pressed_again() -> None:
    off = {"block:diagonal-down": "3/16", "block:diagonal-up": "-3/16", "block:top": "0"}
    found = of_gate(off)
    assert found.causes[0].kind == "skew" and found.verdict == "press again"


def test_what_one_number_cannot_tell_is_said_and_what_would_decide() -> None:
    found = of_gate({"row:1": "-3/16"})
    assert found.causes and found.causes[0].chance < 0.9 and found.undecided
    assert found.measure_next in measurables(sewing_plan(GATE))
    said = " ".join(map(str, because(found, sewing_plan(GATE))))
    assert "It may also be that" in said and "That it is something else" in said


def test_chances_are_chances() -> None:
    for off in (short("-1/8"), short("1/4"), {"row:1": "1/2", "block:left": "-1/2"}):
        found = of_gate(off)
        told = [found.something_else, *(one.chance for one in found.causes)]
        assert all(0 <= chance <= 1 for chance in told)


def test_what_nothing_usual_explains_is_told_to_be_something_else() -> None:
    off = {
        "row:1": "1/2",
        "row:2": "-1/2",
        "row:3": "3/8",
        "block:left": "3/8",
        "block:top": "-1/2",
    }
    found = of_gate(off)
    assert (found.causes, found.explained, found.verdict) == ((), False, "measure again")
    assert found.something_else > 0.9 and found.measure_next


def test_what_it_looks_like_counts() -> None:
    """A row is short, and it looks small, or a wedge."""
    off = {"row:1": "-3/16"}
    small, wedge = of_gate(off, looks="all-small"), of_gate(off, looks="wedge")
    assert small.causes[0].kind in ("seam", "press")

    def everywhere(found: Diagnosis) -> float:
        told = [one for mine in (found.causes, *found.undecided) for one in mine]
        return sum(one.chance for one in told if one.kind in ("seam", "press"))

    assert everywhere(small) > everywhere(wedge)
    assert of_gate({}, looks="good").verdict == "good"
    assert of_gate({}, looks="leaning").verdict == "measure again"


def test_each_look_is_told_by_its_sizes_and_has_a_picture_of_its_own() -> None:
    straight = {f"block:{one}": 0.0 for one in (*SIDES, "diagonal-down", "diagonal-up")}
    shapes: dict[Look, dict[str, float]] = {
        "good": {},
        "all-small": dict.fromkeys((f"block:{one}" for one in SIDES), -0.2),
        "all-large": dict.fromkeys((f"block:{one}" for one in SIDES), 0.2),
        "bowed-in": {"block:middle": -0.2},
        "bowed-out": {"block:center": 0.2},
        "wedge": {"block:top": -0.2, "block:middle": -0.1},
        "leaning": {"block:diagonal-down": 0.2, "block:diagonal-up": -0.2},
    }
    for look, off in shapes.items():
        assert look_of("cut", straight | off, 1 / 32) == look
    assert look_of("stretch", straight, 1 / 32) == "wavy"
    assert len({str(np.round(look_picture(look), 4)) for look in LOOKS}) == len(LOOKS)


@pytest.mark.parametrize(("name", "few"), [("Weir Gate", 0)])
def test_causes_in_blocks_of_springs_are_named_and_what_is_sure_is_so(name: str, few: int) -> None:
    """Blocks that know nothing of the model that judges them."""
    figures = summed(judged(name, 27, few=few))
    assert figures["seen"] >= 12
    assert figures["first"] >= 0.6 and figures["told"] >= 0.75, figures
    assert figures["sure"] >= 3 and figures["sure and right"] == 1.0, figures


def told(tmp_path: Path, measures: Any, *more: str) -> Any:
    (tmp_path / "sizes.json").write_text(
        measures if isinstance(measures, str) else json.dumps(measures)
    )
    draft = apply(GATE, SetMaking(blocks=2))
    command = ["diagnose", "-", str(tmp_path / "sizes.json"), *more]
    return CliRunner().invoke(main, command, input=json.dumps(write_block(draft)))


def sizes(**of: str) -> dict[str, Any]:
    rows = [{"what": name.replace("_", ":"), "size": size} for name, size in of.items()]
    return {"format": "yonk-measures/1", "measures": rows}


def test_the_command_line(tmp_path: Path) -> None:
    measured = sizes(row_1="9 1/4", row_2="9 1/4", unit_1="3 1/2", block_top="37/4")
    log = {"error": "1/16", "spread": "1/64", "tests": 6}
    measured |= {"looks": "all-small", "seam_log": log}
    found = json.loads(told(tmp_path, measured, "--json").stdout)
    assert (found["format"], found["verdict"]) == ("yonk-diagnosis/1", "take back")
    assert [(one["kind"], one["by"]) for one in found["causes"]] == [("seam", "1/16")]
    first, *_, last = found["remedies"]
    assert (first["do"], first["by"]) == ("needle", "1/16") and last["do"] == "nothing"
    assert first["good_after"] > 0.9 > 0.1 > first["good_before"]
    text = told(tmp_path, measured).stdout
    assert text.startswith("Verdict: take back.\nEach seam takes up 1⁄16″ too much; ")
    assert "Set the needle 1⁄16″ to the right" in text
    minus = measured | {"seam_log": {"error": "-1/64"}}
    assert json.loads(told(tmp_path, minus, "--json").stdout)["causes"]


@pytest.mark.parametrize(
    ("measures", "said"),
    [
        (sizes(row_1="-9"), "measures[0].size"),
        (sizes(row_1="9", row_7="9"), "measures[1].what: this block has no “row:7”"),
        (sizes(row_1="9", column_1="9"), "measures[1].what: this block has no “column:1”"),
        (sizes(unit_1="large"), "measures[0].size: “large” is not a length"),
        (sizes(unit_1="35"), "measures[0].size: cannot be so far from 3 1⁄2″"),
        (sizes() | {"looks": "round"}, "looks"),
        (sizes() | {"seam_log": {"error": "1"}}, "seam_log.error: is as much as the seam itself"),
        (sizes() | {"seam_log": {"error": "1/64", "tests": 0}}, "seam_log.tests"),
        ({"format": "yonk-measures/2", "measures": []}, "format"),
        ({"format": "yonk-measures/1"}, "measures"),
        ("{", "not JSON"),
        ("[" * 100_000, "not JSON"),
    ],
)
def test_bad_sizes_are_told_by_place(tmp_path: Path, measures: Any, said: str) -> None:
    answer = told(tmp_path, measures)
    assert answer.exit_code == 2 and said in answer.stderr and answer.stdout == ""


def test_without_a_size_it_says_what_to_measure_first() -> None:
    found = of_gate({})
    assert (found.verdict, found.causes, found.measure_next) == ("measure again", (), "row:1")
    for draft in SAMPLES.values():
        plan = sewing_plan(draft)
        found = diagnose(plan, make_plan(draft), {})
        assert found.measure_next in measurables(plan)


def test_a_block_cut_just_as_listed_has_no_fault() -> None:
    """Nine hourglasses of 3 without margin: squares of 4¼ where 4 3/14 would do come out 3.0429, so
    that the block measures 9.6286, not 9.5. Nobody did anything wrong.
    """
    drawn = even(3, 3, "9 9")
    glasses = replace(
        drawn,
        seams=(*drawn.seams, *(s for x in range(3) for y in range(3) for s in _crossed(x, y))),
        paints=tuple(p for x in range(3) for y in range(3) for p in _painted(x, y)),
    )
    plan, planned_ = sewing_plan(glasses), make_plan(glasses)
    assert {one.method.name for one in planned_.recipes} == {"two-at-a-time"}
    block = predict(plan, planned_, first_guess("in")).block
    assert block is not None and block.width.expected == pytest.approx(9.6286, abs=1e-4)
    listed = dict.fromkeys(("row:1", "row:2", "block:top", "block:left"), F(96286, 10000))
    found = diagnose(plan, planned_, listed)
    assert (found.verdict, found.causes) == ("good", ())


def _crossed(x: int, y: int) -> tuple[Seam, ...]:
    a, b, c, d = F(x), F(y), F(x + 1), F(y + 1)
    return ((a, b), (c, d)), ((a, d), (c, b))


def _painted(x: int, y: int) -> tuple[Paint, ...]:
    spots = ((F(1, 2), F(1, 8)), (F(7, 8), F(1, 2)), (F(1, 2), F(7, 8)), (F(1, 8), F(1, 2)))
    keys = ("peat", "fog", "peat", "fog")
    return tuple(Paint((x + p, y + q), key) for (p, q), key in zip(spots, keys, strict=True))


def test_a_noisy_hand_turns_nothing_into_pieces_to_be_cut_again() -> None:
    """A row ¼ short of a hand that spreads by 1/16: there is a cause, or it is asked again."""
    noisy = replace(first_guess("in"), cut_spread=F(1, 16), seam_spread=F(1, 16))
    for by in ("-1/4", "-3/16"):
        told = evidence(GATE, dict.fromkeys(("row:1", "row:2", "block:left"), by))
        found = diagnose(sewing_plan(GATE), make_plan(GATE), told, noisy)
        assert found.causes or found.verdict in ("measure again", "ease")


def test_no_hand_is_so_far_off() -> None:
    assert size_fault(F(18), 9.5, "in") and size_fault(F("11.5"), 9.5, "in")
    assert not size_fault(F("9"), 9.5, "in") and not size_fault(F("10.5"), 9.5, "in")
    assert size_fault(F(1), 3.5, "in") and not size_fault(F("21.5"), 24.0, "cm")


@pytest.mark.parametrize(("width", "height"), [(9, 9), (18, 6), (6, 18)])
def test_a_lean_is_told_by_its_size_whatever_the_block(width: int, height: int) -> None:
    """The top of a block lies to the right of its bottom by ¼: by the sides of its corners."""
    draft = replace(even(3, 3), width=F(width), height=F(height))
    corners = ("diagonal-down", -1), ("diagonal-up", 1)
    plan = sewing_plan(draft)
    off = {}
    for name, way in corners:
        leant = ((width + 0.5 + way * 0.25) ** 2 + (height + 0.5) ** 2) ** 0.5
        straight = ((width + 0.5) ** 2 + (height + 0.5) ** 2) ** 0.5
        off[f"block:{name}"] = str(F(leant - straight).limit_denominator(64))
    off |= {"block:top": "0", "block:left": "0"}
    found = diagnose(plan, make_plan(draft), evidence(draft, off))
    assert found.causes[0].kind == "skew"
    assert abs(float(found.causes[0].by)) == pytest.approx(0.25, abs=0.06)


@pytest.mark.parametrize("lies", ["as drawn", "turned", "mirrored", "oblong", "in centimetres"])
def test_it_holds_however_the_block_lies(lies: str) -> None:
    """The middle patch cut ⅛ too large, wherever up is and whatever it is measured in."""
    metric = replace(GATE.making, seam=F(3, 4), ruler_step=F(1, 10), trim_margin=F(3, 10))
    draft = {
        "as drawn": GATE,
        "turned": turned(GATE),
        "mirrored": mirrored(GATE),
        "oblong": replace(GATE, width=F(15)),
        "in centimetres": replace(GATE, unit="cm", width=F(24), height=F(24), making=metric),
    }[lies]
    inch = F(1) if draft.unit == "in" else F(254, 100)
    off = {"row:1": F(0), "row:2": inch / 4, "row:3": F(0)}
    off |= {f"{MIDDLE}across": inch * 3 / 16, f"{MIDDLE}down": inch * 3 / 16}
    told = evidence(draft, {what: str(by) for what, by in off.items()})
    (cause,) = diagnose(sewing_plan(draft), make_plan(draft), told).causes
    assert (cause.kind, cause.where) == ("cut", "patch:3/2,3/2") and cause.by > inch / 8
