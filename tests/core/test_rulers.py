"""Rulers that she owns: read, kept, refused; which one a unit is trimmed with, what is read off."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F

import pytest

from tests.drafts import block, terms
from yonk.core.acts import SetMaking, apply
from yonk.core.acts.set_own import SetOwn
from yonk.core.finder import sample_unit
from yonk.core.paper import DraftError, OwnedRuler, TrimMargin, in_its_unit
from yonk.core.planning import make_plan
from yonk.core.sewing import Layers, RecipeStep, area, falls_off
from yonk.core.units import BY_NAME, Terms, carry_out, landmarks_of, terms_for
from yonk.files.block_file import BadFileError, take_block, write_block
from yonk.words import in_words

SIX = OwnedRuler(F(13, 2), F(13, 2), F(1, 8))
TWELVE = OwnedRuler(F(25, 2), F(25, 2), F(1, 8))
MADE_FOR_UNITS = OwnedRuler(F(5), F(7), F(1, 8), "finished")


def with_rulers(*rulers: OwnedRuler, trimmed: str = "pressed") -> Terms:
    own = terms()
    settings = replace(own.settings, rulers=rulers, trimmed=trimmed)  # type: ignore[arg-type]
    return replace(own, settings=settings)


def steps(kind: str, size: F, own: Terms, way: str) -> list[RecipeStep]:
    unit = sample_unit(kind, size)
    method = next(one for one in BY_NAME[kind].methods if one.name == way)
    marks = landmarks_of(kind, unit, own)
    made = carry_out(unit, method, own, looked_at=1, landmarks=marks)
    assert made.sound
    return made.table.steps


def test_rulers_are_typed_kept_in_the_file_and_come_back() -> None:
    typed = "6 1/2 | 6 1/2 | 1/8 | unfinished; 5 | 7 | 1/8 | finished"
    draft = apply(block(), SetMaking(settings={"rulers": typed}))
    assert draft.making.rulers == (SIX, MADE_FOR_UNITS)
    assert take_block(write_block(draft)) == draft
    assert write_block(draft)["making"]["rulers"][1]["marks"] == "finished"
    assert "rulers" not in write_block(block())["making"]
    assert in_its_unit(draft.making, "cm").rulers == ()  # their marks are inches


@pytest.mark.parametrize(
    ("typed", "said"),
    [
        ("6 1/2 | 6 1/2", "ruler"),
        ("six | 6 1/2 | 1/8 | finished", "six"),
        ("6 1/2 | 0 | 1/8 | finished", "more than nothing"),
        ("6 1/2 | 6 1/2 | 3 | finished", "more than"),
        ("6 1/2 | 6 1/2 | 1/8 | half", "finished"),
        ("; ".join(["5 | 5 | 1/8 | finished"] * 25), "24"),
    ],
)
def test_what_is_no_ruler_is_refused_and_nothing_changes(typed: str, said: str) -> None:
    with pytest.raises(DraftError, match=said) as fault:
        apply(block(), SetMaking(settings={"rulers": typed}))
    assert fault.value.place == "rulers"


def test_a_files_ruler_out_of_bounds_is_named_by_its_place() -> None:
    written = write_block(block())
    written["making"]["rulers"] = [{"width": "0", "length": "6", "step": "1/8"}]
    with pytest.raises(BadFileError) as bad:
        take_block(written)
    assert [fault.place for fault in bad.value.faults] == ["making.rulers[0].width"]


def test_the_smallest_ruler_that_covers_the_unit_is_taken() -> None:
    own = with_rulers(SIX, TWELVE)
    for size, ruler in ((F(3), SIX), (F(6), SIX), (F(6) + F(1, 8), TWELVE), (F(12), TWELVE)):
        told = landmarks_of("half-square-triangle", sample_unit("half-square-triangle", size), own)
        assert told.ruler is not None
        assert F(told.ruler.width) == ruler.width, size
        assert "with" in in_words(told.of_ruler) or "Take" in in_words(told.of_ruler)
    wide = sample_unit("half-square-triangle", F(13))
    assert "two side by side" in in_words(landmarks_of("half-square-triangle", wide, own).of_ruler)


def test_without_rulers_of_her_own_nothing_is_said_but_the_standard_one_is_drawn() -> None:
    told = landmarks_of("flying-geese", sample_unit("flying-geese", F(4)), terms())
    assert told.of_ruler == "" and told.ruler is not None
    # as this goose is drawn it stands: the long ruler along its long side
    assert told.ruler.height > told.ruler.width


def test_a_ruler_numbered_by_finished_sizes_is_read_finished() -> None:
    own = with_rulers(MADE_FOR_UNITS)
    told = landmarks_of("half-square-triangle", sample_unit("half-square-triangle", F(4)), own)
    assert "read 4" in in_words(told.of_ruler)
    assert told.ruler is not None and told.ruler.begins == 0.5  # nothing is left of ½″


def test_marks_stand_where_the_ruler_has_them() -> None:
    trim = steps("half-square-triangle", F(4), with_rulers(MADE_FOR_UNITS), "two-at-a-time")[-1]
    (scene,) = trim.scenes
    level = [one for one in scene.ruler_marks if one.span[0][0] == one.span[1][0]]
    right = max(one.span[0][0] for one in scene.ruler_marks) if scene.ruler_marks else 0
    corner = float(F(4) + F(1, 4))
    assert right == pytest.approx(corner)
    for one in level:
        assert corner - one.span[0][0] == pytest.approx(float(str(one.words)) + 0.5)


def with_margins(**parts: F) -> Terms:
    margins = tuple((part, TrimMargin(by, "part")) for part, by in parts.items())
    return replace(terms(), margins=margins)


def test_how_much_is_cut_off_is_told_for_each_side() -> None:
    square = steps("half-square-triangle", F(3), with_margins(half=F(1, 8)), "two-at-a-time")
    # 4″ less the s√2 of the seam comes out 0.146″ too large, half of it on either side
    assert "about 5⁄64″ to cut off on each side" in in_words(square[-1].words)
    larger_sky = steps(
        "flying-geese", F(4), with_margins(sky=F(3, 8), goose=F(0)), "four-at-a-time"
    )
    assert in_words(larger_sky[-1].words).endswith("There is 3⁄8″ to cut off at the left.")
    larger_goose = steps(
        "flying-geese", F(4), with_margins(sky=F(0), goose=F(3, 8)), "four-at-a-time"
    )
    assert "at the top, right and bottom." in in_words(larger_goose[-1].words)


@pytest.mark.parametrize(
    "way", ["two-at-a-time", "four-at-a-time", "eight-at-a-time", "cut-and-sew"]
)
def test_trimmed_folded_comes_before_the_iron_and_takes_two_cuts(way: str) -> None:
    unit = "half-square-triangle"
    folded = steps(unit, F(3), with_rulers(trimmed="folded"), way)
    pressed = steps(unit, F(3), with_rulers(), way)
    assert [one.act for one in folded[-2:]] == ["trim", "press"]
    assert [one.act for one in pressed[-2:]] == ["press", "trim"]
    (scene,) = folded[-2].scenes
    assert isinstance(scene.shown, Layers)
    # both cuts begin in the square corner and are as long as the unfinished side
    (a, b), (c, d) = scene.cut
    assert a == c
    assert [abs(a[0] - b[0]) + abs(a[1] - b[1]) for b in (b, d)] == pytest.approx([3.5, 3.5])
    # folded, one half lies on the other
    over = scene.shown.over[0]
    under = scene.shown.under
    assert sum(map(area, over.outlines)) == pytest.approx(sum(map(area, under.outlines)), rel=0.2)


def test_only_what_folds_edge_to_edge_is_trimmed_folded() -> None:
    geese = steps("flying-geese", F(4), with_rulers(trimmed="folded"), "stitch-and-flip")
    assert geese[-1].act == "trim"


def test_trimming_of_one_kind_or_unit_wins_over_the_blocks() -> None:
    draft = block("0 1 1 0", "1/4 1/4 peat, 3/4 3/4 fog", size="3 3")
    kind = "half-square-triangle"
    by_kind = apply(draft, SetOwn(kind=kind, trimmed="folded"))
    assert terms_for(by_kind, kind, None).trimmed == "folded"
    by_unit = apply(by_kind, SetOwn(kind=kind, at=("1/4", "1/4"), trimmed="pressed"))
    (recipe,) = make_plan(by_unit).recipes
    assert recipe.terms.trimmed == "pressed"
    assert take_block(write_block(by_unit)) == by_unit
    cleared = apply(by_unit, SetOwn(kind=kind, at=("1/4", "1/4"), trimmed=""))
    assert not cleared.making.units


def test_the_step_and_the_figures_agree_whether_anything_falls_off() -> None:
    """Larger one way only, as a goose with a larger sky, is trimmed; short one way is not."""
    hair = 1 / 64
    assert falls_off((0.375, 0.0), hair) and falls_off((hair, hair), hair)
    assert not falls_off((hair / 2, 0.0), hair) and not falls_off((0.375, -0.01), hair)
