"""What is kept of the blocks that a quilt was made from."""

from __future__ import annotations

from typing import Any

from sqlalchemy.orm import Session

from yonk.api.measuring.kept import trial_of
from yonk.api.top.answers import ShelfTrial
from yonk.files.quilt_file import origins_of
from yonk.store import blocks
from yonk.store.rights import NoSuchBlockError


def shelf_trials(db: Session, document: dict[str, Any]) -> dict[str, ShelfTrial]:
    """The trials of the blocks of the shelf that a quilt has copies of."""
    found = {}
    for origin in origins_of(document):
        try:
            kept = blocks.live_block(db, origin)
        except NoSuchBlockError:
            continue
        found[origin] = ShelfTrial(kept.revision, trial_of(db, origin))
    return found
