"""The cutting list as CSV: one row a cut, sizes as mixed numbers."""

from __future__ import annotations

import csv
import io

from yonk.core.planning import Plan, further
from yonk.files.plain_text import for_a_cell, plain_fractions, sized

_HEADINGS = (
    "fabric",
    "count",
    "shape",
    "cut width",
    "cut height",
    "unit",
    "cut further",
    "units",
    "letters",
    "pieces",
    "spare pieces",
)


def write_cutting_csv(plan: Plan) -> str:
    """The cutting list; a text that a spreadsheet would take for a formula is led by an
    apostrophe.
    """
    draft = plan.reading.draft
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow(_HEADINGS)
    for cut in plan.cuts:
        letters = dict.fromkeys(purpose.letter for purpose in cut.purposes)
        writer.writerow(
            (
                for_a_cell(draft.fabric(cut.fabric).called),
                cut.pieces_cut,
                cut.shape,
                sized(cut.strips[0][0] if cut.shape == "strip" else cut.width),
                sized(cut.height),
                draft.unit,
                plain_fractions(further(cut, draft.unit)),
                " ".join(cut.units),
                " ".join(letters),
                cut.segments or cut.yields,
                cut.spare_pieces,
            )
        )
    return out.getvalue()
