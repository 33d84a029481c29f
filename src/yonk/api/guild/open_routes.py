"""Routes for who is not signed in yet: all that there are."""

from __future__ import annotations

from fastapi import APIRouter, Request, Response

from yonk.api.guild.schemas import AcceptIn, InvitingOut, SignInIn, TokenIn, WhoOut
from yonk.api.session import COOKIE, OpenDb, token_of, who_asks
from yonk.api.wire import ERRORS
from yonk.store import invitations, people
from yonk.store.people import NotSignedInError
from yonk.store.rights import Person

router = APIRouter(prefix="/api")


def who_out(person: Person) -> WhoOut:
    """A person as she is told of herself."""
    here = "alone" if person.alone else "in"
    return WhoOut.model_validate(
        {"here": here, "id": person.id, "name": person.name, "keeper": person.keeper}
    )


def remember(response: Response, token: str) -> None:
    """Have the browser keep its token, which no script of it can read."""
    seconds = int(people.SIGNED_IN.total_seconds())
    response.set_cookie(
        COOKIE, token, seconds, path="/", secure=True, httponly=True, samesite="strict"
    )


def forget(response: Response) -> None:
    """Have the browser forget its token."""
    response.delete_cookie(COOKIE, path="/", secure=True, httponly=True, samesite="strict")


def address_of(request: Request) -> str:
    """Where a request comes from, for counting what failed."""
    return request.client.host if request.client else ""


@router.get("/who", response_model=WhoOut, responses=ERRORS)
async def who(request: Request, db: OpenDb) -> WhoOut:
    """Who is signed in here."""
    try:
        return who_out(await who_asks(request, db))
    except NotSignedInError:
        return WhoOut(here="out")


@router.post("/sign-in", response_model=WhoOut, responses=ERRORS)
def sign_in(asked: SignInIn, request: Request, response: Response, db: OpenDb) -> WhoOut:
    """Sign in with a name and a password; another session of this browser ends."""
    secret = asked.password.get_secret_value()
    person, token = people.sign_in(db, asked.name, secret, address_of(request))
    people.sign_out(db, token_of(request), person, everywhere=False)
    remember(response, token)
    return who_out(person)


@router.post("/invitation", response_model=InvitingOut, responses=ERRORS)
def inviting(asked: TokenIn, db: OpenDb) -> InvitingOut:
    """Who invites by a link."""
    return InvitingOut(by=invitations.inviting(db, asked.token))


@router.post("/invitation/accept", response_model=WhoOut, status_code=201, responses=ERRORS)
def accept(asked: AcceptIn, request: Request, response: Response, db: OpenDb) -> WhoOut:
    """Make the account that a link invites to, and sign in."""
    secret = asked.password.get_secret_value()
    invitations.accept(db, asked.token, asked.name, secret)
    person, token = people.sign_in(db, asked.name, secret, address_of(request))
    remember(response, token)
    return who_out(person)
