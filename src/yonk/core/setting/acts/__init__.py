"""Acts: what a quilter can do to a quilt."""

from yonk.core.setting.acts.act import QuiltAct, all_quilt_acts, apply_to_quilt
from yonk.core.setting.acts.add_border import AddBorder
from yonk.core.setting.acts.add_colourings import AddColourings
from yonk.core.setting.acts.lay_block import LayBlock
from yonk.core.setting.acts.put_quilt_fabric import PutQuiltFabric
from yonk.core.setting.acts.rename_quilt import RenameQuilt
from yonk.core.setting.acts.set_alternate import SetAlternate
from yonk.core.setting.acts.set_backing import SetBacking
from yonk.core.setting.acts.set_binding import SetBinding
from yonk.core.setting.acts.set_border import SetBorder
from yonk.core.setting.acts.set_edge import SetEdge
from yonk.core.setting.acts.set_joins import SetJoins
from yonk.core.setting.acts.set_module import SetModule
from yonk.core.setting.acts.set_places import SetPlaces
from yonk.core.setting.acts.set_quilt_making import SetQuiltMaking
from yonk.core.setting.acts.set_sashing import SetSashing
from yonk.core.setting.acts.set_together import SetTogether
from yonk.core.setting.acts.spread import Spread
from yonk.core.setting.acts.swap_blocks import SwapBlocks
from yonk.core.setting.acts.take_border_off import TakeBorderOff
from yonk.core.setting.acts.take_size import TakeSize
from yonk.core.setting.acts.turn_all import TurnAll
from yonk.core.setting.acts.turn_block import TurnBlock

__all__ = [
    "AddBorder",
    "AddColourings",
    "LayBlock",
    "PutQuiltFabric",
    "QuiltAct",
    "RenameQuilt",
    "SetAlternate",
    "SetBacking",
    "SetBinding",
    "SetBorder",
    "SetEdge",
    "SetJoins",
    "SetModule",
    "SetPlaces",
    "SetQuiltMaking",
    "SetSashing",
    "SetTogether",
    "Spread",
    "SwapBlocks",
    "TakeBorderOff",
    "TakeSize",
    "TurnAll",
    "TurnBlock",
    "all_quilt_acts",
    "apply_to_quilt",
]
