"""A phone at the cutting table: a link that lets it in, as a square to be scanned."""

from __future__ import annotations

from datetime import UTC, datetime
from typing import Annotated

import segno
from fastapi import APIRouter, Request
from pydantic import Field

from yonk.api.guild.config import Guild
from yonk.api.session import Db, Who
from yonk.api.wire import ERRORS, Model
from yonk.store.phones import make_phone_link

router = APIRouter(prefix="/api")

# Half of it may be dirty or in the shade; a square of an address has room for that.
SAFETY = "q"
# of the pages that a table is at, so that a link leads nowhere else
PagePath = Annotated[
    str, Field(pattern="^/(blocks|quilts)/[0-9a-z]{1,32}/(cut|sew)(\\?[a-z=&0-9]*)?$")
]


class PhoneIn(Model):
    """The page that the phone is to open."""

    path: PagePath


class PhoneOut(Model):
    """An address for the phone and a picture of it that can be scanned; until when it lets
    in. Where `alone`, this Yonk can be reached from its own machine only.
    """

    address: str
    square: str
    alone: bool
    until: datetime | None = None


@router.post("/phone", response_model=PhoneOut, responses=ERRORS)
def phone(asked: PhoneIn, request: Request, db: Db, who: Who) -> PhoneOut:
    """Let a phone in; without accounts there is only this machine's own address."""
    guild: Guild | None = request.app.state.guild
    if guild is None or who.alone:
        address = f"{request.url.scheme}://{request.url.netloc}{asked.path}"
        return PhoneOut(address=address, square=square_of(address), alone=True)
    token, until = make_phone_link(db)
    address = f"{guild.address}/phone{asked.path}#{token}"  # the token is sent to nobody
    return PhoneOut(
        address=address, square=square_of(address), alone=False, until=until.replace(tzinfo=UTC)
    )


def square_of(address: str) -> str:
    """An address as a square to be scanned: an SVG, as a picture that holds itself."""
    code = segno.make(address, error=SAFETY, micro=False)
    picture: str = code.svg_data_uri(scale=4, border=4, dark="#000000", light="#ffffff")
    return picture
