"""Her pace as it is kept, once for all blocks."""

from __future__ import annotations

import json
from dataclasses import asdict

from sqlalchemy.orm import Session

from yonk.core.table import NO_PACE, Pace, Paces, TaskKind
from yonk.store.preferences import keep_preference, preference

PACE = "pace"
TASK_KINDS: tuple[TaskKind, ...] = ("cut", "sew")
# What was measured longer ago counts for less: no more than so many seconds of it are kept.
MOST_KEPT = 20 * 3600.0


def paces_of(session: Session) -> Paces:
    """Her paces; a kind that her clock never measured is by the first guess."""
    known = json.loads(preference(session, PACE) or "{}")
    return {kind: Pace(**known[kind]) if kind in known else NO_PACE for kind in TASK_KINDS}


def add_pace(session: Session, kind: TaskKind, more: Pace) -> None:
    """Count in what the clock measured."""
    paces = dict(paces_of(session))
    before = paces[kind]
    kept = min(1.0, MOST_KEPT / max(before.measured, 1.0))
    paces[kind] = Pace(before.measured * kept + more.measured, before.guessed * kept + more.guessed)
    keep_preference(session, PACE, json.dumps({one: asdict(pace) for one, pace in paces.items()}))
