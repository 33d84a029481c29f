"""Routes of the log of a block: entries, photos, and the parcel with which all of it leaves."""

from __future__ import annotations

from datetime import UTC, datetime
from typing import Annotated

from fastapi import APIRouter, Query, Request, Response
from starlette.concurrency import run_in_threadpool

from yonk.api.fabrics.kept import cloths_shown
from yonk.api.measuring.kept import log_file_of, note_document, note_text
from yonk.api.measuring.schemas import BlockLogOut, NoteIn, NoteOut, PhotoOut, TakenBackOut
from yonk.api.session import BlockId, Db
from yonk.api.wire import ERRORS
from yonk.api.work import WorkerGiven
from yonk.files.download import attachment
from yonk.files.log_file import write_parcel
from yonk.files.photo import as_kept
from yonk.store import block_log, blocks

router = APIRouter(prefix="/api/blocks/{block_id}")
JPEG = "image/jpeg"


@router.get("/log", response_model=BlockLogOut, responses=ERRORS)
def log(block_id: BlockId, db: Db) -> BlockLogOut:
    """The log of a block."""
    blocks.live_block(db, block_id)
    notes = [
        NoteOut.model_validate(
            {"id": one.id, "kind": one.kind, "made": _in_utc(one.made), "text": note_text(one)}
        )
        for one in block_log.notes_of(db, block_id)
    ]
    return BlockLogOut(
        next_time=[one for one in notes if one.kind == "next-time"],
        notes=[one for one in notes if one.kind != "next-time"],
        photos=[
            PhotoOut(**{**vars(one), "made": _in_utc(one.made)})
            for one in block_log.photos_of(db, block_id)
        ],
        taken_back=[TakenBackOut(**vars(one)) for one in block_log.taken_back_of(db, block_id)],
    )


def _in_utc(moment: datetime) -> datetime:
    return moment.replace(tzinfo=UTC)


@router.post("/notes", status_code=201, response_model=BlockLogOut, responses=ERRORS)
def put_note(block_id: BlockId, asked: NoteIn, db: Db) -> BlockLogOut:
    """Put an entry into the log."""
    kept = blocks.live_block(db, block_id)
    block_log.put_note(db, block_id, asked.kind, note_document(asked, kept.document))
    return log(block_id, db)


@router.delete("/notes/{note_id}", status_code=204, responses=ERRORS)
def take_note_out(block_id: BlockId, note_id: BlockId, db: Db) -> None:
    """Take an entry out of the log; it can be brought back."""
    block_log.take_note_out(db, block_id, note_id)


@router.post("/notes/{note_id}/restore", status_code=204, responses=ERRORS)
def bring_note_back(block_id: BlockId, note_id: BlockId, db: Db) -> None:
    """Bring an entry back."""
    block_log.take_note_out(db, block_id, note_id, back=True)


@router.post("/photos", status_code=201, response_model=BlockLogOut, responses=ERRORS)
async def put_photo(
    block_id: BlockId,
    request: Request,
    db: Db,
    work: WorkerGiven,
    caption: Annotated[str, Query(max_length=400)] = "",
) -> BlockLogOut:
    """Keep a photo with the block, sent as it is."""
    await run_in_threadpool(blocks.live_block, db, block_id)
    kept = await work.heavy(as_kept, await request.body())
    new = block_log.NewPhoto(kept.content, kept.width, kept.height, " ".join(caption.split()))
    await run_in_threadpool(block_log.put_photo, db, block_id, new)
    return await run_in_threadpool(log, block_id, db)


@router.get("/photos/{photo_id}.jpg", response_class=Response, responses=ERRORS)
def photo(block_id: BlockId, photo_id: BlockId, db: Db) -> Response:
    """A photo."""
    blocks.live_block(db, block_id)
    return Response(block_log.photo_content(db, block_id, photo_id), media_type=JPEG)


@router.delete("/photos/{photo_id}", status_code=204, responses=ERRORS)
def take_photo_out(block_id: BlockId, photo_id: BlockId, db: Db) -> None:
    """Take a photo out of the log; it can be brought back."""
    block_log.take_photo_out(db, block_id, photo_id)


@router.post("/photos/{photo_id}/restore", status_code=204, responses=ERRORS)
def bring_photo_back(block_id: BlockId, photo_id: BlockId, db: Db) -> None:
    """Bring a photo back."""
    block_log.take_photo_out(db, block_id, photo_id, back=True)


@router.get("/parcel.zip", response_class=Response, responses=ERRORS)
def parcel(block_id: BlockId, db: Db) -> Response:
    """The block with its log, its photos and its pictures of cloth, as a zip of open files."""
    kept = blocks.live_block(db, block_id, right="copy")
    written, photos = log_file_of(db, block_id)
    headers = attachment(f"{kept.name}.yonk.zip")
    content = write_parcel(kept.document, written, photos | cloths_shown(db, kept.document))
    return Response(content, media_type="application/zip", headers=headers)
