"""How often it may be tried to sign in: noted before a password is looked at, so that of many tries
at once no more than some are.

A try counts for the account from this address, and for the address; so nobody can lock another one
out, who tries from elsewhere or at a browser that she has signed in at before. Many wrong tries for
one account from everywhere slow all others down, but not such a browser.
"""

from __future__ import annotations

import uuid
from collections.abc import Mapping
from datetime import timedelta
from typing import ClassVar

from sqlalchemy import delete, func, select
from sqlalchemy.orm import Session

from yonk.core.paper import FaultCode, ToldError, message
from yonk.store.database import retried
from yonk.store.models import Attempt, now
from yonk.store.secrets_kept import digest

WAITING = timedelta(minutes=15)  # long enough to stop guessing, short enough to wait for
# How many tries may fail within the time of waiting: for an account from one address, at a browser
# that is known, from one address whatever the name, for an account from everywhere.
MOST_OF_A_PAIR = 5
MOST_OF_A_DEVICE = 10  # a person who tries all her passwords
MOST_OF_AN_ADDRESS = 40  # several people behind one address
MOST_OF_AN_ACCOUNT = 100  # guesses from everywhere together


class TooOftenError(ToldError):
    """It was tried too often."""

    code: ClassVar[FaultCode] = "too-often"
    text = message("wrong-too-often")


def limits_of(account: str, address: str, device: str | None) -> dict[str, int]:
    """What a try counts for, by its digest, and how many may fail.

    Args:
        account: the id of the account, or the name that was typed where there is none.
        device: the token of a browser that this account has signed in at before.
    """
    if device:
        return {digest(f"device {device}"): MOST_OF_A_DEVICE}
    return {
        digest(f"pair {account} {address}"): MOST_OF_A_PAIR,
        digest(f"address {address}"): MOST_OF_AN_ADDRESS,
        digest(f"account {account}"): MOST_OF_AN_ACCOUNT,
    }


@retried
def note_attempt(session: Session, limits: Mapping[str, int]) -> None:
    """Note that it is tried, before it is known how it ends. Raises `TooOftenError` where that is
    once too often; such a try does not count itself.
    """
    moment = now()
    session.execute(delete(Attempt).where(Attempt.made < moment - WAITING))
    mine = [Attempt(id=uuid.uuid4().hex, about=one, made=moment) for one in limits]
    ids = [one.id for one in mine]
    session.add_all(mine)
    session.commit()
    counted = session.execute(
        select(Attempt.about, func.count())
        .where(Attempt.about.in_(limits), Attempt.made > moment - WAITING)
        .group_by(Attempt.about)
    )
    too_often = any(count > limits[about] for about, count in counted)
    if too_often:
        session.execute(delete(Attempt).where(Attempt.id.in_(ids)))
    session.commit()
    if too_often:
        raise TooOftenError


@retried
def forget_attempts(session: Session, limits: Mapping[str, int]) -> None:
    """Forget the tries for a pair or a browser when one was right; what counts for everybody only
    loses this one.
    """
    own = [about for about, most in limits.items() if most in (MOST_OF_A_PAIR, MOST_OF_A_DEVICE)]
    session.execute(delete(Attempt).where(Attempt.about.in_(own)))
    for about in limits.keys() - {*own}:
        last = session.scalar(
            select(Attempt.id).where(Attempt.about == about).order_by(Attempt.made.desc()).limit(1)
        )
        session.execute(delete(Attempt).where(Attempt.id == last))
    session.commit()
