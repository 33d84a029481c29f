"""Links by which a phone is let in."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME

revision = "0017"
down_revision = "0016"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "phone_link",
        sa.Column("token", sa.String(64), primary_key=True),
        sa.Column("account_id", sa.String(32), nullable=False),
        sa.Column("until", DATETIME(fsp=6), nullable=False),
        sa.Column("used", sa.Boolean, nullable=False, server_default=sa.false()),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
        if_not_exists=True,
    )


def downgrade() -> None:
    op.drop_table("phone_link")
