"""What new blocks begin with: the program's usual, or what the quilter keeps once."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F
from typing import Any

from fastapi.testclient import TestClient

from yonk.core.acts import BlockBeginning, begin_block, settings_as_typed
from yonk.core.paper import Draft
from yonk.files.block_file import take_block, write_block


def hers(unit: str = "in", **settings: Any) -> Draft:
    draft = begin_block(BlockBeginning(unit=unit))  # type: ignore[arg-type]
    return replace(draft, making=replace(draft.making, **settings))


def begun(web: TestClient, **asked: Any) -> Draft:
    answer = web.post("/api/blocks", json={"beginning": asked})
    assert answer.status_code == 201, answer.text
    return take_block(answer.json()["document"])


def test_what_she_keeps_new_blocks_begin_with(web: TestClient) -> None:
    before = web.get("/api/usual").json()
    assert (before["unit"], before["hers"]) == ("in", False)
    own = hers(seam=F(3, 8), press="open", usable=F(42), trim_margin=F(0))
    assert web.put("/api/usual", json={"document": write_block(own)}).status_code == 204
    after = web.get("/api/usual").json()
    assert after["hers"] and after["beginnings"][0]["settings"]["seam"] == "3/8"
    assert after["beginnings"][1] == before["beginnings"][1]
    new = begun(web, width="8")
    assert new.making == replace(own.making, blocks=new.making.blocks)
    assert new.width == 8 and new.fabrics == own.fabrics


def test_it_is_hers_in_her_unit_alone(web: TestClient) -> None:
    own = hers("cm", seam=F(1, 2))
    web.put("/api/usual", json={"document": write_block(own)})
    assert web.get("/api/usual").json()["unit"] == "cm"
    assert begun(web, unit="cm", width="20").making.seam == F(1, 2)
    assert begun(web, unit="in").making == begin_block(BlockBeginning()).making


def test_kept_anew_and_let_go(web: TestClient) -> None:
    for seam in (F(3, 8), F(1, 4), F(1, 8)):
        web.put("/api/usual", json={"document": write_block(hers(seam=seam))})
    assert begun(web).making.seam == F(1, 8)
    assert web.delete("/api/usual").status_code == 204
    assert web.delete("/api/usual").status_code == 204
    assert begun(web).making.seam == F(1, 4)
    assert not web.get("/api/usual").json()["hers"]


def test_an_unsound_block_is_told_and_what_was_kept_stays(web: TestClient) -> None:
    web.put("/api/usual", json={"document": write_block(hers(seam=F(3, 8)))})
    bad = write_block(hers()) | {"unit": "yd"}
    refused = web.put("/api/usual", json={"document": bad})
    assert refused.status_code == 422 and refused.json()["faults"][0]["place"] == "unit"
    assert begun(web).making.seam == F(3, 8)


def test_every_setting_is_written_as_it_is_read() -> None:
    for unit in ("in", "cm"):
        own = hers(unit, seam=F(1, 2), care="cloth", stitch="two-lines")
        again = begin_block(BlockBeginning(unit=unit), settings_as_typed(own))
        assert again.making == own.making


def test_what_is_kept_and_no_longer_holds_is_as_usual() -> None:
    kept = {"seam": "3/8", "forgotten": "yes", "ruler_step": "7", "press": "sideways"}
    making, usual = (begin_block(BlockBeginning(), told).making for told in (kept, {}))
    assert making == replace(usual, seam=F(3, 8))
