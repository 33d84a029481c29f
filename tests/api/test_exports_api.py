"""Exports are registered by being a file of their folder: routes and menus are made from that."""

from __future__ import annotations

from pathlib import Path

from fastapi.testclient import TestClient
from httpx import Response

import yonk.api.exports
from tests.api.test_api import WEIR_GATE
from yonk.api.exports import EXPORTS
from yonk.api.language import LANGUAGE_COOKIE
from yonk.api.subjects import SUBJECTS, worked_out_by

FOLDER = Path(yonk.api.exports.__file__).parent


def menus_of(answer: Response) -> dict[str, list[dict[str, str]]]:
    return {one["menu"]: one["files"] for one in answer.json()}


def test_each_file_of_the_folder_is_an_export() -> None:
    files = {path.stem for path in FOLDER.glob("*.py")}
    assert len(EXPORTS) == len(files - {"__init__", "export", "needs", "returning", "routes"})
    paths = [one.path for one in EXPORTS]
    assert len(set(paths)) == len(paths)


def test_menus_name_what_can_be_asked_for(web: TestClient) -> None:
    menus = menus_of(web.get("/api/exports"))
    first = [one["words"] for one in menus["cut"][:3]]
    assert first == [
        "Cutting list with layouts (PDF)",
        "Step sheets of the recipes (PDF)",
        "Templates at true size (PDF)",
    ]
    for menu in ("draft", "cut", "sew", "measure"):
        for one in menus[menu]:
            answer = web.post(one["path"], json={"document": WEIR_GATE})
            assert answer.status_code == 200, one
            assert answer.headers["content-disposition"].startswith("attachment; filename*=")


def test_menus_are_in_the_language_that_is_asked_for(web: TestClient) -> None:
    menus = menus_of(web.get("/api/exports", headers={"Cookie": f"{LANGUAGE_COOKIE}=de"}))
    assert menus["sew"][0]["words"] == "Nähblatt (PDF)"


def test_every_subject_is_a_folder_and_is_loaded_for_heavy_work() -> None:
    folder = FOLDER.parent
    with_routes = {path.parent.name for path in folder.glob("*/routes.py")}
    assert set(SUBJECTS) | {"guild"} == with_routes
    assert len(worked_out_by()) == len(SUBJECTS)
