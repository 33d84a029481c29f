"""What a block measures: foretold, and why it came out otherwise."""

from yonk.core.measuring.diagnosis import Diagnosis, Found, Verdict, diagnose
from yonk.core.measuring.errors import Errors, first_guess
from yonk.core.measuring.foretold import Checkpoint, Foretold, Mismatch, Range, foretell
from yonk.core.measuring.places import measurables

__all__ = [
    "Checkpoint",
    "Diagnosis",
    "Errors",
    "Foretold",
    "Found",
    "Mismatch",
    "Range",
    "Verdict",
    "diagnose",
    "first_guess",
    "foretell",
    "measurables",
]
