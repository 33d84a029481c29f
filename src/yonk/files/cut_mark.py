"""What a cut is, as text: one text for each identity, to keep and to send."""

from __future__ import annotations

import json
from fractions import Fraction
from typing import Any, Literal

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from yonk.core.cutting import OldMark
from yonk.core.paper import DraftError, YonkError, message, write_exact
from yonk.core.units import CutKey, TemplateForm
from yonk.files.exact import Exact, Key


class _ListedIn(BaseModel):
    model_config = ConfigDict(extra="forbid", frozen=True)

    fabric: Key
    shape: Literal["square", "rectangle", "strip", "template"]
    width: Exact
    height: Exact
    subcut: Literal["none", "one-diagonal", "both-diagonals"] = "none"
    hand: Literal["left", "right"] | None = None
    corners_off: tuple[Exact, ...] = Field((), max_length=4)
    form: tuple[tuple[tuple[Exact, Exact], ...], ...] = ()
    on_point: bool = False
    segment: Exact | None = None
    lie: Literal["stands", "lies"] | None = None
    seam: Exact = Fraction(0)


def write_mark(what: CutKey) -> str:
    """A cut as text."""
    plain = CutKey(fabric="", shape="square", width=Fraction(0), height=Fraction(0))
    shown: dict[str, Any] = {}
    for name in _ListedIn.model_fields:
        value = getattr(what, name)
        if name in ("fabric", "shape", "width", "height") or value != getattr(plain, name):
            shown[name] = _plain(value)
    return json.dumps(shown, ensure_ascii=False, separators=(",", ":"))


def _plain(value: object) -> object:
    if isinstance(value, TemplateForm):
        return _plain(value.spots)
    if isinstance(value, Fraction):
        return write_exact(value)
    return [_plain(part) for part in value] if isinstance(value, tuple) else value


def read_mark(text: str) -> CutKey:
    """The cut that a text tells. Raises `DraftError` where it tells none."""
    try:
        key_fields = dict(_ListedIn.model_validate_json(text))
        return CutKey(**key_fields | {"form": TemplateForm.at(key_fields["form"])})
    except (ValidationError, RecursionError):
        raise DraftError("cut", message("names-no-cut")) from None


def read_old_mark(text: str, count: int) -> OldMark | None:
    """A tick of the older kind, its parts joined by upright strokes; a fabric's key may hold some.
    None for another.
    """
    parts = text.rsplit("|", 5)
    try:
        fabric, shape, width, height, subcut, letter = parts
        return OldMark(fabric, shape, Fraction(width), Fraction(height), subcut, letter, count)
    except (YonkError, ValueError, ZeroDivisionError):
        return None
