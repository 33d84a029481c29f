"""Routes of all exports, and the menus that they stand in."""

from __future__ import annotations

from collections.abc import Awaitable, Callable, Mapping
from typing import Any, get_args

from fastapi import APIRouter, Response
from sqlalchemy.orm import Session
from starlette.concurrency import run_in_threadpool

from yonk.api.exports import EXPORTS, Export, Menu
from yonk.api.exports.needs import its_pictures
from yonk.api.exports.returning import keep_printed
from yonk.api.session import Db
from yonk.api.wire import ERRORS, Model, PagesOut, Said
from yonk.api.work import WorkerGiven
from yonk.files.cloth_on_paper import cloths_on_paper
from yonk.files.download import File, attachment

router = APIRouter(prefix="/api")


class ExportOut(Model):
    """A file that can be taken along: its address, and what it is called."""

    path: str
    words: Said


class MenuOut(Model):
    """The files that can be taken along from a step, in the order of its menu."""

    menu: Menu
    files: list[ExportOut]


@router.get("/exports", response_model=list[MenuOut], responses=ERRORS)
def menus() -> list[MenuOut]:
    """The menus of all steps."""
    return [MenuOut(menu=menu, files=_menu(menu)) for menu in get_args(Menu)]


def _menu(menu: Menu) -> list[ExportOut]:
    rows = [(*one.menus[menu], one.path) for one in EXPORTS if menu in one.menus]
    return [
        ExportOut(path=f"/api/files/{path}", words=words)
        for _, words, path in sorted(rows, key=lambda row: (row[0], row[2]))
    ]


def _route(export: Export) -> Callable[..., Awaitable[Response]]:
    async def take(asked: Any, db: Db, work: WorkerGiven) -> Response:
        beside = await _beside(export, db, asked)
        made = await work.file(asked.document, in_cloth, export.make, asked, *beside)
        await run_in_threadpool(keep_printed, db, made)
        headers = attachment(made.name)
        return Response(made.content, media_type=made.media, headers=headers)

    return _called(take, export, "")


def in_cloth(
    make: Callable[..., File], asked: Model, pictures: Mapping[str, bytes], *beside: Any
) -> File:
    """A file with what is asked of it, drawn in the cloths as they look."""
    with cloths_on_paper(pictures):
        return make(asked, *beside)


def _preview(export: Export) -> Callable[..., Awaitable[Response]]:
    async def look(asked: Any, db: Db, work: WorkerGiven) -> Response:
        return await work.pages(in_cloth, export.make, asked, *await _beside(export, db, asked))

    return _called(look, export, "_pages")


async def _beside(export: Export, db: Session, asked: Model) -> list[Any]:
    """The pictures of the cloths in it, and what the export needs beside what it is asked."""
    needs = [its_pictures, *export.needs]
    return [await run_in_threadpool(need, db, asked) for need in needs]


def _called(route: Any, export: Export, ending: str) -> Callable[..., Awaitable[Response]]:
    """A route as the framework reads it: by its name, what it says and what it is asked."""
    route.__annotations__["asked"] = export.asked
    route.__name__ = export.make.__name__ + ending
    route.__doc__ = export.make.__doc__
    called: Callable[..., Awaitable[Response]] = route
    return called


for one in EXPORTS:
    router.post(f"/files/{one.path}", response_class=Response, responses=ERRORS)(_route(one))
    if one.looked_at:
        path = f"/preview/{one.looked_at}"
        router.post(path, response_model=PagesOut, responses=ERRORS)(_preview(one))
