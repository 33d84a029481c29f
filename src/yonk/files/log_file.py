"""The log of a block as an open file, `yonk-log/1`; and a parcel, a zip of the block file, the
log, the photos and the pictures of cloth, so that all of a block leaves and comes back together.
"""

from __future__ import annotations

import json
import re
import zipfile
from collections.abc import Mapping
from dataclasses import dataclass
from datetime import datetime
from io import BytesIO
from typing import Annotated, Any, Literal

from pydantic import Field, ValidationError, model_validator

from yonk.core.measuring import Look
from yonk.core.paper import COUNTS, PICTURE_FILE, DraftError, Fault, message
from yonk.files.block_file import MOST_BLOCK_BYTES as MOST_BLOCK_BYTES
from yonk.files.block_file import BadFileError, fault_of, take_block
from yonk.files.exact import FilePart, Positive, WholeText
from yonk.files.photo import MOST_PHOTO_BYTES as MOST_PHOTO_BYTES
from yonk.files.table_thing import same_thing

NoteKind = Literal["note", "next-time", "decided", "left-over"]
LogWords = Annotated[WholeText, Field(max_length=4000)]

BLOCK, LOG, PHOTOS = "block.yonk.json", "log.json", "photos"
MOST_LOG_BYTES = 8_000_000  # far more than anybody writes
MOST_PARCEL_BYTES = 64_000_000  # a block with a log and a few dozen photos
LIKE_A_ZIP = b"PK\x03\x04"


class MeasuredPart(FilePart):
    """A size that was measured, by its name on the card; what it should have been."""

    what: Annotated[WholeText, Field(min_length=1, max_length=96)]
    size: Positive
    expected: Annotated[WholeText, Field(max_length=64)]


class TrialPart(FilePart):
    """A trial block: the block file that it was cut by, what it looks like, what was measured."""

    number: Annotated[int, Field(ge=1, le=COUNTS["trials"][1])]
    begun: datetime
    block: dict[str, Any]
    looks: Look | None = None
    measures: Annotated[tuple[MeasuredPart, ...], Field(max_length=500)] = ()


class TakenBackPart(FilePart):
    """How often the seams of a step were taken back."""

    mark: Annotated[str, Field(pattern="^[0-9a-f]{64}$")]
    words: Annotated[WholeText, Field(max_length=400)]
    times: Annotated[int, Field(ge=0, le=COUNTS["taken_back"][1])]


class NotePart(FilePart):
    """An entry of the log."""

    kind: NoteKind
    made: datetime
    text: LogWords = ""


class PhotoPart(FilePart):
    """A photo: its file in the parcel."""

    file: Annotated[WholeText, Field(pattern=r"^photos/[0-9]{1,4}\.jpg$")]
    caption: Annotated[WholeText, Field(max_length=400)] = ""
    made: datetime


class TableChangePart(FilePart):
    """By how much an entry of the table changed a thing, which is told as text."""

    kind: Literal["cut", "spoiled", "made", "joined", "cloth", "only", "booked", "pieced"]
    thing: Annotated[WholeText, Field(max_length=2_000_000)]
    words: Annotated[WholeText, Field(max_length=400)] = ""
    amount: Annotated[int, Field(ge=-(10**9), le=10**9)]

    @model_validator(mode="after")
    def _tells_something(self) -> TableChangePart:
        try:
            same_thing(self.kind, self.thing)
        except DraftError as fault:
            raise ValueError(fault.message) from None
        return self


class TableEntryPart(FilePart):
    """An entry of the table; `undoes` is the number of the one that it takes back, counted from
    one.
    """

    place: Literal["cut", "sew", "table", "shelf"]
    made: datetime
    words: Annotated[WholeText, Field(max_length=400)] = ""
    undoes: Annotated[int, Field(ge=1)] | None = None
    changes: Annotated[tuple[TableChangePart, ...], Field(max_length=5000)] = ()


class LogFile(FilePart):
    """The log of a block. `measures` are those of a single trial block that was cut as the block
    is, as logs were written that knew of one.
    """

    format: Literal["yonk-log/1"] = "yonk-log/1"
    measures: Annotated[tuple[MeasuredPart, ...], Field(max_length=500)] = ()
    trials: Annotated[tuple[TrialPart, ...], Field(max_length=COUNTS["trials"][1])] = ()
    taken_back: Annotated[tuple[TakenBackPart, ...], Field(max_length=5000)] = ()
    notes: Annotated[tuple[NotePart, ...], Field(max_length=COUNTS["notes"][1])] = ()
    photos: Annotated[tuple[PhotoPart, ...], Field(max_length=COUNTS["photos"][1])] = ()
    table: Annotated[tuple[TableEntryPart, ...], Field(max_length=20_000)] = ()


def log_schema() -> dict[str, Any]:
    """The JSON Schema of the log."""
    return LogFile.model_json_schema()


def write_parcel(document: str, log: LogFile, pictures: Mapping[str, bytes]) -> bytes:
    """A zip of a block file, its log, and its photos and pictures of cloth by their names there."""
    out = BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as parcel:
        block = json.dumps(json.loads(document), ensure_ascii=False, indent=1)
        parcel.writestr(BLOCK, block)
        parcel.writestr(LOG, log.model_dump_json(indent=1))
        for name, content in pictures.items():
            parcel.writestr(zipfile.ZipInfo(name), content)
    return out.getvalue()


@dataclass(frozen=True)
class ParcelRead:
    """What a parcel holds: the block file, the log, and by their names the photos of the log and
    the pictures of cloth of the block, as they came.
    """

    block: bytes
    log: LogFile
    photos: dict[str, bytes]
    cloths: dict[str, bytes]


def read_parcel(content: bytes) -> ParcelRead:
    """What a parcel holds.

    Raises: `BadFileError` where it is none, or holds more than it can; nothing is unpacked that its
    log or its block does not name, and nothing that is larger than it may be.
    """
    try:
        with zipfile.ZipFile(BytesIO(content)) as parcel:
            block = _member(parcel, BLOCK, MOST_BLOCK_BYTES)
            log = _log(parcel)
            photos = {one.file: _member(parcel, one.file, MOST_PHOTO_BYTES) for one in log.photos}
            cloths = {
                name: _member(parcel, name, MOST_PHOTO_BYTES) for name in _named(parcel, block)
            }
    except (zipfile.BadZipFile, OSError, NotImplementedError, RuntimeError, EOFError):
        raise BadFileError([Fault("", message("parcel-is-damaged"))]) from None
    return ParcelRead(block, log, photos, cloths)


def _named(parcel: zipfile.ZipFile, block: bytes) -> list[str]:
    """The pictures of cloth in a parcel that its block names, no more than it can have fabrics; one
    that is named and not there is not missed, since a block file alone has none.
    """
    there = set(parcel.namelist())
    named = dict.fromkeys(re.findall(PICTURE_FILE, block.decode(errors="replace")))
    return [name for name in named if name in there][: COUNTS["fabrics"][1]]


def _log(parcel: zipfile.ZipFile) -> LogFile:
    if LOG not in parcel.namelist():
        return LogFile()
    try:
        log = LogFile.model_validate_json(_member(parcel, LOG, MOST_LOG_BYTES))
        for number, trial in enumerate(log.trials):
            _check_trial(number, trial)
        return log
    except ValidationError as errors:
        faults = [fault_of(one) for one in errors.errors(include_url=False)]
        raise BadFileError(
            [Fault(f"{LOG} {one.place}".strip(), one.message) for one in faults]
        ) from None


def _check_trial(number: int, trial: TrialPart) -> None:
    """Raises `BadFileError` where a trial block was cut by what is no block."""
    try:
        take_block(trial.block)
    except BadFileError as error:
        place = f"{LOG} trials[{number}].block"
        raise BadFileError(
            [Fault(f"{place} {one.place}".strip(), one.message) for one in error.faults]
        ) from None


def _member(parcel: zipfile.ZipFile, name: str, most: int) -> bytes:
    """What a file of the parcel holds, counted while it is unpacked: its head may lie."""
    try:
        info = parcel.getinfo(name)
    except KeyError:
        raise BadFileError([Fault(name, message("is-not-in-parcel"))]) from None
    with parcel.open(info) as opened:
        content = opened.read(most + 1)
    if len(content) > most:
        raise BadFileError([Fault(name, message("part-is-too-large", most=most // 1000000))])
    return content
