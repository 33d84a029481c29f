"""The sewing of blocks over the wire, and its progress kept on a real MariaDB."""

from __future__ import annotations

from typing import Any

import pypdfium2
import pytest
from fastapi.testclient import TestClient
from sqlalchemy import Engine

from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples
from yonk.machine.serve import lay_out_samples
from yonk.store.database import session_maker
from yonk.store.sewing import KeptSewing, keep_sewn, sewn_of

SAMPLES = {draft.name: write_block(draft) for draft in all_samples()}
WEIR_GATE = SAMPLES["Weir Gate"]
Json = dict[str, Any]


def sewing(web: TestClient, document: Json, **more: object) -> Json:
    answer = web.post("/api/sewing", json={"document": document} | more)
    assert answer.status_code == 200, answer.text
    found: Json = answer.json()
    return found


def acted(web: TestClient, document: Json, *acts: Json) -> Json:
    answer = web.post("/api/draft", json={"document": document, "acts": list(acts)})
    assert answer.status_code == 200, answer.text
    found: Json = answer.json()["document"]
    return found


def saved(web: TestClient, document: Json) -> str:
    answer = web.post("/api/blocks", json={"document": document})
    assert answer.status_code == 201, answer.text
    return str(answer.json()["id"])


@pytest.mark.parametrize("name", SAMPLES)
def test_every_seam_is_in_a_step_and_every_step_has_its_join_drawn(
    web: TestClient, name: str
) -> None:
    document = SAMPLES[name]
    found = sewing(web, document)
    assert {seam["step"] for seam in found["seams"]} == {step["number"] for step in found["steps"]}
    assert sorted(seam["join"] for seam in found["seams"]) == [*range(len(found["seams"]))]
    bulky = [meeting for meeting in found["meetings"] if meeting["state"] == "bulky"]
    assert bool(bulky) == bool(found["lots"]) == (name == "Clint")
    for step in found["steps"]:
        assert step["total"] == step["per_block"] * found["blocks"]
        asked = {"document": document, "join": step["join"]}
        pictures = web.post("/api/sewing/join", json=asked).json()["pictures"]
        assert len(pictures) == 3 and all(one["cloths"] for one in pictures)
    beyond = {"document": document, "join": len(found["seams"])}
    assert web.post("/api/sewing/join", json=beyond).status_code == 422


def test_samples_have_a_spun_middle_a_set_in_corner_two_lots_and_some_sewing_done(
    empty: Engine, web: TestClient
) -> None:
    clint = sewing(web, SAMPLES["Clint"])
    taken = acted(web, SAMPLES["Clint"], {"do": "lots", "at": clint["lots"][0]["at"], "two": True})
    found = sewing(web, taken)
    assert [meeting["state"] for meeting in found["meetings"]] == ["nested"]
    lots = found["steps"][0]["why"]
    assert [line.split(" ")[:2] for line in lots] == [["10", "of"]] * 2 and found["lots"] == []
    assert [meeting["state"] for meeting in sewing(web, SAMPLES["Eddy"])["meetings"]] == ["spun"]
    assert "Set it in" in sewing(web, SAMPLES["Bothy Sill"])["steps"][-1]["words"]
    lay_out_samples(empty)
    block = next(
        one for one in web.get("/api/blocks").json()["blocks"] if one["name"] == "Weir Gate"
    )
    done = [step["done"] for step in sewing(web, WEIR_GATE, block_id=block["id"])["steps"]]
    assert done == [48, 12, 5, 0, 0, 0, 0, 0, 0]


@pytest.mark.parametrize("name", SAMPLES)
def test_the_back_covers_the_block_and_goes_on_paper(web: TestClient, name: str) -> None:
    document = SAMPLES[name]
    back = web.post("/api/sewing/back", json={"document": document}).json()
    assert back["most"] == max(one["layers"] for one in back["thick"])
    pdf = web.post("/api/files/sewing.pdf", json={"document": document, "paper": "a4"})
    text = "".join(
        page.get_textpage().get_text_bounded() for page in pypdfium2.PdfDocument(pdf.content)
    )
    assert document["name"] in text and "Measure:" in text
    svg = web.post("/api/files/back.svg", json={"document": document})
    assert svg.headers["content-type"].startswith("image/svg") and b"<svg" in svg.content


def test_an_order_and_a_seam_turned_by_hand_stay_with_the_draft(web: TestClient) -> None:
    document = acted(web, WEIR_GATE, {"do": "order", "order": "columns"})
    found = sewing(web, document)
    assert found["order"] == "columns" and found["chosen"]
    assert [one["order"] for one in found["orders"] if one["taken"]] == ["columns"]
    seam = next(one for one in found["seams"] if not one["unit"])
    other = next(way for way in seam["ways"] if way not in (seam["toward"], "open"))
    document = acted(web, document, {"do": "press", "at": seam["at"], "toward": other})
    turned = {one["join"]: one for one in sewing(web, document)["seams"]}[seam["join"]]
    assert (turned["toward"], turned["by_hand"], turned["why"]) == (other, True, "Turned by hand.")
    document = acted(web, document, {"do": "press", "at": seam["at"], "toward": None})
    assert sewing(web, document)["seams"] == found["seams"]


def test_progress_is_kept_and_what_a_changed_draft_no_longer_has_is_told(web: TestClient) -> None:
    block = saved(web, WEIR_GATE)
    unit, *joins = sewing(web, WEIR_GATE, block_id=block)["steps"]
    for step, done in ((unit, 12), (joins[0], 5)):
        asked = {"mark": step["mark"], "words": step["words"], "done": done, "revision": 1}
        assert web.put(f"/api/blocks/{block}/sewn", json=asked).status_code == 204
    found = sewing(web, WEIR_GATE, block_id=block)
    assert [step["done"] for step in found["steps"]][:3] == [12, 5, 0]
    assert (found["sewn"], found["to_sew"]) == (17, sum(one["total"] for one in found["steps"]))
    assert found["changed"] == []
    larger = acted(web, WEIR_GATE, {"do": "resize", "width": "12", "height": "12"})
    changed = sewing(web, larger, block_id=block)
    assert changed["sewn"] == 0 and len(changed["changed"]) == 2
    told = f"12 were sewn of “{unit['words']}”; the block has none of these now."
    assert told in changed["changed"]


@pytest.mark.parametrize(
    "wrong",
    [{"mark": "x"}, {"done": -1}, {"done": 10**12}, {"revision": 0}, {"words": "w" * 401}],
)
def test_a_tick_that_is_none_is_refused(web: TestClient, wrong: Json) -> None:
    block = saved(web, WEIR_GATE)
    asked = {"mark": "0" * 64, "words": "Sew", "done": 1, "revision": 1} | wrong
    assert web.put(f"/api/blocks/{block}/sewn", json=asked).status_code == 422
    assert web.put("/api/blocks/none/sewn", json=asked).status_code in (404, 422)


def test_a_later_tick_of_the_same_step_takes_the_place_of_the_first(empty: Engine) -> None:
    with session_maker(empty)() as session:
        for done in (3, 12):
            keep_sewn(session, "one", KeptSewing("a" * 64, "Sew", done), 1)
        keep_sewn(session, "two", KeptSewing("a" * 64, "Sew", 1), 1)
        assert sewn_of(session, "one") == [KeptSewing("a" * 64, "Sew", 12)]


def test_a_single_patch_has_nothing_to_sew(web: TestClient) -> None:
    plain = WEIR_GATE | {"seams": [], "patches": []}
    found = sewing(web, plain)
    assert (found["steps"], found["best"]) == ([], "")
    assert found["notes"] == ["The block is one patch; there is nothing to sew."]
    for path in ("/api/files/sewing.pdf", "/api/files/back.svg", "/api/sewing/back"):
        assert web.post(path, json={"document": plain}).status_code == 200


def test_a_colouring_is_sewn_in_its_own_fabrics_and_one_that_is_none_is_refused(
    web: TestClient,
) -> None:
    hut = SAMPLES["Hut Window"]
    dusk = sewing(web, hut, colouring=0)
    assert dusk["blocks"] == 3 and dusk["colourings"] == ["Dusk"]
    fabrics = {part["fabric"] for stack in dusk["stacks"] for part in stack["parts"]}
    assert fabrics == {"slate", "lichen", "fog"}
    wrong = web.post("/api/sewing", json={"document": hut, "colouring": 3})
    assert (
        wrong.status_code == 422 and "none of the block's" in wrong.json()["faults"][0]["message"]
    )


def test_a_spun_seam_lies_to_either_side_of_its_crossing(web: TestClient) -> None:
    spun = sewing(web, SAMPLES["Eddy"])["seams"][-1]
    ups = [end[1] - start[1] for start, end in spun["arrows"]]
    assert len(ups) == 2 and ups[0] == pytest.approx(-ups[1]) and abs(ups[0]) > 0.1
    nested = sewing(web, WEIR_GATE)["seams"]
    assert {len(seam["arrows"]) for seam in nested} == {1}
    opened = acted(web, WEIR_GATE, {"do": "making", "settings": {"pressing": "open"}})
    assert {len(seam["arrows"]) for seam in sewing(web, opened)["seams"]} == {0}
