"""Printed sheets, known again by the code on their pages."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME, MEDIUMTEXT

revision = "0018"
down_revision = "0017"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "printed_sheet",
        sa.Column("code", sa.String(16), primary_key=True),
        sa.Column("block_id", sa.String(32), nullable=False),
        sa.Column("sheet", MEDIUMTEXT, nullable=False),
        sa.Column("printed", DATETIME(fsp=6), nullable=False),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
        if_not_exists=True,
    )


def downgrade() -> None:
    op.drop_table("printed_sheet")
