"""Acts: what a quilter can do to a draft. Each is a small value; `apply` gives the draft that comes of it.

Lengths and points in an act are texts as they were typed or sent; a fault names the field. Whatever is drawn anew,
patches keep the fabric of the place they lie in.
"""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from yonk.core.acts.carrying import check_numbers, with_seams
from yonk.core.acts.cells import Copy, Put, RepeatQuarter, Turn, do_copy, do_put, do_repeat_quarter, do_turn
from yonk.core.acts.making import (
    ChooseMethod,
    DropColouring,
    PutColouring,
    SetMaking,
    do_choose_method,
    do_drop_colouring,
    do_put_colouring,
    do_set_making,
)
from yonk.core.acts.mates import WORDS, Mate, MatesName, possible_mates
from yonk.core.acts.paints import (
    DropFabric,
    PaintPatch,
    PutFabric,
    Swap,
    do_drop_fabric,
    do_paint,
    do_put_fabric,
    do_swap,
)
from yonk.core.acts.paper import (
    AddLine,
    LineLength,
    MoveEdge,
    MoveLine,
    Proportions,
    Regrid,
    RemoveLine,
    Rename,
    Resize,
    do_add_line,
    do_line_length,
    do_move_edge,
    do_move_line,
    do_proportions,
    do_regrid,
    do_remove_line,
    do_rename,
    do_resize,
)
from yonk.core.acts.stitches import Rub, Sew, do_rub, do_sew
from yonk.core.paper import Draft, DraftError

__all__ = [
    "WORDS",
    "Act",
    "AddLine",
    "ChooseMethod",
    "Copy",
    "DropColouring",
    "DropFabric",
    "LineLength",
    "Mate",
    "MatesName",
    "MoveEdge",
    "MoveLine",
    "PaintPatch",
    "Proportions",
    "Put",
    "PutColouring",
    "PutFabric",
    "Regrid",
    "RemoveLine",
    "Rename",
    "RepeatQuarter",
    "Resize",
    "Rub",
    "SetMaking",
    "Sew",
    "Swap",
    "Turn",
    "apply",
    "possible_mates",
    "with_seams",
]

MOST_SEAMS = 20_000

Act = (
    Put
    | Turn
    | Copy
    | RepeatQuarter
    | Sew
    | Rub
    | PaintPatch
    | Swap
    | Resize
    | Proportions
    | LineLength
    | AddLine
    | RemoveLine
    | MoveLine
    | MoveEdge
    | Regrid
    | PutFabric
    | DropFabric
    | PutColouring
    | DropColouring
    | SetMaking
    | ChooseMethod
    | Rename
)  # fmt: skip  # fmt: skip


def apply(draft: Draft, act: Act, mates: MatesName = "none") -> Draft:
    """The draft that comes of an act, done at all mates at once.

    Raises `DraftError` naming the field and the mend; the draft given is never changed.
    """
    done = _DOERS[type(act)](draft, act, mates)
    check_numbers(done)
    if len(done.seams) > MOST_SEAMS:
        raise DraftError("seams", f"are more than {MOST_SEAMS}; rub some out first")
    return done


_DOERS: dict[type, Callable[[Draft, Any, MatesName], Draft]] = {
    Put: do_put, Turn: do_turn, Copy: do_copy, RepeatQuarter: do_repeat_quarter, Sew: do_sew, Rub: do_rub, PaintPatch: do_paint,
    Swap: do_swap, Resize: do_resize, Proportions: do_proportions, LineLength: do_line_length, AddLine: do_add_line,
    RemoveLine: do_remove_line, Regrid: do_regrid, PutFabric: do_put_fabric, DropFabric: do_drop_fabric,
    MoveLine: do_move_line, MoveEdge: do_move_edge, PutColouring: do_put_colouring, DropColouring: do_drop_colouring,
    SetMaking: do_set_making, ChooseMethod: do_choose_method, Rename: do_rename,
}  # fmt: skip  # fmt: skip
