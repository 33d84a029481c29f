"""The block file and the plan: read, written, and refused with every fault named."""

import json
from pathlib import Path

import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from tests.drafts import drafts, even
from yonk.core.planning import make_plan, read
from yonk.files.block_file import (
    BadFileError,
    block_schema,
    check_reading,
    read_block,
    take_block,
    write_block,
)
from yonk.files.cutting_csv import write_cutting_csv
from yonk.files.foretold_file import foretold_schema
from yonk.files.log_file import log_schema
from yonk.files.measures_file import diagnosis_schema, measures_schema
from yonk.files.plan_file import plan_schema, write_plan
from yonk.files.sewing_file import sewing_schema
from yonk.files.table_file import table_plan_schema, table_schema
from yonk.machine.samples import all_samples

ROOT = Path(__file__).resolve().parents[2]


WEIR_GATE = json.dumps(write_block(next(d for d in all_samples() if d.name == "Weir Gate")))


def sound() -> dict:  # type: ignore[type-arg]
    return json.loads(WEIR_GATE)


def places(raw: object) -> list[str]:
    with pytest.raises(BadFileError) as refused:
        check_reading(read(take_block(raw)))
    return [fault.place for fault in refused.value.faults]


@given(drafts)
@settings(max_examples=50)
def test_a_written_block_is_read_back_the_same(draft) -> None:  # type: ignore[no-untyped-def]
    assert read_block(json.dumps(write_block(draft))) == draft


@pytest.mark.parametrize(
    ("path", "value", "place"),
    [
        (("format",), "yonk-block/9", "format"),
        (("name",), "", "name"),
        (("unit",), "ell", "unit"),
        (("finished", "width"), 9, "finished.width"),
        (("finished", "height"), "-1", "finished.height"),
        (("grid", "columns"), [], "grid.columns"),
        (("grid", "rows"), ["1"] * 65, "grid.rows"),
        (("grid", "columns"), ["1", "0"], "grid.columns[1]"),
        (("seams", 0), [["0", "0"], ["9", "1"]], "seams[0][1]"),
        (("seams", 0), [["0", "0"], ["0", "0"]], "seams[0]"),
        (("seams", 0), [["0", "x"], ["0", "1"]], "seams[0][0][1]"),
        (("fabrics", 0, "colour"), "brown", "fabrics[0].colour"),
        (("fabrics", 0, "key"), "unassigned", "fabrics[0].key"),
        (("fabrics", 1, "key"), "peat", "fabrics[0].key"),
        (("patches", 0, "fabric"), "wool", "patches[0].fabric"),
        (("patches", 0, "at"), ["1", "1"], "patches[0].at"),
        (("patches", 0, "at"), ["7", "1"], "patches[0].at"),
        (("making", "blocks"), 0, "making.blocks"),
        (("making", "blocks"), "12", "making.blocks"),
        (("making", "methods"), {"wreath": "cut-and-sew"}, "making.methods.wreath"),
        (("making", "methods"), {"checker": "rectangle"}, "making.methods.checker"),
        (("making", "units"), [{"at": ["1", "1"], "method": "cut-and-sew"}], "making.units[0].at"),
        (("making", "seam"), 0.25, "making.seam"),
    ],
)
def test_each_fault_is_named_by_its_place(path: tuple, value: object, place: str) -> None:  # type: ignore[type-arg]
    raw = sound()
    inner = raw
    for step in path[:-1]:
        inner = inner[step]
    inner[path[-1]] = value
    assert place in places(raw)


def test_all_faults_are_told_at_once() -> None:
    raw = sound()
    raw["finished"]["width"] = "0"
    raw["seams"][0][0] = ["9", "0"]
    raw["patches"][2]["fabric"] = "wool"
    assert places(raw) == ["finished.width", "seams[0][0]", "patches[2].fabric"]


@pytest.mark.parametrize(
    "text", ["", "{", "[]", "null", '"x"', "[" * 100_000, b"\xff\xfe", '{"a":' * 50_000, "9" * 5000]
)
def test_what_is_no_block_file_is_refused_without_a_traceback(text) -> None:  # type: ignore[no-untyped-def]
    with pytest.raises(BadFileError):
        read_block(text)


json_values = st.recursive(
    st.none() | st.booleans() | st.integers() | st.floats(allow_nan=False) | st.text(max_size=5),
    lambda inner: (
        st.lists(inner, max_size=3) | st.dictionaries(st.text(max_size=5), inner, max_size=3)
    ),
    max_leaves=8,
)


@given(
    st.sampled_from(["finished", "grid", "seams", "fabrics", "patches", "making", "unit"]),
    json_values,
)
def test_rubbish_anywhere_is_refused_or_read_never_a_traceback(section: str, value: object) -> None:
    raw = sound()
    raw[section] = value
    try:
        make_plan(take_block(raw))
    except BadFileError as refused:
        assert refused.faults


def test_the_plan_keeps_its_contract() -> None:
    plan = write_plan(make_plan(even(3, 3), blocks=7))
    assert plan["format"] == "yonk-plan/1"
    assert plan["block"]["unfinished"] == {"width": "19/2", "height": "19/2"}
    for table in ("patches", "units", "cuts", "notices"):
        fields = plan_schema()["properties"][table]["items"]["required"]
        assert all(set(fields) <= set(row) for row in plan[table])
    assert plan["units"][0]["total"] == 7


def test_the_published_schemas_are_the_programs_own() -> None:
    assert json.loads((ROOT / "docs/block.schema.json").read_text()) == block_schema()
    assert json.loads((ROOT / "docs/plan.schema.json").read_text()) == plan_schema()
    assert json.loads((ROOT / "docs/sewing.schema.json").read_text()) == sewing_schema()
    assert json.loads((ROOT / "docs/foretold.schema.json").read_text()) == foretold_schema()
    assert json.loads((ROOT / "docs/measures.schema.json").read_text()) == measures_schema()
    assert json.loads((ROOT / "docs/diagnosis.schema.json").read_text()) == diagnosis_schema()
    assert json.loads((ROOT / "docs/log.schema.json").read_text()) == log_schema()
    assert json.loads((ROOT / "docs/table.schema.json").read_text()) == table_schema()
    assert json.loads((ROOT / "docs/table-plan.schema.json").read_text()) == table_plan_schema()


def test_csv_is_a_row_a_cut_and_harmless_in_a_spreadsheet() -> None:
    draft = next(d for d in all_samples() if d.name == "Weir Gate")
    from dataclasses import replace

    named = replace(draft, fabrics=tuple(replace(f, name=f"={f.name}") for f in draft.fabrics))
    lines = write_cutting_csv(make_plan(named)).splitlines()
    assert len(lines) == 1 + len(make_plan(draft).cuts)
    assert all(line.startswith("'=") for line in lines[1:])
    assert (
        sum(",8,8,in," in line for line in lines) == 2
    )  # 12 blocks: six squares of 8 in each of two fabrics
