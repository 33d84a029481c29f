"""What lies on the table against what is wanted: what serves, what is still to be cut, ways out."""

from yonk.core.table.laying import LaidOnCloth, TableLayout, TablePiece
from yonk.core.table.need import CutNeed, CutSize, needs_of
from yonk.core.table.standing import TableStanding, standing_of
from yonk.core.table.state import CutOnTable, PieceOnTable, TableState, check_state
from yonk.core.table.ways_out import TableWayOut, WayOutName, ways_out_of

__all__ = [
    "CutNeed",
    "CutOnTable",
    "CutSize",
    "LaidOnCloth",
    "PieceOnTable",
    "TableLayout",
    "TablePiece",
    "TableStanding",
    "TableState",
    "TableWayOut",
    "WayOutName",
    "check_state",
    "needs_of",
    "standing_of",
    "ways_out_of",
]
