"""${message}"""

# MariaDB commits each change to a table by itself: every step is one that does nothing where it is done already
# (if_not_exists=True), so that a migration which was killed half way is mended by the next start.

import sqlalchemy as sa
from alembic import op

revision = ${repr(up_revision)}
down_revision = ${repr(down_revision)}
branch_labels = None
depends_on = None


def upgrade() -> None:
    ${upgrades if upgrades else "pass"}


def downgrade() -> None:
    ${downgrades if downgrades else "pass"}
