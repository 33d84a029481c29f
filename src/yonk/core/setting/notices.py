"""What there is to say of a quilt: what does not fit the ruler, what a print does, what is left
over; each with the acts that would mend it, where there are such.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from fractions import Fraction

from yonk.core.paper import USUAL, Message, Text, message, show, write_exact
from yonk.core.setting.acts.act import QuiltAct
from yonk.core.setting.acts.set_border import SetBorder
from yonk.core.setting.acts.set_edge import SetEdge
from yonk.core.setting.acts.set_module import SetModule
from yonk.core.setting.acts.set_sashing import SetSashing
from yonk.core.setting.borders import MITRED
from yonk.core.setting.off_the_ruler import OffWidth, off_ruler_message, off_widths
from yonk.core.setting.plan import QuiltPlan
from yonk.core.setting.turned import slanted_prints, squares_short


@dataclass(frozen=True)
class QuiltMend:
    """A way out that an act takes, in words."""

    words: Text
    act: QuiltAct


@dataclass(frozen=True)
class QuiltNotice:
    """Something to say of a quilt, with the ways out."""

    code: str
    text: Text
    mends: tuple[QuiltMend, ...] = ()


def quilt_notices(plan: QuiltPlan) -> tuple[QuiltNotice, ...]:
    """What there is to say: of the setting, its borders, its prints, its blocks."""
    told = (_setting, _prints, _halves, _borders, _blocks)
    return tuple(one for tell in told for one in tell(plan))


def _setting(plan: QuiltPlan) -> Iterator[QuiltNotice]:
    quilt = plan.quilt
    if quilt.setting.kind == "on-point" and quilt.setting.edge is None:
        fabric = quilt.all_fabrics.get(quilt.first_fabric)
        fill = fabric and message("fill-the-edge-with", fabric=fabric.called)
        mends = (QuiltMend(fill, SetEdge(fabric=fabric.key)),) if fabric and fill else ()
        yield QuiltNotice("edge-missing", message("edge-has-no-fabric"), mends)
    for one in off_widths(quilt):
        near = tuple(
            QuiltMend(message("take-a-width", width=show(it, quilt.unit)), _of_width(one, it))
            for it in one.nearest
        )
        yield QuiltNotice("off-the-ruler", off_ruler_message(one, quilt), near)


def _of_width(off: OffWidth, near: Fraction) -> QuiltAct:
    """The act that takes a width on the ruler, or a module that gives one."""
    typed = write_exact(near)
    if off.field == "setting.sashing.width":
        return SetSashing(width=typed)
    if off.field == "setting.module":
        return SetModule(module=typed)
    _, number, field = off.field.split(".")
    if field == "ends":
        return SetBorder(number=int(number), ends=typed)
    return SetBorder(number=int(number), width=typed)


def _prints(plan: QuiltPlan) -> Iterator[QuiltNotice]:
    quilt, edge = plan.quilt, plan.quilt.setting.edge
    short = squares_short(quilt)
    if edge and short:
        words = message("cut-squares-more", squares=short)
        yield QuiltNotice(
            "print-turns",
            message(
                "print-turns-in-triangles", fabric=quilt.all_fabrics[edge.fabric].called, mend=words
            ),
            (QuiltMend(words, SetEdge(more=edge.more + short)),),
        )
    for key in slanted_prints(quilt):
        fabric = quilt.all_fabrics[key].called
        yield QuiltNotice("print-aslant", message("print-lies-aslant", fabric=fabric))


def _halves(plan: QuiltPlan) -> Iterator[QuiltNotice]:
    for key, count in plan.cut_halves.items():
        title = plan.quilt.by_key[key].title
        yield QuiltNotice("spares", message("other-halves-left", halves=count, block=title))


def _borders(plan: QuiltPlan) -> Iterator[QuiltNotice]:
    quilt = plan.quilt
    for repeat in plan.repeats:
        over = repeat.over.nearest(USUAL[quilt.unit].hair)
        if over:
            text = message(
                "border-eased",
                number=repeat.border,
                by=show(abs(over), quilt.unit),
                way="longer" if over > 0 else "shorter",
            )
            yield QuiltNotice("border-eased", text)
    for number, border in enumerate(quilt.borders, start=1):
        if border.block and border.corner == "mitred":
            fault: Message = MITRED
            text = message("border-corner-not-mitred", number=number, fault=fault)
            mend = QuiltMend(message("butt-the-border"), SetBorder(number=number, corner="butted"))
            yield QuiltNotice("corner-not-mitred", text, (mend,))


def _blocks(plan: QuiltPlan) -> Iterator[QuiltNotice]:
    quilt = plan.quilt
    for one in quilt.blocks:
        seam = one.draft.making.seam
        if one.key in plan.counts and seam != quilt.making.seam:
            text = message(
                "other-seam",
                block=one.title,
                its=show(seam, quilt.unit),
                ours=show(quilt.making.seam, quilt.unit),
            )
            yield QuiltNotice("other-seam", text)
    for key, block in plan.plans.items():
        for notice in block.notices:
            text = message("of-block", block=quilt.by_key[key].title, notice=notice.text)
            yield QuiltNotice(notice.code, text)
