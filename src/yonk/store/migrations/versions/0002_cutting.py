"""The fabric shelf and the progress of cutting."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME, MEDIUMTEXT

revision = "0002"
down_revision = "0001"
branch_labels = None
depends_on = None

MOMENT = DATETIME(fsp=6)


def upgrade() -> None:
    op.create_table(
        "shelf_fabric",
        sa.Column("id", sa.String(32), primary_key=True),
        sa.Column("name", sa.String(120), nullable=False),
        sa.Column("document", MEDIUMTEXT, nullable=False),
        sa.Column("revision", sa.Integer, nullable=False),
        sa.Column("changed", MOMENT, nullable=False),
        sa.Column("deleted", MOMENT, nullable=True),
        mysql_charset="utf8mb4",
        if_not_exists=True,
    )
    op.create_table(
        "cut_mark",
        sa.Column("block_id", sa.String(32), primary_key=True),
        sa.Column("signature", sa.String(190), primary_key=True),
        sa.Column("done", sa.Integer, nullable=False),
        sa.Column("revision", sa.Integer, nullable=False),
        sa.Column("changed", MOMENT, nullable=False),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
        if_not_exists=True,
    )


def downgrade() -> None:
    for table in ("cut_mark", "shelf_fabric"):
        op.drop_table(table)
