"""`./yonk mutate`: whether the tests bite. Small faults are put into the core one by one; a
test must find each.

Which tests reach which line is learnt once, by a run under coverage. Each fault of a seeded sample
is then tried against the tests that reach it, the quickest first and at last those of kept answers,
on a copy of the source; the tree itself is not touched.
"""

from __future__ import annotations

import argparse
import ast
import hashlib
import json
import os
import random
import shutil
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as Tree
from collections.abc import Callable, Iterator
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass
from itertools import islice
from pathlib import Path
from queue import SimpleQueue

import coverage

ROOT = Path(__file__).resolve().parents[1]
CORE = ROOT / "src" / "yonk" / "core"
TESTS = "tests/core"
LEARNT = ROOT / ".yonk" / "mutate"
WANTED = 0.85
SECONDS_OF_TESTS = 90.0  # tried on one fault at most, by how long they usually take
HANGS_AFTER = 600
KEPT = "answers.py"
TABLES = "tests/core/test_table_answers.py"
AT_ONCE = 2
EVERY = 20
FAILS = (1, 2, 4)  # a test failed; a module could not be loaded; so that a test is not there

OPERATORS: dict[type[ast.AST], type[ast.AST]] = {
    ast.Lt: ast.LtE,
    ast.LtE: ast.Lt,
    ast.Gt: ast.GtE,
    ast.GtE: ast.Gt,
    ast.Eq: ast.NotEq,
    ast.NotEq: ast.Eq,
    ast.In: ast.NotIn,
    ast.NotIn: ast.In,
    ast.Is: ast.IsNot,
    ast.IsNot: ast.Is,
    ast.Add: ast.Sub,
    ast.Sub: ast.Add,
    ast.Mult: ast.Add,
    ast.Div: ast.Mult,
    ast.FloorDiv: ast.Mult,
    ast.And: ast.Or,
    ast.Or: ast.And,
}
Change = Callable[[ast.expr], None]
SWAPPED = {"min": "max", "max": "min", "all": "any", "any": "all"}


@dataclass(frozen=True)
class Mutation:
    """A small fault: the file, the line, what stood there, and the whole file with the fault
    in it.
    """

    file: Path
    line: int
    what: str
    source: str


def mutation_at(file: Path, number: int) -> Mutation | None:
    """The fault at one of the sites of a file; None where it would change nothing."""
    tree = ast.parse(file.read_text())
    node, change = [*_sites(tree)][number]
    before = ast.unparse(node)
    change(node)
    after = ast.unparse(node)
    if before == after:
        return None
    return Mutation(file, node.lineno, f"{before[:70]}  ->  {after[:70]}", ast.unparse(tree))


def _sites(tree: ast.AST) -> Iterator[tuple[ast.expr, Change]]:
    """Where a fault can be put: the node and what is done to it."""
    unordered = {  # in what order is looked through makes no difference
        id(among)
        for node in ast.walk(tree)
        if isinstance(node, ast.Compare) and isinstance(node.ops[0], ast.In | ast.NotIn)
        for among in node.comparators
    }
    for node in _running(tree):
        if isinstance(node, ast.Compare) and type(node.ops[0]) in OPERATORS:
            yield node, _other_comparison
        elif isinstance(node, ast.BinOp | ast.BoolOp) and type(node.op) in OPERATORS:
            yield node, _other_operator
        elif isinstance(node, ast.Constant):
            yield node, _other_constant
        elif isinstance(node, ast.Call) and getattr(node.func, "id", "") in SWAPPED:
            yield node, _other_call
        elif isinstance(node, ast.UnaryOp) and isinstance(node.op, ast.Not | ast.USub):
            yield node, _without_sign
        elif isinstance(node, ast.IfExp):
            yield node, _turned_round
        elif isinstance(node, ast.Tuple) and id(node) not in unordered and _is_a_pair(node):
            yield node, _swapped


def _is_a_pair(node: ast.Tuple) -> bool:
    return len(node.elts) == 2 and isinstance(node.ctx, ast.Load)


def _running(tree: ast.AST) -> Iterator[ast.expr]:
    """The expressions that run and matter: no documentation, types, decorators, lists of names."""
    for child in ast.iter_child_nodes(tree):
        if _is_for_readers(child) or _is_a_check_of_the_code(child):
            continue
        if isinstance(child, ast.expr) and not isinstance(
            child, ast.JoinedStr | ast.FormattedValue
        ):
            yield child
        for part in _parts(child):
            yield from _running(part)


def _parts(node: ast.AST) -> list[ast.AST]:
    """What of a node runs, as nodes that hold it."""
    if isinstance(node, ast.ClassDef):
        return [ast.Module(node.body, [])]
    if isinstance(node, ast.FunctionDef):
        usual = (one for one in (*node.args.defaults, *node.args.kw_defaults) if one)
        return [*map(ast.Expr, usual), ast.Module(node.body, [])]
    if isinstance(node, ast.Assert):  # what it says is for who reads the code
        return [ast.Expr(node.test)]
    if isinstance(node, ast.AnnAssign):
        return [ast.Expr(node.value)] if node.value else []
    return [node]


def _is_for_readers(node: ast.AST) -> bool:
    """Whether a statement documents, imports, or only names a type."""
    documents = isinstance(node, ast.Expr) and isinstance(node.value, ast.Constant)
    return documents or isinstance(node, ast.Import | ast.ImportFrom) or _is_a_type(node)


def _is_a_check_of_the_code(node: ast.AST) -> bool:
    """Whether it only makes sure of what holds anyway: that two lists are of one length."""
    return isinstance(node, ast.keyword) and node.arg == "strict"


def _is_a_type(node: ast.AST) -> bool:
    """Whether a statement only names a type or what a module shows."""
    if isinstance(node, ast.Assign) and isinstance(node.targets[0], ast.Name):
        value = node.value
        of = value.value if isinstance(value, ast.Subscript) else None
        return node.targets[0].id == "__all__" or (
            isinstance(of, ast.Name)
            and of.id in ("Literal", "tuple", "dict", "Callable", "Mapping")
        )
    return False


def _other_comparison(node: ast.expr) -> None:
    assert isinstance(node, ast.Compare)
    node.ops[0] = OPERATORS[type(node.ops[0])]()  # type: ignore[call-overload]


def _other_operator(node: ast.expr) -> None:
    assert isinstance(node, ast.BinOp | ast.BoolOp)
    node.op = OPERATORS[type(node.op)]()  # type: ignore[assignment]


def _other_constant(node: ast.expr) -> None:
    assert isinstance(node, ast.Constant)
    value = node.value
    if isinstance(value, bool):
        node.value = not value
    elif isinstance(value, int | float):
        node.value = value + 1
    elif isinstance(value, str) and value:
        node.value = f"{value}x"


def _other_call(node: ast.expr) -> None:
    assert isinstance(node, ast.Call) and isinstance(node.func, ast.Name)
    node.func.id = SWAPPED[node.func.id]


def _without_sign(node: ast.expr) -> None:
    assert isinstance(node, ast.UnaryOp)
    node.op = ast.UAdd() if isinstance(node.op, ast.USub) else ast.Not()
    if isinstance(node.op, ast.Not):
        node.operand = ast.UnaryOp(ast.Not(), node.operand)


def _turned_round(node: ast.expr) -> None:
    assert isinstance(node, ast.IfExp)
    node.body, node.orelse = node.orelse, node.body


def _swapped(node: ast.expr) -> None:
    assert isinstance(node, ast.Tuple)
    node.elts.reverse()


@dataclass(frozen=True)
class Reach:
    """Which tests reach which line of which file, and how long each takes."""

    tests: dict[str, dict[int, list[str]]]
    seconds: dict[str, float]

    def tried_on(self, mutation: Mutation) -> list[str]:
        """The tests that reach a fault in the order in which they are tried: the quickest, as many
        as may be, and those of kept answers.
        """
        lines = self.tests.get(str(mutation.file.relative_to(ROOT)), {})
        # what runs when a module is loaded is reached by no test of its own, but by all of its file
        own = lines.get(mutation.line)
        reaching = own or {one for tests in lines.values() for one in tests}
        found = sorted(reaching, key=lambda one: (self.seconds.get(one, 1.0), one))
        chosen: list[str] = []
        taken = 0.0
        for one in found:
            if KEPT in one:
                continue
            taken += self.seconds.get(one, 1.0)
            if taken > SECONDS_OF_TESTS and chosen:
                break
            chosen.append(one)
        kept = [one for one in found if KEPT in one and not one.startswith(TABLES)]
        return [*([] if own else [TABLES]), *chosen, *kept]


def learn() -> Reach:
    """What the tests reach, by a run under coverage; kept until source or tests change."""
    files = [*sorted(CORE.rglob("*.py")), *sorted((ROOT / "tests").rglob("*.py"))]
    digest = hashlib.sha256(b"".join(file.read_bytes() for file in files)).hexdigest()
    kept = LEARNT / "reach.json"
    if kept.is_file() and (known := json.loads(kept.read_text()))["digest"] == digest:
        lines = {f: {int(n): t for n, t in of.items()} for f, of in known["tests"].items()}
        return Reach(lines, known["seconds"])
    print("Learning which tests reach which line …", flush=True)
    LEARNT.mkdir(parents=True, exist_ok=True)
    tests = sorted((ROOT / TESTS).glob("test_*.py"), key=lambda file: file.stat().st_size)
    shares = [tests[number::AT_ONCE] for number in range(AT_ONCE)]
    with ThreadPoolExecutor(AT_ONCE) as hands:
        parts = [*hands.map(_learn_some, range(AT_ONCE), shares)]
    reached: dict[str, dict[int, list[str]]] = {}
    seconds: dict[str, float] = {}
    for part in parts:
        seconds |= part.seconds
        for name, found in part.tests.items():
            for line, names in found.items():
                reached.setdefault(name, {}).setdefault(line, []).extend(names)
    reach = Reach(reached, seconds)
    kept.write_text(json.dumps({"digest": digest, "tests": reach.tests, "seconds": reach.seconds}))
    return reach


def _learn_some(number: int, tests: list[Path]) -> Reach:
    data, report = LEARNT / f"coverage-{number}", LEARNT / f"tests-{number}.xml"
    settings = LEARNT / f"settings-{number}"
    settings.write_text("[run]\nsource = yonk.core\n")
    measured = ["coverage", "run", f"--rcfile={settings}", f"--data-file={data}", "-m", "pytest"]
    plugins = ["-q", "-p", "no:cacheprovider", "-p", "bench.contexts", f"--junitxml={report}"]
    command = [sys.executable, "-m", *measured, *plugins, *map(str, tests)]
    subprocess.run(command, cwd=ROOT, env=_environment(ROOT / "src"), check=True)
    return Reach(_reached(data), _seconds(report))


def _reached(data: Path) -> dict[str, dict[int, list[str]]]:
    found = coverage.CoverageData(str(data))
    found.read()
    reached: dict[str, dict[int, list[str]]] = {}
    for name in found.measured_files():
        lines = {
            line: sorted({context for context in contexts if context})
            for line, contexts in found.contexts_by_lineno(name).items()
        }
        reached[str(Path(name).relative_to(ROOT))] = lines
    return reached


def _seconds(report: Path) -> dict[str, float]:
    """How long each test takes, all its parameters together."""
    seconds: dict[str, float] = {}
    for case in Tree.parse(report).iter("testcase"):
        file, test = case.get("classname", "").replace(".", "/"), case.get("name", "")
        name = f"{file}.py::{test.partition('[')[0]}"
        seconds[name] = seconds.get(name, 0.0) + float(case.get("time", 0))
    return seconds


def _environment(source: Path) -> dict[str, str]:
    return os.environ | {"PYTHONPATH": f"{source}:{ROOT}", "PYTHONDONTWRITEBYTECODE": "1"}


def is_found(mutation: Mutation, tests: list[str], source: Path) -> bool:
    """Whether a test fails with the fault in a copy of the source, or hangs."""
    if not tests:
        return False
    place = source / mutation.file.relative_to(ROOT / "src")
    right = place.read_text()
    asked = source / "tests.txt"
    asked.write_text("\n".join(tests))
    command = [sys.executable, "-m", "pytest", "-x", "-q", "-p", "no:cacheprovider", f"@{asked}"]
    place.write_text(mutation.source)
    try:
        done = subprocess.run(
            command,
            cwd=ROOT,
            env=_environment(source),
            capture_output=True,
            text=True,
            timeout=HANGS_AFTER,
            check=False,
        )
    except subprocess.TimeoutExpired:
        return True
    finally:
        place.write_text(right)
    # a run that ends badly without a word from a test proves nothing where the tests could not be
    # run without the fault either: the packages may be gone
    told = any(word in done.stdout + done.stderr for word in ("FAILED ", "ERROR"))
    if done.returncode and not (told and done.returncode in FAILS):
        check_copy(source)
    return done.returncode != 0


def check_copy(copy: Path) -> None:
    """Raises where the tests cannot be found, or the core not be loaded, without any fault."""
    command = [sys.executable, "-m", "pytest", "-q", "--collect-only", "-p", "no:cacheprovider"]
    subprocess.run(
        [*command, TESTS], cwd=ROOT, env=_environment(copy), check=True, stdout=subprocess.DEVNULL
    )


def sample(count: int, seed: int, only: str) -> list[Mutation]:
    """So many faults, drawn by a seed from all that can be put into the core."""
    files = [file for file in sorted(CORE.rglob("*.py")) if only in str(file.relative_to(CORE))]
    every = [
        (file, number)
        for file in files
        for number, _ in enumerate(_sites(ast.parse(file.read_text())))
    ]
    print(f"{len(every)} faults can be put into {len(files)} files.", flush=True)
    random.Random(seed).shuffle(every)
    drawn = (mutation_at(*site) for site in every)
    return [*islice((mutation for mutation in drawn if mutation), count)]


def main() -> None:
    """Tries a sample and says what lived."""
    asked = argparse.ArgumentParser(prog="./yonk mutate", description=__doc__)
    asked.add_argument("--count", type=int, default=200)
    asked.add_argument("--seed", type=int, default=1)
    asked.add_argument("--only", default="", help="only files whose path in the core holds this")
    given = asked.parse_args()
    reach, chosen = learn(), sample(given.count, given.seed, given.only)
    copies: SimpleQueue[Path] = SimpleQueue()
    done: list[bool] = []
    with tempfile.TemporaryDirectory() as room, ThreadPoolExecutor(AT_ONCE) as hands:
        for number in range(AT_ONCE):
            copies.put(_copy(Path(room) / str(number)))
        check_copy(Path(room) / "0")

        def tried(mutation: Mutation) -> bool:
            copy = copies.get()
            found = is_found(mutation, reach.tried_on(mutation), copy)
            copies.put(copy)
            done.append(found)
            if len(done) % EVERY == 0:
                print(f"  {len(done)} tried, {sum(done)} found", flush=True)
            if not found:
                where = f"{mutation.file.relative_to(CORE)}:{mutation.line}"
                print(f"  lived: {where}: {mutation.what}", flush=True)
            return found

        found = sum(hands.map(tried, chosen))
    share = found / len(chosen)
    print(
        f"{found} of {len(chosen)} faults were found: {100 * share:.1f} % (at least "
        f"{100 * WANTED:.0f} %)"
    )
    sys.exit(share < WANTED)


def _copy(room: Path) -> Path:
    shutil.copytree(ROOT / "src", room, ignore=shutil.ignore_patterns("__pycache__", "*.egg-info"))
    return room


if __name__ == "__main__":
    main()
