"""Paper that comes back: printed, ticked by a pen, photographed by the simulated camera, read, and
told to the table of a real MariaDB.
"""

from __future__ import annotations

import json
import random
from collections.abc import Collection, Iterable
from concurrent.futures import ThreadPoolExecutor
from io import BytesIO

import pytest
from fastapi.testclient import TestClient
from PIL import Image

from tests.api.test_cutting_api import WEIR_GATE, cut
from tests.api.test_sewing_api import Json, sewing, tell
from tests.camera import Shot, marked, photographed, printed_pages
from tests.core.test_setting import quilt_of
from yonk.files.quilt_file import write_quilt

GOOD = Shot(turned=4, leaning=0.03, shade=0.2, blur=0.8, grain=2, longer=1800)


def new_block(web: TestClient, document: Json = WEIR_GATE) -> str:
    return str(web.post("/api/blocks", json={"document": document}).json()["id"])


def printed(web: TestClient, path: str, asked: Json) -> list[Image.Image]:
    answer = web.post(f"/api/files/{path}", json=asked)
    assert answer.status_code == 200, answer.text
    return printed_pages(answer.content)


def photo(picture: Image.Image, shot: Shot = GOOD, seed: int = 1) -> bytes:
    return photographed(picture, shot, random.Random(seed))


def read(web: TestClient, content: bytes, **more: object) -> list[Json]:
    answer = web.post("/api/sheets/read", content=content, params=more)
    assert answer.status_code == 200, answer.text
    return list(answer.json()["pages"])


def ticked(
    web: TestClient, picture: Image.Image, chosen: Collection[int], shot: Shot = GOOD
) -> tuple[Json, list[int]]:
    """A page on which the boxes of some words are ticked, as it is read, and what is ticked."""
    (blank,) = read(web, photo(picture))
    wide, high = (one * 72 / 250 for one in picture.size)
    boxes = [(b["x"] * wide, b["y"] * high, b["width"] * wide) for b in blank["boxes"]]
    assert {box["read"] for box in blank["boxes"]} == {"empty"}
    pen = marked(picture, boxes, dict.fromkeys(chosen, "cross"), random.Random(2))
    (page,) = read(web, photo(pen, shot))
    found = [box["number"] for box in page["boxes"] if box["read"] == "ticked"]
    assert found == [blank["boxes"][number]["number"] for number in sorted(chosen)]
    return page, found


def take(web: TestClient, page: Json, numbers: list[int]) -> list[str]:
    asked = {"ticked": numbers}
    told = web.post(f"/api/sheets/{page['code']}/news", json=asked).json()["news"]
    answer = web.post(f"/api/sheets/{page['code']}/take", json=asked | {"device": "pen"})
    assert answer.status_code == 200, answer.text
    assert answer.json()["news"] == told
    return list(told)


def counts(web: TestClient, block: str) -> dict[str, int]:
    found = cut(web, WEIR_GATE, block_id=block)["fabrics"]
    lines = [(one["name"], line) for one in found for line in one["lines"]]
    return {f"{name} {line['size']}": line["there"] for name, line in lines}


def test_a_ticked_list_becomes_entries_once(web: TestClient) -> None:
    block = new_block(web)
    asked = {"document": WEIR_GATE, "block_id": block}
    first, *_ = printed(web, "cutting.pdf", asked)
    page, numbers = ticked(web, first, [1])
    assert (page["title"], page["owner"], page["kind"], page["fault"]) == (
        "Weir Gate: cutting list for all blocks",
        block,
        "block",
        "",
    )
    assert page["boxes"][1]["words"] == "48 Fog squares 3 1⁄2″"
    assert take(web, page, numbers) == ["48 Fog squares 3 1⁄2″ cut"]
    assert counts(web, block)["Fog 3 1⁄2″"] == 48
    assert take(web, page, numbers) == [], "the same photo again tells nothing"
    undo = {"name": "back-1234", "place": "cut", "device": "pen"}
    assert web.post(f"/api/tables/{block}/take-back", json=undo).json()["words"] == (
        "from paper: Weir Gate: cutting list for all blocks"
    )
    assert counts(web, block)["Fog 3 1⁄2″"] == 0
    assert take(web, page, numbers) == ["48 Fog squares 3 1⁄2″ cut"]


def test_strips_and_what_was_told_on_the_screen_are_not_told_twice(web: TestClient) -> None:
    """Strips of a line, then the line; five squares were told on the screen meanwhile."""
    block = new_block(web)
    first, *_ = printed(web, "cutting.pdf", {"document": WEIR_GATE, "block_id": block})
    page, numbers = ticked(web, first, [2, 4])
    words = [page["boxes"][number]["words"] for number in (2, 4)]
    assert words == ["Fog: 8″ strip: 5 of 8″", "Fog: 3 1⁄2″ strip: 11 of 3 1⁄2″"]
    line = cut(web, WEIR_GATE, block_id=block)["fabrics"][0]["lines"][0]
    tell(web, block, {"kind": "cut", "thing": line["thing"], "amount": 3})
    assert take(web, page, numbers) == ["2 Fog squares 8″ cut", "11 Fog squares 3 1⁄2″ cut"]
    assert (counts(web, block)["Fog 8″"], counts(web, block)["Fog 3 1⁄2″"]) == (5, 11)
    page, numbers = ticked(web, first, [0, 2, 4])
    assert take(web, page, numbers) == ["1 Fog square 8″ cut"]
    assert counts(web, block)["Fog 8″"] == 6
    again, *_ = printed(web, "cutting.pdf", {"document": WEIR_GATE, "block_id": block})
    (anew,) = read(web, photo(again))
    assert anew["boxes"][0]["words"] == "37 Fog squares 3 1⁄2″", "what is there is printed ticked"


def test_one_that_went_wrong_is_cut_again_on_the_next_print(web: TestClient) -> None:
    block = new_block(web)
    asked = {"document": WEIR_GATE, "block_id": block}
    first, *_ = printed(web, "cutting.pdf", asked)
    page, numbers = ticked(web, first, [0])
    take(web, page, numbers)
    thing = json.dumps({"fabric": "fog", "width": "8", "height": "5"})
    line = cut(web, WEIR_GATE, block_id=block)["fabrics"][0]["lines"][0]["thing"]
    tell(
        web,
        block,
        {"kind": "cut", "thing": line, "amount": -1},
        {"kind": "spoiled", "thing": thing, "amount": 1},
    )
    assert take(web, page, numbers) == [], "the old print does not cut it anew"
    second, *_ = printed(web, "cutting.pdf", asked)
    page, numbers = ticked(web, second, [0])
    assert page["boxes"][0]["words"] == "1 Fog square 8″"
    assert take(web, page, numbers) == ["1 Fog square 8″ cut"]
    assert counts(web, block)["Fog 8″"] == 6


def test_a_sewing_sheet_tells_joins_and_units_with_their_pieces(web: TestClient) -> None:
    block = new_block(web)
    lines = cut(web, WEIR_GATE, block_id=block)["fabrics"]
    tell(web, block, *[change for one in lines for line in one["lines"] for change in line["on"]])
    asked = {"document": WEIR_GATE, "block_id": block, "paper": "a4"}
    first, *_ = printed(web, "sewing.pdf", asked)
    page, numbers = ticked(web, first, [0, 1, 2, 3])
    assert take(web, page, numbers) == [
        "48 × Make the half-square triangle 1 by its recipe: eight at a time.",
        "3 × Sew Fog B to Gorse B, Gorse B up.",
    ]
    steps = sewing(web, WEIR_GATE, block_id=block)["steps"]
    assert [step["done"] for step in steps[:3]] == [48, 3, 0]
    fog = cut(web, WEIR_GATE, block_id=block)["fabrics"][0]["lines"][0]
    assert (fog["there"], fog["in_units"]) == (6, 6), "the squares are in the units now"
    assert take(web, page, numbers) == []


def test_told_from_two_devices_at_once_nothing_is_told_twice(web: TestClient) -> None:
    block = new_block(web)
    asked = {"document": WEIR_GATE, "block_id": block}
    (listed, *_), (sewn, *_) = (printed(web, f"{one}.pdf", asked) for one in ("cutting", "sewing"))
    sheets = [ticked(web, listed, [0, 1, 2]), ticked(web, sewn, [0, 1, 2])]

    def told(number: int) -> int:
        page, numbers = sheets[number % 2]
        sent = {"ticked": numbers, "device": f"device-{number}"}
        return web.post(f"/api/sheets/{page['code']}/take", json=sent).status_code

    with ThreadPoolExecutor(6) as hands:
        assert set(hands.map(told, range(12))) == {200}
    steps = sewing(web, WEIR_GATE, block_id=block)["steps"]
    assert [step["done"] for step in steps[:3]] == [48, 2, 0]
    told_of = web.get(f"/api/tables/{block}/entries").json()["entries"]
    assert len(told_of) == 3, "the list, the unit, the joins: each once"
    assert counts(web, block)["Fog 3 1⁄2″"] == 48


def test_the_sheets_of_a_quilt_come_back(web: TestClient) -> None:
    document = json.loads(json.dumps(write_quilt(quilt_of())))
    quilt = web.post("/api/quilts", json={"document": document}).json()["id"]
    pages = printed(web, "quilt.pdf", {"document": document, "quilt_id": quilt})

    def first_with_boxes(among: Iterable[Image.Image]) -> tuple[Image.Image, Json]:
        return next(
            (picture, found)
            for picture in among
            for found in read(web, photo(picture))
            if found["boxes"]
        )

    listed, sewn = first_with_boxes(pages), first_with_boxes(reversed(pages))
    page, numbers = ticked(web, listed[0], [0])
    assert page["kind"] == "quilt" and take(web, page, numbers)[0].endswith(" cut")
    page, numbers = ticked(web, sewn[0], [0])
    assert take(web, page, numbers)[0].startswith("1 × ")
    done = web.post("/api/quilt/sew", json={"document": document, "quilt_id": quilt}).json()["done"]
    assert done == 1


@pytest.mark.parametrize("sheets", [["cutting"], ["cover", "cutting", "sewing"]])
def test_everything_on_paper_comes_back_with_its_own_codes(
    web: TestClient, sheets: list[str]
) -> None:
    block = new_block(web)
    pages = printed(
        web, "everything.pdf", {"document": WEIR_GATE, "block_id": block, "sheets": sheets}
    )
    titles = [found["title"] for picture in pages for found in read(web, photo(picture))]
    assert "Weir Gate: cutting list for all blocks" in titles
    assert ("Weir Gate: sewing sheet" in titles) == ("sewing" in sheets)


def test_what_cannot_be_read_says_why(web: TestClient) -> None:
    block = new_block(web)
    first, *_ = printed(web, "cutting.pdf", {"document": WEIR_GATE, "block_id": block})
    wide, high = first.size
    (half,) = read(web, photo(first.crop((0, 0, wide, high // 2))))
    assert "fewer than three" in half["fault"] and not half["boxes"]
    smeared = first.copy()
    smeared.paste("white", (wide * 8 // 10, high * 92 // 100, wide * 93 // 100, high))
    (unknown,) = read(web, photo(smeared))
    assert "Type the letters" in unknown["fault"] and unknown["picture"]
    (blank,) = read(web, photo(first))
    (typed,) = read(web, photo(smeared), code=blank["code"], page=1)
    assert typed["title"] == blank["title"] and typed["boxes"] == blank["boxes"]
    (other,) = read(web, photo(smeared), code="0" * 12, page=1)
    assert "knows no such sheet" in other["fault"]
    for content, said in (
        (b"no picture", "photo"),
        (b"%PDF-1.4 nothing", "damaged PDF"),
        (b"", "photo"),
    ):
        answer = web.post("/api/sheets/read", content=content)
        assert answer.status_code == 422, answer.text
        assert said in answer.text.lower() or said in answer.text
    code = blank["code"]
    bad = web.post(f"/api/sheets/{code}/news", json={"ticked": [10_000]})
    assert bad.status_code == 422 and "ticked" in bad.text
    assert web.post(f"/api/sheets/{'0' * 12}/news", json={"ticked": []}).status_code == 404


def test_a_scan_of_several_pages_is_read_page_by_page(web: TestClient) -> None:
    block = new_block(web)
    pages = printed(web, "sewing.pdf", {"document": WEIR_GATE, "block_id": block})
    out = BytesIO()
    pages[0].save(out, "PDF", save_all=True, append_images=pages[1:], resolution=250)
    found = read(web, out.getvalue())
    assert [page["page"] for page in found] == list(range(1, len(pages) + 1))
    assert sum(len(page["boxes"]) for page in found) == 97


def test_a_draft_that_is_not_kept_has_boxes_for_a_pen_alone(web: TestClient) -> None:
    first, *_ = printed(web, "cutting.pdf", {"document": WEIR_GATE})
    (found,) = read(web, photo(first))
    assert "fewer than three" in found["fault"]
