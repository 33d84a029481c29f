"""Several trial blocks of a block, each with the document that it was cut by. What was measured
before is of the first one, cut as the block is now.
"""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME, MEDIUMTEXT

revision = "0015"
down_revision = "0014"
branch_labels = None
depends_on = None


def upgrade() -> None:
    op.create_table(
        "trial_block",
        sa.Column("block_id", sa.String(32), primary_key=True),
        sa.Column("number", sa.Integer, primary_key=True, autoincrement=False),
        sa.Column("document", MEDIUMTEXT, nullable=False),
        sa.Column("looks", sa.String(16), nullable=False, server_default=""),
        sa.Column("begun", DATETIME(fsp=6), nullable=False),
        if_not_exists=True,
    )
    op.execute(
        "ALTER TABLE measured ADD COLUMN IF NOT EXISTS trial INT NOT NULL DEFAULT 1 AFTER block_id,"
        " MODIFY what VARCHAR(96) NOT NULL, DROP PRIMARY KEY, ADD PRIMARY KEY (block_id, trial, what)"
    )
    op.execute(
        "INSERT IGNORE INTO trial_block (block_id, number, document, looks, begun)"
        " SELECT block.id, 1, block.document, '', MIN(measured.changed)"
        " FROM block JOIN measured ON measured.block_id = block.id"
        " GROUP BY block.id, block.document"
    )


def downgrade() -> None:
    op.execute("DELETE FROM measured WHERE trial <> 1 OR CHAR_LENGTH(what) > 64")
    op.execute(
        "ALTER TABLE measured DROP PRIMARY KEY, DROP COLUMN trial,"
        " MODIFY what VARCHAR(64) NOT NULL, ADD PRIMARY KEY (block_id, what)"
    )
    op.drop_table("trial_block")
