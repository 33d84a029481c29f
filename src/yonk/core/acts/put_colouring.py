"""Act: add a colouring of the block, or change the one of that number: which fabric takes the place
of which.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import check_colouring, check_known
from yonk.core.acts.mates import MatesName
from yonk.core.paper import COUNTS, Colouring, Draft, DraftError, check_count

MOST_COLOURINGS = COUNTS["colourings"][1]


@dataclass(frozen=True, kw_only=True)
class PutColouring(Act):
    """Add a colouring of the block, or change the one of that number: which fabric takes the place
    of which.
    """

    do: Literal["colouring"] = "colouring"
    number: int | None = None
    name: str
    blocks: int | str = 1
    mirrored: bool = False
    fabrics: dict[str, str]

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        blocks = check_count(self.blocks, "blocks", "blocks_of_a_colouring")
        for key, other in self.fabrics.items():
            check_known(draft, key)
            check_known(draft, other)
        name = " ".join(self.name.split())[:120] or f"Colouring {len(draft.colourings) + 2}"
        changed = tuple((key, other) for key, other in sorted(self.fabrics.items()) if key != other)
        new = Colouring(name=name, blocks=blocks, mirrored=self.mirrored, fabrics=changed)
        if self.number is None:
            if len(draft.colourings) >= MOST_COLOURINGS:
                raise DraftError(
                    "colourings", f"are {MOST_COLOURINGS} already, the most there can be"
                )
            return replace(draft, colourings=(*draft.colourings, new))
        check_colouring(draft, self.number)
        kept = tuple(
            new if number == self.number else one for number, one in enumerate(draft.colourings)
        )
        return replace(draft, colourings=kept)
