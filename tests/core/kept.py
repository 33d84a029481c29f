"""Answers that the core gave once, and that were found right by the other tests, kept as text;
a long one by its digest.

Where one changes for a good reason, `python -m tests.core.test_answers` (or its like) keeps all of
that file anew and says which are others than before.
"""

from __future__ import annotations

import hashlib
import json
from collections.abc import Callable, Iterable, Iterator, Mapping
from dataclasses import fields, is_dataclass
from enum import Enum
from fractions import Fraction as F
from pathlib import Path
from typing import Any

from yonk import words  # noqa: F401  what is said is kept as it is read
from yonk.core.drawing import Region
from yonk.core.paper import Capital, Decimal, Length, Measure, Message, Several
from yonk.core.units import Method, TemplateForm, UnitKind

KEPT = Path(__file__).parent / "said" / "answers.txt"
SHORT = 120
LEFT_OUT = {"worked_out", "polygons", "reading", "colourings", "draft", "sew", "needs"}
LEFT_OUT |= {"sewing", "pressing"}  # asked of in tests of their own


def told(answer: Any) -> Any:
    """An answer as plain values: fractions as they are, floats to four places."""
    if isinstance(answer, F | Length | Enum | Message | Measure | Decimal | Several | Capital):
        return str(answer)
    if isinstance(answer, float):
        return round(answer, 4) + 0.0
    if isinstance(answer, Method | UnitKind):
        return getattr(answer, "name", None) or answer.kind  # type: ignore[union-attr]
    if isinstance(answer, TemplateForm):
        return told(answer.spots)
    if isinstance(answer, Region):
        return [told(piece.ring) for piece in answer.pieces]
    if is_dataclass(answer):
        names = [one.name for one in fields(answer) if one.name not in LEFT_OUT]
        return {name: told(getattr(answer, name)) for name in names}
    if isinstance(answer, Mapping):
        return sorted(([told(key), told(value)] for key, value in answer.items()), key=str)
    if isinstance(answer, set | frozenset):
        return sorted(map(told, answer), key=str)
    if isinstance(answer, list | tuple | Iterator):
        return [told(one) for one in answer]
    return answer


def kept(answer: Any) -> str:
    """The answer as one line."""
    text = json.dumps(told(answer), ensure_ascii=False, separators=(",", ":"))
    return text if len(text) <= SHORT else hashlib.sha256(text.encode()).hexdigest()[:16]


Sort = Callable[[], Iterator[tuple[str, Any]]]


def _known() -> dict[str, str]:
    return dict(line.split("\t") for line in KEPT.read_text().splitlines())


def again(sort: Sort) -> None:
    """Every answer of a sort is the one that is kept."""
    before = _known()
    for name, answer in sort():
        assert kept(answer) == before[f"{sort.__name__}: {name}"], told(answer)


def keep_anew(sorts: Iterable[Sort]) -> None:
    """Keeps the answers of some sorts as they are now, and says which are others than before."""
    before = _known()
    now = {f"{sort.__name__}: {name}": kept(answer) for sort in sorts for name, answer in sort()}
    names = {f"{sort.__name__}: " for sort in sorts}
    others = {
        name: answer for name, answer in before.items() if not any(map(name.startswith, names))
    }
    KEPT.write_text(
        "".join(f"{name}\t{answer}\n" for name, answer in sorted((others | now).items()))
    )
    for name in sorted(now.keys() | before.keys() - others.keys()):
        if now.get(name) != before.get(name):
            print(name)
