"""By what a made unit is found again, however the draft has changed since."""

from __future__ import annotations

import json
from hashlib import sha256

from yonk.core.paper import Draft
from yonk.core.planning.reading import UnitGroup


def unit_mark(group: UnitGroup, draft: Draft) -> str:
    """What a unit is, as a digest: its kind, size and fabrics and the allowance that it is sewn
    with, however it lies and wherever in whichever draft.
    """
    told = [repr(group.identity), draft.unit, str(draft.making.seam)]
    return sha256(json.dumps(told).encode()).hexdigest()
