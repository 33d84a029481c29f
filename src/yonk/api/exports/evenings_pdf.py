"""The evenings on paper."""

from __future__ import annotations

from yonk.api.evenings.answers import planned_evenings, planned_words, said_of
from yonk.api.evenings.schemas import EveningsIn
from yonk.api.exports.export import Export
from yonk.api.exports.needs import her_paces, its_table, the_shelf, trials_of_its_blocks
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.top.answers import Trials
from yonk.api.wire import PDF
from yonk.core.table import Paces
from yonk.files.download import File
from yonk.files.evenings_pdf import write_evenings_pdf


def evenings_pdf(
    asked: EveningsIn, shelf: Shelf, table: KeptTable, paces: Paces, trials: Trials
) -> File:
    """The evenings on paper."""
    name, schedule = planned_evenings(asked, shelf, table, paces, trials)
    said = [*said_of(schedule, paces)]
    made = write_evenings_pdf(name, schedule, planned_words, said, asked.paper)
    return File(made, PDF, f"{name} evenings.pdf")


EXPORT = Export(
    path="evenings.pdf",
    asked=EveningsIn,
    make=evenings_pdf,
    needs=(the_shelf, its_table, her_paces, trials_of_its_blocks),
)
