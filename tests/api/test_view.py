"""What the screen is told of a draft, over the API."""

from __future__ import annotations

import re
from typing import Any

import pytest
import shapely
from fastapi.testclient import TestClient

from yonk.api.shown import picture_by_fabric
from yonk.core.paper import Draft
from yonk.core.planning import read
from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples

SAMPLES = {draft.name: write_block(draft) for draft in all_samples()}


def drawn(web: TestClient, name: str, *acts: dict[str, Any], **more: Any) -> dict[str, Any]:
    answer = web.post("/api/draft", json={"document": SAMPLES[name], "acts": list(acts)} | more)
    assert answer.status_code == 200, answer.text
    return answer.json()


@pytest.mark.parametrize("name", SAMPLES)
def test_every_sample_is_drawn_whole(web: TestClient, name: str) -> None:
    view = drawn(web, name, stretches=True, outlines=True)
    sheet = view["sheet"]
    total = sum(abs(_area(face["outline"])) for face in view["faces"])
    assert total == pytest.approx(sheet["width"] * sheet["height"], rel=1e-4)
    assert len(view["cells"]) == len(sheet["rows"]) and len(view["cells"][0]) == len(
        sheet["columns"]
    )
    labels = {unit["label"] for unit in view["units"]}
    assert len(view["faces"]) == len(view["face_letters"]) == len(view["face_members"])
    assert {unit_of(view, face) for face in range(len(view["faces"]))} <= labels
    lines = [cut for group in view["cutting"] for cut in group["cuts"]]
    assert {label for cut in lines for label in cut["units"]} <= labels
    assert all(
        cut["working"][-1].startswith("on the ruler") or "left over" in cut["working"][-1]
        for cut in lines
    )
    assert len(view["outlines"]) == max(view["face_members"]) + 1
    assert len({tuple(face["at"]) for face in view["faces"]}) == len(view["faces"])


def unit_of(view: dict[str, Any], face: int) -> str:
    return str(view["held"][view["members"][view["face_members"][face]]]["unit"])


def _area(ring: list[list[float]]) -> float:
    turned = ring[1:] + ring[:1]
    return sum(a[0] * b[1] - b[0] * a[1] for a, b in zip(ring, turned, strict=True)) / 2


@pytest.mark.parametrize("name", SAMPLES)
def test_every_patch_is_cut_by_a_line_of_its_fabric(web: TestClient, name: str) -> None:
    view = drawn(web, name)
    cutting = {group["fabric"]: group["cuts"] for group in view["cutting"]}
    for number, face in enumerate(view["faces"]):
        letter = view["face_letters"][number]
        lines = [
            cut
            for cut in cutting[face["fabric"]]
            if unit_of(view, number) in cut["units"] and letter in cut["letters"]
        ]
        assert lines, (name, letter, face["fabric"])


def cell_words(view: dict[str, Any], row: int, column: int) -> str:
    member = view["cells"][row][column]
    return "a seam" if member is None else view["held"][view["members"][member]]["words"]


def test_cells_are_spoken_and_a_span_speaks_for_all_its_cells(web: TestClient) -> None:
    view = drawn(web, "Hut Window")
    assert {member for row in view["cells"] for member in row} == {0}
    assert cell_words(view, 1, 0).startswith("square in a square 1")
    gate = drawn(web, "Weir Gate")
    assert cell_words(gate, 0, 0) == "half-square triangle 1, Peat over Fog"
    assert cell_words(gate, 2, 0) == "half-square triangle 1, Fog over Peat"


def test_a_cell_with_a_seam_where_it_is_looked_at_still_tells_its_unit(web: TestClient) -> None:
    document = SAMPLES["Clint"] | {
        "finished": {"width": "6", "height": "6"},
        "grid": {"columns": ["1"], "rows": ["1"]},
        "seams": [[["0", "17/48"], ["1", "17/48"]]],
        "patches": [],
    }
    view = web.post("/api/draft", json={"document": document}).json()
    assert len(view["faces"]) == 2 and view["cells"][0][0] is not None


def test_an_empty_board_is_no_checker(web: TestClient) -> None:
    document = web.post("/api/blocks", json={}).json()["document"]
    view = web.post("/api/draft", json={"document": document}).json()
    assert cell_words(view, 1, 1) == "squares without a fabric 1, No fabric yet"
    assert [unit["words"] for unit in view["units"]] == ["squares without a fabric"]
    assert "squares without a fabric" in view["cutting"][0]["cuts"][0]["purpose"]


@pytest.mark.parametrize("name", ["Gale Lantern", "Scree"])
def test_in_pieces_only_what_changed_is_sent(web: TestClient, name: str) -> None:
    whole = drawn(web, name)
    first = drawn(web, name, known=[])
    assert not first["faces"] and not first["cells"] and not first["document"]["patches"]
    rows = {of: [] for of in ("faces", "cells", "seams", "patches")}  # type: ignore[var-annotated]
    for piece in first["pieces"]:
        rows[piece["of"]] += piece["rows"]
    assert rows["faces"] == whole["faces"] and rows["cells"] == whole["cells"]
    assert rows["seams"] == whole["document"]["seams"]
    assert rows["patches"] == whole["document"]["patches"]
    names = [piece["name"] for piece in first["pieces"]]
    again = drawn(web, name, known=names)
    assert [piece["name"] for piece in again["pieces"]] == names
    assert all(piece["rows"] is None for piece in again["pieces"])
    act = {"do": "paint", "at": whole["faces"][0]["at"], "fabric": whole["fabrics"][-1]["key"]}
    painted = drawn(web, name, known=names, acts=[act])
    sent = {piece["of"] for piece in painted["pieces"] if piece["rows"] is not None}
    assert sent == {"faces", "patches"}
    assert drawn(web, name, known=names[:1])["pieces"][0]["rows"] is None


def test_a_patch_more_leaves_the_pieces_behind_it_as_they_were(web: TestClient) -> None:
    ones, far = ["1"] * 16, "16"
    lines = [str(line) for line in range(1, 16)]
    seams = [[[line, "0"], [line, far]] for line in lines]
    seams += [[["0", line], [far, line]] for line in lines]
    seams += [[["0", line], [line, "0"]] for line in (*lines, far)]
    seams += [[[line, far], [far, line]] for line in lines]
    document = SAMPLES["Clint"] | {
        "finished": {"width": "16", "height": "16"},
        "grid": {"columns": ones, "rows": ones},
        "seams": seams,
        "patches": [],
    }
    asked: dict[str, Any] = {"document": document, "acts": [], "known": []}
    names = [piece["name"] for piece in web.post("/api/draft", json=asked).json()["pieces"]]
    act = {
        "do": "put",
        "unit": "patch",
        "cell": {"column": 3, "row": 1},
        "fabrics": [document["fabrics"][0]["key"]],
    }
    asked |= {"acts": [act], "known": names}
    view = web.post("/api/draft", json=asked).json()
    assert len(view["face_letters"]) == 511 and set(view["face_letters"]) == {"A", "B"}
    sent = [piece for piece in view["pieces"] if piece["rows"] is not None]
    assert {"faces", "seams", "patches"} <= {piece["of"] for piece in sent}
    assert sum(len(piece["rows"]) for piece in sent if piece["of"] == "faces") < 511 / 2
    whole = web.post("/api/draft", json=asked | {"known": []}).json()
    rows = [row for piece in whole["pieces"] if piece["of"] == "faces" for row in piece["rows"]]
    del asked["known"]
    assert rows == web.post("/api/draft", json=asked).json()["faces"]


def test_names_of_pieces_have_bounds(web: TestClient) -> None:
    for known in (["x" * 17], ["x"] * 4001, "x"):
        refused = web.post("/api/draft", json={"document": {}, "known": known})
        assert refused.status_code == 422


def test_sizes_are_named_and_typed_back(web: TestClient) -> None:
    view = drawn(web, "Stile", {"do": "resize", "width": "7 1/2", "height": "7,5"})
    assert (view["sheet"]["finished_width"], view["sheet"]["unfinished"]) == ("7 1/2", "8″")
    cm = drawn(web, "Bracken Rails")
    assert (cm["sheet"]["settings"]["seam"]["value"], cm["sheet"]["rows"][0]["finished"]) == (
        "0.75",
        "5 cm",
    )


def test_a_fault_of_an_act_names_its_field_and_changes_nothing(web: TestClient) -> None:
    body = {
        "document": SAMPLES["Stile"],
        "acts": [{"do": "line-length", "axis": "columns", "line": 0, "length": "much"}],
    }
    answer = web.post("/api/draft", json=body)
    assert answer.status_code == 422
    assert answer.json()["faults"][0]["place"] == "columns 1"


def test_acts_in_a_row_are_done_in_a_row_or_not_at_all(web: TestClient) -> None:
    good = {"do": "making", "blocks": 7}
    assert drawn(web, "Stile", good, {"do": "rename", "name": "Style"})["sheet"]["blocks"] == 7
    bad = web.post(
        "/api/draft",
        json={"document": SAMPLES["Stile"], "acts": [good, {"do": "rename", "name": ""}]},
    )
    assert bad.status_code == 422


def test_the_method_of_one_group_is_chosen_and_given_back(web: TestClient) -> None:
    view = drawn(web, "Weir Gate")
    unit = next(one for one in view["units"] if one["kind"] == "half-square-triangle")
    choose = {"do": "method", "kind": unit["kind"], "method": "cut-and-sew", "at": unit["at"]}
    chosen = drawn(web, "Weir Gate", choose)
    one = next(one for one in chosen["units"] if one["kind"] == "half-square-triangle")
    assert (one["method"], one["chosen"]) == ("cut-and-sew", True)
    back = drawn(web, "Weir Gate", choose, choose | {"method": None})
    assert not next(one for one in back["units"] if one["kind"] == "half-square-triangle")["chosen"]


def test_the_tray_holds_every_kind_that_can_be_put_in(web: TestClient) -> None:
    tray = {stamp["kind"]: stamp for stamp in web.get("/api/tray").json()}
    assert len(tray) == 10 and "pieced" not in tray
    assert (tray["flying-geese"]["columns"], tray["flying-geese"]["rows"]) == (2, 1)
    for kind, stamp in tray.items():
        assert sum(abs(_area(part["outline"])) for part in stamp["parts"]) == pytest.approx(
            stamp["columns"] * stamp["rows"]
        ), kind


def test_colourings_come_with_pictures_and_units_of_their_own(web: TestClient) -> None:
    view = drawn(web, "Hut Window")
    first, dusk = view["colourings"]
    assert (first["number"], dusk["number"], dusk["blocks"]) == (None, 0, 3)
    assert len(dusk["picture"]) == len(view["faces"])
    assert [unit["at"] is None for unit in view["units"]] == [False, True]
    assert [unit["total"] for unit in view["units"]] == [9, 3]
    assert drawn(web, "Weir Gate")["colourings"] == []


def test_a_size_chart_over_the_wire(web: TestClient) -> None:
    asked = {"document": SAMPLES["Stile"], "start": "7", "end": "8", "step": "1/2"}
    rows = web.post("/api/draft/sizes", json=asked).json()
    assert [(row["finished"], row["on_the_ruler"], row["chosen"]) for row in rows] == [
        ("7″", True, False),
        ("7 1⁄2″", True, True),
        ("8″", True, False),
    ]
    refused = web.post("/api/draft/sizes", json=asked | {"end": "6"})
    assert refused.json()["faults"][0]["place"] == "end"


def test_svg_out_and_in_over_the_wire(web: TestClient) -> None:
    svg = web.post("/api/files/block.svg", json={"document": SAMPLES["Gale Lantern"]})
    assert svg.headers["content-type"].startswith("image/svg+xml")
    back = web.post(
        "/api/draft/from-svg",
        json={"document": SAMPLES["Gale Lantern"], "svg": svg.text, "parts": 2},
    ).json()
    assert len(back["draft"]["faces"]) == len(drawn(web, "Gale Lantern")["faces"])
    assert re.fullmatch(r"\d+ seams taken from \d+ straight lines\.", back["report"][0])
    assert len(back["report"]) == 1
    bad = web.post(
        "/api/draft/from-svg", json={"document": SAMPLES["Stile"], "svg": "<svg", "parts": 2}
    )
    assert bad.status_code == 422 and bad.json()["code"] == "bad-document"
    assert web.get("/api/blocks").json()["blocks"] == [], "nothing of this is stored"


def test_the_schema_and_the_page_are_served(web: TestClient) -> None:
    assert web.get("/api/schema/block.json").json()["title"] == "BlockIn"
    for path in ("/", "/blocks/any/draft"):
        assert '<div id="root">' in web.get(path).text
    assert web.get("/../pyproject.toml").text.startswith("<!doctype html>")


def test_the_size_chart_has_true_minus_signs(web: TestClient) -> None:
    document = web.post("/api/blocks", json={}).json()["document"]
    asked = {"document": document, "start": "9 1/4", "end": "10", "step": "1/4"}
    rows = web.post("/api/draft/sizes", json=asked).json()
    signs = {cell["off"][:1] for row in rows for cell in row["cells"]}
    assert signs == {"+", "\u2212", ""}
    assert [row["on_the_ruler"] for row in rows] == [False, False, True, False]


@pytest.mark.parametrize("sample", [*all_samples()], ids=lambda one: one.name)
def test_a_small_picture_shows_each_colour_where_its_patches_are(sample: Draft) -> None:
    reading = read(sample)
    painted: dict[str, shapely.Geometry] = {}
    for part in picture_by_fabric(reading):  # what comes later lies over what came before
        shape = shapely.Polygon(part.outline)
        painted = {colour: one.difference(shape) for colour, one in painted.items()}
        painted[part.colour] = painted.get(part.colour, shapely.Polygon()).union(shape)
    areas: dict[str, float] = {}
    for face, key in zip(reading.drawing.faces, reading.fabrics, strict=True):
        colour = sample.fabric(key).colour
        areas[colour] = areas.get(colour, 0) + face.twice_area / 2 / reading.drawing.scale**2
    near = 0.02 * float(sample.width * sample.height)
    assert {colour: one.area for colour, one in painted.items()} == pytest.approx(areas, abs=near)
