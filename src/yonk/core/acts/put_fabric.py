"""Act: add a fabric to the block, or change the one with its key."""

from __future__ import annotations

import re
from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.mates import MatesName
from yonk.core.paper import UNASSIGNED, Draft, DraftError, Fabric, Print, Value, next_key


@dataclass(frozen=True, kw_only=True)
class PutFabric(Act):
    """Add a fabric to the block, or change the one with its key."""

    do: Literal["fabric"] = "fabric"
    key: str
    name: str
    colour: str
    value: Value = "medium"
    print: Print = "solid"
    direction: int = 0
    shelf: str = ""

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        if not re.fullmatch("#[0-9a-fA-F]{6}", self.colour):
            raise DraftError("colour", "must be a colour such as #a3262a")
        if not self.name.strip():
            raise DraftError("name", "is missing; give the fabric a name")
        key = self.key or next_key((fabric.key for fabric in draft.fabrics), self.name)
        if key == UNASSIGNED:
            raise DraftError("name", "stands for patches without a fabric; choose another")
        new = Fabric(
            key=key,
            name=self.name.strip(),
            colour=self.colour.lower(),
            value=self.value,
            print=self.print,
            direction=self.direction % 360,
            shelf=self.shelf,
        )
        if any(fabric.key == key for fabric in draft.fabrics):
            return replace(
                draft,
                fabrics=tuple(new if fabric.key == key else fabric for fabric in draft.fabrics),
            )
        return replace(draft, fabrics=(*draft.fabrics, new))
