"""SVG out and back in."""

import re
import xml.etree.ElementTree as ET
from fractions import Fraction as F

import pytest
from hypothesis import given, settings

from tests.drafts import block, drafts, even, stamped
from yonk.core.acts import with_seams
from yonk.core.drawing import draw
from yonk.core.paper import Draft
from yonk.core.planning import make_plan, read
from yonk.files.block_file import BadFileError
from yonk.files.plan_file import write_plan
from yonk.files.svg_in import read_svg
from yonk.files.svg_out import write_svg


def wrapped(inside: str) -> str:
    return f'<svg xmlns="http://www.w3.org/2000/svg">{inside}</svg>'


@given(drafts)
@settings(max_examples=60)
def test_a_drawing_taken_out_and_in_again_is_the_same_plan(draft: Draft) -> None:
    taken = read_svg(write_svg(read(draft)), draft, 4)
    again = with_seams(draft, taken.seams) if draft.seams else draft
    assert write_plan(make_plan(again)) == write_plan(make_plan(with_seams(draft, draft.seams)))


@given(stamped())
@settings(max_examples=25)
def test_on_another_grid_it_is_snapped_to_its_lattice(draft: Draft) -> None:
    plain = write_svg(read(draft)).replace("data-columns", "data-other")
    taken = read_svg(plain, draft, 12)
    assert len(draw(with_seams(draft, taken.seams)).faces) == len(draw(draft).faces)
    assert taken.farthest < 1e-4 and not taken.curves and not taken.lost


def test_it_is_true_to_size_and_in_layers() -> None:
    root = ET.fromstring(write_svg(read(even(3, 3, "7 9"))))
    assert (root.get("width"), root.get("height"), root.get("viewBox")) == ("7in", "9in", "0 0 7 9")
    assert [group.get("id") for group in root if group.tag.endswith("}g")] == [
        "fabrics",
        "seams",
        "letters",
    ]


def test_lines_polylines_polygons_rectangles_paths_and_transforms() -> None:
    drawn = wrapped(
        '<rect width="60" height="60"/><line x1="20" y1="0" x2="20" y2="60"/><polyline '
        'points="0,20 20,20 20,40"/>'
        '<polygon points="20,40 60,40 60,60"/><g transform="translate(20 0)"><path d="M0 20 '
        'h40"/></g>'
    )
    seams = {tuple(map(str, (*a, *b))) for a, b in read_svg(drawn, even(3, 3), 1).seams}
    assert (
        ("1", "0", "1", "3") in seams
        and ("0", "1", "1", "1") in seams
        and ("1", "1", "3", "1") in seams
    )
    assert ("1", "2", "3", "3") in seams and ("1", "2", "3", "2") in seams


def test_what_does_not_fit_is_told() -> None:
    drawn = wrapped(
        '<rect width="90" height="90"/><path d="M0 31 H90"/><path d="M0 0 C 10 10 20 20 90 '
        '90"/><circle r="5"/>'
        '<line x1="50" y1="50" x2="51" y2="50"/>'
    )
    taken = read_svg(drawn, even(3, 3), 2)
    report = " ".join(map(str, taken.report()))
    assert (
        re.search("moved by up to 0.20", report)
        and "curved" in report
        and "shorter than the lattice" in report
    )
    assert ((F(0), F(1)), (F(3), F(1))) in taken.seams


NESTED = "".join(f'<g id="g{n}">' + f'<use href="#g{n - 1}"/>' * 9 + "</g>" for n in range(1, 9))
RING = '<g id="a"><use href="#b"/></g><g id="b"><use href="#a"/></g>'
LONG = wrapped(f'<path d="M0 0{"L1 1 2 2" * 60_000}"/>')


@pytest.mark.parametrize(
    "text",
    [
        wrapped(f'<line id="g0" x2="1" y2="1"/>{NESTED}'),
        wrapped(RING),
        LONG,
        "<html><p>a</p></html>",
        "{}",
        wrapped('<line x1="1e400" y1="0" x2="1" y2="1"/>'),
        wrapped('<path d="M0 0L1e999 5L3 4"/>'),
        "\ud800",
        wrapped('<line x1="a" y1="b" x2="c" y2="d"/>'),
        wrapped('<rect width="-5" height="1e308"/>'),
        wrapped("<g>" * 3000 + "</g>" * 3000),
    ],
)
def test_a_drawing_that_would_take_without_end_is_refused_in_words(text: str) -> None:
    try:
        read_svg(text, block(), 4)
    except BadFileError as fault:
        assert all(one.message for one in fault.faults)


@pytest.mark.parametrize(
    "text",
    [
        "",
        "no",
        "<svg",
        wrapped(""),
        wrapped('<path d="M0 0 L 5 0"/>'),
        "<!DOCTYPE x [<!ENTITY a 'b'>]>" + wrapped(""),
    ],
)
def test_what_is_no_drawing_is_refused(text: str) -> None:
    with pytest.raises(BadFileError):
        read_svg(text, block(), 4)


def test_a_drawing_moved_in_too_many_steps_is_refused_before_it_is_read() -> None:
    for moved in ("translate(1 0) " * 10_000, "rotate(1)" * 200):
        for drawn in (
            f'<g transform="{moved}"><path d="M0 20 h40"/></g>',
            f'<g style="transform: {moved}"><path d="M0 20 h40"/></g>',
        ):
            with pytest.raises(BadFileError, match="moves its parts in too many steps"):
                read_svg(wrapped(drawn), even(3, 3), 1)
    deep = '<g transform="translate(1 0)">' * 100 + '<path d="M0 20 h40"/>' + "</g>" * 100
    with pytest.raises(BadFileError, match="moves its parts in too many steps"):
        read_svg(wrapped(deep), even(3, 3), 1)
