"""Blocks, their revisions, and markers."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME, MEDIUMTEXT

revision = "0001"
down_revision = None
branch_labels = None
depends_on = None

MOMENT = DATETIME(fsp=6)


def upgrade() -> None:
    op.create_table(
        "block",
        sa.Column("id", sa.String(32), primary_key=True),
        sa.Column("name", sa.String(120), nullable=False),
        sa.Column("document", MEDIUMTEXT, nullable=False),
        sa.Column("revision", sa.Integer, nullable=False),
        sa.Column("created", MOMENT, nullable=False),
        sa.Column("changed", MOMENT, nullable=False),
        sa.Column("deleted", MOMENT, nullable=True),
        mysql_charset="utf8mb4",
        if_not_exists=True,
    )
    op.create_index("ix_block_changed", "block", ["changed"], if_not_exists=True)
    op.create_table(
        "block_revision",
        sa.Column("block_id", sa.String(32), primary_key=True),
        sa.Column("revision", sa.Integer, primary_key=True, autoincrement=False),
        sa.Column("document", MEDIUMTEXT, nullable=False),
        sa.Column("saved", MOMENT, nullable=False),
        mysql_charset="utf8mb4",
        if_not_exists=True,
    )
    op.create_table(
        "marker",
        sa.Column("name", sa.String(64), primary_key=True),
        sa.Column("set_at", MOMENT, nullable=False),
        mysql_charset="utf8mb4",
        if_not_exists=True,
    )


def downgrade() -> None:
    for table in ("marker", "block_revision", "block"):
        op.drop_table(table)
