"""Routes of the seam log, of measuring, and of the log of a block."""

from __future__ import annotations

from datetime import UTC, datetime, time
from typing import Annotated

from fastapi import APIRouter, Path, Response
from starlette.concurrency import run_in_threadpool

from yonk.api.measuring import answers
from yonk.api.measuring.kept import WORK_FIGURES, seam_log_of, trial_of
from yonk.api.measuring.schemas import (
    BegunOut,
    FiguresIn,
    LooksIn,
    MeasuredIn,
    MeasuringIn,
    MeasuringOut,
    SeamLogOut,
    SeamTestIn,
    TakenBackIn,
)
from yonk.api.measuring.view import seam_log_view
from yonk.api.session import BlockId, Db
from yonk.api.wire import CSV, ERRORS, as_json
from yonk.api.work import WorkerGiven
from yonk.core.measuring import FIGURES as NAMES
from yonk.core.measuring import SeamLog, SeamTest, Setup, WorkAccuracy, check_day, size_fault
from yonk.core.paper import DraftError, typed_length, write_exact
from yonk.files.download import attachment
from yonk.files.seam_log_file import read_test, write_figures, write_seam_log_csv, write_test
from yonk.store import block_log, blocks
from yonk.store import seam_log as store
from yonk.store.preferences import keep_preference

router = APIRouter(prefix="/api")


@router.get("/seam-log", response_model=SeamLogOut, responses=ERRORS)
def seam_log(db: Db) -> SeamLogOut:
    """The seam log: tests, verdict, practice, figures."""
    kept = [(one.id, one.sewn, *read_test(one.document)) for one in store.all_tests(db)]
    figures = seam_log_of(db).figures
    log = SeamLog(tests=tuple(test for _, _, test, _ in kept), figures=figures)
    return seam_log_view(log, kept)


@router.post("/seam-log/tests", response_model=SeamLogOut, status_code=201, responses=ERRORS)
def put_test(asked: SeamTestIn, db: Db) -> SeamLogOut:
    """Put a test into the log."""
    if asked.sewn:
        check_day(asked.sewn, datetime.now(UTC).date())
    sewn = datetime.combine(asked.sewn, time(12)) if asked.sewn else None
    store.put_test(db, write_test(_test(asked), asked.note.strip()), sewn)
    return seam_log(db)


def _test(asked: SeamTestIn) -> SeamTest:
    """A test as it was typed. Raises `DraftError` for a size that cannot be."""
    unit = asked.unit
    aimed = typed_length(asked.aimed, "aimed", "seam", unit)
    cut = typed_length(asked.cut, "cut", "strip", unit)
    middle = typed_length(asked.middle, "middle", "strip", unit)
    outer = None
    if asked.left.strip() or asked.right.strip():
        outer = (
            typed_length(asked.left, "left", "strip", unit),
            typed_length(asked.right, "right", "strip", unit),
        )
    words = {name: " ".join(text.split()) for name, text in asked.setup.model_dump().items()}
    test = SeamTest(
        unit=unit, aimed=aimed, cut=cut, middle=middle, outer=outer, setup=Setup(**words)
    )
    fault = test.fault
    if fault:
        raise DraftError(*fault)
    return test


@router.delete("/seam-log/tests/{test_id}", status_code=204, responses=ERRORS)
def take_test_out(test_id: BlockId, db: Db) -> None:
    """Take a test out of the log; it can be brought back."""
    store.take_out(db, test_id)


@router.post("/seam-log/tests/{test_id}/restore", status_code=204, responses=ERRORS)
def bring_test_back(test_id: BlockId, db: Db) -> None:
    """Bring a test back into the log."""
    store.take_out(db, test_id, back=True)


@router.put("/seam-log/figures", response_model=SeamLogOut, responses=ERRORS)
def tell_figures(asked: FiguresIn, db: Db) -> SeamLogOut:
    """Keep what she tells of her work; what is empty is as usual again."""
    reported = {
        name: typed_length(text, name, field, asked.unit)
        for name, field in NAMES.items()
        if (text := getattr(asked, name).strip())
    }
    figures = WorkAccuracy(unit=asked.unit, reported=reported, taken_back=asked.taken_back)
    keep_preference(db, WORK_FIGURES, write_figures(figures))
    return seam_log(db)


@router.get("/seam-log.csv", response_class=Response, responses=ERRORS)
def seam_log_csv(db: Db) -> Response:
    """The seam log as a table."""
    kept = [(one.sewn, *read_test(one.document)) for one in store.all_tests(db)]
    headers = attachment("seam log.csv")
    return Response(write_seam_log_csv(kept), media_type=CSV, headers=headers)


@router.post("/measuring", response_model=MeasuringOut, responses=ERRORS)
async def measuring(asked: MeasuringIn, db: Db, work: WorkerGiven) -> Response:
    """The card of a trial block, the verdict, what is foretold."""
    trial = await run_in_threadpool(trial_of, db, asked.block_id)
    return as_json(await work.on_draft(asked.document, answers.measuring, asked, trial))


@router.put("/blocks/{block_id}/measured", status_code=204, responses=ERRORS)
def measured(block_id: BlockId, asked: MeasuredIn, db: Db) -> None:
    """Keep a size that was measured of a trial block, or forget it."""
    block = blocks.live_block(db, block_id)
    size = ""
    if asked.size.strip():
        length = typed_length(asked.size, asked.what, "measured", asked.unit)
        fault = size_fault(length, float(asked.expected), asked.unit)
        if fault:
            raise DraftError(asked.what, fault)
        size = write_exact(length)
    one = block_log.Measured(asked.what, size, asked.expected)
    block_log.keep_measured(db, block_id, one, asked.trial, block.document)


@router.put("/blocks/{block_id}/looks", status_code=204, responses=ERRORS)
def looks(block_id: BlockId, asked: LooksIn, db: Db) -> None:
    """Keep what a trial block looks like."""
    block = blocks.live_block(db, block_id)
    block_log.keep_looks(db, block_id, asked.looks or "", asked.trial, block.document)


@router.post(
    "/blocks/{block_id}/trials", response_model=BegunOut, status_code=201, responses=ERRORS
)
def begin(block_id: BlockId, db: Db) -> BegunOut:
    """Begin another trial block, cut as the block is now."""
    block = blocks.live_block(db, block_id)
    return BegunOut(trial=block_log.begin_trial(db, block_id, block.document))


@router.delete("/blocks/{block_id}/trials/{number}", status_code=204, responses=ERRORS)
def forget(block_id: BlockId, number: Annotated[int, Path(ge=1, le=1000)], db: Db) -> None:
    """Forget a trial block and all that was measured of it."""
    blocks.live_block(db, block_id)
    block_log.forget_trial(db, block_id, number)


@router.put("/blocks/{block_id}/taken-back", status_code=204, responses=ERRORS)
def taken_back(block_id: BlockId, asked: TakenBackIn, db: Db) -> None:
    """Keep how often the seams of a step were taken back."""
    blocks.live_block(db, block_id)
    one = block_log.Unpicked(asked.mark, asked.words, asked.times)
    block_log.keep_taken_back(db, block_id, one)
