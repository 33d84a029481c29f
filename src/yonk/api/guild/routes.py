"""Routes of people, groups and what is shared."""

from __future__ import annotations

import re
from datetime import UTC
from typing import Any

from fastapi import APIRouter, Request, Response

from yonk.api.guild.config import Guild
from yonk.api.guild.export import everything_of
from yonk.api.guild.open_routes import address_of, forget, remember
from yonk.api.guild.schemas import (
    GroupIn,
    GroupOut,
    InvitedOut,
    InviteIn,
    LeaveIn,
    LinkOut,
    MemberOut,
    NewestOut,
    PasswordIn,
    PersonOut,
    SharedOut,
    SharedWithOut,
    SharesIn,
    SignOutIn,
    SuspendIn,
)
from yonk.api.session import BlockId, Db, Who, token_of
from yonk.api.wire import ERRORS
from yonk.core.paper import Day, MessageError, message
from yonk.files.download import attachment
from yonk.store import blocks, invitations, leaving, members, people, sharing
from yonk.store.rights import LEVELS, TELLS
from yonk.words import in_words

router = APIRouter(prefix="/api")


class NoGuildError(MessageError):
    """There are no accounts here."""

    code = "not-found"


def guild_of(request: Request) -> Guild:
    """What this program knows of its guild. Raises `NoGuildError` where it has none."""
    guild: Guild | None = request.app.state.guild
    if guild is None:
        raise NoGuildError(message("no-accounts-here"))
    return guild


@router.post("/sign-out", status_code=204, responses=ERRORS)
def sign_out(asked: SignOutIn, request: Request, response: Response, db: Db, who: Who) -> None:
    """Sign out of this browser, or of all."""
    people.sign_out(db, token_of(request), who, everywhere=asked.everywhere)
    forget(response)


@router.put("/account/password", status_code=204, responses=ERRORS)
def change_password(
    asked: PasswordIn, request: Request, response: Response, db: Db, who: Who
) -> None:
    """Change the password; every other browser is signed out."""
    guild_of(request)
    old, new = asked.old.get_secret_value(), asked.new.get_secret_value()
    remember(response, people.change_password(db, who, old, new, address_of(request)))


@router.get("/account/everything.zip", response_class=Response, responses=ERRORS)
def everything(db: Db) -> Response:
    """All that belongs to a person, as a zip of open files."""
    headers = attachment("everything.yonk.zip")
    return Response(everything_of(db), media_type="application/zip", headers=headers)


@router.post("/account/leave", status_code=204, responses=ERRORS)
def leave(asked: LeaveIn, request: Request, response: Response, db: Db, who: Who) -> None:
    """Delete the account and all that is its own, for good."""
    guild_of(request)
    people.check_old(db, who, asked.password.get_secret_value(), address_of(request))
    _drop_letters(request, leaving.delete_account(db, who))
    forget(response)


def _drop_letters(request: Request, letters: list[str]) -> None:
    guild = guild_of(request)
    for letter in letters:
        guild.drop_letter(letter)


@router.get("/invitations", response_model=list[InvitedOut], responses=ERRORS)
def invited(request: Request, db: Db) -> list[InvitedOut]:
    """The invitations that the keeper of the guild made."""
    guild_of(request)
    return [
        InvitedOut(**(vars(one) | {"until": one.until.replace(tzinfo=UTC)}))
        for one in invitations.invitations(db)
    ]


@router.post("/invitations", response_model=LinkOut, status_code=201, responses=ERRORS)
def invite(asked: InviteIn, request: Request, db: Db, who: Who) -> LinkOut:
    """Invite somebody: a link that is told once; no mail is sent, a letter is put down."""
    guild = guild_of(request)
    token, until = invitations.invite(db, asked.whom.strip(), asked.days)
    link = guild.link(token)
    head = message("letter-invites-head", who=who.name)
    letter = message("letter-invites", who=who.name, until=Day(until.date()), link=link)
    guild.post_letter(token, asked.whom, in_words(head), in_words(letter))
    return LinkOut(link=link, until=until.replace(tzinfo=UTC))


@router.delete("/invitations/{invitation}", status_code=204, responses=ERRORS)
def take_back(invitation: str, request: Request, db: Db) -> None:
    """Make an invitation void."""
    guild = guild_of(request)
    invitations.take_back(db, invitation[:64])
    if re.fullmatch("[0-9a-f]{64}", invitation):
        guild.drop_letter(invitation)


@router.get("/members", response_model=list[MemberOut], responses=ERRORS)
def all_members(request: Request, db: Db) -> list[MemberOut]:
    """Everybody, for who keeps the guild."""
    guild_of(request)
    return [MemberOut(**vars(one)) for one in members.members(db)]


@router.post(
    "/members/{member}/password-link", response_model=LinkOut, status_code=201, responses=ERRORS
)
def link_for_password(member: BlockId, request: Request, db: Db, who: Who) -> LinkOut:
    """A link by which a member who forgot her password chooses a new one, told once."""
    guild = guild_of(request)
    token, until = members.link_for_password(db, member)
    link = guild.link(token)
    head = message("letter-password-head")
    letter = message("letter-password", who=who.name, until=Day(until.date()), link=link)
    guild.post_letter(token, member, in_words(head), in_words(letter))
    return LinkOut(link=link, until=until.replace(tzinfo=UTC))


@router.post("/members/{member}/sign-out", status_code=204, responses=ERRORS)
def sign_out_member(member: BlockId, request: Request, db: Db) -> None:
    """Sign a member out of every browser."""
    guild_of(request)
    members.end_sessions(db, member)


@router.put("/members/{member}/suspended", status_code=204, responses=ERRORS)
def suspend_member(member: BlockId, asked: SuspendIn, request: Request, db: Db) -> None:
    """Let a member sign in no more, or again."""
    guild_of(request)
    members.suspend(db, member, suspended=asked.suspended)


@router.delete("/members/{member}", status_code=204, responses=ERRORS)
def remove_member(member: BlockId, request: Request, db: Db) -> None:
    """Delete a member's account and all that is her own, for good."""
    guild_of(request)
    _drop_letters(request, members.remove(db, member))


@router.get("/people", response_model=list[PersonOut], responses=ERRORS)
def everybody(db: Db) -> list[PersonOut]:
    """Everybody who has an account."""
    return [PersonOut(**vars(one)) for one in people.all_people(db)]


@router.get("/groups", response_model=list[GroupOut], responses=ERRORS)
def groups(db: Db) -> list[GroupOut]:
    """The groups that a person is in or made."""
    return [_group_out(one) for one in sharing.groups(db)]


def _group_out(group: sharing.PeopleGroup) -> GroupOut:
    members: list[Any] = [vars(one) for one in group.members]
    return GroupOut(id=group.id, name=group.name, members=members, hers=group.hers)


@router.post("/groups", response_model=list[GroupOut], status_code=201, responses=ERRORS)
def make_group(asked: GroupIn, request: Request, db: Db) -> list[GroupOut]:
    """Make a group."""
    guild_of(request)
    sharing.keep_group(db, None, asked.name, asked.people)
    return groups(db)


@router.put("/groups/{group_id}", response_model=list[GroupOut], responses=ERRORS)
def change_group(group_id: BlockId, asked: GroupIn, request: Request, db: Db) -> list[GroupOut]:
    """Change a group's name and people."""
    guild_of(request)
    sharing.keep_group(db, group_id, asked.name, asked.people)
    return groups(db)


@router.delete("/groups/{group_id}", status_code=204, responses=ERRORS)
def drop_group(group_id: BlockId, db: Db) -> None:
    """Take a group apart."""
    sharing.drop_group(db, group_id)


@router.get("/shared/{thing_id}", response_model=SharedOut, responses=ERRORS)
def shared(thing_id: BlockId, db: Db, who: Who) -> SharedOut:
    """With whom a block, a quilt or a fabric is shared, and with whom it could be."""
    kept = sharing.shares_of(db, thing_id)
    return SharedOut(
        shares=[SharedWithOut(who=one, level=level) for one, level in kept.items()],
        people=[PersonOut(**vars(one)) for one in people.all_people(db) if one.id != who.id],
        groups=[PersonOut(id=one.id, name=one.name) for one in sharing.groups(db)],
        levels={level: TELLS[level] for level in LEVELS},
    )


@router.put("/shared/{thing_id}", response_model=SharedOut, responses=ERRORS)
def share(thing_id: BlockId, asked: SharesIn, request: Request, db: Db, who: Who) -> SharedOut:
    """Share a block, a quilt or a fabric with these, and with nobody else."""
    guild_of(request)
    sharing.keep_shares(db, thing_id, {one.who: one.level for one in asked.shares})
    return shared(thing_id, db, who)


@router.get("/newest/{block_id}", response_model=NewestOut, responses=ERRORS)
def newest(block_id: BlockId, db: Db) -> NewestOut:
    """The newest revision of a block or a quilt that is open somewhere."""
    revision, by = blocks.newest(db, block_id)
    return NewestOut(revision=revision, by=by)
