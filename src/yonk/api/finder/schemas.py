"""What goes over the wire of the questions outside a block."""

from __future__ import annotations

from collections.abc import Sequence
from typing import Annotated

from pydantic import Field

from yonk.api.wire import Model, PartOut, Said
from yonk.core.paper import COUNTS, LengthUnit
from yonk.core.units import MethodName, UnitKindName


class SettingsIn(Model):
    """What the quilter works with, as typed; what is left out is the usual of the unit."""

    unit: LengthUnit = "in"
    seam: str | None = None
    ruler_step: str | None = None
    trim_margin: str | None = None


class OnHandIn(Model):
    """Pieces on hand: their size as typed, how many, of how many fabrics."""

    settings: SettingsIn = SettingsIn()
    width: str
    height: str | None = None
    count: Annotated[int, Field(ge=1, le=COUNTS["pieces_on_hand"][1])] = 1
    fabrics: Annotated[int, Field(ge=1, le=COUNTS["pieces_on_hand"][1])] = 2


class PossibleOut(Model):
    """What the pieces can become."""

    kind: UnitKindName
    kind_words: Said
    method: MethodName
    method_words: Said
    picture: list[PartOut]
    width: float
    height: float
    finished: Said
    makes: int
    pieces: int
    cut: Said
    trim: Said


class AskedOut(Model):
    """A piece that a method cuts; `given` is as typed, `right` what we would cut, with its
    working.
    """

    role: Said
    given: str
    right: Said
    what: str
    further: Said
    working: Sequence[Said]


class ToldIn(Model):
    """A finished size, a kind and method, and the cuts that someone tells, by the number of the
    piece.
    """

    settings: SettingsIn = SettingsIn()
    kind: UnitKindName
    method: MethodName
    width: str
    height: str | None = None
    given: Annotated[
        dict[int, Annotated[str, Field(max_length=200)]], Field(default_factory=dict, max_length=40)
    ]


class VerdictOut(Model):
    """What comes of the cuts told: in a sentence, where any is told, and piece by piece what is
    right.
    """

    right: bool
    verdict: Said
    unfinished: Said
    pieces: list[AskedOut]


class TradeWordOut(Model):
    """A word of the trade and what it means."""

    key: str
    word: Said
    meaning: Said


class SizesToldOut(Model):
    """An example of the three sizes: in words, and as lengths to draw to scale."""

    kind: Said
    unit: LengthUnit
    seam: Said
    margin: Said
    finished: Said
    unfinished: Said
    true_cut: Said
    cut: Said
    sides: dict[str, float]


class WordsOut(Model):
    """The words of the trade, and the three sizes by an example in each unit."""

    words: list[TradeWordOut]
    examples: list[SizesToldOut]


class CutChartIn(Model):
    """A kind, a method and the finished widths a chart runs over, as typed."""

    settings: SettingsIn = SettingsIn()
    kind: UnitKindName
    method: MethodName
    start: str
    end: str
    step: str


class CutChartRowOut(Model):
    """One line of a chart."""

    finished: Said
    unfinished: Said
    cuts: Sequence[Said]


class CutChartOut(Model):
    """A chart of cut sizes with the settings it holds for."""

    title: Said
    settings: Said
    columns: Sequence[Said]
    rows: list[CutChartRowOut]


class KindOut(Model):
    """A kind of unit that can be asked for outside a block, with its methods."""

    kind: UnitKindName
    words: Said
    picture: list[PartOut]
    width: float
    height: float
    two_sizes: bool
    methods: list[KindMethodOut]


class KindMethodOut(Model):
    """A method of a kind."""

    name: MethodName
    words: Said


KindOut.model_rebuild()
