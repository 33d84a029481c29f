"""A cluster of three nodes and two servers, whose parts fail while 32 clients save: no save that
was acknowledged is lost, and none is half there.
"""

from __future__ import annotations

import threading
import time
from collections.abc import Iterator
from concurrent.futures import ThreadPoolExecutor
from contextlib import ExitStack, suppress
from pathlib import Path

import httpx
import pytest
from bench.cluster import (
    CLIENTS,
    FAULTS,
    PASSWORD,
    Quilter,
    quilters,
    running_cluster,
    saves_through,
)
from sqlalchemy import text
from sqlalchemy.exc import SQLAlchemyError
from sqlalchemy.orm import Session

from yonk.core.paper import DraftError
from yonk.core.setting import SharedPart
from yonk.machine.cluster import Cluster, proxy_config
from yonk.machine.node_check import node_says
from yonk.store.blocks import BlockContents, create_block
from yonk.store.database import open_engine, session_maker
from yonk.store.models import RightGiven
from yonk.store.people import add_account
from yonk.store.rights import Person
from yonk.store.together import keep_part, shared_parts

PATIENCE = 120.0  # seconds for one answer: a machine that is busy is slow and still right


@pytest.fixture(scope="module")
def cluster() -> Iterator[Cluster]:
    """The trial cluster."""
    with running_cluster() as found:
        yield found


WORST = "the node that is written to is killed"


@pytest.mark.parametrize("name", list(FAULTS))
def test_nothing_is_lost_when_a_part_fails(cluster: Cluster, name: str, long_run: bool) -> None:
    """All but the worst in the long run alone, with as many clients as the bench has: each takes
    half a minute.
    """
    if name != WORST and not long_run:
        pytest.skip("in the long run alone")
    cluster.whole()
    told = saves_through(cluster, FAULTS[name], clients=CLIENTS if long_run else 8)
    assert told.kept, told  # how soon errors end is a figure of the bench
    assert told.went_on  # each client saved before and after


def test_two_nodes_never_give_the_last_block_twice(cluster: Cluster) -> None:
    cluster.whole()
    engines = [open_engine(node.url(), cluster=True) for node in cluster.nodes[:2]]
    with session_maker(engines[0])() as session:
        mark = f"{time.monotonic_ns():x}"
        people = [add_account(session, f"{name} {mark}", PASSWORD) for name in ("Ann", "Bea")]
        session.commit()
        quilt = create_block(session, BlockContents("Throw", "{}", "{}", "quilt"))
        keep_shares_of(session, quilt.id, people)

    def take_all(number: int) -> None:
        with session_maker(engines[number])() as session:
            session.info["person"] = people[number]
            for count in range(1, 12):
                with suppress(DraftError):
                    keep_part(
                        session, quilt.id, SharedPart(people[number].id, "a", count), {"a": 10}
                    )

    with ThreadPoolExecutor(2) as takers:
        assert list(takers.map(take_all, range(2))) == [None, None]
    with session_maker(engines[1])() as session:
        assert sum(part.count for part in shared_parts(session, quilt.id)) == 10
    for engine in engines:
        engine.dispose()


def test_every_pool_follows_the_one_writer(cluster: Cluster) -> None:
    """Connections that another node took over do not stay with it when the first is back."""
    cluster.whole()
    engines = [open_engine(cluster.database, cluster=True) for _ in range(2)]

    def written_to() -> set[str]:
        with suppress(SQLAlchemyError), ExitStack() as held:
            opened = [held.enter_context(one.connect()) for one in engines for _ in range(3)]
            return {str(one.scalar(text("SELECT @@wsrep_node_name"))) for one in opened}
        return set()

    def wait_for(node: str) -> None:
        end = time.monotonic() + 60
        while written_to() != {node} and time.monotonic() < end:
            time.sleep(0.2)
        assert written_to() == {node}

    assert written_to() == {"node1"}
    cluster.nodes[0].program.hold()
    cluster.nodes[0].program.kill()
    wait_for("node2")
    cluster.nodes[0].start(begins=False)
    cluster.whole()
    wait_for("node1")
    for engine in engines:
        engine.dispose()


def wait_for_saves(one: Quilter, count: int) -> None:
    """Until so many of her saves are acknowledged."""
    end = time.monotonic() + PATIENCE
    while one.acknowledged < count and time.monotonic() < end:
        time.sleep(0.1)
    assert one.acknowledged >= count


def keep_shares_of(session: Session, quilt_id: str, people: list[Person]) -> None:
    """Have a quilt seen by some people."""
    session.add_all(RightGiven(thing_id=quilt_id, with_id=one.id, level="see") for one in people)
    session.commit()


def test_a_server_that_is_told_to_stop_finishes_what_it_has_begun(cluster: Cluster) -> None:
    cluster.whole()
    one = quilters(cluster, 1)[0]
    one.address = f"http://127.0.0.1:{cluster.ports[0]}"
    over = threading.Event()
    saving = threading.Thread(target=one.save, args=(over,))
    saving.start()
    wait_for_saves(one, 2)
    cluster.servers[0].stop()
    assert one.acknowledged and not one.wrong
    cluster.servers[0].start()
    wait_for_saves(one, one.acknowledged + 2)
    over.set()
    saving.join()
    cluster.whole()
    assert not one.wrong
    with httpx.Client(base_url=cluster.address, timeout=PATIENCE) as web:
        cookie = {"Cookie": f"__Host-yonk={one.token}"}
        kept = web.get(f"/api/blocks/{one.block}", headers=cookie).json()
    assert kept["revision"] == one.revision and kept["name"] == f"Save {one.acknowledged}"


def test_all_of_it_killed_at_once_comes_back_with_everything(cluster: Cluster) -> None:
    cluster.whole()
    one = quilters(cluster, 1)[0]
    over = threading.Event()
    saving = threading.Thread(target=one.save, args=(over,))
    saving.start()
    wait_for_saves(one, 3)
    over.set()
    saving.join()
    for node in cluster.nodes:
        node.program.hold()
        node.program.kill()
    for part in (*cluster.servers, cluster.proxy):
        part.stop(0)
    cluster.start()
    with httpx.Client(base_url=cluster.address, timeout=PATIENCE) as web:
        cookie = {"Cookie": f"__Host-yonk={one.token}"}
        kept = web.get(f"/api/blocks/{one.block}", headers=cookie).json()
    assert one.acknowledged and kept["revision"] == one.revision


def test_a_node_that_is_not_there_does_not_take_part() -> None:
    assert node_says("mysql+pymysql://yonk:x@127.0.0.1:1/yonk") == "does not answer"


def test_the_proxy_is_told_of_every_part(tmp_path: Path) -> None:
    told = proxy_config(port=1, servers=[2, 3], database_port=4, nodes=[(5, 6), (7, 8)])
    for part in ("127.0.0.1:2 check", "127.0.0.1:3 check", "127.0.0.1:5 check port 6"):
        assert part in told
    assert "127.0.0.1:7 check port 8 backup" in told
