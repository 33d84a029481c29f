"""A person leaves the guild, and all that is her own with her."""

from __future__ import annotations

from typing import Any

from sqlalchemy import delete, select, update
from sqlalchemy.orm import Session

from yonk.store import models
from yonk.store.database import retried
from yonk.store.rights import Person

OF_A_BLOCK = (
    models.BlockRevision,
    models.BlockLabel,
    models.ShelfNote,
    models.CutMark,
    models.TableEntry,
    models.TableChange,
    models.TableThing,
    models.PrintedSheetRow,
    models.MeasuredRow,
    models.TrialBlockRow,
    models.TakenBack,
    models.BlockNote,
    models.Photo,
)
OWNED = (
    models.Block,
    models.ShelfFabric,
    models.ClothPictureRow,
    models.SeamTestRow,
    models.Preference,
    models.PersonDefaults,
)


@retried
def delete_account(session: Session, person: Person) -> list[str]:
    """Delete an account with all that is its own, for good, and every trace of it in what others
    keep: all of it or nothing. Returns what the letters to and from it are called.
    """
    invitation = models.Invitation
    hers = (
        (invitation.made_by == person.id)
        | (invitation.used_by == person.id)
        | (invitation.account_id == person.id)
    )
    letters = list(session.scalars(select(invitation.token).where(hers)))
    blocks = select(models.Block.id).where(models.Block.owner == person.id)
    circles = select(models.Circle.id).where(models.Circle.owner == person.id)
    fabrics = select(models.ShelfFabric.id).where(models.ShelfFabric.owner == person.id)
    blocks_now, circles_now, fabrics_now = (
        list(session.scalars(asked)) for asked in (blocks, circles, fabrics)
    )
    for table in OF_A_BLOCK:
        _delete(session, table, table.block_id.in_(blocks_now))
    share, part, member = models.RightGiven, models.SharedPartRow, models.CircleMember
    _delete(session, share, share.thing_id.in_([*blocks_now, *fabrics_now]))
    _delete(session, share, share.with_id.in_([person.id, *circles_now]))
    _delete(session, part, part.quilt_id.in_(blocks_now))
    _delete(session, part, part.account_id == person.id)
    _delete(session, member, member.account_id == person.id)
    _delete(session, member, member.circle_id.in_(circles_now))
    _delete(session, models.Circle, models.Circle.owner == person.id)
    for owned in OWNED:
        _delete(session, owned, owned.owner == person.id)
    _delete(session, models.SignedIn, models.SignedIn.account_id == person.id)
    _delete(session, models.KnownDevice, models.KnownDevice.account_id == person.id)
    phone = models.PhoneLink
    _delete(session, phone, phone.account_id == person.id)
    _delete(session, invitation, hers)
    saved = models.BlockRevision.saved_by
    session.execute(update(models.BlockRevision).where(saved == person.id).values(saved_by=""))
    _delete(session, models.Account, models.Account.id == person.id)
    session.commit()
    return letters


def _delete(session: Session, table: Any, which: Any) -> None:
    session.execute(delete(table).where(which).execution_options(synchronize_session=False))
