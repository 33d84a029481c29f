"""What a block measures: foretold, and why it came out otherwise."""

from yonk.core.measuring.errors import Errors, first_guess
from yonk.core.measuring.foretold import Checkpoint, Foretold, Mismatch, Range, foretell

__all__ = [
    "Checkpoint",
    "Errors",
    "Foretold",
    "Mismatch",
    "Range",
    "first_guess",
    "foretell",
]
