"""What a trial block says for the rest: its verdict carried over into what is cut and sewn next.

Source: the trial block of `docs/measuring.md`.
"""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from fractions import Fraction

from yonk.core.measuring.diagnosis import Diagnosis, FoundCause
from yonk.core.measuring.errors import Errors
from yonk.core.measuring.in_words import cause_words
from yonk.core.measuring.prediction import predict
from yonk.core.measuring.seam_log import STEP, nearest
from yonk.core.paper import SETTINGS, USUAL, Draft, LengthUnit, Message, message, show, write_typed
from yonk.core.planning import make_plan
from yonk.core.pressing import sewing_plan

TAKEN_BACK = 2  # how often a seam is taken back at most, usually: the holes weaken the cloth


@dataclass(frozen=True)
class Consequence:
    """Something to do for the rest: in words; the settings that do it, as typed, where a plan can
    be made so at one touch.
    """

    words: Message
    settings: Mapping[str, str] = field(default_factory=dict)


def by_her_rule(found: Diagnosis, taken_back: int, limit: int) -> Diagnosis:
    """A diagnosis by her rule of how often a seam is taken back: after that, pieces are cut
    again.

    Args:
        taken_back: how often the seams of this block were taken back.
        limit: how often she does.
    """
    if found.verdict == "take back" and taken_back >= limit:
        return replace(found, verdict="cut again")
    return found


def consequences(found: Diagnosis, draft: Draft, errors: Errors) -> tuple[Consequence, ...]:
    """What the verdict on a trial block says for the rest, the first first.

    Args:
        errors: how exactly she works, for what is foretold of the rest.
    """
    if not found.causes:
        return ()
    consequences = [one for cause in found.causes for one in _of(cause, draft, errors)]
    return tuple(consequences)


def with_trial(errors: Errors, found: Diagnosis | None) -> Errors:
    """How exactly she works by her log and by what a trial block told of her seam, where it is sure
    that it was the seam: then the block counts, which was sewn last.
    """
    if found is None or found.undecided:
        return errors
    seams = [cause.by for cause in found.causes if cause.kind == "seam"]
    return replace(errors, seam_error=seams[0]) if seams else errors


def _of(cause: FoundCause, draft: Draft, errors: Errors) -> list[Consequence]:
    unit, making = draft.unit, draft.making
    if cause.kind == "seam":
        real = cut_for(draft, replace(errors, seam_error=cause.by))
        return [*([real] if real else []), Consequence(_to_machine(cause, unit))]
    if cause.kind == "cut":
        first = Consequence(message("rest-measure-the-first", cause=cause_words(cause, unit)))
        return [first, *([_larger(draft)] if making.trim_margin == 0 else [])]
    if cause.kind == "trim":
        return [Consequence(message("rest-measure-before-trimming"))]
    if cause.kind == "press":
        return [Consequence(message("rest-open-every-fold"))]
    return [Consequence(message("rest-square-each-part"))]


def _to_machine(cause: FoundCause, unit: LengthUnit) -> Message:
    way = "right" if cause.by > 0 else "left"
    by = show(abs(cause.by), unit)
    return message("rest-set-the-machine", way=way, by=by)


def _larger(draft: Draft) -> Consequence:
    """Units cut larger and trimmed forgive what is cut or sewn a little off."""
    margin = SETTINGS["trim_margin"]
    usual = margin.usual[draft.unit]
    words = message("rest-cut-larger", by=show(usual, draft.unit))
    return Consequence(words, {"trim_margin": margin.write(usual, draft.unit)})


def cut_for(draft: Draft, errors: Errors) -> Consequence | None:
    """To cut for a seam as it is really sewn, as finely as it can be told, so that the block comes
    out as drafted; None where it is cut for that seam already, none can be sewn so, or the ruler
    makes of it what is foretold to be no better: plain patches go to its nearest mark.
    """
    unit, seam = draft.unit, draft.making.seam
    real = nearest(seam + errors.seam_error, STEP[unit])
    if real == seam or SETTINGS["seam"].fault(real, unit):
        return None
    other = replace(draft, making=replace(draft.making, seam=real))
    after = replace(errors, seam_error=seam + errors.seam_error - real)
    if _chance_of(other, after) <= _chance_of(draft, errors):
        return None
    words = message("rest-cut-for-the-seam", sewn=show(real, unit), seam=show(seam, unit))
    return Consequence(words, {"seam": write_typed(real, unit)})


def _chance_of(draft: Draft, errors: Errors) -> float:
    """How likely a block is good, as it is foretold."""
    block = predict(sewing_plan(draft), make_plan(draft), errors).block
    return block.chance if block else 1.0


@dataclass(frozen=True, kw_only=True)
class LeftOver:
    """What was left of a strip of the trial: its length, how many pieces it gave, what was left;
    lengths in the draft's unit.
    """

    length: Fraction
    pieces: int
    left: Fraction

    def next_length(self, pieces: int, step: Fraction, squaring: Fraction) -> Fraction:
        """How long the next strip must be for so many pieces: what each took, and once what
        squaring up the ends takes, up to the ruler's next step. A strip that took no more than that
        was not squared up.

        >>> LeftOver(length=Fraction(20), pieces=8, left=Fraction(1)).next_length(
        ...     16, Fraction(1, 8), Fraction(1)
        ... )
        Fraction(37, 1)
        """
        took = self.length - self.left
        once = squaring if took > squaring else Fraction(0)
        wanted = (took - once) * pieces / self.pieces + squaring
        return -(-wanted // step) * step


def left_over_words(left: LeftOver, wanted: int, step: Fraction, unit: LengthUnit) -> Message:
    """What was left, and how long the next strip must be for so many pieces, in a sentence."""
    squaring = USUAL[unit].squaring
    longer = show(left.next_length(wanted, step, squaring), unit)
    return message(
        "strip-left-over",
        length=show(left.length, unit),
        pieces=left.pieces,
        left=show(left.left, unit),
        next=longer,
        wanted=wanted,
        squaring=show(squaring, unit),
    )
