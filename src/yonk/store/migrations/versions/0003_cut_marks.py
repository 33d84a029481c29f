"""Cuts with an identity of their own, the stage they are cut in, and what the shelf knows of them."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME, MEDIUMTEXT

revision = "0003"
down_revision = "0002"
branch_labels = None
depends_on = None

MOMENT = DATETIME(fsp=6)


def upgrade() -> None:
    op.create_table(
        "cut_done",
        sa.Column("block_id", sa.String(32), primary_key=True),
        sa.Column("stage", sa.String(8), primary_key=True),
        sa.Column("digest", sa.String(64), primary_key=True),
        sa.Column("cut", MEDIUMTEXT, nullable=False),
        sa.Column("done", sa.Integer, nullable=False, server_default="0"),
        sa.Column("booked", sa.Integer, nullable=False, server_default="0"),
        sa.Column("revision", sa.Integer, nullable=False),
        sa.Column("changed", MOMENT, nullable=False),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
        if_not_exists=True,
    )


def downgrade() -> None:
    op.drop_table("cut_done")
