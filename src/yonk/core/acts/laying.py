"""Laying a motif into cells, and lifting one from them."""

from __future__ import annotations

from yonk.core.acts.carrying import carried
from yonk.core.acts.checks import grid_size
from yonk.core.acts.mates import Mate, MatesName, mates_of
from yonk.core.drawing import Motif, Span, draw, face_fabrics, lay, lift
from yonk.core.paper import Draft, Paint


def lay_at_mates(draft: Draft, span: Span, motif: Motif, mates: MatesName) -> Draft:
    """Lay a motif into a span and its mates; where two mates are one span, the first counts."""
    now, brought = draft, list[Paint]()
    for place, mate in spans_at_mates(draft, span, mates):
        now, paints = lay(now, place, mate.motif(motif))
        brought += paints
    return carried(now, brought, draft)


def spans_at_mates(draft: Draft, span: Span, mates: MatesName) -> list[tuple[Span, Mate]]:
    """A span and its mates, each with how it is mapped there; of those that overlap the first
    counts. Raises `DraftError` where the span is outside the grid.
    """
    span.check(draft)
    taken: list[tuple[Span, Mate]] = []
    for mate in mates_of(draft, mates):
        place = mate.span(span, grid_size(draft))
        if not any(place.overlaps(other) for other, _ in taken):
            taken.append((place, mate))
    return taken


def lifted(draft: Draft, span: Span) -> Motif:
    """What a span of cells holds, to be laid elsewhere. Raises `DraftError` where it is outside the
    grid.
    """
    span.check(draft)
    drawing = draw(draft)
    return lift(draft, drawing, face_fabrics(draft, drawing)[0], span)
