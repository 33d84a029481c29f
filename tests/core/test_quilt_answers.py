"""Quilts of every setting, and all that is told of them, are answered again as they once were."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from fractions import Fraction as F
from typing import Any

from tests.core.kept import again, keep_anew
from tests.core.test_setting import FULL, SAMPLES, quilt_of, sash
from yonk.core.setting import (
    Alternate,
    Backing,
    Binding,
    Border,
    Edge,
    Placed,
    Quilt,
    QuiltBlock,
    layout_of,
    places_of,
    plan_quilt,
    repeats_of,
    size_words,
    vanishing,
    ways_to_reach,
)
from yonk.core.top import (
    backing_words,
    binding_words,
    diagram_of,
    joined_words,
    pressed_words,
    progress_of,
    sew_top,
    top_words,
    whole_list,
)
from yonk.files.quilt_file import write_quilt
from yonk.files.quilt_plan_file import write_quilt_plan
from yonk.machine.quilt_samples import quilt_samples

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
        yield f"size of {name}", (size_words(plan.top, quilt), plan.area)
        yield f"notices of {name}", plan.notices
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
        yield f"rows of {name}", sewing.together.rows
        yield f"blocks of {name}", sewing.together.blocks
        yield f"pressing of {name}", pressed_words(sewing.pressing)
        yield f"diagram of {name}", diagram_of(sewing)
        half = {step.mark: step.total // 2 for step in sewing.steps}
        yield f"half of {name}", progress_of(sewing, half)


def test_tops() -> None:
    again(tops)


def test_lists() -> None:
    again(lists)


def test_sewn_tops() -> None:
    again(sewn_tops)


if __name__ == "__main__":
    keep_anew((tops, lists, sewn_tops))
