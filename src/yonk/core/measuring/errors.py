"""How exactly somebody cuts, sews and trims: the spreads that everything measured follows from."""

from __future__ import annotations

from dataclasses import dataclass
from fractions import Fraction

from yonk.core.paper import LengthUnit

# about a thread of cloth, until she has measured
_GUESS = {"in": Fraction(1, 64), "cm": Fraction(1, 25)}
_TOLERANCE = {"in": Fraction(1, 8), "cm": Fraction(3, 10)}  # what can be eased in without a pucker
READING = {"in": Fraction(1, 32), "cm": Fraction(1, 16)}  # how exactly a size is read off
LEAST_SHARE = Fraction(1, 4)  # of a block's tolerance, that its smallest part may be off


@dataclass(frozen=True, kw_only=True)
class Errors:
    """Standard deviations and constant errors, in the draft's unit.

    `cut_spread` is that of a piece's width or height, `seam_error` how much more a seam takes up
    than it should (from each of its two pieces), `seam_spread` its spread from seam to seam,
    `trim_spread` that of a trimmed unit's width or height. `tolerance` is how far off is still
    good.
    """

    cut_spread: Fraction
    seam_error: Fraction
    seam_spread: Fraction
    trim_spread: Fraction
    tolerance: Fraction

    def of_a_part(self, share: Fraction) -> Fraction:
        """How far off a part is still good, by its share of the block's side: as several lie side
        by side, they have less; but not less than a quarter.
        """
        return self.tolerance * max(LEAST_SHARE, min(share, Fraction(1)))


def first_guess(unit: LengthUnit) -> Errors:
    """What is assumed of somebody of whom nothing was measured: a sixty-fourth of an inch, or
    0.04 cm, everywhere, and no constant error; an eighth, or 0.3 cm, is good.

    Source: first guesses, as such they are told.
    """
    guess = _GUESS[unit]
    return Errors(
        cut_spread=guess,
        seam_error=Fraction(0),
        seam_spread=guess,
        trim_spread=guess,
        tolerance=_TOLERANCE[unit],
    )
