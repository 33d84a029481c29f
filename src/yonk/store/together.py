"""Keeping who took over what of a quilt that several sew."""

from __future__ import annotations

from collections.abc import Mapping, Sequence

from sqlalchemy import delete, select
from sqlalchemy.dialects.mysql import insert
from sqlalchemy.orm import Session

from yonk.core.paper import DraftError, message
from yonk.core.setting import SharedPart, check_part
from yonk.store import models
from yonk.store.database import retried
from yonk.store.people import names_of
from yonk.store.rights import ask, person_of

TOUCHED = ""  # the person and block of a row that everybody writes, so that two never take the last


def shared_parts(session: Session, quilt_id: str) -> list[SharedPart]:
    """Who took over what, in the order of people and blocks."""
    ask(session, quilt_id)
    return _parts(session, quilt_id)


@retried
def keep_part(session: Session, quilt_id: str, part: SharedPart, counts: Mapping[str, int]) -> None:
    """Keep what a person took over and how far she is; none of a block lets it go.

    Everybody who sees the quilt tells of her own; who may change it, of anybody's. Raises
    `NotYoursError`, `DraftError` where that many are not left.
    """
    ask(session, quilt_id, "see" if part.person == person_of(session).id else "change")
    _touch(session, quilt_id)
    here = part.person, part.block
    others = [
        one for one in _parts(session, quilt_id, newest=True) if (one.person, one.block) != here
    ]
    if part.count:
        _check_people(session, [part])
        check_part(part, counts, others)
    _put(session, quilt_id, part)
    session.commit()


@retried
def share_out(session: Session, quilt_id: str, parts: Sequence[SharedPart]) -> None:
    """Share a quilt out anew. Raises `NotYoursError`, `DraftError` for somebody who is not
    here.
    """
    ask(session, quilt_id, "change")
    _check_people(session, parts)
    _touch(session, quilt_id)
    mine = models.SharedPartRow.quilt_id == quilt_id, models.SharedPartRow.account_id != TOUCHED
    session.execute(delete(models.SharedPartRow).where(*mine))
    for part in parts:
        _put(session, quilt_id, part)
    session.commit()


def _check_people(session: Session, parts: Sequence[SharedPart]) -> None:
    wanted = {part.person for part in parts}
    if wanted != names_of(session, [*wanted]).keys():
        raise DraftError("people", message("people-have-left"))


def _parts(session: Session, quilt_id: str, *, newest: bool = False) -> list[SharedPart]:
    """Who took over what; the `newest`, whatever this session saw before it waited for others."""
    table = models.SharedPartRow
    asked = (
        select(table)
        .where(table.quilt_id == quilt_id, table.account_id != TOUCHED)
        .order_by(table.account_id, table.block)
        .execution_options(populate_existing=True)
    )
    if newest:
        asked = asked.with_for_update()
    return [
        SharedPart(row.account_id, row.block, row.count, row.cut, row.sewn, row.handed_in)
        for row in session.scalars(asked)
    ]


def _put(session: Session, quilt_id: str, part: SharedPart) -> None:
    table = models.SharedPartRow
    here = (
        table.quilt_id == quilt_id,
        table.account_id == part.person,
        table.block == part.block,
    )
    if not part.count:
        session.execute(delete(table).where(*here))
        return
    new = {
        "count": part.count,
        "cut": part.cut,
        "sewn": part.sewn,
        "handed_in": part.handed_in,
        "changed": models.now(),
    }
    row = insert(table).values(quilt_id=quilt_id, account_id=part.person, block=part.block, **new)
    session.execute(row.on_duplicate_key_update(**new))


def _touch(session: Session, quilt_id: str) -> None:
    """Waits for others who share this quilt out; on another server of a cluster one of two is
    turned down, and tries again.
    """
    _put(session, quilt_id, SharedPart(TOUCHED, TOUCHED, 1))
