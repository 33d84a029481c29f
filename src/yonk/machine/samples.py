"""The sample blocks of the guild of Skerrow, drafted with the same acts that a quilter uses."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import replace
from fractions import Fraction
from typing import Literal

from yonk.core.acts import (
    Act,
    MatesName,
    PaintPatch,
    Proportions,
    Put,
    PutColouring,
    Rename,
    Resize,
    SetMaking,
    Sew,
    apply,
)
from yonk.core.drawing import Span
from yonk.core.paper import Draft, Fabric, LengthUnit, default_making, dyes, ruled_seams
from yonk.core.planning import make_plan
from yonk.core.pressing import sewing_plan, stacks_of, steps_of_sewing
from yonk.core.units import UnitKindName
from yonk.words import in_words

_FABRICS = (
    Fabric(key="peat", name="Peat", colour="#3b2a20", value="dark"),
    Fabric(key="fog", name="Fog", colour="#e7e6df", value="light"),
    Fabric(key="gorse", name="Gorse", colour="#d9a520", value="medium"),
    Fabric(key="rowan", name="Rowan", colour="#a3262a", value="dark"),
    Fabric(key="slate", name="Slate", colour="#4c5b66", value="dark"),
    Fabric(key="lichen", name="Lichen", colour="#a8b08a", value="medium", print="allover"),
    Fabric(key="bracken", name="Bracken", colour="#b5713a", value="medium", print="directional"),
)
SampleStep = tuple[Act, MatesName]
HST: UnitKindName = "half-square-triangle"


SHELF: tuple[tuple[str, str, tuple[tuple[str, str, int], ...]], ...] = (
    ("peat", "washed; a little darker than the rest", (("41/2", "35/2", 2),)),
    ("fog", "bought for the hut's throws", (("40", "36", 1), ("5", "5", 12))),
    ("gorse", "", (("41/2", "17/2", 1), ("10", "10", 4))),
    ("lichen", "offcuts of the first throw", (("22", "9", 1), ("40", "5/2", 6))),
    ("bracken", "one way up", (("41/2", "35/2", 1),)),
    ("rowan", "", (("40", "18", 1),)),
    ("slate", "for backs and borders", (("40", "108", 1),)),
)  # a fabric, a note, and pieces on hand: width, length, how many


_HUT_DARKS = "hut darks"
# Further cloths of the shelf, by their names in the row of dyes, and how they are printed.
_MORE = {
    "Tarn": "stripes",
    "Heather": "allover",
    "Moss": "solid",
    "Thrift": "allover",
    "Whey": "stripes",
}


def shelf_samples() -> Iterator[tuple[str, dict[str, object]]]:
    """The fabric shelf that a newcomer finds: each name with what is known of it."""
    known = {fabric.key: fabric for fabric in _FABRICS}
    for key, note, pieces in SHELF:
        fabric = known[key]
        rows = [
            {"width": width, "length": length, "count": count} for width, length, count in pieces
        ]
        yield (
            fabric.name,
            {
                "colour": fabric.colour,
                "value": fabric.value,
                "print": fabric.print,
                "fibre": "cotton",
                "note": note,
                "piles": [_HUT_DARKS] if fabric.value == "dark" else [],
                "unit": "in",
                # what the dyer takes for solids, and for what was printed as well
                "price": {"amount": "11" if fabric.print == "solid" else "27/2", "currency": "€"},
                "bought_at": "the dyer at the mill",
                "pieces": rows,
            },
        )
    for dye in dyes():
        if dye.name in _MORE:
            quarter = [{"width": "41/2", "length": "35/2", "count": 1}]
            yield (
                dye.name,
                {
                    "colour": dye.colour,
                    "value": dye.value,
                    "print": _MORE[dye.name],
                    "fibre": "cotton",
                    "note": "",
                    "piles": [_HUT_DARKS if dye.value == "dark" else "spring bundle"],
                    "unit": "in",
                    "pieces": quarter,
                },
            )


def sheet(
    name: str,
    size: str,
    columns: int,
    rows: int,
    unit: LengthUnit = "in",
    height: str | None = None,
) -> Draft:
    """A named block of plain patches on an even grid, of a finished size."""
    one = Fraction(1)
    plain = Draft(
        name="",
        unit=unit,
        width=one,
        height=one,
        columns=(one,) * columns,
        rows=(one,) * rows,
        seams=ruled_seams(columns, rows),
        fabrics=_FABRICS,
        making=default_making(unit),
    )
    return apply(apply(plain, Rename(name=name)), Resize(width=size, height=height or size))


def put(
    unit: UnitKindName,
    cell: tuple[int, int],
    fabrics: str,
    mates: MatesName = "none",
    turn: int = 0,
    span: tuple[int, int] = (1, 1),
) -> SampleStep:
    """Put a unit with its top left in a (column, row), in fabrics named in a row."""
    return Put(cell=Span(*cell, *span), unit=unit, fabrics=tuple(fabrics.split()), turn=turn), mates


def sew(points: str, mates: MatesName = "none") -> SampleStep:
    """Draw a seam ``x y x y``."""
    ax, ay, bx, by = points.split()
    return Sew(start=(ax, ay), end=(bx, by)), mates


def drafted(draft: Draft, steps: Sequence[SampleStep], **making: int | str) -> Draft:
    """The draft after the steps, with how it is made."""
    for act, mates in steps:
        draft = apply(draft, act, mates)
    settings = {name: str(text) for name, text in making.items() if name != "blocks"}
    return apply(
        draft, SetMaking(blocks=int(making.get("blocks", draft.making.blocks)), settings=settings)
    )


def plain(columns: int, rows: int, pattern: str) -> list[SampleStep]:
    """Plain patches, a letter each: p(eat) f(og) g(orse) r(owan) s(late) l(ichen) b(racken); a dot
    leaves a cell as it is.
    """
    names = {fabric.key[0]: fabric.key for fabric in _FABRICS}
    cells = pattern.replace(" ", "")
    return [
        put("patch", (place % columns, place // columns), names[mark])
        for place, mark in enumerate(cells[: columns * rows])
        if mark != "."
    ]


def unruled(draft: Draft) -> Draft:
    """The draft without its ruled seams: one large patch."""
    return replace(draft, seams=())


def painted(points: str) -> list[SampleStep]:
    """Patches in fabrics, as ``x y fabric`` separated by commas."""
    rows = [one.split() for one in points.split(",")]
    return [(PaintPatch(at=(x, y), fabric=fabric), "none") for x, y, fabric in rows]


def sewing_samples() -> Iterator[Draft]:
    """What can happen in sewing: a group that needs two lots, a set-in corner, a spun middle."""
    yield drafted(
        unruled(sheet("Clint", "6", 2, 4, height="12")),
        [
            *(sew(points) for points in ("0 2 2 2", "0 1 1 2", "0 3 1 2")),
            *painted("1/4 7/4 slate, 1 1/2 fog, 1/4 9/4 slate, 1 7/2 fog"),
        ],
        blocks=10,
    )
    yield drafted(
        unruled(sheet("Bothy Sill", "9", 3, 3)),
        [
            *(sew(points) for points in ("2 0 2 2", "0 2 2 2", "2 2 3 3")),
            *painted("1 1 lichen, 5/2 1 fog, 1 5/2 peat"),
        ],
        blocks=6,
    )
    yield drafted(
        sheet("Eddy", "8", 2, 2),
        [put(HST, (0, 0), "slate fog", "quarter-turns", turn=1)],
        blocks=8,
        pressing="spin",
    )


def all_samples() -> Iterator[Draft]:
    """The shelf that a newcomer finds, the last one on top."""
    yield from sewing_samples()
    yield drafted(
        sheet("Bracken Rails", "15", 1, 3, "cm"),
        plain(1, 3, "b f s"),
        blocks=16,
    )
    yield drafted(
        sheet("Scree", "12", 4, 4),
        [
            put(HST, (column, row), f"{dark} {light}", turn=(column + row) % 2)
            for row in range(4)
            for column in range(4)
            for dark, light in [
                (
                    ("peat", "rowan", "slate")[(column * 2 + row) % 3],
                    ("fog", "gorse", "lichen")[(row * 2 + column) % 3],
                )
            ]
        ],
    )
    yield drafted(
        sheet("Peg", "9", 3, 3),
        [
            *plain(3, 3, "fsf sgs fsf"),
            sew("4/3 1 1 4/3", "quarter-turns"),
            (PaintPatch(at=("13/12", "13/12"), fabric="peat"), "quarter-turns"),
        ],
        blocks=6,
    )
    yield drafted(
        sheet("Stile", "7 1/2", 4, 4),
        [*plain(4, 4, "sfsf fsfs sfsf fsfs")],
        blocks=4,
    )
    yield drafted(
        sheet("Heron Reach", "16", 2, 4),
        [
            put("flying-geese", (column, row), "rowan fog" if column == 0 else "slate fog")
            for row in range(4)
            for column in range(2)
        ],
        blocks=4,
    )
    yield drafted(
        sheet("Gale Lantern", "15", 5, 5),
        [
            *plain(5, 5, "..l.. ..l.. llgll ..l.. ..l.."),
            put("split-quarter-square", (0, 0), "peat fog gorse", "quarter-turns"),
            put("split-quarter-square", (1, 0), "peat fog rowan", "quarter-turns"),
            put("split-quarter-square", (0, 1), "slate fog rowan", "quarter-turns"),
            put("quarter-square-triangle", (1, 1), "slate fog", "quarter-turns"),
        ],
        blocks=4,
    )
    yield drafted(
        sheet("Hut Window", "8", 2, 2),
        [
            put("square-in-a-square", (0, 0), "rowan fog", span=(2, 2)),
            sew("1/2 1/2 3/2 1/2", "quarter-turns"),
            (PaintPatch(at=("1", "1"), fabric="gorse"), "none"),
            (
                PutColouring(name="Dusk", blocks=3, fabrics={"rowan": "slate", "gorse": "lichen"}),
                "none",
            ),
        ],
        blocks=9,
    )
    yield drafted(
        sheet("Cairn Path", "10", 5, 5),
        [
            *plain(5, 5, ".flf. flflf lflfl flflf .flf."),
            put("quarter-square-triangle", (0, 0), "slate fog", "quarter-turns"),
        ],
        blocks=8,
    )
    gate = drafted(
        sheet("Weir Gate", "9", 3, 3),
        [*plain(3, 3, ".f. fgf .f."), put(HST, (0, 0), "peat fog", "quarter-turns")],
        blocks=12,
    )
    uneven = apply(
        replace(gate, name="Weir Gate, wide middle"),
        Proportions(axis="columns", parts=("1", "2", "1")),
    )
    yield apply(
        apply(uneven, Proportions(axis="rows", parts=("1", "2", "1"))),
        Resize(width="12", height="12"),
    )
    yield gate


SEWN: dict[str, tuple[int, ...]] = {"Weir Gate": (48, 12, 5), "Scree": (1,)}  # of its first steps


def sewn_samples(draft: Draft) -> Iterator[tuple[Literal["made", "joined"], str, int, bool, str]]:
    """What is sewn of a sample: whether units are made or seams sewn, the mark of them, that so
    many are, in the words of the step.
    """
    if draft.name not in SEWN:
        return
    plan = sewing_plan(draft)
    recipes = {recipe.group.label: recipe for recipe in make_plan(draft).recipes}
    steps = steps_of_sewing(plan, recipes, stacks_of(plan.reading), draft.making.blocks)
    for step, done in zip(steps, SEWN[draft.name], strict=False):
        words = in_words(step.words)
        yield (
            ("made", step.unit, done, True, words)
            if step.unit
            else (
                "joined",
                step.mark,
                done,
                True,
                words,
            )
        )
