"""The sewing of a draft: its plan, its back, a join in pictures, files to take along."""

from __future__ import annotations

from yonk.api.in_colouring import draft_in
from yonk.api.sewing.schemas import JoinIn, SewingAskedIn, SewingPrintIn
from yonk.api.sewing.view import back_view, join_view, sewing_view
from yonk.api.table.kept import KeptTable
from yonk.api.wire import as_bytes
from yonk.core.paper import Draft, DraftError, message
from yonk.core.planning import make_plan
from yonk.core.pressing import SewingPlan, sewing_plan

SewingAsked = SewingAskedIn | JoinIn | SewingPrintIn


def draft_asked(asked: SewingAsked) -> tuple[Draft, list[str]]:
    """The draft in the colouring that is asked for, and what all are called."""
    return draft_in(asked.document, asked.colouring)


def plan_asked(asked: SewingAsked) -> SewingPlan:
    """How it is sewn."""
    return sewing_plan(draft_asked(asked)[0])


def sewing(asked: SewingAskedIn, table: KeptTable) -> bytes:
    """How a block is sewn together, and what of it is sewn."""
    draft, names = draft_asked(asked)
    plan, blocks = sewing_plan(draft), draft.making.blocks
    return as_bytes(sewing_view(plan, make_plan(draft), blocks, table, names))


def back(asked: SewingPrintIn) -> bytes:
    """The pressed block in layers."""
    return as_bytes(back_view(plan_asked(asked)))


def join(asked: JoinIn) -> bytes:
    """A join in pictures. Raises `DraftError` where the block has no such join."""
    plan = plan_asked(asked)
    if asked.join >= len(plan.joining.joins):
        raise DraftError("join", message("join-is-not-of-this-block"))
    return as_bytes(join_view(plan, asked.join))
