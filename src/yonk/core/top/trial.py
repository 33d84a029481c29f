"""Trial blocks taken into account: one that came out well is one of the quilt's blocks.

Source: the whole list of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from yonk.core.measuring import Verdict
from yonk.core.setting import Quilt


@dataclass(frozen=True)
class Judged:
    """A trial block of the shelf: the revision that the block has there now, and how its trial was
    judged.
    """

    revision: int
    verdict: Verdict


def made_already(quilt: Quilt, judged: Mapping[str, Judged]) -> frozenset[str]:
    """The blocks of a quilt, by key, of which the trial counts as one.

    Args:
        quilt: its blocks know which block of the shelf they are copies of.
        judged: trial blocks by the shelf's ids.

    Returns: the first copy of each, as drafted and as it is on the shelf now, unless its pieces are
    to be cut again.
    """
    found: dict[str, str] = {}
    for one in quilt.blocks:
        trial = judged.get(one.origin)
        if trial is None or trial.verdict == "cut again":
            continue
        if one.colouring is None and one.revision == trial.revision:
            found.setdefault(one.origin, one.key)
    return frozenset(found.values())
