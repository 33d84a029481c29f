"""The Measure step and the seam log as the screen needs them. No rule is decided here."""

from __future__ import annotations

from collections.abc import Sequence
from datetime import datetime
from fractions import Fraction

from yonk.api.measuring.schemas import (
    BlockVerdictOut,
    CardGroupOut,
    CardRowOut,
    CheckpointShownOut,
    FigureIO,
    LetteredPatchOut,
    LookOut,
    MeasuringOut,
    NextTestOut,
    PredictionOut,
    RemedyShownOut,
    RuledOut,
    SeamLogOut,
    SeamTestOut,
    SetupFiguresOut,
    SetupIO,
    TimesOut,
    TrialOut,
)
from yonk.api.wire import PartOut
from yonk.core.measuring import (
    CARD_KINDS,
    FIGURES,
    IN_A_ROW,
    LOOKS,
    MOST_TAKEN_BACK,
    STRIP_LENGTH,
    Checkpoint,
    Diagnosis,
    Errors,
    JudgedTrial,
    Look,
    Measurable,
    Prediction,
    Remedy,
    SeamLog,
    SeamStatistics,
    SeamTest,
    Trial,
    about_length,
    asked_for,
    because,
    by_setup,
    card_heading,
    care_words,
    cause_words,
    change_words,
    cut_otherwise,
    figure_words,
    gone_words,
    guess_words,
    is_good,
    lettered_patches,
    listed_size,
    look_picture,
    look_words,
    looks_words,
    looks_wrong,
    measure_words,
    measured_after,
    mismatch_words,
    next_test,
    percent,
    range_words,
    remedy_words,
    rest_words,
    seam_off_words,
    size_off_words,
    so_many_times,
    standing_words,
    verdict_words,
)
from yonk.core.paper import (
    COUNTS,
    USUAL,
    XY,
    Capital,
    Draft,
    LengthUnit,
    Message,
    Text,
    listed,
    message,
    show,
    suffix_of,
    write_typed,
)
from yonk.core.pressing import SewingStep
from yonk.core.sewing import CAUTIONS


def seam_log_view(log: SeamLog, kept: Sequence[tuple[str, datetime, SeamTest, str]]) -> SeamLogOut:
    """The seam log. `kept` holds of each test its id, when it was sewn, and the note on it."""
    found, unit, within = log.standing, log.unit, log.within
    return SeamLogOut(
        unit=unit,
        suffix=suffix_of(unit),
        tests=[_test(*one, log) for one in kept],
        band=float(within),
        band_words=show(within, unit),
        ruled=[_ruled(times * within, unit) for times in (-2, -1, 0, 1, 2)],
        verdict=standing_words(found, within),
        change=change_words(found, within),
        good=found is not None and abs(found.off) <= within,
        seam=show(found.seam, unit) if found else "",
        spread=_spread(found),
        in_a_row=found.in_a_row if found else 0,
        wanted=IN_A_ROW,
        setups=[_setup(one) for one in by_setup(log.tests, within)],
        next=_next(log),
        figures=[
            FigureIO(
                name=name,
                label=figure_words(name),
                value=write_typed(log.figures.figure(name, unit), unit),
                guess=name not in log.figures.reported,
            )
            for name in FIGURES
        ],
        taken_back=log.figures.taken_back,
        taken_back_choices=[
            TimesOut(times=times, words=so_many_times(times))
            for times in range(MOST_TAKEN_BACK + 1)
        ],
        caution=CAUTIONS["needle"],
    )


def _ruled(off: Fraction, unit: LengthUnit) -> RuledOut:
    sign = "+" if off > 0 else "−"
    words = listed((sign, show(abs(off), unit)), "nothing") if off else message("off-by-nothing")
    return RuledOut(at=float(off), words=words)


def _spread(found: SeamStatistics | None) -> Text:
    if found is None or found.spread is None:
        return ""
    return about_length(float(found.spread), found.newest.unit)


def _test(which: str, sewn: datetime, test: SeamTest, note: str, log: SeamLog) -> SeamTestOut:
    unit, here = test.unit, test.told_in(log.unit)
    strips = [test.middle, *(test.outer or ())]
    sizes = listed((show(one, unit) for one in strips), "comma")
    return SeamTestOut(
        id=which,
        sewn=sewn.date(),
        measured=message("strips-measured", sizes=sizes, cut=show(test.cut, unit)),
        seam=about_length(float(test.seam), unit),
        off=seam_off_words(test.off, unit),
        off_by=float(here.off),
        good=abs(here.off) <= log.within,
        setup=test.setup.words,
        cut_otherwise=show(test.really_cut, unit) if test.really_cut != test.cut else "",
        note=note,
    )


def _setup(found: SeamStatistics) -> SetupFiguresOut:
    unit = found.newest.unit
    return SetupFiguresOut(
        setup=found.newest.setup.words,
        tests=len(found.tests),
        seam=show(found.seam, unit),
        off=seam_off_words(found.off, unit),
        spread=_spread(found),
    )


def _next(log: SeamLog) -> NextTestOut:
    unit = log.unit
    test = next_test(log.standing, unit, USUAL[unit].settings.seam)
    cut, long = show(test.cut, test.unit), show(STRIP_LENGTH[test.unit], test.unit)
    return NextTestOut(
        words=[
            message("test-cut-strips", wide=cut, long=long),
            message("test-sew-strips"),
            message("test-measure-middle", size=show(test.middle, test.unit)),
        ],
        unit=test.unit,
        aimed=write_typed(test.aimed, test.unit),
        cut=write_typed(test.cut, test.unit),
        setup=SetupIO(**vars(test.setup)),
    )


class MeasuringView:
    """The Measure step of one block.

    Args:
        draft: as it is now.
        steps: the steps of its sewing.
        trial: all that is known of its trial blocks, and her seam log.
        judgement: the trial block that is looked at.
        judgements: all of them.
        also: what is asked for beside what the card has.
    """

    def __init__(
        self,
        draft: Draft,
        steps: Sequence[SewingStep],
        trial: Trial,
        judgement: JudgedTrial,
        judgements: Sequence[JudgedTrial],
        also: Sequence[str],
    ) -> None:
        self.draft, self.unit, self.plan = draft, draft.unit, judgement.plan
        self.trial, self.judgement, self.judgements = trial, judgement, judgements
        self.scale = float(self.plan.reading.drawing.scale)
        self.steps = {join: step for step in steps for join in step.joins}
        self.known = {**judgement.known, **asked_for(self.plan, also)}

    def out(self, foretold: Prediction, errors: Errors, offered: Sequence[Remedy]) -> MeasuringOut:
        """The whole step."""
        found, block = self.judgement.found, self.judgement.block
        return MeasuringOut(
            width=float(self.plan.draft.width),
            height=float(self.plan.draft.height),
            parts=[
                PartOut(outline=[self._spot(one) for one in face.ring], fabric=fabric)
                for face, fabric in zip(
                    self.plan.joining.faces, self.plan.reading.fabrics, strict=True
                )
            ],
            patches=self._patches(),
            looks=[
                LookOut(name=one, words=looks_words(one), picture=look_picture(one))
                for one in LOOKS
            ],
            look=block.looks or "",
            card=self._card(),
            stale=[self._stale(what, size) for what, size in self.judgement.stale.items()],
            trial=block.number,
            trials=[self._trial(one) for one in self.judgements],
            most_trials=COUNTS["trials"][1],
            verdict=self._verdict(found) if found else None,
            taken_back=self.trial.taken_back,
            taken_back_limit=self.trial.log.figures.taken_back,
            foretold=self._foretold(foretold, errors),
            remedies=[self._remedy(one) for one in offered],
            remedies_head=message(
                "remedy-head", helps="some" if offered[0].do != "nothing" else "none"
            ),
            rest=rest_words(found, offered[0], self.draft) if found else [],
        )

    def _spot(self, spot: tuple[int, int]) -> XY:
        return spot[0] / self.scale, spot[1] / self.scale

    @staticmethod
    def _look(one: Look) -> LookOut:
        return LookOut(name=one, words=looks_words(one), picture=look_picture(one))

    def _patches(self) -> list[LetteredPatchOut]:
        return [LetteredPatchOut(**vars(one)) for one in lettered_patches(self.plan)]

    def _card(self) -> list[CardGroupOut]:
        groups: dict[str, list[CardRowOut]] = {kind: [] for kind in CARD_KINDS}
        for what, one in self.known.items():
            groups[what.partition(":")[0]].append(self._row(one))
        return [
            CardGroupOut(
                kind=kind,
                words=card_heading(kind),
                finished=kind in ("block", "between"),
                rows=rows,
            )
            for kind, rows in groups.items()
            if rows
        ]

    def _row(self, one: Measurable) -> CardRowOut:
        size = self.judgement.measured.get(one.what)
        must = listed_size(self.plan, one)
        off = None if size is None else size - must
        sewing = one.what.partition(":")[0] not in ("block", "between")
        mind = off is not None and sewing and looks_wrong(self.judgement, one.what, self.trial.log)
        return CardRowOut(
            what=one.what,
            words=Capital(measure_words(one.what, self.plan)),
            must=about_length(float(must), self.unit),
            expected=one.expected,
            size="" if size is None else write_typed(size, self.unit),
            off="" if off is None else size_off_words(off, self.unit),
            good=off is None or is_good(off, self.unit),
            mind=message("look-before-you-join") if mind else "",
            line=one.line(self.plan),
        )

    def _stale(self, what: str, size: Fraction) -> Message:
        place: Text = measure_words(what, self.plan) if what in self.known else gone_words(what)
        return message(
            "measured-when-block-was-another",
            place=Capital(place),
            size=show(size, self.unit),
        )

    def _trial(self, one: JudgedTrial) -> TrialOut:
        found, cut = one.found, one.block.draft
        causes = found.causes if found else ()
        return TrialOut(
            number=one.block.number,
            begun=one.block.begun,
            cut=cut_otherwise(cut, self.draft) if cut else "",
            verdict=verdict_words(found.verdict) if found else message("nothing-measured"),
            cause=Capital(cause_words(causes[0], one.plan)) if causes else "",
        )

    def _verdict(self, found: Diagnosis) -> BlockVerdictOut:
        asked = found.measure_next
        return BlockVerdictOut(
            verdict=found.verdict,
            words=verdict_words(found.verdict),
            because=because(found, self.plan),
            measure_next=asked,
            next_words=measure_words(asked, self.plan) if asked else "",
            look=look_words(found.look) if found.look else "",
            care=care_words(found),
        )

    def _remedy(self, one: Remedy) -> RemedyShownOut:
        return RemedyShownOut(
            do=one.do,
            words=remedy_words(one, self.draft),
            before=percent(one.good_before),
            after=percent(one.good_after),
            good_before=one.good_before,
            good_after=one.good_after,
            settings=dict(one.settings),
            methods={kind: way.name for kind, way in one.ways.items()},
        )

    def _foretold(self, found: Prediction, errors: Errors) -> PredictionOut:
        block, most, log = found.block, found.mismatch, self.trial.log
        step = self.steps[most.join].number if most else 0
        standing, guesses = log.standing, log.guesses
        return PredictionOut(
            width=range_words(block.width, self.unit) if block else "",
            height=range_words(block.height, self.unit) if block else "",
            chance=percent(block.chance) if block else "",
            likely=block.chance if block else 1.0,
            within=show(errors.tolerance, self.unit),
            checkpoints=[
                self._checkpoint(one, number) for number, one in found.of_each(self._number).items()
            ],
            mismatch=mismatch_words(most, step, self.unit) if most else "",
            mismatch_step=step,
            practice=found.practice,
            figures=guess_words(errors, guesses, self.unit, self._by_trial(errors)),
            all_guesses=standing is None and not log.figures.reported,
        )

    def _by_trial(self, errors: Errors) -> list[str]:
        """Which figures the trial block tells otherwise than her log."""
        hers = self.trial.log.errors_for(self.draft.making.seam, self.unit)
        return [] if errors.seam_error == hers.seam_error else ["seam_error"]

    def _number(self, join: int) -> int:
        return self.steps[join].number

    def _checkpoint(self, one: Checkpoint, number: int) -> CheckpointShownOut:
        step = self.steps[one.join]
        return CheckpointShownOut(
            step=number,
            rows=measured_after(self.plan, self.known, step.joins),
            words=step.words,
            must=step.checkpoint,
            width=range_words(one.width, self.unit),
            height=range_words(one.height, self.unit),
            chance=percent(one.chance),
            likely=one.chance,
        )
