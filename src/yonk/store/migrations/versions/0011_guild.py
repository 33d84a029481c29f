"""Accounts, what belongs to whom, what is shared, and a quilt that several sew."""

from typing import Any

import sqlalchemy as sa
from alembic import op
from sqlalchemy.dialects.mysql import DATETIME

revision = "0011"
down_revision = "0010"
branch_labels = None
depends_on = None

MOMENT = DATETIME(fsp=6)
OWNED = ("block", "shelf_fabric", "seam_test", "preference")


def _id(name: str, *, primary_key: bool = False, server_default: str | None = None) -> sa.Column[str]:
    return sa.Column(
        name,
        sa.String(32),
        nullable=False,
        primary_key=primary_key,
        server_default=server_default,
    )


TABLES: dict[str, tuple[sa.Column[Any], ...]] = {
    "account": (
        _id("id", primary_key=True),
        sa.Column("name", sa.String(40), nullable=False, unique=True),
        sa.Column("password", sa.String(200), nullable=False),
        sa.Column("keeper", sa.Boolean, nullable=False),
        sa.Column("created", MOMENT, nullable=False),
    ),
    "signed_in": (
        sa.Column("token", sa.String(64), primary_key=True),
        _id("account_id"),
        sa.Column("since", MOMENT, nullable=False),
        sa.Column("until", MOMENT, nullable=False),
    ),
    "attempt": (
        _id("id", primary_key=True),
        sa.Column("about", sa.String(64), nullable=False),
        sa.Column("made", MOMENT, nullable=False),
    ),
    "invitation": (
        sa.Column("token", sa.String(64), primary_key=True),
        _id("made_by"),
        sa.Column("whom", sa.String(120), nullable=False),
        sa.Column("made", MOMENT, nullable=False),
        sa.Column("until", MOMENT, nullable=False),
        sa.Column("used_by", sa.String(32)),
    ),
    "circle": (
        _id("id", primary_key=True),
        sa.Column("name", sa.String(120), nullable=False),
        _id("owner"),
        sa.Column("created", MOMENT, nullable=False),
    ),
    "circle_member": (
        _id("circle_id", primary_key=True),
        _id("account_id", primary_key=True),
    ),
    "share": (
        _id("thing_id", primary_key=True),
        _id("with_id", primary_key=True),
        sa.Column("level", sa.String(8), nullable=False),
    ),
    "part": (
        _id("quilt_id", primary_key=True),
        _id("account_id", primary_key=True),
        sa.Column("block", sa.String(64), primary_key=True),
        sa.Column("count", sa.Integer, nullable=False),
        sa.Column("cut", sa.Integer, nullable=False),
        sa.Column("sewn", sa.Integer, nullable=False),
        sa.Column("handed_in", sa.Integer, nullable=False),
        sa.Column("changed", MOMENT, nullable=False),
    ),
}
INDEXES = (
    ("block", "owner"),
    ("shelf_fabric", "owner"),
    ("seam_test", "owner"),
    ("signed_in", "account_id"),
    ("attempt", "about"),
    ("invitation", "made_by"),
    ("circle", "owner"),
    ("circle_member", "account_id"),
    ("share", "with_id"),
)


def upgrade() -> None:
    here = sa.inspect(op.get_bind())
    for name, columns in TABLES.items():
        if not here.has_table(name):
            op.create_table(name, *columns)
    for table in OWNED:
        if "owner" not in {column["name"] for column in here.get_columns(table)}:
            op.add_column(table, _id("owner", server_default=""))
    if "saved_by" not in {column["name"] for column in here.get_columns("block_revision")}:
        op.add_column("block_revision", _id("saved_by", server_default=""))
    for table, column in INDEXES:
        op.create_index(f"ix_{table}_{column}", table, [column], if_not_exists=True)
    shelf = ["owner", "kind", "deleted", "changed"]
    op.create_index("block_shelf", "block", shelf, if_not_exists=True)
    if "owner" not in here.get_pk_constraint("preference")["constrained_columns"]:
        op.execute("ALTER TABLE preference DROP PRIMARY KEY, ADD PRIMARY KEY (owner, name)")
    if "id" in {column["name"] for column in here.get_columns("usual")}:
        op.execute("UPDATE `usual` SET id = ''")
        op.execute("ALTER TABLE `usual` CHANGE id owner VARCHAR(32) NOT NULL")


def downgrade() -> None:
    op.execute("ALTER TABLE `usual` CHANGE owner id VARCHAR(32) NOT NULL")
    op.execute("UPDATE `usual` SET id = 'usual'")
    op.execute("ALTER TABLE preference DROP PRIMARY KEY, ADD PRIMARY KEY (name)")
    op.drop_index("block_shelf", "block")
    op.drop_column("block_revision", "saved_by")
    for table in OWNED:
        op.drop_column(table, "owner")
    for name in TABLES:
        op.drop_table(name)
