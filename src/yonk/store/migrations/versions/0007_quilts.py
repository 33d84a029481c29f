"""Quilts are kept as blocks are, told apart by their kind."""

import sqlalchemy as sa
from alembic import op

revision = "0007"
down_revision = "0006"
branch_labels = None
depends_on = None


def upgrade() -> None:
    known = sa.inspect(op.get_bind())
    if "kind" not in {one["name"] for one in known.get_columns("block")}:
        op.add_column(
            "block", sa.Column("kind", sa.String(8), nullable=False, server_default="block")
        )
    if "block_kind" not in {one["name"] for one in known.get_indexes("block")}:
        op.create_index("block_kind", "block", ["kind", "deleted", "changed"])


def downgrade() -> None:
    op.drop_index("block_kind", "block")
    op.drop_column("block", "kind")
