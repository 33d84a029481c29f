"""What is said of a block on its shelf: labels and a note."""

import sqlalchemy as sa
from alembic import op

revision = "0008"
down_revision = "0007"
branch_labels = None
depends_on = None


def upgrade() -> None:
    known = sa.inspect(op.get_bind())
    if not known.has_table("block_label"):
        op.create_table(
            "block_label",
            sa.Column("block_id", sa.String(32), primary_key=True),
            sa.Column("label", sa.String(40, collation="utf8mb4_bin"), primary_key=True),
        )
    if "block_label_label" not in {one["name"] for one in known.get_indexes("block_label")}:
        op.create_index("block_label_label", "block_label", ["label"])
    if not known.has_table("shelf_note"):
        op.create_table(
            "shelf_note",
            sa.Column("block_id", sa.String(32), primary_key=True),
            sa.Column("note", sa.String(1000), nullable=False),
        )


def downgrade() -> None:
    op.drop_table("shelf_note")
    op.drop_table("block_label")
