"""A trial cluster on this machine: three database nodes, two servers of Yonk, and HAProxy before
both, all on loopback and each in a process of its own.
"""

from __future__ import annotations

import os
import re
import secrets
import shutil
import subprocess
import sys
import time
import urllib.request
from collections.abc import Callable, Sequence
from contextlib import suppress
from http.server import ThreadingHTTPServer
from pathlib import Path
from typing import IO

from sqlalchemy import text
from sqlalchemy.exc import SQLAlchemyError

from yonk.machine.database_server import (
    MachineError,
    free_port,
    lay_out_database,
    program,
    take_folder,
    temporary,
)
from yonk.machine.kept_running import KeptRunning
from yonk.machine.node_check import check_over_http, node_says
from yonk.machine.serve import listen_on
from yonk.store.database import migrate as bring_up_to_date
from yonk.store.database import open_engine

NODES = 3  # the fewest that can outvote one that is lost
SERVERS = 2  # so that one can be stopped
PROVIDER = Path("/usr/lib/galera/libgalera_smm.so")
_START_SECONDS = 240  # a slow machine is no fault
POSITION = re.compile(r"Recovered position: *([0-9a-f-]{36}):(-?\d+)")
PROVIDER_OPTIONS = (
    "gcache.size=64M",
    "evs.keepalive_period=PT0.5S",
    "evs.suspect_timeout=PT3S",
    "evs.inactive_timeout=PT6S",
    "evs.install_timeout=PT6S",
    "pc.recovery=TRUE",
)


class ClusterNode:
    """One node of the database."""

    def __init__(self, folder: Path, number: int, password: str) -> None:
        self.number, self.password = number, password
        self.folder = folder / f"node{number}"
        self.folder.mkdir(parents=True, exist_ok=True)
        _hand_over(self.folder)
        _hand_over(temporary(self.folder))
        self.port, self.group, self.ist, self.sst, self.check = (free_port() for _ in range(5))
        self.others = ""
        self.begins = False
        self.program = KeptRunning(f"node {number}", self._command, self.folder / "log")
        self._answering: ThreadingHTTPServer | None = None

    @property
    def data(self) -> Path:
        """Where its tables are."""
        return self.folder / "data"

    def url(self, port: int | None = None) -> str:
        """Its address, or that of another port for the same user."""
        where = f"127.0.0.1:{port or self.port}"
        return f"mysql+pymysql://yonk:{self.password}@{where}/yonk?charset=utf8mb4"

    def says(self) -> str:
        """What is wrong with it, or nothing."""
        return node_says(self.url())

    def start(self, *, begins: bool) -> None:
        """Start it, as the one that begins a cluster or to join the others."""
        if not (self.data / "mysql").is_dir():
            lay_out_database(self.folder, _as_user())
        self.begins = begins
        self.program.start()
        self._answering = self._answering or check_over_http(self.url(), self.check)

    def stop(self) -> None:
        """End it in good order."""
        self.program.stop()
        if self._answering:
            self._answering.shutdown()
            self._answering.server_close()
            self._answering = None

    def position(self) -> tuple[str, int]:
        """The state that its tables had come to when it ended: of which history, and how far."""
        command = [*self._basics(), "--wsrep-recover", f"--log-error={self.folder / 'recovery'}"]
        (self.folder / "recovery.err").unlink(missing_ok=True)
        # one that has not told it in time is as one that does not know: it is given all anew
        with suppress(subprocess.TimeoutExpired):
            subprocess.run(command, capture_output=True, check=False, timeout=60)
        with suppress(OSError):
            found = POSITION.search((self.folder / "recovery.err").read_text())
            if found:
                return found.group(1), int(found.group(2))
        return "", -1

    def may_begin(self, may: bool | None = None) -> bool:
        """Whether it may begin a cluster, which the last to leave may; told so where `may` is."""
        state = self.data / "grastate.dat"
        if not state.is_file():
            return True
        text = state.read_text()
        if may is not None:
            text = re.sub(r"safe_to_bootstrap: \d", f"safe_to_bootstrap: {int(may)}", text)
            state.write_text(text)
        return "safe_to_bootstrap: 1" in text

    def _basics(self) -> list[str]:
        return [
            program("mariadbd"),
            "--no-defaults",
            f"--datadir={self.data}",
            f"--tmpdir={temporary(self.folder)}",
            f"--port={self.port}",
            "--bind-address=127.0.0.1",
            f"--socket={self.folder / 'socket'}",
            f"--pid-file={self.folder / 'pid'}",
            "--skip-name-resolve",
            "--innodb-buffer-pool-size=64M",
            "--innodb-log-file-size=32M",
            "--innodb-lock-wait-timeout=4",
            "--innodb-autoinc-lock-mode=2",
            "--binlog-format=ROW",
            "--wsrep-on=ON",
            f"--wsrep-provider={PROVIDER}",
            "--wsrep-cluster-name=yonk-trial",
            f"--wsrep-cluster-address=gcomm://{self.others}",
            f"--wsrep-node-name=node{self.number}",
            f"--wsrep-node-address=127.0.0.1:{self.group}",
            "--wsrep-sst-method=rsync",
            f"--wsrep-sst-receive-address=127.0.0.1:{self.sst}",
            "--wsrep-provider-options="
            + ";".join(
                (
                    *PROVIDER_OPTIONS,
                    f"base_port={self.group}",
                    f"gmcast.listen_addr=tcp://127.0.0.1:{self.group}",
                    f"ist.recv_addr=127.0.0.1:{self.ist}",
                )
            ),
            *_as_user(),
        ]

    def _command(self) -> list[str]:
        if self.begins:
            self.begins = False  # started again, it joins the others
            setup = self.folder / "setup.sql"
            setup.write_text(
                "CREATE DATABASE IF NOT EXISTS yonk CHARACTER SET utf8mb4;\n"
                f"CREATE OR REPLACE USER yonk@'127.0.0.1' IDENTIFIED BY '{self.password}';\n"
                "GRANT ALL ON yonk.* TO yonk@'127.0.0.1';\n"
            )
            setup.chmod(0o600)
            _hand_over(setup)
            return [*self._basics(), "--wsrep-new-cluster", f"--init-file={setup}"]
        history, far = self.position() if (self.data / "grastate.dat").is_file() else ("", -1)
        known = [f"--wsrep-start-position={history}:{far}"] if far > 0 else []
        return [*self._basics(), *known]  # told how far it is, it asks the others for the rest


class Cluster:
    """The whole of it. `address` is where people reach it."""

    def __init__(self, folder: Path, port: int = 0, servers: int = SERVERS) -> None:
        if not PROVIDER.is_file():
            raise MachineError("Galera is not on this machine; install Debian's package galera-4.")
        self.folder = folder
        self._lock: IO[str] | None = None
        folder.mkdir(parents=True, exist_ok=True)
        secret = folder / "password"
        if not secret.is_file():
            secret.touch(0o600)
            secret.write_text(secrets.token_hex(16))
        self.password = secret.read_text()
        self.nodes = [ClusterNode(folder, number, self.password) for number in range(1, NODES + 1)]
        for node in self.nodes:
            node.others = ",".join(f"127.0.0.1:{one.group}" for one in self.nodes)
        self.port, self.database_port = port or free_port(), free_port()
        self.ports = [free_port() for _ in range(servers)]
        self.proxy = KeptRunning("HAProxy", self._proxy_command, folder / "haproxy.log")
        self.servers = [self._server(number) for number in range(servers)]

    @property
    def address(self) -> str:
        """Where people reach it."""
        return f"http://127.0.0.1:{self.port}"

    @property
    def database(self) -> str:
        """The address of the database, whichever node answers."""
        return self.nodes[0].url(self.database_port)

    @property
    def account_command(self) -> str:
        """How its first account is made."""
        return f'YONK_DATABASE="$(cat {self.folder / "address"})" ./yonk account NAME'

    def start(self, say: Callable[[str], None] = lambda _: None) -> None:
        """Start everything. Raises `MachineError` where something does not come up, at once where
        another program has its port.
        """
        self._lock = self._lock or take_folder(
            self.folder, f"A cluster runs already in {self.folder}"
        )
        listen_on(self.port).close()
        first = self._first()
        say(f"Node {first.number} begins …")
        first.start(begins=True)
        self._until(lambda: not first.says(), f"{first.folder / 'log'} says why.")
        for node in self.nodes:
            if node is not first:
                say(f"Node {node.number} joins …")
                node.start(begins=False)
                self._until(
                    lambda node=node: not node.says(),  # type: ignore[misc]
                    f"{node.folder / 'log'} says why.",
                )
        say("HAProxy and the servers …")
        address = self.folder / "address"
        address.touch(0o600)
        address.write_text(self.database)
        engine = open_engine(first.url())
        bring_up_to_date(engine)
        engine.dispose()
        self.proxy.start()
        for server in self.servers:
            server.start()
        self._until(lambda: all(map(self._ready, self.ports)), f"{self.folder} holds the logs.")
        self._until(lambda: self._ready(self.port), f"{self.folder / 'haproxy.log'} says why.")

    def writer(self) -> ClusterNode:
        """The node that the servers write to now."""
        engine = open_engine(self.database)
        with engine.connect() as connection:
            name = connection.execute(text("SELECT @@wsrep_node_name")).scalar()
        engine.dispose()
        return next(node for node in self.nodes if f"node{node.number}" == name)

    def stop(self) -> None:
        """End everything in good order."""
        for one in (*self.servers, self.proxy):
            one.stop()
        for node in self.nodes:
            node.stop()
        if self._lock:
            self._lock.close()
            self._lock = None

    def whole(self, seconds: float = _START_SECONDS) -> None:
        """Waits until every part takes part, and the first node is written to again: until then
        the connections to another will be closed. Raises `MachineError` where that does not come.
        """
        for node in self.nodes:
            self._until(
                lambda node=node: not node.says(),  # type: ignore[misc]
                f"{node.folder / 'log'} says why.",
                seconds,
            )
        self._until(
            lambda: self._is_written_to(self.nodes[0]),
            f"{self.folder / 'haproxy.log'} says why.",
            seconds,
        )
        for port in (*self.ports, self.port):
            self._until(
                lambda port=port: self._ready(port),  # type: ignore[misc]
                f"{self.folder} holds the logs.",
                seconds,
            )

    def _is_written_to(self, node: ClusterNode) -> bool:
        with suppress(SQLAlchemyError):
            return self.writer() is node
        return False

    def _first(self) -> ClusterNode:
        """The node that begins: the last that left or, where all were cut off, the one that had
        come the furthest.
        """
        sound = [one for one in self.nodes if (one.data / "grastate.dat").is_file()]
        if not sound:
            return self.nodes[0]
        left_last = [one for one in sound if one.may_begin()]
        first = left_last[0] if left_last else max(sound, key=lambda one: one.position()[1])
        first.may_begin(True)
        return first

    def _until(self, done: Callable[[], bool], words: str, seconds: float = _START_SECONDS) -> None:
        end = time.monotonic() + seconds
        while not done():
            if time.monotonic() > end:
                raise MachineError(f"A part of the cluster did not come up; {words}")
            time.sleep(0.1)

    @staticmethod
    def _ready(port: int) -> bool:
        address = f"http://127.0.0.1:{port}/ready"
        with suppress(OSError), urllib.request.urlopen(address, timeout=3) as answer:
            return bool(answer.status == 200)
        return False

    def _server(self, number: int) -> KeptRunning:
        environment = {
            "YONK_ADDRESS": self.address,
            "YONK_DATABASE": self.database,
            "YONK_CLUSTER": "true",
            "YONK_PORT": str(self.ports[number]),
            "YONK_PROXIES": "127.0.0.1",
            "YONK_POST": str(self.folder / "post"),
            "YONK_HEAVY": "1",
        }
        command = [sys.executable, "-m", "yonk", "serve"]
        name = f"server{number + 1}"
        return KeptRunning(name, lambda: command, self.folder / f"{name}.log", environment)

    def _proxy_command(self) -> Sequence[str]:
        config = self.folder / "haproxy.cfg"
        config.write_text(
            proxy_config(
                port=self.port,
                servers=self.ports,
                database_port=self.database_port,
                nodes=[(node.port, node.check) for node in self.nodes],
            )
        )
        if not shutil.which("haproxy", path="/usr/sbin:/usr/bin:/usr/local/sbin"):
            raise MachineError("haproxy is not on this machine; install Debian's package haproxy.")
        return [program("haproxy"), "-db", "-f", str(config)]


def _as_user() -> list[str]:
    """Root's nodes run as the database's own user: what copies a node to another would not let root
    in.
    """
    return ["--user=mysql"] if os.geteuid() == 0 else []


def _hand_over(path: Path) -> None:
    if os.geteuid() == 0:
        shutil.chown(path, "mysql", "mysql")


def proxy_config(
    *,
    port: int,
    servers: Sequence[int],
    database_port: int,
    nodes: Sequence[tuple[int, int]],
) -> str:
    """What HAProxy is told.

    Args:
        port: where people reach it.
        servers: the ports of the servers.
        database_port: where the servers reach the database.
        nodes: the port of each node, and that of its check.

    All writes go to one node at a time, so that two servers hardly ever certify against each
    other: the first of those that take part. Where an earlier one is back, the connections to the
    others are closed, and are opened to it.
    """
    lines = [
        "global",
        "  maxconn 4000",
        "defaults",
        "  timeout connect 2s",
        "  timeout client 90s",
        "  timeout server 90s",
        "  timeout queue 10s",
        "  timeout http-request 15s",
        "  timeout check 3s",
        "  retries 3",
        "  option redispatch",
        "listen yonk",
        f"  bind 127.0.0.1:{port}",
        "  mode http",
        "  balance leastconn",
        "  option forwardfor",
        "  http-request del-header X-Forwarded-For",
        "  retry-on conn-failure",
        "  option httpchk",
        "  http-check send meth GET uri /ready hdr Host 127.0.0.1",
        "  default-server inter 1s fall 3 rise 1 on-marked-down shutdown-sessions",
        *(f"  server yonk{number} 127.0.0.1:{one} check" for number, one in enumerate(servers, 1)),
        "listen database",
        f"  bind 127.0.0.1:{database_port}",
        "  mode tcp",
        "  timeout client 1h",
        "  timeout server 1h",
        "  option httpchk GET /",
        "  default-server inter 1s fall 3 rise 2 on-marked-down shutdown-sessions",
    ]
    for number, (one, check) in enumerate(nodes, 1):
        backup = "" if number == 1 else " backup"
        # when it is back the connections that others had taken over are closed, so that every
        # pool follows; the last one is taken only where no other is left
        follow = "" if number == len(nodes) else " on-marked-up shutdown-backup-sessions"
        lines.append(f"  server node{number} 127.0.0.1:{one} check port {check}{backup}{follow}")
    return "\n".join(lines) + "\n"
