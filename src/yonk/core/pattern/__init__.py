"""A pattern's list of pieces: each number checked, what the pieces make, the block they fill."""

from yonk.core.pattern.listed_piece import ListedPiece, read_list
from yonk.core.pattern.solution import Made, Solution
from yonk.core.pattern.verdict import LineVerdict, LineWord, PatternVerdict, judge_list

__all__ = [
    "LineVerdict",
    "LineWord",
    "ListedPiece",
    "Made",
    "PatternVerdict",
    "Solution",
    "judge_list",
    "read_list",
]
