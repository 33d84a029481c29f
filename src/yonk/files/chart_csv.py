"""A chart of cut sizes as CSV: a line for each finished size, sizes as plain fractions."""

from __future__ import annotations

import csv
import io
from collections.abc import Iterable, Sequence

from yonk.core.paper import Text, message
from yonk.files.plain_text import plain_fractions
from yonk.words import in_words

BYTE_ORDER_MARK = "\ufeff"  # by which spreadsheets know that it is UTF-8


def write_chart_csv(
    title: str, settings: Text, columns: Sequence[Text], rows: Iterable[Sequence[Text]]
) -> str:
    """A chart as CSV.

    Args:
        title: what is made, by which method.
        settings: with what seam, ruler and margin.
        columns: the pieces that are cut.
        rows: of each size finished, unfinished and what each piece is cut to, in words.
    """
    text = io.StringIO()
    table = csv.writer(text)
    table.writerow([title])
    table.writerow([in_words(settings)])
    table.writerow([in_words(one) for one in _headings(columns)])
    table.writerows([plain_fractions(cell) for cell in row] for row in rows)
    return BYTE_ORDER_MARK + text.getvalue()


def _headings(columns: Sequence[Text]) -> list[Text]:
    cut = [message("chart-column-cut", piece=column) for column in columns]
    return [message("chart-column-finished"), message("chart-column-unfinished"), *cut]
