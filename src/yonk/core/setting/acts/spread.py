"""Act of a quilt: spread blocks so that none alike touch."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from yonk.core.paper import check_count
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.quilt import Quilt, RowColumn, SpreadRule, SpreadWish
from yonk.core.setting.spreading import spread_blocks, spread_over


@dataclass(frozen=True, kw_only=True)
class Spread(QuiltAct):
    """Spread all blocks of the quilt evenly so that none alike touch, nor those that a rule says
    never to; held places stay. Another `seed` finds another layout as good.
    """

    do: Literal["spread"] = "spread"
    corners: bool = False
    held: tuple[RowColumn, ...] = ()
    rules: tuple[SpreadRule, ...] = ()
    seed: int = 0

    def on(self, quilt: Quilt) -> Quilt:
        """The quilt with them spread."""
        check_count(len(self.rules), "rules", "spread_rules")
        seed = check_count(self.seed, "seed", "seed")
        wish = SpreadWish(
            corners=self.corners, held=tuple(sorted(self.held)), rules=self.rules, seed=seed
        )
        return spread_over(quilt, wish, spread_blocks(quilt, [*quilt.by_key], wish))
