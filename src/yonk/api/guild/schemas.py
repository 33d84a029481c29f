"""What goes over the wire of people, groups and what is shared."""

from __future__ import annotations

from datetime import datetime
from typing import Annotated, Literal

from pydantic import Field, SecretStr

from yonk.api.wire import Model, Said
from yonk.core.paper import COUNTS
from yonk.store.rights import Level

NameIn = Annotated[str, Field(max_length=120)]
Secret = Annotated[SecretStr, Field(max_length=400)]
Id = Annotated[str, Field(pattern="^[0-9a-z]{1,32}$")]
Many = Annotated[int, Field(ge=0, le=10_000)]


class WhoOut(Model):
    """Who is here: `alone` where there are no accounts, `out` where nobody is signed in."""

    here: Literal["alone", "out", "in"]
    id: str = ""
    name: str = ""
    keeper: bool = False


class SignInIn(Model):
    """A name and a password."""

    name: NameIn
    password: Secret


class SignOutIn(Model):
    """Whether to sign out of every browser."""

    everywhere: bool = False


class PasswordIn(Model):
    """The old password and a new one."""

    old: Secret
    new: Secret


class LeaveIn(Model):
    """The password, once more, of who leaves."""

    password: Secret


class InviteIn(Model):
    """Whom an invitation is for, in words, and for how many days it holds."""

    whom: Annotated[str, Field(min_length=1, max_length=120)]
    days: Annotated[int, Field(ge=1, le=60)] = 7


class LinkOut(Model):
    """An invitation's link, which is told once, and until when it holds."""

    link: str
    until: datetime


class InvitedOut(Model):
    """An invitation that was made."""

    id: str
    whom: str
    until: datetime
    used: bool


class InvitingOut(Model):
    """Who invites; whom the link gives a new password, where it is for that."""

    by: str
    whom: str = ""


class MemberOut(Model):
    """A person of the guild as its keeper sees her."""

    id: str
    name: str
    keeper: bool
    suspended: bool
    signed_in: int


class SuspendIn(Model):
    """Whether a member may sign in no more."""

    suspended: bool


class AcceptIn(Model):
    """An invitation that is taken: its token, and the name and password of the new account."""

    token: Annotated[str, Field(max_length=100)]
    name: NameIn
    password: Secret


class TokenIn(Model):
    """The token of an invitation."""

    token: Annotated[str, Field(max_length=100)]


class PersonOut(Model):
    """A person as others see her."""

    id: str
    name: str


class GroupIn(Model):
    """A group's name and people."""

    name: Annotated[str, Field(max_length=120)]
    people: Annotated[list[Id], Field(max_length=200)]


class GroupOut(Model):
    """A group; `hers` where the one who asks made it."""

    id: str
    name: str
    members: list[PersonOut]
    hers: bool


class SharedWithIn(Model):
    """With whom something is shared, and how far."""

    who: Id
    level: Level


class SharesIn(Model):
    """With whom something is to be shared, instead of with whom it was."""

    shares: Annotated[list[SharedWithIn], Field(max_length=200)]


class SharedWithOut(Model):
    """With whom something is shared, how far, and that in words."""

    who: str
    level: Level


class SharedOut(Model):
    """With whom something is shared, with whom it could be, and what each level lets them do."""

    shares: list[SharedWithOut]
    people: list[PersonOut]
    groups: list[PersonOut]
    levels: dict[Level, Said]


class NewestOut(Model):
    """The newest revision of a block, and who else saved it."""

    revision: int
    by: str


class QuiltPartIn(Model):
    """What a person takes over of a quilt and how far she is."""

    person: Id
    block: Annotated[str, Field(min_length=1, max_length=64)]
    count: Annotated[int, Field(ge=0, le=COUNTS["quilt_parts"][1])]
    cut: Many = 0
    sewn: Many = 0
    handed_in: Many = 0


class ShareOutIn(Model):
    """Among whom a quilt is dealt out anew."""

    people: Annotated[list[Id], Field(max_length=200)]


class QuiltPartOut(Model):
    """What a person took over of a quilt; `hers` where that is the one who asks."""

    person: str
    name: Said
    block: str
    count: int
    cut: int
    sewn: int
    handed_in: int
    hers: bool


class BlockProgressOut(Model):
    """How far a block of a quilt is; `left` is less than nothing where too many were taken."""

    block: str
    name: str
    wanted: int
    left: int
    cut: int
    sewn: int
    handed_in: int


class TogetherOut(Model):
    """A quilt that several sew."""

    alone: bool
    may_change: bool
    me: str
    people: list[PersonOut]
    blocks: list[BlockProgressOut]
    parts: list[QuiltPartOut]
    said: Said
