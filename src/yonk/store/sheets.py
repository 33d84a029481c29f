"""Keeping what was printed, so that it is known again when it comes back."""

from __future__ import annotations

from collections.abc import Mapping
from typing import ClassVar

from sqlalchemy.dialects.mysql import insert
from sqlalchemy.orm import Session

from yonk.core.paper import FaultCode, ToldError, message
from yonk.store.database import retried
from yonk.store.models import PrintedSheetRow, now
from yonk.store.rights import NoSuchBlockError, ask


class NoSuchSheetError(ToldError):
    """A sheet was not printed here, or is of a block that this person may not know of."""

    code: ClassVar[FaultCode] = "not-found"
    text = message("sheet-is-not-known")


@retried
def keep_sheets(session: Session, block_id: str, sheets: Mapping[str, str]) -> None:
    """Keep what is printed of a block or a quilt, as JSON by the code of each sheet; one that was
    printed before is the same.
    """
    if not sheets:
        return
    ask(session, block_id)
    rows = [
        {"code": code, "block_id": block_id, "sheet": sheet, "printed": now()}
        for code, sheet in sheets.items()
    ]
    row = insert(PrintedSheetRow).values(rows)
    session.execute(row.on_duplicate_key_update(printed=row.inserted.printed))
    session.commit()


def sheet_text(session: Session, code: str) -> str | None:
    """What was printed under a code; nothing where it is not known here, or is not hers to see."""
    found = session.get(PrintedSheetRow, code)
    if found is None:
        return None
    try:
        ask(session, found.block_id)
    except NoSuchBlockError:
        return None
    return found.sheet
