"""What happens at the table as entries of a ledger: ticks of cuts and of sewing, and what the shelf
knows of, are carried over as the first entry of each block.
"""

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME, MEDIUMTEXT

revision = "0016"
down_revision = "0015"
branch_labels = None
depends_on = None

CARRIED = "carried over"  # the name of the first entry
# what was kept, as kind, thing, words, amount, and when it was changed
BEFORE = """
SELECT block_id, 'cut' AS kind, CONCAT(stage, ' ', cut) AS thing, '' AS words, done AS amount, changed
  FROM cut_done WHERE done > 0
UNION ALL SELECT block_id, 'booked', CONCAT(stage, ' ', cut), '', booked, changed
  FROM cut_done WHERE booked > 0
UNION ALL SELECT block_id, 'joined', mark, words, done, changed FROM sew_done WHERE done > 0
"""


def upgrade() -> None:
    op.create_table(
        "table_entry",
        sa.Column("block_id", sa.String(32), primary_key=True),
        sa.Column("number", sa.Integer, primary_key=True, autoincrement=False),
        sa.Column("name", sa.String(64), nullable=False),
        sa.Column("place", sa.String(8), nullable=False),
        sa.Column("device", sa.String(64), nullable=False),
        sa.Column("maker", sa.String(32), nullable=False, server_default=""),
        sa.Column("words", sa.String(400), nullable=False),
        sa.Column("made", DATETIME(fsp=6), nullable=False),
        sa.Column("undoes", sa.Integer),
        sa.Column("undone", sa.Boolean, nullable=False, server_default=sa.false()),
        sa.UniqueConstraint("block_id", "name", name="table_entry_name"),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
        if_not_exists=True,
    )
    op.create_table(
        "table_change",
        sa.Column("block_id", sa.String(32), primary_key=True),
        sa.Column("entry", sa.Integer, primary_key=True, autoincrement=False),
        sa.Column("number", sa.Integer, primary_key=True, autoincrement=False),
        sa.Column("digest", sa.String(64), nullable=False),
        sa.Column("amount", sa.Integer, nullable=False),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
        if_not_exists=True,
    )
    op.create_table(
        "table_thing",
        sa.Column("block_id", sa.String(32), primary_key=True),
        sa.Column("digest", sa.String(64), primary_key=True),
        sa.Column("kind", sa.String(8), nullable=False),
        sa.Column("thing", MEDIUMTEXT, nullable=False),
        sa.Column("words", sa.String(400), nullable=False),
        sa.Column("amount", sa.Integer, nullable=False),
        sa.Column("told", sa.Integer, nullable=False),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
        if_not_exists=True,
    )
    if "cut_done" not in sa.inspect(op.get_bind()).get_table_names():
        return  # a run before this one came so far
    op.execute(
        "INSERT IGNORE INTO table_thing (block_id, digest, kind, thing, words, amount, told)"
        " SELECT block_id, SHA2(CONCAT(kind, ' ', thing), 256), kind, thing, words, amount,"
        " ROW_NUMBER() OVER (PARTITION BY block_id ORDER BY changed, kind, thing)"
        f" FROM ({BEFORE}) AS kept"
    )
    op.execute(
        "INSERT IGNORE INTO table_entry (block_id, number, name, place, device, words, made)"
        f" SELECT block_id, 1, '{CARRIED}', 'shelf', '', '', MAX(changed)"
        f" FROM ({BEFORE}) AS kept GROUP BY block_id"
    )
    op.execute(
        "INSERT IGNORE INTO table_change (block_id, entry, number, digest, amount)"
        " SELECT block_id, 1, told - 1, digest, amount FROM table_thing WHERE kind <> ''"
    )
    op.drop_table("sew_done")
    op.drop_table("cut_done")


def downgrade() -> None:
    op.create_table(
        "cut_done",
        sa.Column("block_id", sa.String(32), primary_key=True),
        sa.Column("stage", sa.String(8), primary_key=True),
        sa.Column("digest", sa.String(64), primary_key=True),
        sa.Column("cut", MEDIUMTEXT, nullable=False),
        sa.Column("done", sa.Integer, nullable=False),
        sa.Column("booked", sa.Integer, nullable=False),
        sa.Column("revision", sa.Integer, nullable=False),
        sa.Column("changed", DATETIME(fsp=6), nullable=False),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
    )
    op.create_table(
        "sew_done",
        sa.Column("block_id", sa.String(32), primary_key=True),
        sa.Column("mark", sa.String(64), primary_key=True),
        sa.Column("words", sa.String(400), nullable=False),
        sa.Column("done", sa.Integer, nullable=False),
        sa.Column("revision", sa.Integer, nullable=False),
        sa.Column("changed", DATETIME(fsp=6), nullable=False),
        mysql_charset="utf8mb4",
        mysql_collate="utf8mb4_bin",
    )
    op.execute(
        "INSERT INTO cut_done (block_id, stage, digest, cut, done, booked, revision, changed)"
        " SELECT block_id, stage, SHA2(cut, 256), cut, SUM(done), SUM(booked), 1, UTC_TIMESTAMP(6)"
        " FROM (SELECT block_id, IF(thing LIKE 'trial %', 'trial', 'rest') AS stage,"
        " SUBSTRING(thing, LOCATE(' ', thing) + 1) AS cut,"
        " IF(kind = 'cut', amount, 0) AS done, IF(kind = 'booked', amount, 0) AS booked"
        " FROM table_thing WHERE kind IN ('cut', 'booked')) AS kept GROUP BY block_id, stage, cut"
    )
    op.execute(
        "INSERT INTO sew_done (block_id, mark, words, done, revision, changed)"
        " SELECT block_id, thing, words, amount, 1, UTC_TIMESTAMP(6)"
        " FROM table_thing WHERE kind = 'joined'"
    )
    for name in ("table_thing", "table_change", "table_entry"):
        op.drop_table(name)
