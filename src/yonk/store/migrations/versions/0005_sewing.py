"""How far the sewing of a block is."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME

revision = "0005"
down_revision = "0004"
branch_labels = None
depends_on = None

MOMENT = DATETIME(fsp=6)


def upgrade() -> None:
    op.create_table(
        "sew_done",
        sa.Column("block_id", sa.String(32), primary_key=True),
        sa.Column("mark", sa.String(64), primary_key=True),
        sa.Column("words", sa.String(400), nullable=False),
        sa.Column("done", sa.Integer, nullable=False, server_default="0"),
        sa.Column("revision", sa.Integer, nullable=False),
        sa.Column("changed", MOMENT, nullable=False),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
        if_not_exists=True,
    )


def downgrade() -> None:
    op.drop_table("sew_done")
