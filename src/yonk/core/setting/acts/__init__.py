"""Acts: what a quilter can do to a quilt, a file each; all of them are found in this folder."""

from yonk.core.setting.acts.act import QuiltAct, all_quilt_acts, apply_to_quilt
from yonk.core.setting.acts.lay_block import LayBlock
from yonk.core.setting.acts.named import with_places
from yonk.core.setting.acts.spread import Spread
from yonk.core.setting.acts.turn_all import TurnAll
from yonk.core.setting.acts.turn_block import TurnBlock

__all__ = [
    "LayBlock",
    "QuiltAct",
    "Spread",
    "TurnAll",
    "TurnBlock",
    "all_quilt_acts",
    "apply_to_quilt",
    "with_places",
]
