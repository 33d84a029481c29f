"""Ticks of templates tell the seam allowance and the finished outline, not the box on the ruler."""

import json
from fractions import Fraction
from hashlib import sha256
from typing import Any

import sqlalchemy as sa
from alembic import op

revision = "0012"
down_revision = "0011"
branch_labels = None
depends_on = None

USUAL = {"in": "1/4", "cm": "3/4"}


def upgrade() -> None:
    at = op.get_bind()
    rows = at.execute(
        sa.text(
            "SELECT d.block_id, d.stage, d.digest, d.cut, b.document FROM cut_done d "
            "JOIN block b ON b.id = d.block_id WHERE d.cut LIKE '%\"template\"%'"
        )
    ).all()
    for block_id, stage, digest, cut, document in rows:
        text = _with_seam(json.loads(cut), json.loads(document))
        if text != cut:
            at.execute(
                sa.text(
                    "UPDATE IGNORE cut_done SET cut = :cut, digest = :new "
                    "WHERE block_id = :block AND stage = :stage AND digest = :old"
                ),
                {
                    "cut": text,
                    "new": sha256(text.encode()).hexdigest(),
                    "block": block_id,
                    "stage": stage,
                    "old": digest,
                },
            )


def _with_seam(mark: dict[str, Any], document: dict[str, Any]) -> str:
    """The mark of a template as it is kept now; another as it was."""
    if mark.get("shape") == "template" and mark.get("form") and "seam" not in mark:
        spots = [[Fraction(part) for part in spot] for spot in mark["form"][0]]
        sides = sorted(max(one) - min(one) for one in zip(*spots, strict=True))
        mark |= {"height": str(sides[0]), "width": str(sides[1])}
        seam = (document.get("making") or {}).get("seam")
        mark["seam"] = str(Fraction(seam or USUAL[document.get("unit", "in")]))
    return json.dumps(mark, ensure_ascii=False, separators=(",", ":"))


def downgrade() -> None:
    """The older program reads these marks as cuts of other sizes; there is nothing to undo."""
