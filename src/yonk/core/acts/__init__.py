"""Acts: what a quilter can do to a draft. Each is a small value; `apply` gives the draft that comes
of it.

Whatever is drawn anew, patches keep the fabric of the place they lie in.
"""

from yonk.core.acts.act import Act, all_acts, apply
from yonk.core.acts.beginning import (
    USUAL_BEGINNINGS,
    BlockBeginning,
    begin_block,
    settings_as_typed,
)
from yonk.core.acts.carrying import with_seams
from yonk.core.acts.choose_method import ChooseMethod
from yonk.core.acts.mates import Mate, MatesName, possible_mates
from yonk.core.acts.paint import PaintPatch
from yonk.core.acts.proportions import Proportions
from yonk.core.acts.put import Put, stamp_of
from yonk.core.acts.put_colouring import PutColouring
from yonk.core.acts.regrid import Regrid
from yonk.core.acts.rename import Rename
from yonk.core.acts.resize import Resize
from yonk.core.acts.set_making import SetMaking
from yonk.core.acts.set_own import SetOwn
from yonk.core.acts.sew import Sew
from yonk.core.acts.uneven import Uneven

__all__ = [
    "USUAL_BEGINNINGS",
    "Act",
    "BlockBeginning",
    "ChooseMethod",
    "Mate",
    "MatesName",
    "PaintPatch",
    "Proportions",
    "Put",
    "PutColouring",
    "Regrid",
    "Rename",
    "Resize",
    "SetMaking",
    "SetOwn",
    "Sew",
    "Uneven",
    "all_acts",
    "apply",
    "begin_block",
    "possible_mates",
    "settings_as_typed",
    "stamp_of",
    "with_seams",
]
