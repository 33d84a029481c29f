"""Seam tests, what was measured of blocks, their logs and photos."""

from __future__ import annotations

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME, MEDIUMBLOB, MEDIUMTEXT

revision = "0006"
down_revision = "0005"
branch_labels = None
depends_on = None

MOMENT = DATETIME(fsp=6)
TABLES = ("seam_test", "preference", "measured", "taken_back", "block_note", "photo")


def _table(name: str, *columns: sa.Column[object], moments: tuple[str, ...] = ("changed",)) -> None:
    kept = [sa.Column(one, MOMENT, nullable=one == "deleted") for one in moments]
    op.create_table(
        name,
        *columns,
        *kept,
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
        if_not_exists=True,
    )


def _key(name: str, length: int = 32) -> sa.Column[object]:
    return sa.Column(name, sa.String(length), primary_key=True)


def _text(name: str, length: int = 0) -> sa.Column[object]:
    return sa.Column(name, sa.String(length) if length else MEDIUMTEXT, nullable=False)


def _of_a_block() -> sa.Column[object]:
    return sa.Column("block_id", sa.String(32), nullable=False)


def _number(name: str) -> sa.Column[object]:
    return sa.Column(name, sa.Integer, nullable=False)


def upgrade() -> None:
    _table("seam_test", _key("id"), _text("document"), moments=("sewn", "changed", "deleted"))
    _table("preference", _key("name", 64), _text("document"))
    _table("measured", _key("block_id"), _key("what", 64), _text("size", 64), _text("expected", 64))
    _table("taken_back", _key("block_id"), _key("mark", 64), _text("words", 400), _number("times"))
    _table(
        "block_note",
        _key("id"),
        _of_a_block(),
        _text("kind", 16),
        _text("document"),
        moments=("made", "changed", "deleted"),
    )
    _table(
        "photo",
        _key("id"),
        _of_a_block(),
        _text("caption", 400),
        _number("width"),
        _number("height"),
        sa.Column("content", MEDIUMBLOB, nullable=False),
        moments=("made", "deleted"),
    )
    for name in ("block_note", "photo"):
        _index_once(name, "block_id")


def _index_once(table: str, column: str) -> None:
    """Indexed, unless it was already when this was cut short before."""
    there = {one["name"] for one in sa.inspect(op.get_bind()).get_indexes(table)}
    name = f"{table}_{column}"
    if name not in there:
        op.create_index(name, table, [column])


def downgrade() -> None:
    for name in TABLES:
        op.drop_table(name)
