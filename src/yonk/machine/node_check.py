"""Whether a node of a database cluster takes part in it, told over HTTP to what shares out
connections.
"""

from __future__ import annotations

from collections.abc import Mapping
from contextlib import suppress
from http.server import BaseHTTPRequestHandler, ThreadingHTTPServer
from threading import Thread

import pymysql
from sqlalchemy.engine import make_url

STATES = ("wsrep_ready", "wsrep_cluster_status", "wsrep_local_state_comment")
GOOD = {"wsrep_ready": "ON", "wsrep_cluster_status": "Primary"}
SYNCED = ("Synced", "Donor/Desynced")
_SECONDS = 2  # less than HAProxy waits for a check
SEES_WHAT_OTHERS_DID = "SET SESSION wsrep_sync_wait = 1", "SELECT 1"


def node_says(url: str) -> str:
    """What is wrong with a node, or nothing.

    One that was cut off for a while believes for some seconds more that it takes part, so it is
    also asked for a read that waits for what the others have acknowledged.

    Args:
        url: the node's own address.
    """
    where = make_url(url)
    try:
        connection = pymysql.connect(
            host=where.host or "127.0.0.1",
            port=where.port or 3306,
            user=where.username or "",
            password=str(where.password or ""),
            connect_timeout=_SECONDS,
            read_timeout=_SECONDS,
        )
        with connection, connection.cursor() as cursor:
            cursor.execute("SHOW STATUS WHERE Variable_name IN %s", (STATES,))
            wrong = _wrong(dict(cursor.fetchall()))
            for asked in () if wrong else SEES_WHAT_OTHERS_DID:
                cursor.execute(asked)
    except (pymysql.MySQLError, OSError):
        return "does not answer"
    return wrong


def _wrong(found: Mapping[str, str]) -> str:
    for name, value in GOOD.items():
        if found.get(name) != value:
            return f"{name} is {found.get(name)}"
    state = found.get("wsrep_local_state_comment")
    return "" if state in SYNCED else f"is {state}"


def check_over_http(url: str, port: int) -> ThreadingHTTPServer:
    """Answer on a port of loopback whether a node takes part: 200 where it does, 503 where not."""

    class Handler(BaseHTTPRequestHandler):
        timeout = 5

        def do_GET(self) -> None:
            said = node_says(url)
            body = f"{said or 'takes part'}\n".encode()
            with suppress(OSError):  # who asks may go as soon as it has read the first line
                self.send_response(503 if said else 200)
                self.send_header("Content-Length", str(len(body)))
                self.end_headers()
                self.wfile.write(body)

        do_OPTIONS = do_HEAD = do_GET  # noqa: N815

        def log_message(self, format: str, *args: object) -> None:
            """Checks are not logged."""

    server = ThreadingHTTPServer(("127.0.0.1", port), Handler)
    server.daemon_threads = True
    Thread(target=server.serve_forever, daemon=True).start()
    return server
