"""Questions outside a block: what squares on hand become, whether a number is right, charts."""

from yonk.core.finder.beginnings import BEGINNINGS, FABRICS, KIND, METHOD, PIECES
from yonk.core.finder.chart_check import ChartPiece, ChartVerdict, check, pieces_of_method
from yonk.core.finder.charts import ChartLine, cut_chart
from yonk.core.finder.on_hand import OnHand, Possible, what_can_i_make
from yonk.core.finder.samples import kinds_asked, method_of, sample_unit
from yonk.core.finder.three_sizes import SizesTold, sizes_told

__all__ = [
    "BEGINNINGS",
    "FABRICS",
    "KIND",
    "METHOD",
    "PIECES",
    "ChartLine",
    "ChartPiece",
    "ChartVerdict",
    "OnHand",
    "Possible",
    "SizesTold",
    "check",
    "cut_chart",
    "kinds_asked",
    "method_of",
    "pieces_of_method",
    "sample_unit",
    "sizes_told",
    "what_can_i_make",
]
