"""The seam log, measuring and the log of a block over the wire, kept on a real MariaDB."""

from __future__ import annotations

import io
import json
import zipfile
from typing import Any

import pdfplumber
import pytest
from fastapi.testclient import TestClient
from PIL import Image
from sqlalchemy import Engine

from tests.api.test_sewing_api import SAMPLES, WEIR_GATE, acted, saved, tell
from yonk.files.log_file import LogFile, NotePart, PhotoPart, write_parcel
from yonk.files.photo import LONGEST, MOST_PHOTO_BYTES, NoPhotoError, as_kept
from yonk.machine.serve import lay_out_samples

Json = dict[str, Any]
STRIPS = {"unit": "in", "aimed": "1/4", "cut": "1 1/2", "middle": "15/16"}


def log_of(web: TestClient) -> Json:
    answer = web.get("/api/seam-log")
    assert answer.status_code == 200, answer.text
    found: Json = answer.json()
    return found


def noted(web: TestClient, **told: object) -> Json:
    answer = web.post("/api/seam-log/tests", json=STRIPS | told)
    assert answer.status_code == 201, answer.text
    found: Json = answer.json()
    return found


def measuring(web: TestClient, document: Json, block_id: str | None = None, **more: Any) -> Json:
    asked = {"document": document, "block_id": block_id} | more
    answer = web.post("/api/measuring", json=asked)
    assert answer.status_code == 200, answer.text
    found: Json = answer.json()
    return found


def rows_of(found: Json) -> dict[str, Json]:
    return {row["what"]: row for group in found["card"] for row in group["rows"]}


def measure(web: TestClient, block_id: str, found: Json, trial: int = 1, **sizes: str) -> None:
    rows = rows_of(found)
    for name, size in sizes.items():
        what = name.replace("_", ":")
        told = {"what": what, "size": size, "expected": rows[what]["expected"], "unit": "in"}
        told |= {"trial": trial}
        answer = web.put(f"/api/blocks/{block_id}/measured", json=told)
        assert answer.status_code == 204, answer.text


def faults(answer: Any) -> list[str]:
    assert answer.status_code == 422, answer.text
    return [fault["place"] for fault in answer.json()["faults"]]


def test_tests_are_kept_taken_out_and_brought_back(web: TestClient) -> None:
    before = len(log_of(web)["tests"])
    noted(web, setup={"machine": "  a   test  machine "})
    found = noted(web, setup={"machine": "a test machine"}, note="slow")
    mine = found["tests"][-2:]
    assert {one["setup"] for one in mine} == {"a test machine"}
    assert mine[1]["off"] == "1⁄32″ too wide" and not mine[1]["good"]
    assert found["next"]["setup"]["machine"] == "a test machine"
    assert web.get("/api/seam-log.csv").text.count("a test machine") == 2
    for one in mine:
        assert web.delete(f"/api/seam-log/tests/{one['id']}").status_code == 204
    assert len(log_of(web)["tests"]) == before
    assert web.post(f"/api/seam-log/tests/{mine[1]['id']}/restore").status_code == 204
    assert log_of(web)["tests"][-1]["note"] == "slow"
    web.delete(f"/api/seam-log/tests/{mine[1]['id']}")
    assert web.delete("/api/seam-log/tests/nothere").status_code == 404


def test_bad_tests_are_told_by_place_and_nothing_is_kept(web: TestClient) -> None:
    before = log_of(web)
    for told, place in (
        ({"middle": "-1"}, "middle"),
        ({"middle": "two"}, "middle"),
        ({"middle": "1/2"}, "middle"),
        ({"cut": "1/2", "middle": "1/4"}, "cut"),
        ({"cut": "900"}, "cut"),
        ({"aimed": "0"}, "aimed"),
        ({"left": "1"}, "right"),
        ({"sewn": "2999-01-01"}, "sewn"),
        ({"unit": "ell"}, "unit"),
    ):
        assert faults(web.post("/api/seam-log/tests", json=STRIPS | told)) == [place]
    assert log_of(web) == before


def test_figures_are_told_and_taken_back(web: TestClient) -> None:
    told = {"unit": "in", "cut_spread": "1/32", "taken_back": 1}
    found = web.put("/api/seam-log/figures", json=told).json()
    figures = {one["name"]: one for one in found["figures"]}
    assert (figures["cut_spread"]["value"], figures["cut_spread"]["guess"]) == ("1/32", False)
    assert figures["tolerance"]["guess"] and found["taken_back"] == 1
    wrong = web.put("/api/seam-log/figures", json=told | {"tolerance": "9", "within": "x"})
    assert faults(wrong) == ["within"]
    usual = web.put("/api/seam-log/figures", json={"unit": "in", "taken_back": 2}).json()
    assert all(one["guess"] for one in usual["figures"])


@pytest.mark.parametrize("name", SAMPLES)
def test_every_sample_has_a_card_and_is_foretold(web: TestClient, name: str) -> None:
    found = measuring(web, SAMPLES[name])
    rows = rows_of(found)
    assert {"block:top", "block:diagonal-up"} <= rows.keys()
    assert any(what.startswith("unit:1") for what in rows)
    assert found["verdict"] is None
    for row in rows.values():
        for x, y in row["line"]:
            assert -1e-9 <= x <= found["width"] + 1e-9 and -1e-9 <= y <= found["height"] + 1e-9
    steps = [one["step"] for one in found["foretold"]["checkpoints"]]
    assert steps == sorted(set(steps)) and 0 < found["foretold"]["likely"] <= 1
    answer = web.post("/api/files/card.pdf", json={"document": SAMPLES[name], "paper": "a4"})
    with pdfplumber.open(io.BytesIO(answer.content)) as pdf:
        assert len(pdf.pages) == 1, "on one sheet"
        said = pdf.pages[0].extract_text()
    assert "trial block" in said and "Along the top edge" in said and "Last seam test" in said


def test_a_trial_block_is_judged_and_stays_tied_to_how_it_was_cut(web: TestClient) -> None:
    block_id = saved(web, WEIR_GATE)
    card = measuring(web, WEIR_GATE, block_id)
    measure(web, block_id, card, row_1="9 1/4", row_2="9 1/4", block_left="9 1/4", unit_1="3.5")
    found = measuring(web, WEIR_GATE, block_id)
    row = rows_of(found)["row:1"]
    assert (row["off"], row["mind"]) == ("1⁄4″ short", "Look at it before you join it.")
    assert found["verdict"]["verdict"] == "take back"
    assert found["verdict"]["because"][0].startswith("Each seam takes up 1⁄16″ too much")
    assert found["remedies"][-1]["do"] == "nothing" and found["remedies"][0]["do"] == "needle"
    cut_for = next(one for one in found["remedies"] if one["do"] == "cut-for-seam")
    assert cut_for["settings"]["seam"] == "5/16"
    assert cut_for["good_after"] > found["foretold"]["likely"] == cut_for["good_before"]
    print_in = {"document": WEIR_GATE, "stage": "rest", "block_id": block_id}
    sheet = web.post("/api/files/cutting.pdf", json=print_in).content
    with pdfplumber.open(io.BytesIO(sheet)) as pdf:
        said = " ".join(pdf.pages[0].extract_text().split())
    assert "From the trial block: Take back" in said and found["rest"][-1][:14] in said
    wider = acted(web, WEIR_GATE, {"do": "making", "settings": cut_for["settings"]})
    after = measuring(web, wider, block_id)
    assert after["verdict"]["verdict"] == "take back" and after["stale"] == []
    assert rows_of(after)["row:1"]["size"] == "9 1/4"
    assert after["trials"][0]["cut"] == "It was cut for a seam of 1⁄4″."
    assert after["foretold"]["likely"] > 0.9, "by the plan as it is now"
    cut = web.post("/api/cut", json={"document": wider, "stage": "rest"}).json()
    sizes = {line["size"] for fabric in cut["fabrics"] for line in fabric["lines"]}
    assert "3 5⁄8″" in sizes, "3 + 2 × 5/16"
    measure(web, block_id, card, row_1="")
    assert not rows_of(measuring(web, WEIR_GATE, block_id))["row:1"]["size"]
    assert web.delete(f"/api/blocks/{block_id}/trials/1").status_code == 204
    assert measuring(web, WEIR_GATE, block_id)["verdict"] is None


def test_several_trial_blocks_stand_beside_each_other(web: TestClient) -> None:
    block_id = saved(web, WEIR_GATE)
    here = f"/api/blocks/{block_id}"
    card = measuring(web, WEIR_GATE, block_id)
    measure(web, block_id, card, row_1="9 1/4", row_2="9 1/4", block_left="9 1/4")
    assert web.post(f"{here}/trials").json() == {"trial": 2}
    found = measuring(web, WEIR_GATE, block_id)
    assert (found["trial"], len(found["trials"]), found["verdict"]) == (2, 2, None)
    measure(web, block_id, card, 2, row_1="9 1/2", row_2="9 1/2", block_left="9 1/2")
    found = measuring(web, WEIR_GATE, block_id)
    assert [one["verdict"].split()[0] for one in found["trials"]] == ["Take", "Good:"]
    first = measuring(web, WEIR_GATE, block_id, trial=1)
    assert first["verdict"]["verdict"] == "take back" and rows_of(first)["row:1"]["size"] == "9 1/4"
    asked = {"looks": "wedge", "trial": 2}
    assert web.put(f"{here}/looks", json=asked).status_code == 204
    assert measuring(web, WEIR_GATE, block_id)["look"] == "wedge"
    assert faults(web.put(f"{here}/looks", json={"looks": "round"})) == ["looks"]
    for _ in range(found["most_trials"] - 2):
        assert web.post(f"{here}/trials").status_code == 201
    assert web.post(f"{here}/trials").status_code == 422


def test_any_patch_can_be_measured_from_seam_to_seam(web: TestClient) -> None:
    block_id = saved(web, WEIR_GATE)
    card = measuring(web, WEIR_GATE, block_id)
    patch = card["patches"][5]
    assert patch["across"] not in rows_of(card) and patch["letter"] == "B"
    more = measuring(web, WEIR_GATE, block_id, also=[patch["across"], "between:99,99:down"])
    row = rows_of(more)[patch["across"]]
    told = {"what": patch["across"], "size": "3", "expected": row["expected"], "unit": "in"}
    assert web.put(f"/api/blocks/{block_id}/measured", json=told).status_code == 204
    assert rows_of(measuring(web, WEIR_GATE, block_id))[patch["across"]]["size"] == "3"


def test_how_often_a_seam_was_taken_back_counts(web: TestClient) -> None:
    block_id = saved(web, WEIR_GATE)
    card = measuring(web, WEIR_GATE, block_id)
    measure(web, block_id, card, row_1="9 1/4", row_2="9 1/4", block_left="9 1/4", unit_1="3.5")
    assert measuring(web, WEIR_GATE, block_id)["verdict"]["verdict"] == "take back"
    told = {"mark": "a" * 64, "words": "Sew A to B.", "times": 2}
    assert web.put(f"/api/blocks/{block_id}/taken-back", json=told).status_code == 204
    found = measuring(web, WEIR_GATE, block_id)
    assert (found["taken_back"], found["verdict"]["verdict"]) == (2, "cut again")
    assert web.get(f"/api/blocks/{block_id}/log").json()["taken_back"] == [told]
    too_often = told | {"times": 100}
    assert faults(web.put(f"/api/blocks/{block_id}/taken-back", json=too_often)) == ["times"]


def test_bad_sizes_are_told_by_place(web: TestClient) -> None:
    block_id = saved(web, WEIR_GATE)
    good = {"what": "row:1", "size": "9", "expected": "9.5000", "unit": "in"}
    for told, place in (
        ({"size": "nine"}, "row:1"),
        ({"size": "90"}, "row:1"),
        ({"size": "0"}, "row:1"),
        ({"what": "roof:1"}, "what"),
        ({"expected": "wide"}, "expected"),
    ):
        assert faults(web.put(f"/api/blocks/{block_id}/measured", json=good | told)) == [place]
    assert web.put("/api/blocks/nothere/measured", json=good).status_code == 404


def picture(width: int = 300, height: int = 200, kind: str = "JPEG", mode: str = "RGB") -> bytes:
    """A picture, its left half dark, told to be turned, with a place."""
    made = Image.new(mode, (width, height), "white")
    made.paste("black", (0, 0, width // 2, height))
    exif = made.getexif()
    exif[0x0112] = 6
    exif.get_ifd(0x8825)[1] = "N"
    out = io.BytesIO()
    made.save(out, kind, exif=exif)
    return out.getvalue()


def test_a_photo_loses_all_but_the_picture() -> None:
    kept = as_kept(picture())
    again = Image.open(io.BytesIO(kept.content))
    assert again.size == (kept.width, kept.height) == (200, 300), "upright"
    assert not again.getexif() and b"Exif" not in kept.content
    assert again.convert("L").getpixel((100, 10)) == 0
    large = as_kept(picture(4000, 1000, "PNG", "RGBA"))
    assert max(large.width, large.height) == LONGEST


@pytest.mark.parametrize(
    ("content", "said"),
    [
        (b"", "no photo"),
        (b"<svg/>", "no photo"),
        (picture()[:400], "no photo|damaged"),
        (b"\xff" * (MOST_PHOTO_BYTES + 1), "larger than 8 MB"),
        (picture(kind="TIFF"), "no photo"),
    ],
)
def test_what_is_no_photo_is_refused_in_a_sentence(content: bytes, said: str) -> None:
    with pytest.raises(NoPhotoError, match=said):
        as_kept(content)


def test_too_many_pixels_are_refused_before_they_are_decoded() -> None:
    made = io.BytesIO()
    Image.new("1", (12_000, 6_000)).save(made, "PNG")
    with pytest.raises(NoPhotoError, match="million pixels"):
        as_kept(made.getvalue())


def test_the_log_leaves_with_the_block_and_comes_back(web: TestClient) -> None:
    block_id = saved(web, WEIR_GATE)
    here = f"/api/blocks/{block_id}"
    measure(web, block_id, measuring(web, WEIR_GATE, block_id), row_1="9 3/8")
    for kind, text in (("note", "Peat bleeds."), ("next-time", "Starch it.")):
        web.post(f"{here}/notes", json={"kind": kind, "text": text})
    left = {"length": "20", "pieces": 8, "left": "1 7/8", "wanted": 16}
    web.post(f"{here}/notes", json={"kind": "left-over", "left_over": left})
    assert web.post(f"{here}/photos?caption=back", content=picture()).status_code == 201
    spoiled = {"kind": "spoiled", "amount": 2}
    thing = json.dumps({"fabric": "fog", "width": "7 1/2", "height": "4"})
    tell(web, block_id, spoiled | {"thing": thing}, name="went-wrong")
    tell(web, block_id, spoiled | {"thing": thing, "amount": 3}, name="and-more")
    back = {"name": "taken-back", "place": "cut", "device": "one"}
    web.post(f"/api/tables/{block_id}/take-back", json=back)
    table = web.get(f"/api/tables/{block_id}/entries").json()
    before = web.get(f"{here}/log").json()
    assert [one["text"] for one in before["next_time"]] == ["Starch it."]
    assert before["notes"][0]["text"].endswith(
        "cut the next 35 1⁄4″ long for 16, with 1″ to square it up."
    )
    parcel = web.get(f"{here}/parcel.zip").content
    with zipfile.ZipFile(io.BytesIO(parcel)) as opened:
        assert set(opened.namelist()) == {"block.yonk.json", "log.json", "photos/1.jpg"}
        assert json.loads(opened.read("log.json"))["format"] == "yonk-log/1"
    made = web.post("/api/blocks/import", content=parcel)
    assert made.status_code == 201, made.text
    new = made.json()["id"]
    assert new != block_id and made.json()["document"]["name"] == "Weir Gate"
    after = web.get(f"/api/blocks/{new}/log").json()

    rows = rows_of(measuring(web, WEIR_GATE, new))
    assert rows["row:1"]["size"] == "9 3/8", "its trial block comes with it"

    def without_ids(log: Json) -> Json:
        return {
            kind: [{name: v for name, v in one.items() if name != "id"} for one in entries]
            for kind, entries in log.items()
        }

    assert without_ids(after) == without_ids(before)
    assert web.get(f"/api/tables/{new}/entries").json() == table
    cutting = {"document": WEIR_GATE, "stage": "all", "block_id": new}
    fog = next(o for o in web.post("/api/cut", json=cutting).json()["fabrics"] if o["key"] == "fog")
    told = "4 Fog squares 3 1⁄2″ from 2 pieces 7 1⁄2″ × 4″"
    assert [one["words"] for one in fog["recut"]] == [told]
    photo = after["photos"][0]["id"]
    sent = web.get(f"/api/blocks/{new}/photos/{photo}.jpg")
    assert Image.open(io.BytesIO(sent.content)).size == (200, 300)
    assert rows_of(measuring(web, WEIR_GATE, new))["row:1"]["size"] == "9 3/8"


def test_a_log_goes_and_comes_with_its_block(web: TestClient) -> None:
    block_id, other = saved(web, WEIR_GATE), saved(web, WEIR_GATE)
    here = f"/api/blocks/{block_id}"
    web.post(f"{here}/notes", json={"kind": "note", "text": "kept"})
    sent = web.post(f"{here}/photos", content=picture()).json()["photos"][0]["id"]
    assert web.get(f"/api/blocks/{other}/photos/{sent}.jpg").status_code == 404
    assert web.delete(f"/api/blocks/{other}/photos/{sent}").status_code == 404
    web.delete(here)
    assert web.get(f"{here}/log").status_code == 410
    assert web.get(f"{here}/photos/{sent}.jpg").status_code == 410
    web.post(f"{here}/restore")
    assert len(web.get(f"{here}/log").json()["photos"]) == 1
    web.delete(f"{here}/photos/{sent}")
    assert not web.get(f"{here}/log").json()["photos"]
    web.post(f"{here}/photos/{sent}/restore")
    assert len(web.get(f"{here}/log").json()["photos"]) == 1


def test_bad_entries_and_photos_are_refused(web: TestClient) -> None:
    here = f"/api/blocks/{saved(web, WEIR_GATE)}"
    assert faults(web.post(f"{here}/notes", json={"kind": "note", "text": "  "})) == ["text"]
    left = {"length": "2", "pieces": 8, "left": "3", "wanted": 16}
    answer = web.post(f"{here}/notes", json={"kind": "left-over", "left_over": left})
    assert faults(answer) == ["left"]
    assert faults(web.post(f"{here}/photos", content=b"GIF89a")) == [""]
    large = web.post(f"{here}/photos", content=b"\xff" * (MOST_PHOTO_BYTES + 200_000))
    assert large.status_code == 413 and "8 MB" in large.json()["faults"][0]["message"]


MOMENT = "2026-11-01T10:00:00Z"


@pytest.mark.parametrize("path", ["../photos/1.jpg", "photos/1.png", "/etc/1.jpg", "#12"])
def test_a_parcel_with_a_photo_elsewhere_says_what_a_path_must_be(
    web: TestClient, path: str
) -> None:
    packed = io.BytesIO()
    with zipfile.ZipFile(packed, "w") as parcel:
        parcel.writestr("block.yonk.json", json.dumps(WEIR_GATE))
        log = {"format": "yonk-log/1", "photos": [{"file": path, "made": MOMENT}]}
        parcel.writestr("log.json", json.dumps(log))
    answer = web.post("/api/blocks/import", content=packed.getvalue())
    assert answer.status_code == 422
    told = [one["message"] for one in answer.json()["faults"]]
    assert told == ["must be the path of a photo in the parcel, such as photos/1.jpg"]


@pytest.mark.parametrize(
    "photos",
    [{}, {"photos/1.jpg": b"no picture"}, {"photos/1.jpg": b"\0" * (MOST_PHOTO_BYTES + 1)}],
)
def test_a_parcel_that_is_not_sound_keeps_nothing(
    web: TestClient, photos: dict[str, bytes]
) -> None:
    log = LogFile.model_validate(
        {
            "notes": [{"kind": "note", "made": MOMENT}],
            "photos": [{"file": "photos/1.jpg", "made": MOMENT}],
        }
    )
    assert isinstance(log.notes[0], NotePart) and isinstance(log.photos[0], PhotoPart)
    total = web.get("/api/blocks").json()["total"]
    parcel = write_parcel(json.dumps(WEIR_GATE), log, photos)
    assert web.post("/api/blocks/import", content=parcel).status_code == 422
    for broken in (parcel[: len(parcel) // 2], b"PK\x03\x04" + b"\0" * 90):
        assert web.post("/api/blocks/import", content=broken).status_code == 422
    assert web.get("/api/blocks").json()["total"] == total


def test_the_samples_have_measurements(web: TestClient, engine: Engine) -> None:
    lay_out_samples(engine)
    found = web.get("/api/blocks?search=Weir").json()["blocks"]
    gate = next(one for one in found if one["name"] == "Weir Gate" and one["blocks"] == 12)
    logs = [
        web.get(f"/api/blocks/{one['id']}/log").json()
        for one in found
        if one["name"] == "Weir Gate"
    ]
    assert gate and any(log["next_time"] for log in logs)
    assert len(log_of(web)["tests"]) >= 7
