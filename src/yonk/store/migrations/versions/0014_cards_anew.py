"""Cards of the shelves are made anew: those that were kept before hold their sizes in the words of
one language.
"""

from alembic import op

revision = "0014"
down_revision = "0013"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.execute("UPDATE block SET card = NULL")


def downgrade() -> None:
    op.execute("UPDATE block SET card = NULL")
