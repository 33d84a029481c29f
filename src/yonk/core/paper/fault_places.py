"""Where something is wrong, in words: the place of a fault as a quilter calls it."""

from __future__ import annotations

import re

from yonk.core.paper.settings import SETTINGS

_LEFT_OUT = frozenset(("making", "settings", "document", "acts", "block"))
_WORDS = {
    "fill": "block everywhere",
    "alternate": "every other place",
    "floats": "float",
    "outer": "ring",
    "half_blocks": "half blocks",
    "at": "place",
    "save_key": "save",
}


def fault_place_words(place: str) -> str:
    """The place of a fault in words; a number in brackets counts from nought.

    >>> fault_place_words("making.trim_margin"), fault_place_words("borders.2.width")
    ('trim margin', 'border 2, width')
    >>> fault_place_words("seams[3]"), fault_place_words("setting.half_blocks")
    ('seam 4', 'setting, half blocks')
    >>> fault_place_words("")
    ''
    """
    found: list[str] = []
    for part in re.findall(r"\[\d+\]|[^.\[\]]+", place):
        number = _number(part)
        if number is not None and found:
            found[-1] = f"{_one_of(found[-1])} {number}"
        elif number is not None:
            found.append(str(number))
        elif part not in _LEFT_OUT:
            found.append(_called(part))
    return ", ".join(found)


def _number(part: str) -> int | None:
    if part.startswith("["):
        return int(part[1:-1]) + 1
    return int(part) if part.isdecimal() else None


def _called(part: str) -> str:
    if part in SETTINGS:
        label = SETTINGS[part].label
        return label[:1].lower() + label[1:]
    return _WORDS.get(part) or part.replace("_", " ").replace("-", " ")


def _one_of(many: str) -> str:
    return many.removesuffix("es") if many.endswith("ches") else many.removesuffix("s")
