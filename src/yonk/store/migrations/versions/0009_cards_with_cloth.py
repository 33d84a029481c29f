"""Cards of the shelf say how each fabric is drawn: they are worked out anew when they are next seen."""

from alembic import op

revision = "0009"
down_revision = "0008"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.execute("UPDATE block SET card = NULL WHERE kind = 'block'")


def downgrade() -> None:
    op.execute("UPDATE block SET card = NULL WHERE kind = 'block'")
