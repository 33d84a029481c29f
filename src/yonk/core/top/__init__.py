"""The quilt top made: its whole list on the cloth, and how it is sewn."""

from yonk.core.top.backing import BackingWay, backing_size, batting_of, ways_to_back
from yonk.core.top.binding import BindingCut, bias_square
from yonk.core.top.diagram import Diagram, RowLabel, SeamDrawn, diagram_of
from yonk.core.top.in_words import (
    backing_words,
    binding_words,
    joined_words,
    joins_words,
    pressed_words,
    top_words,
)
from yonk.core.top.joined import Joined, joined_lengths, lost_to, strips_for
from yonk.core.top.listing import TopCutting, whole_list
from yonk.core.top.progress import TopProgress, top_progress
from yonk.core.top.steps import TopSewing, TopStep, TopStepKind, sew_top
from yonk.core.top.together import can_be_quartered
from yonk.core.top.trial import Judged, made_already

__all__ = [
    "BackingWay",
    "BindingCut",
    "Diagram",
    "Joined",
    "Judged",
    "RowLabel",
    "SeamDrawn",
    "TopCutting",
    "TopProgress",
    "TopSewing",
    "TopStep",
    "TopStepKind",
    "backing_size",
    "backing_words",
    "batting_of",
    "bias_square",
    "binding_words",
    "can_be_quartered",
    "diagram_of",
    "joined_lengths",
    "joined_words",
    "joins_words",
    "lost_to",
    "made_already",
    "pressed_words",
    "sew_top",
    "strips_for",
    "top_progress",
    "top_words",
    "ways_to_back",
    "whole_list",
]
