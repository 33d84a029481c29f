"""A cluster of three nodes and two servers, whose parts fail while 32 clients save: no save that
was acknowledged is lost, none is half there, and errors end soon.
"""

from __future__ import annotations

import threading
import time
from collections.abc import Iterator
from pathlib import Path

import httpx
import pytest
from bench.cluster import FAULTS, quilters, running_cluster, saves_through

from yonk.machine.cluster import Cluster, proxy_config
from yonk.machine.node_check import node_says


@pytest.fixture(scope="module")
def cluster() -> Iterator[Cluster]:
    """The trial cluster."""
    with running_cluster() as found:
        yield found


@pytest.mark.parametrize("name", FAULTS)
def test_nothing_is_lost_when_a_part_fails(cluster: Cluster, name: str) -> None:
    told = saves_through(cluster, FAULTS[name])
    assert told.good, told
    assert told.acknowledged > 50  # it was a stream of saves, before and after


def test_a_server_that_is_told_to_stop_finishes_what_it_has_begun(cluster: Cluster) -> None:
    cluster.whole()
    one = quilters(cluster, 1)[0]
    one.address = f"http://127.0.0.1:{cluster.ports[0]}"
    saving = threading.Thread(target=one.save, args=(time.monotonic() + 1.5,))
    saving.start()
    time.sleep(0.7)
    cluster.servers[0].stop()
    saving.join(0)
    assert one.acknowledged and not one.wrong
    cluster.servers[0].start()
    saving.join()
    cluster.whole()
    assert not one.wrong
    with httpx.Client(base_url=cluster.address) as web:
        cookie = {"Cookie": f"__Host-yonk={one.token}"}
        kept = web.get(f"/api/blocks/{one.block}", headers=cookie).json()
    assert kept["revision"] == one.revision and kept["name"] == f"Save {one.acknowledged}"


def test_all_of_it_killed_at_once_comes_back_with_everything(cluster: Cluster) -> None:
    cluster.whole()
    one = quilters(cluster, 1)[0]
    one.save(time.monotonic() + 1)
    for node in cluster.nodes:
        node.program.hold()
        node.program.kill()
    for part in (*cluster.servers, cluster.proxy):
        part.stop(0)
    cluster.start()
    with httpx.Client(base_url=cluster.address) as web:
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
