"""In which language an answer is: the one that the browser asks for with every request, and which a
person chose once for all her browsers.
"""

from __future__ import annotations

import json

from fastapi import APIRouter, Request, Response
from sqlalchemy.orm import Session
from starlette.requests import cookie_parser
from starlette.types import ASGIApp, Receive, Scope, Send

from yonk.api.session import Db
from yonk.api.wire import ERRORS, Model
from yonk.store.preferences import keep_preference, preference
from yonk.words import LANGUAGES, SPOKEN_AS, Language, language_now, speaking

LANGUAGE_COOKIE = "yonk-language"  # which scripts can read: the pages are in the same language
_SECONDS = 400 * 86_400  # as long as browsers keep any
_TOLD = "language"

router = APIRouter(prefix="/api")


class Spoken:
    """Has every answer speak the language that is asked for; English where it is none of ours."""

    def __init__(self, app: ASGIApp) -> None:
        self.app = app

    async def __call__(self, scope: Scope, receive: Receive, send: Send) -> None:
        if scope["type"] != "http":
            await self.app(scope, receive, send)
            return
        with speaking(_asked(scope)):
            await self.app(scope, receive, send)


def _asked(scope: Scope) -> Language:
    for name, value in scope["headers"]:
        if name == b"cookie":
            found = cookie_parser(value.decode("latin-1")).get(LANGUAGE_COOKIE, "")
            if found in LANGUAGES:
                return found
    return "en"


class LanguageChoiceOut(Model):
    """A language that Yonk speaks, as those call it who speak it."""

    code: str
    name: str


class LanguagesOut(Model):
    """The languages that can be chosen, and the one that is spoken."""

    spoken: Language
    choices: list[LanguageChoiceOut]


class LanguageIn(Model):
    """The language to speak."""

    spoken: Language


@router.get("/languages", response_model=LanguagesOut, responses=ERRORS)
def languages() -> LanguagesOut:
    """The languages that can be chosen."""
    choices = [LanguageChoiceOut(code=code, name=name) for code, name in SPOKEN_AS.items()]
    return LanguagesOut(spoken=language_now(), choices=choices)


@router.put("/languages", status_code=204, responses=ERRORS)
def choose(asked: LanguageIn, request: Request, response: Response, db: Db) -> None:
    """Speak a language from now on, here and wherever she comes in."""
    keep_preference(db, _TOLD, json.dumps(asked.spoken))
    answer_in(asked.spoken, request, response)


def speak_hers(session: Session, request: Request, response: Response) -> None:
    """Have the browser ask for the language that a person chose, if she chose any and it does not
    ask for that one yet.
    """
    told = preference(session, _TOLD)
    hers = json.loads(told) if told else None
    if hers in LANGUAGES and hers != language_now():
        answer_in(hers, request, response)


def answer_in(language: Language, request: Request, response: Response) -> None:
    """Have the browser ask for a language."""
    secure = request.url.scheme == "https"
    response.set_cookie(
        LANGUAGE_COOKIE, language, _SECONDS, path="/", secure=secure, samesite="strict"
    )
