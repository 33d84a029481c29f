"""What a block will come out as, as a file, `yonk-foretold/1`. Sizes are decimals of four
places.
"""

from __future__ import annotations

from typing import Any

from pydantic import BaseModel, ConfigDict, Field

from yonk.core.measuring import Checkpoint, Errors, Mismatch, Prediction
from yonk.core.paper import Decimal, listed, message, suffix_of, write_exact
from yonk.core.pressing import SewingPlan
from yonk.files.sewing_file import join_names
from yonk.words import in_words

PLACES = 4  # digits after the point: finer than any reading


class _Out(BaseModel):
    model_config = ConfigDict(extra="forbid")


class SizeOut(_Out):
    """A width and a height, unfinished."""

    width: str
    height: str


class CheckpointOut(_Out):
    """What a join makes: on average, between which sizes nine of ten lie, and the chance that both
    sides are within the tolerance.
    """

    join: str
    expected: SizeOut
    low: SizeOut
    high: SizeOut
    chance_within: float = Field(ge=0, le=1)


class MismatchOut(_Out):
    """By how much the pieces of a join differ along its seam: on average; in nine of ten at
    most.
    """

    join: str
    expected: str
    high: str


class ErrorsOut(_Out):
    """How exactly she works."""

    cut_spread: str
    seam_error: str
    seam_spread: str
    trim_spread: str
    tolerance: str


class ForetoldOut(_Out):
    """A block foretold. `block` is the last of the checkpoints; without seams there are none."""

    format: str
    name: str
    unit: str
    errors: ErrorsOut
    checkpoints: list[CheckpointOut]
    block: CheckpointOut | None
    mismatch: MismatchOut | None
    advice: str


def foretold_schema() -> dict[str, Any]:
    """The JSON Schema of the file."""
    return ForetoldOut.model_json_schema()


def write_foretold(plan: SewingPlan, found: Prediction, errors: Errors) -> dict[str, Any]:
    """The content of the file, ready for JSON; joins have the names that the sewing file gives
    them.
    """
    names = join_names(plan)
    checkpoints = [_checkpoint(one, names) for one in found.checkpoints]
    return ForetoldOut(
        format="yonk-foretold/1",
        name=plan.draft.name,
        unit=plan.draft.unit,
        errors=ErrorsOut(
            cut_spread=write_exact(errors.cut_spread),
            seam_error=write_exact(errors.seam_error),
            seam_spread=write_exact(errors.seam_spread),
            trim_spread=write_exact(errors.trim_spread),
            tolerance=write_exact(errors.tolerance),
        ),
        checkpoints=checkpoints,
        block=checkpoints[-1] if checkpoints else None,
        mismatch=_mismatch(found.mismatch, names) if found.mismatch else None,
        advice=in_words(found.advice),
    ).model_dump()


def _mismatch(one: Mismatch, names: dict[int, int]) -> MismatchOut:
    return MismatchOut(
        join=f"j{names[one.join]}", expected=_length_out(one.expected), high=_length_out(one.high)
    )


def _checkpoint(one: Checkpoint, names: dict[int, int]) -> CheckpointOut:
    def size(which: str) -> SizeOut:
        return SizeOut(
            width=_length_out(getattr(one.width, which)),
            height=_length_out(getattr(one.height, which)),
        )

    return CheckpointOut(
        join=f"j{names[one.join]}",
        expected=size("expected"),
        low=size("low"),
        high=size("high"),
        chance_within=round(one.chance, PLACES),
    )


def _length_out(length: float) -> str:
    return f"{length:.{PLACES}f}"


def write_foretold_text(found: dict[str, Any]) -> str:
    """The same as a list for people."""
    unit = suffix_of(found["unit"])
    lines = [in_words(message("foretold-of", block=found["name"]))]
    for one in found["checkpoints"]:
        sides = listed(
            (
                message("foretold-side", low=one["low"][side], high=one["high"][side], unit=unit)
                for side in ("width", "height")
            ),
            "times",
        )
        good = message(
            "foretold-within",
            share=Decimal(100 * one["chance_within"]),
            tolerance=found["errors"]["tolerance"],
            unit=unit,
        )
        lines.append(f"{one['join']:>5}  {in_words(listed((sides, good), 'semicolon'))}")
    if found["mismatch"]:
        most = found["mismatch"]
        lines.append(
            in_words(message("foretold-ease", join=most["join"], most=most["high"], unit=unit))
        )
    return "\n".join([*lines, found["advice"]])
