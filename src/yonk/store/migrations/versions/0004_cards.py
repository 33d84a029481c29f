"""Cards of the shelf kept with the block, saves that know themselves again, and revisions that are named or opened."""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import MEDIUMTEXT

revision = "0004"
down_revision = "0003"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.add_column("block", sa.Column("card", MEDIUMTEXT, nullable=True), if_not_exists=True)
    op.create_index("block_by_change", "block", ["deleted", "changed"], if_not_exists=True)
    op.create_index("block_by_name", "block", ["deleted", "name"], if_not_exists=True)
    op.add_column("block_revision", sa.Column("save_key", sa.String(64), nullable=True), if_not_exists=True)
    op.add_column("block_revision", sa.Column("title", sa.String(120), nullable=True), if_not_exists=True)
    op.add_column("block_revision", sa.Column("opened", sa.Boolean, nullable=False, server_default=sa.false()), if_not_exists=True)


def downgrade() -> None:
    for column in ("opened", "title", "save_key"):
        op.drop_column("block_revision", column)
    for index in ("block_by_name", "block_by_change"):
        op.drop_index(index, "block")
    op.drop_column("block", "card")
