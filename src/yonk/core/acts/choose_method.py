"""Act: choose the way to make a kind of unit, or the group of units one of which holds `at`; None
takes the proposal.
"""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import point_of
from yonk.core.acts.mates import MatesName
from yonk.core.acts.unit_wish import wish_at, with_wish
from yonk.core.paper import Draft, DraftError, PointText, listed, message
from yonk.core.units import UnitKindName, kind_named


@dataclass(frozen=True, kw_only=True)
class ChooseMethod(Act):
    """Choose the way to make a kind of unit, or the group of units one of which holds `at`; None
    takes the proposal.

    A way is a method, or two joined by a plus sign for a group split over both.
    """

    do: Literal["method"] = "method"
    kind: UnitKindName
    method: str | None
    at: PointText | None = None

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        making = draft.making
        names: list[str] = [method.name for method in kind_named(self.kind, "kind").methods]
        if self.method is not None and not {*self.method.split("+")} <= {*names}:
            raise DraftError(
                "method", message("is-no-way-to-make-it", names=listed(names, "comma"))
            )
        if self.at is None:
            methods = {kind: method for kind, method in making.methods.items() if kind != self.kind}
            if self.method:
                methods[self.kind] = self.method
            return replace(draft, making=replace(making, methods=methods))
        at = point_of(self.at, "at", draft)
        wish = wish_at(draft, at)
        return with_wish(draft, replace(wish, method=self.method))
