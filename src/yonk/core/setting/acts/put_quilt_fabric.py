"""Act of a quilt: a fabric of its own, or the one with its key changed, as tied to the shelf."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.paper import (
    Fabric,
    PictureTold,
    Print,
    RightSide,
    Value,
    check_count,
    given_fabric,
)
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.quilt import Quilt


@dataclass(frozen=True, kw_only=True)
class PutQuiltFabric(QuiltAct):
    """Add a fabric to the quilt, or change the one with its key; what is not told stays."""

    do: Literal["fabric"] = "fabric"
    key: str = ""
    name: str | None = None
    colour: str | None = None
    value: Value | None = None
    print: Print | None = None
    direction: int | None = None
    right_side: RightSide | None = None
    shelf: str | None = None
    picture: PictureTold | None = None

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with it."""
        now = quilt.all_fabrics.get(self.key) or Fabric(key=self.key, name="", colour="")
        names = ("name", "colour", "value", "print", "direction", "right_side", "shelf")
        given = {name: getattr(self, name) for name in names if getattr(self, name) is not None}
        if self.picture:
            given["picture"] = self.picture.read(quilt.unit)
        new = given_fabric(replace(now, **given), quilt.all_fabrics)
        others = tuple(one for one in quilt.fabrics if one.key != new.key)
        check_count(len(others) + 1, "name", "fabrics")
        if len(others) < len(quilt.fabrics):
            mine = tuple(new if one.key == new.key else one for one in quilt.fabrics)
            return replace(quilt, fabrics=mine)
        return replace(quilt, fabrics=(*others, new))
