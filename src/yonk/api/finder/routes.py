"""Routes of the questions outside a block."""

from __future__ import annotations

from fractions import Fraction

from fastapi import APIRouter, Response

from yonk.api.finder.schemas import (
    CutChartIn,
    CutChartOut,
    KindOut,
    OnHandIn,
    PossibleOut,
    ToldIn,
    VerdictOut,
    WordsOut,
)
from yonk.api.finder.terms import terms_as_typed
from yonk.api.finder.view import (
    cut_chart_view,
    kind_view,
    possible_view,
    verdict_view,
    words_view,
)
from yonk.api.wire import CSV, ERRORS
from yonk.core.finder import (
    OnHand,
    check,
    cut_chart,
    kinds_asked,
    method_of,
    pieces_of_method,
    sizes_told,
    what_can_i_make,
)
from yonk.core.paper import (
    TRADE_WORDS,
    USUAL,
    Capital,
    DraftError,
    LengthUnit,
    listed,
    message,
    typed_length,
)
from yonk.core.planning import width_range
from yonk.core.units import BY_NAME
from yonk.files.chart_csv import write_chart_csv
from yonk.files.download import attachment
from yonk.words import in_words

router = APIRouter(prefix="/api")


@router.get("/finder/kinds", response_model=list[KindOut])
def kinds() -> list[KindOut]:
    """The kinds of unit that can be asked for, with their methods."""
    return [kind_view(kind) for kind in kinds_asked()]


@router.get("/words", response_model=WordsOut)
def words() -> WordsOut:
    """The words of the trade, and the three sizes by an example."""
    return words_view(TRADE_WORDS, (sizes_told(unit) for unit in USUAL))


@router.post("/finder/on-hand", response_model=list[PossibleOut], responses=ERRORS)
def on_hand(asked: OnHandIn) -> list[PossibleOut]:
    """What squares or rectangles on hand can become."""
    unit = asked.settings.unit
    width = typed_length(asked.width, "width", "cloth", unit)
    height = typed_length(asked.height, "height", "cloth", unit) if asked.height else width
    have, terms = OnHand(width, height, asked.count, asked.fabrics), terms_as_typed(asked.settings)
    return possible_view(what_can_i_make(have, terms), have, terms)


@router.post("/finder/check", response_model=VerdictOut, responses=ERRORS)
def check_number(asked: ToldIn) -> VerdictOut:
    """Whether the cuts that someone tells are right."""
    terms, unit = terms_as_typed(asked.settings), asked.settings.unit
    width = typed_length(asked.width, "width", "finished", unit)
    height = typed_length(asked.height, "height", "finished", unit) if asked.height else None
    _, _, pieces = pieces_of_method(asked.kind, asked.method, width, height, terms)
    given: dict[int, tuple[Fraction, Fraction]] = {}
    for number, text in asked.given.items():
        if not text.strip():
            continue
        if number >= len(pieces):
            raise DraftError(f"given.{number}", message("is-no-piece-of-this-unit"))
        given[number] = _both(
            text, f"given.{number}", unit, square=pieces[number].need.shape == "square"
        )
    return verdict_view(
        check(asked.kind, asked.method, width, height, given, terms), asked.given, terms
    )


@router.post("/finder/chart", response_model=CutChartOut, responses=ERRORS)
def chart(asked: CutChartIn) -> CutChartOut:
    """A chart of cut sizes."""
    return _chart(asked)


@router.post("/finder/chart.csv", response_class=Response, responses=ERRORS)
def chart_csv(asked: CutChartIn) -> Response:
    """A chart of cut sizes as CSV."""
    found = _chart(asked)
    rows = [(row.finished, row.unfinished, *row.cuts) for row in found.rows]
    title = in_words(found.title)
    text = write_chart_csv(title, found.settings, found.columns, rows)
    return Response(text, media_type=CSV, headers=attachment(f"{title}.csv"))


def _chart(asked: CutChartIn) -> CutChartOut:
    terms = terms_as_typed(asked.settings)
    lines = cut_chart(
        asked.kind, asked.method, width_range(asked.start, asked.end, asked.step, terms.unit), terms
    )
    words = BY_NAME[asked.kind].words, method_of(asked.kind, asked.method).words
    return cut_chart_view(lines, Capital(listed(words, "comma")), terms)


def _both(text: str, place: str, unit: LengthUnit, *, square: bool) -> tuple[Fraction, Fraction]:
    """A size as typed: one length for a square, two with an x between them for a rectangle, the
    longer first.
    """
    parts = [
        typed_length(part, place, "cloth", unit)
        for part in text.lower().replace("×", "x").split("x")[:3]
    ]
    if len(parts) == 1 and square:
        return parts[0], parts[0]
    if len(parts) != 2:
        raise DraftError(place, message("size-cannot-be-read"))
    return max(parts), min(parts)
