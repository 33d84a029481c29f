"""Everything that can be taken along, over the wire: the right kind of file, for every sample and
stage.
"""

from __future__ import annotations

import io
import json
import zipfile

import pytest
from fastapi.testclient import TestClient

from tests.drafts import terms
from yonk.api.shown import length_words
from yonk.files.block_file import write_block
from yonk.files.paper import drawable, marked
from yonk.machine.cutting_machine import read_job
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: write_block(draft) for draft in all_samples()}
PDFS = ("cutting.pdf", "steps.pdf", "templates.pdf", "labels.pdf")


@pytest.mark.parametrize("file", PDFS)
@pytest.mark.parametrize("paper", ["letter", "a4"])
@pytest.mark.parametrize("name", ["Gale Lantern", "Bracken Rails", "Peg"])
def test_pdfs_on_both_papers(web: TestClient, file: str, paper: str, name: str) -> None:
    answer = web.post(f"/api/files/{file}", json={"document": SAMPLES[name], "paper": paper})
    assert answer.status_code == 200 and answer.headers["content-type"] == "application/pdf"
    assert (
        answer.content.startswith(b"%PDF")
        and name.split()[0] in answer.headers["content-disposition"]
    )


@pytest.mark.parametrize("stage", ["trial", "rest", "all"])
def test_lists_follow_the_stage(web: TestClient, stage: str) -> None:
    asked = {"document": SAMPLES["Weir Gate"], "stage": stage}
    csv = web.post("/api/files/cutting.csv", json=asked).text
    counts = {"trial": "Gorse,1,square", "rest": "Gorse,11,square", "all": "Gorse,12,square"}
    assert counts[stage] in csv
    sheet = web.post("/api/files/cutting.xlsx", json=asked)
    assert zipfile.ZipFile(io.BytesIO(sheet.content)).testzip() is None


@pytest.mark.parametrize("name", SAMPLES)
def test_drawings_for_other_programs(web: TestClient, name: str) -> None:
    asked = {"document": SAMPLES[name]}
    for file in ("templates.svg", "layouts.svg"):
        answer = web.post(f"/api/files/{file}", json=asked)
        assert answer.headers["content-type"].startswith(
            "image/svg+xml"
        ) and answer.text.startswith("<svg")
    job = read_job(web.post("/api/files/templates.dxf", json=asked).text)
    assert job.unit == SAMPLES[name]["unit"] and job.cut_length > 0


@pytest.mark.parametrize(
    "file", [*PDFS, "cutting.xlsx", "cutting.csv", "layouts.svg", "templates.svg", "templates.dxf"]
)
def test_a_bad_document_paper_or_stage_is_refused_in_the_one_shape(
    web: TestClient, file: str
) -> None:
    path = f"/api/files/{file}"
    for body in (
        {"document": {"format": "yonk-block/1"}},
        {"document": SAMPLES["Peg"], "paper": "a9"},
        {"document": SAMPLES["Peg"], "stage": "later"},
        {},
    ):
        refused = web.post(path, json=body)
        assert refused.status_code == 422
        assert refused.json()["faults"] and set(refused.json()) == {"code", "faults", "theirs"}


@pytest.mark.parametrize(
    ("path", "body"),
    [
        ("/api/recipes", {}),
        ("/api/recipes/steps", {"label": "1"}),
        ("/api/cut", {"document": {}, "stage": "all"}),
        ("/api/finder/check", {"kind": "patch", "method": "cut-and-sew", "width": "3"}),
        (
            "/api/finder/chart",
            {"kind": "checker", "method": "template", "start": "1", "end": "2", "step": "1"},
        ),
        (
            "/api/finder/chart",
            {"kind": "checker", "method": "cut-and-sew", "start": "2", "end": "1", "step": "1"},
        ),
        ("/api/shopping", {"blocks": []}),
        ("/api/cut/done", {"stage": "all"}),
    ],
)
def test_questions_that_cannot_be_answered_name_what_is_wrong(
    web: TestClient, path: str, body: dict[str, object]
) -> None:
    refused = web.post(path, json=body)
    assert refused.status_code == 422
    assert all(fault["message"] for fault in refused.json()["faults"])
    assert "Traceback" not in refused.text


def test_what_is_measured_is_said_to_the_nearest_sixteenth() -> None:
    assert [str(length_words(length, terms())) for length in (0.0, 0.02, 0.13, -0.2, 1.5)] == [
        "0″",
        "under 1⁄16″",
        "1⁄8″",
        "3⁄16″",
        "1 1⁄2″",
    ]


def test_words_for_paper_have_only_signs_that_the_type_has() -> None:
    assert drawable("≈ 3.979″ and 3 1⁄2″ × √2") == "about 3.979″ and 3 1/2″ × 1.414"
    said = marked("4 7⁄8″ <of> Fog & Peat", 10)
    assert "<super" in said and "&lt;of&gt;" in said and "&amp;" in said


def test_a_document_goes_out_as_it_came_in(web: TestClient) -> None:
    for document in SAMPLES.values():
        answer = web.post("/api/files/block", json={"document": document})
        assert json.loads(answer.text) == document
