"""Act: set the proportions of all columns or rows; their number stays."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.carrying import carried
from yonk.core.acts.grid import Axis, parts_of, with_parts
from yonk.core.acts.mates import MatesName
from yonk.core.paper import Draft, DraftError, typed_length


@dataclass(frozen=True, kw_only=True)
class Proportions(Act):
    """Set the proportions of all columns or rows; their number stays."""

    do: Literal["proportions"] = "proportions"
    axis: Axis
    parts: tuple[str, ...]

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        if len(self.parts) != len(parts_of(draft, self.axis)):
            raise DraftError(
                self.axis, f"need {len(parts_of(draft, self.axis))} proportions, one for each"
            )
        parts = tuple(
            typed_length(part, f"{self.axis} {place}", "proportion", draft.unit)
            for place, part in enumerate(self.parts, start=1)
        )
        return carried(with_parts(draft, self.axis, parts), (), draft)
