"""What a quilter works with where no block is asked about, as she typed it."""

from __future__ import annotations

from yonk.api.finder.schemas import SettingsIn
from yonk.core.paper import USUAL, with_settings
from yonk.core.units import Terms


def terms_as_typed(typed: SettingsIn) -> Terms:
    """The quilter's terms, the usual ones where she says nothing. Raises `DraftError` naming the
    field.
    """
    given = {
        name: text
        for name in ("seam", "ruler_step", "trim_margin")
        if (text := getattr(typed, name))
    }
    return Terms(with_settings(USUAL[typed.unit].settings, given, typed.unit), typed.unit)
