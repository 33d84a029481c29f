"""The sewing of a block as the Sew step needs it: outlines to draw and texts to show. No rule is
decided here.
"""

from __future__ import annotations

from collections.abc import Iterable, Sequence

from yonk.api.recipes.view import picture_view
from yonk.api.sewing.schemas import (
    BackOut,
    BesideOut,
    JoinOut,
    LayerOut,
    LotsOut,
    MeetingOut,
    OpeningOut,
    OrderOut,
    OrderPartOut,
    SeamOut,
    SewingOut,
    SewingStepOut,
    SlipOut,
    StackOut,
    ThickOut,
    TripOut,
)
from yonk.api.table.kept import KeptTable
from yonk.api.wire import PartOut
from yonk.core.drawing import Ring, Spot
from yonk.core.paper import XY, Message, Point, Text, listed, message, show, write_exact
from yonk.core.planning import Plan
from yonk.core.pressing import (
    Lots,
    Opening,
    OrderFigures,
    PressedStretch,
    Pressing,
    SewingPlan,
    SewingStep,
    Slip,
    Stack,
    StraightSetPressing,
    Trip,
    bare_dark,
    beside_words,
    best_words,
    dark_words,
    join_pictures,
    meetings_words,
    nesting_plans,
    no_longer_wanted,
    part_name,
    proposal_words,
    proposed_order,
    reason,
    seam_point,
    side_by_side,
    slips_of,
    stacks_of,
    state_words,
    steps_of_sewing,
    toward,
    trips_of,
    ways_of,
)
from yonk.core.units import BY_NAME

MOST_TOLD = 400  # places that a page tells one by one
_ARROW = 2.2  # allowances that an arrow is long


def sewing_view(
    plan: SewingPlan, planned: Plan, blocks: int, table: KeptTable, colourings: Sequence[str]
) -> SewingOut:
    """Everything the Sew step shows.

    Args:
        plan: the sewing of one block.
        planned: how its units are made.
        blocks: how many blocks are sewn.
        table: what is made and sewn.
        colourings: what the block's colourings are called.
    """
    return _View(plan, planned, blocks, table).out(colourings)


class _View:
    def __init__(self, plan: SewingPlan, planned: Plan, blocks: int, table: KeptTable) -> None:
        self.plan, self.blocks, self.table = plan, blocks, table
        self.scale = float(plan.reading.drawing.scale)
        self.draft = plan.draft
        self.stacks = stacks_of(plan.reading)
        recipes = {recipe.group.label: recipe for recipe in planned.recipes}
        self.steps = steps_of_sewing(plan, recipes, self.stacks, blocks)
        self.trips = trips_of(self.steps)
        self.spare_mirrors = {label for label, recipe in recipes.items() if recipe.mirrored}
        self.step_of = {join: step.number for step in self.steps for join in step.joins}
        self.words = {group.label: BY_NAME[group.kind].words for group in plan.reading.groups}

    def out(self, colourings: Sequence[str]) -> SewingOut:
        plan = self.plan
        figures = side_by_side(plan)
        best = proposed_order(figures)
        steps = [self._step(step) for step in self.steps]
        return SewingOut(
            width=float(self.draft.width),
            height=float(self.draft.height),
            blocks=self.blocks,
            trips=[self._trip(trip) for trip in self.trips],
            colourings=list(colourings),
            order=plan.order,
            chosen=plan.chosen,
            proposal=proposal_words(best, figures),
            orders=[self._order(one, best) for one in figures],
            parts=self._parts(),
            steps=steps,
            seams=self._seams(plan.pressing),
            meetings=self._meetings(),
            notes=self._notes(),
            best=best_words(plan.pressing) if plan.joining.joins else "",
            lots=[self._lots(one) for one in plan.lots],
            openings=[self._opening(one) for one in plan.openings[:MOST_TOLD]],
            misplaced=len(plan.misplaced),
            beside=self._beside(nesting_plans(plan, self.blocks)),
            stacks=[self._stack(stack) for stack in self.stacks],
            slips=[
                self._slip(slip) for slip in slips_of(plan.reading, self.stacks, self.spare_mirrors)
            ],
            batch=self.draft.making.sewing.batch,
            kept_clear=[*self.draft.making.sewing.never_under],
            changed=[
                message("sewn-and-gone", count=one.done, step=one.words)
                for one in no_longer_wanted(self.steps, self.table.done)
            ],
            sewn=sum(min(step.done, step.total) for step in steps),
            to_sew=sum(step.total for step in steps),
        )

    def _place(self, spot: Spot) -> XY:
        return spot[0] / self.scale, spot[1] / self.scale

    def _places(self, ring: Ring) -> list[XY]:
        return [self._place(spot) for spot in ring]

    def _point(self, join: int) -> tuple[str, str]:
        return _text(seam_point(self.plan, self.plan.joining.joins[join]))

    def _lots(self, one: Lots) -> LotsOut:
        first, second = one.first * self.blocks, one.second * self.blocks
        label = self.plan.joining.joins[self.plan.joins_of(one.choice)[0]].unit
        return LotsOut(
            at=self._point(self.plan.joins_of(one.choice)[0]),
            words=message(
                "press-in-lots", unit=label or "", first=first, second=second, bulky=one.bulky
            ),
        )

    def _opening(self, one: Opening) -> OpeningOut:
        step = self.step_of[one.seam]
        words = message("open-the-seam", step=step)
        return OpeningOut(at=self._point(one.seam), words=words)

    def _order(self, one: OrderFigures, best: OrderFigures) -> OrderOut:
        return OrderOut(
            order=one.order,
            joins=one.joins,
            longest=show(one.longest, self.draft.unit),
            across=one.across,
            to_match=one.to_match,
            checkpoints=one.checkpoints,
            nested=one.nested,
            bulky=one.bulky,
            taken=one.order == self.plan.order,
            proposed=one is best,
        )

    def _parts(self) -> list[OrderPartOut]:
        to_grid = self.plan.reading.drawing.to_grid
        chosen = {
            (part.corner, part.opposite): part.order for part in self.draft.making.sewing.parts
        }
        found = []
        for part in self.plan.parts:
            left, top, right, bottom = part.box
            corners = to_grid((left, top)), to_grid((right, bottom))
            found.append(
                OrderPartOut(
                    corner=_text(corners[0]),
                    opposite=_text(corners[1]),
                    words=message("rows-of-columns", rows=part.rows, columns=part.columns),
                    orders=list(part.orders),
                    chosen=chosen.get(corners),
                )
            )
        return found

    def _trip(self, trip: Trip) -> TripOut:
        numbers = [step.number for step in trip.steps]
        words = message(
            "trip-to-the-iron",
            trip=trip.number,
            seams=trip.seams,
            stacks=listed(trip.stacks) if trip.stacks else "",
            from_stacks=len(trip.stacks),
        )
        return TripOut(number=trip.number, words=words, steps=numbers)

    def _iron(self, step: SewingStep) -> Text:
        """What is pressed after a step that is the last before a trip to the iron."""
        if not step.ends_trip:
            return ""
        trip = next(one for one in self.trips if one.number == step.trip)
        numbers = [one.number for one in trip.steps]
        return message("then-to-the-iron", steps=listed(numbers), count=len(numbers))

    def _step(self, step: SewingStep) -> SewingStepOut:
        return SewingStepOut(
            number=step.number,
            kind=step.kind,
            mark=step.mark,
            words=step.words,
            per_block=step.per_block,
            total=step.total,
            unit=step.unit,
            done=step.done(self.table.sewn, self.table.made),
            join=step.joins[0],
            label=step.label,
            why=list(step.why),
            start=step.start,
            iron=self._iron(step),
            to_match=step.to_match,
            checkpoint=step.checkpoint,
            batches=_batches(step.batches),
            stacks=_stacks(step.stacks),
            caution=step.caution,
        )

    def _seams(self, made: Pressing, only: Iterable[int] | None = None) -> list[SeamOut]:
        plan, joins, lies = self.plan, self.plan.joining.joins, self.plan.lying(made)
        found = []
        for join in joins if only is None else [joins[number] for number in only]:
            side = made.presses[join.number]
            found.append(
                SeamOut(
                    join=join.number,
                    step=self.step_of[join.number],
                    along=[(self._place(a), self._place(b)) for a, b in join.along],
                    arrows=[self._arrow(one) for one in lies[join.number] if one.side is not None],
                    toward=toward(join, side),
                    ways=list(ways_of(join)),
                    why=reason(plan, join) if made is plan.pressing else "",
                    at=self._point(join.number),
                    by_hand=join.number in (plan.asked.fixed or {}),
                    in_lots=(join.unit, join.place) in plan.asked.in_lots,
                    unit=join.unit or "",
                    bare=bare_dark(plan, join, side),
                )
            )
        return found

    def _arrow(self, lies: PressedStretch) -> tuple[XY, XY]:
        """From the middle of a stretch toward the side that it is pressed to."""
        (x, y), (dx, dy) = lies.middle, lies.way
        reach = _ARROW * float(self.draft.making.seam) * (1 if lies.side == 0 else -1)
        return (x, y), (x + dy * reach, y - dx * reach)

    def _meetings(self) -> list[MeetingOut]:
        met = zip(self.plan.wanted.meetings, self.plan.pressing.states, strict=True)
        return [
            MeetingOut(at=self._place(meeting.at), state=state, words=state_words(state))
            for meeting, state in met
        ]

    def _notes(self) -> list[Message]:
        """What there is to say of the pressing as a whole."""
        if not self.plan.joining.joins:
            return [message("one-patch-nothing-to-sew")]
        return [meetings_words(self.plan.pressing), *dark_words(self.plan)]

    def _beside(self, found: StraightSetPressing) -> BesideOut:
        presses = zip(self.plan.pressing.presses, found.second.presses, strict=True)
        changed = [number for number, (one, other) in enumerate(presses) if one != other]
        return BesideOut(
            words=beside_words(self.plan, found),
            one_plan=found.one_plan,
            second=self._seams(found.second, changed),
        )

    def _stack(self, stack: Stack) -> StackOut:
        left, top, right, bottom = stack.box
        return StackOut(
            number=stack.number,
            label=stack.label,
            words=self._stack_words(stack),
            parts=[
                PartOut(
                    outline=self._places(self.plan.joining.faces[face].ring),
                    fabric=self.plan.reading.fabrics[face],
                )
                for face in stack.faces
            ],
            at=self._place((left, top)),
            width=(right - left) / self.scale,
            height=(bottom - top) / self.scale,
        )

    def _stack_words(self, stack: Stack) -> Message:
        if len(stack.faces) == 1:
            return part_name(self.plan, stack.faces[0])
        return message("unit-and-label", kind=self.words[stack.label], unit=stack.label)

    def _slip(self, slip: Slip) -> SlipOut:
        return SlipOut(
            kind=slip.kind,
            stacks=list(slip.stacks),
            words=slip.words,
            mend=slip.mend,
            parts=[
                PartOut(outline=self._places(one.ring), fabric=one.fabric) for one in slip.shown
            ],
        )


def _text(point: Point) -> tuple[str, str]:
    return write_exact(point[0]), write_exact(point[1])


def _batches(sizes: Sequence[int]) -> Text:
    """Batches: in 2 chains of 24 and one of 6."""
    if len(sizes) <= 1:
        return message("in-one-chain") if sizes and sizes[0] > 1 else ""
    full = sum(size == sizes[0] for size in sizes)
    last = 0 if full == len(sizes) else sizes[-1]
    return message("in-chains", chains=full, size=sizes[0], last=last)


MOST_STACKS = 8  # pairs of stacks that are named; nobody reads on


def _stacks(pairs: Sequence[tuple[int, int]]) -> Text:
    """From which stacks the pieces come: from stack 3 and stack 5."""
    some = [message("stack-and-stack", one=one, other=other) for one, other in pairs[:MOST_STACKS]]
    if not some:
        return ""
    more = "yes" if len(pairs) > len(some) else "no"
    return message("from-stacks", stacks=listed(some, "semicolon"), more=more)


def back_view(plan: SewingPlan) -> BackOut:
    """The pressed block in layers."""
    scale = float(plan.reading.drawing.scale)
    return BackOut(
        width=float(plan.draft.width),
        height=float(plan.draft.height),
        layers=[
            LayerOut(
                outline=[(float(x), float(y)) for x, y in part.exterior.coords[:-1]],
                fabric=plan.reading.fabrics[layer.face],
                allowance=layer.allowance,
            )
            for layer in plan.cloth
            for part in getattr(layer.outline, "geoms", [layer.outline])
            if part.geom_type == "Polygon"
        ],
        thick=[
            ThickOut(at=(one.spot[0] / scale, one.spot[1] / scale), layers=one.layers)
            for one in plan.thick[:MOST_TOLD]
        ],
        most=max((one.layers for one in plan.thick), default=1),
    )


def join_view(plan: SewingPlan, number: int) -> JoinOut:
    """One join in pictures."""
    pictures = join_pictures(plan, plan.listed[number])
    return JoinOut(pictures=[picture_view(one) for one in pictures])
