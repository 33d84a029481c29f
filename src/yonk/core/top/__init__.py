"""The quilt top made: its whole list on the cloth, and how it is sewn."""

from yonk.core.top.at_the_table import top_at_the_table
from yonk.core.top.backing import BackingWay, backing_size, batting_of, ways_to_back
from yonk.core.top.binding import BindingCut, bias_square
from yonk.core.top.diagram import Diagram, RowLabel, SeamDrawn, diagram_of
from yonk.core.top.evenings import blocks_of_top_left, tasks_of_top
from yonk.core.top.in_words import (
    backing_words,
    binding_words,
    joined_words,
    joins_words,
    pressed_words,
    top_words,
)
from yonk.core.top.join_places import JoinedLength, joins_at_seams
from yonk.core.top.joined import Joined, joined_lengths, lost_to, strips_for
from yonk.core.top.listing import CutsAround, TopCutting, cuts_around, whole_list
from yonk.core.top.progress import TopProgress, top_progress
from yonk.core.top.seams_beside import strips_beside
from yonk.core.top.steps import TopSewing, TopStep, TopStepKind, sew_top
from yonk.core.top.together import can_be_quartered
from yonk.core.top.trial import Judged, made_already
from yonk.core.top.ways_out import QuiltWayName, QuiltWayOut, quilt_ways_out, top_standing

__all__ = [
    "BackingWay",
    "BindingCut",
    "CutsAround",
    "Diagram",
    "Joined",
    "JoinedLength",
    "Judged",
    "QuiltWayName",
    "QuiltWayOut",
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
    "blocks_of_top_left",
    "can_be_quartered",
    "cuts_around",
    "diagram_of",
    "joined_lengths",
    "joined_words",
    "joins_at_seams",
    "joins_words",
    "lost_to",
    "made_already",
    "pressed_words",
    "quilt_ways_out",
    "sew_top",
    "strips_beside",
    "strips_for",
    "tasks_of_top",
    "top_at_the_table",
    "top_progress",
    "top_standing",
    "top_words",
    "ways_to_back",
    "whole_list",
]
