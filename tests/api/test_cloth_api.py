"""Pictures of cloth over the wire: kept once, shown on shelf and block, carried in a parcel."""

from __future__ import annotations

import json
import zipfile
from io import BytesIO
from typing import Any

import pytest
from fastapi.testclient import TestClient
from PIL import Image

from tests.api.test_sewing_api import WEIR_GATE
from tests.core.test_cloth_picture import as_file, dotted
from yonk.files.block_file import BadFileError, take_block

Json = dict[str, Any]
TOLD = {"part": [0.25, 0.1, 0.75, 0.6], "line": [0, 0.99, 1, 0.99], "length": "10"}


def photographed(web: TestClient, **more: object) -> Json:
    answer = web.post("/api/cloth", content=as_file(dotted()), params=TOLD | more)
    assert answer.status_code == 201, answer.text
    found: Json = answer.json()
    return found


def on_the_shelf(web: TestClient, seen: Json, **more: object) -> Json:
    shown = seen["picture"]
    picture = {"file": shown["file"], "width": shown["exact"][0], "height": shown["exact"][1]}
    body = {"name": "Dotted", "colour": seen["colour"], "value": seen["value"], "picture": picture}
    kept = web.post("/api/fabrics", json=body | more)
    assert kept.status_code == 201, kept.text
    found: Json = kept.json()
    return found


def put(web: TestClient, document: Json, **fabric: object) -> Json:
    act = {"do": "fabric", "key": "", **fabric}
    answer = web.post("/api/draft", json={"document": document, "acts": [act]})
    assert answer.status_code == 200, answer.text
    found: Json = answer.json()
    return found


def test_a_photo_becomes_a_picture_that_is_fetched_and_kept_once(web: TestClient) -> None:
    seen = photographed(web)
    assert seen["value"] == "light" and seen["picture"]["exact"] == ["23/5", "3683/1000"]
    assert photographed(web) == seen
    answer = web.get(seen["picture"]["address"])
    assert answer.status_code == 200 and answer.headers["content-type"] == "image/jpeg"
    assert "immutable" in answer.headers["cache-control"]
    Image.open(BytesIO(answer.content)).verify()
    gone = web.get(f"/api/cloth/{'0' * 32}.jpg")
    assert gone.status_code == 404 and gone.headers["cache-control"] == "no-store"


@pytest.mark.parametrize(
    ("more", "place"),
    [
        ({"length": "far"}, "length"),
        ({"length": "900"}, "length"),
        ({"part": [0.2, 0.2, 1.2, 0.9]}, "part"),
        ({"line": [0.2, 0.2, 0.2, 0.2]}, ""),
        ({"part": [0.2, 0.2, 0.21, 0.21]}, ""),
    ],
)
def test_what_gives_no_picture_is_said_at_its_place(
    web: TestClient, more: Json, place: str
) -> None:
    answer = web.post("/api/cloth", content=as_file(dotted()), params=TOLD | more)
    assert answer.status_code == 422
    [fault] = answer.json()["faults"]
    assert fault["place"] == place and fault["message"]
    assert web.post("/api/cloth", content=b"no photo", params=TOLD).status_code == 422


def test_a_block_shows_what_its_fabric_showed_when_it_was_taken(web: TestClient) -> None:
    """Also where the shelf tells it in centimetres; an act that says nothing of it leaves it."""
    seen = photographed(web, unit="cm", length="25.4")
    kept = on_the_shelf(web, seen, unit="cm")
    assert kept["picture"]["address"] == seen["picture"]["address"]
    width, height = kept["picture"]["exact"]
    told = {"file": kept["picture"]["file"], "width": width, "height": height, "unit": "cm"}
    draft = put(
        web, WEIR_GATE, name="Dotted", colour=seen["colour"], shelf=kept["id"], picture=told
    )
    shown = draft["fabrics"][-1]
    assert shown["picture"]["width"] == pytest.approx(4.6, abs=0.001)
    document = draft["document"]
    written = document["fabrics"][-1]["picture"]
    assert written["media"] == "image/jpeg" and written["file"] == told["file"]
    again = put(web, document, **{"key": shown["key"], "name": "Dots", "colour": "#123456"})
    assert again["document"]["fabrics"][-1]["picture"] == written
    without = put(
        web, document, **{"key": shown["key"], "name": "Dots", "colour": "#123456", "picture": {}}
    )
    assert "picture" not in without["document"]["fabrics"][-1]
    bad = {
        "do": "fabric",
        "key": "",
        "name": "X",
        "colour": "#123456",
        "picture": told | {"file": "../x"},
    }
    refused = web.post("/api/draft", json={"document": WEIR_GATE, "acts": [bad]})
    assert refused.status_code == 422


def test_a_block_that_changes_its_unit_shows_as_much_of_the_cloth(web: TestClient) -> None:
    """Exactly, there and back, and the file can be read in both."""
    seen = photographed(web)
    width, height = seen["picture"]["exact"]
    told = {"file": seen["picture"]["file"], "width": width, "height": height}
    document = put(web, WEIR_GATE, name="Dotted", colour="#ffffff", picture=told)["document"]
    for unit, inches in (("cm", 2.54), ("in", 1)):
        size = {"do": "resize", "width": "23", "height": "20", "unit": unit}
        answer = web.post("/api/draft", json={"document": document, "acts": [size]}).json()
        shown = answer["fabrics"][-1]["picture"]
        assert shown["width"] == pytest.approx(4.6 * inches, abs=1e-9)
        assert shown["height"] == pytest.approx(3.683 * inches, abs=1e-9)
        document = answer["document"]
        assert take_block(document).unit == unit
    assert document["fabrics"][-1]["picture"]["inches"] == width


def test_a_file_names_a_picture_within_bounds(web: TestClient) -> None:
    """A bare file names it only: what is not kept here is drawn by its mark."""

    def with_picture(**told: object) -> Json:
        fabrics = [WEIR_GATE["fabrics"][0] | {"picture": {"file": "fabrics/fog.jpg", **told}}]
        return WEIR_GATE | {"fabrics": fabrics + WEIR_GATE["fabrics"][1:]}

    shown = take_block(with_picture(inches="4")).fabrics[0].picture
    assert shown and (shown.width, shown.height) == (4, 4)
    draft = web.post("/api/draft", json={"document": with_picture(inches="4", height="3")}).json()
    assert draft["fabrics"][0]["picture"]["address"] is None
    for wrong in (
        {"inches": "0"},
        {"inches": "900"},
        {"inches": "4", "height": "1/100"},
        {"inches": "4", "media": "image/svg+xml"},
        {"inches": "4", "file": "fabrics/../../x.jpg"},
        {},
    ):
        with pytest.raises(BadFileError) as told:
            take_block(with_picture(**wrong))
        assert told.value.faults[0].place.startswith("fabrics[0].picture"), wrong


def test_a_parcel_carries_them_and_they_are_written_anew(web: TestClient) -> None:
    seen = photographed(web)
    width, height = seen["picture"]["exact"]
    told = {"file": seen["picture"]["file"], "width": width, "height": height}
    document = put(web, WEIR_GATE, name="Dotted", colour="#ffffff", picture=told)["document"]
    block = web.post("/api/blocks", json={"document": document}).json()
    parcel = web.get(f"/api/blocks/{block['id']}/parcel.zip").content
    with zipfile.ZipFile(BytesIO(parcel)) as opened:
        assert told["file"] in opened.namelist()
    back = web.post("/api/blocks/import", content=parcel).json()
    file = back["document"]["fabrics"][-1]["picture"]["file"]
    digest = file.removeprefix("fabrics/").removesuffix(".jpg")
    assert web.get(f"/api/cloth/{digest}.jpg").status_code == 200
    spoiled = BytesIO()
    with zipfile.ZipFile(spoiled, "w") as made:
        made.writestr("block.yonk.json", json.dumps(document))
        made.writestr(told["file"], b"<svg/>")
        made.writestr("fabrics/other.jpg", b"not named, so not read")
    refused = web.post("/api/blocks/import", content=spoiled.getvalue())
    assert refused.status_code == 422
    everything = web.get("/api/account/everything.zip").content
    with zipfile.ZipFile(BytesIO(everything)) as opened:
        assert told["file"] in opened.namelist()


def test_the_shelf_is_sorted_by_what_a_fabric_looks_like(web: TestClient) -> None:
    for name, colour in (("A sky", "#8fa9d6"), ("B brick", "#a63a2b"), ("C wine", "#8f2f3b")):
        body = {"name": name, "colour": colour}
        assert web.post("/api/fabrics", json=body).status_code == 201
    found = web.get("/api/fabrics", params={"like": "firebrick"}).json()
    assert [one["name"] for one in found][-1] == "A sky"
    assert web.get("/api/fabrics", params={"like": "no colour"}).status_code == 422
    begun = web.get("/api/fabrics/next").json()
    assert begun["colour"] not in {one["colour"] for one in found}


def test_colours_as_typed_darker_and_lighter(web: TestClient) -> None:
    known = web.get("/api/colours", params={"of": "Teal"}).json()
    assert known["colour"] == "#008080" and len(known["shades"]) == 7
    assert known["dyes"][0] == {"name": "Peat", "colour": "#3b2a20", "value": "dark"}
    for of in ("teall", "", "rgb(0 0 0 / 10%)"):
        refused = web.get("/api/colours", params={"of": of})
        assert refused.status_code == 422 and "is no colour" in refused.text


def test_a_fabric_lies_on_piles_each_once(web: TestClient) -> None:
    body = {
        "name": "Tarn",
        "colour": "#2d566f",
        "piles": [" hut  darks", "Hut darks", "", "bundle"],
    }
    kept = web.post("/api/fabrics", json=body).json()
    assert kept["piles"] == ["hut darks", "bundle"]
    long = web.post("/api/fabrics", json=body | {"piles": ["x" * 200]})
    assert long.status_code == 422 and long.json()["faults"][0]["place"] == "piles"


def test_what_is_changed_on_the_shelf_is_offered_to_blocks_and_quilts(web: TestClient) -> None:
    kept = on_the_shelf(web, photographed(web))
    taken = {key: kept[key] for key in ("name", "colour", "value", "print")} | {"shelf": kept["id"]}
    exact = kept["picture"]["exact"]
    shown = {"file": kept["picture"]["file"], "width": exact[0], "height": exact[1], "unit": "in"}
    document = put(web, WEIR_GATE, **taken, picture=shown)["document"]

    def changed(document: Json) -> list[Json]:
        answer = web.post("/api/fabrics/changed", json={"document": document})
        assert answer.status_code == 200, answer.text
        found: list[Json] = answer.json()
        return found

    assert changed(document) == []
    block = web.post("/api/blocks", json={"document": document}).json()["id"]
    quilt = web.post("/api/quilts", json={"blocks": [block], "name": "Throw"}).json()["document"]
    act = {"do": "fabric", "key": "", **taken, "picture": shown}
    quilt = web.post("/api/quilt", json={"document": quilt, "acts": [act]}).json()["document"]
    assert changed(quilt) == []
    body = {"name": "Dotted", "colour": "#445566", "value": "dark", "revision": 1}
    assert web.put(f"/api/fabrics/{kept['id']}", json=body).status_code == 200
    (one,) = changed(document)
    assert one["name"] == "Dotted" and one["fabric"]["colour"] == "#445566"
    assert [two["fabric"] for two in changed(quilt)] == [one["fabric"]]
    anew = {"name": "Dotted", "colour": "#445566", "value": "dark", "picture": {"file": ""}}
    acts = [{"do": "fabric", "key": one["key"], **anew}]
    answer = web.post("/api/draft", json={"document": document, "acts": acts})
    assert changed(answer.json()["document"]) == []


def test_what_is_printed_shows_the_cloth(web: TestClient) -> None:
    kept = on_the_shelf(web, photographed(web))
    exact = kept["picture"]["exact"]
    shown = {"file": kept["picture"]["file"], "width": exact[0], "height": exact[1], "unit": "in"}
    first = {name: WEIR_GATE["fabrics"][0][name] for name in ("key", "name", "colour", "value")}
    acts = [{"do": "fabric", **first, "picture": shown}]
    answer = web.post("/api/draft", json={"document": WEIR_GATE, "acts": acts})
    assert answer.status_code == 200, answer.text
    document = answer.json()["document"]
    for path in ("cutting.pdf", "steps.pdf", "sewing.pdf", "everything.pdf"):
        plain, seen = (
            web.post(f"/api/files/{path}", json={"document": one, "sheets": ["cover", "cutting"]})
            for one in (WEIR_GATE, document)
        )
        assert plain.status_code == seen.status_code == 200
        assert b"/DCTDecode" in seen.content and b"/DCTDecode" not in plain.content, path
