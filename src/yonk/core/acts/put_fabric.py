"""Act: add a fabric to the block, or change the one with its key."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.mates import MatesName
from yonk.core.paper import (
    ClothPicture,
    Draft,
    Fabric,
    PictureTold,
    Print,
    RightSide,
    Value,
    given_fabric,
    next_fabric,
)


@dataclass(frozen=True, kw_only=True)
class PutFabric(Act):
    """Add a fabric to the block, or change the one with its key. A new one without a name and a
    colour is the next that blocks begin with.
    """

    do: Literal["fabric"] = "fabric"
    key: str
    name: str = ""
    colour: str = ""
    value: Value = "medium"
    print: Print = "solid"
    direction: int = 0
    right_side: RightSide = "seen"
    shelf: str = ""
    picture: PictureTold | None = None  # as it was

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        new = given_fabric(self._told(draft), [fabric.key for fabric in draft.fabrics])
        if any(fabric.key == new.key for fabric in draft.fabrics):
            return replace(
                draft,
                fabrics=tuple(new if fabric.key == new.key else fabric for fabric in draft.fabrics),
            )
        return replace(draft, fabrics=(*draft.fabrics, new))

    def _told(self, draft: Draft) -> Fabric:
        if not (self.key or self.name or self.colour):
            return next_fabric(draft.fabrics)
        return Fabric(
            key=self.key,
            name=self.name,
            colour=self.colour,
            value=self.value,
            print=self.print,
            direction=self.direction,
            right_side=self.right_side,
            shelf=self.shelf,
            picture=self.picture.read(draft.unit) if self.picture else self._shown(draft),
        )

    def _shown(self, draft: Draft) -> ClothPicture | None:
        there = (one.picture for one in draft.fabrics if one.key == self.key)
        return next(there, None)
