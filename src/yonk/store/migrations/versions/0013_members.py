"""Browsers that are known, links for a new password, members who may not sign in."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME

revision = "0013"
down_revision = "0012"
branch_labels = None
depends_on = None

MOMENT = DATETIME(fsp=6)


def upgrade() -> None:
    op.create_table(
        "known_device",
        sa.Column("token", sa.String(64), primary_key=True),
        sa.Column("account_id", sa.String(32), nullable=False),
        sa.Column("until", MOMENT, nullable=False),
        if_not_exists=True,
    )
    op.create_index(
        "ix_known_device_account_id", "known_device", ["account_id"], if_not_exists=True
    )
    op.add_column(
        "invitation", sa.Column("account_id", sa.String(32), nullable=True), if_not_exists=True
    )
    op.add_column(
        "account",
        sa.Column("suspended", sa.Boolean, nullable=False, server_default=sa.false()),
        if_not_exists=True,
    )


def downgrade() -> None:
    op.drop_column("account", "suspended")
    op.drop_column("invitation", "account_id")
    op.drop_table("known_device")
