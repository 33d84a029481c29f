"""Act: set the margin of a unit's kind, of the group of units one of which holds `at`, or of a part
of them, how they are pressed inside, and when they are trimmed.
"""

from __future__ import annotations

from dataclasses import dataclass, fields, replace
from fractions import Fraction
from typing import Literal

from yonk.core.acts.act import Act
from yonk.core.acts.checks import point_of
from yonk.core.acts.mates import MatesName
from yonk.core.acts.unit_wish import wish_at, with_wish
from yonk.core.paper import (
    SETTINGS,
    Draft,
    DraftError,
    LengthError,
    OwnMaking,
    PartName,
    PointText,
    Trimmed,
    UnitPress,
    check_count,
    listed,
    message,
)
from yonk.core.units import UnitKindName, kind_named


@dataclass(frozen=True, kw_only=True)
class SetOwn(Act):
    """Set the margin of a unit's kind, of the group of units one of which holds `at`, or of a
    `part` of them, how they are pressed inside, and when they are trimmed.

    What is None stays; an empty text leaves it to what is further off: a part to its unit, a unit
    to its kind, a kind to the block.
    """

    do: Literal["own"] = "own"
    kind: UnitKindName
    at: PointText | None = None
    part: PartName | None = None
    trim_margin: str | None = None
    press: UnitPress | Literal[""] | None = None
    trimmed: Trimmed | Literal[""] | None = None
    more: int | str | None = None

    def on(self, draft: Draft, mates: MatesName) -> Draft:
        """The draft after it. Raises `DraftError` naming the field."""
        known = kind_named(self.kind, "kind").part_names
        if self.part and self.part not in known:
            parts = listed(known, "comma") if known else message("no-parts")
            raise DraftError("part", message("is-no-part-of-it", parts=parts))
        if self.at is None:
            making = draft.making
            own = self._changed(making.kinds.get(self.kind, OwnMaking()), draft)
            kinds = {kind: one for kind, one in making.kinds.items() if kind != self.kind}
            if not own.untouched:
                kinds[self.kind] = own
            return replace(draft, making=replace(making, kinds=kinds))
        wish = wish_at(draft, point_of(self.at, "at", draft))
        if self.more is not None:
            wish = replace(wish, more=check_count(self.more or 0, "more", "more_lots"))
        own = self._changed(wish, draft)
        changed = {field.name: getattr(own, field.name) for field in fields(OwnMaking)}
        return with_wish(draft, replace(wish, **changed))

    def _changed(self, own: OwnMaking, draft: Draft) -> OwnMaking:
        if self.press is not None:
            own = replace(own, press=self.press or None)
        if self.trimmed is not None:
            own = replace(own, trimmed=self.trimmed or None)
        if self.trim_margin is None:
            return own
        margin = self._margin(draft)
        if self.part is None:
            return replace(own, trim_margin=margin)
        parts = {part: by for part, by in own.parts.items() if part != self.part}
        if margin is not None:
            parts[self.part] = margin
        return replace(own, parts=parts)

    def _margin(self, draft: Draft) -> Fraction | None:
        """As it was typed; None where it is left to what is further off."""
        assert self.trim_margin is not None
        if not self.trim_margin.strip():
            return None
        try:
            margin: Fraction = SETTINGS["trim_margin"].read(self.trim_margin, draft.unit)
        except LengthError as fault:
            raise DraftError("trim_margin", fault.message) from None
        return margin
