"""The card of a trial block, to be filled in by hand."""

from __future__ import annotations

from yonk.api.exports.export import Export
from yonk.api.measuring.schemas import CardPrintIn
from yonk.api.wire import PDF
from yonk.core.paper import message
from yonk.core.pressing import sewing_plan
from yonk.files.block_file import take_block
from yonk.files.card_pdf import write_card_pdf
from yonk.files.download import File


def card_pdf(asked: CardPrintIn) -> File:
    """The card of a trial block, to be filled in by hand."""
    draft = take_block(asked.document)
    made = write_card_pdf(sewing_plan(draft), asked.paper)
    return File(made, PDF, f"{draft.name} card.pdf")


EXPORT = Export(
    path="card.pdf",
    asked=CardPrintIn,
    make=card_pdf,
    menus={"measure": (10, message("export-card-pdf"))},
)
