"""Act: set the proportions of all columns or rows; their number stays."""

from __future__ import annotations

import re
from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.grid import Axis, proportions_of, with_parts
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, DraftError, message, typed_length

# a hyphen parts two numbers where it does not stand inside a mixed one, such as 1-1/2
BETWEEN = re.compile(r"[,;:]?\s+|[;:]|(?<=\d)[-–](?=\d+(?![\d/⁄]))")


def parts_in(text: str) -> tuple[str, ...]:
    """The proportions in what was typed.

    >>> parts_in("1-2-1"), parts_in("1 1-1/2, 1")
    (('1', '2', '1'), ('1', '1-1/2', '1'))
    """
    return tuple(part for part in BETWEEN.split(text.strip()) if part)


@dataclass(frozen=True, kw_only=True)
class Proportions(Act):
    """Set the proportions of all columns or rows; their number stays."""

    do: Literal["proportions"] = "proportions"
    axis: Axis
    parts: tuple[str, ...]  # one for each, or all of them in one text

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        lines = len(proportions_of(draft, self.axis))
        texts = parts_in(self.parts[0]) if len(self.parts) == 1 < lines else self.parts
        if len(texts) != lines:
            raise DraftError(self.axis, message("proportions-one-for-each", lines=lines))
        parts = tuple(
            typed_length(part, f"{self.axis} {place}", "proportion", draft.unit)
            for place, part in enumerate(texts, start=1)
        )
        return carried(with_parts(draft, self.axis, parts), (), draft)
