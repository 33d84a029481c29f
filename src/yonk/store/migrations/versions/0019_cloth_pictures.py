"""Pictures of cloth, each kept once for each person."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME, MEDIUMBLOB

revision = "0019"
down_revision = "0018"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "cloth_picture",
        sa.Column("id", sa.String(32), primary_key=True),
        sa.Column("owner", sa.String(32), primary_key=True),
        sa.Column("content", MEDIUMBLOB, nullable=False),
        sa.Column("made", DATETIME(fsp=6), nullable=False),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
        if_not_exists=True,
    )
    op.create_index("ix_cloth_picture_owner", "cloth_picture", ["owner"], if_not_exists=True)


def downgrade() -> None:
    op.drop_table("cloth_picture")
