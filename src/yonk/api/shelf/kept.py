"""A kept block as it is sent."""

from __future__ import annotations

import json

from yonk.api.wire import BlockOut
from yonk.store.blocks import KeptBlock


def block_out(kept: KeptBlock) -> BlockOut:
    """A kept block as it is sent."""
    return BlockOut(
        id=kept.id,
        name=kept.name,
        revision=kept.revision,
        created=kept.created,
        changed=kept.changed,
        document=json.loads(kept.document),
        right=kept.right,
        owner=kept.owner,
    )
