"""The API on a real MariaDB."""

import json
from concurrent.futures import ThreadPoolExecutor

from fastapi.testclient import TestClient
from sqlalchemy import Engine, text

from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples
from yonk.machine.serve import lay_out_samples

WEIR_GATE = write_block(next(draft for draft in all_samples() if draft.name == "Weir Gate"))


def new(web: TestClient, **more: object) -> dict:  # type: ignore[type-arg]
    return web.post("/api/blocks", json={"document": WEIR_GATE} | more).json()


def test_a_block_is_kept_found_and_listed(web: TestClient) -> None:
    kept = new(web)
    assert kept["revision"] == 1
    assert web.get(f"/api/blocks/{kept['id']}").json()["document"] == WEIR_GATE
    (row,) = web.get("/api/blocks").json()["blocks"]
    assert (row["name"], row["finished"], row["patches"], len(row["picture"])) == (
        "Weir Gate",
        "9″",
        13,
        13,
    )


def test_a_new_block_from_name_size_and_grid(web: TestClient) -> None:
    asked = {"name": "Brae", "width": "7 1/2", "height": "10", "columns": "1 2 1", "rows": "4"}
    document = web.post("/api/blocks", json={"beginning": asked}).json()["document"]
    assert document["finished"] == {"width": "15/2", "height": "10"}
    assert document["grid"] == {"columns": ["1", "2", "1"], "rows": ["1", "1", "1", "1"]}
    refused = web.post("/api/blocks", json={"beginning": asked | {"width": "wide"}})
    assert refused.status_code == 422
    assert refused.json()["faults"][0]["place"] == "width"
    assert len(web.get("/api/blocks").json()["blocks"]) == 1


def test_saving_over_a_newer_revision_is_refused_and_both_are_kept(web: TestClient) -> None:
    kept = new(web)
    mine, theirs = WEIR_GATE | {"name": "Mine"}, WEIR_GATE | {"name": "Theirs"}
    first = web.put(f"/api/blocks/{kept['id']}", json={"document": theirs, "revision": 1})
    assert first.json()["revision"] == 2
    second = web.put(f"/api/blocks/{kept['id']}", json={"document": mine, "revision": 1})
    assert second.status_code == 409
    assert second.json()["code"] == "old-revision"
    assert second.json()["theirs"]["document"]["name"] == "Theirs"
    assert web.get(f"/api/blocks/{kept['id']}").json()["document"]["name"] == "Theirs"


def test_of_many_saves_at_once_one_wins(web: TestClient, empty: Engine) -> None:
    kept = new(web)

    def save(number: int) -> int:
        body = {"document": WEIR_GATE | {"name": f"Window {number}"}, "revision": 1}
        return web.put(f"/api/blocks/{kept['id']}", json=body).status_code

    with ThreadPoolExecutor(8) as pool:
        answers = list(pool.map(save, range(8)))
    assert sorted(answers) == [200] + [409] * 7
    with empty.connect() as connection:
        assert connection.execute(text("SELECT COUNT(*) FROM block_revision")).scalar() == 2


def test_deleting_is_undone(web: TestClient) -> None:
    kept = new(web)
    assert web.delete(f"/api/blocks/{kept['id']}").status_code == 204
    assert web.get("/api/blocks").json()["blocks"] == []
    assert web.get(f"/api/blocks/{kept['id']}").json()["code"] == "deleted"
    gone = web.put(f"/api/blocks/{kept['id']}", json={"document": WEIR_GATE, "revision": 1})
    assert gone.status_code == 410 and "deleted" in gone.json()["faults"][0]["message"]
    assert web.post(f"/api/blocks/{kept['id']}/restore").json()["document"] == WEIR_GATE
    assert len(web.get("/api/blocks").json()["blocks"]) == 1


def test_a_bad_document_is_refused_with_places_and_nothing_is_kept(web: TestClient) -> None:
    bad = json.loads(json.dumps(WEIR_GATE))
    bad["finished"]["width"] = 9
    bad["patches"][0]["at"] = ["1", "1"]
    for answer in (
        web.post("/api/blocks", json={"document": bad}),
        web.post("/api/blocks/import", content=json.dumps(bad)),
        web.post("/api/draft", json={"document": bad}),
    ):
        assert answer.status_code == 422
        assert answer.json()["code"] == "bad-document"
        assert answer.json()["faults"][0]["place"] == "finished.width"
    bad["finished"]["width"] = "9"
    on_seam = web.post("/api/blocks", json={"document": bad})
    assert on_seam.json()["faults"] == [
        {
            "place": "patches[0].at",
            "where": "patch 1, place",
            "message": "lies on a seam; move it inside the patch it is for",
        }
    ]
    assert web.get("/api/blocks").json()["blocks"] == []


def test_limits_and_unknown_places(web: TestClient) -> None:
    assert web.post("/api/draft", content=b" " * 2_200_000).status_code == 413
    too_many = WEIR_GATE | {"seams": [[["0", "0"], ["1", "1"]]] * 20_001}
    assert (
        web.post("/api/draft", json={"document": too_many}).json()["faults"][0]["place"] == "seams"
    )
    assert web.get("/api/blocks/none").json()["code"] == "not-found"
    assert web.get("/api/nothing").status_code == 404
    wrong = web.post("/api/draft", json={"document": WEIR_GATE, "acts": [{"do": "knit"}]})
    assert wrong.status_code == 422 and wrong.json()["faults"][0]["place"].startswith("acts")


def test_a_dropped_connection_is_taken_up_again(web: TestClient, empty: Engine) -> None:
    kept = new(web)
    with empty.connect() as connection:
        for row in connection.execute(text("SHOW PROCESSLIST")).mappings():
            if row["Id"] != connection.connection.thread_id():
                connection.execute(text(f"KILL {row['Id']}"))
    saved = web.put(f"/api/blocks/{kept['id']}", json={"document": WEIR_GATE, "revision": 1})
    assert saved.status_code == 200


def test_samples_are_laid_out_once_and_never_over_changes(web: TestClient, empty: Engine) -> None:
    lay_out_samples(empty)
    shelf = web.get("/api/blocks").json()["blocks"]
    assert len(shelf) == len(list(all_samples()))
    web.delete(f"/api/blocks/{shelf[0]['id']}")
    lay_out_samples(empty)
    assert len(web.get("/api/blocks").json()["blocks"]) == len(shelf) - 1


def test_a_draft_is_worked_on_without_being_stored(web: TestClient) -> None:
    act = {
        "do": "put",
        "cell": {"column": 1, "row": 1},
        "unit": "quarter-square-triangle",
        "fabrics": ["slate", "fog"],
    }
    drawn = web.post(
        "/api/draft", json={"document": WEIR_GATE, "acts": [act], "stretches": True}
    ).json()
    assert len(drawn["faces"]) == 16
    assert {unit["kind"] for unit in drawn["units"]} == {
        "half-square-triangle",
        "quarter-square-triangle",
        "patch",
    }
    middle = drawn["held"][drawn["members"][drawn["cells"][1][1]]]
    assert middle["words"].startswith("quarter-square triangle")
    assert drawn["stretches"]
    assert web.get("/api/blocks").json()["blocks"] == []


def test_files_go_out_and_come_back(web: TestClient) -> None:
    text_out = web.post("/api/files/block", json={"document": WEIR_GATE})
    assert "Weir%20Gate.yonk.json" in text_out.headers["content-disposition"]
    back = web.post("/api/blocks/import", content=text_out.content)
    assert back.status_code == 201 and back.json()["document"] == WEIR_GATE
    csv = web.post("/api/files/cutting.csv", json={"document": WEIR_GATE})
    assert csv.text.splitlines()[0].startswith("fabric,count")


def test_every_mate_map_leads_where_its_act_goes(web: TestClient) -> None:
    drawn = web.post("/api/draft", json={"document": WEIR_GATE}).json()
    for mates in drawn["mates"]:
        seam = {"do": "sew", "start": ["3/2", "0"], "end": ["2", "1/2"]}
        done = web.post(
            "/api/draft", json={"document": WEIR_GATE, "acts": [seam], "mates": mates["name"]}
        ).json()
        new_seams = {frozenset(map(tuple, s)) for s in done["document"]["seams"]}
        for a, b, c, d, e, f in mates["maps"]:
            ends = [(a * x + b * y + c, d * x + e * y + f) for x, y in ((1.5, 0), (2, 0.5))]
            as_text = frozenset(
                tuple(f"{int(2 * v)}/2" if v % 1 else str(int(v)) for v in end) for end in ends
            )
            assert as_text in new_seams, mates["name"]


def test_labels_and_a_note_are_kept_found_and_copied(web: TestClient) -> None:
    made = web.post("/api/blocks", json={"beginning": {"name": "Weir Gate"}}).json()["id"]
    web.post("/api/blocks", json={"beginning": {"name": "Peg"}})
    said = {"labels": [" Hut ", "hut", "", "für  Ailsa", "fur Ailsa"], "note": " for the raffle "}
    assert web.put(f"/api/blocks/{made}/about", json=said).status_code == 204
    shelf = web.get("/api/blocks", params={"label": "Hut"}).json()
    assert [one["name"] for one in shelf["blocks"]] == ["Weir Gate"] and shelf["total"] == 1
    assert shelf["blocks"][0]["labels"] == ["Hut", "fur Ailsa", "für Ailsa"]
    assert shelf["blocks"][0]["note"] == "for the raffle"
    copy = web.post(f"/api/blocks/{made}/copy").json()
    assert copy["name"] == "Weir Gate, copy" and copy["id"] != made
    counts = {one["label"]: one["blocks"] for one in web.get("/api/labels").json()}
    assert counts == {"Hut": 2, "für Ailsa": 2, "fur Ailsa": 2}
    web.delete(f"/api/blocks/{made}")
    assert {one["blocks"] for one in web.get("/api/labels").json()} == {1}
    web.put(f"/api/blocks/{copy['id']}/about", json={"labels": []})
    assert web.get("/api/labels").json() == []


def test_too_many_and_too_long_labels_are_told(web: TestClient) -> None:
    made = web.post("/api/blocks", json={"beginning": {"name": "Weir Gate"}}).json()["id"]
    for labels in ([str(n) for n in range(13)], ["x" * 41]):
        answer = web.put(f"/api/blocks/{made}/about", json={"labels": labels})
        assert answer.status_code == 422
        assert answer.json()["faults"][0]["place"] == "labels"
    assert web.put("/api/blocks/none/about", json={"labels": []}).status_code == 404


def test_the_bin_keeps_what_was_deleted(web: TestClient) -> None:
    assert web.get("/api/bin").json() == []
    names = {}
    for name in ("Weir Gate", "Peg"):
        names[name] = web.post("/api/blocks", json={"beginning": {"name": name}}).json()["id"]
        web.delete(f"/api/blocks/{names[name]}")
    found = web.get("/api/bin").json()
    assert [(one["name"], one["kind"]) for one in found] == [
        ("Peg", "block"),
        ("Weir Gate", "block"),
    ]
    web.post(f"/api/blocks/{names['Peg']}/restore")
    assert [one["name"] for one in web.get("/api/bin").json()] == ["Weir Gate"]


def test_faults_tell_their_place_in_words(web: TestClient) -> None:
    made = web.post("/api/blocks", json={"beginning": {"name": "Weir Gate"}}).json()
    act = {"do": "making", "settings": {"trim_margin": "3"}}
    answer = web.post("/api/draft", json={"document": made["document"], "acts": [act]}).json()
    assert answer["faults"][0]["place"] == "trim_margin"
    assert "_" not in answer["faults"][0]["where"] and answer["faults"][0]["where"]


def test_long_answers_are_pressed(web: TestClient) -> None:
    made = web.post("/api/blocks", json={"beginning": {"name": "Weir Gate"}}).json()
    answer = web.post("/api/draft", json={"document": made["document"], "acts": []})
    assert answer.headers["content-encoding"] == "gzip" and answer.json()["sheet"]
