"""What was measured of a trial block, `yonk-measures/1`, and what that says, `yonk-diagnosis/1`."""

from __future__ import annotations

import json
from fractions import Fraction
from typing import Annotated, Any, Literal

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from yonk.core.measuring import (
    Diagnosis,
    FoundCause,
    Verdict,
    because,
    measurables,
    measure_words,
    size_fault,
)
from yonk.core.paper import Fault, Message, listed, message, write_exact
from yonk.core.pressing import SewingPlan
from yonk.files.block_file import BadFileError, fault_of
from yonk.files.exact import FilePart, Key, Positive
from yonk.words import in_words

_MOST_BYTES = 1_000_000  # far more readings than a block has places


class MeasureIn(FilePart):
    """One size: what was measured, by its name on the card, and how large it is."""

    what: Key
    size: Positive


class MeasuresIn(FilePart):
    """Sizes of a trial block, in its unit."""

    format: Literal["yonk-measures/1"]
    measures: Annotated[tuple[MeasureIn, ...], Field(max_length=500)]


class CauseOut(BaseModel):
    """A cause: by how much (a seam: it takes up too much), where, and how likely."""

    model_config = ConfigDict(extra="forbid")
    kind: Literal["seam", "cut", "trim", "press", "skew"]
    by: str
    where: str
    chance: float = Field(ge=0, le=1)


class DiagnosisOut(BaseModel):
    """What the sizes say. `undecided` holds the other explanations that they do not exclude;
    `explained` is false where no one or two causes explain them.
    """

    model_config = ConfigDict(extra="forbid")
    format: Literal["yonk-diagnosis/1"]
    causes: list[CauseOut]
    verdict: Verdict
    undecided: list[list[CauseOut]]
    measure_next: str
    explained: bool


def measures_schema() -> dict[str, Any]:
    """The JSON Schema of a file with sizes."""
    return MeasuresIn.model_json_schema()


def diagnosis_schema() -> dict[str, Any]:
    """The JSON Schema of a diagnosis."""
    return DiagnosisOut.model_json_schema()


def read_measures(text: str | bytes, plan: SewingPlan) -> dict[str, Fraction]:
    """The sizes in a file, by what was measured; of two of one name the later counts.

    Raises: `BadFileError` with a fault for each that is none, or that the block does not have.
    """
    if len(text) > _MOST_BYTES:
        raise BadFileError(
            [Fault("", message("file-is-too-large", most_block_bytes=_MOST_BYTES // 1000000))]
        )
    try:
        read = MeasuresIn.model_validate(json.loads(text))
    except ValidationError as errors:
        raise BadFileError([fault_of(one) for one in errors.errors(include_url=False)]) from None
    except (ValueError, RecursionError):
        raise BadFileError([Fault("", message("sizes-are-no-json"))]) from None
    known = measurables(plan)
    faults = [
        Fault(f"measures[{number}].{part}", said)
        for number, one in enumerate(read.measures)
        for part, said in _wrong(one, known, plan)
    ]
    if faults:
        raise BadFileError(faults)
    return {one.what: one.size for one in read.measures}


def _wrong(one: MeasureIn, known: dict[str, Any], plan: SewingPlan) -> list[tuple[str, Message]]:
    if one.what not in known:
        some = listed(list(known)[:3], "comma")
        return [("what", message("block-has-no-such-measure", what=one.what, some=some))]
    fault = size_fault(one.size, known[one.what].size, plan.draft.unit)
    return [("size", fault)] if fault else []


def write_diagnosis(found: Diagnosis) -> dict[str, Any]:
    """The content of a diagnosis, ready for JSON."""
    return DiagnosisOut(
        format="yonk-diagnosis/1",
        causes=[_cause(one) for one in found.causes],
        verdict=found.verdict,
        undecided=[[_cause(one) for one in rival] for rival in found.undecided],
        measure_next=found.measure_next,
        explained=found.explained,
    ).model_dump()


def _cause(one: FoundCause) -> CauseOut:
    return CauseOut(
        kind=one.kind, by=write_exact(one.by), where=one.where, chance=round(one.chance, 4)
    )


def write_diagnosis_text(found: Diagnosis, plan: SewingPlan) -> str:
    """The same in sentences for people."""
    verdict = message("the-verdict", verdict=found.verdict.replace(" ", "-"))
    lines = [verdict, *because(found, plan.draft.unit)]
    if found.measure_next:
        what = measure_words(found.measure_next, plan.reading)
        lines.append(message("to-decide-measure", what=what))
    return "\n".join(map(in_words, lines))
