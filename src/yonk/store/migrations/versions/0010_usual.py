"""What new blocks begin with, kept once."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import MEDIUMTEXT

revision = "0010"
down_revision = "0009"
branch_labels = None
depends_on = None


def upgrade() -> None:
    if not sa.inspect(op.get_bind()).has_table("usual"):
        op.create_table(
            "usual",
            sa.Column("id", sa.String(8), primary_key=True),
            sa.Column("unit", sa.String(2), nullable=False),
            sa.Column("settings", MEDIUMTEXT, nullable=False),
        )


def downgrade() -> None:
    op.drop_table("usual")
