"""Quilts are kept as blocks are, told apart by their kind."""

import sqlalchemy as sa
from alembic import op

revision = "0007"
down_revision = "0006"
branch_labels = None
depends_on = None


def upgrade() -> None:
    columns = {one["name"] for one in sa.inspect(op.get_bind()).get_columns("block")}
    if "kind" not in columns:
        op.add_column(
            "block", sa.Column("kind", sa.String(8), nullable=False, server_default="block")
        )
        op.create_index("block_kind", "block", ["kind", "deleted", "changed"])


def downgrade() -> None:
    op.drop_index("block_kind", "block")
    op.drop_column("block", "kind")
