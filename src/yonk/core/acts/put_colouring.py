"""Act: add a colouring of the block, or change the one of that number: which fabric takes the place
of which.
"""

from __future__ import annotations

from dataclasses import dataclass, field, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import check_colouring, check_known
from yonk.core.acts.mates import MatesName
from yonk.core.paper import COUNTS, Colouring, Draft, DraftError, check_count, message

MOST_COLOURINGS = COUNTS["colourings"][1]


@dataclass(frozen=True, kw_only=True)
class PutColouring(Act):
    """Add a colouring of the block, or change the one of that number. What is left out stays as it
    is, so that two quick changes never undo each other; `fabrics` has the fabrics to change, each
    with the one in its place or itself.
    """

    do: Literal["colouring"] = "colouring"
    number: int | None = None
    name: str | None = None
    blocks: int | str | None = None
    mirrored: bool | None = None
    fabrics: dict[str, str] = field(default_factory=dict)

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        kept = draft.colourings
        usual_name = f"Colouring {len(kept) + 2}"
        if self.number is None:
            if len(kept) >= MOST_COLOURINGS:
                raise DraftError(
                    "colourings", message("are-already-the-most", most=MOST_COLOURINGS)
                )
            new = self._changed(draft, Colouring(name=usual_name), usual_name)
            return replace(draft, colourings=(*kept, new))
        check_colouring(draft, self.number)
        changed = self._changed(draft, kept[self.number], usual_name)
        return replace(draft, colourings=(*kept[: self.number], changed, *kept[self.number + 1 :]))

    def _changed(self, draft: Draft, colouring: Colouring, usual_name: str) -> Colouring:
        for key, other in self.fabrics.items():
            check_known(draft, key)
            check_known(draft, other)
        pairs = {**dict(colouring.fabrics), **self.fabrics}
        changes: dict[str, object] = {
            "fabrics": tuple(sorted((key, other) for key, other in pairs.items() if key != other))
        }
        if self.name is not None:
            changes["name"] = " ".join(self.name.split())[:120] or usual_name
        if self.blocks is not None:
            changes["blocks"] = check_count(self.blocks, "blocks", "blocks_of_a_colouring")
        if self.mirrored is not None:
            changes["mirrored"] = self.mirrored
        return replace(colouring, **changes)  # type: ignore[arg-type]
