"""Quilts of every setting, and all that is told of them, are answered again as they once were."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction as F
from typing import Any, get_args

from tests.core.kept import again, keep_anew
from tests.core.test_setting import FULL, SAMPLES, quilt_of, sash
from yonk.core.paper import DraftError
from yonk.core.setting import (
    Alternate,
    Backing,
    Binding,
    Border,
    Edge,
    Placed,
    Quilt,
    QuiltBlock,
    Sashing,
    apply_to_quilt,
    layout_of,
    places_of,
    plan_quilt,
    quilt_notices,
    repeats_of,
    size_of_top,
    vanishing,
    ways_to_reach,
)
from yonk.core.setting.acts.turn_all import TurnAll, Turning
from yonk.core.top import (
    backing_words,
    binding_words,
    diagram_of,
    joined_words,
    pressed_words,
    sew_top,
    top_progress,
    top_words,
    whole_list,
)
from yonk.files.quilt_file import write_quilt
from yonk.files.quilt_plan_file import write_quilt_plan
from yonk.machine.quilt_samples import quilt_samples
from yonk.machine.samples import sheet

WITH_ALL: dict[str, Any] = {
    "backing": Backing(fabric="fog", overhang=F(3)),
    "binding": Binding(fabric="peat", width=F(9, 4)),
    "borders": (
        Border(width=F(3, 2), fabric="rowan", first="top"),
        Border(width=F(5), fabric="slate", corner="mitred"),
    ),
}
TURNED = {
    (0, 0): Placed(block="one", turns=1),
    (0, 1): Placed(block="one", mirrored=True),
    (1, 0): Placed(block="one", turns=3, mirrored=True),
}


def two_kinds() -> Quilt:
    """Two blocks of unlike sizes, one of them framed, with a border pieced from a third."""
    quilt = quilt_of(
        "Hut Window",
        columns=5,
        rows=3,
        alternate=Alternate(block="path"),
        sashing=sash("2", stones="rowan"),
        module=F(10),
        frame="lichen",
        borders=(
            Border(width=F(1, 4), fabric="peat"),
            Border(width=F(3), block="tall", fabric="fog"),
        ),
    )
    tall = replace(SAMPLES["Weir Gate"], width=F(3, 2), height=F(3))
    more = QuiltBlock(key="path", draft=SAMPLES["Cairn Path"]), QuiltBlock(key="tall", draft=tall)
    return replace(quilt, blocks=(*quilt.blocks, *more), joins="diagonal")


def quilts() -> dict[str, Quilt]:
    edge = Edge(fabric="lichen")
    halves = replace(edge, half_blocks=True)
    return {
        **{quilt.name: quilt for quilt in quilt_samples({})},
        "everything": FULL,
        "two kinds": two_kinds(),
        "centimetres": quilt_of("Bracken Rails", columns=4, rows=7, sashing=sash("3"), **WITH_ALL),
        "oblong": quilt_of("Clint", columns=7, rows=2, sashing=sash(outer=True), **WITH_ALL),
        "turned": replace(quilt_of(columns=3, rows=2, places=TURNED), together="quarters"),
        "quarters": replace(quilt_of("Eddy", columns=6, rows=8), together="quarters"),
        "floating": quilt_of("Stile", kind="on-point", edge=replace(edge, floats=F(3, 2))),
        "halves": quilt_of("Gale Lantern", kind="on-point", columns=3, rows=2, edge=halves),
        "halves pieced": quilt_of("Eddy", kind="on-point", edge=replace(halves, pieced=True)),
        "sashed on point": quilt_of("Hut Window", kind="on-point", edge=edge, sashing=sash("2")),
        "ringed on point": quilt_of(
            "Weir Gate", kind="on-point", columns=2, rows=5, edge=edge,
            sashing=sash("1", stones="fog", outer=True), **WITH_ALL,
        ),
        "along the cloth": replace(quilt_of(columns=6, rows=8, **WITH_ALL), joins="whole"),
    }  # fmt: skip


def tops() -> Iterator[tuple[str, Any]]:
    for name, quilt in quilts().items():
        plan = plan_quilt(quilt)
        yield f"file of {name}", write_quilt(quilt)
        yield f"plan of {name}", write_quilt_plan(plan)
        yield f"places of {name}", [*places_of(quilt.setting)]
        yield f"size of {name}", (size_of_top(plan.top, quilt), plan.area)
        yield f"notices of {name}", quilt_notices(plan)
        yield f"layout of {name}", layout_of(quilt)
        yield f"vanishing of {name}", vanishing(quilt)
        yield f"repeats of {name}", [*repeats_of(quilt)]
        yield f"sizes near {name}", ways_to_reach(quilt, F(60), F(75))


def lists() -> Iterator[tuple[str, Any]]:
    for name, quilt in quilts().items():
        unit = quilt.unit
        found = whole_list(plan_quilt(quilt))
        yield (
            f"cuts of {name}",
            [
                (cloth.fabric, [(cut, found.purposes(cut)) for cut in cloth.cuts], cloth.exact)
                for cloth in found.cloths
            ],
        )
        yield f"words of {name}", (top_words(found), found.summary, found.whole)
        yield f"joined of {name}", [joined_words(one, unit) for one in found.joined]
        yield (
            f"backs of {name}",
            [(one, one.seams, one.area, backing_words(one, unit)) for one in found.ways_to_back],
        )
        bound = found.binding
        yield f"binding of {name}", bound and (bound, bound.joins, binding_words(bound, unit))
        after = whole_list(plan_quilt(quilt), trials=frozenset(quilt.by_key))
        yield f"after trials of {name}", (top_words(after), [one.cuts for one in after.cloths])


def sewn_tops() -> Iterator[tuple[str, Any]]:
    for name, quilt in quilts().items():
        sewing = sew_top(plan_quilt(quilt))
        yield (
            f"steps of {name}",
            [
                (one.kind, one.label, one.words, one.press, one.check, one.total, one.places)
                for one in sewing.steps
            ],
        )
        yield f"marks of {name}", [one.mark for one in sewing.steps]
        yield f"rows of {name}", sewing.together.rows
        yield f"blocks of {name}", sewing.together.blocks
        yield f"pressing of {name}", pressed_words(sewing.pressing)
        yield f"diagram of {name}", diagram_of(sewing)
        half = {step.mark: step.total // 2 for step in sewing.steps}
        yield f"half of {name}", top_progress(sewing, half)


def wrong_quilts() -> Iterator[tuple[str, Quilt]]:
    """Quilts in each of which one thing does not fit."""
    other, no = Placed(block="other"), Placed(block="none")
    oblong = sheet("Oblong", "6", 2, 3)
    thin = Sashing(width=F(1), fabric="peat")
    edge = Edge(fabric="fog")
    halves = replace(edge, half_blocks=True)
    turned = Placed(block="one", turns=1)
    plain = quilt_of()
    yield "fill", quilt_of(places={(0, 0): no})
    yield "beyond", quilt_of(places={(9, 2): Placed(block="one")})
    yield "alternate", quilt_of(alternate=Alternate(block="none"))
    yield "lone", quilt_of(kind="on-point", columns=1, edge=edge, sashing=thin)
    yield "halves", quilt_of(kind="on-point", edge=halves, sashing=thin)
    yield "no frame", quilt_of(module=F(20))
    yield "too large", quilt_of(module=F(2), frame="fog")
    yield "nothing", replace(plain, setting=replace(plain.setting, fill=no))
    blocks = (*plain.blocks, QuiltBlock(key="other", draft=oblong))
    laid = replace(plain.setting, places={(1, 1): other})
    yield "unlike", replace(plain, blocks=blocks, setting=laid)
    alone = (QuiltBlock(key="one", draft=oblong),)
    yield "oblong on point", replace(quilt_of(kind="on-point", edge=edge), blocks=alone, borders=())
    yield "oblong turned", replace(quilt_of(places={(2, 1): turned}), blocks=alone)
    for name, border in (
        ("no block", Border(width=F(2), fabric="fog", block="none")),
        ("other width", Border(width=F(2), fabric="fog", block="one")),
        ("uneven", Border(width=plain.blocks[0].draft.height + 1, fabric="fog", block="one")),
    ):
        yield f"border, {name}", quilt_of(borders=(border,))
    lower = QuiltBlock(key="other", draft=replace(oblong, width=F(5), height=F(2)))
    for name, fabric in (("no corners", ""), ("does not fit", "fog")):
        border = Border(width=F(2), fabric=fabric, block="other")
        yield f"border, {name}", replace(quilt_of(borders=(border,)), blocks=(*plain.blocks, lower))


def refusals() -> Iterator[tuple[str, Any]]:
    for name, quilt in wrong_quilts():
        try:
            top = plan_quilt(quilt).top
        except DraftError as refused:
            yield name, (refused.place, refused.message)
        else:
            yield name, f"is a quilt of {top}"


def turnings() -> Iterator[tuple[str, Any]]:
    edge = Edge(fabric="fog")
    for kind, columns, rows in (("straight", 3, 5), ("straight", 4, 2), ("on-point", 3, 2)):
        quilt = quilt_of(kind=kind, columns=columns, rows=rows, edge=edge)
        for turning in get_args(Turning):
            turned = apply_to_quilt(quilt, TurnAll(turning=turning))
            yield f"{turning} of {columns} by {rows}, {kind}", turned.setting.places


def test_turnings() -> None:
    again(turnings)


def test_refusals() -> None:
    again(refusals)


def test_tops() -> None:
    again(tops)


def test_lists() -> None:
    again(lists)


def test_sewn_tops() -> None:
    again(sewn_tops)


if __name__ == "__main__":
    keep_anew((tops, lists, sewn_tops, refusals, turnings))
