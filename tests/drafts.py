"""Drafts for the tests: by hand and by chance."""

from __future__ import annotations

from dataclasses import replace
from fractions import Fraction as F
from typing import Any

from hypothesis import strategies as st

from yonk.core.acts import Put, apply
from yonk.core.drawing import Span, draw, grid_point_inside
from yonk.core.paper import (
    USUAL,
    Draft,
    Fabric,
    LengthUnit,
    Making,
    Paint,
    Point,
    Seam,
    ruled_seams,
)
from yonk.core.units import KINDS, Terms

FABRICS = tuple(
    Fabric(key=key, name=key.title(), colour=colour, value=value)  # type: ignore[arg-type]
    for key, colour, value in (
        ("peat", "#3b2a20", "dark"),
        ("fog", "#e7e6df", "light"),
        ("gorse", "#d9a520", "medium"),
        ("rowan", "#a3262a", "dark"),
    )
)
KEYS = tuple(fabric.key for fabric in FABRICS)


def point(text: str) -> Point:
    x, y = text.split()
    return F(x), F(y)


def seams(text: str) -> tuple[Seam, ...]:
    """Seams as ``x y x y`` separated by commas."""
    rows = [[F(part) for part in seam.split()] for seam in text.split(",") if seam.strip()]
    return tuple(((ax, ay), (bx, by)) for ax, ay, bx, by in rows)


def paints(text: str) -> tuple[Paint, ...]:
    """Paints as ``x y fabric`` separated by commas."""
    rows = [paint.split() for paint in text.split(",") if paint.strip()]
    return tuple(Paint((F(x), F(y)), fabric) for x, y, fabric in rows)


def block(
    drawn: str = "",
    painted: str = "",
    *,
    size: str = "6 6",
    grid: tuple[int, int] = (1, 1),
    trim: str = "0",
    blocks: int = 1,
    methods: dict[str, str] | None = None,
    **making: Any,
) -> Draft:
    """A block with a finished size, an even grid, seams and paints."""
    width, height = point(size)
    return Draft(
        name="Trial",
        unit="in",
        width=width,
        height=height,
        columns=(F(1),) * grid[0],
        rows=(F(1),) * grid[1],
        seams=seams(drawn),
        fabrics=FABRICS,
        paints=paints(painted),
        making=Making(blocks=blocks, trim_margin=F(trim), methods=methods or {}, **making),
    )


def terms(
    seam: str | F = "1/4",
    step: str | F = "1/8",
    trim: str | F = "0",
    unit: LengthUnit = "in",
    **more: Any,
) -> Terms:
    """What a quilter works with, by what is usual in her unit."""
    told: dict[str, Any] = {"seam": F(seam), "ruler_step": F(step), "trim_margin": F(trim)}
    return Terms(replace(USUAL[unit].settings, **told, **more), unit)


def even(columns: int, rows: int, size: str = "9 9") -> Draft:
    """Plain patches without a fabric."""
    return replace(block(size=size, grid=(columns, rows)), seams=ruled_seams(columns, rows))


def turned(draft: Draft) -> Draft:
    """The whole block turned a quarter clockwise."""
    rows = F(len(draft.rows))
    return _moved(
        draft,
        lambda p: (rows - p[1], p[0]),
        draft.rows[::-1],
        draft.columns,
        draft.height,
        draft.width,
    )


def mirrored(draft: Draft) -> Draft:
    """The whole block as a mirror shows it."""
    columns = F(len(draft.columns))
    return _moved(
        draft,
        lambda p: (columns - p[0], p[1]),
        draft.columns[::-1],
        draft.rows,
        draft.width,
        draft.height,
    )


def _moved(draft, move, columns, rows, width, height) -> Draft:  # type: ignore[no-untyped-def]
    return replace(
        draft,
        columns=columns,
        rows=rows,
        width=width,
        height=height,
        seams=tuple((move(a), move(b)) for a, b in draft.seams),
        paints=tuple(Paint(move(paint.at), paint.fabric) for paint in draft.paints),
    )


proportions = st.sampled_from([F(1), F(1), F(2), F(1, 2), F(3)])
sizes = st.builds(F, st.integers(8, 160), st.sampled_from([1, 2, 4, 8, 3]))
fabric_keys = st.sampled_from(KEYS)


@st.composite
def stamped(draw_from: st.DrawFn) -> Draft:
    """A block of units put into cells here and there."""
    columns, rows = draw_from(st.integers(1, 4)), draw_from(st.integers(1, 4))
    draft = even(columns, rows, f"{3 * columns} {3 * rows}")
    for _ in range(draw_from(st.integers(0, 5))):
        column, row = draw_from(st.integers(0, columns - 1)), draw_from(st.integers(0, rows - 1))
        span = Span(
            column,
            row,
            draw_from(st.integers(1, columns - column)),
            draw_from(st.integers(1, rows - row)),
        )
        act = Put(
            cell=span,
            unit=draw_from(st.sampled_from(KINDS)).kind,
            turn=draw_from(st.integers(0, 3)),
            flip=draw_from(st.booleans()),
            fabrics=tuple(draw_from(st.lists(fabric_keys, min_size=3, max_size=3))),
        )
        draft = apply(draft, act)
    return draft


@st.composite
def scribbled(draw_from: st.DrawFn) -> Draft:
    """A block of any proportions with seams drawn anywhere, some patches painted."""
    columns = tuple(draw_from(st.lists(proportions, min_size=1, max_size=4)))
    rows = tuple(draw_from(st.lists(proportions, min_size=1, max_size=4)))

    def spot() -> Point:
        under = draw_from(st.sampled_from([1, 1, 2, 3, 4]))
        return (
            F(draw_from(st.integers(0, len(columns) * under)), under),
            F(draw_from(st.integers(0, len(rows) * under)), under),
        )

    drawn = [(spot(), spot()) for _ in range(draw_from(st.integers(0, 9)))]
    draft = replace(
        block(),
        columns=columns,
        rows=rows,
        width=draw_from(sizes),
        height=draw_from(sizes),
        seams=tuple(seam for seam in drawn if seam[0] != seam[1]),
    )
    drawing = draw(draft)
    painted = tuple(
        Paint(grid_point_inside(drawing, face), draw_from(fabric_keys))
        for face in drawing.faces
        if draw_from(st.booleans())
    )
    return replace(draft, paints=painted)


drafts = st.one_of(stamped(), scribbled())
