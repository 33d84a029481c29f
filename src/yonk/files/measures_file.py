"""What was measured of a trial block, `yonk-measures/1`, and what that says, `yonk-diagnosis/1`."""

from __future__ import annotations

import json
from collections.abc import Sequence
from fractions import Fraction
from typing import Annotated, Any, Literal

from pydantic import BaseModel, ConfigDict, Field, ValidationError

from yonk.core.measuring import (
    CauseKind,
    Diagnosis,
    Evidence,
    FoundCause,
    Look,
    Remedy,
    RemedyName,
    SeamFigures,
    Verdict,
    because,
    chances_words,
    look_words,
    measurable,
    measurables,
    measure_words,
    remedy_words,
    size_fault,
)
from yonk.core.paper import Fault, Message, Text, listed, message, sentences, write_exact
from yonk.core.pressing import SewingPlan
from yonk.files.block_file import BadFileError, fault_of
from yonk.files.exact import Exact, FilePart, Key, Positive, Signed
from yonk.words import in_words

_MOST_BYTES = 1_000_000  # far more readings than a block has places


class MeasureIn(FilePart):
    """One size: what was measured, by its name on the card, and how large it is."""

    what: Key
    size: Positive


class SeamLogIn(FilePart):
    """What a seam log says: by how much the seam is off (less than nothing where it is too narrow),
    its spread from seam to seam, from how many tests.
    """

    error: Signed
    spread: Exact = Fraction(1, 64)
    tests: Annotated[int, Field(ge=1, le=10_000)] = 1


class MeasuresIn(FilePart):
    """Sizes of a trial block, in its unit; what it looks like; what her seam log says."""

    format: Literal["yonk-measures/1"]
    measures: Annotated[tuple[MeasureIn, ...], Field(max_length=500)]
    looks: Look | None = None
    seam_log: SeamLogIn | None = None


class CauseOut(BaseModel):
    """A cause: by how much (a seam: it takes up too much; else it is too large), where, and how
    likely. `end` tells at which end of its seam; `same_as` are other names of what no measure can
    tell from it.
    """

    model_config = ConfigDict(extra="forbid")
    kind: CauseKind
    by: str
    where: str
    chance: float = Field(ge=0, le=1)
    end: Literal["", "first", "last"] = ""
    same_as: list[str] = []


class RemedyOut(BaseModel):
    """Something to do for the rest: by how much, and the chance that a block comes out good before
    and after it. `ruler_step` where it is cut by a finer ruler.
    """

    model_config = ConfigDict(extra="forbid")
    do: RemedyName
    by: str
    good_before: float = Field(ge=0, le=1)
    good_after: float = Field(ge=0, le=1)
    ruler_step: str = ""


class DiagnosisOut(BaseModel):
    """What the sizes say. `undecided` holds the other explanations that they do not exclude;
    `something_else` is the chance that it is none that is known of, `look` what to look at where no
    measure decides. `remedies` are for the rest, the proposed one first.
    """

    model_config = ConfigDict(extra="forbid")
    format: Literal["yonk-diagnosis/1"]
    causes: list[CauseOut]
    something_else: float = Field(ge=0, le=1)
    verdict: Verdict
    undecided: list[list[CauseOut]]
    measure_next: str
    look: str
    explained: bool
    remedies: list[RemedyOut]


def measures_schema() -> dict[str, Any]:
    """The JSON Schema of a file with sizes."""
    return MeasuresIn.model_json_schema()


def diagnosis_schema() -> dict[str, Any]:
    """The JSON Schema of a diagnosis."""
    return DiagnosisOut.model_json_schema()


def read_measures(text: str | bytes, plan: SewingPlan) -> Evidence:
    """What is in a file: the sizes by what was measured (of two of one name the later counts), what
    the block looks like, what the seam log says.

    Raises: `BadFileError` with a fault for each size that is none, or that the block does not have.
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
    faults = [
        Fault(f"measures[{number}].{part}", said)
        for number, one in enumerate(read.measures)
        for part, said in _wrong(one, plan)
    ]
    log = read.seam_log
    if log and abs(log.error) >= plan.draft.making.seam:
        faults.append(Fault("seam_log.error", message("seam-cannot-be-so-far-off")))
    if faults:
        raise BadFileError(faults)
    return Evidence(
        {one.what: one.size for one in read.measures},
        read.looks,
        SeamFigures(float(log.error), float(log.spread), log.tests) if log else None,
    )


def _wrong(one: MeasureIn, plan: SewingPlan) -> list[tuple[str, Message]]:
    try:
        known = measurable(plan, one.what)
    except KeyError:
        some = listed(list(measurables(plan))[:3], "comma")
        return [("what", message("block-has-no-such-measure", what=one.what, some=some))]
    fault = size_fault(one.size, known.size, plan.draft.unit)
    return [("size", fault)] if fault else []


def write_diagnosis(found: Diagnosis, offered: Sequence[Remedy]) -> dict[str, Any]:
    """The content of a diagnosis, ready for JSON."""
    return DiagnosisOut(
        format="yonk-diagnosis/1",
        causes=[_cause(one) for one in found.causes],
        something_else=_chance(found.something_else),
        verdict=found.verdict,
        undecided=[[_cause(one) for one in rival] for rival in found.undecided],
        measure_next=found.measure_next,
        look=found.look,
        explained=found.explained,
        remedies=[_remedy(one) for one in offered],
    ).model_dump()


def _chance(chance: float) -> float:
    return round(min(1.0, max(0.0, chance)), 4)


def _cause(one: FoundCause) -> CauseOut:
    return CauseOut(
        kind=one.kind,
        by=write_exact(one.by),
        where=one.where,
        chance=_chance(one.chance),
        end=one.end,
        same_as=list(one.same_as),
    )


def _remedy(one: Remedy) -> RemedyOut:
    return RemedyOut(
        do=one.do,
        by=write_exact(one.by),
        good_before=_chance(one.good_before),
        good_after=_chance(one.good_after),
        ruler_step=one.settings.get("ruler_step", ""),
    )


def write_diagnosis_text(found: Diagnosis, offered: Sequence[Remedy], plan: SewingPlan) -> str:
    """The same in sentences for people."""
    verdict = message("the-verdict", verdict=found.verdict.replace(" ", "-"))
    lines: list[Text] = [verdict, *because(found, plan)]
    if found.measure_next:
        lines.append(message("to-decide-measure", what=measure_words(found.measure_next, plan)))
    if found.look:
        lines.append(look_words(found.look))
    for one in offered:
        lines.append(sentences(remedy_words(one, plan.draft), chances_words(one)))
    return "\n".join(map(in_words, lines))
