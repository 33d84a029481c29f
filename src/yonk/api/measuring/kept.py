"""What is kept of measuring, as the core knows it."""

from __future__ import annotations

import json
from collections.abc import Mapping, Sequence
from datetime import UTC, datetime
from fractions import Fraction
from typing import cast

from sqlalchemy.orm import Session

from yonk.api.measuring.schemas import NoteIn
from yonk.core.measuring import (
    LOOKS,
    LeftOver,
    SeamLog,
    Trial,
    TrialBlock,
    left_over_words,
)
from yonk.core.paper import DraftError, message, typed_length
from yonk.files.block_file import read_block
from yonk.files.log_file import (
    LogFile,
    MeasuredPart,
    NoteKind,
    NotePart,
    PhotoPart,
    TableChangePart,
    TableEntryPart,
    TakenBackPart,
    TrialPart,
)
from yonk.files.photo import JpegPhoto
from yonk.files.seam_log_file import read_figures, read_test
from yonk.files.table_thing import same_thing
from yonk.store import block_log as store_of_block
from yonk.store import seam_log as store
from yonk.store import table
from yonk.store.block_log import KeptNote, KeptTrial, Measured, NewPhoto, Unpicked
from yonk.store.models import now
from yonk.store.preferences import preference

WORK_FIGURES = "work"


def seam_log_of(session: Session) -> SeamLog:
    """Her seam log and figures."""
    tests = tuple(read_test(kept.document)[0] for kept in store.all_tests(session))
    return SeamLog(tests=tests, figures=read_figures(preference(session, WORK_FIGURES)))


def trial_of(session: Session, block_id: str | None) -> Trial:
    """What is kept of a trial block; of a block that is not kept, her log alone."""
    log = seam_log_of(session)
    if block_id is None:
        return Trial(log)
    times = [one.times for one in store_of_block.taken_back_of(session, block_id)]
    decided = [one for one in store_of_block.notes_of(session, block_id) if one.kind == "decided"]
    blocks = tuple(_trial_block(one) for one in store_of_block.trials_of(session, block_id))
    return Trial(log, blocks, max(times, default=0), note_text(decided[0]) if decided else "")


def _trial_block(kept: KeptTrial) -> TrialBlock:
    sizes = {one.what: (Fraction(one.size), one.expected) for one in kept.measured}
    looks = kept.looks if kept.looks in LOOKS else None
    return TrialBlock(kept.number, sizes, looks, read_block(kept.document), kept.begun)


def note_document(asked: NoteIn, document: str) -> str:
    """An entry as it is kept, for a block by its document. Raises `DraftError` for one that says
    nothing, or a size that cannot be.
    """
    text = asked.text.strip()
    if asked.left_over:
        given, draft = asked.left_over, read_block(document)
        unit = draft.unit
        left = LeftOver(
            length=typed_length(given.length, "length", "cloth", unit),
            pieces=given.pieces,
            left=typed_length(given.left, "left", "place", unit),
        )
        if left.left >= left.length:
            raise DraftError("left", message("left-is-the-whole-strip"))
        said = left_over_words(left, given.wanted, draft.making.ruler_step, unit)
        text = f"{text} {said}".strip()
    if not text:
        raise DraftError("text", message("note-is-empty"))
    return json.dumps({"text": text}, ensure_ascii=False)


def note_text(kept: KeptNote) -> str:
    """What an entry says."""
    return str(json.loads(kept.document)["text"])


def log_file_of(session: Session, block_id: str) -> tuple[LogFile, dict[str, bytes]]:
    """The log of a block as it leaves, with the photos by their names in it."""
    photos = store_of_block.photos_of(session, block_id)
    names = {one.id: f"photos/{number}.jpg" for number, one in enumerate(photos, start=1)}
    log = LogFile(
        trials=tuple(
            TrialPart(
                number=one.number,
                begun=one.begun,
                block=json.loads(one.document),
                looks=one.looks if one.looks in LOOKS else None,
                measures=tuple(
                    MeasuredPart(what=size.what, size=Fraction(size.size), expected=size.expected)
                    for size in one.measured
                ),
            )
            for one in store_of_block.trials_of(session, block_id)
        ),
        taken_back=tuple(
            TakenBackPart(mark=one.mark, words=one.words, times=one.times)
            for one in store_of_block.taken_back_of(session, block_id)
        ),
        notes=tuple(
            NotePart(kind=cast(NoteKind, one.kind), made=one.made, text=note_text(one))
            for one in store_of_block.notes_of(session, block_id)
        ),
        photos=tuple(
            PhotoPart(file=names[one.id], caption=one.caption, made=one.made) for one in photos
        ),
        table=tuple(
            TableEntryPart(
                place=one.place,
                made=one.made,
                words=one.words,
                undoes=one.undoes,
                changes=tuple(
                    TableChangePart(
                        kind=each.kind, thing=each.thing, words=each.words, amount=each.amount
                    )
                    for each in one.changes
                ),
            )
            for one in table.ledger_of(session, block_id)
        ),
    )
    content = {
        names[one.id]: store_of_block.photo_content(session, block_id, one.id) for one in photos
    }
    return log, content


def _trials(log: LogFile, document: str) -> list[KeptTrial]:
    """The trial blocks in a log; what an older one tells of its only one is the first."""
    trials = [
        KeptTrial(
            one.number,
            json.dumps(one.block, ensure_ascii=False),
            one.looks or "",
            _plain(one.begun),
            _sizes(one.measures),
        )
        for one in log.trials
    ]
    if log.measures and not trials:
        trials = [KeptTrial(1, document, "", now(), _sizes(log.measures))]
    return trials


def _sizes(parts: Sequence[MeasuredPart]) -> tuple[Measured, ...]:
    return tuple(Measured(one.what, str(one.size), one.expected) for one in parts)


def keep_log(
    session: Session,
    block_id: str,
    log: LogFile,
    photos: Mapping[str, JpegPhoto],
    document: str,
) -> None:
    """Keep a log that came in with a block, whose document is given. The caller ends it, so that it
    is all or nothing.
    """
    store_of_block.add_log(
        session,
        block_id,
        trials=_trials(log, document),
        taken=[Unpicked(one.mark, one.words, one.times) for one in log.taken_back],
        notes=[
            (one.kind, json.dumps({"text": one.text}, ensure_ascii=False), _plain(one.made))
            for one in log.notes
        ],
        photos=[
            NewPhoto(
                photos[one.file].content,
                photos[one.file].width,
                photos[one.file].height,
                one.caption,
                _plain(one.made),
            )
            for one in log.photos
        ],
    )
    entries = [
        table.LedgerEntry(
            one.place,
            one.words,
            _plain(one.made),
            one.undoes,
            tuple(
                table.ThingChange(
                    each.kind, same_thing(each.kind, each.thing), each.amount, words=each.words
                )
                for each in one.changes
            ),
        )
        for one in log.table
    ]
    table.add_ledger(session, block_id, entries)


def _plain(moment: datetime) -> datetime:
    """A moment as the tables keep it."""
    return moment.astimezone(UTC).replace(tzinfo=None) if moment.tzinfo else moment
