"""How far a quilt has come: blocks made, rows sewn, rows joined.

Source: sewing the top of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass

from yonk.core.paper import Message, Text, listed, message
from yonk.core.top.steps import TopSewing, TopStep, TopStepKind

GROUPS: tuple[tuple[str, frozenset[TopStepKind]], ...] = (
    ("blocks", frozenset(("blocks",))),
    ("rows", frozenset(("row",))),
    ("joins", frozenset(("join", "corners"))),
    ("borders", frozenset(("border",))),
)


@dataclass(frozen=True)
class TopProgress:
    """How much of a top is done of how much, counted in pieces of work, and in words."""

    steps: tuple[TopStep, ...]
    done: int
    total: int
    words: Text

    def no_longer(self, sewn: Mapping[str, tuple[int, str]]) -> list[Message]:
        """What was done and is no part of the top as it is now, in the words of then.

        Args:
            sewn: of each mark how many are done, and in what words it was told.
        """
        known = {step.mark for step in self.steps}
        return [
            message("done-and-gone", step=words, count=count)
            for mark, (count, words) in sewn.items()
            if count and mark not in known
        ]


def top_progress(sewing: TopSewing, sewn: Mapping[str, int]) -> TopProgress:
    """How far a top has come.

    Args:
        sewn: of each step, by its mark, how many are done.
    """

    def counted(kinds: frozenset[TopStepKind] | None = None) -> tuple[int, int]:
        mine = [one for one in sewing.steps if kinds is None or one.kind in kinds]
        done = sum(min(sewn.get(one.mark, 0), one.total) for one in mine)
        return done, sum(one.total for one in mine)

    parts = [
        message("top-done", done=done, total=total, what=name)
        for name, kinds in GROUPS
        if (total := counted(kinds)[1])
        for done in [counted(kinds)[0]]
    ]
    return TopProgress(sewing.steps, *counted(), listed(parts, "comma"))
