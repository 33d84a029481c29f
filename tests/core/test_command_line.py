"""The command line, as another program would call it."""

import json
import subprocess
import sys
from pathlib import Path

import pytest

from yonk.files.block_file import write_block
from yonk.machine.samples import all_samples

WEIR_GATE = json.dumps(
    write_block(next(draft for draft in all_samples() if draft.name == "Weir Gate"))
)


def call(*arguments: str, given: str = "") -> subprocess.CompletedProcess[str]:
    return subprocess.run(
        [sys.executable, "-m", "yonk", *arguments],
        input=given,
        capture_output=True,
        text=True,
        check=False,
    )


def test_a_plan_from_standard_input_for_other_blocks() -> None:
    done = call("plan", "-", "--blocks", "3", "--json", given=WEIR_GATE)
    plan = json.loads(done.stdout)
    assert done.returncode == 0 and plan["block"]["blocks"] == 3
    triangles = [unit for unit in plan["units"] if unit["kind"] == "half-square-triangle"]
    assert [(unit["method"], unit["total"]) for unit in triangles] == [
        ("eight-at-a-time", 8),
        ("two-at-a-time", 4),
    ]


def test_faults_go_to_standard_error_a_line_each(tmp_path: Path) -> None:
    bad = json.loads(WEIR_GATE)
    bad["finished"]["width"] = 9
    bad["seams"][0][0] = ["9", "1"]
    for done in (
        call("plan", "-", "--json", given=json.dumps(bad)),
        call("plan", str(tmp_path / "none"), "--json"),
    ):
        assert (done.returncode, done.stdout) == (2, "")
        assert "Traceback" not in done.stderr
    assert [
        line.split(":")[0] for line in call("plan", "-", given=json.dumps(bad)).stderr.splitlines()
    ] == [
        "finished.width",
        "seams[0][0]",
    ]
    assert "--blocks" in call("plan", "-", "--blocks", "0", given=WEIR_GATE).stderr


def test_without_json_it_is_a_list_to_read() -> None:
    lines = call("plan", "-", given=WEIR_GATE).stdout.splitlines()
    assert lines[0].startswith("fabric,count,shape")
    assert len(lines) > 3


@pytest.mark.parametrize(
    ("place", "value", "said"),
    [
        ("seams", None, "seams: must be a list"),
        ("seams", [[["0", "0"]]], "seams[0][1]: is missing"),
        ("grid", {"columns": ["1"] * 65, "rows": ["1"]}, "grid.columns: holds 65; 64 is the most"),
        ("grid", [], "grid: must be an object"),
        ("name", "", "name: is empty"),
        ("name", "n" * 121, "name: has more than 120 letters"),
        ("making", {"blocks": 10**18}, "making.blocks: is more than 1000; take less"),
        ("making", {"blocks": 1.0}, "making.blocks: must be a whole number"),
    ],
)
def test_what_is_written_wrong_is_told_in_plain_words(place: str, value: object, said: str) -> None:
    done = call("plan", "-", given=json.dumps(json.loads(WEIR_GATE) | {place: value}))
    assert done.returncode == 2 and said in done.stderr
    assert not any(word in done.stderr for word in ("Tuple", "valid", "validation", "Input"))
