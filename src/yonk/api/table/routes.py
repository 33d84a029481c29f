"""Routes of the table: what happened, what is taken back."""

from __future__ import annotations

from typing import Annotated

from fastapi import APIRouter, Query
from starlette.concurrency import run_in_threadpool

from yonk.api.session import BlockId, Db
from yonk.api.table import answers
from yonk.api.table.kept import kept_table, new_entry
from yonk.api.table.schemas import (
    Device,
    EntriesIn,
    EntryOut,
    EntryPlace,
    HistoryOut,
    LastEntryOut,
    MadeUnitsIn,
    TakeBackIn,
)
from yonk.api.wire import ERRORS
from yonk.api.work import WorkerGiven
from yonk.store import blocks, table
from yonk.store.people import names_of

router = APIRouter(prefix="/api/tables")


@router.post("/{block_id}/entries", status_code=204, responses=ERRORS)
def tell(block_id: BlockId, asked: EntriesIn, db: Db) -> None:
    """Keep what happened at the table of a block or a quilt; sent again it is not kept again."""
    blocks.live_block(db, block_id, None, "change")
    table.keep_entries(db, block_id, [new_entry(one) for one in asked.entries])


@router.post("/{block_id}/made", status_code=204, responses=ERRORS)
async def tell_made(block_id: BlockId, asked: MadeUnitsIn, db: Db, work: WorkerGiven) -> None:
    """Keep how many units are made; their pieces are taken from those that lie there."""
    await run_in_threadpool(blocks.live_block, db, block_id, None, "change")
    lying = await run_in_threadpool(kept_table, db, block_id)
    entry = await work.on_draft(asked.document, answers.units_made_entry, asked, lying)
    await run_in_threadpool(table.keep_entries, db, block_id, [entry])


@router.post("/{block_id}/take-back", response_model=LastEntryOut, responses=ERRORS)
def take_back(block_id: BlockId, asked: TakeBackIn, db: Db) -> LastEntryOut:
    """Take back the last entry that was made in a place at a device; nobody else's."""
    blocks.live_block(db, block_id, None, "change")
    gone = table.take_entry_back(db, block_id, asked.place, asked.device, asked.name)
    return LastEntryOut(words=gone.words if gone else None)


@router.get("/{block_id}/last", response_model=LastEntryOut, responses=ERRORS)
def last(
    block_id: BlockId, place: EntryPlace, device: Annotated[Device, Query()], db: Db
) -> LastEntryOut:
    """What the next undo takes back there."""
    blocks.live_block(db, block_id, None)
    found = table.last_entry(db, block_id, place, device)
    return LastEntryOut(words=found.words if found else None)


@router.get("/{block_id}/entries", response_model=HistoryOut, responses=ERRORS)
def history(block_id: BlockId, db: Db) -> HistoryOut:
    """What happened at a table."""
    blocks.live_block(db, block_id, None)
    found = table.entries_of(db, block_id)
    names = names_of(db, [one.maker for one in found if one.maker])
    entries = [
        EntryOut(
            number=one.number,
            place=one.place,
            words=one.words,
            made=one.made,
            maker=names.get(one.maker, ""),
            undone=one.undone,
            takes_back=one.undoes is not None,
        )
        for one in found
    ]
    return HistoryOut(entries=entries)
