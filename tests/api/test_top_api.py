"""The making of a quilt top over the wire: its whole list, ticks, the shelf, sewing, files."""

from __future__ import annotations

import io
import re
from typing import Any

import openpyxl
import pdfplumber
import pytest
from fastapi.testclient import TestClient

from tests.api.test_measuring_api import measure, measuring
from tests.api.test_quilts_api import quilt, worked
from tests.api.test_sewing_api import WEIR_GATE, acted, joined, tell

Json = dict[str, Any]
# two of 44 and two of 41½, each joined at a seam with half an inch in it
JOINED = [
    (2, "32″ × 4 1⁄2″"),
    (2, "25 1⁄2″ × 4 1⁄2″"),
    (2, "16 1⁄2″ × 4 1⁄2″"),
    (2, "12 1⁄2″ × 4 1⁄2″"),
]
AROUND = (
    {"do": "sashing", "fabric": "slate", "width": "1 1/2", "cornerstones": "fog", "outer": True},
    {"do": "add-border", "fabric": "peat"},
    {"do": "backing", "fabric": "slate"},
    {"do": "binding", "fabric": "peat"},
)


def top_cut(web: TestClient, document: Json, quilt_id: str | None = None) -> Json:
    answer = web.post("/api/quilt/cut", json={"document": document, "quilt_id": quilt_id})
    assert answer.status_code == 200, answer.text
    found: Json = answer.json()
    return found


def top_sewing(web: TestClient, document: Json, quilt_id: str | None = None) -> Json:
    answer = web.post("/api/quilt/sew", json={"document": document, "quilt_id": quilt_id})
    assert answer.status_code == 200, answer.text
    found: Json = answer.json()
    return found


def fabric(found: Json, key: str) -> Json:
    return next(one for one in found["fabrics"] if one["key"] == key)


def test_the_whole_list_is_on_cloth_and_ticked(web: TestClient) -> None:
    begun = quilt(web, "Weir Gate")
    document = worked(web, begun["document"], *AROUND)["document"]
    found = top_cut(web, document, begun["id"])
    assert found["summary"] == "41″ × 51 1⁄2″ finished, 1⁄4″ seam allowance, 12 blocks"
    peat = fabric(found, "peat")
    joined = [line for line in peat["lines"] if "to be joined" in line["purpose"]]
    assert [(line["count"], line["size"]) for line in joined] == JOINED
    assert any(words.startswith("Border 1: cut strips 4 1⁄2″ wide") for words in found["said"])
    assert any(words.startswith("Binding: 190″") for words in found["said"])
    assert sum(way["taken"] for way in found["backing"]) == 1
    line = peat["lines"][0]
    assert tell(web, begun["id"], *line["on"]).status_code == 204
    again = fabric(top_cut(web, document, begun["id"]), "peat")
    assert again["lines"][0]["ticked"] and not again["done"]
    assert line["units"] == []
    assert all(one["words"] for one in top_cut(web, begun["document"], begun["id"])["changed"])


def test_long_strips_and_the_backing_are_made_as_she_says(web: TestClient) -> None:
    document = worked(web, quilt(web, "Weir Gate")["document"], *AROUND)["document"]
    whole = worked(web, document, {"do": "joins", "joins": "whole"})["document"]
    assert not any("strips" in words and "Border" in words for words in top_cut(web, whole)["said"])
    wide = worked(web, document, {"do": "backing", "lay": "wide"})["document"]
    found = top_cut(web, wide)
    assert [way["lay"] for way in found["backing"] if way["taken"]] == ["wide"]
    assert found["fabrics"][-1]["name"] == "Slate, wide"
    assert found["swatches"][-1]["name"] == "Slate, wide"
    bias = worked(web, document, {"do": "binding", "grain": "bias"})["document"]
    assert any("on the bias from a square" in words for words in top_cut(web, bias)["said"])


def test_a_fabric_of_its_own_is_added_and_tied_to_the_shelf(web: TestClient) -> None:
    begun = quilt(web, "Weir Gate")
    asked = {"name": "Moss", "colour": "#667755", "unit": "in"}
    pieces = [{"width": "40", "length": "90", "count": 1}]
    kept = web.post("/api/fabrics", json=asked | {"pieces": pieces})
    assert kept.status_code == 201, kept.text
    act = {"do": "fabric", "name": "Moss", "colour": "#667755"}
    found = worked(web, begun["document"], act, {"do": "add-border", "fabric": "moss"})
    assert found["fabrics"][0]["name"] == "Moss"
    tie = {"do": "fabric", "key": "moss", "shelf": kept.json()["id"]}
    document = worked(web, found["document"], tie)["document"]
    moss = fabric(top_cut(web, document, begun["id"]), "moss")
    assert moss["buy"] == "nothing" and moss["from_shelf"]
    tell(web, begun["id"], *(change for line in moss["lines"] for change in line["on"]))
    done = {"document": document, "quilt_id": begun["id"], "fabric": "moss"}
    answer = web.post("/api/quilt/cut/done", json=done)
    assert answer.status_code == 200, answer.text
    assert answer.json()["pieces"] != kept.json()["pieces"]
    again = web.post("/api/quilt/cut/done", json=done)
    assert again.status_code == 422 and "already" in again.text
    other = web.post("/api/quilt/cut/done", json=done | {"fabric": "fog"})
    assert other.status_code == 422 and "tied to none" in other.text
    assert web.delete(f"/api/fabrics/{kept.json()['id']}").status_code == 204


@pytest.mark.parametrize(
    ("act", "place"),
    [
        ({"do": "fabric", "name": " ", "colour": "#667755"}, "name"),
        ({"do": "fabric", "name": "Moss", "colour": "green"}, "colour"),
        ({"do": "edge", "fabric": "moss"}, "fabric"),
        ({"do": "border", "number": 1, "corners": "moss"}, "corners"),
    ],
)
def test_what_cannot_be_is_told_by_its_field(web: TestClient, act: Json, place: str) -> None:
    document = worked(web, quilt(web, "Weir Gate")["document"], {"do": "add-border"})["document"]
    answer = web.post("/api/quilt", json={"document": document, "acts": [act]})
    assert answer.status_code == 422 and answer.json()["faults"][0]["place"] == place


def test_a_good_trial_block_is_one_of_the_quilt(web: TestClient) -> None:
    begun = quilt(web, "Weir Gate")
    origin = begun["document"]["blocks"][0]["origin"]
    before = fabric(top_cut(web, begun["document"]), "gorse")["lines"][0]["count"]
    card = measuring(web, WEIR_GATE, origin)
    measure(web, origin, card, row_1="9 1/2", block_left="9 1/2")
    found = top_cut(web, begun["document"])
    assert fabric(found, "gorse")["lines"][0]["count"] == before - 1
    assert "The trial block of Weir Gate is one of its 12." in found["said"]
    larger = acted(web, WEIR_GATE, {"do": "resize", "width": "12", "height": "12"})
    told = {"document": larger, "revision": 1}
    assert web.put(f"/api/blocks/{origin}", json=told).status_code == 200
    assert fabric(top_cut(web, begun["document"]), "gorse")["lines"][0]["count"] == before


def test_the_top_is_sewn_step_by_step_and_ticked(web: TestClient) -> None:
    begun = quilt(web, "Weir Gate")
    document = worked(web, begun["document"], *AROUND)["document"]
    found = top_sewing(web, document, begun["id"])
    assert [step["number"] for step in found["steps"]] == [*range(1, len(found["steps"]) + 1)]
    assert {seam["step"] for seam in found["seams"]} <= {s["number"] for s in found["steps"]}
    assert found["quarters"] and found["together"] == "rows" and len(found["labels"]) == 4
    blocks, row = (
        next(step for step in found["steps"] if step["kind"] == kind) for kind in ("blocks", "row")
    )
    for step, done in ((blocks, 7), (row, 99)):
        told = joined(step | {"words": step["label"]}, done)
        assert tell(web, begun["id"], told, place="sew").status_code == 204
    again = top_sewing(web, document, begun["id"])
    assert again["progress"].startswith("7 of 12 blocks made")
    ticked = {step["mark"]: step["done"] for step in again["steps"] if step["done"]}
    assert ticked == {blocks["mark"]: 7, row["mark"]: row["total"]}
    other = worked(web, document, {"do": "turn", "at": [0, 0], "by": 1})["document"]
    assert top_sewing(web, other, begun["id"])["progress"].startswith("7 of 12")
    on_point = worked(
        web, document, {"do": "sashing", "fabric": ""}, {"do": "places", "kind": "on-point"}
    )["document"]
    gone = top_sewing(web, on_point, begun["id"])["changed"]
    assert any("no part of the quilt as it is now" in words for words in gone)


def text_of(content: bytes) -> str:
    with pdfplumber.open(io.BytesIO(content)) as pdf:
        return "\n".join(page.extract_text() for page in pdf.pages)


@pytest.mark.parametrize("paper", ["letter", "a4"])
def test_everything_goes_on_paper(web: TestClient, paper: str) -> None:
    document = worked(web, quilt(web, "Weir Gate")["document"], *AROUND)["document"]
    asked = {"document": document, "paper": paper}
    made = web.post("/api/files/quilt.pdf", json=asked)
    assert made.status_code == 200 and "Hut%20throw.pdf" in made.headers["content-disposition"]
    text = text_of(made.content)
    for words in (
        "Fabrics",
        "Border 1: cut strips",
        "sewing the top",
        "Row 2:",
        "how its units are made",
        "through the middle",
    ):
        assert words in text, words
    assert "From the trial block" not in text
    labels = text_of(web.post("/api/files/quilt-labels.pdf", json=asked).content)
    assert "cornerstones" in labels or "Hut throw" in labels
    templates = text_of(web.post("/api/files/quilt-templates.pdf", json=asked).content)
    assert "Weir Gate A" in templates


def test_no_page_of_a_quilt_holds_a_heading_alone(web: TestClient) -> None:
    document = quilt(web, "Weir Gate", "Stile", "Hut Window")["document"]
    made = web.post("/api/files/quilt.pdf", json={"document": document}).content
    with pdfplumber.open(io.BytesIO(made)) as pdf:
        texts = [page.extract_text() for page in pdf.pages]
        assert pdf.pages[0].rects or pdf.pages[0].curves  # the quilt's picture
    assert sum("how its units are made" in text for text in texts) >= 2  # the rest fills the pages
    for text in texts:
        assert len(text.split()) > 25, text


@pytest.mark.parametrize(("name", "needed"), [("Bothy Sill", True), ("Weir Gate", False)])
def test_templates_that_are_needed_come_with_everything(
    web: TestClient, name: str, needed: bool
) -> None:
    document = quilt(web, name)["document"]
    lines = [line for one in top_cut(web, document)["fabrics"] for line in one["lines"]]
    assert any(line["shape"] == "template" for line in lines) == needed
    made = text_of(web.post("/api/files/quilt.pdf", json={"document": document}).content)
    assert bool(re.search(rf"{name} [A-Z]\b", made)) == needed


def test_lists_and_drawings_are_taken_along(web: TestClient) -> None:
    document = worked(web, quilt(web, "Weir Gate", name="=1+1")["document"], *AROUND)["document"]
    asked = {"document": document}
    sheet = web.post("/api/files/quilt.xlsx", json=asked)
    book = openpyxl.load_workbook(io.BytesIO(sheet.content))
    rows = list(book["Cutting list"].iter_rows(values_only=True))
    assert any("cornerstones" in str(row[10]) for row in rows)
    assert {row[0] for row in book["To buy"].iter_rows(min_row=2, values_only=True)} == {
        "Fog",
        "Peat",
        "Gorse",
        "Slate",
    }
    layouts = web.post("/api/files/quilt-layouts.svg", json=asked).text
    assert layouts.startswith("<svg") and "Slate" in layouts
    diagram = web.post("/api/files/quilt.svg", json=asked).text
    assert 'width="41.0000in"' in diagram and diagram.count("marker-end") > 20
    assert "<title>=1+1</title>" in diagram


@pytest.mark.parametrize("path", ["cut", "sew"])
@pytest.mark.parametrize(
    "document", [{}, {"blocks": 5}, {"blocks": [5]}, {"blocks": [{"origin": 5}]}]
)
def test_what_is_no_quilt_is_refused(web: TestClient, path: str, document: Json) -> None:
    answer = web.post(f"/api/quilt/{path}", json={"document": document})
    assert answer.status_code == 422 and answer.json()["faults"]


def test_states_of_a_quilt_are_named_and_opened(web: TestClient) -> None:
    begun = quilt(web, "Weir Gate")
    first = f"/api/blocks/{begun['id']}/states"
    changed = worked(web, begun["document"], *AROUND)["document"]
    told = {"document": changed, "revision": 1}
    assert web.put(f"/api/quilts/{begun['id']}", json=told).status_code == 200
    assert [one["revision"] for one in web.get(first).json()["states"]] == [2, 1]
    assert web.put(f"{first}/1", json={"title": "plain"}).status_code == 204
    opened = web.post(f"{first}/1/open").json()["document"]
    assert "sashing" not in opened["setting"]
