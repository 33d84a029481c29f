"""What is printed and handed to other programs: measured on the page, read back, looked at."""

from __future__ import annotations

import io
import xml.etree.ElementTree as ET
from dataclasses import replace
from math import dist
from pathlib import Path

import openpyxl
import pdfplumber
import pytest
from PIL import Image

from tests.core.test_command_line import call
from tests.drafts import block
from yonk.core.cutting import Template, plan_cutting, templates_of
from yonk.core.paper import Draft
from yonk.core.planning import make_plan
from yonk.files.cut_drawings import write_layouts_svg, write_templates_dxf, write_templates_svg
from yonk.files.cutting_pdf import write_cutting_pdf
from yonk.files.cutting_xlsx import write_cutting_xlsx
from yonk.files.labels_pdf import write_labels_pdf
from yonk.files.paper import MARGIN, PLAIN, POINTS, SIZES, PaperName, runs, shortened, width_of
from yonk.files.steps_pdf import write_steps_pdf
from yonk.files.templates_pdf import write_templates_pdf
from yonk.files.true_size import tiles
from yonk.machine.cutting_machine import MachineFileError, read_job
from yonk.machine.printer import PrinterError, print_pages
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: draft for draft in all_samples()}
TENTH_OF_A_MM = 0.1 / 25.4 * 72  # points
PAPERS: tuple[PaperName, ...] = ("letter", "a4")


def polygons(page: pdfplumber.page.Page) -> list[list[tuple[float, float]]]:
    """The closed lines on a page, in points."""
    return [
        [(x, y) for x, y in curve["pts"]]
        for curve in (*page.curves, *page.rects)
        if len(curve["pts"]) >= 4
    ]


def sides(outline: list[tuple[float, float]]) -> list[float]:
    ring = outline if outline[0] == outline[-1] else [*outline, outline[0]]
    return [dist(a, b) for a, b in zip(ring, ring[1:], strict=False)]


def slanted(size: str = "6 6") -> Draft:
    return block("1/3 0 2/3 1, 0 1/2 1/2 1/2", "1/6 1/4 peat, 1/6 3/4 fog", size=size, blocks=3)


@pytest.mark.parametrize("paper", PAPERS)
@pytest.mark.parametrize("unit", ["in", "cm"])
def test_templates_are_on_the_page_at_their_true_length(paper: PaperName, unit: str) -> None:
    drawn = templates_of(make_plan(slanted()))
    points = POINTS[unit]
    with pdfplumber.open(io.BytesIO(write_templates_pdf(drawn, unit, "Trial", paper))) as document:  # type: ignore[arg-type]
        assert len(document.pages) == 1 + sum(len(list(tiles(one, unit, paper))) for one in drawn)  # type: ignore[arg-type,misc]
        check = document.pages[0].rects
        assert sorted(round(rect["width"], 2) for rect in check) == [
            72.0,
            pytest.approx(5 / 2.54 * 72, abs=0.01),
        ]
        for one, page in zip(drawn, document.pages[1:], strict=True):
            found = polygons(page)
            for outline in (one.cut, one.seam):
                wanted = [side * points for side in sides(list(outline))]
                best = min(found, key=lambda shape: abs(sum(sides(shape)) - sum(wanted)))
                assert sorted(sides(best)) == pytest.approx(sorted(wanted), abs=TENTH_OF_A_MM)
            text = page.extract_text()
            assert one.letter in text and "3 of" in text


@pytest.mark.parametrize("paper", PAPERS)
def test_a_template_too_big_for_a_page_is_split_with_the_same_crosses_on_both(
    paper: PaperName,
) -> None:
    (one, *_) = templates_of(make_plan(slanted("24 24")))
    windows = list(tiles(one, "in", paper))
    assert len(windows) > 1
    with pdfplumber.open(io.BytesIO(write_templates_pdf([one], "in", "Trial", paper))) as document:
        pages = document.pages[1:]
        assert len(pages) == len(windows)
        crosses = []
        for (left, top), page in zip(windows, pages, strict=True):
            centres = {
                (
                    round((line["x0"] + line["x1"]) / 2 + left, 1),
                    round((line["top"] + line["bottom"]) / 2 + top, 1),
                )
                for line in page.lines
                if abs(line["width"] - 16) < 0.01
            }
            crosses.append(centres)
            assert f"sheet {len(crosses)} of {len(windows)}" in page.extract_text()
        shared = crosses[0] & crosses[1]
        assert shared, "the overlap of two neighbours has crosses of both"


@pytest.mark.parametrize("name", SAMPLES)
def test_the_list_on_paper_has_every_line_and_nothing_outside_the_page(name: str) -> None:
    cutting = plan_cutting(SAMPLES[name], "all")
    for paper in PAPERS:
        with pdfplumber.open(io.BytesIO(write_cutting_pdf(cutting, paper))) as document:
            text = " ".join(page.extract_text() for page in document.pages)
            for cloth in cutting.cloths:
                assert SAMPLES[name].fabric(cloth.fabric).name in text
            boxes = sum(
                1
                for page in document.pages
                for word in page.extract_words()
                if word["text"] == "for"
            )
            assert boxes >= sum(len(cloth.cuts) for cloth in cutting.cloths)
            assert "Cut away from yourself" in text and text.count("Cut away from yourself") == 1
            for page in document.pages:
                for char in page.chars:
                    assert char["x0"] >= MARGIN - 8 and char["x1"] <= SIZES[paper][0] - MARGIN + 8


@pytest.mark.parametrize(
    "name", ["Gale Lantern", "Heron Reach", "Weir Gate", "Stile", "Bracken Rails"]
)
def test_step_sheets_have_each_recipe_and_each_caution_once(name: str) -> None:
    plan = make_plan(SAMPLES[name])
    with pdfplumber.open(io.BytesIO(write_steps_pdf(plan, "a4"))) as document:
        text = " ".join(page.extract_text() for page in document.pages).replace("\n", " ")
        for recipe in plan.recipes:
            if recipe.group.kind != "patch":
                assert str(recipe.method.words) in text
        assert text.count("Stop the machine before you reach") == 1
        for page in document.pages:
            assert all(char["x1"] <= SIZES["a4"][0] - 20 for char in page.chars)


def test_a_block_of_patches_alone_has_no_steps_but_says_so() -> None:
    with pdfplumber.open(
        io.BytesIO(write_steps_pdf(make_plan(block(painted="1/2 1/2 peat"))))
    ) as document:
        assert "no unit is sewn by a recipe" in document.pages[0].extract_text()


def test_labels_do_not_overlap_and_carry_letter_fabric_size_and_count() -> None:
    cutting = plan_cutting(SAMPLES["Gale Lantern"], "all")
    with pdfplumber.open(io.BytesIO(write_labels_pdf(cutting))) as document:
        page = document.pages[0]
        assert len(page.rects) == sum(len(cloth.cuts) for cloth in cutting.cloths)
        text = page.extract_text()
        for cloth in cutting.cloths:
            assert SAMPLES["Gale Lantern"].fabric(cloth.fabric).name in text
        for rect in page.rects:
            inside = [
                char
                for char in page.chars
                if rect["x0"] <= char["x0"] <= rect["x1"]
                and rect["top"] <= char["top"] <= rect["bottom"]
            ]
            assert inside and all(char["bottom"] <= rect["bottom"] + 1 for char in inside)


def test_the_stand_in_printer_makes_pictures_that_are_not_blank(tmp_path: Path) -> None:
    document = write_cutting_pdf(plan_cutting(SAMPLES["Weir Gate"], "all"))
    (tmp_path / "list.pdf").write_bytes(document)
    pages = print_pages(document, tmp_path / "pages")
    for page in pages:
        with Image.open(page) as picture:
            assert picture.width > 800 and len(picture.convert("L").getcolors() or []) > 2
    done = call("print", str(tmp_path / "list.pdf"), str(tmp_path / "out"))
    assert done.returncode == 0 and len(done.stdout.splitlines()) == len(pages)
    with pytest.raises(PrinterError):
        print_pages(b"no document", tmp_path)


def test_a_spreadsheet_has_a_row_for_every_line_and_what_to_buy() -> None:
    cutting = plan_cutting(SAMPLES["Weir Gate"], "all")
    book = openpyxl.load_workbook(io.BytesIO(write_cutting_xlsx(cutting)))
    rows = list(book["Cutting list"].iter_rows(values_only=True))
    assert rows[0][:5] == ("fabric", "line", "count", "shape", "width")
    assert ("Peat", 1, 6, "squares", 8, 8, "in", "8″") in [row[:8] for row in rows]
    assert len(rows) == 1 + sum(len(cloth.cuts) for cloth in cutting.cloths)
    assert ("Peat", "1/2 yd", "2 fat quarters") in [
        row[:3] for row in book["To buy"].iter_rows(values_only=True)
    ]


def test_drawings_are_at_true_size() -> None:
    drawn = templates_of(make_plan(slanted()))
    root = ET.fromstring(write_templates_svg(drawn, "in"))
    assert root.get("width") == f"{max(one.width for one in drawn):.4f}in"
    space = "{http://www.w3.org/2000/svg}"
    groups = {group.get("id"): group for group in root.findall(f"{space}g")}
    assert len(groups["cut"]) == len(groups["seam"]) == len(groups["letters"]) == len(drawn)
    points = [
        tuple(map(float, spot.split(",")))
        for spot in (groups["cut"][0].get("points") or "").split()
    ]
    assert sorted(sides(points)) == pytest.approx(sorted(sides(list(drawn[0].cut))), abs=1e-4)  # type: ignore[arg-type]
    layouts = ET.fromstring(write_layouts_svg(plan_cutting(SAMPLES["Weir Gate"], "all")))
    assert layouts.get("width") == "40in" and len(layouts.findall(f"{space}g")) == 3


def test_the_cutting_machine_cuts_what_was_drawn_and_counts_the_blade_s_way(tmp_path: Path) -> None:
    drawn = templates_of(make_plan(slanted()))
    text = write_templates_dxf(drawn, "cm")
    job = read_job(text)
    assert job.unit == "cm" and len(job.paths) == len(drawn)
    assert job.cut_length == pytest.approx(
        sum(sum(sides(list(one.cut))) for one in drawn), abs=1e-6
    )
    assert job.moved_length > 0 and job.picture().count("<polygon") == len(drawn)
    (tmp_path / "t.dxf").write_text(text)
    done = call("machine", str(tmp_path / "t.dxf"), str(tmp_path / "cut.svg"))
    assert done.returncode == 0 and f"the blade travels {job.cut_length:.1f} cm" in done.stdout
    assert (tmp_path / "cut.svg").read_text().startswith("<svg")
    for bad in ("no drawing", write_templates_dxf([], "in")):
        with pytest.raises(MachineFileError):
            read_job(bad)
    (tmp_path / "bad.dxf").write_text("no drawing")
    refused = call("machine", str(tmp_path / "bad.dxf"))
    assert refused.returncode == 2 and "Traceback" not in refused.stderr


def test_a_template_s_outline_is_the_cut_line_of_the_plan() -> None:
    plan = make_plan(slanted())
    by_letter: dict[str, Template] = {one.letter: one for one in templates_of(plan)}
    for cut in plan.cuts:
        if cut.shape == "template":
            one = by_letter[cut.purposes[0].letter]
            assert sorted((one.width, one.height)) == pytest.approx(
                sorted(max(spot[axis] for spot in cut.outline) for axis in (0, 1)), abs=1e-6
            )


def test_strange_names_break_neither_paper_nor_sheet() -> None:
    gate = SAMPLES["Weir Gate"]
    names = ("=SUM(A1)", "Łąka \u65e5\u672c", "bell \x07 & <b>bold", "x" * 120, "+1", "-", "@home")
    fabrics = tuple(
        replace(fabric, name=name) for fabric, name in zip(gate.fabrics, names, strict=False)
    )
    strange = replace(gate, name="<i>&" + "y" * 100, fabrics=fabrics)
    cutting = plan_cutting(strange, "rest")
    assert cutting.plan.blocks == 11
    for document in (
        write_cutting_pdf(cutting),
        write_labels_pdf(cutting),
        write_steps_pdf(cutting.plan),
        write_templates_pdf(templates_of(cutting.plan), "in", strange.name),
    ):
        assert document.startswith(b"%PDF")
    book = openpyxl.load_workbook(io.BytesIO(write_cutting_xlsx(cutting)))
    named = {row[0] for row in book["Cutting list"].iter_rows(min_row=2, values_only=True)}
    assert {
        cell.data_type for sheet in book for row in sheet.iter_rows() for cell in row if cell.value
    } <= {"s", "n"}
    assert named <= {
        "=SUM(A1)",
        "Łąka \u65e5\u672c",
        "bell  & <b>bold",
        "x" * 120,
        "+1",
        "-",
        "@home",
    }
    assert ET.fromstring(write_layouts_svg(cutting)).get("width") == "40in"


SCRIPTS = ("Łąka", "Ωμέγα", "Жара", "日本の布", "שמיים", "Ağaç", "x" * 120)


def words_in(document: bytes) -> str:
    with pdfplumber.open(io.BytesIO(document)) as pages:
        return "".join(letter["text"] for page in pages.pages for letter in page.chars)


def test_names_in_any_script_are_printed_and_no_label_lacks_a_line() -> None:
    gate = SAMPLES["Weir Gate"]
    fabrics = tuple(
        replace(one, name=name) for one, name in zip(gate.fabrics, SCRIPTS, strict=False)
    )
    strange = replace(gate, name="Река 川 " + "w" * 90, fabrics=fabrics)
    cutting = plan_cutting(strange, "all")
    shapes = templates_of(cutting.plan)
    for document in (
        write_cutting_pdf(cutting),
        write_labels_pdf(cutting),
        write_templates_pdf(shapes, "in", strange.name),
    ):
        found = words_in(document)
        assert "Река" in found and "川" in found and "\ufffd" not in found
        for cloth in cutting.cloths:
            name = strange.fabric(cloth.fabric).name
            assert name[:4] in found or name[:4][::-1] in found
    labels = words_in(write_labels_pdf(cutting))
    assert labels.count("Река") == sum(len(cloth.cuts) for cloth in cutting.cloths)


def test_a_sign_that_no_face_has_shows_as_a_mark_and_long_names_are_shortened() -> None:
    assert [part for _, part in runs("a\U0001f9f6b", PLAIN)] == ["a", "\ufffd", "b"]
    short = shortened("Nordlicht " * 20, 11, 150)
    assert short.endswith("…") and width_of(short, 11) <= 150 and shortened("Fog", 11, 150) == "Fog"


def test_every_template_page_has_the_block_s_name_and_an_arrow_inside_the_seam_line() -> None:
    slanted = make_plan(block("1/3 0 2/3 1, 0 1/2 1/2 1/2", "1/6 1/4 peat", size="30 30"))
    document = write_templates_pdf(templates_of(slanted), "in", "Tarn Edge")
    with pdfplumber.open(io.BytesIO(document)) as pages:
        assert len(pages.pages) > 3
        for page in pages.pages:
            assert "Tarn Edge" in page.extract_text()


def test_step_sheets_run_on_and_waste_no_paper() -> None:
    hut = make_plan(SAMPLES["Gale Lantern"])
    with pdfplumber.open(io.BytesIO(write_steps_pdf(hut))) as pages:
        groups = len(
            {
                recipe.group.label
                for recipe in hut.recipes
                if recipe.method.sew and recipe.group.kind != "patch"
            }
        )
        assert len(pages.pages) <= groups
