"""The built front end: files that never change, each pressed once beforehand, and one page for
every address that is none of the API's.
"""

from __future__ import annotations

import re
from pathlib import Path

from fastapi import FastAPI, Request
from starlette.datastructures import Headers
from starlette.exceptions import HTTPException
from starlette.responses import FileResponse, Response
from starlette.staticfiles import StaticFiles
from starlette.types import Scope

_PRESSED = ".br"  # beside a file; smaller by a sixth than what could be pressed on the way


class _Assets(StaticFiles):
    """Files of a folder, sent as they were pressed where the browser takes that."""

    async def get_response(self, path: str, scope: Scope) -> Response:
        pressed, _ = self.lookup_path(path + _PRESSED)
        if not (pressed and _takes_pressed(Headers(scope=scope))):
            return await super().get_response(path, scope)
        return _as_pressed(await super().get_response(path + _PRESSED, scope))


def serve_front_end(app: FastAPI, folder: Path) -> None:
    """Serve a built front end beside the API."""
    app.mount("/assets", _Assets(directory=folder / "assets"), name="assets")
    app_code = [one for part in ("libraries", "shared", "App") for one in _code_of(folder, part)]
    first = [
        (re.compile("quilts/([0-9a-z]+)"), "/api/quilts/{}/seen", _code_of(folder, "QuiltPage")),
        (re.compile("blocks/([0-9a-z]+)"), "/api/blocks/{}", _code_of(folder, "BlockPage")),
    ]

    def ahead(path: str) -> str:
        """What the browser may ask for while it reads the page: the code of it, and what it shows
        first.
        """
        links = [f"<{code}>; rel=modulepreload" for code in app_code]
        for address, data, code in first:
            if found := address.match(path):
                links += [f"<{one}>; rel=modulepreload" for one in code]
                links.append(f"<{data.format(found[1])}>; rel=preload; as=fetch; crossorigin")
        return ", ".join(links)

    files = {str(file.relative_to(folder)): file for file in folder.rglob("*") if file.is_file()}

    @app.get("/{path:path}", include_in_schema=False)
    async def page(path: str, request: Request) -> Response:
        if path.startswith("api/") or "\0" in path:
            raise HTTPException(404)
        file = files.get(path, folder / "index.html")
        pressed = file.with_name(file.name + _PRESSED)
        headers = {"Cache-Control": "no-cache"}
        if file.name == "index.html":
            headers["Link"] = ahead(path)
        if pressed.is_file() and _takes_pressed(request.headers):
            return _as_pressed(FileResponse(pressed, headers=headers))
        return FileResponse(file, headers=headers)


def _code_of(folder: Path, page: str) -> list[str]:
    """The address of a page's code, which has the digest of what is in it in its name."""
    return [f"/assets/{file.name}" for file in folder.glob(f"assets/{page}-*.js")]


def _takes_pressed(headers: Headers) -> bool:
    offered = headers.get("accept-encoding", "").split(",")
    return any(one.split(";")[0].strip() == "br" for one in offered)


def _as_pressed(response: Response) -> Response:
    response.headers["Content-Encoding"] = "br"
    response.headers.add_vary_header("Accept-Encoding")
    return response
