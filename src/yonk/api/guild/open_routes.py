"""Routes for who is not signed in yet: all that there are."""

from __future__ import annotations

from fastapi import APIRouter, Request, Response
from starlette.concurrency import run_in_threadpool

from yonk.api.guild.bulkhead import in_bulkhead
from yonk.api.guild.schemas import AcceptIn, InvitingOut, SignInIn, TokenIn, WhoOut
from yonk.api.language import speak_hers
from yonk.api.session import COOKIE, DEVICE, OpenDb, session_of, token_of, who_asks
from yonk.api.wire import ERRORS
from yonk.store import invitations, people, phones
from yonk.store.people import Arrived, NotSignedInError
from yonk.store.rights import Person
from yonk.store.secrets_kept import digest

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


def let_in(response: Response, arrived: Arrived) -> None:
    """Have the browser keep who is signed in, and that it is known."""
    remember(response, arrived.token)
    seconds = int(people.KNOWN.total_seconds())
    response.set_cookie(
        DEVICE, arrived.device, seconds, path="/", secure=True, httponly=True, samesite="strict"
    )


def forget(response: Response) -> None:
    """Have the browser forget its token."""
    response.delete_cookie(COOKIE, path="/", secure=True, httponly=True, samesite="strict")


def address_of(request: Request) -> str:
    """Where a request comes from, for counting what failed."""
    return request.client.host if request.client else ""


@router.get("/who", response_model=WhoOut, responses=ERRORS)
async def who(request: Request, response: Response, db: OpenDb) -> WhoOut:
    """Who is signed in here, in the language that she chose."""
    try:
        person = await who_asks(request, db)
    except NotSignedInError:
        return WhoOut(here="out")
    await run_in_threadpool(speak_hers, session_of(db, person), request, response)
    return who_out(person)


@router.post("/sign-in", response_model=WhoOut, responses=ERRORS)
async def sign_in(asked: SignInIn, request: Request, response: Response, db: OpenDb) -> WhoOut:
    """Sign in with a name and a password; another session of this browser ends."""
    secret, known = asked.password.get_secret_value(), request.cookies.get(DEVICE, "")

    def work() -> Arrived:
        found = people.sign_in(db, asked.name, secret, address_of(request), known)
        people.sign_out(db, token_of(request), found.person, everywhere=False)
        return found

    arrived = await in_bulkhead(work)
    let_in(response, arrived)
    return who_out(arrived.person)


@router.post("/invitation", response_model=InvitingOut, responses=ERRORS)
async def inviting(asked: TokenIn, db: OpenDb) -> InvitingOut:
    """Who invites by a link."""
    by, whom = await in_bulkhead(lambda: invitations.inviting(db, asked.token))
    return InvitingOut(by=by, whom=whom)


@router.post("/invitation/accept", response_model=WhoOut, status_code=201, responses=ERRORS)
async def accept(asked: AcceptIn, request: Request, response: Response, db: OpenDb) -> WhoOut:
    """Make the account that a link invites to, or choose a new password by it, and sign in."""
    secret = asked.password.get_secret_value()

    def work() -> Arrived:
        return people.arrive(db, invitations.accept(db, asked.token, asked.name, secret))

    arrived = await in_bulkhead(work)
    if request.app.state.guild is not None:
        request.app.state.guild.drop_letter(digest(asked.token))
    let_in(response, arrived)
    return who_out(arrived.person)


@router.post("/phone/arrive", response_model=WhoOut, responses=ERRORS)
async def arrive_by_phone(
    asked: TokenIn, request: Request, response: Response, db: OpenDb
) -> WhoOut:
    """Sign a phone in by the link that it scanned; another session of it ends."""

    def work() -> Arrived:
        found = people.arrive(db, phones.use_phone_link(db, asked.token))
        people.sign_out(db, token_of(request), found.person, everywhere=False)
        return found

    arrived = await in_bulkhead(work)
    let_in(response, arrived)
    return who_out(arrived.person)
