"""The sewing of a draft: its plan, its back, a join in pictures, files to take along."""

from __future__ import annotations

from collections.abc import Mapping

from yonk.api.in_colouring import draft_in
from yonk.api.sewing.schemas import JoinIn, SewingAskedIn, SewingPrintIn
from yonk.api.sewing.view import back_view, join_view, sewing_view
from yonk.api.wire import PDF, SVG, as_bytes
from yonk.core.paper import Draft, DraftError, message
from yonk.core.planning import make_plan
from yonk.core.pressing import SewingPlan, sewing_plan
from yonk.files.back_svg import write_back_svg
from yonk.files.download import File
from yonk.files.sewing_pdf import write_sewing_pdf

SewingAsked = SewingAskedIn | JoinIn | SewingPrintIn


def _draft(asked: SewingAsked) -> tuple[Draft, list[str]]:
    return draft_in(asked.document, asked.colouring)


def _plan(asked: SewingAsked) -> SewingPlan:
    return sewing_plan(_draft(asked)[0])


def sewing(asked: SewingAskedIn, done: Mapping[str, tuple[int, str]]) -> bytes:
    """How a block is sewn together, and what of it is sewn."""
    draft, names = _draft(asked)
    plan, blocks = sewing_plan(draft), draft.making.blocks
    return as_bytes(sewing_view(plan, make_plan(draft), blocks, done, names))


def back(asked: SewingPrintIn) -> bytes:
    """The pressed block in layers."""
    return as_bytes(back_view(_plan(asked)))


def join(asked: JoinIn) -> bytes:
    """A join in pictures. Raises `DraftError` where the block has no such join."""
    plan = _plan(asked)
    if asked.join >= len(plan.joining.joins):
        raise DraftError("join", message("join-is-not-of-this-block"))
    return as_bytes(join_view(plan, asked.join))


def sewing_pdf(asked: SewingPrintIn) -> File:
    """The sewing sheet."""
    draft, _ = _draft(asked)
    made = write_sewing_pdf(sewing_plan(draft), make_plan(draft), asked.paper)
    return File(made, PDF, f"{draft.name} sewing.pdf")


def back_svg(asked: SewingPrintIn) -> File:
    """The back at true size."""
    plan = _plan(asked)
    return File(write_back_svg(plan).encode(), SVG, f"{plan.draft.name} back.svg")
