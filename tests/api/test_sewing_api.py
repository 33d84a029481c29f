"""The sewing of blocks over the wire, and its progress kept on a real MariaDB."""

from __future__ import annotations

from typing import Any
from uuid import uuid4

import pypdfium2
import pytest
from fastapi.testclient import TestClient
from sqlalchemy import Engine

from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples
from yonk.machine.serve import lay_out_samples

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


def tell(web: TestClient, block: str, *changes: Json, place: str = "cut", name: str = "") -> Any:
    """Tell what happened at a table."""
    name = name or uuid4().hex
    entry = {"name": name, "place": place, "device": "one", "words": "it", "changes": changes}
    return web.post(f"/api/tables/{block}/entries", json={"entries": [entry]})


def joined(step: Json, done: int) -> Json:
    mark = step["mark"]
    return {"kind": "joined", "thing": mark, "amount": done, "to": True, "words": step["words"]}


def made(web: TestClient, block: str, document: Json, step: Json, done: int, **more: Any) -> None:
    asked = {
        "document": document,
        "name": uuid4().hex,
        "device": "one",
        "words": step["words"],
        "unit": step["unit"],
        "step": step["mark"],
        "done": done,
    }
    answer = web.post(f"/api/tables/{block}/made", json=asked | more)
    assert answer.status_code == 204, answer.text


def test_progress_is_kept_and_what_a_changed_draft_no_longer_has_is_told(web: TestClient) -> None:
    block = saved(web, WEIR_GATE)
    unit, *joins = sewing(web, WEIR_GATE, block_id=block)["steps"]
    made(web, block, WEIR_GATE, unit, 12)
    assert tell(web, block, joined(joins[0], 5), place="sew").status_code == 204
    found = sewing(web, WEIR_GATE, block_id=block)
    assert [step["done"] for step in found["steps"]][:3] == [12, 5, 0]
    assert (found["sewn"], found["to_sew"]) == (17, sum(one["total"] for one in found["steps"]))
    assert found["changed"] == []
    larger = acted(web, WEIR_GATE, {"do": "resize", "width": "12", "height": "12"})
    changed = sewing(web, larger, block_id=block)
    assert changed["sewn"] == 0 and len(changed["changed"]) == 2
    told = f"12 were sewn of “{unit['words']}”; the block has none of these now."
    assert told in changed["changed"]


def test_units_that_were_ticked_before_they_had_marks_count_until_they_are_told_anew(
    web: TestClient,
) -> None:
    block = saved(web, WEIR_GATE)
    unit = sewing(web, WEIR_GATE, block_id=block)["steps"][0]
    tell(web, block, joined(unit, 7), place="sew")
    assert sewing(web, WEIR_GATE, block_id=block)["steps"][0]["done"] == 7
    made(web, block, WEIR_GATE, unit, 9)
    assert sewing(web, WEIR_GATE, block_id=block)["steps"][0]["done"] == 9


def test_units_take_their_pieces_give_them_back_or_lose_them(web: TestClient) -> None:
    """Eight pairs of triangles come of one square 8″ of each fabric."""
    block = saved(web, WEIR_GATE)

    def peat() -> Json:
        asked = {"document": WEIR_GATE, "stage": "all", "block_id": block}
        fabrics = web.post("/api/cut", json=asked).json()["fabrics"]
        return next(one for one in fabrics if one["key"] == "peat")["lines"][0]

    unit = sewing(web, WEIR_GATE, block_id=block)["steps"][0]
    tell(web, block, *peat()["on"])
    assert (peat()["there"], peat()["in_units"], peat()["ticked"]) == (6, 0, True)
    made(web, block, WEIR_GATE, unit, 16)
    assert (peat()["there"], peat()["in_units"], peat()["ticked"]) == (6, 2, True)
    made(web, block, WEIR_GATE, unit, 8, pieces="lost")
    assert (peat()["there"], peat()["in_units"], peat()["ticked"]) == (5, 1, False)
    back = {"name": uuid4().hex, "place": "sew", "device": "one"}
    assert web.post(f"/api/tables/{block}/take-back", json=back).status_code == 200
    assert (peat()["there"], peat()["in_units"]) == (6, 2)
    made(web, block, WEIR_GATE, unit, 0)
    assert (peat()["there"], peat()["in_units"], peat()["ticked"]) == (6, 0, True)


@pytest.mark.parametrize(
    "wrong",
    [
        {"thing": "x"},
        {"amount": 10**12},
        {"words": "w" * 401},
        {"kind": "booked"},
        {"kind": "cut", "thing": "all a|b"},
        {"kind": "cut", "thing": 'later {"fabric":"fog"}'},
        {"kind": "spoiled", "thing": '{"fabric":"fog","width":"0","height":"4"}'},
        {"kind": "pieced", "thing": '{"cut":"?","longer":"1","strip":"1"}'},
        {"kind": "only", "thing": ""},
    ],
)
def test_what_tells_nothing_is_refused_whole(web: TestClient, wrong: Json) -> None:
    block = saved(web, WEIR_GATE)
    right = {"kind": "joined", "thing": "0" * 64, "amount": 1}
    answer = tell(web, block, right, right | wrong)
    assert answer.status_code == 422 and answer.json()["faults"][0]["message"]
    assert web.get(f"/api/tables/{block}/entries").json()["entries"] == []
    assert tell(web, "none", right).status_code == 404


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
