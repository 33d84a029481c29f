"""Keeping pictures of cloth, each once, by the digest of what it holds.

A picture is seen by anybody of the guild who knows its digest, which only what shows the picture
tells: a fabric or a block that is shared is shared with its pictures.
"""

from __future__ import annotations

from collections.abc import Mapping

from sqlalchemy import func, select
from sqlalchemy.dialects.mysql import insert
from sqlalchemy.orm import Session, undefer

from yonk.core.paper import COUNTS, ToldError, message
from yonk.store.database import retried
from yonk.store.models import ClothPictureRow, now
from yonk.store.rights import owned, person_of


class NoSuchPictureError(ToldError):
    """There is no picture of that digest."""

    code = "not-found"
    text = message("cloth-picture-is-gone")


class FullOfPicturesError(ToldError):
    """A person keeps as many pictures of cloth as she can."""

    text = message("cloth-pictures-are-full")


@retried
def keep_picture(session: Session, digest: str, content: bytes) -> None:
    """Keep a picture, a JPEG that was written here. Raises `FullOfPicturesError`."""
    add_pictures(session, {digest: content})
    session.commit()


def add_pictures(session: Session, pictures: Mapping[str, bytes]) -> None:
    """Keep some pictures by their digests. The caller ends it. Raises `FullOfPicturesError`."""
    for digest, content in pictures.items():
        _keep(session, digest, content)


def picture_content(session: Session, digest: str) -> bytes:
    """A picture. Raises `NoSuchPictureError`."""
    asked = select(ClothPictureRow).where(ClothPictureRow.id == digest).limit(1)
    row = session.scalar(asked.options(undefer(ClothPictureRow.content)))
    if row is None:
        raise NoSuchPictureError(digest)
    return row.content


def all_own_pictures(session: Session) -> dict[str, bytes]:
    """The pictures that are the person's own, by their digests."""
    asked = select(ClothPictureRow).where(owned(session, ClothPictureRow))
    rows = session.scalars(asked.options(undefer(ClothPictureRow.content)))
    return {row.id: row.content for row in rows}


def _keep(session: Session, digest: str, content: bytes) -> None:
    mine = owned(session, ClothPictureRow)
    there = session.scalar(
        select(func.count()).select_from(ClothPictureRow).where(mine, ClothPictureRow.id == digest)
    )
    if there:
        return
    all_of_hers = session.scalar(select(func.count()).select_from(ClothPictureRow).where(mine))
    if (all_of_hers or 0) >= COUNTS["cloth_pictures"][1]:
        raise FullOfPicturesError(digest)
    row = {"id": digest, "owner": person_of(session).id, "content": content, "made": now()}
    session.execute(insert(ClothPictureRow).values(**row).prefix_with("IGNORE"))
