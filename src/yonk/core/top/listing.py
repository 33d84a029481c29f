"""The whole list: every block's cuts and the setting's together, laid on the cloth.

Source: the whole list of `docs/setting.md`.
"""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from dataclasses import dataclass, replace
from fractions import Fraction
from functools import cached_property

from yonk.core.cutting import (
    Booked,
    ClothPlan,
    ShelfPieces,
    bolt_of,
    on_cloth,
)
from yonk.core.paper import Fabric, LengthUnit, Message, Text, message, next_key, no_fabric, show
from yonk.core.planning import (
    Cut,
    Plan,
    Purpose,
    alike_together,
    plan_stage,
    purposes,
)
from yonk.core.setting import Quilt, QuiltPlan, SettingPiece, Top, purpose_message, size_of_top
from yonk.core.top.backing import BackingWay, backing_way, batting_of, ways_to_back
from yonk.core.top.binding import BindingCut, binding_cut
from yonk.core.top.joined import Joined, joined_lengths
from yonk.core.top.seams_beside import SeamsBeside
from yonk.core.top.slack import with_slack
from yonk.core.units import YIELDS, CutKey, CutShape


@dataclass(frozen=True)
class TopCutting:
    """The whole list of a quilt, laid on cloth: what is cut, what long lengths are joined from,
    how the backing and the binding are made. `trials` are the blocks of which one is made already.
    """

    plan: QuiltPlan
    fabrics: Mapping[str, Fabric]
    cloths: tuple[ClothPlan, ...]
    joined: tuple[Joined, ...]
    backing: BackingWay | None
    binding: BindingCut | None
    batting: Top | None
    trials: frozenset[str]

    @property
    def name(self) -> str:
        """The quilt's name."""
        return self.plan.quilt.name

    @property
    def unit(self) -> LengthUnit:
        """The quilt's unit."""
        return self.plan.quilt.unit

    @property
    def whole(self) -> Message:
        """For what it is the list."""
        return message("whole-top")

    @property
    def summary(self) -> Message:
        """The finished size, the seam allowance, how many blocks."""
        quilt, many = self.plan.quilt, sum(self.plan.counts.values())
        return message(
            "cutting-summary",
            size=size_of_top(self.plan.finished, quilt),
            seam=show(quilt.making.seam, quilt.unit),
            blocks=many,
        )

    def fabric(self, key: str) -> Fabric:
        """A fabric of the quilt by its key; wide backing cloth has one of its own."""
        return self.fabrics.get(key) or no_fabric(key)

    def purposes(self, cut: Cut) -> list[Text]:
        """The blocks with their letters and units, and the parts of the setting, that a cut is
        for.
        """
        return list(dict.fromkeys(purpose.role for purpose in cut.purposes))

    @cached_property
    def ways_to_back(self) -> tuple[BackingWay, ...]:
        """The ways to make the backing."""
        return ways_to_back(self.plan.quilt)


def whole_list(
    plan: QuiltPlan,
    on_hand: ShelfPieces | None = None,
    booked: Booked | None = None,
    trials: frozenset[str] = frozenset(),
) -> TopCutting:
    """The whole list of a quilt, laid on cloth.

    Args:
        plan: the quilt's.
        on_hand: the pieces there are, in the quilt's unit, by the shelf's name of a fabric.
        booked: what was cut and its cloth taken off the shelf before.
        trials: keys of blocks of which a trial is made that counts as one of them.

    Raises: `DraftError` where a drawing is too much to work on.
    """
    quilt = plan.quilt
    bolt, unit = bolt_of(quilt.making, quilt.unit), quilt.unit
    around = cuts_around(plan)
    backing = backing_way(quilt)
    trials &= {key for key in plan.counts if plan.whole_blocks(key)}
    cuts = [*_of_blocks(plan, trials), *around.cuts]
    # in the order of the quilt's own, by which each has its mark wherever it is drawn
    fabrics = dict(quilt.all_fabrics)
    fabrics |= {one.fabric: no_fabric(one.fabric) for one in cuts if one.fabric not in fabrics}
    back, wide = around.panels, bolt
    if backing and backing.lay == "wide" and quilt.backing:
        key = quilt.backing.fabric
        own = next_key([*fabrics], f"{key} wide")
        called = message("wide-cloth-of", fabric=fabrics[key].called)
        fabrics[own] = replace(fabrics[key], key=own, shown_as=called)
        back = tuple(replace(cut, what=replace(cut.what, fabric=own)) for cut in back)
        wide = replace(bolt, width=backing.across)
    known = booked or Booked({}, "all")
    top = alike_together([*cuts, *([] if backing and backing.lay == "wide" else back)])
    cloths = on_cloth(top, fabrics.__getitem__, quilt.making, unit, on_hand, known, bolt)
    if backing and backing.lay == "wide":
        cloths += on_cloth(back, fabrics.__getitem__, quilt.making, unit, None, known, wide)
    return TopCutting(
        plan, fabrics, cloths, around.joined, backing, around.binding, batting_of(quilt), trials
    )


@dataclass(frozen=True, eq=False)
class CutsAround:
    """What is cut for a quilt besides its blocks.

    Attributes:
        cuts: pieces of the setting, strips that are joined to longer ones, and the binding's.
        panels: the backing's.
        joined: how each longer one is joined.
        binding: what the binding is cut from.
    """

    cuts: tuple[Cut, ...]
    panels: tuple[Cut, ...]
    joined: tuple[Joined, ...]
    binding: BindingCut | None


def cuts_around(plan: QuiltPlan) -> CutsAround:
    """What is cut for a quilt besides its blocks: sashing, borders, triangles at the edges,
    binding, backing.

    Raises: `DraftError` where a drawing is too much to work on.
    """
    quilt = plan.quilt
    bolt = bolt_of(quilt.making, quilt.unit)
    sewn = {one: n for one, n in plan.pieces.items() if one.purpose not in ("binding", "backing")}
    joined, rest = joined_lengths(
        with_slack(sewn, quilt), bolt.width, quilt.joins, quilt.making.seam, SeamsBeside(quilt).of
    )
    binding = binding_cut(quilt, bolt.width)
    cuts = (
        *(_cut(one, count) for one, count in rest.items()),
        *(cut for one in joined for cut in _of_joined(one)),
        *(_of_binding(binding, quilt.binding.fabric) if binding and quilt.binding else ()),
    )
    return CutsAround(cuts, tuple(_panels(quilt)), tuple(joined), binding)


def _panels(quilt: Quilt) -> Iterator[Cut]:
    """The panels of the backing, each upright one standing along the cloth as its print does."""
    way = backing_way(quilt)
    if way is None or quilt.backing is None:
        return
    for across, along, count in way.panels:
        what = _rectangle(quilt.backing.fabric, across, along)
        stands = way.lay.startswith("upright") and along > across
        what = replace(what, lie="stands") if stands else what
        yield _for(purpose_message("backing"), what, count)


def _of_blocks(plan: QuiltPlan, trials: frozenset[str]) -> Iterator[Cut]:
    """The cuts of every block, for it by its name, less what the trial blocks have."""
    for key, block in plan.plans.items():
        made = _after_trial(plan, key) if key in trials else block
        name = plan.quilt.by_key[key].title
        for cut in made.cuts:
            words = purposes(cut, made.recipes)
            in_block = tuple(
                replace(
                    purpose, units=(), role=message("of-block-a-purpose", block=name, purpose=role)
                )
                for purpose, role in zip(cut.purposes, words, strict=True)
            )
            yield replace(cut, purposes=in_block)


def _after_trial(plan: QuiltPlan, key: str) -> Plan:
    """The plan of what is made of a block after its trial."""
    draft = plan.quilt.by_key[key].as_sewn
    making = replace(draft.making, blocks=plan.whole_blocks(key))
    return plan_stage(replace(draft, making=making), "rest", plan.halves_of(key))


def _cut(piece: SettingPiece, count: int) -> Cut:
    what = CutKey(
        fabric=piece.fabric,
        shape=piece.shape,
        width=piece.long,
        height=piece.short,
        subcut=piece.subcut,
        lie=piece.lie,
    )
    return _for(purpose_message(piece.purpose), what, count)


def _for(words: Text, what: CutKey, count: int) -> Cut:
    purpose = Purpose((), "", words, count * YIELDS[what.subcut], ())
    return Cut(what, what.width, count, (purpose,))


def _of_joined(joined: Joined) -> Iterator[Cut]:
    for long, count in joined.strips:
        what = _rectangle(joined.fabric, long, joined.wide)
        yield _for(message("to-be-joined", purpose=purpose_message(joined.purpose)), what, count)


def _of_binding(binding: BindingCut, fabric: str) -> Iterator[Cut]:
    if binding.squares:
        what = _rectangle(fabric, binding.square, binding.square)
        yield _for(message("bias-binding"), what, binding.squares)
    for long, count in binding.strips:
        yield _for(purpose_message("binding"), _rectangle(fabric, long, binding.width), count)


def _rectangle(fabric: str, one: Fraction, other: Fraction) -> CutKey:
    short, long = sorted((one, other))
    shape: CutShape = "square" if short == long else "rectangle"
    return CutKey(fabric=fabric, shape=shape, width=long, height=short)
