"""The evenings over the wire: by what lies there, by her clock, as a calendar and on paper."""

from __future__ import annotations

import json
from collections import Counter
from datetime import datetime, timedelta
from fractions import Fraction as F

import pypdfium2
import pytest
from fastapi.testclient import TestClient
from icalendar import Calendar

from tests.api.test_sewing_api import WEIR_GATE, Json, joined, made, saved, sewing, tell
from tests.core.test_setting import quilt_of
from tests.core.test_top import AROUND
from yonk.core.setting import Binding
from yonk.files.quilt_file import write_quilt

BINDING = Binding(fabric="slate", width=F(5, 2))
ASKED: Json = {"document": WEIR_GATE, "minutes": 60, "weekdays": [0, 3], "first": "2026-11-30"}


def evenings(web: TestClient, **more: object) -> Json:
    answer = web.post("/api/evenings", json=ASKED | more)
    assert answer.status_code == 200, answer.text
    found: Json = answer.json()
    return found


def test_what_lies_on_the_table_is_not_done_again(web: TestClient) -> None:
    block = saved(web, WEIR_GATE)
    before = evenings(web, block_id=block)
    assert before["evenings"][0]["day"] == "2026-11-30"
    assert [one["kind"] for one in before["evenings"][0]["planned"]][:3] == ["cut"] * 3
    assert any("first guess" in words for words in before["said"])
    unit, *joins = sewing(web, WEIR_GATE, block_id=block)["steps"]
    made(web, block, WEIR_GATE, unit, unit["total"])
    tell(web, block, *(joined(step, step["total"]) for step in joins), place="sew")
    cutting = {"document": WEIR_GATE, "stage": "all", "block_id": block}
    for fabric in web.post("/api/cut", json=cutting).json()["fabrics"]:
        tell(web, block, *(change for line in fabric["lines"] for change in line["on"]))
    after = evenings(web, block_id=block)
    assert after["evenings"] == [] and after["said"] == ["All is cut and sewn."]


def test_a_day_that_is_too_near_is_told(web: TestClient) -> None:
    found = evenings(web, minutes=10, weekdays=[0], wanted="2026-12-06")
    assert found["in_time"] is False
    assert any("12 blocks are left: 12 a week" in words for words in found["said"])
    assert any("So it will not be done by" in words for words in found["said"])


def test_the_clock_makes_the_times_hers(web: TestClient) -> None:
    step = sewing(web, WEIR_GATE)["steps"][1]
    before = evenings(web)["evenings"][0]["minutes"]
    sewn = [{"mark": step["mark"], "count": 12}]
    told = {"document": WEIR_GATE, "seconds": 7200, "sewn": sewn}
    assert web.put("/api/pace", json=told).status_code == 204
    assert (
        web.put("/api/pace", json={"seconds": 3600, "strips": 9, "pieces": 54}).status_code == 204
    )
    found = evenings(web)
    assert "By your own pace, as the clock measured it." in found["said"]
    assert found["evenings"][0] != before and len(found["evenings"]) > 2
    assert web.put("/api/pace", json={"seconds": 0, "strips": 1}).status_code == 422


def test_the_evenings_as_a_calendar_and_on_paper(web: TestClient) -> None:
    found = evenings(web)
    calendar = web.post("/api/files/evenings.ics", json=ASKED | {"hour": 20})
    assert calendar.headers["content-type"].startswith("text/calendar")
    events = Calendar.from_ical(calendar.content).walk("VEVENT")
    assert len(events) == len(found["evenings"])
    for event, evening in zip(events, found["evenings"], strict=True):
        assert event.decoded("dtstart") == datetime.fromisoformat(f"{evening['day']}T20:00")
        assert event.decoded("duration") == timedelta(minutes=evening["minutes"])
        assert all(one["words"] in str(event["description"]) for one in evening["planned"])
    assert len({str(event["uid"]) for event in events}) == len(events)
    paper = web.post("/api/files/evenings.pdf", json=ASKED | {"paper": "a4"})
    text = "".join(
        page.get_textpage().get_text_bounded() for page in pypdfium2.PdfDocument(paper.content)
    )
    assert "Weir Gate: evening by evening" in text and "Cut Fog" in text


@pytest.mark.parametrize(
    "wrong", [{"minutes": 5}, {"weekdays": []}, {"weekdays": [7]}, {"first": "soon"}, {"hour": 24}]
)
def test_what_is_no_evening_is_refused(web: TestClient, wrong: Json) -> None:
    assert web.post("/api/evenings", json=ASKED | wrong).status_code == 422


def test_strips_are_those_that_cut_shows_from_the_shelf_too(web: TestClient) -> None:
    piece = {"width": "30", "length": "20", "count": 1}
    fog = {"name": "Fog", "colour": "#e7e6df", "value": "light", "pieces": [piece]}
    shelf = web.post("/api/fabrics", json=fog).json()["id"]
    fabrics = [
        one | ({"shelf": shelf} if one["key"] == "fog" else {}) for one in WEIR_GATE["fabrics"]
    ]
    document = WEIR_GATE | {"fabrics": fabrics}
    block = saved(web, document)
    cutting = {"document": document, "stage": "all", "block_id": block}
    steps = web.post("/api/cut", json=cutting).json()["steps"]
    shown = Counter(step["name"] for step in steps if not step["done"])
    found = evenings(web, document=document, block_id=block, minutes=600)["evenings"]
    cuts = [one for day in found for one in day["planned"] if one["kind"] == "cut"]
    assert {one["words"].split(":")[0]: one["count"] for one in cuts} == {
        f"Cut {name}": count for name, count in shown.items()
    }


def test_a_quilt_has_evenings_until_its_binding(web: TestClient) -> None:
    """What is told at its table is not done again; the calendar and the paper say the same."""
    document = json.loads(json.dumps(write_quilt(quilt_of(**AROUND, binding=BINDING))))
    quilt = str(web.post("/api/quilts", json={"document": document}).json()["id"])
    asked = {"document": document, "block_id": quilt, "weekdays": [0, 1, 2, 3, 4, 5, 6]}
    before = evenings(web, **asked, wanted="2026-12-20")
    planned = [one for day in before["evenings"] for one in day["planned"]]
    assert planned[0]["kind"] == "cut" and planned[-1]["kind"] == "sew"
    steps = web.post("/api/quilt/sew", json={"document": document, "quilt_id": quilt}).json()
    assert {one["number"] for one in planned if one["kind"] == "sew"} == {
        step["number"] for step in steps["steps"]
    }
    assert any("30 blocks are left" in words for words in before["said"])
    for fabric in web.post("/api/quilt/cut", json={"document": document, "quilt_id": quilt}).json()[
        "fabrics"
    ]:
        tell(web, quilt, *(change for line in fabric["lines"] for change in line["on"]))
    blocks, *others = steps["steps"]
    tell(web, quilt, joined(blocks, blocks["total"]), place="sew")
    after = evenings(web, **asked, wanted="2026-12-20")
    left = [one for day in after["evenings"] for one in day["planned"]]
    assert {one["kind"] for one in left} == {"sew"} and len(left) >= len(others)
    assert blocks["number"] not in {one["number"] for one in left}
    assert len(after["evenings"]) < len(before["evenings"])
    calendar = web.post("/api/files/evenings.ics", json=ASKED | asked)
    assert len(Calendar.from_ical(calendar.text).events) == len(after["evenings"])
    assert web.post("/api/files/evenings.pdf", json=ASKED | asked).content[:5] == b"%PDF-"
    tell(web, quilt, *(joined(step, step["total"]) for step in others), place="sew")
    assert evenings(web, **asked)["said"] == ["All is cut and sewn."]
