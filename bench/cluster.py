"""A cluster under saves and under load: what is lost when a part of it fails, how long it takes."""

from __future__ import annotations

import statistics
import tempfile
import threading
import time
from collections.abc import Callable, Iterator
from contextlib import contextmanager, suppress
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any

import httpx

from yonk.api.session import COOKIE
from yonk.files.block_file import write_block
from yonk.machine.cluster import Cluster, ClusterNode
from yonk.machine.samples import all_samples
from yonk.store.blocks import one_block
from yonk.store.database import open_engine, session_maker
from yonk.store.models import BlockRevision
from yonk.store.people import add_account, sign_in
from yonk.store.rights import Person

CLIENTS = 32
PASSWORD = "nine grey herons wade"
ERRORS_WITHIN = 15.0  # seconds after a fault
PAUSE = 0.25
ONE_SAVE = 90.0  # seconds that a save is tried again, through a fault on a machine that is busy
FIRST_SAVES = 60.0  # seconds that clients are waited for before something fails


@contextmanager
def running_cluster(servers: int = 2) -> Iterator[Cluster]:
    """A trial cluster in a folder of its own, which the database's user can reach."""
    with tempfile.TemporaryDirectory(dir="/var/tmp", ignore_cleanup_errors=True) as folder:
        Path(folder).chmod(0o755)
        cluster = Cluster(Path(folder), servers=servers)
        try:
            cluster.start()
            yield cluster
        finally:
            cluster.stop()


@dataclass
class Quilter:
    """One who saves a block of her own again and again, each save under its own key until it is
    acknowledged.
    """

    address: str
    token: str
    block: str
    document: dict[str, Any]
    revision: int = 1
    acknowledged: int = 0
    at_fault: int = 0
    errors: list[float] = field(default_factory=list)
    wrong: list[str] = field(default_factory=list)

    def save(self, over: threading.Event) -> None:
        """Save until it is over."""
        headers = {"Cookie": f"{COOKIE}={self.token}"}
        with httpx.Client(base_url=self.address, headers=headers, timeout=10) as web:
            while not over.wait(PAUSE):
                self._one_save(web)

    def _one_save(self, web: httpx.Client) -> None:
        number = self.acknowledged + 1
        sent = {
            "document": self.document | {"name": f"Save {number}"},
            "revision": self.revision,
            "save_key": f"{self.block}-{number:08}",
        }
        until = time.monotonic() + ONE_SAVE
        while time.monotonic() < until:
            try:
                answer = web.put(f"/api/blocks/{self.block}", json=sent)
            except httpx.HTTPError:
                self.errors.append(time.monotonic())
            else:
                if answer.status_code == 200:
                    self.acknowledged, self.revision = number, answer.json()["revision"]
                    return
                self.errors.append(time.monotonic())
                if answer.status_code not in (502, 503, 504):
                    self.wrong.append(f"{answer.status_code} {answer.text[:200]}")
                    return
            time.sleep(PAUSE)


@dataclass(frozen=True)
class Outcome:
    """What came of a fault: saves acknowledged and lost or half there, errors, and how long after
    the fault the last of them came.
    """

    acknowledged: int
    lost: int
    half: int
    errors: int
    last_error: float
    wrong: tuple[str, ...]
    went_on: bool

    @property
    def kept(self) -> bool:
        """Whether nothing was lost and nothing is half there."""
        return not (self.lost or self.half or self.wrong)

    @property
    def good(self) -> bool:
        """Whether nothing was lost, and errors ended in time."""
        return self.kept and self.last_error <= ERRORS_WITHIN


def quilters(cluster: Cluster, count: int) -> list[Quilter]:
    """So many people, each with a block of her own."""
    document = write_block(next(iter(all_samples())))
    engine = open_engine(cluster.database)
    found = []
    with session_maker(engine)() as session:
        mark = f"{time.monotonic_ns():x}"
        person = add_account(session, f"Quilter {mark}", PASSWORD)
        session.commit()
        token = sign_in(session, person.name, PASSWORD, mark).token
    headers = {"Cookie": f"{COOKIE}={token}"}
    with httpx.Client(base_url=cluster.address, headers=headers, timeout=20) as web:
        for _ in range(count):
            made = web.post("/api/blocks", json={"document": document})
            made.raise_for_status()
            found.append(Quilter(cluster.address, token, made.json()["id"], document))
    engine.dispose()
    return found


def saves_through(
    cluster: Cluster,
    fault: Callable[[Cluster], None],
    *,
    clients: int = CLIENTS,
    before: float = 2,
    after: float = 10,
) -> Outcome:
    """A stream of saves from many clients, during which something fails: once each has saved, and
    for so long after.
    """
    people = quilters(cluster, clients)
    begun, over = time.monotonic(), threading.Event()
    threads = [threading.Thread(target=one.save, args=(over,)) for one in people]
    for thread in threads:
        thread.start()
    time.sleep(before)
    while not all(one.acknowledged for one in people) and time.monotonic() < begun + FIRST_SAVES:
        time.sleep(PAUSE)
    moment = time.monotonic()
    for one in people:
        one.at_fault = one.acknowledged
    fault(cluster)
    time.sleep(after)
    over.set()
    for thread in threads:
        thread.join()
    return _outcome(cluster, people, moment)


def _outcome(cluster: Cluster, people: list[Quilter], moment: float) -> Outcome:
    cluster.whole()
    lost = half = 0
    engine = open_engine(cluster.database, cluster=True)
    with session_maker(engine)() as session:
        session.info["person"] = Person()
        for one in people:
            kept = one_block(session, one.block)
            states = session.query(BlockRevision).filter_by(block_id=one.block).all()
            keys = {state.save_key for state in states}
            wanted = {f"{one.block}-{number:08}" for number in range(1, one.acknowledged + 1)}
            lost += len(wanted - keys) + (kept.revision < one.revision)
            newest = max(states, key=lambda state: state.revision)
            whole = newest.revision == kept.revision and newest.document == kept.document
            numbers = sorted(state.revision for state in states)
            half += not whole or numbers != list(range(1, kept.revision + 1))
    engine.dispose()
    errors = [at for one in people for at in one.errors]
    return Outcome(
        sum(one.acknowledged for one in people),
        lost,
        half,
        len(errors),
        max((at - moment for at in errors), default=0.0),
        tuple(words for one in people for words in one.wrong),
        all(one.acknowledged > one.at_fault > 0 for one in people),
    )


def cut_off(node: ClusterNode, seconds: float = 12) -> None:
    """A node stands still for a while, as where its network is cut."""
    node.program.pause()
    threading.Timer(seconds, node.program.resume).start()


def another(cluster: Cluster) -> ClusterNode:
    """A node that is not written to."""
    writer = cluster.writer()
    return next(node for node in cluster.nodes if node is not writer)


FAULTS: dict[str, Callable[[Cluster], None]] = {
    "an app server is killed": lambda cluster: cluster.servers[0].kill(),
    "HAProxy is killed": lambda cluster: cluster.proxy.kill(),
    "a node that is not written to is killed": lambda cluster: another(cluster).program.kill(),
    "the node that is written to is killed": lambda cluster: cluster.writer().program.kill(),
    "a node that is not written to is cut off": lambda cluster: cut_off(another(cluster)),
    "the node that is written to is cut off": lambda cluster: cut_off(cluster.writer()),
}


def load(address: str, people: list[Quilter], seconds: float = 60) -> tuple[list[float], int]:
    """Each of many edits and saves her block every two seconds. Returns how long each took, edit
    and save, and how many were refused.
    """
    taken: list[float] = []
    refused: list[int] = []
    until = time.monotonic() + seconds

    def work(one: Quilter, begin: float) -> None:
        time.sleep(begin)
        headers = {"Cookie": f"{COOKIE}={one.token}"}
        with httpx.Client(base_url=address, headers=headers, timeout=30) as web:
            while (started := time.monotonic()) < until:
                act = {"do": "rename", "name": f"Edit {len(taken)}"}
                with suppress(httpx.HTTPError):
                    edited = web.post("/api/draft", json={"document": one.document, "acts": [act]})
                    document = edited.json().get("document", one.document)
                    sent = {"document": document, "revision": one.revision}
                    saved = web.put(f"/api/blocks/{one.block}", json=sent)
                    if edited.status_code == saved.status_code == 200:
                        one.revision = saved.json()["revision"]
                        taken.append(time.monotonic() - started)
                        time.sleep(max(0.0, 2 - (time.monotonic() - started)))
                        continue
                refused.append(1)
                time.sleep(2)

    threads = [
        threading.Thread(target=work, args=(one, 2 * number / len(people)))
        for number, one in enumerate(people)
    ]
    for thread in threads:
        thread.start()
    for thread in threads:
        thread.join()
    return taken, len(refused)


def cluster_bench() -> None:
    """Faults and load, with figures."""
    with running_cluster() as cluster:
        for name, fault in FAULTS.items():
            told = saves_through(cluster, fault)
            print(
                f"{name}: {told.acknowledged} saves acknowledged, {told.lost} lost, {told.half} "
                f"half; {told.errors} errors, the last {told.last_error:.1f} s after; "
                f"{'kept' if told.good else 'NOT KEPT'} {told.wrong[:2] or ''}"
            )
    for servers in (1, 2):
        with running_cluster(servers) as cluster:
            taken, refused = load(cluster.address, quilters(cluster, 200))
        parts = statistics.quantiles(taken, n=100) if len(taken) > 1 else [0.0] * 99
        print(
            f"200 quilters, {servers} app server{'s' if servers > 1 else ''}: {len(taken)} edits "
            f"with their saves, p50 {1000 * parts[49]:.0f} ms, p95 {1000 * parts[94]:.0f} ms, p99 "
            f"{1000 * parts[98]:.0f} ms, {refused} refused"
        )
