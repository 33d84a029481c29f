"""The evenings as a calendar file."""

from __future__ import annotations

from yonk.api.evenings.answers import planned_evenings, planned_words
from yonk.api.evenings.schemas import EveningsIn
from yonk.api.exports.export import Export
from yonk.api.exports.needs import her_paces, its_table, the_shelf, trials_of_its_blocks
from yonk.api.fabrics.kept import Shelf
from yonk.api.table.kept import KeptTable
from yonk.api.top.answers import Trials
from yonk.core.table import Paces
from yonk.files.download import File
from yonk.files.evenings_ics import write_evenings_ics

ICS = "text/calendar; charset=utf-8"


def evenings_ics(
    asked: EveningsIn, shelf: Shelf, table: KeptTable, paces: Paces, trials: Trials
) -> File:
    """The evenings as a calendar file."""
    name, schedule = planned_evenings(asked, shelf, table, paces, trials)
    made = write_evenings_ics(name, asked.block_id or "", schedule, planned_words, asked.hour)
    return File(made, ICS, f"{name} evenings.ics")


EXPORT = Export(
    path="evenings.ics",
    asked=EveningsIn,
    make=evenings_ics,
    needs=(the_shelf, its_table, her_paces, trials_of_its_blocks),
)
