"""Sample quilts: a throw for the hut, one on point with plain squares between, a sampler."""

from __future__ import annotations

from collections.abc import Iterator, Mapping
from fractions import Fraction

from yonk.core.paper import USUAL
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
    Setting,
    TurnAll,
    apply_to_quilt,
)
from yonk.machine.samples import all_samples


def quilt_samples(ids: Mapping[str, str]) -> Iterator[Quilt]:
    """The shelf of quilts that a newcomer finds; `ids` tells which block a name is."""
    drafts = {draft.name: draft for draft in all_samples()}

    def block(name: str) -> QuiltBlock:
        key = name.lower().replace(" ", "-")
        return QuiltBlock(key=key, draft=drafts[name], origin=ids.get(name, ""), revision=1)

    def quilt(
        name: str, blocks: tuple[QuiltBlock, ...], setting: Setting, *round_it: Border
    ) -> Quilt:
        return Quilt(
            name=name,
            unit="in",
            blocks=blocks,
            setting=setting,
            borders=round_it,
            backing=Backing(fabric="slate", overhang=Fraction(4)),
            binding=Binding(fabric="peat", width=Fraction(5, 2)),
            making=USUAL["in"].settings,
        )

    sampled = tuple(map(block, ("Weir Gate", "Cairn Path", "Hut Window", "Stile")))
    yield quilt(
        "Moor sampler",
        sampled,
        Setting(
            columns=3,
            rows=3,
            fill=Placed(block="weir-gate"),
            places={
                (place // 3, place % 3): Placed(block=sampled[place % 4].key)
                for place in range(9)
                if place % 4
            },
            module=Fraction(12),
            frame="lichen",
            sashing=Sashing(width=Fraction(3, 2), fabric="slate", cornerstones="gorse"),
        ),
        Border(width=Fraction(3), fabric="slate"),
    )
    yield quilt(
        "Ridge on point",
        (block("Hut Window"),),
        Setting(
            kind="on-point",
            columns=4,
            rows=5,
            fill=Placed(block="hut-window"),
            alternate=Alternate(fabric="lichen"),
            edge=Edge(fabric="lichen"),
        ),
        Border(width=Fraction(1), fabric="rowan"),
        Border(width=Fraction(4), fabric="slate", corner="mitred"),
    )
    throw = quilt(
        "Hut throw",
        (block("Weir Gate"),),
        Setting(
            columns=4,
            rows=5,
            fill=Placed(block="weir-gate"),
            sashing=Sashing(width=Fraction(3, 2), fabric="slate", cornerstones="fog", outer=True),
        ),
        Border(width=Fraction(4), fabric="peat"),
    )
    yield apply_to_quilt(throw, TurnAll(turning="every-other"))
